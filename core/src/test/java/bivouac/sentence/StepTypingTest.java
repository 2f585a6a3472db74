package bivouac.sentence;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.MessageBox;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.format.DesignFile;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StepTypingTest {

    private static final ScriptPlace PRESSED = new ScriptPlace.AtPart("Desk", "go");

    private static Design empty() {
        return Play.withMain(
                        Play.main("Desk", Play.button("go"), bivouac.design.Part.Caption.of("shown", "")),
                        Play.dialog("Arrival form"),
                        Play.child("Plan"))
                .design();
    }

    private static Typed.Done type(Design design, StepPath at, String line) {
        Typed typed = new StepTyping(design, PRESSED, at, false).read(line);
        assertThat(typed).as(line).isInstanceOf(Typed.Done.class);
        return (Typed.Done) typed;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "open Arrival form and wait, for the application",
                "open Arrival form and wait, for its owner as arrival handing bunk ← max(1, 2), name ← \"a, b\"",
                "open Plan alongside",
                "open Plan in place",
                "close with ok giving guest ← me.shown",
                "close Plan with closed",
                "close owner",
                "stay open",
                "set me.shown ← \"to be = or ← not\"",
                "if app.today == date(\"2026-01-01\")",
                "end the application code 3 saying `No radio.`",
                "note `{me.shown} kept`",
                "run fetch in the background as got handing at ← \"/a\"",
                "run fetch in the background, may be stopped",
                "run fetch",
                "stop task fetch",
                "hide Plan",
                "set shown of every Plan ← \"\"",
                "set shown.enabled of Plan for me.shown ← false",
                "show owner",
                "bring to front Plan",
                "not there yet",
                "add row to me.sheep with name ← me.shown, lambs ← 2",
                "remove row of me.sheep",
                "remove row of me.sheep unasked",
                "change row of me.sheep with lambs ← me.sheep.selected.lambs + 1",
                "keep the row",
                "let total be app.a + 2",
                "repeat",
                "again",
                "save kept values",
                "load kept values",
                "take register lock",
                "give back register lock",
            })
    void a_sentence_reads_as_it_was_typed(String line) {
        var done = type(empty(), StepPath.of(0), line);
        assertThat(Sentences.line(PRESSED.in(done.design()).steps().getFirst())).isEqualTo(line);
    }

    @Test
    void take_new_makes_the_holding_and_when_adds_what_happens_where_it_could_not_be() {
        var done = type(empty(), StepPath.of(0), "take new weather radio");
        assertThat(done.design().application().holdings()).containsExactly(Holding.of("weather radio"));
        var failing = done.design()
                .with(done.design()
                        .application()
                        .withHoldings(List.of(Holding.of("weather radio").failing())));
        var when = type(failing, StepPath.of(1), "when could not");
        var step = (Step.TakeHolding) PRESSED.in(when.design()).steps().getFirst();
        assertThat(step.branches()).extracting(Step.Branch::ending).containsExactly("could not");
        var again = new StepTyping(when.design(), PRESSED, StepPath.of(0), true).read("take weather radio");
        assertThat(((Step.TakeHolding) PRESSED.in(((Typed.Done) again).design())
                                .steps()
                                .getFirst())
                        .branches())
                .as("typing the step anew keeps its branch")
                .hasSize(1);
        assertThat(new StepTyping(empty(), PRESSED, StepPath.of(0), false).read("take new"))
                .isEqualTo(new Typed.Unfinished("Name what is taken: take new register lock."));
    }

    @Test
    void holdings_are_offered_where_one_is_taken_or_given_back() {
        var design = empty();
        var program = Program.of(design.with(
                design.application().withHoldings(List.of(Holding.of("weather radio"), Holding.of("register lock")))));
        assertThat(Completion.offers(program, PRESSED, StepPath.of(0), "take r"))
                .extracting(Completion.Offer::shown)
                .contains("weather radio", "register lock");
        assertThat(Completion.offers(program, PRESSED, StepPath.of(0), "give back lo"))
                .extracting(Completion.Offer::shown)
                .containsExactly("register lock");
    }

    @Test
    void enable_and_disable_are_short_for_setting() {
        var done = type(empty(), StepPath.of(0), "disable shown");
        assertThat(Sentences.line(PRESSED.in(done.design()).steps().getFirst()))
                .isEqualTo("set me.shown.enabled ← false");
    }

    @ParameterizedTest
    @ValueSource(strings = {"ridge-hut", "ferry-bell", "lamp-log"})
    void every_step_of_the_examples_reads_back_to_itself(String example) throws Exception {
        Design hut = DesignFile.read(Path.of("../examples/" + example + ".bivouac"));
        hut.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    var typed = new StepTyping(hut, place, path, true).read(Sentences.line(step));
                    assertThat(typed).isInstanceOfSatisfying(Typed.Done.class, d -> assertThat(d.design())
                            .as(Sentences.line(step))
                            .isEqualTo(hut));
                }));
    }

    @Test
    void a_message_in_one_sentence_makes_its_box_and_opens_it_waiting() {
        var done = type(empty(), StepPath.of(0), "message `Not saved.` titled `Register`");
        var box = (MessageBox) done.design().window("Not saved").orElseThrow();
        assertThat(box.title()).isEqualTo("Register");
        assertThat(box.text()).isEqualTo("Not saved.");
        assertThat(Findings.of(Program.of(done.design())))
                .noneMatch(f -> f.what().contains("Not saved"));
        new Play(done.design()).does("press \"go\" of \"Desk\"").sees("opens Not saved, waits: “Not saved.”");
    }

    @Test
    void what_a_message_reads_of_its_window_is_handed_over() {
        var done = type(empty(), StepPath.of(0), "message `{me.shown}{date('2026-01-02')} and {app.today}`");
        var play = new Play(done.design()).does("press \"go\" of \"Desk\"").hasNoFault();
        assertThat(play.seen()).singleElement().asString().endsWith("“2026-01-02 and 2026-11-23”");
    }

    @Test
    void ask_makes_its_branches_and_typing_goes_on_in_the_first() {
        var done = type(empty(), StepPath.of(0), "ask `Check out?` with Check out, Keep");
        assertThat(done.next()).isEqualTo(StepPath.of(0, 0, 0));
        var more = type(done.design(), done.next(), "note `out`");
        new Play(more.design())
                .does("press \"go\" of \"Desk\"")
                .does("answer \"check out\" of \"Check out\"")
                .sees("Check out ends check out", "notes “out”");
    }

    @Test
    void else_and_when_go_to_the_step_before() {
        var one = type(empty(), StepPath.of(0), "if true");
        assertThat(one.next()).isEqualTo(StepPath.of(0, 0, 0));
        var two = type(one.design(), StepPath.of(1), "else if false");
        var three = type(two.design(), StepPath.of(1), "else");
        assertThat(three.next()).isEqualTo(StepPath.of(0, 2, 0));
        var open = type(three.design(), StepPath.of(1), "open Arrival form");
        var when = type(open.design(), open.next(), "when cancelled nothing");
        assertThat(((Step.Open) PRESSED.in(when.design()).steps().get(1)).branches())
                .hasSize(1);
        var again = type(when.design(), StepPath.of(2), "when cancelled");
        assertThat(again.design()).as("the branch is there").isEqualTo(when.design());
        assertThat(again.next()).as("and its next step is typed").isEqualTo(StepPath.of(1, 0, 0));
        assertThat(new StepTyping(empty(), PRESSED, StepPath.of(0), false).read("else"))
                .isInstanceOf(Typed.Unfinished.class);
    }

    @Test
    void what_begins_no_step_is_said() {
        assertThat(new StepTyping(empty(), PRESSED, StepPath.of(0), false).read("jump there"))
                .isEqualTo(
                        new Typed.Unfinished(
                                "“jump” begins no step; steps begin with open, message, ask, set, if, close, stay open, end or note."));
    }

    @Test
    void completion_offers_words_windows_endings_and_names() {
        Design design = type(empty(), StepPath.of(0), "open Arrival form").design();
        Program program = Program.of(design);
        assertThat(offers(program, "me")).containsExactly("message");
        assertThat(offers(program, "open ar")).containsExactly("Arrival form");
        assertThat(offers(program, "when c")).containsExactly("cancelled");
        assertThat(offers(program, "set me.sh")).contains("me.shown");
        assertThat(offers(program, "if sho")).contains("me.shown");
    }

    private static List<String> offers(Program program, String line) {
        return Completion.offers(program, PRESSED, StepPath.of(1), line).stream()
                .map(Completion.Offer::shown)
                .toList();
    }

    @Test
    void a_script_reads_line_by_line_and_says_which_endings_have_no_branch() {
        Design design = type(empty(), StepPath.of(0), "open Arrival form").design();
        Design more = type(design, StepPath.of(1), "when ok nothing").design();
        var lines = ScriptLines.of(more, PRESSED).stream()
                .map(l -> " ".repeat(l.indent())
                        + String.join(" ", l.tokens().stream().map(Token::text).toList()))
                .toList();
        assertThat(lines)
                .containsExactly(
                        "open Arrival form and wait, for the application",
                        " when ok nothing, on purpose",
                        " when cancelled no branch");
    }

    @Test
    void a_task_that_is_missing_is_made_where_it_is_noticed_and_answered() {
        var made = type(empty(), StepPath.of(0), "run new fetch the mail");
        assertThat(made.design().application().task("fetch the mail")).isPresent();
        var answered = type(made.design(), made.next(), "when failed");
        Step step = PRESSED.in(answered.design()).steps().getFirst();
        assertThat(((Step.RunTask) step).branches()).hasSize(1);
        assertThat(Completion.offers(Program.of(answered.design()), PRESSED, StepPath.of(1), "run fet"))
                .extracting(Completion.Offer::shown)
                .containsExactly("fetch the mail");
    }

    @Test
    void every_kind_of_window_is_made_where_it_is_noticed() {
        for (NewWindow kind : NewWindow.all()) {
            var done = type(empty(), StepPath.of(0), "open new " + kind.words() + " Boat shed");
            assertThat(done.design().window("Boat shed")).as(kind.words()).hasValueSatisfying(w -> assertThat(
                            w.getClass())
                    .isEqualTo(kind.named(bivouac.design.Name.of("x")).getClass()));
        }
    }

    private static Design form() {
        return Play.withMain(Play.main(
                        "Desk",
                        bivouac.design.Part.TextField.of("name", "&Name"),
                        bivouac.design.Part.TextField.of("age", "Age"),
                        bivouac.design.Part.ValueField.of("day", "Day", bivouac.design.Part.Holds.DATE),
                        Play.button("go")))
                .design();
    }

    @Test
    void checks_of_fields_stand_in_one_chain_and_what_follows_runs_when_all_are_right() {
        var first = type(form(), StepPath.of(0), "check me.name must not be empty");
        var second = type(first.design(), first.next(), "check me.age must be a whole number between 1 and 120");
        var third = type(second.design(), second.next(), "check me.day must be a date not after today");
        var last = type(third.design(), third.next(), "note `kept`");
        assertThat(PRESSED.in(last.design()).steps()).hasSize(1);
        assertThat(Findings.of(Program.of(last.design()))).isEmpty();
        var play = new Play(last.design());
        play.does("press \"go\" of \"Desk\"");
        assertThat(play.window("Name must not be empty").text()).isEqualTo("Name must not be empty.");
        play.does("answer \"ok\" of \"Name must not be empty\"")
                .does("type \"Ada\" into \"name\" of \"Desk\"")
                .does("type \"200\" into \"age\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"");
        String box = play.open().getLast();
        assertThat(play.window(box).text()).isEqualTo("Age must be a whole number between 1 and 120.");
        play.does("answer \"ok\" of \"" + box + "\"")
                .does("type \"20\" into \"age\" of \"Desk\"")
                .does("type \"2030-01-01\" into \"day\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"");
        String date = play.open().getLast();
        assertThat(play.window(date).text()).isEqualTo("Day must be a date not after today.");
        play.does("answer \"ok\" of \"" + date + "\"")
                .does("type \"2020-01-01\" into \"day\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .sees("notes “kept”");
    }

    @Test
    void a_check_that_says_nothing_to_be_checked_is_explained() {
        Typed typed = new StepTyping(form(), PRESSED, StepPath.of(0), false).read("check me.name twice");
        assertThat(typed).isInstanceOfSatisfying(Typed.Unfinished.class, u -> assertThat(u.why())
                .contains("must not be empty"));
    }
}

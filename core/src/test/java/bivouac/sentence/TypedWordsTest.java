package bivouac.sentence;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Window;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is typed is in the design to its last word, or it is said why not: nothing is dropped in silence. */
class TypedWordsTest {

    private static final ScriptPlace PRESSED = new ScriptPlace.AtPart("Desk", "go");

    /** Names that begin with our words, too. */
    private static Design design() {
        Design made = Play.withMain(
                        Play.main(
                                "Desk",
                                Play.button("go"),
                                Part.Caption.of("shown", ""),
                                Part.TextField.of("who", "Who"),
                                Part.ListOfRows.of("guests", "Guests", new Type.Column("guest", Type.TEXT))),
                        Play.dialog("Arrival form"),
                        Play.child("Plan"),
                        Play.child("New hive form"),
                        Play.dialog("Owner list"),
                        Play.dialog("With guests"))
                .design();
        return made.with(made.application().withHoldings(List.of(Holding.of("register lock"))));
    }

    private static Typed read(Design design, StepPath at, String line) {
        return new StepTyping(design, PRESSED, at, false).read(line);
    }

    private static Typed.Done type(Design design, StepPath at, String line) {
        assertThat(read(design, at, line)).as(line).isInstanceOf(Typed.Done.class);
        return (Typed.Done) read(design, at, line);
    }

    private static String unfinished(String line) {
        assertThat(read(design(), StepPath.of(0), line)).as(line).isInstanceOf(Typed.Unfinished.class);
        return ((Typed.Unfinished) read(design(), StepPath.of(0), line)).why();
    }

    private static Step first(Typed.Done done) {
        return PRESSED.in(done.design()).steps().getFirst();
    }

    static Stream<String> lines() {
        return Stream.of(
                "open Arrival form and wait, for its owner as card handing bunk ← 3",
                "open Plan alongside",
                "open Plan in place",
                "open New hive form",
                "close with ok giving guest ← me.shown",
                "close Plan with closed",
                "close every Plan",
                "close owner",
                "close Owner list",
                "close With guests",
                "stay open",
                "set me.shown ← \"a\"",
                "set shown of every Plan ← \"\"",
                "if app.today == app.today",
                "end the application code 3 saying `No radio.`",
                "note `here`",
                "run fetch in the background, may be stopped",
                "run fetch handing at ← \"/a\"",
                "stop task fetch",
                "hide Plan",
                "show Owner list",
                "bring to front Plan",
                "not there yet",
                "add row to me.guests with guest ← me.who",
                "change row of me.guests with guest ← me.who",
                "remove row of me.guests unasked",
                "keep the row",
                "let total be 1 + 2",
                "repeat",
                "again",
                "save kept values",
                "take register lock",
                "give back register lock",
                "start timer clock",
                "focus me.who",
                "enable go",
                "do tidy handing days ← 2");
    }

    @ParameterizedTest
    @MethodSource("lines")
    void each_line_reads_and_with_a_word_more_or_less_or_another_nothing_of_it_is_lost(String line) {
        type(design(), StepPath.of(0), line);
        List<String> words = List.of(line.split(" "));
        var random = new Random(line.hashCode());
        for (int round = 0; round < 60; round++) {
            var changed = new ArrayList<>(words);
            int at = random.nextInt(words.size());
            switch (round % 3) {
                case 0 -> changed.add(random.nextInt(words.size() + 1), "zebra");
                case 1 -> changed.remove(at);
                default -> changed.set(at, "zebra");
            }
            keepsAll(String.join(" ", changed));
        }
    }

    /** A line that is taken has all its words in the step that it makes; one that is not says why, in a sentence. */
    private static void keepsAll(String line) {
        switch (read(design(), StepPath.of(0), line)) {
            case Typed.Unfinished(String why) ->
                assertThat(why).as(line).isNotBlank().matches(w -> w.endsWith(".") || w.endsWith("?"));
            case Typed.Done done -> {
                Set<String> said = words(Sentences.line(first(done)));
                assertThat(said).as(line).containsAll(words(line.replaceAll("^(enable|disable) ", "")));
            }
        }
    }

    private static Set<String> words(String line) {
        return Stream.of(line.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty()
                        && !Set.of("to", "be", "the", "application").contains(w))
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "open New hive form | New hive form",
                "open \"New hive form\" | New hive form",
                "open `Plan` alongside | Plan",
                "open new hive form | New hive form"
            })
    void a_window_is_opened_by_its_name_though_it_begins_with_one_of_our_words(String line, String window) {
        assertThat(first(type(design(), StepPath.of(0), line)))
                .isInstanceOfSatisfying(
                        Step.Open.class, o -> assertThat(o.window()).isEqualTo(window));
    }

    @Test
    void a_window_that_is_made_on_the_spot_takes_what_it_is_handed_with_the_types_of_the_values() {
        var done =
                type(design(), StepPath.of(0), "open new child window Notes handing hive <- me.who, weight <- 1 + 2");
        Window notes = done.design().window("Notes").orElseThrow();
        assertThat(notes.takes())
                .extracting(t -> t.name().expression() + ": " + t.type())
                .containsExactly("hive: text", "weight: whole");
        assertThat(notes.takes()).extracting(Take::byDefault).allMatch(Optional::isEmpty);
        assertThat(((FacedWindow) notes).of()).isEqualTo(FacedWindow.Kind.CHILD);
        assertThat(Program.of(done.design()).troubles()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"set", "set me.shown", "if", "open", "run", "take", "do", "let", "focus", "note", "start timer"})
    void what_is_missing_is_said_with_an_example(String line) {
        assertThat(unfinished(line)).startsWith("Say ").contains(": ");
    }

    @Test
    void a_branch_is_for_an_ending_that_there_is() {
        var open = type(design(), StepPath.of(0), "open Arrival form");
        assertThat(read(open.design(), open.next(), "when anything"))
                .isEqualTo(new Typed.Unfinished("The step above does not end in “anything”; there are ok, cancelled."));
        var when = type(open.design(), open.next(), "when ok");
        var note = type(when.design(), when.next(), "note `one`");
        var again = type(note.design(), StepPath.of(1), "when ok");
        assertThat(again.next()).as("behind what stands in the branch").isEqualTo(StepPath.of(0, 0, 1));
        assertThat(again.design()).isEqualTo(note.design());
    }

    @Test
    void a_check_of_what_is_not_there_is_refused_and_what_was_meant_is_said() {
        assertThat(unfinished("check me.wh must not be empty"))
                .isEqualTo("Nothing is called “me.wh” here; was me.who meant?");
        assertThat(unfinished("check me.nobody must not be empty")).contains("there are go, shown, who, guests.");
    }

    @Test
    void checks_chain_inside_the_else_and_behind_it_after_coming_back() {
        Design one =
                type(design(), StepPath.of(0), "check me.who must not be empty").design();
        Design two = type(one, StepPath.of(1), "check me.who must be a number").design();
        Script script = PRESSED.in(two);
        assertThat(script.steps()).hasSize(1);
        assertThat(((Step.If) script.steps().getFirst()).cases()).hasSize(2);
        assertThat(Sentences.line(script.steps().getFirst())).contains("blank(me.who)");
    }

    @Test
    void a_box_that_nothing_opens_any_more_is_used_again_and_no_second_one_is_made() {
        Design one =
                type(design(), StepPath.of(0), "check me.who must not be empty").design();
        Design gone = PRESSED.put(one, Script.EMPTY);
        Design again =
                type(gone, StepPath.of(0), "check me.who must not be empty").design();
        assertThat(again.windows()).hasSameSizeAs(one.windows());
        // one that is opened elsewhere is not shared: who changes its text means one of the two
        Design second =
                type(one, StepPath.of(0), "message `Who must not be empty.`").design();
        assertThat(second.windows().stream().filter(MessageBox.class::isInstance))
                .hasSize(2);
    }

    @Test
    void a_step_that_holds_others_is_not_changed_into_one_that_cannot() {
        Design one = type(design(), StepPath.of(0), "if app.today == app.today").design();
        Design two = type(one, StepPath.of(0, 0, 0), "note `one`").design();
        var typing = new StepTyping(two, PRESSED, StepPath.of(0), true);
        assertThat(typing.read("stay open")).isInstanceOfSatisfying(Typed.Unfinished.class, u -> assertThat(u.why())
                .startsWith("A step stands inside the step here"));
        assertThat(typing.read("if 1 == 2")).isInstanceOf(Typed.Done.class);
        assertThat(new StepTyping(one, PRESSED, StepPath.of(0), true).read("stay open"))
                .as("it holds nothing yet")
                .isInstanceOf(Typed.Done.class);
    }

    // What Enter takes

    private static Optional<String> enter(String line) {
        Program program = Program.of(design());
        var offers = Completion.offers(program, PRESSED, StepPath.of(0), line);
        return Completion.atEnter(program, PRESSED, StepPath.of(0), false, line, offers)
                .map(o -> o.in(line));
    }

    /** It begins longer ones, and is finished by itself. */
    @Test
    void a_line_that_is_a_step_by_itself_is_taken_as_it_is() {
        Design inside = type(design(), StepPath.of(0), "if 1 == 1").design();
        Design done = type(inside, StepPath.of(0, 0, 0), "note `one`").design();
        Program program = Program.of(done);
        StepPath at = StepPath.of(0, 0, 1);
        for (String line : List.of("else", "Else", "stay open", "repeat", "end the application")) {
            var offers = Completion.offers(program, PRESSED, at, line);
            assertThat(Completion.atEnter(program, PRESSED, at, false, line, offers))
                    .as(line)
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ask before uns | ask before unsaved work is lost",
                "close own | close Owner list",
                "take reg | take register lock",
                "remove row of me.gu | remove row of me.guests",
                "set me.shown ← me.wh | set me.shown ← me.who",
                "check me.who must not | check me.who must not be empty"
            })
    void enter_takes_the_offer_that_is_begun(String typed, String taken) {
        assertThat(enter(typed)).contains(taken);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "ask `before uns`",
                "open Plan",
                "open Arri",
                "end",
                "stay",
                "set me.shown ← me.who",
                "set me.shown ← \"me.w",
                "check me.who must be a number"
            })
    void what_is_finished_by_itself_is_not_taken_for_the_beginning_of_something_else(String typed) {
        assertThat(enter(typed)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "check me.wh | me.who",
                "open Plan handing x <- me.wh | me.who",
                "let total be me.wh | me.who",
                "change row of me.g | me.guests",
                "do ti | ",
                "focus me.w | me.who",
                "disable g | go"
            })
    void everything_that_takes_a_name_or_an_expression_completes(String typed, String offered) {
        var shown = Completion.offers(Program.of(design()), PRESSED, StepPath.of(0), typed).stream()
                .map(Completion.Offer::shown)
                .toList();
        if (offered == null) {
            assertThat(shown).isEmpty();
        } else {
            assertThat(shown).contains(offered);
        }
    }
}

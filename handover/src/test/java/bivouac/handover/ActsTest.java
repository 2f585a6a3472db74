package bivouac.handover;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.handover.meaning.LocalNames;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Wordings;
import bivouac.handover.meaning.Words;
import bivouac.handover.script.Act;
import bivouac.handover.script.Asked;
import bivouac.handover.script.Block;
import bivouac.handover.script.Handed;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import bivouac.plan.Program;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a script does, described without a language: what is decided there, no writer decides again. */
class ActsTest {

    /** Names as they are wanted, numbered where they are there. */
    private static LocalNames names() {
        var used = new HashSet<String>();
        return new LocalNames() {
            @Override
            public String local(String wanted) {
                String name = passing(wanted);
                used.add(name);
                return name;
            }

            @Override
            public String passing(String wanted) {
                String free = wanted;
                for (int i = 2; used.contains(free); i++) {
                    free = wanted + i;
                }
                return free;
            }
        };
    }

    private static Block described(Program program, ScriptPlace place) {
        var meanings = new Meanings(program);
        return new Scripts(new ScriptOf(meanings, new Wordings(meanings), place, names(), Map.of()))
                .of(place.in(program.design()));
    }

    private static Block block(Step... steps) {
        return described(ScriptFixture.program(steps), ScriptFixture.GO);
    }

    private static List<Act> acts(Step... steps) {
        return block(steps).acts();
    }

    private static Act.Note noted(String text) {
        return (Act.Note) acts(note(text)).getFirst();
    }

    /** The script before closing of a main window. */
    private static Block beforeClosing(Step... steps) {
        Program program = Program.of(withMain(before(main("Desk"), steps), box("Sure", "Yes", "No"))
                .works(task("save", "saved"))
                .variable("n", Type.WHOLE, "0")
                .design());
        return described(program, new ScriptPlace.AtMoment("Desk", FacedWindow.Moment.BEFORE_CLOSING));
    }

    @Test
    void what_is_handed_over_is_in_the_order_of_the_takes_with_defaults() {
        var ask = (Act.Ask) acts(waits("Form").handing(Given.of("who", "'x'"))).getFirst();
        var window = (Asked.Window) ask.asked();
        assertThat(window.handed()).extracting(Handed::name).containsExactly("who", "nights");
        assertThat(window.handed()).allSatisfy(h -> assertThat(h.value()).isPresent());
        assertThat(window.forOwner()).isFalse();
        assertThat(window.owner()).hasValueSatisfying(w -> assertThat(w.isMe()).isTrue());
    }

    @Test
    void a_branch_binds_what_it_reads_and_no_more() {
        var one = (Act.AskForOne)
                acts(waits("Form", when("admitted", note("{result.guest}"))).handing(Given.of("who", "''")))
                        .getFirst();
        assertThat(one.branch().bound()).containsExactly(Map.entry("guest", "guest"));
        assertThat(one.branch().outcome().ending()).isEqualTo("admitted");
        var nothing =
                (Act.AskForOne) acts(waits("Form", when("admitted", note("on"))).handing(Given.of("who", "''")))
                        .getFirst();
        assertThat(nothing.branch().bound()).isEmpty();
    }

    @Test
    void branches_of_several_endings_are_told_for_all_of_them() {
        var all = (Act.AskForAll) acts(waits("Sure", when("yes", note("a")), when("no", note("b"))))
                .getFirst();
        assertThat(all.branches()).extracting(b -> b.outcome().ending()).containsExactly("yes", "no");
        assertThat(acts(Step.RunTask.of("write book", when("written"), when("failed"))
                        .handing(Given.of("at", "''"))))
                .as("branches that do nothing are none")
                .singleElement()
                .isInstanceOf(Act.Ask.class);
    }

    @Test
    void what_nobody_reaches_is_not_described() {
        assertThat(acts(stay(), note("never"))).containsExactly(new Act.RefuseFurtherUp());
        Step both = new Step.If(
                List.of(new Step.If.Case(new Expression("app.n > 1"), Script.of(stay()))),
                Optional.of(Script.of(stay())));
        Block block = block(both, note("never"));
        assertThat(block.acts()).hasSize(1);
        assertThat(block.goesOn()).isFalse();
        assertThat(acts(new Step.Off(note("off")))).isEmpty();
    }

    @Test
    void a_script_that_is_asked_agrees_at_its_end_or_refuses() {
        assertThat(beforeClosing(note("a")).acts().getLast()).isEqualTo(new Act.Over());
        assertThat(beforeClosing(stay()).acts()).containsExactly(new Act.Refuse());
        assertThat(acts(note("a"))).doesNotContain(new Act.Over());
        var later = (Act.Open) described(
                        Program.of(
                                withMain(before(main("Desk"), alongside("Plan", when("closed", stay()))), child("Plan"))
                                        .design()),
                        new ScriptPlace.AtMoment("Desk", FacedWindow.Moment.BEFORE_CLOSING))
                .acts()
                .getFirst();
        assertThat(later.ended().orElseThrow().block().acts())
                .as("what happens later was not asked")
                .containsExactly(new Act.RefuseFurtherUp());
    }

    @Test
    void what_follows_a_background_task_goes_along_with_it() {
        Step task = Step.RunTask.of("write book").handing(Given.of("at", "''")).inBackground(true);
        List<Act> acts = acts(task, set("app.n", "2"));
        var run = (Act.Background) acts.getFirst();
        assertThat(acts).hasSize(1);
        assertThat(run.ended().block().acts()).singleElement().isInstanceOf(Act.SetOfApplication.class);
        Step inside =
                new Step.If(List.of(new Step.If.Case(new Expression("app.n > 1"), Script.of(task))), Optional.empty());
        List<Act> nested = acts(inside, set("app.n", "3"));
        var inner = ((Act.Choose) nested.getFirst()).cases().getFirst().block().acts();
        assertThat(((Act.Background) inner.getFirst()).ended().block().acts())
                .as("what follows the step around it too")
                .singleElement()
                .isInstanceOf(Act.SetOfApplication.class);
        assertThat(inner.getLast()).isEqualTo(new Act.Over());
        assertThat(nested.getLast()).as("and without it").isInstanceOf(Act.SetOfApplication.class);
        assertThat(beforeClosing(Step.RunTask.of("save").inBackground(true))
                        .acts()
                        .getFirst())
                .as("closing waits for all tasks (W5)")
                .isInstanceOf(Act.Ask.class);
    }

    @Test
    void a_repeat_to_which_nothing_goes_back_is_done_once() {
        assertThat(acts(new Step.Repeat(Script.of(note("a"))))).singleElement().isInstanceOf(Act.Note.class);
        var loop = (Act.Repeat) acts(new Step.Repeat(Script.of(waits("Sure", when("yes", new Step.Again())))))
                .getFirst();
        var one = (Act.AskForOne) loop.block().acts().getFirst();
        assertThat(one.branch().block().acts()).containsExactly(new Act.Again(loop.label()));
        Step background = Step.RunTask.of("write book", when("failed", new Step.Again()))
                .handing(Given.of("at", "''"))
                .inBackground(true);
        assertThatThrownBy(() -> acts(new Step.Repeat(Script.of(background))))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageEndingWith("“again” stands outside a “repeat”, or in what a background task leads to.");
    }

    @Test
    void what_may_fail_is_a_trial_with_or_without_an_answer() {
        var opened = (Act.TryOr) acts(alongside("Map", when("could not", note("{result.reason}"))))
                .getFirst();
        assertThat(opened.reason()).contains("reason");
        assertThat(((Act.Trial.Opening) opened.trial()).unlessThere()).isTrue();
        assertThat(opened.then().acts()).singleElement().isInstanceOf(Act.Open.class);
        assertThat(((Act.TryOr) acts(alongside("Map", when("could not", note("no"))))
                                .getFirst())
                        .reason())
                .isEmpty();
        List<Act> unanswered = acts(Step.TakeHolding.of("pump"));
        assertThat(unanswered).containsExactly(new Act.Try(new Act.Trial.Holding("pump", true), "reason"));
        assertThat(((Act.Try) unanswered.getFirst()).trial().what()).isEqualTo("taking pump");
        assertThat(acts(Step.TakeHolding.of("lock"))).containsExactly(new Act.Holding("lock", true));
    }

    @Test
    void in_place_of_this_one_the_system_is_asked_only_when_it_may_fail() {
        assertThat(acts(inPlace("Plan"))).singleElement().isInstanceOfSatisfying(Act.OpenInPlace.class, o -> {
            assertThat(o.ending()).isEmpty();
            assertThat(o.readyMade()).isFalse();
        });
        var bare = (Act.TryInPlace) acts(inPlace("Map")).getFirst();
        assertThat(bare.couldNot()).as("nothing is said of what then").isEmpty();
        assertThat(bare.reason()).as("the fault tells it").isPresent();
        assertThat(bare.trial().what()).isEqualTo("opening Map");
        var answered = (Act.TryInPlace) acts(inPlace("Map").withBranches(List.of(when("could not", note("no")))))
                .getFirst();
        assertThat(answered.couldNot().orElseThrow().acts()).hasSize(1);
        assertThat(answered.reason()).isEmpty();
    }

    @Test
    void the_own_window_ends_its_script_by_closing_unless_it_is_refused() {
        List<Act> acts =
                acts(new Step.Close(new Target.Me(), Optional.of("closed"), List.of(), Script.of(note("stays"))));
        assertThat(acts.getFirst()).isInstanceOf(Act.CloseMe.class);
        assertThat(acts.getLast()).as("reached only if it was refused (W6)").isInstanceOf(Act.Note.class);
        var other = (Act.Close) acts(closes("Plan", note("stays"))).getFirst();
        assertThat(other.refused()).isPresent();
        assertThat(other.whom().window()).contains("Plan");
        assertThat(((Act.Close) acts(closes("Plan")).getFirst()).refused()).isEmpty();
    }

    @Test
    void windows_that_are_kept_are_found_by_what_the_program_calls_them() {
        List<Act> acts = acts(
                new Step.Open(
                        "Plan",
                        new bivouac.design.Manner.Alongside(),
                        Optional.empty(),
                        List.of(),
                        Optional.of("plan"),
                        List.of()),
                new Step.SetIn("title", new Target.Kept("plan"), new Expression("'x'")));
        assertThat(((Act.Open) acts.getFirst()).keep()).isEqualTo(new Act.Keep.InLocal("plan"));
        var set = (Act.SetOfWindow) acts.getLast();
        assertThat(set.whom().whose()).isEqualTo(new Say.Whose.KeptByScript("plan"));
        assertThat(set.window()).isEqualTo("Plan");
    }

    @Test
    void rows_are_in_the_order_of_their_columns() {
        var add = (Act.AddRow) acts(new Step.AddRow("me.guests", List.of(Given.of("nights", "2"))))
                .getFirst();
        assertThat(add.row()).extracting(Handed::name).containsExactly("name", "nights");
        assertThat(add.row().getFirst().value()).isEmpty();
        assertThat(add.row().getLast().value())
                .contains(new Say.Literal(new bivouac.expression.Value.Whole(2), Type.WHOLE));
        assertThat(add.list().part()).isInstanceOf(Part.ListOfRows.class);
        assertThat(((Act.RemoveRows)
                                acts(new Step.RemoveRow("me.guests", false)).getFirst())
                        .asked())
                .as("the list has no script before removing")
                .isFalse();
    }

    @Test
    void texts_are_kept_once_under_a_key() {
        assertThat(noted("on").words()).isEqualTo(new Words.Keyed("desk.note", List.of()));
        assertThat(noted("{app.n}").words()).isInstanceOf(Words.Shown.class);
        assertThat(noted("").words()).isEqualTo(new Words.None());
        List<Act> three = acts(note("a"), note("b"), note("a"));
        assertThat(three.stream().map(a -> ((Words.Keyed) ((Act.Note) a).words()).key()))
                .containsExactly("desk.note", "desk.note2", "desk.note");
    }

    @Test
    void what_means_nothing_is_said_with_its_place() {
        assertThatThrownBy(() -> acts(set("app.n", "app.nowhere")))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageStartingWith("Desk, go, step 1: “app.nowhere” means nothing here.");
        assertThatThrownBy(() -> acts(alongside("Nowhere")))
                .hasMessage("Desk, go, step 1: there is no window “Nowhere”.");
        assertThatThrownBy(() -> acts(run("nothing"))).hasMessage("Desk, go, step 1: there is no task “nothing”.");
        assertThatThrownBy(() -> acts(Step.TakeHolding.of("none")))
                .hasMessage("Desk, go, step 1: there is no holding “none”.");
        assertThatThrownBy(() -> acts(Step.Do.of("none"))).hasMessage("Desk, go, step 1: there is no script “none”.");
    }

    @Test
    void endings_are_those_that_ways_lead_to_as_well() {
        var outcomes = new Meanings(ScriptFixture.program()).outcomes();
        assertThat(outcomes.ofWindow("Form")).extracting(Outcome::ending).startsWith("admitted", "cancelled");
        assertThat(outcomes.ofWindow("Plan")).extracting(Outcome::ending).containsExactly("closed");
        assertThat(outcomes.ofWindow("Keep", "chosen").gives())
                .extracting(Outcome.Given::name)
                .containsExactly("path", "paths", "filter");
        assertThat(outcomes.ofTask("write book", "failed").gives())
                .extracting(Outcome.Given::name)
                .containsExactly("reason");
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.NamedScript;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Scripts that answer (W11), and those that are done in other windows (W12). */
class AnswersTest {

    private static final Ending SAVED = Ending.of("saved", Ending.Give.of("at", Type.TEXT));
    private static final Ending CANCELLED = Ending.of("cancelled");

    private static NamedScript answering(String name, Step... steps) {
        return NamedScript.of(name, steps).ending(List.of(SAVED, CANCELLED));
    }

    private static Step.Branch when(String ending, Step... steps) {
        return new Step.Branch(ending, Script.of(steps));
    }

    private static Step saved(String at) {
        return Step.Return.of("saved", Given.of("at", at));
    }

    private static Step asks(Step... no) {
        return Step.Open.of("Sure", new Manner.WaitsForApplication(), when("no", no));
    }

    /** A text of which several can be open, each with its number, and its own script. */
    private static FacedWindow text(Step... save) {
        return child("Text")
                .living(Optional.of(new Instances.Many()), false)
                .taking(List.of(Take.of("nr", Type.WHOLE)))
                .with(new Routines(List.of(answering("save", save)), List.of()));
    }

    private static Step open(int nr) {
        return Step.Open.of("Text", new Manner.Alongside()).handing(Given.of("nr", "" + nr));
    }

    private static Design desk(FacedWindow text, Step... all) {
        return withMain(main("Desk", button("open", open(1), open(2), open(3)), button("all", all)))
                .with(text, box("Sure", "Yes", "No"))
                .design();
    }

    private static Step.Do inEvery(String... until) {
        return Step.Do.of("save").in(new Target.Every("Text"), until);
    }

    // W11

    @Test
    void W11_the_branch_of_the_answer_runs_with_its_result_and_what_follows_in_the_script_does_not() {
        withMain(main(
                        "Desk",
                        button(
                                "go",
                                Step.Do.of("save")
                                        .when(when("saved", note("at {result.at}")), when("cancelled", note("no"))),
                                note("after"))))
                .does(answering("save", saved("\"here\""), note("never")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .sees("notes “at here”", "notes “after”")
                .hasNoFault();
    }

    @Test
    void W11_a_return_leaves_every_repeat_and_branch_around_it() {
        withMain(main(
                        "Desk",
                        button("go", Step.Do.of("save").when(when("cancelled", note("given up"))), note("after"))))
                .with(box("Sure", "Yes", "No"))
                .does(answering(
                        "save", new Step.Repeat(Script.of(asks(Step.Return.of("cancelled")), new Step.Again()))))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("answer \"yes\" of \"Sure\"")
                .does("answer \"no\" of \"Sure\"")
                .seesAmongOthers("notes “given up”", "notes “after”")
                .hasNoFault();
    }

    @Test
    void W11_an_answer_without_a_branch_and_an_end_without_an_answer_go_on_behind_the_step() {
        withMain(main(
                        "Desk",
                        button("go", Step.Do.of("save").when(when("cancelled", note("never"))), note("after")),
                        button("none", Step.Do.of("nothing").when(when("cancelled", note("never"))), note("after"))))
                .does(answering("save", saved("\"x\"")), answering("nothing", note("nothing")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .sees("notes “after”")
                .does("press \"none\" of \"Desk\"")
                .sees("notes “nothing”", "notes “after”");
    }

    @Test
    void W11_a_result_is_kept_under_a_name_and_is_new_each_time() {
        var save = answering(
                "save",
                new Step.If(
                        List.of(new Step.If.Case(new Expression("app.n == 1"), Script.of(saved("\"once\"")))),
                        Optional.of(Script.of(Step.Return.of("saved")))));
        Step.Do done = new Step.Do(
                "save",
                Optional.empty(),
                List.of(),
                List.of(),
                Optional.of("mine"),
                List.of(when("saved", note("{mine.at}"))));
        Step twice = new Step.Repeat(Script.of(
                set("app.n", "app.n + 1"),
                done,
                new Step.If(
                        List.of(new Step.If.Case(new Expression("app.n < 2"), Script.of(new Step.Again()))),
                        Optional.empty())));
        withMain(main("Desk", button("go", twice)))
                .variable("n", Type.WHOLE, "0")
                .does(save)
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “once”")
                .faults(Fault.Rule.X3);
    }

    @Test
    void W11_what_is_returned_where_nobody_is_answered_is_a_finding_and_a_fault() {
        Design design = withMain(main(
                        "Desk",
                        button("go", Step.Return.of("saved")),
                        button("late", Step.Do.of("save")),
                        button("wrong", Step.Do.of("odd"))))
                .with(child("Card").living(Optional.of(new Instances.Many()), false))
                .does(
                        answering(
                                "save",
                                Step.Open.of(
                                        "Card", new Manner.Alongside(), when("closed", Step.Return.of("cancelled")))),
                        answering("odd", Step.Return.of("left")))
                .design();
        assertThat(Program.of(design).troubles())
                .extracting(t -> t.problem().message())
                .contains(
                        "only a named script returns something to who does it",
                        "when this is done nobody waits for an answer any more",
                        "odd has no ending “left”");
        new Play(design)
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .does("press \"wrong\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .does("press \"late\" of \"Desk\"")
                .hasNoFault()
                .does("close box of \"Card\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void W11_its_tasks_are_waited_for_with_all_that_it_does() {
        Design design = withMain(main("Desk", button("go", Step.Do.of("save").when(when("cancelled", note("so"))))))
                .does(
                        answering("save", Step.Do.of("write"), Step.Return.of("cancelled")),
                        NamedScript.of("write", Step.RunTask.of("write").inBackground(true)))
                .works(task("write", "done"))
                .design();
        new Play(design)
                .does("press \"go\" of \"Desk\"")
                .sees("runs write")
                .blocks("Desk")
                .does("task \"write\" ends \"done\" of \"Desk\"")
                .seesAmongOthers("notes “so”");
    }

    @Test
    void W11_staying_open_in_it_still_refuses_and_an_answer_agrees() {
        var save = answering("save", asks(new Step.StayOpen()), Step.Return.of("cancelled"), new Step.StayOpen());
        var desk = main("Desk")
                .with(new Routines(List.of(save), List.of()))
                .at(FacedWindow.Moment.BEFORE_CLOSING, Script.of(Step.Do.of("save")));
        var play = withMain(desk).with(box("Sure", "Yes", "No")).play();
        play.does("close box of \"Desk\"").does("answer \"no\" of \"Sure\"").opens("Desk");
        play.does("close box of \"Desk\"").does("answer \"yes\" of \"Sure\"").opens();
    }

    @Test
    void W7_what_its_window_was_handed_is_known_in_a_named_script_beside_its_own_takes() {
        var tell = NamedScript.of("tell", note("{takes.nr} {takes.what}")).taking(List.of(Take.of("what", Type.TEXT)));
        FacedWindow text = child("Text", button("tell", Step.Do.of("tell", Given.of("what", "\"so\""))))
                .taking(List.of(Take.of("nr", Type.WHOLE)))
                .with(new Routines(List.of(tell), List.of()));
        withMain(main("Desk", button("open", open(7))))
                .with(text)
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"tell\" of \"Text\"")
                .sees("notes “7 so”")
                .hasNoFault();
    }

    @Test
    void W11_each_answer_of_a_step_is_something_to_be_rehearsed() {
        Design design = withMain(main(
                        "Desk",
                        button("go", Step.Do.of("save").when(when("saved", note("a")), when("cancelled", note("b"))))))
                .with(box("Sure", "Yes", "No"))
                .does(answering("save", asks(Step.Return.of("cancelled")), saved("\"x\"")))
                .design();
        Program program = Program.of(design);
        var play = new Play(design).does("press \"go\" of \"Desk\"").does("answer \"yes\" of \"Sure\"");
        var missing = bivouac.rehearsal.Covered.of(
                        program, List.of(play.rehearsal().moments()))
                .missing();
        assertThat(missing)
                .extracting(c -> c.words())
                .contains("Desk, go, step 1: when cancelled")
                .doesNotContain("Desk, go, step 1: when saved");
    }

    // W12

    @Test
    void W12_it_is_done_in_every_window_the_newest_first_and_each_may_wait() {
        new Play(desk(text(asks(Step.Return.of("cancelled")), note("saves {takes.nr}")), inEvery(), note("all")))
                .does("press \"open\" of \"Desk\"")
                .does("press \"all\" of \"Desk\"")
                .does("answer \"yes\" of \"Sure\"")
                .seesAmongOthers("notes “saves 3”")
                .does("answer \"no\" of \"Sure\"")
                .does("answer \"yes\" of \"Sure\"")
                .seesAmongOthers("notes “saves 1”", "notes “all”")
                .hasNoFault();
    }

    @Test
    void W12_until_an_ending_the_others_are_left_and_its_branch_runs_once() {
        new Play(desk(
                        text(asks(Step.Return.of("cancelled")), note("saves {takes.nr}")),
                        inEvery("cancelled").when(when("cancelled", note("stopped"))),
                        note("after")))
                .does("press \"open\" of \"Desk\"")
                .does("press \"all\" of \"Desk\"")
                .does("answer \"yes\" of \"Sure\"")
                .does("answer \"no\" of \"Sure\"")
                .seesAmongOthers("notes “stopped”", "notes “after”")
                .opens("Desk", "Text", "Text (2)", "Text (3)");
    }

    @Test
    void W12_those_whose_turn_is_to_come_are_blocked_and_those_that_open_meanwhile_are_not_done() {
        Design design = withMain(main("Desk", button("open", open(1), open(2)), button("all", inEvery())))
                .with(
                        text(Step.Open.of("Form", new Manner.WaitsForOwner()), open(9), note("saves {takes.nr}")),
                        dialog("Form"))
                .design();
        new Play(design)
                .does("press \"open\" of \"Desk\"")
                .does("press \"all\" of \"Desk\"")
                .cannot("close box of \"Text\"")
                .cannot("close box of \"Text\" 2")
                .cannot("close box of \"Desk\"")
                .does("close box of \"Form\"")
                .seesAmongOthers("notes “saves 2”")
                .could("close box of \"Text\" 2")
                .blocks("Text", "Desk")
                .does("close box of \"Form\"")
                .seesAmongOthers("notes “saves 1”")
                .could("close box of \"Text\"");
    }

    @Test
    void W12_one_that_closes_itself_is_done_and_one_that_is_gone_at_its_turn_is_passed_over() {
        Step others = new Step.If(
                List.of(new Step.If.Case(
                        new Expression("takes.nr == 3"),
                        Script.of(
                                new Step.Close(new Target.Every("Note"), Optional.empty(), List.of(), Script.EMPTY)))),
                Optional.empty());
        Design design = withMain(
                        main("Desk", button("open", open(1), open(2), open(3)), button("all", inEvery(), note("all"))))
                .with(text(note("saves {takes.nr}"), others, Step.Close.me("closed"), note("never")), child("Note"))
                .design();
        new Play(design)
                .does("press \"open\" of \"Desk\"")
                .does("press \"all\" of \"Desk\"")
                .seesAmongOthers("notes “saves 3”", "notes “saves 2”", "notes “saves 1”", "notes “all”")
                .hasNoFault()
                .opens("Desk");
    }

    @Test
    void W12_a_fault_and_staying_open_in_it_end_who_does_it_too() {
        Design faulty = desk(text(note("saves {takes.nr}"), set("app.nothing", "1")), inEvery(), note("never"));
        new Play(faulty)
                .does("press \"open\" of \"Desk\"")
                .does("press \"all\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .seesAmongOthers("notes “saves 3”");
        var desk = main("Desk", button("open", open(1), open(2)))
                .at(FacedWindow.Moment.BEFORE_CLOSING, Script.of(inEvery(), note("never")));
        withMain(desk)
                .with(text(new Step.StayOpen()))
                .departs(new DepartureRule.WithWindow("Desk"))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .sees("Desk stays open", "the departure is called off")
                .opens("Desk", "Text", "Text (2)");
    }

    @Test
    void W12_when_who_does_it_goes_what_it_does_ends_with_it() {
        Design design = withMain(main(
                        "Desk", button("open", open(1)), button("make", Step.Open.of("Panel", new Manner.Alongside()))))
                .with(
                        child("Panel", button("all", inEvery(), note("never"))),
                        text(Step.Open.of("Form", new Manner.WaitsForOwner()), note("never")),
                        dialog(
                                "Form",
                                button(
                                        "away",
                                        new Step.Close(
                                                new Target.Single("Panel"),
                                                Optional.empty(),
                                                List.of(),
                                                Script.EMPTY))))
                .design();
        new Play(design)
                .does("press \"open\" of \"Desk\"")
                .does("press \"make\" of \"Desk\"")
                .does("press \"all\" of \"Panel\"")
                .does("press \"away\" of \"Form\"")
                .opens("Desk", "Text", "Form")
                .cannot("close box of \"Text\"")
                .does("close box of \"Form\"")
                .sees("Form ends cancelled")
                .opens("Desk", "Text")
                .could("close box of \"Text\"");
    }

    @Test
    void W12_the_owner_can_be_asked_and_is_handed_what_it_takes() {
        var tell = NamedScript.of("tell", note("told {takes.what} by {me.title}"), saved("takes.what + \"!\""))
                .taking(List.of(Take.of("what", Type.TEXT)))
                .ending(List.of(SAVED));
        Step.Do asks = Step.Do.of("tell", Given.of("what", "\"so\""))
                .in(new Target.Owner())
                .when(when("saved", note("answer {result.at}")));
        withMain(main("Desk", button("form", Step.Open.of("Form", new Manner.WaitsForOwner())))
                        .with(new Routines(List.of(tell), List.of())))
                .with(dialog("Form", button("ask", asks)))
                .play()
                .does("press \"form\" of \"Desk\"")
                .does("press \"ask\" of \"Form\"")
                .sees("notes “told so by Desk”", "notes “answer so!”")
                .hasNoFault();
    }

    @Test
    void W12_in_one_window_that_is_not_open_it_is_a_fault_and_in_every_one_of_none_nothing() {
        Step.Do one = Step.Do.of("save").in(new Target.Single("Panel"));
        withMain(main("Desk", button("one", one, note("never")), button("all", inEvery(), note("none"))))
                .with(
                        child("Panel").with(new Routines(List.of(answering("save", note("saves"))), List.of())),
                        text(note("saves")))
                .play()
                .does("press \"one\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .does("press \"all\" of \"Desk\"")
                .sees("notes “none”");
    }

    @Test
    void W12_a_script_that_gets_back_to_itself_through_other_windows_is_a_finding_and_a_fault() {
        Step.Do there = Step.Do.of("b").in(new Target.Single("Panel"));
        Step.Do back = Step.Do.of("a").in(new Target.Single("Desk"));
        Design ring = withMain(main("Desk", button("go", Step.Do.of("a")))
                        .with(new Routines(List.of(NamedScript.of("a", note("in a"), there)), List.of())))
                .with(child("Panel").with(new Routines(List.of(NamedScript.of("b", back)), List.of())))
                .design();
        assertThat(Findings.of(Program.of(ring)))
                .anySatisfy(f -> assertThat(f.what()).contains("does itself"));
        new Play(ring).does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
    }

    @Test
    void X6_a_hundred_and_fifty_windows_whose_turn_is_to_come_are_not_too_deep() {
        Step opens = new Step.Repeat(Script.of(
                Step.Open.of("Text", new Manner.Alongside()).handing(Given.of("nr", "app.n")),
                set("app.n", "app.n + 1"),
                new Step.If(
                        List.of(new Step.If.Case(new Expression("app.n < 150"), Script.of(new Step.Again()))),
                        Optional.empty())));
        withMain(main("Desk", button("open", opens), button("all", inEvery(), note("all"))))
                .variable("n", Type.WHOLE, "0")
                .with(text(note("saves {takes.nr}")))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"all\" of \"Desk\"")
                .hasNoFault()
                .seesAmongOthers("notes “saves 149”", "notes “saves 0”", "notes “all”");
    }

    @Test
    void X10_after_closing_nothing_is_done_in_other_windows() {
        var panel = child("Panel").at(FacedWindow.Moment.AFTER_CLOSING, Script.of(inEvery()));
        withMain(main("Desk", button("open", open(1), Step.Open.of("Panel", new Manner.Alongside()))))
                .with(panel, text(note("saves")))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("close box of \"Panel\"")
                .faults(Fault.Rule.X10);
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;

import bivouac.design.DepartureRule;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.Step;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Who is asked first when the application departs, and what is done once all windows have closed (D2, D4). */
class DeparturePlanTest {

    private static final Step CODE_7 =
            new Step.EndApplication(Optional.of(new Expression("7")), Optional.empty(), Script.EMPTY);

    private static Making desk(FacedWindow... others) {
        return withMain(main("Desk", button("go", alongside("Plan"))), child("Plan"))
                .with(others)
                .departs(new DepartureRule.OnlyWhenTold());
    }

    @Test
    void D4_the_plan_runs_when_all_windows_have_closed_and_may_give_another_code() {
        desk().planning(note("left"), CODE_7)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("session ends")
                .sees("Plan ends closed", "Desk ends closed", "notes “left”", "the application ends, exit code 7");
    }

    @Test
    void D4_a_step_that_fails_prevents_none_after_it_wherever_it_stands() {
        desk().planning(
                        new Step.If(
                                List.of(new Step.If.Case(
                                        new Expression("true"), Script.of(note("{1 / 0}"), note("inside")))),
                                Optional.empty()),
                        new Step.GiveBack("nothing"),
                        note("after"))
                .play()
                .does("session ends")
                .seesAmongOthers("notes “inside”", "notes “after”", "the application ends, exit code 1");
    }

    @Test
    void D3_what_the_plan_leaves_open_closes_without_a_fault_though_who_opened_it_is_gone() {
        FacedWindow bye = dialog("Bye", button("ok", close("ok")))
                .at(FacedWindow.Moment.OPENED, Script.of(alongside("Plan", when("closed", note("told")))));
        desk(bye)
                .planning(Step.Open.of("Bye", new Manner.WaitsForApplication()))
                .play()
                .does("session ends")
                .opens("Bye", "Plan")
                .does("press \"ok\" of \"Bye\"")
                .sees("Bye ends ok", "Plan ends closed", "the application ends, exit code 0");
    }

    @Test
    void D4_a_task_that_fails_decides_in_its_branch() {
        Step again = new Step.Repeat(
                Script.of(Step.RunTask.of("save", when("failed", waits("Retry", when("yes", new Step.Again()))))));
        var play = desk().with(box("Retry", "yes", "no"))
                .works(task("save", "done", "failed"))
                .planning(again, note("after"))
                .play()
                .does("session ends");
        play.does("task \"save\" ends \"failed\"").opens("Retry").cannot("session ends");
        play.does("answer \"yes\" of \"Retry\"").does("task \"save\" ends \"failed\"");
        play.does("answer \"no\" of \"Retry\"").seesAmongOthers("notes “after”", "the application ends, exit code 0");
    }

    @Test
    void D4_the_plan_opens_windows_only_waiting_and_what_it_leaves_open_closes_after_it() {
        desk().planning(alongside("Plan"), note("after"))
                .play()
                .does("session ends")
                .faults(Fault.Rule.X10)
                .seesAmongOthers("notes “after”", "the application ends, exit code 1");
        desk(dialog("Bye", button("Ok", close("ok"))))
                .planning(Step.Open.of("Bye", new Manner.WaitsForApplication()))
                .play()
                .does("session ends")
                .opens("Bye")
                .does("press \"ok\" of \"Bye\"")
                .seesAmongOthers("Bye ends ok", "the application ends, exit code 0");
    }

    @Test
    void D4_nothing_can_be_refused_in_the_plan() {
        desk().planning(new Step.StayOpen(), note("after"))
                .play()
                .does("session ends")
                .faults(Fault.Rule.X10)
                .seesAmongOthers("notes “after”", "the application ends, exit code 1");
    }

    @Test
    void D4_its_background_tasks_are_waited_for() {
        desk().works(task("save", "done"))
                .planning(Step.RunTask.of("save").inBackground(true), note("after"))
                .play()
                .does("session ends")
                .cannot("session ends")
                .does("task \"save\" ends \"done\"")
                .seesAmongOthers("notes “after”", "the application ends, exit code 0");
    }

    @Test
    void D2_listed_windows_are_asked_first_then_the_one_that_asked_then_from_last_to_first() {
        FacedWindow desk = asks(
                main("Desk", button("a", alongside("A")), button("b", alongside("B")), button("c", alongside("C"))));
        var making = withMain(desk, asks(child("A")), asks(child("B")), asks(child("C")))
                .departs(new DepartureRule.WithWindow("Desk"));
        opened(making)
                .does("close box of \"Desk\"")
                .seesAmongOthers("notes “Desk”", "notes “C”", "notes “B”", "notes “A”");
        opened(making.askingFirst("B", "A", "Nowhere"))
                .does("close box of \"Desk\"")
                .seesAmongOthers(
                        "notes “B”", "notes “A”", "notes “Desk”", "notes “C”", "B ends closed", "A ends closed");
    }

    private static FacedWindow asks(FacedWindow window) {
        return window.at(
                FacedWindow.Moment.BEFORE_CLOSING, Script.of(note(window.name().shown())));
    }

    private static Play opened(Making making) {
        return making.play()
                .does("press \"a\" of \"Desk\"")
                .does("press \"b\" of \"Desk\"")
                .does("press \"c\" of \"Desk\"");
    }
}

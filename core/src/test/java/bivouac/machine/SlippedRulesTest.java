package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Timer;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Rules that could be broken in one line without a test that noticed: each has one that does. */
class SlippedRulesTest {

    private static final Step CLOCK = new Step.TurnTimer(Step.TurnTimer.How.START, "clock");

    private static FacedWindow asking(FacedWindow window) {
        return window.at(FacedWindow.Moment.BEFORE_CLOSING, Script.of(waits("Sure", when("no", new Step.StayOpen()))));
    }

    @Test
    void C3_D1_closing_the_departure_window_by_a_step_while_a_departure_is_undecided_counts_as_refused() {
        var making = design().start(CLOCK, alongside("Desk"))
                .with(asking(main("Desk")), box("Sure", "Yes", "No"))
                .departs(new DepartureRule.WithWindow("Desk"))
                .ticks(Timer.of("clock", "1").firing(Script.of(closes("Desk", note("refused")), note("after"))));
        making.play()
                .does("session ends")
                .opens("Desk", "Sure")
                .does("timer \"clock\" fires")
                .sees("Desk stays open", "the departure is called off", "notes “refused”", "notes “after”")
                .opens("Desk", "Sure")
                .does("answer \"yes\" of \"Sure\"")
                .seesAmongOthers("Desk ends closed", "the application ends, exit code 0");
    }

    @Test
    void D1_that_holds_before_the_departure_window_itself_was_asked() {
        design().start(CLOCK, alongside("Desk"), alongside("Plan"))
                .with(main("Desk"), asking(child("Plan")), box("Sure", "Yes", "No"))
                .departs(new DepartureRule.WithWindow("Desk"))
                .askingFirst("Plan")
                .ticks(Timer.of("clock", "1").firing(Script.of(closes("Desk", note("refused")))))
                .play()
                .does("session ends")
                .does("timer \"clock\" fires")
                .seesAmongOthers("Desk stays open", "notes “refused”")
                .opens("Desk", "Plan", "Sure");
    }

    @Test
    void D3_what_would_have_come_for_a_window_that_is_gone_is_no_fault_once_the_application_departs() {
        FacedWindow card = child("Card", button("go", alongside("Plan", when("closed", note("never")))));
        withMain(main("Desk", button("go", alongside("Card"))), card, child("Plan"))
                .departs(new DepartureRule.WithWindow("Desk"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"go\" of \"Card\"")
                .does("close box of \"Card\"")
                .does("close box of \"Desk\"")
                .hasNoFault()
                .seesAmongOthers("the application ends, exit code 0");
    }

    @Test
    void C3_a_window_that_was_asked_refuses_whoever_asks_again_until_that_is_decided() {
        design().start(CLOCK, alongside("Desk"), alongside("Plan"))
                .with(main("Desk"), asking(child("Plan")), box("Sure", "Yes", "No"))
                .departs(new DepartureRule.OnlyWhenTold())
                .ticks(Timer.of("clock", "1").firing(Script.of(closes("Plan", note("refused")))))
                .play()
                .does("close box of \"Plan\"")
                .does("timer \"clock\" fires")
                .sees("Plan stays open", "notes “refused”")
                .does("answer \"no\" of \"Sure\"")
                .does("timer \"clock\" fires")
                .opens("Desk", "Plan", "Sure");
    }

    @Test
    void D3_endings_reach_nobody_once_the_application_departs_and_a_second_session_ending_is_no_event() {
        withMain(asking(main("Desk", button("go", alongside("Plan", when("closed", note("never")))))), child("Plan"))
                .with(box("Sure", "Yes", "No"))
                .departs(new DepartureRule.WithWindow("Desk"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("session ends")
                .cannot("session ends")
                .does("answer \"yes\" of \"Sure\"")
                .sees("Sure ends yes", "Plan ends closed", "Desk ends closed", "the application ends, exit code 0");
    }

    @Test
    void C5_a_window_that_has_left_the_screen_is_not_seen_and_gets_nothing_while_its_last_script_waits() {
        FacedWindow plan = child("Plan", button("b"))
                .at(FacedWindow.Moment.AFTER_CLOSING, Script.of(Step.RunTask.of("work"), note("{way}")));
        var play = withMain(main("Desk", button("go", alongside("Plan"))), plan)
                .works(task("work", "done"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .sees("Plan ends closed", "runs work")
                .cannot("press \"b\" of \"Plan\"");
        assertThat(play.window("Plan").hidden()).isTrue();
        play.does("task \"work\" ends \"done\" of \"Plan\"")
                .sees("notes “close box”")
                .opens("Desk");
    }

    @Test
    void W6_an_end_that_is_put_off_keeps_its_code_and_its_text() {
        Step end = new Step.EndApplication(Optional.of(new Expression("3")), Optional.of("bye"), Script.EMPTY);
        FacedWindow plan = child("Plan")
                .at(FacedWindow.Moment.BEFORE_CLOSING, Script.of(end, waits("Sure", when("no", new Step.StayOpen()))));
        var making = withMain(main("Desk", button("go", alongside("Plan"))), plan)
                .with(box("Sure", "Yes", "No"))
                .departs(new DepartureRule.OnlyWhenTold());
        making.play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .does("answer \"yes\" of \"Sure\"")
                .sees(
                        "Sure ends yes",
                        "Plan ends closed",
                        "Desk ends closed",
                        "the application ends, exit code 3, saying “bye”");
        making.play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .does("answer \"no\" of \"Sure\"")
                .opens("Desk", "Plan");
    }

    @Test
    void C6_branches_run_in_the_order_in_which_their_windows_closed() {
        FacedWindow desk = main(
                "Desk",
                button(
                        "go",
                        alongside("Board", when("closed", note("board"))),
                        alongside("A", when("closed", note("a"))),
                        alongside("B", when("closed", note("b")))),
                button("close", closes("Board")));
        Step.Open ownedByBoard = new Step.Open(
                "B",
                new Manner.Alongside(),
                Optional.of(new Target.Single("Board")),
                List.of(),
                Optional.empty(),
                List.of(when("closed", note("b"))));
        FacedWindow both = main(
                "Desk",
                button("go", alongside("Board", when("closed", note("board"))), ownedByBoard),
                button("close", closes("Board")));
        withMain(both, child("Board"), owned(child("B")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"close\" of \"Desk\"")
                .sees("B ends closed", "Board ends closed", "notes “b”", "notes “board”");
        withMain(desk, child("Board"), child("A"), child("B"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"B\"")
                .sees("B ends closed", "notes “b”")
                .does("close box of \"A\"")
                .sees("A ends closed", "notes “a”");
    }

    @Test
    void O8_a_window_in_place_of_itself_is_a_new_one_before_the_old_one_goes() {
        withMain(main("Desk", button("go", alongside("Plan"))), child("Plan", button("again", inPlace("Plan"))))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"again\" of \"Plan\"")
                .sees("opens Plan (2)", "Plan ends closed")
                .opens("Desk", "Plan (2)")
                .does("press \"again\" of \"Plan\" 2")
                .hasNoFault();
    }

    @Test
    void X8_a_step_may_run_its_task_once_for_each_window() {
        FacedWindow card = child("Card", button("go", Step.RunTask.of("work").inBackground(true)))
                .living(Optional.of(new Instances.Many()), false);
        withMain(main("Desk", button("new", alongside("Card"))), card)
                .works(task("work", "done"))
                .play()
                .does("press \"new\" of \"Desk\"")
                .does("press \"new\" of \"Desk\"")
                .does("press \"go\" of \"Card\"")
                .does("press \"go\" of \"Card\" 2")
                .hasNoFault()
                .does("press \"go\" of \"Card\"")
                .faults(Fault.Rule.X8)
                .does("task \"work\" ends \"done\" of \"Card\"")
                .does("press \"go\" of \"Card\"")
                .hasNoFault();
    }

    @Test
    void C7_a_message_box_is_waited_for_even_in_place_of_a_window() {
        withMain(main("Desk", button("go", alongside("Plan"))), child("Plan", button("ask", inPlace("Sure"))))
                .with(box("Sure", "Yes"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"ask\" of \"Plan\"")
                .opens("Desk", "Sure")
                .blocks("Desk");
    }

    @Test
    void D2_many_windows_are_asked_and_closed_within_the_work_of_an_event() {
        FacedWindow card = child("Card").living(Optional.of(new Instances.Many()), false);
        var all = new Step[400];
        java.util.Arrays.fill(all, alongside("Card"));
        var play = withMain(main("Desk", button("go", all)), card)
                .departs(new DepartureRule.WithWindow("Desk"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .hasNoFault();
        assertThat(play.open()).hasSize(401);
        play.does("close box of \"Desk\"").hasNoFault().opens();
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;

import bivouac.design.DepartureRule;
import bivouac.design.Expression;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DepartureTest {

    private static Step endWith(int code) {
        return new Step.EndApplication(
                Optional.of(new Expression("" + code)), Optional.of("bye"), Script.of(note("refused")));
    }

    @Test
    void d1_when_the_last_window_has_closed() {
        withMain(main("Desk", button("go", alongside("Plan"))), child("Plan"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .runs()
                .does("close box of \"Plan\"")
                .ended(0);
    }

    @Test
    void d1_a_sign_in_that_closes_before_the_main_window_opens_ends_nothing() {
        design().start(waits("Sign in"), alongside("Desk"))
                .with(main("Desk"), dialog("Sign in"))
                .play()
                .does("Escape of \"Sign in\"")
                .sees("Sign in ends cancelled", "opens Desk")
                .runs();
    }

    @Test
    void d1_with_a_main_window_its_close_request_is_the_request_for_departure() {
        var desk = before(main("Desk", button("go", alongside("Free"))), note("{way}"));
        var free = before(child("Free"), waits("Sure", when("no", stay())));
        withMain(desk, free, box("Sure", "Yes", "No"))
                .departs(new DepartureRule.WithWindow("Desk"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .sees("notes “close box”", "opens Sure, waits: “Sure?”")
                .does("answer \"no\" of \"Sure\"")
                .sees("Sure ends no", "Free stays open", "the departure is called off")
                .opens("Desk", "Free")
                .does("close box of \"Desk\"")
                .does("answer \"yes\" of \"Sure\"")
                .sees("Sure ends yes", "Desk ends closed", "Free ends closed", "the application ends, exit code 0")
                .ended(0);
    }

    @Test
    void d1_only_when_told_it_stays_and_runs_unseen_which_is_x5_once() {
        withMain(main("Desk"))
                .departs(new DepartureRule.OnlyWhenTold())
                .play()
                .does("close box of \"Desk\"")
                .faults(Fault.Rule.X5)
                .runs();
    }

    @Test
    void d2_the_windows_are_asked_from_last_to_first_in_the_design_the_newest_of_one_first() {
        var card = before(child("Card").living(Optional.of(new bivouac.design.Instances.Many()), false), note("card"));
        withMain(
                        before(
                                main("Desk", button("go", alongside("Card"), alongside("Plan")), button("end", end())),
                                note("desk")),
                        before(child("Plan"), note("plan")),
                        card)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .does("press \"end\" of \"Desk\"")
                .sees(
                        "notes “card”",
                        "notes “card”",
                        "notes “plan”",
                        "notes “desk”",
                        "Card (2) ends closed",
                        "Card ends closed",
                        "Plan ends closed",
                        "Desk ends closed",
                        "the application ends, exit code 0");
    }

    @Test
    void d3_scripts_are_let_go_and_endings_reach_nobody() {
        withMain(
                        main(
                                "Desk",
                                button("go", alongside("Form", when("cancelled", note("never")))),
                                button("end", end(), note("never"))),
                        dialog("Form"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"end\" of \"Desk\"")
                .sees("Form ends cancelled", "Desk ends closed", "the application ends, exit code 0");
    }

    @Test
    void d3_a_departure_called_off_goes_on_in_its_refused_branch() {
        withMain(before(main("Desk", button("end", endWith(3), note("after"))), stay()))
                .play()
                .does("press \"end\" of \"Desk\"")
                .sees("Desk stays open", "the departure is called off", "notes “refused”", "notes “after”");
    }

    @Test
    void d6_the_code_is_the_one_given_else_1_after_a_fault_else_0() {
        withMain(main("Desk", button("end", endWith(3))))
                .play()
                .does("press \"end\" of \"Desk\"")
                .ended(3)
                .seesAmongOthers("the application ends, exit code 3, saying “bye”");
        withMain(main("Desk", button("bad", set("me.title", "string(1 / 0)"))))
                .play()
                .does("press \"bad\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .ended(1);
    }

    @Test
    void d6_d7_kept_values_outlive_the_end_but_not_being_killed() {
        var play = withMain(main(
                        "Desk",
                        button("more", set("app.n", "app.n + 1")),
                        bivouac.design.Part.Caption.of("shown", "{app.n}")))
                .kept("n", Type.WHOLE, "5")
                .play()
                .does("press \"more\" of \"Desk\"")
                .shows("Desk", "shown", "6")
                .does("killed")
                .does("start again")
                .shows("Desk", "shown", "5")
                .does("press \"more\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .seesAmongOthers("kept values saved")
                .cannot("killed")
                .does("start again");
        play.shows("Desk", "shown", "6");
    }

    @Test
    void d8_a_start_that_shows_nothing_runs_unseen() {
        design().start(note("hello")).play().faults(Fault.Rule.X5);
    }

    @Test
    void x6_scripts_that_open_each_other_for_ever_are_stopped() {
        var a = main("A").at(bivouac.design.FacedWindow.Moment.OPENED, Script.of(waits("B")));
        var b = dialog("B").at(bivouac.design.FacedWindow.Moment.OPENED, Script.of(alongside("C")));
        var c = dialog("C").at(bivouac.design.FacedWindow.Moment.OPENED, Script.of(alongside("B")));
        withMain(a, b, c).play().faults(Fault.Rule.X6);
    }
}

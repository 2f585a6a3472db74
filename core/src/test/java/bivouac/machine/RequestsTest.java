package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Close requests inside and beside each other: W6, C3, C5, C6, O8, B6, X10. */
class RequestsTest {

    @Test
    void W6_C3_a_window_that_closes_its_openers_window_while_it_is_asked_closes_too() {
        withMain(main("Main", button("go", waits("Kid"))), before(child("Kid"), closes("Main")))
                .play()
                .does("press \"go\" of \"Main\"")
                .does("close box of \"Kid\"")
                .sees("Main ends closed", "Kid ends closed", "the application ends, exit code 0")
                .ended(0);
    }

    @Test
    void W6_C3_who_is_asked_stays_asked_when_a_script_below_on_the_stack_goes() {
        // Low's script waits below for High, whose asking closes Low; while High is still asked it is asked no second
        // time
        var high = before(child("High"), closes("Low"), waits("Sure", when("no", stay())));
        withMain(
                        main("Main", button("low", alongside("Low")), button("again", closes("High", note("refused")))),
                        child("Low", button("go", waits("High"))),
                        high,
                        box("Sure", "Yes", "No"))
                .play()
                .does("press \"low\" of \"Main\"")
                .does("press \"go\" of \"Low\"")
                .does("close box of \"High\"")
                .sees("Low ends closed", "opens Sure, waits: “Sure?”")
                .does("answer \"no\" of \"Sure\"")
                .sees("Sure ends no", "High stays open")
                .opens("Main", "High")
                .does("close box of \"High\"")
                .does("answer \"yes\" of \"Sure\"")
                .opens("Main");
    }

    @Test
    void C3_what_an_opening_in_place_has_decided_on_may_close_by_itself() {
        var fresh = child("New").at(FacedWindow.Moment.OPENED, Script.of(waitsForOwner("Hello")));
        withMain(
                        main("Main"),
                        child("Old", button("own", alongside("Own")), button("go", inPlace("New"))),
                        owned(child("Own")),
                        fresh,
                        dialog("Hello"))
                .start(alongside("Main"), alongside("Old"))
                .play()
                .does("press \"own\" of \"Old\"")
                .does("press \"go\" of \"Old\"")
                .opens("Main", "Old", "Own", "New", "Hello")
                .blocks("Old", "New")
                .does("close box of \"Own\"")
                .sees("Own ends closed")
                .does("Escape of \"Hello\"")
                .sees("Hello ends cancelled", "Old ends closed")
                .opens("Main", "New");
    }

    @Test
    void O8_the_opener_is_asked_before_the_system_tries_and_stays_where_it_could_not() {
        var old = before(child("Old", button("go", tryInPlace("New"))), waits("Sure", when("no", stay())));
        var play = withMain(main("Main"), old, child("New").failing(true), box("Sure", "Yes", "No"))
                .start(alongside("Main"), alongside("Old"))
                .play()
                .does("press \"go\" of \"Old\"")
                .sees("opens Sure, waits: “Sure?”")
                .does("answer \"no\" of \"Sure\"")
                .sees("Sure ends no", "Old stays open")
                .opens("Main", "Old")
                .does("press \"go\" of \"Old\"")
                .does("answer \"yes\" of \"Sure\"")
                .blocks("Main", "Old")
                .cannot("close box of \"Main\"");
        play.does("task \"opening New\" ends \"could not\" of \"Old\"")
                .seesAmongOthers("notes “the system could not create it”")
                .hasNoFault()
                .opens("Main", "Old")
                .blocks()
                .does("press \"go\" of \"Old\"")
                .does("answer \"yes\" of \"Sure\"")
                .does("task \"opening New\" ends \"done\" of \"Old\"")
                .sees("opens New", "Old ends closed")
                .opens("Main", "New");
    }

    private static Step tryInPlace(String window) {
        return Step.Open.of(window, new Manner.InPlace("", List.of()), when("could not", note("{result.reason}")));
    }

    @Test
    void O8_C6_the_closing_window_gives_what_the_step_says() {
        var form = dialog(
                        "Form",
                        button("go", Step.Open.of("Next", new Manner.InPlace("ok", List.of(Given.of("n", "4"))))))
                .ending(List.of(Ending.of("ok", Ending.Give.of("n", Type.WHOLE)), Ending.of("cancelled")));
        withMain(main("Desk", button("ask", waits("Form", when("ok", note("{result.n}"))))), form, child("Next"))
                .play()
                .does("press \"ask\" of \"Desk\"")
                .does("press \"go\" of \"Form\"")
                .sees("opens Next", "Form ends ok with n 4", "notes “4”");
    }

    @Test
    void O8_D1_another_in_place_of_the_window_that_departure_is_tied_to_is_the_request_for_departure() {
        withMain(
                        before(
                                main("Desk", button("go", inPlace("Next"), note("after"))),
                                waits("Sure", when("no", stay()))),
                        child("Next"),
                        box("Sure", "Yes", "No"))
                .departs(new DepartureRule.WithWindow("Desk"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("answer \"no\" of \"Sure\"")
                .sees("Sure ends no", "Desk stays open", "the departure is called off", "notes “after”")
                .does("press \"go\" of \"Desk\"")
                .does("answer \"yes\" of \"Sure\"")
                .sees("Sure ends yes", "Desk ends closed", "the application ends, exit code 0");
    }

    @Test
    void O8_O5_in_place_only_what_can_be_owned_and_says_so_gets_the_owner() {
        var play = withMain(
                        main("Desk", button("form", waits("Form"))),
                        dialog("Form", button("plain", inPlace("Plain")), button("kin", inPlace("Kin"))),
                        child("Plain"),
                        owned(child("Kin")))
                .play()
                .does("press \"form\" of \"Desk\"")
                .does("press \"kin\" of \"Form\"");
        assertThat(play.window("Kin").owner()).isPresent();
        play.does("close box of \"Kin\"").does("press \"form\" of \"Desk\"").does("press \"plain\" of \"Form\"");
        assertThat(play.window("Plain").owner()).isEmpty();
    }

    @Test
    void D1_closing_the_main_window_by_a_step_while_a_departure_is_undecided_counts_as_refused() {
        var plan = before(child("Plan"), closes("Desk", note("refused")));
        withMain(main("Desk", button("go", alongside("Plan"))), plan)
                .departs(new DepartureRule.WithWindow("Desk"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("session ends")
                .seesAmongOthers("Desk stays open", "the departure is called off", "notes “refused”")
                .seesAmongOthers("the application ends, exit code 0");
    }

    @Test
    void B6_the_scripts_of_a_request_are_all_above_it_on_the_stack() {
        // the box is opened by Inner's asking, which Outer's asking set going: both requests count it as theirs
        var inner = before(child("Inner"), waitsForOwner("Note"));
        var outer = before(child("Outer"), closes("Inner"));
        withMain(main("Desk", button("go", alongside("Inner"), alongside("Outer"))), inner, outer, dialog("Note"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Outer\"")
                .blocks("Inner", "Outer")
                .does("Escape of \"Note\"")
                .opens("Desk");
    }

    @Test
    void C2_a_branch_that_before_closing_left_behind_refuses_nothing_later() {
        var plan = before(child("Plan"), alongside("Card", when("closed", stay())), stay());
        withMain(main("Desk", button("go", alongside("Plan"))), plan, child("Card"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .opens("Desk", "Plan", "Card")
                .does("close box of \"Card\"")
                .sees("Card ends closed")
                .opens("Desk", "Plan");
    }

    @Test
    void C6_an_ending_given_nothing_leaves_no_value_of_an_earlier_one() {
        var form = dialog(
                        "Form",
                        button("some", close("ok", Given.of("n", "4"))),
                        button("none", new Step.Close(new Target.Me(), Optional.of("ok"), List.of(), Script.EMPTY)))
                .ending(List.of(Ending.of("ok", Ending.Give.of("n", Type.WHOLE)), Ending.of("cancelled")));
        withMain(
                        main(
                                "Desk",
                                button(
                                        "ask",
                                        new Step.Repeat(Script.of(
                                                waits("Form", when("ok", note("{result.n}"), new Step.Again())))))),
                        form)
                .play()
                .does("press \"ask\" of \"Desk\"")
                .does("press \"some\" of \"Form\"")
                .seesAmongOthers("notes “4”")
                .does("press \"none\" of \"Form\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void X10_after_closing_opens_shows_hides_closes_refuses_and_ends_nothing() {
        for (Step forbidden : List.of(
                alongside("Desk"),
                waits("Sure"),
                hide("Desk"),
                new Step.Reach(Step.Reach.How.SHOW, new Target.Single("Desk")),
                new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Single("Desk")),
                closes("Desk"),
                stay(),
                ends(3, "bye"))) {
            withMain(
                            main("Desk", button("go", alongside("Plan"))),
                            after(child("Plan"), forbidden, note("never")),
                            box("Sure", "OK"))
                    .play()
                    .does("press \"go\" of \"Desk\"")
                    .does("close box of \"Plan\"")
                    .faults(Fault.Rule.X10)
                    .opens("Desk")
                    .runs();
        }
    }
}

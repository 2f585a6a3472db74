package bivouac.machine;

import static bivouac.machine.Play.*;

import bivouac.design.DepartureRule;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WaitingTest {

    private static FacedWindow form() {
        return dialog(
                        "Form",
                        Part.TextField.of("name", "Name"),
                        button("ok", close("admitted", Given.of("guest", "me.name"))))
                .ending(List.of(Ending.of("admitted", Ending.Give.of("guest", Type.TEXT)), Ending.of("cancelled")));
    }

    @Test
    void w2_the_script_goes_on_in_the_branch_of_the_ending_with_its_values() {
        withMain(
                        main(
                                "Desk",
                                Part.Caption.of("shown", "-"),
                                button(
                                        "go",
                                        waits(
                                                "Form",
                                                when("admitted", set("me.shown", "result.guest"), note("in branch"))),
                                        note("after"))),
                        form())
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("type \"Ilva\" into \"name\" of \"Form\"")
                .does("press \"ok\" of \"Form\"")
                .sees(
                        "Form ends admitted with guest Ilva",
                        "sets me.shown to Ilva",
                        "notes “in branch”",
                        "notes “after”")
                .shows("Desk", "shown", "Ilva");
    }

    @Test
    void w4_an_ending_without_a_branch_does_nothing_and_the_script_goes_on_after_the_step() {
        withMain(main("Desk", button("go", waits("Form", when("admitted", note("no"))), note("after"))), form())
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("Escape of \"Form\"")
                .sees("Form ends cancelled", "notes “after”");
    }

    @Test
    void w4_a_named_result_is_readable_inside_the_branch() {
        var open = new Step.Open(
                "Form",
                waits("Form").manner(),
                Optional.empty(),
                List.of(),
                Optional.of("arrival"),
                List.of(when("admitted", waits("Sure", when("yes", note("{arrival.guest}"))))));
        withMain(main("Desk", button("go", open)), form(), box("Sure", "Yes", "No"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("type \"Oren\" into \"name\" of \"Form\"")
                .does("press \"ok\" of \"Form\"")
                .does("answer \"yes\" of \"Sure\"")
                .seesAmongOthers("notes “Oren”");
    }

    @Test
    void w2_a_first_result_is_held_back_until_the_script_that_waits_above_it_is_done() {
        var a = main("A", button("go", waitsForOwner("Form A"), note("A goes on")));
        var b = main("B", button("go", waitsForOwner("Form B"), note("B goes on")));
        design().start(alongside("A"), alongside("B"))
                .with(a, b, dialog("Form A"), dialog("Form B"))
                .play()
                .does("press \"go\" of \"A\"")
                .does("press \"go\" of \"B\"")
                .does("Escape of \"Form A\"")
                .sees("Form A ends cancelled")
                .does("Escape of \"Form B\"")
                .sees("Form B ends cancelled", "notes “B goes on”", "notes “A goes on”");
    }

    @Test
    void w3_alongside_the_script_goes_on_at_once_and_the_branch_runs_when_the_window_ends() {
        withMain(
                        main(
                                "Desk",
                                Part.Caption.of("shown", ""),
                                button(
                                        "go",
                                        alongside("Form", when("admitted", set("me.shown", "result.guest"))),
                                        note("at once"))),
                        form())
                .play()
                .does("press \"go\" of \"Desk\"")
                .sees("opens Form", "notes “at once”")
                .does("type \"Ilva\" into \"name\" of \"Form\"")
                .does("press \"ok\" of \"Form\"")
                .sees("Form ends admitted with guest Ilva", "sets me.shown to Ilva")
                .shows("Desk", "shown", "Ilva");
    }

    @Test
    void w3_x2_a_result_for_an_opener_that_is_gone_is_dropped() {
        var opener = child("Opener", button("go", alongside("Free", when("closed", note("never")))));
        design().start(alongside("Desk"), alongside("Opener"))
                .with(main("Desk"), opener, child("Free"))
                .play()
                .does("press \"go\" of \"Opener\"")
                .does("close box of \"Opener\"")
                .hasNoFault()
                .does("close box of \"Free\"")
                .faults(Fault.Rule.X2)
                .opens("Desk");
    }

    @Test
    void w6_closing_its_own_window_ends_the_script_and_goes_on_after_it_if_refused() {
        var willing = child("Willing", button("go", close("closed"), note("never")));
        var stubborn = before(child("Stubborn", button("go", close("closed"), note("went on"))), stay());
        design().start(alongside("Desk"), alongside("Willing"), alongside("Stubborn"))
                .with(main("Desk"), willing, stubborn)
                .play()
                .does("press \"go\" of \"Willing\"")
                .sees("Willing ends closed")
                .does("press \"go\" of \"Stubborn\"")
                .sees("Stubborn stays open", "notes “went on”");
    }

    @Test
    void w6_closing_another_window_goes_on_when_it_is_settled_with_a_branch_for_refused() {
        var closeIt =
                new Step.Close(new Target.Single("Plan"), Optional.empty(), List.of(), Script.of(note("it stayed")));
        var plan = before(child("Plan"), waits("Sure", when("no", stay())));
        withMain(
                        main("Desk", button("open", alongside("Plan")), button("go", closeIt, note("then"))),
                        plan,
                        box("Sure", "Yes", "No"))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .does("answer \"no\" of \"Sure\"")
                .sees("Sure ends no", "Plan stays open", "notes “it stayed”", "notes “then”")
                .does("press \"go\" of \"Desk\"")
                .does("answer \"yes\" of \"Sure\"")
                .sees("Sure ends yes", "Plan ends closed", "notes “then”");
    }

    @Test
    void w6_r3_closing_a_window_that_is_not_open_does_nothing() {
        var closeIt =
                new Step.Close(new Target.Single("Plan"), Optional.empty(), List.of(), Script.of(note("it stayed")));
        withMain(main("Desk", button("go", closeIt, note("then"))), child("Plan"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .sees("notes “then”");
    }

    @Test
    void w6_an_end_during_an_undecided_request_is_put_off_until_it_is_decided() {
        var plan = before(child("Plan"), end(), note("asked"), waits("Sure", when("no", stay())));
        var play = withMain(main("Desk", button("go", alongside("Plan"))), plan, box("Sure", "Yes", "No"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .seesAmongOthers("notes “asked”")
                .does("answer \"no\" of \"Sure\"")
                .runs()
                .opens("Desk", "Plan");
        play.does("close box of \"Plan\"").does("answer \"yes\" of \"Sure\"").ended(0);
    }

    @Test
    void w6_when_a_window_is_gone_its_scripts_end_where_they_are() {
        var plan = child("Plan", button("ask", waitsForOwner("Sure"), note("never")));
        var closeIt = new Step.Close(new Target.Single("Plan"), Optional.empty(), List.of(), Script.EMPTY);
        design().departs(new DepartureRule.OnlyWhenTold())
                .start(alongside("Desk"), alongside("Plan"))
                .with(main("Desk", button("go", closeIt)), plan, box("Sure", "Yes", "No"))
                .play()
                .does("press \"ask\" of \"Plan\"")
                .does("press \"go\" of \"Desk\"")
                .sees("Sure closes", "Plan ends closed")
                .opens("Desk");
    }
}

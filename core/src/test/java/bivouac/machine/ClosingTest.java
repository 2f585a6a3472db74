package bivouac.machine;

import static bivouac.machine.Play.*;

import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.design.WayOut;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ClosingTest {

    @Test
    void c1_usual_ways_out_of_a_child_and_of_a_dialog() {
        design().start(alongside("Desk"), alongside("Plan"), alongside("Form"))
                .with(main("Desk"), child("Plan"), dialog("Form"))
                .play()
                .cannot("Escape of \"Plan\"")
                .does("close box of \"Plan\"")
                .sees("Plan ends closed")
                .does("Escape of \"Form\"")
                .sees("Form ends cancelled");
    }

    @Test
    void c1_close_box_and_escape_may_be_absent_or_press_a_part() {
        var form = dialog("Form", button("cancel", note("pressed"), close("cancelled")))
                .leaving(Way.CLOSE_BOX, new WayOut.Absent())
                .leaving(Way.ESCAPE, new WayOut.AsPressing("cancel"));
        withMain(main("Desk", button("go", waits("Form"))), form)
                .play()
                .does("press \"go\" of \"Desk\"")
                .cannot("close box of \"Form\"")
                .does("Escape of \"Form\"")
                .sees("notes “pressed”", "Form ends cancelled");
    }

    @Test
    void c2_before_closing_runs_whatever_the_way_out_and_knows_it() {
        var form = before(dialog("Form", button("ok", close("ok"))), note("{way} to {ending}"), stay());
        var closeIt = new Step.Close(new Target.Single("Desk"), Optional.empty(), List.of(), Script.EMPTY);
        withMain(main("Desk", button("go", alongside("Form")), button("leave", closeIt), button("end", end())), form)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"ok\" of \"Form\"")
                .sees("notes “close step to ok”", "Form stays open")
                .does("close box of \"Form\"")
                .sees("notes “close box to cancelled”", "Form stays open")
                .does("Escape of \"Form\"")
                .sees("notes “Escape to cancelled”", "Form stays open")
                .does("press \"leave\" of \"Desk\"")
                .sees("notes “owner closing to cancelled”", "Form stays open")
                .does("press \"end\" of \"Desk\"")
                .sees("notes “owner closing to cancelled”", "Form stays open", "the departure is called off")
                .does("session ends")
                .sees("notes “owner closing to cancelled”", "Form stays open", "the departure is called off");
    }

    @Test
    void c2_a_fault_while_asking_refuses() {
        withMain(before(main("Desk"), set("me.title", "string(1 / 0)")))
                .play()
                .does("close box of \"Desk\"")
                .faults(Fault.Rule.X3)
                .opens("Desk")
                .runs();
    }

    @Test
    void c2_a_way_out_marked_unasked_skips_the_question() {
        var desk = before(main("Desk"), stay()).leaving(Way.CLOSE_BOX, new WayOut.LeadsTo("closed", List.of(), true));
        withMain(desk).play().does("close box of \"Desk\"").ended(0);
    }

    @Test
    void c3_a_window_that_is_being_asked_gets_no_second_request() {
        var plan = before(child("Plan"), waitsForOwner("Sure", when("no", stay())));
        var closeIt =
                new Step.Close(new Target.Single("Plan"), Optional.empty(), List.of(), Script.of(note("refused")));
        withMain(main("Desk", button("open", alongside("Plan")), button("go", closeIt)), plan, box("Sure", "Yes", "No"))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .does("press \"go\" of \"Desk\"")
                .sees("Plan stays open", "notes “refused”")
                .does("session ends")
                .seesAmongOthers("the departure is called off")
                .does("answer \"yes\" of \"Sure\"")
                .opens("Desk");
    }

    @Test
    void c4_the_owned_are_asked_too_and_one_refusal_refuses_all() {
        var own = before(owned(child("Own")), waits("Sure", when("no", stay())));
        withMain(
                        before(main("Desk", button("go", alongside("Own"))), note("desk asked")),
                        own,
                        box("Sure", "Yes", "No"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .sees("notes “desk asked”", "opens Sure, waits: “Sure?”")
                .does("answer \"no\" of \"Sure\"")
                .sees("Sure ends no", "Own stays open")
                .opens("Desk", "Own")
                .does("close box of \"Desk\"")
                .does("answer \"yes\" of \"Sure\"")
                .sees("Sure ends yes", "Own ends closed", "Desk ends closed", "the application ends, exit code 0");
    }

    @Test
    void c5_after_closing_runs_when_it_has_left_the_screen_and_still_reads_its_values() {
        var plan =
                after(child("Plan", Part.TextField.of("note", "Note")), set("desk.shown", "me.note + \" by \" + way"));
        withMain(main("Desk", Part.Caption.of("shown", ""), button("go", alongside("Plan"))), plan)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("type \"soup\" into \"note\" of \"Plan\"")
                .does("close box of \"Plan\"")
                .sees("Plan ends closed", "sets desk.shown to soup by close box")
                .shows("Desk", "shown", "soup by close box");
    }

    @Test
    void c5_after_closing_opens_nothing() {
        withMain(main("Desk", button("go", alongside("Plan"))), after(child("Plan"), alongside("Desk")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .faults(Fault.Rule.X10)
                .opens("Desk");
    }

    @Test
    void c6_a_fault_in_a_value_that_reaches_someone_refuses_and_one_that_reaches_nobody_is_not_made() {
        var form = dialog(
                        "Form",
                        Part.ValueField.of("nights", "Nights"),
                        button("ok", close("ok", Given.of("n", "me.nights"))))
                .ending(List.of(Ending.of("ok", Ending.Give.of("n", Type.NUMBER)), Ending.of("cancelled")));
        withMain(
                        main(
                                "Desk",
                                button("wait", waits("Form", when("ok", note("{result.n}")))),
                                button("free", alongside("Form"))),
                        form)
                .play()
                .does("press \"wait\" of \"Desk\"")
                .does("press \"ok\" of \"Form\"")
                .faults(Fault.Rule.X3)
                .opens("Desk", "Form")
                .does("type \"2\" into \"nights\" of \"Form\"")
                .does("press \"ok\" of \"Form\"")
                .sees("Form ends ok with n 2", "notes “2”")
                .does("press \"free\" of \"Desk\"")
                .does("press \"ok\" of \"Form\"")
                .hasNoFault()
                .opens("Desk");
    }

    @Test
    void c6_endings_arrive_when_all_windows_of_the_request_are_gone_in_the_order_of_closing() {
        var inner = owned(child("Inner"));
        var outer = child("Outer", button("inner", alongside("Inner")));
        withMain(
                        main("Desk", button("go", alongside("Outer", when("closed", note("outer {isOpen(inner)}"))))),
                        outer,
                        inner)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"inner\" of \"Outer\"")
                .does("close box of \"Outer\"")
                .sees("Inner ends closed", "Outer ends closed", "notes “outer no”");
    }

    @Test
    void c6_an_opener_that_goes_in_the_same_request_gets_no_ending_and_that_is_no_fault() {
        var openC = new Step.Open(
                "C",
                alongside("C").manner(),
                Optional.of(new Target.Single("Desk")),
                List.of(),
                Optional.empty(),
                List.of(when("closed", note("never"))));
        var last = owned(child("A", button("go", openC)));
        withMain(main("Desk", button("a", alongside("A"))), owned(child("C")), last)
                .play()
                .does("press \"a\" of \"Desk\"")
                .does("press \"go\" of \"A\"")
                .does("close box of \"Desk\"")
                .hasNoFault()
                .sees("A ends closed", "C ends closed", "Desk ends closed", "the application ends, exit code 0");
    }

    @Test
    void c7_close_box_and_escape_of_a_message_box_lead_to_the_ending_marked_escape_or_the_only_one() {
        withMain(
                        main(
                                "Desk",
                                button("a", waits("Only")),
                                button("b", waits("Both")),
                                button("c", waits("Marked"))),
                        box("Only", "OK"),
                        box("Both", "Yes", "No"),
                        escaping(box("Marked", "Yes", "No"), "no"))
                .play()
                .does("press \"a\" of \"Desk\"")
                .does("Escape of \"Only\"")
                .sees("Only ends ok")
                .does("press \"b\" of \"Desk\"")
                .cannot("Escape of \"Both\"")
                .cannot("close box of \"Both\"")
                .does("answer \"yes\" of \"Both\"")
                .does("press \"c\" of \"Desk\"")
                .does("close box of \"Marked\"")
                .sees("Marked ends no");
    }

    @Test
    void c7_a_message_box_is_taken_away_with_its_owner_unasked() {
        var plan = child("Plan", button("ask", waitsForOwner("Sure", when("no", note("never")))));
        var closeIt = new Step.Close(new Target.Single("Plan"), Optional.empty(), List.of(), Script.EMPTY);
        design().start(alongside("Desk"), alongside("Plan"))
                .with(main("Desk", button("go", closeIt)), plan, escaping(box("Sure", "Yes", "No"), "no"))
                .play()
                .does("press \"ask\" of \"Plan\"")
                .does("press \"go\" of \"Desk\"")
                .sees("Sure ends no", "Plan ends closed");
    }

    @Test
    void p2_escape_in_a_window_moment_of_a_fresh_dialog_is_its_escape_way_out() {
        var form = dialog("Form").at(FacedWindow.Moment.OPENED, Script.of(note("there")));
        withMain(main("Desk", button("go", waits("Form", when("cancelled", note("left"))))), form)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("Escape of \"Form\"")
                .sees("Form ends cancelled", "notes “left”");
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Variable;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class OpeningTest {

    private static FacedWindow taking(FacedWindow window, Take... takes) {
        return window.taking(List.of(takes));
    }

    @Test
    void o1_the_application_begins_with_the_start_script_and_what_nothing_opens_is_never_seen() {
        withMain(main("Desk"), child("Nobody opens me")).play().opens("Desk").sees("opens Desk");
    }

    @Test
    void o2_values_are_handed_over_from_the_openers_scope() {
        var form = taking(
                dialog("Form", Part.Caption.of("shown", "{takes.bunk} of {takes.hut}")),
                Take.of("bunk", Type.WHOLE),
                new Take(
                        bivouac.design.Name.of("hut"),
                        Type.TEXT,
                        Optional.of(new bivouac.design.Expression("\"Ridge\""))));
        withMain(main("Desk", button("go", waits("Form").handing(Given.of("bunk", "3 + 4")))), form)
                .play()
                .does("press \"go\" of \"Desk\"")
                .shows("Form", "shown", "7 of Ridge");
    }

    @Test
    void o2_a_fault_in_a_value_handed_over_opens_nothing() {
        var form = taking(dialog("Form"), Take.of("bunk", Type.WHOLE));
        withMain(main("Desk", button("go", waits("Form").handing(Given.of("bunk", "1 / 0")))), form)
                .play()
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .opens("Desk");
    }

    @Test
    void o3_a_single_window_comes_to_the_front_and_is_told() {
        var plan = child("Plan").at(FacedWindow.Moment.BROUGHT_BACK, Script.of(note("back")));
        withMain(main("Desk", button("go", alongside("Plan"))), plan)
                .play()
                .does("press \"go\" of \"Desk\"")
                .opens("Desk", "Plan")
                .does("press \"go\" of \"Desk\"")
                .opens("Desk", "Plan")
                .sees("Plan comes to the front", "notes “back”");
    }

    @Test
    void o3_a_dialog_opens_anew_each_time_and_so_does_a_child_that_takes_something() {
        var card = taking(
                child("Card"),
                new Take(bivouac.design.Name.of("row"), Type.WHOLE, Optional.of(new bivouac.design.Expression("1"))));
        withMain(main("Desk", button("go", alongside("Card"))), card)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .opens("Desk", "Card", "Card (2)");
    }

    @Test
    void o3_one_for_each_key_is_brought_back_by_its_key_with_the_new_values() {
        var card = taking(
                        child("Card", Part.Caption.of("c", "{takes.guest}: {takes.note}")),
                        Take.of("guest", Type.TEXT),
                        Take.of("note", Type.TEXT))
                .living(Optional.of(new Instances.OneForEach("guest")), false);
        withMain(
                        main(
                                "Desk",
                                button(
                                        "a",
                                        alongside("Card")
                                                .handing(Given.of("guest", "'Ilva'"), Given.of("note", "'one'"))),
                                button(
                                        "b",
                                        alongside("Card")
                                                .handing(Given.of("guest", "'Oren'"), Given.of("note", "'two'"))),
                                button(
                                        "c",
                                        alongside("Card")
                                                .handing(Given.of("guest", "'Ilva'"), Given.of("note", "'three'")))),
                        card)
                .play()
                .does("press \"a\" of \"Desk\"")
                .does("press \"b\" of \"Desk\"")
                .opens("Desk", "Card", "Card (2)")
                .does("press \"c\" of \"Desk\"")
                .stacks("Card (2)", "Desk", "Card")
                .shows("Card", "c", "Ilva: three");
    }

    @Test
    void x7_a_single_window_that_is_open_cannot_be_waited_for() {
        withMain(main("Desk", button("go", alongside("Plan")), button("wait", waits("Plan"))), child("Plan"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"wait\" of \"Desk\"")
                .faults(Fault.Rule.X7)
                .opens("Desk", "Plan")
                .blocks();
    }

    @Test
    void o4_a_new_instance_gets_its_values_afresh() {
        var form =
                dialog("Form", Part.TextField.of("name", "Name")).holding(List.of(Variable.of("n", Type.WHOLE, "4")));
        withMain(main("Desk", button("go", waits("Form"))), form)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("type \"Ilva\" into \"name\" of \"Form\"")
                .shows("Form", "name", "Ilva")
                .does("Escape of \"Form\"")
                .does("press \"go\" of \"Desk\"")
                .shows("Form", "name", "");
    }

    @Test
    void o5_a_dialog_is_owned_by_its_opener_a_child_only_if_it_says_so_a_main_window_never() {
        var play = withMain(
                        main(
                                "Desk",
                                button(
                                        "go",
                                        alongside("Tool"),
                                        alongside("Own"),
                                        alongside("Free"),
                                        alongside("Other"))),
                        dialog("Tool"),
                        owned(child("Own")),
                        child("Free"),
                        main("Other"))
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(play.window("Tool").owner()).map(Object::toString).contains("Desk");
        assertThat(play.window("Own").owner()).map(Object::toString).contains("Desk");
        assertThat(play.window("Free").owner()).isEmpty();
        assertThat(play.window("Other").owner()).isEmpty();
    }

    @Test
    void o5_a_step_may_name_another_owner() {
        var open = alongside("Tool");
        var named = new bivouac.design.Step.Open(
                "Tool", open.manner(), Optional.of(new Target.Single("Plan")), List.of(), Optional.empty(), List.of());
        var play = withMain(main("Desk", button("go", alongside("Plan"), named)), child("Plan"), dialog("Tool"))
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(play.window("Tool").owner()).map(Object::toString).contains("Plan");
    }

    @Test
    void o6_the_opened_script_runs_before_any_event_and_may_wait() {
        var plan = child("Plan").at(FacedWindow.Moment.OPENED, Script.of(waits("Hello"), note("after")));
        withMain(main("Desk", button("go", alongside("Plan"), note("opener goes on"))), plan, box("Hello", "OK"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .opens("Desk", "Plan", "Hello")
                .blocks("Desk", "Plan")
                .does("answer \"ok\" of \"Hello\"")
                .sees("Hello ends ok", "notes “after”", "notes “opener goes on”")
                .blocks();
    }

    @Test
    void o8_in_place_the_new_window_is_there_before_the_old_one_goes() {
        withMain(main("First", button("go", inPlace("Second"))), main("Second"))
                .play()
                .does("press \"go\" of \"First\"")
                .sees("opens Second", "First ends closed")
                .opens("Second")
                .runs();
    }

    @Test
    void o8_in_place_nothing_opens_if_the_opener_refuses() {
        withMain(before(main("First", button("go", inPlace("Second"), note("still here"))), stay()), main("Second"))
                .play()
                .does("press \"go\" of \"First\"")
                .sees("First stays open", "notes “still here”")
                .opens("First");
    }

    @Test
    void o9_an_instance_is_kept_under_a_name_for_the_rest_of_the_script() {
        var open = new bivouac.design.Step.Open(
                "Card", alongside("Card").manner(), Optional.empty(), List.of(), Optional.of("card"), List.of());
        var closeKept =
                new bivouac.design.Step.Close(new Target.Kept("card"), Optional.empty(), List.of(), Script.EMPTY);
        withMain(
                        main("Desk", button("go", open, open, closeKept)),
                        taking(
                                child("Card"),
                                new Take(
                                        bivouac.design.Name.of("n"),
                                        Type.WHOLE,
                                        Optional.of(new bivouac.design.Expression("1")))))
                .play()
                .does("press \"go\" of \"Desk\"")
                .sees("opens Card", "opens Card (2)", "Card (2) ends closed")
                .opens("Desk", "Card");
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.state.State;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class PartsTest {

    @Test
    void p1_members_of_each_kind_can_be_read_and_set() {
        var desk = main(
                "Desk",
                Part.TextField.of("name", "Name"),
                Part.ValueField.of("nights", "Nights"),
                Part.TickBox.of("member", "Member"),
                Part.Caption.of("shown", "-"),
                button(
                        "go",
                        set(
                                "me.shown",
                                "me.name + \"|\" + me.nights.typed + \"|\" + (me.nights.given ? shown(me.nights * 2) : \"none\") + \"|\" + (me.member ? \"in\" : \"out\")")),
                button(
                        "put",
                        set("me.name", "\"Ilva\""),
                        set("me.nights", "3"),
                        set("me.member", "true"),
                        set("me.go.enabled", "false"),
                        set("me.title", "\"New\"")));
        withMain(desk)
                .play()
                .does("press \"go\" of \"Desk\"")
                .shows("Desk", "shown", "||none|out")
                .does("type \"2.5\" into \"nights\" of \"Desk\"")
                .does("tick \"member\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .shows("Desk", "shown", "|2.5|5|in")
                .does("press \"put\" of \"Desk\"")
                .shows("Desk", "name", "Ilva")
                .shows("Desk", "nights", "3")
                .cannot("press \"go\" of \"Desk\"");
    }

    @Test
    void p1_reading_a_number_field_that_holds_none_is_x3() {
        withMain(main("Desk", Part.ValueField.of("n", "N"), button("go", set("me.title", "shown(me.n)"))))
                .play()
                .does("type \"two\" into \"n\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void p1_conditions_follow_and_decide_about_events() {
        var go = new Part.Button(
                bivouac.design.Name.of("go"),
                "Go",
                false,
                bivouac.design.Each.ONCE,
                Script.EMPTY,
                bivouac.design.Traits.USUAL.enabled(new Setting.Follows(new Expression("!blank(me.name)"))));
        withMain(main("Desk", Part.TextField.of("name", "Name"), go))
                .play()
                .cannot("press \"go\" of \"Desk\"")
                .does("type \"Ilva\" into \"name\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"");
    }

    @Test
    void p1_a_read_only_field_is_enabled_and_no_person_changes_it() {
        var name = Part.TextField.of("name", "Name");
        withMain(main(
                        "Desk",
                        name.with(name.traits().readOnly(Setting.YES)),
                        button("free", set("me.name.readOnly", "false")),
                        button("put", set("me.name", "\"Ilva\""))))
                .play()
                .cannot("type \"Orrin\" into \"name\" of \"Desk\"")
                .does("press \"put\" of \"Desk\"")
                .shows("Desk", "name", "Ilva")
                .does("press \"free\" of \"Desk\"")
                .does("type \"Orrin\" into \"name\" of \"Desk\"");
    }

    @Test
    void p1_font_and_colour_are_set_or_follow_and_take_nothing_that_is_none() {
        var tag = Part.Caption.of("tag", "Tag");
        var follows = Part.Caption.of("follows", "Sample");
        var play = withMain(main(
                        "Desk",
                        tag.with(tag.traits().colour("#2f5d50")),
                        follows.with(follows.traits().font("{app.print}")),
                        button("red", set("me.tag.colour", "\"#a3283f\"")),
                        button("wrong", set("me.tag.colour", "\"reddish\"")),
                        button("print", set("app.print", "\"Inter 18\""))))
                .variable("print", Type.Plain.FONT, "\"Inter 12\"")
                .play();
        assertThat(part(play, "tag").colour()).isEqualTo("#2f5d50");
        assertThat(part(play, "follows").font()).isEqualTo("Inter 12");
        play.does("press \"red\" of \"Desk\"").does("press \"print\" of \"Desk\"");
        assertThat(part(play, "tag").colour()).isEqualTo("#a3283f");
        assertThat(part(play, "follows").font()).isEqualTo("Inter 18");
        play.does("press \"wrong\" of \"Desk\"").faults(Fault.Rule.X3);
    }

    private static Scene.SeenPart part(Play play, String name) {
        return play.window("Desk").parts().stream()
                .filter(p -> p.design().name().expression().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void p2_a_change_made_by_a_script_starts_no_trigger_one_made_by_a_person_does() {
        var field = Part.TextField.of("name", "Name").triggering(Script.of(note("changed to {me.name}")));
        withMain(main("Desk", field, button("put", set("me.name", "\"x\""))))
                .play()
                .does("type \"Ilva\" into \"name\" of \"Desk\"")
                .sees("notes “changed to Ilva”")
                .does("press \"put\" of \"Desk\"")
                .sees("sets me.name to x");
    }

    @Test
    void p3_live_texts_show_their_values_as_they_stand_and_two_braces_are_one() {
        var play = withMain(main(
                                "Desk",
                                Part.Caption.of("shown", "{{n}} is {me.n * 2}"),
                                button("go", set("me.n", "me.n + 1")))
                        .holding(List.of(Variable.of("n", Type.WHOLE, "20"))))
                .play()
                .shows("Desk", "shown", "{n} is 40")
                .does("press \"go\" of \"Desk\"");
        play.shows("Desk", "shown", "{n} is 42");
    }

    @Test
    void p3_a_live_text_that_has_a_fault_is_met_at_rest() {
        withMain(main("Desk", Part.Caption.of("shown", "{10 / me.n}"), button("go", set("me.n", "me.n - 1")))
                        .holding(List.of(Variable.of("n", Type.WHOLE, "1"))))
                .play()
                .hasNoFault()
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void p3_a_text_made_from_itself_comes_to_an_end() {
        withMain(main(
                        "Desk",
                        Part.Caption.of("a", "{me.b}"),
                        Part.Caption.of("b", "{me.a}"),
                        button("go", set("me.title", "me.a"))))
                .play()
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void p4_a_field_never_holds_more_than_its_longest_length() {
        var field = new Part.TextField(
                bivouac.design.Name.of("name"),
                "Name",
                "",
                OptionalInt.of(3),
                Part.Entry.ONE_LINE,
                Script.EMPTY,
                bivouac.design.Traits.USUAL);
        withMain(main("Desk", field))
                .play()
                .does("type \"a𝄞cdef\" into \"name\" of \"Desk\"")
                .shows("Desk", "name", "a𝄞c");
    }

    @Test
    void r1_r3_owner_opener_and_single_windows_can_be_reached_and_reading_a_closed_one_is_x3() {
        var form = dialog(
                "Form", button("go", set("owner.shown", "\"by owner\""), set("desk.shown2", "opener.shown + \"!\"")));
        withMain(
                        main(
                                "Desk",
                                Part.Caption.of("shown", ""),
                                Part.Caption.of("shown2", ""),
                                button("open", alongside("Form")),
                                button("read", set("me.title", "plan.title"))),
                        form,
                        child("Plan"))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"go\" of \"Form\"")
                .shows("Desk", "shown", "by owner")
                .shows("Desk", "shown2", "by owner!")
                .does("press \"read\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void e1_s1_a_step_is_a_function_and_stacking_is_no_part_of_the_state() {
        var play = withMain(main("Desk", button("go", alongside("Plan"))), child("Plan"))
                .play()
                .does("press \"go\" of \"Desk\"");
        var machine = play.rehearsal().machine();
        State state = play.rehearsal().present().state();
        for (Event event : machine.events(state)) {
            assertThat(machine.step(state, event)).isEqualTo(machine.step(state, event, s -> {}));
        }
        State raised = machine.raise(state, 0);
        assertThat(raised).isEqualTo(state).hasSameHashCodeAs(state);
        assertThat(machine.scene(raised).windows())
                .extracting(w -> w.which().window())
                .containsExactly("Plan", "Desk");
    }

    @Test
    void e1_a_state_is_packed_to_what_its_program_can_reach() {
        var desk = before(main("Desk", button("go", waits("Form")), Part.TickBox.of("t", "T")), waits("Sure"));
        var play = withMain(desk, dialog("Form"), box("Sure", "Yes")).play().does("press \"go\" of \"Desk\"");
        State state = play.rehearsal().present().state();
        assertThat(state.size())
                .as("bytes of two windows, one of them waited for")
                .isEqualTo(Long.BYTES);
        assertThat(play.rehearsal().machine().again(state)).isEqualTo(state);
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Triggers of lists beside the selection: activated, before removing, several selected rows (P1, P2, V4). */
class RowTest {

    private static final Part.ListOfRows BOATS = Part.ListOfRows.of(
                    "boats", "Boats", new Type.Column("name", Type.TEXT), new Type.Column("seats", Type.WHOLE))
            .starting(List.of(List.of("Heron", "6"), List.of("Teal", "4"), List.of("Coot", "2")));

    private static final Step REMOVE = new Step.RemoveRow("me.boats", false);

    private static Part.ListOfRows asking(Step... steps) {
        return BOATS.removedByHand(true).at(Part.RowMoment.BEFORE_REMOVING, Script.of(steps));
    }

    private static Play dock(Part list, Step... pressed) {
        return withMain(main("Dock", list, button("go", pressed)), box("Sink", "yes", "no"))
                .play();
    }

    private static List<String> names(Play play) {
        return play.window("Dock").parts().getFirst().rows().stream()
                .map(List::getFirst)
                .toList();
    }

    private static List<Integer> selected(Play play) {
        return play.window("Dock").parts().getFirst().selected();
    }

    @Test
    void P2_activating_needs_one_selected_row_and_runs_with_it() {
        dock(BOATS.at(Part.RowMoment.ACTIVATED, Script.of(note("{row.name} seats {row.seats}"))))
                .cannot("activate row in \"boats\" of \"Dock\"")
                .does("select row 2 in \"boats\" of \"Dock\"")
                .sees()
                .does("activate row in \"boats\" of \"Dock\"")
                .sees("notes “Teal seats 4”");
    }

    @Test
    void P1_V1_a_row_is_a_value_that_can_be_read_set_added_and_compared() {
        var play = dock(
                        BOATS,
                        new Step.Let("first", new bivouac.design.Expression("me.boats.selected")),
                        new Step.SetValue(
                                "me.boats.selected",
                                new bivouac.design.Expression("{\"seats\": 9, \"name\": first.name + \"!\"}")),
                        new Step.SetValue(
                                "me.boats.rows",
                                new bivouac.design.Expression("me.boats.rows + [{\"name\": \"Smew\", \"seats\": 1}]")),
                        note("{me.boats.selected == first} {first.seats}"))
                .does("select row 2 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"")
                .seesAmongOthers("notes “no 4”");
        assertThat(play.window("Dock").parts().getFirst().rows())
                .containsExactly(
                        List.of("Heron", "6"), List.of("Teal!", "9"), List.of("Coot", "2"), List.of("Smew", "1"));
    }

    @Test
    void V1_a_row_with_too_few_or_too_many_cells_is_said_and_is_a_fault_where_it_is_reached() {
        dock(BOATS, new Step.SetValue("me.boats.rows", new bivouac.design.Expression("[{\"name\": \"Smew\"}]")))
                .does("press \"go\" of \"Dock\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void V1_the_rows_of_a_list_can_be_emptied() {
        var play = dock(BOATS, new Step.SetValue("me.boats.rows", new bivouac.design.Expression("[]")))
                .does("press \"go\" of \"Dock\"")
                .hasNoFault();
        assertThat(names(play)).isEmpty();
    }

    @Test
    void P1_only_a_list_of_several_has_more_than_one_row_selected() {
        var play = dock(BOATS.ofSeveral(true), note("{size(me.boats.allSelected)}"));
        play.does("select rows 1, 3 in \"boats\" of \"Dock\"");
        assertThat(selected(play)).containsExactly(1, 3);
        play.does("press \"go\" of \"Dock\"").sees("notes “2”");
        play.does("select no row in \"boats\" of \"Dock\"");
        assertThat(selected(play)).isEmpty();
        dock(BOATS)
                .cannot("select rows 1, 3 in \"boats\" of \"Dock\"")
                .cannot("select no row in \"boats\" of \"Dock\"");
    }

    @Test
    void X3_the_selected_row_of_several_selected_ones() {
        dock(BOATS.ofSeveral(true), note("{me.boats.selected.name}"))
                .does("select rows 1, 2 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void P2_before_removing_is_run_by_a_step_and_by_hand_and_no_leaves_all_as_it_was() {
        var play = dock(asking(waits("Sink", when("no", new Step.KeepRow()))), REMOVE, note("went on"));
        play.does("select row 2 in \"boats\" of \"Dock\"");
        for (String removal : List.of("press \"go\" of \"Dock\"", "remove rows in \"boats\" of \"Dock\"")) {
            play.does(removal).opens("Dock", "Sink").does("answer \"no\" of \"Sink\"");
            assertThat(names(play)).containsExactly("Heron", "Teal", "Coot");
            assertThat(selected(play)).containsExactly(2);
        }
        play.does("press \"go\" of \"Dock\"")
                .does("answer \"yes\" of \"Sink\"")
                .sees("Sink ends yes", "notes “went on”");
        assertThat(names(play)).containsExactly("Heron", "Coot");
        assertThat(selected(play)).isEmpty();
    }

    @Test
    void P2_an_unasked_removal_skips_the_script() {
        var play = dock(asking(new Step.KeepRow()), new Step.RemoveRow("me.boats", true))
                .does("select row 1 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"");
        assertThat(names(play)).containsExactly("Teal", "Coot");
    }

    @Test
    void P2_a_fault_in_before_removing_keeps_the_row() {
        var play = dock(asking(note("{1 / 0}")), REMOVE)
                .does("select row 1 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"")
                .faults(Fault.Rule.X3);
        assertThat(names(play)).containsExactly("Heron", "Teal", "Coot");
    }

    @Test
    void V4_each_of_several_rows_is_asked_by_itself_and_row_means_the_row_not_its_number() {
        var play = dock(
                asking(waits("Sink", when("no", new Step.KeepRow())), note("sunk {row.name}"))
                        .ofSeveral(true),
                REMOVE);
        play.does("select rows 1, 2, 3 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"")
                .does("answer \"yes\" of \"Sink\"")
                .seesAmongOthers("notes “sunk Heron”")
                .does("answer \"no\" of \"Sink\"")
                .does("answer \"yes\" of \"Sink\"")
                .seesAmongOthers("notes “sunk Coot”");
        assertThat(names(play)).containsExactly("Teal");
        assertThat(selected(play)).containsExactly(1);
    }

    @Test
    void V4_a_row_that_was_removed_meanwhile_is_x3() {
        var card = child("Card");
        var list = BOATS.at(
                Part.RowMoment.ACTIVATED, Script.of(alongside("Card", when("closed", note("closed {row.name}")))));
        var play = withMain(main("Dock", list, button("go", REMOVE)), card).play();
        play.does("select row 2 in \"boats\" of \"Dock\"")
                .does("activate row in \"boats\" of \"Dock\"")
                .does("select row 1 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"")
                .does("close box of \"Card\"")
                .sees("Card ends closed", "notes “closed Teal”");
        play.does("select row 1 in \"boats\" of \"Dock\"")
                .does("activate row in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"")
                .does("close box of \"Card\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void a_selected_row_is_changed_and_a_row_of_another_window_removed() {
        var play = dock(BOATS, new Step.ChangeRow("me.boats", List.of(Given.of("seats", "9"))))
                .does("select row 3 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"");
        assertThat(play.window("Dock").parts().getFirst().rows().get(2)).containsExactly("Coot", "9");

        var form = dialog("Form", button("sink", new Step.RemoveRow("owner.boats", false)));
        var other = withMain(main("Dock", BOATS, button("go", waits("Form"))), form)
                .play()
                .does("select row 1 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"")
                .does("press \"sink\" of \"Form\"");
        assertThat(names(other)).containsExactly("Teal", "Coot");
    }

    @Test
    void a_read_only_list_loses_no_row_by_hand() {
        var list = asking();
        dock(list.with(list.traits().readOnly(bivouac.design.Setting.YES)))
                .does("select row 1 in \"boats\" of \"Dock\"")
                .cannot("remove rows in \"boats\" of \"Dock\"");
        dock(BOATS).does("select row 1 in \"boats\" of \"Dock\"").cannot("remove rows in \"boats\" of \"Dock\"");
    }

    private static Step background() {
        return new Step.RunTask(
                "weigh", true, false, List.of(), java.util.Optional.empty(), List.of(when("done", note("{row.name}"))));
    }

    @Test
    void V4_a_script_that_waits_for_a_background_task_follows_its_row_as_others_go() {
        var play = withMain(
                        main(
                                "Dock",
                                BOATS.at(Part.RowMoment.ACTIVATED, Script.of(background())),
                                button("go", REMOVE),
                                button("none", new Step.SetValue("me.boats.rows", new bivouac.design.Expression("[]"))),
                                button(
                                        "two",
                                        new Step.SetValue(
                                                "me.boats.rows",
                                                new bivouac.design.Expression(
                                                        "[{\"name\": \"A\", \"seats\": 1}, {\"name\": \"B\", \"seats\": 1}]")))))
                .works(task("weigh", "done"))
                .play()
                .does("select row 2 in \"boats\" of \"Dock\"")
                .does("activate row in \"boats\" of \"Dock\"")
                .does("select row 1 in \"boats\" of \"Dock\"")
                .does("press \"go\" of \"Dock\"")
                .does("task \"weigh\" ends \"done\" of \"Dock\"");
        assertThat(play.seen()).contains("notes “Teal”");
        play.does("press \"two\" of \"Dock\"")
                .does("select row 2 in \"boats\" of \"Dock\"")
                .does("activate row in \"boats\" of \"Dock\"")
                .does("press \"two\" of \"Dock\"")
                .does("task \"weigh\" ends \"done\" of \"Dock\"");
        assertThat(play.seen()).contains("notes “B”");
        play.does("select row 1 in \"boats\" of \"Dock\"")
                .does("activate row in \"boats\" of \"Dock\"")
                .does("press \"none\" of \"Dock\"")
                .does("press \"two\" of \"Dock\"")
                .does("task \"weigh\" ends \"done\" of \"Dock\"")
                .faults(Fault.Rule.X3);
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Lists with columns and rows: P1, P2, X3. */
class ListTest {

    private static final Part.ListOfRows SHEEP = Part.ListOfRows.of(
                    "sheep", "Sheep", new Type.Column("name", Type.TEXT), new Type.Column("lambs", Type.WHOLE))
            .starting(List.of(List.of("Old Mab", "2"), List.of("Bramble", "0")));

    private static Play desk(Part list, Step... pressed) {
        return withMain(main("Fold", list, button("go", pressed))).play();
    }

    private static List<List<String>> rows(Play play) {
        return play.window("Fold").parts().getFirst().rows();
    }

    @Test
    void P1_a_list_starts_with_the_rows_that_are_written_and_none_selected() {
        var play = desk(SHEEP, note("{size(me.sheep.rows)} {me.sheep.anySelected}"));
        assertThat(rows(play)).containsExactly(List.of("Old Mab", "2"), List.of("Bramble", "0"));
        play.does("press \"go\" of \"Fold\"").sees("notes “2 no”");
    }

    @Test
    void P2_selecting_a_row_runs_the_script_of_the_list_which_reads_it() {
        var list = SHEEP.triggering(Script.of(note("{me.sheep.selected.name} {me.sheep.selected.lambs + 1}")));
        desk(list)
                .cannot("select row 3 in \"sheep\" of \"Fold\"")
                .does("select row 1 in \"sheep\" of \"Fold\"")
                .sees("notes “Old Mab 3”")
                .does("select row 2 in \"sheep\" of \"Fold\"")
                .sees("notes “Bramble 1”");
    }

    @Test
    void X3_reading_a_selected_row_where_none_is() {
        desk(SHEEP, note("{me.sheep.selected.name}"))
                .does("press \"go\" of \"Fold\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void a_row_is_added_with_its_values_and_what_is_not_said_starts_as_its_type_does() {
        var play = desk(SHEEP, new Step.AddRow("me.sheep", List.of(Given.of("name", "\"Nettle\""))));
        play.does("press \"go\" of \"Fold\"").hasNoFault();
        assertThat(rows(play)).hasSize(3).last().isEqualTo(List.of("Nettle", "0"));
    }

    @Test
    void the_selected_row_is_changed_by_column() {
        var play = desk(SHEEP, set("me.sheep.selected.lambs", "me.sheep.selected.lambs + 2"))
                .does("select row 2 in \"sheep\" of \"Fold\"")
                .does("press \"go\" of \"Fold\"");
        assertThat(rows(play).get(1)).isEqualTo(List.of("Bramble", "2"));
        assertThat(play.window("Fold").parts().getFirst().selected()).containsExactly(2);
    }

    @Test
    void the_selected_row_is_removed_and_none_is_selected_then() {
        var play = desk(SHEEP, new Step.RemoveRow("me.sheep", false))
                .does("select row 1 in \"sheep\" of \"Fold\"")
                .does("press \"go\" of \"Fold\"");
        assertThat(rows(play)).containsExactly(List.of("Bramble", "0"));
        assertThat(play.window("Fold").parts().getFirst().selected()).isEmpty();
        play.does("press \"go\" of \"Fold\"").faults(Fault.Rule.X3);
    }

    @Test
    void a_dialog_adds_to_the_list_of_its_owner_and_removal_can_be_asked_first() {
        var ask = waits("Sure", when("yes", new Step.RemoveRow("me.sheep", false)), when("no"));
        var play = withMain(
                        main(
                                "Fold",
                                SHEEP,
                                button(
                                        "add",
                                        waitsForOwner(
                                                "Form",
                                                when(
                                                        "ok",
                                                        new Step.AddRow(
                                                                "me.sheep", List.of(Given.of("name", "result.name")))),
                                                when("cancelled"))),
                                button("sell", ask)),
                        dialog(
                                        "Form",
                                        Part.TextField.of("name", "Name"),
                                        button("ok", close("ok", Given.of("name", "me.name"))))
                                .ending(List.of(
                                        bivouac.design.Ending.of(
                                                "ok", bivouac.design.Ending.Give.of("name", Type.TEXT)),
                                        bivouac.design.Ending.of("cancelled"))),
                        box("Sure", "Yes", "No"))
                .play();
        play.does("press \"add\" of \"Fold\"")
                .does("type \"Nettle\" into \"name\" of \"Form\"")
                .does("press \"ok\" of \"Form\"");
        assertThat(rows(play)).hasSize(3);
        play.does("select row 1 in \"sheep\" of \"Fold\"")
                .does("press \"sell\" of \"Fold\"")
                .does("answer \"no\" of \"Sure\"");
        assertThat(rows(play)).hasSize(3);
        play.does("press \"sell\" of \"Fold\"").does("answer \"yes\" of \"Sure\"");
        assertThat(rows(play)).hasSize(2);
    }

    @Test
    void rows_are_handed_over_and_set_whole() {
        desk(SHEEP, set("me.sheep.rows", "[]"), note("{size(me.sheep.rows)}"))
                .does("select row 2 in \"sheep\" of \"Fold\"")
                .does("press \"go\" of \"Fold\"")
                .seesAmongOthers("notes “0”")
                .hasNoFault();
    }

    @Test
    void a_list_of_ten_thousand_rows_is_opened_and_any_row_selected() {
        var many = new ArrayList<List<String>>();
        for (int i = 0; i < 10_000; i++) {
            many.add(List.of("sheep " + i, Integer.toString(i)));
        }
        var play = desk(SHEEP.starting(many), note("{me.sheep.selected.name}"));
        play.does("select row 9999 in \"sheep\" of \"Fold\"")
                .does("press \"go\" of \"Fold\"")
                .sees("notes “sheep 9998”");
        assertThat(play.rehearsal().possible()).hasSizeLessThan(40);
    }

    @Test
    void what_is_wrong_with_a_list_is_found() {
        var odd = SHEEP.starting(List.of(List.of("Mab", "two")));
        var design = withMain(main(
                        "Fold",
                        odd,
                        Part.ListOfRows.of("empty", "Empty"),
                        button(
                                "go",
                                new Step.AddRow("me.sheep", List.of(Given.of("wool", "1"))),
                                new Step.RemoveRow("me.goats", false))))
                .design();
        assertThat(Findings.of(Program.of(design)))
                .extracting(bivouac.check.finding.Finding::what)
                .contains(
                        "Row 1 of Sheep on Fold holds “two”, and lambs is a whole.",
                        "Empty on Fold has no columns.",
                        "Fold, go, step 1: me.sheep has no column “wool”.",
                        "Fold, go, step 2: “me.goats” is no list here.");
    }
}

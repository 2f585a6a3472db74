package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.PretendFiles;
import bivouac.design.Take;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** File dialogs and pickers: C3, C7 and C8. */
class FileDialogTest {

    private static FileDialog dialog(FileDialog.Asks asks) {
        return FileDialog.of(Name.of("Table"), asks)
                .filtering(
                        List.of(
                                new FileDialog.Filter("Tables", List.of("*.csv", "*.tsv")),
                                new FileDialog.Filter("Texts", List.of("*.txt"))),
                        true);
    }

    private static Play play(FileDialog dialog) {
        var design = withMain(
                        main(
                                "Desk",
                                button(
                                        "go",
                                        waits(
                                                "Table",
                                                when(
                                                        "chosen",
                                                        note(
                                                                dialog.asks() == FileDialog.Asks.SEVERAL
                                                                        ? "{size(result.paths)} chosen"
                                                                        : dialog.asks() == FileDialog.Asks.FOLDER
                                                                                ? "{result.path}"
                                                                                : "{fileName(result.path)} as {result.filter}")),
                                                when("cancelled", note("nothing chosen"))))),
                        dialog)
                .design();
        var files = new PretendFiles(List.of("/Hut/a.csv", "/Hut/b.csv", "/Hut/old/c.txt"), List.of(), false);
        return new Play(new bivouac.design.Design(design.application().pretending(files), design.windows()));
    }

    @Test
    void C8_a_file_that_is_there_comes_back_with_its_filter() {
        play(dialog(FileDialog.Asks.ONE))
                .does("press \"go\" of \"Desk\"")
                .sees("opens Table, waits: “”")
                .blocks("Desk")
                .does("choose \"/Hut/a.csv\" as \"Tables\" of \"Table\"")
                .sees("Table ends chosen with path /Hut/a.csv, filter Tables", "notes “a.csv as Tables”")
                .opens("Desk");
    }

    @Test
    void C8_what_is_not_there_cannot_be_opened() {
        play(dialog(FileDialog.Asks.ONE))
                .does("press \"go\" of \"Desk\"")
                .cannot("choose \"/Hut/z.csv\" as \"Tables\" of \"Table\"")
                .cannot("choose \"/Hut/a.csv\", \"/Hut/b.csv\" as \"Tables\" of \"Table\"")
                .cannot("choose \"/Hut/a.csv\" as \"Songs\" of \"Table\"");
    }

    @Test
    void C8_several_files_come_back_as_a_list() {
        play(dialog(FileDialog.Asks.SEVERAL))
                .does("press \"go\" of \"Desk\"")
                .does("choose \"/Hut/a.csv\", \"/Hut/b.csv\" as \"Tables\" of \"Table\"")
                .seesAmongOthers("notes “2 chosen”");
    }

    @Test
    void C8_saving_adds_the_extension_of_the_filter_where_the_name_has_none() {
        play(dialog(FileDialog.Asks.SAVE))
                .does("press \"go\" of \"Desk\"")
                .does("choose \"/Hut/night\" as \"Texts\" of \"Table\"")
                .seesAmongOthers("notes “night.txt as Texts”");
        play(dialog(FileDialog.Asks.SAVE))
                .does("press \"go\" of \"Desk\"")
                .does("choose \"/Hut/night.old\" as \"Texts\" of \"Table\"")
                .seesAmongOthers("notes “night.old as Texts”");
        play(dialog(FileDialog.Asks.SAVE).adding("bak"))
                .does("press \"go\" of \"Desk\"")
                .does("choose \"/Hut/night\" as \"All files\" of \"Table\"")
                .seesAmongOthers("notes “night.bak as All files”");
    }

    @Test
    void C8_a_folder_comes_back_without_a_filter() {
        play(dialog(FileDialog.Asks.FOLDER).filtering(List.of(), true))
                .does("press \"go\" of \"Desk\"")
                .does("choose \"/Hut/old/\" as \"All files\" of \"Table\"")
                .sees("Table ends chosen with path /Hut/old/", "notes “/Hut/old/”");
    }

    @Test
    void C8_close_box_and_Escape_cancel_and_bring_nothing_back() {
        for (String way : List.of("close box of \"Table\"", "Escape of \"Table\"")) {
            play(dialog(FileDialog.Asks.ONE))
                    .does("press \"go\" of \"Desk\"")
                    .does(way)
                    .sees("Table ends cancelled", "notes “nothing chosen”");
        }
    }

    @Test
    void C3_a_window_with_an_open_file_dialog_refuses_to_close_whoever_asks() {
        var play = withMain(
                        main(
                                "Desk",
                                button("open", alongside("Card")),
                                button("shut", bivouac.design.Step.Close.me("closed"))),
                        child("Card", button("go", waitsForOwner("Table"))),
                        dialog(FileDialog.Asks.ONE))
                .play();
        play.does("press \"open\" of \"Desk\"")
                .does("press \"go\" of \"Card\"")
                .blocks("Card")
                .does("session ends")
                .seesAmongOthers("Card stays open", "the departure is called off")
                .opens("Desk", "Card", "Table")
                .does("Escape of \"Table\"")
                .does("session ends")
                .ended(0);
    }

    @Test
    void C3_a_file_dialog_without_an_owner_refuses_the_departure() {
        design().start(waits("Table"), alongside("Desk"))
                .with(main("Desk"), dialog(FileDialog.Asks.ONE))
                .play()
                .opens("Table")
                .does("session ends")
                .runs()
                .opens("Table");
    }

    @Test
    void B1_a_file_dialog_waits_for_the_application_though_alongside_is_written() {
        withMain(main("Desk", button("go", alongside("Table")), button("other")), dialog(FileDialog.Asks.ONE))
                .play()
                .does("press \"go\" of \"Desk\"")
                .blocks("Desk");
    }

    @Test
    void C8_a_picker_brings_back_a_value_of_its_kind_or_nothing() {
        var pick = new Picker(
                Name.of("Tag"),
                Picker.Of.COLOUR,
                "Tag",
                List.of(Take.of("now", Type.Plain.COLOUR)),
                Optional.of(new bivouac.design.Expression("takes.now")));
        var play = withMain(
                        main(
                                "Desk",
                                Part.Caption.of("shown", "none"),
                                button(
                                        "go",
                                        waits("Tag", when("picked", set("me.shown", "result.value")))
                                                .handing(Given.of("now", "app.tag")))),
                        pick)
                .variable("tag", Type.Plain.COLOUR, "\"#102030\"")
                .play();
        play.does("press \"go\" of \"Desk\"");
        assertThat(play.window("Tag").text()).isEqualTo("#102030");
        play.cannot("pick \"red\" of \"Tag\"")
                .does("pick \"#2f5d50\" of \"Tag\"")
                .shows("Desk", "shown", "#2f5d50")
                .hasNoFault();
        play.does("press \"go\" of \"Desk\"").does("Escape of \"Tag\"").shows("Desk", "shown", "#2f5d50");
    }

    @Test
    void C8_a_date_picker_gives_a_date_that_can_be_reckoned_with() {
        withMain(
                        main(
                                "Desk",
                                button("go", waits("Day", when("picked", note("{days(app.today, result.value)}"))))),
                        Picker.of(Name.of("Day"), Picker.Of.DATE))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("pick \"2026-11-30\" of \"Day\"")
                .seesAmongOthers("notes “7”");
    }

    @Test
    void every_choice_that_is_offered_is_possible_and_ends_the_dialog() {
        for (FileDialog.Asks asks : FileDialog.Asks.values()) {
            var play = play(asks == FileDialog.Asks.FOLDER ? dialog(asks).filtering(List.of(), true) : dialog(asks));
            play.does("press \"go\" of \"Desk\"");
            var machine = play.rehearsal().machine();
            var state = play.rehearsal().present().state();
            var choices = machine.events(state).stream()
                    .filter(Event.Choose.class::isInstance)
                    .toList();
            assertThat(choices).as(asks.words()).isNotEmpty();
            choices.forEach(c ->
                    assertThat(machine.scene(machine.step(state, c)).windows()).hasSize(1));
        }
    }

    @Test
    void the_pretend_tree_has_a_file_for_each_filter_where_the_design_names_none() {
        var design = withMain(main("Desk"), dialog(FileDialog.Asks.ONE)).design();
        assertThat(PretendFiles.in(design).paths()).contains("/Home/Documents/example.csv");
        assertThat(PretendFiles.inside(List.of("/a/b/c.txt", "/a/d.txt", "/e.txt"), "/a/"))
                .containsExactly("/a/b/", "/a/d.txt");
        assertThat(PretendFiles.folders(List.of("/a/b/c.txt"))).containsExactly("/", "/a/", "/a/b/");
        assertThat(PretendFiles.folderOf("/a/b/")).isEqualTo("/a/");
    }

    @Test
    void a_pattern_fits_names_whatever_their_capitals() {
        var filter = new FileDialog.Filter("Tables", List.of("*.csv", "list?.*"));
        assertThat(List.of("A.CSV", "list1.txt", ".csv")).allMatch(filter::fits);
        assertThat(List.of("a.csvx", "list.txt", "csv")).noneMatch(filter::fits);
        assertThat(filter.extension()).isEqualTo("csv");
        assertThat(new FileDialog.Filter("All", List.of("*")).extension()).isEmpty();
        assertThat(FileDialog.Filter.isPattern("/*.csv")).isFalse();
    }
}

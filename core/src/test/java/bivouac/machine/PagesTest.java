package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.rehearsal.SceneLines;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Choices that are drawn as pages, what stands on them, and what is only drawn (P8). */
class PagesTest {

    private static final String PRESS = "press \"add\" of \"Desk\"";

    private static Part.Choice pages(String name, String... items) {
        return Part.Choice.of(name, "", items).drawn(Part.ChoiceLook.PAGES);
    }

    private static Row on(String pages, String item, Part... parts) {
        return Row.of(parts).on(Optional.of(new Row.Page(pages, item)));
    }

    private static FacedWindow desk(Row... rows) {
        return main("Desk").withRows(List.of(rows));
    }

    private static FacedWindow twoPages(Part.Choice pages, Row... more) {
        var rows = new ArrayList<>(List.of(
                Row.of(pages),
                on("detail", "Guests", button("add", note("added"))),
                on("detail", "Notes", button("write", note("wrote")))));
        rows.addAll(List.of(more));
        return main("Desk").withRows(rows);
    }

    private static FacedWindow twoPages() {
        return twoPages(pages("detail", "Guests", "Notes"));
    }

    private static List<String> lines(Play play) {
        return SceneLines.parts(play.window("Desk"));
    }

    @Test
    void P8_what_stands_on_a_page_is_seen_and_used_only_while_that_is_chosen() {
        Play play = withMain(twoPages()).play();
        assertThat(lines(play)).containsExactly("detail: Guests", "add: add", "write: write [invisible]");
        play.cannot("press \"write\" of \"Desk\"").does(PRESS).sees("notes “added”");
        play.does("select \"Notes\" in \"detail\" of \"Desk\"");
        assertThat(lines(play)).containsExactly("detail: Notes", "add: add [invisible]", "write: write");
        play.cannot(PRESS).does("press \"write\" of \"Desk\"").sees("notes “wrote”");
    }

    @Test
    void P8_pages_begin_with_the_first_or_the_one_that_is_said_and_one_is_always_chosen() {
        assertThat(withMain(twoPages()).play().text("Desk", "detail")).isEqualTo("Guests");
        var said = withMain(twoPages(pages("detail", "Guests", "Notes").startingWith("Notes")));
        assertThat(said.play().text("Desk", "detail")).isEqualTo("Notes");
        var unknown = withMain(twoPages(pages("detail", "Guests", "Notes").startingWith("Rooms")));
        assertThat(unknown.play().text("Desk", "detail")).isEqualTo("Guests");
        Play emptied = withMain(twoPages(
                        pages("detail", "Guests", "Notes").startingWith("Notes"),
                        Row.of(button("go", set("me.detail", "\"\""), note("{me.detail} {me.detail.anyChosen}")))))
                .play();
        emptied.does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “Guests yes”")
                .hasNoFault();
        // without any there is none, and reading it is a fault
        Play none = withMain(desk(Row.of(pages("detail"), button("go", note("{me.detail}")))))
                .play();
        none.does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
    }

    @Test
    void P8_pages_that_follow_a_list_show_its_first_where_what_was_chosen_is_gone() {
        FacedWindow window = desk(
                Row.of(pages("open").following("app.texts")),
                Row.of(
                        button("close", set("app.texts", "app.texts.filter(t, t != me.open)")),
                        button("say", note("{me.open.anyChosen ? me.open : \"none\"}"))));
        Play play = withMain(window)
                .variable("texts", new Type.ListOf(Type.TEXT), "[\"a\", \"b\", \"c\"]")
                .play();
        assertThat(play.text("Desk", "open")).isEqualTo("a");
        play.does("select \"c\" in \"open\" of \"Desk\"").does("press \"close\" of \"Desk\"");
        assertThat(play.text("Desk", "open")).isEqualTo("a");
        play.does("press \"close\" of \"Desk\"")
                .does("press \"say\" of \"Desk\"")
                .sees("notes “b”");
        play.does("press \"close\" of \"Desk\"")
                .does("press \"say\" of \"Desk\"")
                .sees("notes “none”");
    }

    @Test
    void P8_visible_is_its_own_and_counts_beside_the_page() {
        var hidden = button("add", note("added")).with(Traits.USUAL.visible(Setting.NO));
        FacedWindow window = desk(
                Row.of(pages("detail", "Guests", "Notes")),
                on("detail", "Guests", hidden),
                Row.of(button(
                        "go", note("{me.add.visible}"), set("me.add.visible", "true"), note("{me.add.visible}"))));
        Play play = withMain(window).play().cannot(PRESS);
        play.does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “no”", "notes “yes”")
                .can(PRESS);
        play.does("select \"Notes\" in \"detail\" of \"Desk\"").cannot(PRESS);
        play.does("press \"go\" of \"Desk\"").seesAmongOthers("notes “yes”", "notes “yes”");
    }

    @Test
    void P8_pages_stand_on_pages_and_hiding_the_pages_hides_what_is_on_them() {
        FacedWindow window = desk(
                Row.of(pages("outer", "House", "Yard"), button("hide", set("me.outer.visible", "!me.outer.visible"))),
                on("outer", "Yard", pages("inner", "Hens", "Goats")),
                on("inner", "Goats", button("add", note("added"))));
        Play play = withMain(window).play();
        play.cannot(PRESS).cannot("select \"Goats\" in \"inner\" of \"Desk\"");
        play.does("select \"Yard\" in \"outer\" of \"Desk\"").cannot(PRESS);
        play.does("select \"Goats\" in \"inner\" of \"Desk\"").does(PRESS).sees("notes “added”");
        play.does("press \"hide\" of \"Desk\"").cannot(PRESS);
        play.does("press \"hide\" of \"Desk\"").does(PRESS);
        play.does("select \"House\" in \"outer\" of \"Desk\"").cannot(PRESS);
    }

    @Test
    void P8_a_page_that_is_not_above_is_none_and_what_stands_there_stands_in_the_window() {
        FacedWindow window = desk(
                on("detail", "Notes", button("add", note("added"))),
                Row.of(pages("detail", "Guests", "Notes")),
                on("detail", "Rooms", button("rooms", note("rooms"))),
                on("nobody", "Notes", button("nobody", note("nobody"))));
        assertThat(window.rows()).allMatch(r -> window.pageOf(r).isEmpty());
        Play play = withMain(window).play();
        play.does(PRESS).does("press \"rooms\" of \"Desk\"").does("press \"nobody\" of \"Desk\"");
        // one that stands on its own page would be seen only when it is seen
        FacedWindow itself = desk(on("detail", "Notes", pages("detail", "Guests", "Notes")));
        assertThat(itself.pagesOf(itself.parts().getFirst())).isEmpty();
    }

    @Test
    void P8_a_script_of_a_part_goes_on_while_another_page_is_chosen() {
        FacedWindow window = desk(
                Row.of(pages("detail", "Guests", "Notes")),
                on(
                        "detail",
                        "Guests",
                        button(
                                "add",
                                run("read", when("done", note("read on {me.detail}")))
                                        .inBackground(false))),
                Row.of(button("stay")));
        Play play = withMain(window).works(task("read", "done")).play();
        play.does(PRESS)
                .does("select \"Notes\" in \"detail\" of \"Desk\"")
                .does("task \"read\" ends \"done\" of \"Desk\"");
        play.seesAmongOthers("notes “read on Notes”");
    }

    @Test
    void P8_radio_buttons_a_status_line_and_tools_mean_what_they_mean_elsewhere() {
        var save = Part.MenuCommand.of("save", "&Save", "Ctrl+S").tool(true);
        var board = Part.Choice.of("board", "Board", "none", "full").drawn(Part.ChoiceLook.RADIO_BUTTONS);
        var status = new Part.Caption(
                bivouac.design.Name.of("status"),
                "{me.board.anyChosen ? me.board : \"-\"}",
                Part.TextSize.STATUS_LINE,
                Traits.USUAL);
        FacedWindow window = desk(Row.of(board), Row.of(status))
                .withMenus(List.of(
                        new Menu("File", List.of((Part.MenuCommand) save.triggering(Script.of(note("saved")))))));
        assertThat(window.statusLine()).containsExactly(status);
        assertThat(window.bodyRows()).containsExactly(Row.of(board));
        assertThat(window.tools()).hasSize(1);
        Play play = withMain(window).play();
        assertThat(play.text("Desk", "status")).isEqualTo("-");
        play.does("select \"full\" in \"board\" of \"Desk\"")
                .does("press \"save\" of \"Desk\"")
                .sees("notes “saved”");
        assertThat(play.text("Desk", "status")).isEqualTo("full");
    }

    @Test
    void P8_items_with_every_sign_are_pages() {
        String item = "a \"b\" \\ c\nd";
        FacedWindow window =
                desk(Row.of(pages("detail", "first", item)), on("detail", item, button("add", note("added"))));
        assertThat(window.pageShown(window.parts().getLast()))
                .map(Expression::source)
                .isPresent();
        Play play = withMain(window).play().cannot(PRESS);
        play.rehearsal();
        assertThat(play.titles()).containsExactly("Desk");
    }
}

package bivouac.desktop;

import static bivouac.machine.Play.*;
import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pages, radio buttons, a row of tools and a status line, by mouse and by keys (P8). */
class PagesOnDeskTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        var board = Part.Choice.of("board", "Board", "none", "half").drawn(Part.ChoiceLook.RADIO_BUTTONS);
        var detail = Part.Choice.of("detail", "", "Guests", "Notes").drawn(Part.ChoiceLook.PAGES);
        Part save = Part.MenuCommand.of("save", "&Save", "Ctrl+S").tool(true).triggering(Script.of(note("saved")));
        Part bold =
                Part.MenuCommand.of("bold", "Bold", "").ticking(true).tool(true).triggering(Script.of(note("bold")));
        Design design = withMain(main("Desk")
                        .withMenus(List.of(new Menu("File", List.of((Part.MenuCommand) save, (Part.MenuCommand) bold))))
                        .withRows(List.of(
                                Row.of(board),
                                new Row(List.of(), ""), // nothing stands in it, and the desk has no line for it
                                Row.of(detail),
                                Row.of(Part.TextField.of("who", "Who"), button("add", note("added")))
                                        .on(Optional.of(new Row.Page("detail", "Guests"))),
                                Row.of(button("write", note("wrote"))).on(Optional.of(new Row.Page("detail", "Notes"))),
                                Row.of(new Part.Caption(
                                        bivouac.design.Name.of("status"),
                                        "on {me.detail}",
                                        Part.TextSize.STATUS_LINE,
                                        bivouac.design.Traits.USUAL)))))
                .design();
        robot = Robot.open(design, folder);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Node node(String id) {
        return robot.stage().getScene().lookup("#" + id);
    }

    private boolean seen(String id) {
        Node node = node(id);
        for (Node n = node; n != null; n = n.getParent()) {
            if (!n.isVisible()) {
                return false;
            }
        }
        return node != null;
    }

    private List<String> trail() {
        return robot.app().work().now().rehearsal().trail().stream()
                .map(Object::toString)
                .toList();
    }

    @Test
    void a_page_is_chosen_by_its_tab_and_what_stands_on_it_is_seen_and_nothing_else() {
        robot.key(CONTROL, DIGIT3);
        assertThat(seen("part-add")).isTrue();
        assertThat(seen("part-write")).isFalse();
        robot.click("item-detail-Notes");
        assertThat(seen("part-add")).isFalse();
        assertThat(seen("part-write")).isTrue();
        assertThat(((javafx.scene.control.Label) node("part-status")).getText()).isEqualTo("on Notes");
        robot.click("part-write").click("item-detail-Notes").click("item-board-half");
        assertThat(((ToggleButton) node("item-detail-Notes")).isSelected()).isTrue();
        assertThat(((ToggleButton) node("item-board-half")).isSelected()).isTrue();
        assertThat(trail())
                .containsExactly(
                        "select \"Notes\" in \"detail\" of \"Desk\"",
                        "press \"write\" of \"Desk\"",
                        "select \"half\" in \"board\" of \"Desk\"");
    }

    @Test
    void a_tool_is_its_command_and_the_field_keeps_the_keyboard() {
        robot.key(CONTROL, DIGIT3)
                .click("part-who")
                .text("Ilva")
                .click("tool-save")
                .click("tool-bold");
        assertThat(robot.stage().getScene().getFocusOwner()).isEqualTo((TextField) node("part-who"));
        assertThat(((ToggleButton) node("tool-bold")).isSelected()).isTrue();
        robot.click("tool-bold");
        assertThat(((ToggleButton) node("tool-bold")).isSelected()).isFalse();
        assertThat(trail())
                .containsExactly(
                        "type \"Ilva\" into \"who\" of \"Desk\"",
                        "press \"save\" of \"Desk\"",
                        "press \"bold\" of \"Desk\"",
                        "press \"bold\" of \"Desk\"");
    }

    @Test
    void pages_are_made_by_typing_and_what_they_say_is_set_beside_the_face() {
        robot.key(CONTROL, DIGIT2);
        robot.click("new-part").text("pages Card of Front, Back").key(ENTER);
        robot.text("text field Note on page Back")
                .key(ENTER)
                .text("tool Help / About")
                .key(ENTER);
        FacedWindow face = robot.app().work().now().design().faced("Desk").orElseThrow();
        assertThat(face.pages()).hasSize(4);
        assertThat(face.pagesOf(face.parts().stream()
                        .filter(p -> p.displayName().equals("Note"))
                        .findFirst()
                        .orElseThrow()))
                .extracting(Row.Page::item)
                .containsExactly("Back");
        assertThat(face.tools()).hasSize(3);
    }
}

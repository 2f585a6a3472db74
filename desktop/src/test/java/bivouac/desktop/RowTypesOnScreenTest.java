package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Type;
import bivouac.desktop.work.Chosen;
import java.nio.file.Path;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** V1: where a type is typed, rows are called by their list, and shown so; other columns go along. */
class RowTypesOnScreenTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        robot = Robot.open(Design.startingWith("Yard"), folder.resolve("state"));
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT2)
                .key(KeyCode.ALT, KeyCode.P)
                .text("list Trees of name: text, planted: whole")
                .enter();
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Design design() {
        return robot.app().work().now().design();
    }

    private FacedWindow yard() {
        return (FacedWindow) design().windows().getFirst();
    }

    private String shown(String id) {
        return robot.on(() -> ((TextInputControl) robot.app().root().lookup("#" + id)).getText());
    }

    private void goTo(Chosen chosen) {
        robot.on(() -> {
            robot.app().work().goTo(chosen);
            return null;
        });
        robot.settle();
    }

    @Test
    void a_value_of_rows_is_typed_and_shown_by_its_list_and_follows_its_columns() {
        robot.focus("own-variables").text("kept ones: rows of treesList").enter();
        Type type = yard().variables().getLast().type();
        assertThat(type).hasToString("list of row of (name: text, planted: whole)");
        assertThat(shown("own-variables")).contains("rows of treesList").doesNotContain("row of (");
        robot.clickText("Trees").click("tab-part").focus("part-columns").selectAll();
        robot.text("name: text, planted: whole, kind: text").enter();
        assertThat(yard().variables().getLast().type())
                .hasToString("list of row of (name: text, planted: whole, kind: text)");
        robot.key(KeyCode.CONTROL, KeyCode.Z);
        assertThat(yard().variables().getLast().type()).isEqualTo(type);
    }

    @Test
    void a_list_called_otherwise_is_called_so_wherever_its_rows_are_shown() {
        robot.focus("own-variables").text("kept ones: rows of treesList").enter();
        goTo(Chosen.APPLICATION);
        robot.focus("app-values-new").text("all: rows of treesList").enter();
        goTo(Chosen.window("Yard"));
        robot.clickText("Trees").click("tab-part").focus("part-name").selectAll();
        robot.text("trunks").enter();
        assertThat(shown("own-variables")).contains("rows of trunks");
        goTo(Chosen.APPLICATION);
        assertThat(shown("app-values-0")).contains("rows of trunks");
        robot.focus("app-values-0").selectAll().text("every: rows of trunks").enter();
        assertThat(design().application().variables().getFirst().name()).hasToString("every");
    }

    @Test
    void a_list_that_there_is_not_is_said_with_those_that_there_are() {
        robot.focus("own-variables").text("ones: rows of bushes").enter();
        assertThat(yard().variables()).isEmpty();
        assertThat(robot.app().work().now().foot().sentence()).contains("rows of bushes");
    }
}

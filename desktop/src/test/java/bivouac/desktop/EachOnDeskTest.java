package bivouac.desktop;

import static bivouac.machine.Play.*;
import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Type;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Commands and buttons of which there is one for each row, made and used by hand (P5). */
class EachOnDeskTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        Design design = withMain(main(
                        "Desk",
                        Part.Button.of("pick", "{row}")
                                .forEach(new Each.OfRows("app.files"))
                                .triggering(Script.of(
                                        set("app.files", "app.files.filter(f, f != row)"), note("took {row}"))),
                        button("go", note("here"))))
                .variable("files", new Type.ListOf(Type.TEXT), "[\"tide.txt\", \"R & D.txt\", \"moor.txt\"]")
                .design();
        robot = Robot.open(design, folder);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private FacedWindow desk() {
        return robot.app().work().now().design().faced("Desk").orElseThrow();
    }

    private String pick(int number) {
        return robot.on(() -> {
            var found = robot.stage().getScene().lookup("#part-pick-" + number);
            return ((javafx.scene.control.Button) found).getText();
        });
    }

    @Test
    void a_command_for_each_row_is_typed_on_the_face_and_chosen_from_its_menu_and_by_its_shortcut() {
        robot.key(CONTROL, DIGIT2)
                .click("new-part")
                .text("command File / Open {row} for each row in app.files Ctrl+1 as recent")
                .key(TAB);
        assertThat(desk().part("recent").orElseThrow().each()).isEqualTo(new Each.OfRows("app.files"));
        robot.text("note `chose {row}`").enter();
        robot.key(CONTROL, DIGIT3).click("menu-File").key(DOWN).key(DOWN).key(ENTER);
        assertThat(robot.lastEvent()).isEqualTo("press row 2 in \"recent\" of \"Desk\"");
        assertThat(robot.seen()).contains("notes “chose R & D.txt”");
        // with the keyboard on the desk its keys are those of the window, and not the tool's own
        robot.click("part-go").key(CONTROL, DIGIT3);
        assertThat(robot.lastEvent()).isEqualTo("press row 3 in \"recent\" of \"Desk\"");
    }

    @Test
    void the_buttons_follow_the_list_and_show_their_row_letter_for_letter() {
        robot.key(CONTROL, DIGIT3);
        assertThat(pick(2)).isEqualTo("R & D.txt");
        robot.click("part-pick-2");
        assertThat(robot.lastEvent()).isEqualTo("press row 2 in \"pick\" of \"Desk\"");
        assertThat(robot.isShown("part-pick-3")).isFalse();
        robot.click("part-pick-2");
        assertThat(robot.seen()).contains("notes “took moor.txt”");
        assertThat(robot.isShown("part-pick-2")).isFalse();
        robot.click("part-pick-1");
        assertThat(robot.isShown("part-pick-1")).isFalse();
    }

    @Test
    void what_there_is_one_for_each_of_is_changed_in_the_settings_of_the_part() {
        robot.key(CONTROL, DIGIT2).click("face-pick").click("tab-part");
        robot.click("part-each").key(CONTROL, A).text("row in app.wrong.").enter();
        robot.click("part-each").key(CONTROL, A).text("open Nowhere").enter();
        assertThat(desk().part("pick").orElseThrow().each()).isEqualTo(new Each.OfRows("app.wrong."));
        assertThat(robot.says("There is no window “Nowhere” to stand for.")).isTrue();
        robot.click("part-each").key(CONTROL, A).key(DELETE).enter();
        assertThat(desk().part("pick").orElseThrow().each().isOnce()).isTrue();
        robot.key(CONTROL, Z).key(CONTROL, Z);
        assertThat(desk().part("pick").orElseThrow().each()).isEqualTo(new Each.OfRows("app.files"));
    }
}

package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whoever goes to a script by a link can write there at once. */
class GoingToScriptsTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        robot = Robot.open(Design.startingWith("Yard"), folder.resolve("state"));
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT2)
                .key(KeyCode.ALT, KeyCode.P)
                .text("button Plant")
                .enter()
                .key(KeyCode.ALT, KeyCode.S);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    @Test
    void a_link_to_a_script_shows_its_steps_whatever_was_looked_at_before() {
        robot.click("tab-code").click("moment-opened");
        assertThat(robot.focus()).isEqualTo("next-step");
        robot.text("message `Hello.`").enter();
        assertThat(robot.app().work().now().design().windows()).hasSize(2);
    }

    @Test
    void after_the_settings_of_a_part_too() {
        robot.click("tab-part").click("moment-before closing");
        assertThat(robot.focus()).isEqualTo("next-step");
    }

    @Test
    void going_to_the_screen_again_leaves_what_was_looked_at() {
        robot.click("tab-part");
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT3).key(KeyCode.CONTROL, KeyCode.DIGIT2);
        assertThat(robot.isShown("part-enabled")).isTrue();
    }

    @Test
    void a_name_typed_with_spaces_around_it_stands_as_it_is() {
        robot.key(KeyCode.F2).selectAll().text("Yard ").enter();
        assertThat(robot.on(() ->
                        ((javafx.scene.control.TextField) robot.app().root().lookup("#window-name")).getText()))
                .isEqualTo("Yard");
    }

    @Test
    void so_does_the_name_of_a_part() {
        robot.click("tab-part").focus("part-name").selectAll().text(" Sow ").enter();
        assertThat(robot.on(() ->
                        ((javafx.scene.control.TextField) robot.app().root().lookup("#part-name")).getText()))
                .isEqualTo("Sow");
        FacedWindow yard =
                (FacedWindow) robot.app().work().now().design().windows().getFirst();
        assertThat(yard.parts().getLast().name()).hasToString("Sow");
    }
}

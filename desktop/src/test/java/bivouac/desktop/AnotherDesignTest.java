package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import java.nio.file.Path;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was typed for one design and not finished is not met again in another one. */
class AnotherDesignTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        robot = Robot.open(Design.startingWith("Yard"), folder.resolve("state"));
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private void another() {
        robot.on(() -> {
            robot.app().work().take(Design.startingWith("Yard"), "A new design.");
            return null;
        });
        robot.settle();
    }

    private String typedIn(String id) {
        return robot.on(() -> ((TextInputControl) robot.app().root().lookup("#" + id)).getText());
    }

    @Test
    void a_line_for_a_part_that_is_not_finished_stays_with_its_design() {
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT2).key(KeyCode.ALT, KeyCode.P).text("list Tre");
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT3).key(KeyCode.CONTROL, KeyCode.DIGIT2);
        robot.key(KeyCode.ALT, KeyCode.P);
        assertThat(typedIn("new-part")).isEqualTo("list Tre");
        another();
        robot.key(KeyCode.ALT, KeyCode.P);
        assertThat(typedIn("new-part")).isEmpty();
    }

    @Test
    void a_step_that_is_not_finished_stays_with_its_design() {
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT2).key(KeyCode.ALT, KeyCode.S).text("ask `Go o");
        another();
        robot.key(KeyCode.ALT, KeyCode.S);
        assertThat(typedIn("next-step")).isEmpty();
    }

    @Test
    void a_promise_that_is_not_finished_stays_with_its_design() {
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT7).focus("promise-typed").text("never x");
        another();
        assertThat(typedIn("promise-typed")).isEmpty();
    }

    @Test
    void what_was_looked_for_in_the_roster_is_forgotten_with_its_design() {
        robot.key(KeyCode.CONTROL, KeyCode.L).text("nowhere");
        another();
        assertThat(typedIn("roster-filter")).isEmpty();
    }

    @Test
    void the_keyboard_is_somewhere_that_is_seen_when_another_design_comes() {
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT2).key(KeyCode.ALT, KeyCode.S).text("ask");
        another();
        assertThat(robot.on(() -> robot.stage().getScene().getFocusOwner().getScene()))
                .isNotNull();
        assertThat(robot.focus()).isNotEmpty();
    }

    @Test
    void on_the_overview_the_keyboard_comes_to_the_first_window_of_the_other_design() {
        robot.key(KeyCode.CONTROL, KeyCode.DIGIT1);
        String first = robot.focus();
        another();
        assertThat(robot.settle().focus()).isEqualTo(first).isNotEqualTo("overview-find");
    }
}

package bivouac.desktop;

import static bivouac.machine.Play.*;
import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Part;
import bivouac.design.Task;
import bivouac.machine.Scene;
import java.nio.file.Path;
import java.util.EnumSet;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Work that shows how far it is, and is cancelled, on the real desk (W9, W10). */
class ProgressOnDeskTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        Design design = withMain(main(
                        "Kiln",
                        Part.Progress.of("bar", "Firing", "fire"),
                        button("go", run("fire", when("cancelled", note("cold"))), note("on"))))
                .works(task("fire", "done", "failed").telling(EnumSet.allOf(Task.Told.class)))
                .design();
        robot = Robot.open(design, folder);
        robot.key(CONTROL, DIGIT3).click("part-go");
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Scene scene() {
        return robot.app().work().now().rehearsal().scene();
    }

    private int done() {
        return scene().windows().getFirst().part("bar").orElseThrow().done();
    }

    @Test
    void it_is_moved_by_hand_with_a_line_beside_it() {
        robot.click("task-tells");
        assertThat(done()).isEqualTo(10);
        robot.click("task-line").text("warm").enter();
        assertThat(robot.lastEvent()).isEqualTo("task \"fire\" tells 20 \"warm\" of \"Kiln\"");
        assertThat(robot.says("20 % warm")).isTrue();
        robot.click("task-tells");
        assertThat(robot.lastEvent())
                .as("the line is empty, and what it said goes on")
                .isEqualTo("task \"fire\" tells 30 \"warm\" of \"Kiln\"");
        robot.click("task-line").text("hot").enter();
        assertThat(robot.lastEvent()).isEqualTo("task \"fire\" tells 40 \"hot\" of \"Kiln\"");
    }

    @Test
    void cancelling_is_all_that_can_be_done_and_the_ending_is_offered_then() {
        assertThat(robot.isShown("task-fire-cancelled")).isFalse();
        robot.click("veil-cancel");
        assertThat(robot.lastEvent()).isEqualTo("cancel \"bar\" of \"Kiln\"");
        assertThat(robot.isShown("veil-cancel")).isFalse();
        robot.click("task-fire-cancelled");
        assertThat(scene().tasks()).isEmpty();
        assertThat(scene().windows().getFirst().blockedBy()).isEmpty();
    }

    @Test
    void escape_cancels_too() {
        robot.key(ESCAPE);
        assertThat(robot.lastEvent()).isEqualTo("Escape of \"Kiln\"");
        assertThat(robot.isShown("task-fire-cancelled")).isTrue();
    }

    @Test
    void by_itself_it_goes_on_to_its_end() {
        robot.click("task-by-itself");
        for (int i = 0; i < 5_000 && !scene().tasks().isEmpty(); i++) {
            robot.settle();
        }
        assertThat(robot.lastEvent()).isEqualTo("task \"fire\" ends \"done\" of \"Kiln\"");
        assertThat(done()).isEqualTo(100);
    }
}

package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a frame can do on the desk: sizes, minimised, maximised, and a desk that is drawn smaller to fit. */
class DeskWindowsTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        Design hut = DesignFile.read(Path.of("../examples/ridge-hut.bivouac"));
        robot = Robot.open(hut, folder);
        robot.key(CONTROL, DIGIT3);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Region desk(String window) {
        return (Region) robot.node("desk-" + window);
    }

    @Test
    void a_window_is_drawn_larger_by_its_corner_and_its_list_grows_with_it() {
        double before = desk("Register").getHeight();
        double list = ((Region) robot.node("part-tonight")).getHeight();
        robot.drag("corner-Register", 40, 60);
        assertThat(desk("Register").getHeight()).isGreaterThan(before + 10);
        assertThat(((Region) robot.node("part-tonight")).getHeight()).isGreaterThan(list + 10);
        robot.drag("corner-Register", -600, -600);
        assertThat(desk("Register").getWidth()).isGreaterThanOrEqualTo(420);
        assertThat(desk("Register").getHeight()).isGreaterThanOrEqualTo(300);
    }

    @Test
    void a_minimised_window_waits_at_the_foot_and_comes_back() {
        robot.click("minimise-Register");
        assertThat(robot.has("desk-Register")).isFalse();
        robot.click("minimised-Register");
        assertThat(robot.has("desk-Register")).isTrue();
        robot.click("maximise-Register");
        assertThat(desk("Register").getWidth()).isGreaterThanOrEqualTo(((Region) robot.node("desk")).getWidth() - 1);
        robot.click("maximise-Register");
        assertThat(desk("Register").getWidth()).isLessThan(600);
    }

    @Test
    void a_desk_that_is_too_small_for_its_windows_is_drawn_smaller() {
        assertThat(scale()).isEqualTo(1);
        robot.key(CONTROL, B);
        robot.drag("title-Bunk plan", 260, 240);
        robot.key(ALT, LEFT).key(ALT, RIGHT);
        assertThat(scale()).isLessThan(1);
        robot.click("part-sort").key(DOWN).key(ENTER);
        assertThat(robot.app()
                        .work()
                        .now()
                        .rehearsal()
                        .present()
                        .event()
                        .orElseThrow()
                        .toString())
                .contains("\"sort\" of \"Bunk plan\"");
    }

    private double scale() {
        Node window = robot.node("desk-Register");
        return robot.on(() -> window.getParent().getLocalToParentTransform().getMxx());
    }
}

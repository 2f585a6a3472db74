package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.desktop.work.Screen;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SmokeTest {

    @TempDir
    Path folder;

    @Test
    void every_screen_of_the_example_opens() throws Exception {
        Robot robot = Robot.open(DesignFile.read(Path.of("../examples/ridge-hut.bivouac")), folder);
        for (Screen screen : Screen.values()) {
            robot.click("screen-" + screen.number());
            assertThat(robot.app().work().now().screen()).isEqualTo(screen);
        }
        robot.close();
    }
}

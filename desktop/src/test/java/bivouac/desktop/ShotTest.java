package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;

import bivouac.format.DesignFile;
import java.io.File;
import java.nio.file.Path;
import javafx.embed.swing.SwingFXUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ShotTest {
    @TempDir
    Path folder;

    void shot(Robot robot, String name) throws Exception {
        robot.settle();
        var image =
                robot.on(() -> SwingFXUtils.fromFXImage(robot.stage().getScene().snapshot(null), null));
        javax.imageio.ImageIO.write(image, "png", new File("/tmp/shots/" + name + ".png"));
    }

    @Test
    void shots() throws Exception {
        Robot robot = Robot.open(DesignFile.read(Path.of("../examples/ridge-hut.bivouac")), folder);
        robot.key(CONTROL, DIGIT3);
        robot.click("part-arrive").key(ESCAPE);
        robot.click("row-2").key(ENTER);
        robot.click("part-askWeather");
        shot(robot, "rehearsal");
        robot.close();
    }
}

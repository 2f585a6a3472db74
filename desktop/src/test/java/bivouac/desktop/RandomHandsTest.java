package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFormat;
import java.nio.file.Path;
import java.util.stream.LongStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Random hands on the real interface. New ones by hand: {@code -Dhands.seed=7 -Dhands.rounds=20 -Dhands.acts=300}.
 */
class RandomHandsTest {

    private static final int ACTS = Integer.getInteger("hands.acts", 60);

    @TempDir
    Path folder;

    static LongStream seeds() {
        return LongStream.range(0, Integer.getInteger("hands.rounds", 3)).map(n -> Long.getLong("hands.seed", 1) + n);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatever_is_pressed_typed_and_dragged_all_is_as_people_expect_it(long seed) {
        var robot = Robot.open(Design.startingWith("Yard"), folder.resolve("state"));
        try {
            Work work = robot.app().work();
            Design first = work.now().design();
            var hands = new RandomHands(robot, seed);
            for (int i = 0; i < ACTS; i++) {
                hands.act();
            }
            robot.on(() -> {
                TextLine.settle(robot.stage().getScene());
                return null;
            });
            // what was undone at the end counts as done
            redoAll(robot);
            Design last = robot.settle().app().work().now().design();
            undoAll(robot);
            assertThat(written(work)).as("undone after" + hands.story()).isEqualTo(DesignFormat.write(first));
            redoAll(robot);
            assertThat(written(work)).as("done again after" + hands.story()).isEqualTo(DesignFormat.write(last));
        } finally {
            robot.close();
        }
    }

    private static String written(Work work) {
        return DesignFormat.write(work.now().design());
    }

    private static void undoAll(Robot robot) {
        robot.on(() -> {
            Work work = robot.app().work();
            while (work.now().undoable().isPresent()) {
                work.undo();
            }
            return null;
        });
        robot.settle();
    }

    private static void redoAll(Robot robot) {
        robot.on(() -> {
            Work work = robot.app().work();
            while (work.now().redoable().isPresent()) {
                work.redo();
            }
            return null;
        });
        robot.settle();
    }
}

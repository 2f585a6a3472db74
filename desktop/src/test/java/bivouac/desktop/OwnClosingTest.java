package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Walkthrough;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import bivouac.rehearsal.Walk;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Bivouac's own closing is held to the rules that it teaches: a design of it is among the test data, and each of its
 * walkthroughs is played in the rehearsal and by hand on the real tool, line by line.
 */
class OwnClosingTest {

    private static final Path DESIGN = Path.of("src/test/resources/bivouac-itself.bivouac");

    /** What the answers of the design's message boxes are on the screen. */
    private static final java.util.Map<String, String> ANSWERS = java.util.Map.of(
            "answer \"save\" of \"Save first\"", "leave-save",
            "answer \"leave unsaved\" of \"Save first\"", "leave-unsaved",
            "answer \"stay\" of \"Save first\"", "leave-stay",
            "answer \"save over it\" of \"Changed on disk\"", "changed-over",
            "answer \"go back\" of \"Changed on disk\"", "changed-back");

    private static final java.util.Map<String, String> BOXES =
            java.util.Map.of("Save first", "leave-stay", "Changed on disk", "changed-back");

    @TempDir
    Path folder;

    private Path file;
    private Robot robot;
    private int changes;

    static Stream<Walkthrough> walkthroughs() throws Exception {
        return DesignFile.read(DESIGN).walkthroughs().stream();
    }

    @AfterEach
    void close() {
        if (robot != null) {
            robot.close();
        }
    }

    @Test
    void the_design_of_itself_has_no_finding_about_closing() throws Exception {
        assertThat(Findings.of(Program.of(DesignFile.read(DESIGN))))
                .noneMatch(f -> f.kind().cause() == Finding.Cause.CLOSING);
    }

    @ParameterizedTest
    @MethodSource("walkthroughs")
    void it_closes_as_its_own_design_says(Walkthrough walkthrough) throws Exception {
        Design itself = DesignFile.read(DESIGN);
        assertThat(Walk.play(Program.of(itself), walkthrough).broken()).isEmpty();
        file = folder.resolve("work.bivouac");
        DesignFile.write(file, Design.startingWith("Weir"));
        DesignFile.Opened opened = DesignFile.open(file);
        robot = Robot.open(
                opened.design(), Optional.of(new Work.OnDisk(file, opened.version())), folder.resolve("state"));
        List<String> lines = walkthrough.lines();
        for (int i = 0; i < lines.size(); i++) {
            List<String> after = lines.subList(i + 1, lines.size());
            String next = after.isEmpty() ? "" : after.getFirst();
            boolean last = after.stream().allMatch(l -> l.startsWith("task") || l.startsWith("see"))
                    && after.contains("see exit code 0");
            play(lines.get(i), next, last);
        }
    }

    /**
     * @param next tells how the task that this event begins is to end
     * @param last whether the tool is to close by it
     */
    private void play(String line, String next, boolean last) throws Exception {
        if (next.startsWith("task")) {
            prepare(next);
        }
        if (ANSWERS.containsKey(line)) {
            answer(ANSWERS.get(line), last);
        } else if (line.startsWith("see ")) {
            see(line);
        } else {
            switch (line) {
                case "press \"change\" of \"Bivouac\"" -> change();
                case "press \"save\" of \"Bivouac\"" -> robot.key(CONTROL, S);
                case "close box of \"Bivouac\"" -> closeBox();
                case "Escape of \"Save first\"" -> robot.key(ESCAPE);
                default -> assertThat(line).startsWith("task \"write design\" ends");
            }
        }
    }

    private void answer(String id, boolean last) {
        if (last) {
            robot.clickToEnd(id);
        } else {
            robot.click(id);
        }
    }

    /** Makes the file so that writing it ends as the walkthrough says. */
    private void prepare(String task) throws Exception {
        if (task.contains("failed")) {
            Files.delete(file);
            Files.createDirectory(file);
        } else if (task.contains("changed on disk")) {
            DesignFile.write(file, Design.startingWith("Changed by another " + changes++));
        }
    }

    private void change() {
        robot.on(() -> {
            Work work = robot.app().work();
            Design design = work.now().design();
            work.change(design.with(design.application().named("Weir " + changes++)), "name changed");
            return null;
        });
        robot.settle();
    }

    private void closeBox() {
        robot.on(() -> {
            robot.stage().fireEvent(new WindowEvent(robot.stage(), WindowEvent.WINDOW_CLOSE_REQUEST));
            return null;
        });
        if (isOpen()) {
            robot.settle();
        }
    }

    private boolean isOpen() {
        return robot.on(() -> robot.stage().isShowing());
    }

    private static final Pattern OPEN = Pattern.compile("see \"(.*)\" open");

    private void see(String line) {
        Matcher open = OPEN.matcher(line);
        if (line.equals("see exit code 0")) {
            assertThat(isOpen()).isFalse();
        } else if (open.matches() && BOXES.containsKey(open.group(1))) {
            assertThat(robot.has(BOXES.get(open.group(1)))).as(line).isTrue();
        } else if (open.matches()) {
            assertThat(isOpen()).as(line).isTrue();
            BOXES.values().forEach(b -> assertThat(robot.has(b)).as("only it").isFalse());
        } else if (line.contains("in \"state\"")) {
            assertThat(robot.app().work().now().saved()).as(line).isEqualTo(line.contains("\"saved\""));
        } else {
            // the close box of a blocked window asks nothing new and closes nothing
            assertThat(line).isEqualTo("see cannot close box of \"Bivouac\"");
            closeBox();
            assertThat(isOpen()).isTrue();
            assertThat(robot.has("leave-stay")).isTrue();
        }
    }
}

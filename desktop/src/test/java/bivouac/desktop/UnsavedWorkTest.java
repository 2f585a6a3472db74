package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.desktop.work.Background;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.Clipboard;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Unsaved work, files that others changed, and failures: asked and told on the real interface. */
class UnsavedWorkTest {

    @TempDir
    Path folder;

    private Path file;
    private Robot robot;

    @BeforeEach
    void begin() throws Exception {
        file = folder.resolve("mill.bivouac");
        DesignFile.write(file, Design.startingWith("Mill"));
        start();
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private void start() throws Exception {
        DesignFile.Opened opened = DesignFile.open(file);
        robot = Robot.open(
                opened.design(), Optional.of(new Work.OnDisk(file, opened.version())), folder.resolve("state"));
    }

    private Work work() {
        return robot.app().work();
    }

    private String name() {
        return work().now().design().application().name();
    }

    private void rename(String name) {
        robot.on(() -> {
            Design design = work().now().design();
            work().change(design.with(design.application().named(name)), "name changed");
            return null;
        });
        robot.settle();
    }

    private String onDisk() throws Exception {
        return DesignFile.read(file).application().name();
    }

    @Test
    void after_a_kill_unsaved_work_is_offered_and_a_kill_while_it_is_asked_loses_nothing() throws Exception {
        rename("Weir");
        robot.kill();
        start();
        assertThat(robot.says("Go on with unsaved work?")).isTrue();
        robot.kill();
        start();
        robot.key(ESCAPE);
        assertThat(robot.has("left-take")).isFalse();
        robot.kill();
        start();
        assertThat(robot.focus()).isEqualTo("left-take");
        robot.enter();
        assertThat(name()).isEqualTo("Weir");
        assertThat(work().now().saved()).isFalse();
        robot.key(CONTROL, S);
        assertThat(onDisk()).isEqualTo("Weir");
        robot.kill();
        start();
        assertThat(robot.has("left-take")).isFalse();
    }

    @Test
    void what_was_left_is_thrown_away_only_after_asking() throws Exception {
        rename("Weir");
        robot.kill();
        start();
        robot.click("left-drop").click("left-keep");
        assertThat(robot.has("left-take")).isTrue();
        robot.click("left-drop").click("left-drop-sure");
        assertThat(robot.has("left-take")).isFalse();
        robot.kill();
        start();
        assertThat(robot.has("left-take")).isFalse();
        assertThat(name()).isEqualTo("Mill");
    }

    @Test
    void opening_a_file_of_which_unsaved_work_is_left_offers_it_there() throws Exception {
        rename("Weir");
        robot.kill();
        Path ferry = folder.resolve("ferry.bivouac");
        DesignFile.write(ferry, Design.startingWith("Ferry"));
        DesignFile.Opened opened = DesignFile.open(ferry);
        robot = Robot.open(
                opened.design(), Optional.of(new Work.OnDisk(ferry, opened.version())), folder.resolve("state"));
        robot.key(ESCAPE).key(CONTROL, O).text(file.toString()).enter();
        assertThat(robot.has("left-take")).isTrue();
        robot.enter();
        assertThat(name()).isEqualTo("Weir");
    }

    @Test
    void a_file_that_somebody_else_changed_is_compared_and_both_are_offered() throws Exception {
        rename("Mine");
        DesignFile.write(file, Design.startingWith("Theirs"));
        robot.key(CONTROL, S);
        assertThat(robot.says("mill.bivouac was changed on disk")).isTrue();
        assertThat(robot.says("−     \"name\": \"Theirs\",")).isTrue();
        assertThat(robot.says("+     \"name\": \"Mine\",")).isTrue();
        assertThat(onDisk()).isEqualTo("Theirs");
        robot.key(ESCAPE);
        assertThat(name()).isEqualTo("Mine");
        assertThat(onDisk()).isEqualTo("Theirs");

        robot.key(CONTROL, S).click("changed-take");
        assertThat(name()).isEqualTo("Theirs");
        robot.key(CONTROL, Z);
        assertThat(name()).isEqualTo("Mine");
        robot.key(CONTROL, S);
        assertThat(onDisk()).isEqualTo("Mine");
    }

    @Test
    void mine_can_be_saved_over_what_somebody_else_wrote_or_beside_it() throws Exception {
        rename("Mine");
        DesignFile.write(file, Design.startingWith("Theirs"));
        Path other = folder.resolve("other.bivouac");
        robot.key(CONTROL, S)
                .click("changed-elsewhere")
                .selectAll()
                .text(other.toString())
                .enter();
        assertThat(DesignFile.read(other).application().name()).isEqualTo("Mine");
        assertThat(onDisk()).isEqualTo("Theirs");
        rename("Mine again");
        Files.delete(other);
        robot.key(CONTROL, S);
        assertThat(robot.says("other.bivouac is not there any more")).isTrue();
        robot.click("changed-over");
        assertThat(DesignFile.read(other).application().name()).isEqualTo("Mine again");
    }

    @Test
    void saving_under_a_name_that_is_taken_asks_first() throws Exception {
        Path other = folder.resolve("other.bivouac");
        DesignFile.write(other, Design.startingWith("Other"));
        robot.key(CONTROL, SHIFT, S)
                .selectAll()
                .text(folder.resolve("other") + ".bivouac")
                .enter();
        assertThat(robot.says("Replace other.bivouac?")).isTrue();
        robot.click("replace-keep");
        assertThat(DesignFile.read(other).application().name()).isEqualTo("Other");
        robot.key(CONTROL, SHIFT, S).selectAll().text(other.toString()).enter();
        robot.click("replace-over");
        assertThat(DesignFile.read(other).application().name()).isEqualTo("Mill");
        assertThat(work().now().file()).contains(other);
    }

    @Test
    void what_fails_is_told_in_the_foot_strip_copied_and_put_away() {
        robot.on(() -> {
            work().trouble(new Background.Trouble("The pump failed: no water.", "all that is known"));
            return null;
        });
        robot.settle();
        assertThat(robot.says("The pump failed: no water.")).isTrue();
        robot.click("trouble-copy");
        assertThat(robot.on(() -> Clipboard.getSystemClipboard().getString())).isEqualTo("all that is known");
        robot.click("trouble-away");
        Node trouble = robot.node("trouble");
        assertThat(robot.on(() -> trouble.isVisible() && trouble.getParent().isVisible()))
                .isFalse();
    }

    @Test
    void a_failure_on_the_interface_itself_is_told_too() {
        javafx.application.Platform.runLater(() -> {
            throw new IllegalStateException("no canvas");
        });
        robot.settle();
        assertThat(work().now().trouble().orElseThrow().sentence()).contains("failed: no canvas");
    }
}

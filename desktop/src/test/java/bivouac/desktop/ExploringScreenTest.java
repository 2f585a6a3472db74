package bivouac.desktop;

import static bivouac.desktop.Small.*;
import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Promise;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.format.DesignFile;
import bivouac.testkit.GitFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the exploration tells on the Findings screen, and what a person does with it. */
class ExploringScreenTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        Path file = folder.resolve("small.bivouac");
        Files.writeString(file, TWICE);
        Design design = DesignFile.read(file);
        robot = Robot.open(design, folder.resolve("state"));
        explored(() -> robot.app().explore(Robot.TODAY, Limits.of(Duration.ofSeconds(20))));
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Situation now() {
        return robot.app().work().now();
    }

    /** Does something on the interface thread, and waits until what comes of it is explored. */
    private void explored(Runnable does) throws Exception {
        var done = new CompletableFuture<Void>();
        Platform.runLater(() -> {
            robot.app().work().listen(s -> {
                if (s.isCompiled()
                        && s.looked().isOf(s.program())
                        && s.looked().explored().isPresent()) {
                    done.complete(null);
                }
            });
            does.run();
        });
        done.get(30, TimeUnit.SECONDS);
        robot.settle();
    }

    @Test
    void a_fault_that_only_the_situations_show_is_listed_played_and_kept_as_a_walkthrough() {
        robot.key(CONTROL, DIGIT7);
        assertThat(now().findings())
                .extracting(Finding::kind)
                .containsExactly(Finding.Kind.FAULT, Finding.Kind.HIDDEN_QUESTION);
        assertThat(now().looked().words()).startsWith("explored completely: ");
        assertThat(robot.says(now().looked().words())).isTrue();
        assertThat(robot.says("No shorter trail leads there.")).isTrue();
        assertThat(robot.says("just before event 2")).isTrue();
        robot.click("finding-walkthrough");
        assertThat(now().design().walkthroughs())
                .extracting(w -> w.lines())
                .containsExactly(
                        java.util.List.of("press \"goButton\" of \"Desk\"", "press \"askButton\" of \"Desk\""));
        robot.click("finding-play");
        assertThat(now().screen()).isEqualTo(Screen.REHEARSAL);
        assertThat(now().rehearsal().moments()).hasSize(3);
    }

    @Test
    void a_promise_is_typed_answered_played_and_taken_back() throws Exception {
        robot.key(CONTROL, DIGIT7)
                .focus("promise-typed")
                .text("perhaps it rains")
                .enter();
        assertThat(now().design().promises()).isEmpty();
        assertThat(now().foot().sentence()).startsWith("That is no promise yet; write “never …”");
        robot.focus("promise-typed").key(CONTROL, A).text("never isOpen(card)");
        explored(() -> robot.app().root().getScene().getFocusOwner().fireEvent(enterPressed()));
        assertThat(now().design().promises()).containsExactly(Promise.of("never isOpen(card)"));
        assertThat(robot.says("broken in 1 event")).isTrue();
        assertThat(now().findings()).extracting(Finding::kind).contains(Finding.Kind.BROKEN_PROMISE);
        robot.click("promise-play-0");
        assertThat(now().screen()).isEqualTo(Screen.REHEARSAL);
        robot.key(CONTROL, DIGIT7).click("promise-remove-0");
        assertThat(now().design().promises()).isEmpty();
        robot.key(CONTROL, Z);
        assertThat(now().design().promises()).hasSize(1);
    }

    @Test
    void an_edit_is_explored_again_and_what_it_mends_is_gone() throws Exception {
        explored(() -> robot.app()
                .work()
                .change(
                        now().design()
                                .changingFace(
                                        "Desk",
                                        f -> f.mapParts(
                                                p -> p.name().expression().equals("askButton")
                                                        ? java.util.Optional.empty()
                                                        : java.util.Optional.of(p))),
                        "removed"));
        assertThat(now().findings()).isEmpty();
        assertThat(now().looked().isComplete()).isTrue();
    }

    @Test
    void what_an_edit_cannot_have_changed_is_not_explored_again() throws Exception {
        Explored before = now().looked().explored().orElseThrow();
        explored(() -> robot.app()
                .work()
                .change(now().design().changingFace("Desk", f -> f.titled("Another title")), "titled"));
        assertThat(now().looked().explored().orElseThrow()).isSameAs(before);
        assertThat(now().findings()).hasSize(2);
        explored(() -> robot.app()
                .work()
                .change(now().design().promising(java.util.List.of(Promise.of("always possible to end"))), "promised"));
        assertThat(now().looked().explored().orElseThrow()).isNotSameAs(before);
    }

    @Test
    void an_older_version_is_compared_and_where_they_part_is_played() throws Exception {
        Path older = folder.resolve("older.bivouac");
        Files.writeString(older, TWICE.replace("\"waits for the application\"", "\"alongside\""));
        robot.key(CONTROL, DIGIT7)
                .click("compare-versions")
                .text(older.toString())
                .enter();
        assertThat(now().foot().sentence()).contains("differ").contains("older.bivouac");
        assertThat(robot.says("Otherwise: press \"askButton\" of \"Desk\".")).isTrue();
        robot.click("compared-play-0");
        assertThat(now().screen()).isEqualTo(Screen.REHEARSAL);
        robot.key(CONTROL, DIGIT7).click("compared-done");
        assertThat(robot.says("No shorter trail leads there.")).isTrue();
    }

    @Test
    void a_version_that_git_keeps_is_chosen_by_keyboard_and_compared() throws Exception {
        GitFolder git = GitFolder.in(folder);
        Path file = folder.resolve("small.bivouac");
        String text = Files.readString(file);
        Files.writeString(file, text.replace("\"waits for the application\"", "\"alongside\""));
        git.commit("Ask alongside", "2026-03-01");
        Files.writeString(file, text);
        git.commit("Ask and wait", "2026-03-02");
        explored(() -> robot.app().work().open(file));
        robot.key(CONTROL, DIGIT7).click("compare-versions");
        assertThat(robot.says("2026-03-02")).isTrue();
        assertThat(robot.says("Ask alongside")).isTrue();
        robot.enter();
        assertThat(now().foot().sentence()).startsWith("Nothing differs from “Ask and wait” of 2026-03-02");
        assertThat(robot.focus()).isEqualTo("compared-done");
        robot.key(ESCAPE).click("compare-versions").key(ESCAPE);
        assertThat(robot.says("No shorter trail leads there.")).isTrue();
        robot.click("compare-versions").click("compare-commit-1");
        assertThat(now().foot().sentence()).contains("differ").contains("from “Ask alongside” of 2026-03-01");
        assertThat(robot.says("Otherwise: press \"askButton\" of \"Desk\".")).isTrue();
    }

    @Test
    void what_many_promise_is_taken_with_one_press() throws Exception {
        robot.key(CONTROL, DIGIT7).click("promise-offer-0");
        assertThat(now().design().promises()).containsExactly(Promise.of("always possible to end"));
    }

    @Test
    void the_rehearsal_says_how_far_the_end_is_and_which_event_leads_to_a_fault() {
        robot.key(CONTROL, DIGIT3).settle();
        assertThat(robot.says("The end is 1 event away.")).isTrue();
        assertThat(robot.says("a fault can come next")).isTrue();
    }
}

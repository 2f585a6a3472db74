package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.desktop.overview.ManyWindows;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.scene.Node;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The Overview of a design too large to be read card by card, by keyboard and mouse. */
class FarOverviewTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        robot = Robot.open(ManyWindows.of(12, 2), folder);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Situation now() {
        return robot.app().work().now();
    }

    @Test
    void it_is_walked_with_the_arrow_keys_and_enter_opens_the_window() {
        assertThat(robot.focus()).isEqualTo("card-Desk");
        robot.key(RIGHT);
        assertThat(robot.focus()).startsWith("card-Card");
        robot.key(RIGHT);
        String note = robot.focus();
        assertThat(note).startsWith("card-Note");
        robot.key(SPACE);
        assertThat(now().chosen().window()).contains(note.substring("card-".length()));
        assertThat(robot.has(note, "tied")).isTrue();
        robot.key(ENTER);
        assertThat(now().screen()).isEqualTo(Screen.WINDOW);
    }

    @Test
    void what_is_typed_quiets_the_others_and_enter_goes_from_one_to_the_next() {
        robot.key(SLASH);
        assertThat(robot.focus()).isEqualTo("overview-find");
        robot.text("note 3");
        assertThat(robot.says("2 of 37")).isTrue();
        assertThat(robot.has("card-Note 3 1", "dimmed")).isFalse();
        assertThat(robot.has("card-Card 3", "dimmed")).isTrue();
        robot.key(ENTER);
        assertThat(now().chosen().window()).contains("Note 3 0");
        robot.key(ENTER);
        assertThat(now().chosen().window()).contains("Note 3 1");
        assertThat(robot.focus()).isEqualTo("overview-find");
        robot.key(ESCAPE);
        assertThat(robot.has("card-Card 3", "dimmed")).isFalse();
    }

    @Test
    void it_comes_nearer_and_goes_back_with_the_same_window_chosen() {
        robot.click("card-Card 2").click("distance-near").settle();
        assertThat(robot.has("card-Card 2", "tied")).as("a card, not a plate").isFalse();
        assertThat(now().chosen().window()).contains("Card 2");
        robot.click("distance-far").settle();
        assertThat(robot.has("card-Card 2", "tied")).isTrue();
    }

    @Test
    void an_edit_draws_only_what_looks_otherwise() throws Exception {
        Node edited = robot.node("card-Card 2");
        Node other = robot.node("card-Card 3");
        change(now().design().changing("Card 2", w -> ((FacedWindow) w).titled("Another")));
        assertThat(robot.node("card-Card 3")).isSameAs(other);
        assertThat(robot.node("card-Card 2")).isNotSameAs(edited);
        // one less: the others move up, and none stays behind
        int plates = plates();
        Design less = now().design();
        change(new Design(
                less.application(),
                less.windows().stream()
                        .filter(w -> !w.name().shown().equals("Note 11 1"))
                        .toList(),
                less.walkthroughs(),
                less.accepted(),
                less.promises()));
        assertThat(plates()).isEqualTo(plates - 1);
        robot.click("card-Card 3");
        assertThat(now().chosen().window()).contains("Card 3");
    }

    private int plates() {
        return robot.node("card-Card 3").getParent().getChildrenUnmodifiable().size();
    }

    private void change(Design design) throws Exception {
        var done = new CompletableFuture<Void>();
        Platform.runLater(() -> {
            robot.app().work().change(design, "changed");
            done.complete(null);
        });
        done.get();
        robot.settle();
    }
}

package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.ScriptPlace;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * An edit draws only what it changes: new nodes cost more than all else between an edit and its findings, and what is
 * kept keeps its focus and what was typed in it.
 */
class KeptNodesTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        robot = Robot.open(DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac")), folder);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Situation now() {
        return robot.app().work().now();
    }

    private void titled(String window, String title) {
        robot.on(() -> {
            var design = now().design();
            robot.app().work().change(design.changingFace(window, f -> f.titled(title)), "titled");
            return null;
        });
        robot.settle();
    }

    private Set<Node> nodes() {
        return robot.on(() -> {
            Set<Node> all = Collections.newSetFromMap(new IdentityHashMap<>());
            gather(robot.app().root(), all);
            return all;
        });
    }

    private static void gather(Node node, Set<Node> all) {
        all.add(node);
        if (node instanceof Parent p) {
            p.getChildrenUnmodifiable().forEach(c -> gather(c, all));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "WINDOW, face-arrive",
        "CLOSINGS, closing-Bunk plan-close box",
        "DEPARTURE, asked-Register",
        "OVERVIEW, card-Register"
    })
    void what_another_window_is_called_on_its_frame_draws_nothing_else(Screen screen, String kept) {
        robot.on(() -> {
            robot.app().work().goTo(Chosen.window("Register"));
            robot.app().work().show(screen);
            return null;
        });
        robot.settle();
        titled("Guest card", "Guest");
        Node there = robot.node(kept);
        Set<Node> before = nodes();
        titled("Guest card", "Someone");
        assertThat(robot.node(kept)).isSameAs(there);
        Set<Node> after = nodes();
        after.removeAll(before);
        assertThat(after).hasSizeLessThan(before.size() / 4);
    }

    @Test
    void a_step_that_is_changed_leaves_the_other_steps_and_the_face_as_they_are() {
        robot.key(CONTROL, DIGIT2).click("face-arrive");
        robot.focus("next-step").text("note `one`").enter().text("note `two`").enter();
        Node first = robot.node("step-[0]");
        Node face = robot.node("face-arrive");
        int last = new ScriptPlace.AtPart("Register", "arrive")
                        .in(now().design())
                        .steps()
                        .size()
                - 1;
        robot.focus("step-[" + last + "]").key(DELETE);
        assertThat(robot.node("step-[0]")).isSameAs(first);
        assertThat(robot.node("face-arrive")).isSameAs(face);
        assertThat(robot.has("step-[" + last + "]")).isFalse();
    }

    @Test
    void what_is_taken_back_is_drawn_again() {
        robot.key(CONTROL, DIGIT2);
        boolean before = isTicked("resizable");
        robot.click("resizable");
        assertThat(isTicked("resizable")).isNotEqualTo(before);
        robot.key(CONTROL, Z);
        assertThat(isTicked("resizable")).isEqualTo(before);
    }

    private boolean isTicked(String id) {
        return ((javafx.scene.control.CheckBox) robot.node(id)).isSelected();
    }

    @Test
    void the_frame_is_read_into_the_window_as_it_is_now() {
        robot.key(CONTROL, DIGIT2);
        titled("Register", "Other");
        robot.focus("window-frame").selectAll().text("480 x 320").enter();
        assertThat(now().design().faced("Register").orElseThrow().title()).isEqualTo("Other");
    }

    @Test
    void a_line_given_up_is_empty_when_it_is_begun_again() {
        robot.key(CONTROL, DIGIT2).click("next-step").text("not yet").key(ESCAPE);
        assertThat(((javafx.scene.control.TextField) robot.node("next-step")).getText())
                .isEmpty();
    }
}

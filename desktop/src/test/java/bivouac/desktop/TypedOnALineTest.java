package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import java.nio.file.Path;
import javafx.event.Event;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is typed while the line of a branch has the keyboard begins its next step. */
class TypedOnALineTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        robot = Robot.open(Design.startingWith("Before"), folder.resolve("state"));
        robot.key(KeyCode.CONTROL, KeyCode.N).text("Greeter").enter();
        robot.click("new-part").text("button Ask").enter();
        robot.click("next-step").text("ask `Go on?` with Yes, No").enter();
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private void type(String character, boolean control) {
        robot.on(() -> {
            Event.fireEvent(
                    robot.focused(),
                    new KeyEvent(KeyEvent.KEY_TYPED, character, "", KeyCode.UNDEFINED, false, control, false, false));
            return null;
        });
    }

    private String typed() {
        return robot.on(() -> robot.focused() instanceof TextInputControl field ? field.getText() : "nowhere");
    }

    @Test
    void the_first_letter_is_not_lost() {
        robot.click("branch-[0]1no");
        type("n", false);
        assertThat(typed()).isEqualTo("n");
        robot.text("ote no").enter();
        Design design = robot.app().work().now().design();
        var place = new ScriptPlace.AtPart("Greeter", "askButton");
        var asks = (Step.Open) place.in(design).steps().getFirst();
        assertThat(asks.branches().get(1).script()).isEqualTo(Script.of(new Step.Note("no")));
    }

    @Test
    void what_is_no_letter_begins_nothing() {
        robot.click("branch-[0]1no");
        type("\u0003", true);
        type(" ", false);
        assertThat(typed()).isEqualTo("nowhere");
    }
}

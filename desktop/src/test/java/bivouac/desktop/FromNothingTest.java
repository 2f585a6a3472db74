package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.machine.Scene;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A whole small design made, acted out, saved and opened again, on the real interface. */
class FromNothingTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        robot = Robot.open(Design.startingWith("Before"), folder.resolve("state"));
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Scene scene() {
        return robot.app().work().now().rehearsal().scene();
    }

    private String shown(String part) {
        return scene().windows().getFirst().parts().stream()
                .filter(p -> p.design().name().expression().equals(part))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @Test
    void from_an_empty_design_to_a_message_box_on_the_desk_in_at_most_15_keys_beyond_the_texts() {
        robot.countFromHere();
        robot.key(CONTROL, N).text("Greeter").key(ENTER);
        assertThat(robot.focus()).isEqualTo("new-part");
        robot.text("b").key(TAB).text("Greet").key(TAB);
        assertThat(robot.focus()).isEqualTo("next-step");
        robot.text("m").key(TAB).text("Hello from the ridge.").key(ENTER);
        robot.key(CONTROL, DIGIT3).key(ENTER);
        assertThat(scene().windows()).hasSize(2);
        assertThat(scene().windows().getLast().text()).isEqualTo("Hello from the ridge.");
        assertThat(robot.keys()).isLessThanOrEqualTo(15);
    }

    @Test
    void keyboard_only_a_dialog_gives_a_name_to_a_caption_and_the_close_box_asks() throws Exception {
        makeByKeyboard();
        assertThat(robot.app().work().now().findings()).isEmpty();
        rehearseByKeyboard();
        Path file = folder.resolve("hut desk.bivouac");
        robot.key(CONTROL, S).key(CONTROL, A).text(file.toString()).key(ENTER);
        assertThat(file).exists();
        assertThat(robot.app().work().now().saved()).isTrue();
        String saved = Files.readString(file);
        robot.key(CONTROL, N).text("Another").key(ENTER);
        robot.key(CONTROL, O);
        assertThat(robot.has("leave-stay"))
                .as("unsaved work is asked about first")
                .isTrue();
        robot.key(TAB).key(ENTER).text(file.toString()).key(ENTER);
        assertThat(robot.app().work().now().design().application().name()).isEqualTo("Hut desk");
        rehearseByKeyboard();
        assertThat(Files.readString(file)).isEqualTo(saved);
    }

    @Test
    void by_mouse_with_only_the_texts_typed() throws Exception {
        robot.click("design-menu")
                .clickText("New design    Ctrl+N")
                .text("Hut desk")
                .click("prompt-ok");
        robot.click("new-part").text("caption Nobody yet as shown caption").enter();
        robot.click("new-part").text("button Arrive").enter();
        robot.click("roster-filter").text("Arrival").click("add-dialog");
        robot.click("new-part").text("text field Name as guest field").enter();
        robot.click("new-part").text("button Admit").enter();
        robot.click("endings")
                .selectAll()
                .text("admitted giving guest: text; cancelled")
                .enter();
        robot.click("face-admitButton")
                .click("next-step")
                .text("close with admitted giving guest ← me.guestField")
                .enter();
        robot.click("roster-Hut desk")
                .click("face-arriveButton")
                .click("next-step")
                .text("open Arrival")
                .enter();
        robot.click("next-step")
                .text("when admitted")
                .enter()
                .text("set me.shownCaption ← result.guest")
                .enter();
        robot.click("next-step").text("when cancelled nothing").enter();
        robot.click("moment-before closing")
                .click("next-step")
                .text("ask `Leave the desk?` with Leave, Stay")
                .enter();
        robot.click("branch-[0]1stay").enter().text("stay open").enter();
        assertThat(robot.app().work().now().findings()).isEmpty();
        rehearseByMouse();
        Path file = folder.resolve("by mouse.bivouac");
        robot.click("design-menu")
                .clickText("Save    Ctrl+S")
                .selectAll()
                .text(file.toString())
                .click("prompt-ok");
        String saved = Files.readString(file);
        robot.click("design-menu")
                .clickText("Open a design    Ctrl+O")
                .text(file.toString())
                .click("prompt-ok");
        rehearseByMouse();
        assertThat(Files.readString(file)).isEqualTo(saved);
    }

    private void rehearseByMouse() {
        robot.click("screen-3").click("start-again").click("part-arriveButton");
        robot.click("part-guestField").text("Ilva Tarn").click("part-admitButton");
        assertThat(shown("shownCaption")).isEqualTo("Ilva Tarn");
        robot.click("close-box");
        assertThat(scene().windows().getLast().text()).isEqualTo("Leave the desk?");
        robot.click("answer-stay");
        assertThat(scene().windows()).hasSize(1);
        robot.click("trail-0");
        assertThat(shown("shownCaption")).isEqualTo("Nobody yet");
        robot.click("trail-3");
        assertThat(shown("shownCaption")).isEqualTo("Ilva Tarn");
    }

    private void makeByKeyboard() {
        robot.key(CONTROL, N).text("Hut desk").key(ENTER);
        robot.text("caption Nobody yet as shown caption").key(ENTER);
        robot.text("button Arrive").key(TAB);
        robot.text("open new dialog Arrival").key(ENTER);
        robot.key(CONTROL, L).text("Arrival").key(ENTER).key(ALT, P);
        robot.text("text field Name as guest field").key(ENTER);
        robot.text("button Admit").key(ENTER).text("button Leave").key(ENTER);
        robot.key(ALT, E)
                .key(CONTROL, A)
                .text("admitted giving guest: text; cancelled")
                .key(ENTER);
        robot.key(CONTROL, K).text("Admit").key(ENTER).key(ALT, S);
        robot.text("close with admitted giving guest ← me.guestField").key(ENTER);
        robot.key(CONTROL, K).text("Leave").key(ENTER).key(ALT, S);
        robot.text("close with cancelled").key(ENTER);
        robot.key(CONTROL, K).text("Arrive").key(ENTER).key(ALT, S);
        robot.text("when admitted").key(ENTER);
        assertThat(robot.focus()).isEqualTo("step-typing");
        robot.text("set me.shownCaption ← result.guest").key(ENTER);
        robot.key(ALT, S).text("when cancelled nothing").key(ENTER);
        // the careful close box
        robot.key(CONTROL, K).text("before closing of Hut desk").key(ENTER).key(ALT, S);
        robot.text("ask `Leave the desk?` with Leave, Stay").key(ENTER);
        robot.key(ALT, S).key(UP).key(ENTER);
        robot.text("stay").key(ENTER);
    }

    private void rehearseByKeyboard() {
        robot.key(CONTROL, DIGIT3);
        robot.key(ENTER);
        assertThat(scene().windows()).hasSize(2);
        robot.text("Ilva Tarn").key(TAB).key(ENTER);
        assertThat(shown("shownCaption")).isEqualTo("Ilva Tarn");
        robot.key(ALT, F4);
        assertThat(scene().windows().getLast().text()).isEqualTo("Leave the desk?");
        robot.key(ESCAPE);
        assertThat(scene().windows()).hasSize(1);
        robot.key(ALT, LEFT).key(ALT, LEFT).key(ALT, LEFT).key(ALT, LEFT).key(ALT, LEFT);
        assertThat(shown("shownCaption")).isEqualTo("Nobody yet");
        robot.key(ALT, RIGHT).key(ALT, RIGHT).key(ALT, RIGHT);
        assertThat(shown("shownCaption")).isEqualTo("Ilva Tarn");
    }
}

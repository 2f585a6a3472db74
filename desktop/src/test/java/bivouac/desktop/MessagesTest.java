package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.MessageBox;
import bivouac.desktop.work.Screen;
import bivouac.format.DesignFile;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The Messages screen, driven by keyboard and mouse. */
class MessagesTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        robot = Robot.open(DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac")), folder);
        robot.key(CONTROL, DIGIT5);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private MessageBox box(String name) {
        return (MessageBox) robot.app().work().now().design().window(name).orElseThrow();
    }

    @Test
    void texts_titles_and_buttons_are_edited_in_the_drawing_and_undone() {
        assertThat(robot.app().work().now().screen()).isEqualTo(Screen.MESSAGES);
        String before = box("Hut full").text();
        robot.focus("message-text-Hut full")
                .selectAll()
                .text("No bunk is free.")
                .key(CONTROL, ENTER);
        robot.focus("message-title-Hut full").selectAll().text("Full").key(ENTER);
        robot.focus("message-answer-ok-Hut full").selectAll().text("Understood").key(ENTER);
        assertThat(box("Hut full").text()).isEqualTo("No bunk is free.");
        assertThat(box("Hut full").title()).isEqualTo("Full");
        assertThat(box("Hut full").answers().getFirst()).isEqualTo(new MessageBox.Answer("Understood", "ok"));
        robot.key(CONTROL, Z).key(CONTROL, Z).key(CONTROL, Z);
        assertThat(box("Hut full").text()).isEqualTo(before);
    }

    @Test
    void a_rule_shows_who_differs_and_one_press_puts_it_right() {
        robot.focus("message-text-Hut full").selectAll().text("No bunk is free").key(CONTROL, ENTER);
        robot.click("rule-SENTENCE");
        assertThat(robot.has("message-Hut full", "pointed")).isTrue();
        assertThat(robot.has("message-Name missing", "pointed")).isFalse();
        robot.focus("repair-SENTENCE-Hut full").click("repair-SENTENCE-Hut full");
        assertThat(box("Hut full").text()).isEqualTo("No bunk is free.");
        assertThat(robot.has("message-Hut full", "differs")).isFalse();
    }

    @Test
    void the_order_of_the_buttons_is_switched_and_the_design_stays() {
        var before = robot.app().work().now().design();
        double save = robot.node("message-answer-save-Unsaved register")
                .localToScene(0, 0)
                .getX();
        double stay = robot.node("message-answer-stay-Unsaved register")
                .localToScene(0, 0)
                .getX();
        assertThat(save).isLessThan(stay);
        robot.click("button-order").key(DOWN).key(DOWN).key(ENTER);
        assertThat(robot.node("message-answer-save-Unsaved register")
                        .localToScene(0, 0)
                        .getX())
                .isGreaterThan(robot.node("message-answer-stay-Unsaved register")
                        .localToScene(0, 0)
                        .getX());
        assertThat(robot.app().work().now().design()).isSameAs(before);
    }

    @Test
    void all_boxes_are_saved_as_one_picture() throws Exception {
        Path picture = folder.resolve("boxes.png");
        robot.click("messages-picture").selectAll().text(picture.toString()).key(ENTER);
        assertThat(Files.exists(picture)).isTrue();
        assertThat(ImageIO.read(picture.toFile()).getWidth()).isGreaterThan(600);
    }

    @Test
    void the_name_under_a_box_goes_to_its_window_screen() {
        robot.focus("message-open-Hut full").click("message-open-Hut full");
        assertThat(robot.app().work().now().screen()).isEqualTo(Screen.WINDOW);
        assertThat(robot.app().work().now().chosen().window()).contains("Hut full");
    }

    @Test
    void the_roster_is_a_key_away_though_this_screen_does_not_show_it() {
        robot.key(CONTROL, L);
        assertThat(robot.app().work().now().screen()).isEqualTo(Screen.WINDOW);
        assertThat(robot.focus()).isEqualTo("roster-filter");
        robot.text("Harbour").key(ENTER);
        assertThat(robot.app().work().now().design().window("Harbour")).isPresent();
    }
}

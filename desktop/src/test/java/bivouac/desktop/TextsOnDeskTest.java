package bivouac.desktop;

import static bivouac.machine.Play.*;
import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Editing;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.plan.TextSelection.Span;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is selected in a text, and edit commands, by hand (P6, P7). */
class TextsOnDeskTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        Design design = withMain(main(
                        "Desk",
                        Part.TextField.of("body", "Body"),
                        Part.TextField.of("aside", "Aside"),
                        button(
                                "says",
                                note("{me.body.selection.from}-{me.body.selection.to}:{me.body.selection.text}")),
                        button(
                                "find",
                                set("me.body.selection.from", "me.body.indexOf(\"hay\")"),
                                set("me.body.selection.to", "me.body.indexOf(\"hay\") + 3")),
                        button("swap", set("me.body.selection.text", "\"oats\""))))
                .design();
        robot = Robot.open(design, folder);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private FacedWindow desk() {
        return robot.app().work().now().design().faced("Desk").orElseThrow();
    }

    private TextField body() {
        return field("body");
    }

    private TextField field(String part) {
        return (TextField) robot.stage().getScene().lookup("#part-" + part);
    }

    private List<String> trail() {
        return robot.app().work().now().rehearsal().trail().stream()
                .map(Object::toString)
                .toList();
    }

    @Test
    void what_is_selected_by_hand_is_told_once_before_the_next_event_and_typing_is_one_event_still() {
        robot.key(CONTROL, DIGIT3).click("part-body").text("some hay");
        robot.key(HOME).key(SHIFT, RIGHT).key(SHIFT, RIGHT).key(SHIFT, RIGHT).key(SHIFT, RIGHT);
        robot.click("part-says");
        assertThat(robot.seen()).contains("notes “0-4:some”");
        assertThat(trail())
                .containsExactly(
                        "type \"some hay\" into \"body\" of \"Desk\"",
                        "select from 0 to 4 in \"body\" of \"Desk\"",
                        "press \"says\" of \"Desk\"");
        // a field of which nobody asks is left without a word
        robot.click("part-aside").text("x").key(HOME).click("part-says");
        assertThat(trail())
                .doesNotContain("select from 0 to 0 in \"aside\" of \"Desk\"")
                .hasSize(5);
    }

    @Test
    void what_a_step_selects_is_seen_in_the_field_and_stepping_back_shows_what_was_selected_before() {
        robot.key(CONTROL, DIGIT3).click("part-body").text("some hay").click("part-find");
        assertThat(robot.on(() -> body().getSelectedText())).isEqualTo("hay");
        robot.focus("part-body");
        assertThat(robot.on(() -> body().getSelectedText())).isEqualTo("hay");
        robot.click("part-swap");
        assertThat(robot.on(() -> body().getText())).isEqualTo("some oats");
        assertThat(robot.on(() -> body().getCaretPosition())).isEqualTo(9);
        robot.on(() -> {
            var rehearsal = robot.app().work().now().rehearsal();
            robot.app().work().rehearse(rehearsal.goTo(rehearsal.now() - 1));
            return null;
        });
        robot.settle();
        assertThat(robot.on(() -> body().getSelectedText())).isEqualTo("hay");
    }

    @Test
    void a_field_of_which_nobody_asks_is_as_the_platform_has_it() {
        robot.key(CONTROL, DIGIT3).click("part-aside").text("some hay").click("part-says");
        robot.focus("part-aside");
        assertThat(robot.on(() -> field("aside").getSelectedText())).isEqualTo("some hay");
    }

    @Test
    void typing_in_the_middle_leaves_the_cursor_there() {
        robot.key(CONTROL, DIGIT3).click("part-body").text("ac").key(LEFT).text("b");
        assertThat(robot.on(() -> body().getText() + body().getCaretPosition())).isEqualTo("abc2");
        robot.click("part-says");
        assertThat(robot.seen()).contains("notes “2-2:”");
    }

    @Test
    void an_edit_command_is_typed_chosen_in_the_menu_and_by_its_shortcut_and_the_field_tells_what_came_of_it() {
        robot.key(CONTROL, DIGIT2)
                .click("new-part")
                .text("command Edit / does cut")
                .key(TAB);
        assertThat(((Part.MenuCommand) desk().part("cut").orElseThrow()).does()).contains(Editing.CUT);
        robot.click("new-part")
                .text("command Edit / Mark all does select all F9 as all")
                .key(TAB);
        robot.key(CONTROL, DIGIT3).click("part-body").text("some hay").key(F9);
        assertThat(robot.on(() -> body().getSelectedText())).isEqualTo("some hay");
        robot.click("menu-Edit").clickText("Cut");
        assertThat(robot.on(() -> body().getText())).isEmpty();
        assertThat(robot.lastEvent()).isEqualTo("type \"\" into \"body\" of \"Desk\"");
        robot.key(CONTROL, V);
        assertThat(robot.app()
                        .work()
                        .now()
                        .rehearsal()
                        .scene()
                        .windows()
                        .getFirst()
                        .part("body")
                        .orElseThrow()
                        .text())
                .isEqualTo("some hay");
        assertThat(robot.app()
                        .work()
                        .now()
                        .rehearsal()
                        .scene()
                        .windows()
                        .getFirst()
                        .part("body")
                        .orElseThrow()
                        .span())
                .isEqualTo(Optional.of(new Span(8, 8)));
    }

    @Test
    void what_a_command_does_is_changed_in_its_settings_and_a_wrong_word_says_what_can_be_said() {
        robot.key(CONTROL, DIGIT2)
                .click("new-part")
                .text("command Edit / does cut")
                .key(TAB);
        robot.click("tab-part").click("part-does").key(CONTROL, A).text("burn").enter();
        assertThat(robot.says(
                        "It can do undo, redo, cut, copy, paste, select all; leave it empty where it runs its script."))
                .isTrue();
        robot.click("part-does").key(CONTROL, A).text("copy").enter();
        assertThat(((Part.MenuCommand) desk().part("cut").orElseThrow()).does()).contains(Editing.COPY);
    }
}

package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.MessageBox;
import bivouac.design.ScriptPlace;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What each screen does with keys, beyond the long way from nothing. */
class ScreensTest {

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

    private int steps(String window, String part) {
        return new ScriptPlace.AtPart(window, part).in(now().design()).steps().size();
    }

    @Test
    void enter_on_a_card_of_the_overview_goes_to_its_window_screen() {
        assertThat(robot.focus()).isEqualTo("card-Register");
        robot.key(TAB).key(ENTER);
        assertThat(now().screen()).isEqualTo(Screen.WINDOW);
        assertThat(now().chosen().window()).contains("Bunk plan");
    }

    @Test
    void pointing_at_a_card_dims_what_it_is_not_tied_to() {
        robot.point("card-Guest card");
        assertThat(robot.has("card-Guest card", "dimmed")).isFalse();
        assertThat(robot.has("card-Register", "dimmed")).isFalse();
        assertThat(robot.has("card-Arrival form", "dimmed")).isTrue();
    }

    @Test
    void a_wrong_expression_is_underlined_while_it_is_typed() {
        robot.key(CONTROL, DIGIT2);
        robot.click("next-step").text("set app.guests ← app.gusts ");
        var zigzag = (javafx.scene.shape.Path)
                robot.on(() -> robot.stage().getScene().getRoot().lookupAll(".zigzag").stream()
                        .filter(n ->
                                !((javafx.scene.shape.Path) n).getElements().isEmpty())
                        .findFirst()
                        .orElseThrow());
        double typed = robot.node("next-step").getBoundsInParent().getWidth();
        assertThat(zigzag.getLayoutBounds().getMinX()).isGreaterThan(90);
        assertThat(zigzag.getLayoutBounds().getMaxX()).isLessThan(typed);
    }

    @Test
    void a_question_over_the_tool_keeps_the_keyboard_until_it_is_left() {
        robot.key(CONTROL, K);
        assertThat(robot.focus()).isEqualTo("find-field");
        robot.key(TAB);
        assertThat(robot.focus()).isEqualTo("find-field");
        robot.text("nights wrong").key(ENTER);
        assertThat(now().chosen().window()).contains("Nights wrong");
        robot.key(CONTROL, K).key(ESCAPE);
        assertThat(robot.has("find-field")).isFalse();
    }

    @Test
    void a_menu_of_a_face_unfolds_when_it_is_pressed_and_with_its_chosen_command() {
        robot.key(ENTER);
        assertThat(now().chosen().window()).contains("Register");
        assertThat(robot.has("face-menu-Register")).isTrue();
        assertThat(robot.has("face-save")).isFalse();
        robot.click("face-menu-Register");
        assertThat(robot.has("face-save")).isTrue();
        robot.click("face-save").click("face-menu-Register");
        assertThat(now().chosen().part()).contains("save");
        assertThat(robot.has("face-save")).as("folded by hand").isFalse();
        robot.key(SPACE);
        assertThat(robot.has("face-save")).isTrue();
    }

    @Test
    void an_example_is_opened_by_its_name_after_asking_about_unsaved_work() {
        robot.key(CONTROL, K).text("example kiln").key(ENTER);
        robot.settle();
        assertThat(now().design().application().name()).isEqualTo("Kiln House");
        robot.key(CONTROL, DIGIT2).key(ALT, P).text("button Bell").key(ENTER);
        assertThat(now().saved()).isFalse();
        robot.key(CONTROL, K).text("example ferry").key(ENTER);
        assertThat(robot.has("leave-unsaved")).isTrue();
        robot.key(ESCAPE);
        assertThat(now().design().application().name()).isEqualTo("Kiln House");
    }

    @Test
    void a_step_is_edited_moved_switched_off_removed_and_taken_back_by_keys() {
        robot.key(CONTROL, K).text("save menu command").key(ENTER).key(ALT, S);
        assertThat(steps("Register", "save")).isEqualTo(2);
        robot.key(UP).key(ALT, UP);
        assertThat(new ScriptPlace.AtPart("Register", "save")
                        .in(now().design())
                        .steps()
                        .getFirst())
                .isInstanceOf(bivouac.design.Step.Note.class);
        robot.key(CONTROL, Z).key(ALT, S).key(UP).key(SPACE);
        assertThat(new ScriptPlace.AtPart("Register", "save")
                        .in(now().design())
                        .steps()
                        .getLast())
                .isInstanceOf(bivouac.design.Step.Off.class);
        robot.key(CONTROL, Z).key(ALT, S).key(UP).key(DELETE);
        assertThat(steps("Register", "save")).isEqualTo(1);
        robot.key(CONTROL, Z).key(CONTROL, SHIFT, Z).key(CONTROL, Z);
        assertThat(steps("Register", "save")).isEqualTo(2);
        assertThat(now().saved()).isTrue();
    }

    @Test
    void what_is_wrong_in_a_line_is_said_while_it_is_typed() {
        robot.key(CONTROL, K).text("save menu command").key(ENTER).key(ALT, S);
        robot.text("if app.gests > 1");
        assertThat(robot.says("“app.gests” means nothing here; did you mean app.guests?"))
                .isTrue();
        robot.key(ESCAPE).text("jump");
        robot.key(ENTER);
        assertThat(
                        robot.says(
                                "“jump” begins no step; steps begin with open, message, ask, set, if, close, stay open, end or note."))
                .isTrue();
        assertThat(steps("Register", "save")).isEqualTo(2);
    }

    @Test
    void a_message_box_is_edited_in_its_drawing() {
        robot.key(CONTROL, K).text("hut full").key(ENTER);
        robot.click("box-text").selectAll().text("No bunk is free.").enter();
        robot.click("box-answers").selectAll().text("OK, Call the valley").enter();
        var box = (MessageBox) now().design().window("Hut full").orElseThrow();
        assertThat(box.text()).isEqualTo("No bunk is free.");
        assertThat(box.answers()).extracting(MessageBox.Answer::ending).containsExactly("ok", "call the valley");
        assertThat(box.byDefault()).contains("ok");
    }

    @Test
    void a_renamed_window_is_renamed_everywhere() {
        robot.key(CONTROL, K)
                .text("arrival form")
                .key(ENTER)
                .key(F2)
                .selectAll()
                .text("Check in")
                .key(ENTER);
        assertThat(now().design().window("Check in")).isPresent();
        assertThat(now().findings()).isEmpty();
        assertThat(now().foot().sentence()).isEqualTo("Arrival form is now Check in, everywhere.");
    }

    @Test
    void a_file_that_cannot_be_opened_says_why_and_changes_nothing() throws Exception {
        Path wrong = java.nio.file.Files.writeString(folder.resolve("wrong.bivouac"), "{\"format\": 7}");
        var before = now().design();
        robot.key(CONTROL, O).text(wrong.toString()).key(ENTER);
        assertThat(now().foot().sentence()).contains("this design has format 7");
        assertThat(now().design()).isSameAs(before);
    }

    @Test
    void steps_and_parts_are_copied_by_keyboard_and_a_window_is_duplicated() {
        robot.key(CONTROL, DIGIT2);
        robot.on(() -> {
            robot.app().work().goTo(bivouac.desktop.work.Chosen.script(new ScriptPlace.AtPart("Guest card", "keep")));
            return null;
        });
        robot.settle();
        int before = steps("Guest card", "keep");
        robot.focus("step-[0]").key(CONTROL, C);
        robot.focus("next-step").key(CONTROL, V);
        assertThat(steps("Guest card", "keep")).isEqualTo(before + 1);
        robot.focus("step-[0]").key(CONTROL, D);
        assertThat(steps("Guest card", "keep")).isEqualTo(before + 2);
        robot.focus("face-keep").key(CONTROL, D);
        assertThat(now().design().faced("Guest card").orElseThrow().part("keep2"))
                .isPresent();
        assertThat(now().foot().sentence()).contains("put in as keep2");
        robot.click("duplicate-window");
        assertThat(now().chosen().window()).contains("Guest card 2");
        assertThat(now().foot().sentence()).contains("as before it opens Unsaved notes");
        robot.key(CONTROL, Z);
        assertThat(now().design().window("Guest card 2")).isEmpty();
    }

    @Test
    void a_window_is_rehearsed_from_where_it_stands_however_far_it_is() {
        robot.on(() -> {
            robot.app().work().goTo(bivouac.desktop.work.Chosen.window("Name missing"));
            return null;
        });
        robot.settle().key(F6);
        assertThat(now().screen()).isEqualTo(Screen.REHEARSAL);
        assertThat(now().rehearsal().trail()).hasSize(2);
        assertThat(now().foot().sentence()).isEqualTo("The shortest way to Name missing: 2 events from the start.");
    }

    @Test
    void the_frame_of_a_window_is_one_line_and_a_wrong_word_is_explained() {
        robot.key(CONTROL, DIGIT2);
        robot.focus("window-frame").selectAll().text("500 x 400, stays on top").key(ENTER);
        var frame = now().design().faced(now().chosen().window().orElseThrow()).orElseThrow();
        assertThat(frame.size().width()).isEqualTo(500);
        assertThat(frame.frame().onTop()).isTrue();
        robot.focus("window-frame").selectAll().text("shiny").key(ENTER);
        assertThat(now().foot().sentence()).contains("says nothing of a frame");
    }

    @Test
    void the_walls_of_the_overview_are_edited_where_they_are_seen() {
        robot.key(CONTROL, DIGIT1)
                .focus("wall-value-bunks")
                .selectAll()
                .text("7")
                .key(ENTER);
        assertThat(now().design().application().variables())
                .anyMatch(v -> v.name().expression().equals("bunks")
                        && v.starts().orElseThrow().source().equals("7"));
        robot.focus("wall-departure-rule").key(SPACE).key(UP).key(ENTER);
        assertThat(now().design().application().departure())
                .isInstanceOf(bivouac.design.DepartureRule.OnlyWhenTold.class);
        robot.key(CONTROL, Z).key(CONTROL, Z);
        assertThat(now().saved()).isTrue();
    }

    @Test
    void names_that_differ_are_put_right_with_one_press() {
        robot.on(() -> {
            robot.app().work().goTo(bivouac.desktop.work.Chosen.APPLICATION);
            return null;
        });
        robot.settle().focus("app-names").key(SPACE).key(UP).key(UP).key(ENTER);
        assertThat(now().design().application().names()).isEqualTo(bivouac.design.NamingHabit.SUFFIX);
        assertThat(now().findings()).isNotEmpty();
        String what = now().findings().stream()
                .map(bivouac.check.finding.Finding::what)
                .filter(w -> w.startsWith("Register:"))
                .findFirst()
                .orElseThrow();
        robot.key(F8).click("finding-" + what).click("finding-way-0");
        assertThat(now().design().faced("Register").orElseThrow().part("arriveButton"))
                .isPresent();
        assertThat(now().findings()).noneMatch(f -> f.what().startsWith("Register:"));
    }

    @Test
    void what_is_called_so_is_found_before_what_only_begins_so() {
        robot.on(() -> {
            var work = robot.app().work();
            var plan = bivouac.design.FacedWindow.of(bivouac.design.FacedWindow.Kind.CHILD, "Arriv");
            work.change(now().design().adding(plan), "a window is added");
            return null;
        });
        robot.settle().key(CONTROL, K).text("arriv").key(ENTER);
        assertThat(now().chosen().window()).contains("Arriv");
        robot.key(CONTROL, K).text("arrive register").key(ENTER);
        assertThat(now().chosen().part()).contains("arrive");
        assertThat(robot.focus()).isEqualTo("next-step");
        robot.key(CONTROL, K).text("arriva").key(ENTER);
        assertThat(now().chosen().window()).contains("Arrival form");
    }

    @Test
    void the_keyboard_goes_along_to_another_screen() {
        robot.key(CONTROL, DIGIT1).focus("card-Register");
        robot.on(() -> {
            robot.app().work().goTo(bivouac.desktop.work.Chosen.window("Bunk plan"));
            return null;
        });
        assertThat(robot.settle().focus()).isEqualTo("new-part");
    }
}

package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Part;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.format.DesignFile;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Ridge Hut used on the desk: choices, dates, tick commands, links, tasks, file dialogs, hiding. */
class DeskPartsTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        robot = Robot.open(DesignFile.read(Path.of("../examples/ridge-hut.bivouac")), folder);
        robot.key(CONTROL, DIGIT3);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Situation now() {
        return robot.app().work().now();
    }

    private String lastLine() {
        return now().rehearsal().present().event().orElseThrow().toString();
    }

    private String text(String window, String part) {
        return now().rehearsal().scene().windows().stream()
                .filter(w -> w.which().window().equals(window))
                .flatMap(w -> w.parts().stream())
                .filter(p -> p.design().name().expression().equals(part))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @Test
    void a_task_is_let_end_at_the_foot_of_the_desk_and_its_script_goes_on() {
        robot.click("part-askWeather");
        assertThat(now().rehearsal().scene().tasks()).hasSize(1);
        assertThat(robot.node("task-strip").isVisible()).isTrue();
        robot.click("task-ask the weather-heard");
        assertThat(text("Register", "weather")).isEqualTo("Weather: wind from the north, snow by night");
        assertThat(robot.node("task-strip").isVisible()).isFalse();
        assertThat(lastLine()).isEqualTo("task \"ask the weather\" ends \"heard\" of \"Register\"");
    }

    @Test
    void choices_and_dates_are_filled_in_by_keyboard_on_the_arrival_form() {
        robot.click("part-arrive").click("part-guest").text("Ilva Tarn");
        robot.click("part-board").key(DOWN).key(ENTER);
        assertThat(text("Arrival form", "board")).isEqualTo("full");
        robot.click("part-arrives").selectAll().text("soon");
        robot.click("part-admit");
        assertThat(now().rehearsal().scene().windows())
                .anyMatch(w -> w.which().window().equals("Date wrong"));
    }

    @Test
    void a_font_is_picked_the_night_list_exported_and_its_usual_task_ends_by_itself() {
        robot.key(CONTROL, P);
        assertThat(robot.focus()).isEqualTo("file-name");
        robot.text("tonight").key(ENTER);
        assertThat(now().rehearsal().scene().tasks()).isEmpty();
        assertThat(now().rehearsal().scene().files()).contains("/Hut/Lists/tonight.txt");
        assertThat(lastLine()).isEqualTo("task \"print night list\" ends \"done\" of \"Register\"");
    }

    @Test
    void a_window_out_of_sight_comes_back_with_what_it_held() {
        robot.key(CONTROL, B);
        robot.click("part-loft").click("part-away");
        assertThat(robot.has("desk-Bunk plan")).isFalse();
        robot.key(CONTROL, B);
        assertThat(robot.has("desk-Bunk plan")).isTrue();
        assertThat(now().rehearsal().scene().windows().stream()
                        .filter(w -> w.which().window().equals("Bunk plan"))
                        .flatMap(w -> w.parts().stream())
                        .anyMatch(p -> p.ticked()))
                .isTrue();
    }

    @Test
    void a_part_is_given_its_kind_on_the_part_page_and_undone() {
        robot.on(() -> {
            robot.app().work().goTo(Chosen.script(new bivouac.design.ScriptPlace.AtPart("Arrival form", "board")));
            return null;
        });
        robot.settle()
                .click("tab-part")
                .focus("part-items")
                .selectAll()
                .text("none, full")
                .key(ENTER);
        assertThat(((Part.Choice) now().design()
                                .faced("Arrival form")
                                .flatMap(f -> f.part("board"))
                                .orElseThrow())
                        .items())
                .containsExactly("none", "full");
        assertThat(now().findings()).anyMatch(f -> f.what().contains("starts with “supper”"));
        robot.key(CONTROL, Z);
        assertThat(now().findings()).isEmpty();
    }

    @Test
    void a_row_is_put_into_a_group_which_the_desk_shows() {
        robot.on(() -> {
            robot.app().work().goTo(Chosen.script(new bivouac.design.ScriptPlace.AtPart("Register", "askWeather")));
            return null;
        });
        robot.settle().click("tab-part").focus("part-group").text("Mountain").key(ENTER);
        robot.key(CONTROL, DIGIT3);
        assertThat(robot.says("Mountain")).isTrue();
        robot.click("part-arrive");
        assertThat(robot.says("Stay")).isTrue();
    }

    @Test
    void tasks_and_pretend_files_are_edited_on_the_application_page() {
        robot.applicationPage()
                .focus("app-tasks-new")
                .text("ring the bell ends rung; broken")
                .key(ENTER);
        int tasks = now().design().application().tasks().size();
        assertThat(now().design().application().tasks().getLast().name().shown())
                .isEqualTo("ring the bell");
        robot.focus("app-tasks-0").key(CONTROL, DELETE);
        assertThat(now().design().application().tasks()).hasSize(tasks - 1);
        assertThat(now().findings()).anyMatch(f -> f.what().contains("there is no task of that name"));
        robot.key(CONTROL, Z);
        robot.focus("app-files-new").text("nowhere").key(ENTER);
        assertThat(now().foot().sentence()).contains("a path begins with a slash");
        assertThat(now().design().application().files().paths()).hasSize(4);
    }

    @Test
    void on_the_desk_a_shortcut_is_the_applications_and_elsewhere_the_tools() {
        robot.key(CONTROL, O);
        assertThat(now().rehearsal().scene().windows())
                .anyMatch(w -> w.which().window().equals("Open register"));
        robot.key(ENTER);
        robot.click("task-read register-unreadable").key(ENTER);
        assertThat(now().rehearsal().scene().windows()).hasSize(1);
        robot.key(CONTROL, DIGIT2);
        robot.key(CONTROL, O);
        assertThat(robot.says("Open a design")).isTrue();
        robot.key(ESCAPE);
    }

    @Test
    void another_way_from_an_earlier_moment_is_kept_and_gone_back_to() {
        robot.click("part-arrive");
        robot.key(ESCAPE);
        robot.key(ALT, LEFT).key(ALT, LEFT);
        assertThat(now().rehearsal().now()).as("after the radio was taken").isEqualTo(1);
        robot.key(CONTROL, B);
        assertThat(lastLine()).isEqualTo("press \"bunkPlanCommand\" of \"Register\"");
        robot.click("ways-1");
        assertThat(now().rehearsal().moments()).hasSize(4);
        robot.key(ALT, DOWN);
        assertThat(now().rehearsal().moments()).hasSize(3);
    }

    @Test
    void the_lifelines_are_kept_as_svg_and_png_and_a_file_that_is_there_is_asked_about() throws Exception {
        Path svg = folder.resolve("lines.svg");
        robot.click("lifelines-svg").selectAll().text(svg.toString()).key(ENTER);
        assertThat(Files.readString(svg)).contains("<svg", "Register");
        Path png = Files.writeString(folder.resolve("lines.png"), "a letter");
        robot.click("lifelines-png").selectAll().text(png.toString()).key(ENTER);
        robot.click("replace-keep");
        assertThat(Files.readString(png)).isEqualTo("a letter");
        robot.click("lifelines-png").selectAll().text(png.toString()).key(ENTER);
        robot.click("replace-over");
        assertThat(ImageIO.read(png.toFile()).getWidth()).isGreaterThan(100);
    }

    @Test
    void a_value_is_renamed_kept_and_taken_away_in_its_row_and_all_that_names_it_goes_along() {
        robot.applicationPage()
                .focus("app-values-0")
                .selectAll()
                .text("sleepers: whole = 3")
                .key(ENTER);
        assertThat(now().design().application().variables().getFirst().name().expression())
                .isEqualTo("sleepers");
        assertThat(now().findings()).noneMatch(f -> f.weight() == bivouac.check.finding.Finding.Weight.WRONG);
        robot.focus("kept-sleepers").key(SPACE);
        assertThat(now().design().application().variables().getFirst().kept()).isTrue();
        robot.focus("app-values-0").selectAll().text("sleepers: whole = 4").key(ENTER);
        assertThat(now().design().application().variables().getFirst().kept()).isTrue();
        int values = now().design().application().variables().size();
        robot.focus("app-values-0").selectAll().text(" ").key(ENTER);
        assertThat(now().design().application().variables()).hasSize(values - 1);
    }
}

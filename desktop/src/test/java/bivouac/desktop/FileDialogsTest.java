package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Manner;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** File dialogs and pickers, written and used through the real interface. */
class FileDialogsTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        var main = FacedWindow.of(FacedWindow.Kind.MAIN, "Desk")
                .withRows(List.of(Row.of(Part.Caption.of("shown", "nothing yet")), Row.of(Part.Button.of("go", "Go"))));
        robot = Robot.open(
                new Design(
                        new Application(
                                "Nets",
                                Application.About.NOTHING,
                                List.of(),
                                Script.of(Step.Open.of("Desk", new Manner.Alongside())),
                                new DepartureRule.LastWindow()),
                        List.of(main)),
                folder);
        robot.on(() -> {
            robot.app().work().goTo(Chosen.script(new bivouac.design.ScriptPlace.AtPart("Desk", "go")));
            return null;
        });
        robot.settle();
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Situation now() {
        return robot.app().work().now();
    }

    private void write(String line) {
        robot.text(line).key(ENTER);
    }

    private String seen() {
        return now().rehearsal().scene().windows().stream()
                .flatMap(w -> w.parts().stream())
                .filter(p -> p.design().name().expression().equals("shown"))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @Test
    void a_file_dialog_is_made_in_a_sentence_given_its_filters_and_used_by_keyboard() {
        robot.key(ALT, S);
        write("open new file dialog to open Catch list");
        assertThat(now().design().window("Catch list")).containsInstanceOf(FileDialog.class);
        write("when chosen");
        write("set me.shown ← fileName(result.path)");
        robot.on(() -> {
            robot.app().work().goTo(Chosen.window("Catch list"));
            return null;
        });
        robot.settle()
                .click("file-filters")
                .text("Catches: *.fish; no other files")
                .key(ENTER);
        assertThat(((FileDialog) now().design().window("Catch list").orElseThrow()).filters())
                .hasSize(1);

        robot.key(CONTROL, DIGIT3);
        robot.click("part-go");
        assertThat(robot.focus()).isEqualTo("file-list");
        robot.key(ENTER);
        assertThat(seen()).isEqualTo("example.fish");
    }

    @Test
    void a_save_dialog_asks_before_it_replaces_and_adds_the_extension() {
        robot.key(ALT, S);
        write("open new file dialog to save Keep list");
        write("when chosen");
        write("set me.shown ← result.path");
        robot.on(() -> {
            robot.app().work().goTo(Chosen.window("Keep list"));
            return null;
        });
        robot.settle().click("file-filters").text("Catches: *.fish").key(ENTER);
        robot.key(CONTROL, DIGIT3);
        robot.click("part-go");
        assertThat(robot.focus()).isEqualTo("file-name");
        robot.text("example").key(ENTER);
        assertThat(robot.says("It is there already.")).isTrue();
        assertThat(robot.focus()).isEqualTo("file-keep");
        robot.key(ENTER);
        assertThat(seen()).isEqualTo("nothing yet");
        assertThat(robot.focus()).isEqualTo("file-name");
        robot.selectAll().text("monday").key(ENTER);
        assertThat(seen()).isEqualTo("/Home/Documents/monday.fish");
    }

    @Test
    void a_name_that_is_not_there_is_said_and_cancel_brings_nothing_back() {
        robot.key(ALT, S);
        write("open new file dialog to open Catch list");
        robot.key(CONTROL, DIGIT3);
        robot.click("part-go");
        robot.click("file-name").selectAll().text("nowhere.txt").key(ENTER);
        assertThat(robot.says("“/Home/Documents/nowhere.txt” is not there.")).isTrue();
        robot.click("file-cancel");
        assertThat(now().rehearsal().scene().windows()).hasSize(1);
    }

    @Test
    void a_colour_is_picked_with_the_mouse_and_a_wrong_one_is_refused() {
        robot.key(ALT, S);
        write("open new colour picker Net colour");
        write("when picked");
        write("set me.shown ← result.value");
        robot.key(CONTROL, DIGIT3);
        robot.click("part-go");
        robot.text("red").key(ENTER);
        assertThat(robot.says("“red” is no colour; write for example #2f5d50.")).isTrue();
        robot.click("colour-c8551f").click("picker-pick");
        assertThat(seen()).isEqualTo("#c8551f");
    }

    @Test
    void the_roster_makes_every_kind_of_window() {
        robot.key(CONTROL, L).text("Harbour chart");
        robot.click("add-file dialog to save");
        assertThat(now().design().window("Harbour chart"))
                .hasValueSatisfying(w -> assertThat(((FileDialog) w).asks()).isEqualTo(FileDialog.Asks.SAVE));
        robot.key(CONTROL, L).text("Tide day");
        robot.click("add-date picker");
        assertThat(now().design().window("Tide day"))
                .hasValueSatisfying(w -> assertThat(w.kind()).isEqualTo("date picker"));
    }
}

package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.SourceLine;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.format.DesignFile;
import bivouac.format.DesignFormat;
import bivouac.handover.ProgramFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import javafx.scene.control.ListView;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The Handover screen, and the code of one script on the Window screen, driven by keyboard and mouse. */
class HandoverScreenTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        Design design = DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        robot = Robot.open(design, folder.resolve("state"));
        robot.key(CONTROL, DIGIT8);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private String source() {
        @SuppressWarnings("unchecked")
        var list = (ListView<SourceLine>) robot.node("handover-source");
        return robot.on(() -> list.getItems().stream().map(SourceLine::text).collect(Collectors.joining("\n")));
    }

    private void chooseFolder(Path to) {
        robot.click("handover-folder").selectAll().text(to.toString()).enter();
    }

    private Path file(String end) throws Exception {
        try (var all = Files.walk(folder.resolve("out"))) {
            return all.filter(p -> p.toString().endsWith(end)).findFirst().orElseThrow();
        }
    }

    @Test
    void files_are_looked_at_before_they_are_written_and_what_is_changed_by_hand_is_kept() throws Exception {
        assertThat(robot.app().work().now().screen()).isEqualTo(Screen.HANDOVER);
        assertThat(source()).contains("final class").contains("extends Face");
        robot.focus("handover-pom.xml").enter();
        assertThat(source()).contains("<artifactId>javafx-controls</artifactId>");
        robot.key(UP);
        assertThat(source()).as("the file before").doesNotContain("<artifactId>javafx-controls</artifactId>");
        robot.key(DOWN);
        assertThat(source()).contains("<artifactId>javafx-controls</artifactId>");
        chooseFolder(folder.resolve("out"));
        robot.key(CONTROL, ENTER);
        assertThat(folder.resolve("out").resolve(ProgramFolder.RECORD)).exists();
        Path texts = file("texts.properties");
        Files.writeString(texts, "mine");
        robot.key(CONTROL, DIGIT1).key(CONTROL, DIGIT8);
        chooseFolder(folder.resolve("out"));
        assertThat(robot.says("changed by hand, kept")).isTrue();
        robot.key(CONTROL, ENTER);
        assertThat(texts).hasContent("mine");
        robot.click("handover-over").click("hand-over");
        assertThat(Files.readString(texts)).isNotEqualTo("mine");
    }

    @Test
    void a_folder_that_cannot_be_written_to_is_said_in_a_sentence() throws Exception {
        Path inTheWay = Files.createFile(folder.resolve("file"));
        chooseFolder(inTheWay);
        assertThat(robot.says(inTheWay + " is a file. Name a folder to write to."))
                .isTrue();
    }

    @Test
    void the_program_is_proven_beside_other_work() {
        robot.click("prove");
        robot.settle();
        assertThat(robot.on(() -> robot.stage()
                        .getScene()
                        .getRoot()
                        .lookupAll(".proof-square")
                        .size()))
                .isEqualTo(robot.app().work().now().design().walkthroughs().size());
        assertThat(robot.app().work().now().foot().toString()).contains("identical");
    }

    @Test
    void the_code_of_a_script_is_live_on_the_window_screen() {
        Design design = robot.app().work().now().design();
        var place = design.scripts().entrySet().stream()
                .filter(e -> e.getKey() instanceof ScriptPlace.AtPart
                        && !e.getValue().isEmpty())
                .map(java.util.Map.Entry::getKey)
                .findFirst()
                .orElseThrow();
        robot.on(() -> {
            robot.app().work().goTo(Chosen.script(place));
            return null;
        });
        robot.settle().click("tab-code").settle();
        assertThat(source()).contains("(app, this, ").doesNotContain("package");
        robot.click("tab-script");
        assertThat(robot.has("handover-source")).isFalse();
    }

    @Test
    void another_toolkit_has_files_and_a_folder_of_its_own_and_is_proven_too() throws Exception {
        robot.click("handover-for-1").settle();
        assertThat(source()).contains("(Face):").contains("import");
        chooseFolder(folder.resolve("out"));
        robot.key(CONTROL, ENTER);
        assertThat(file("application.py")).exists();
        robot.click("prove").settle();
        assertThat(robot.app().work().now().foot().toString()).contains("identical");
        robot.click("handover-for-0").settle();
        assertThat(source()).contains("extends Face");
        assertThat(robot.says("none chosen yet"))
                .as("the other folder is not taken")
                .isTrue();
    }

    @Test
    void the_code_of_a_script_is_there_in_either_language() {
        Design design = robot.app().work().now().design();
        var place = design.scripts().keySet().stream()
                .filter(p -> p instanceof ScriptPlace.AtPart && !p.in(design).isEmpty())
                .findFirst()
                .orElseThrow();
        robot.on(() -> {
            robot.app().work().goTo(Chosen.script(place));
            return null;
        });
        robot.settle().click("tab-code").settle();
        assertThat(source()).contains(";");
        robot.click("code-for-1").settle();
        assertThat(source()).contains("self.").doesNotContain(";");
    }

    @Test
    void documents_are_written_to_a_folder_beside_the_program() {
        Path to = folder.resolve("documents");
        robot.click("documents-out").selectAll().text(to.toString()).enter().settle();
        assertThat(to.resolve("specification.html")).exists();
        assertThat(to.resolve("overview.svg")).exists();
        assertThat(to.resolve("flow.scxml")).exists();
        assertThat(robot.app().work().now().foot().toString()).contains("documents written to " + to);
    }

    @Test
    void texts_go_out_and_what_comes_back_is_looked_at_before_it_is_taken() throws Exception {
        Path file = folder.resolve("texts.csv");
        robot.click("texts-out").selectAll().text(file.toString()).enter().settle();
        String there = Files.readString(file);
        Files.writeString(file, there.replace("&Passenger…,", "&Passenger…,Somebody &new…"));
        Design before = robot.app().work().now().design();
        robot.click("texts-in").text(file.toString()).enter().settle();
        assertThat(robot.has("texts-changes")).isTrue();
        assertThat(robot.app().work().now().design()).as("nothing is taken yet").isSameAs(before);
        robot.key(ESCAPE);
        assertThat(robot.has("texts-changes")).isFalse();
        robot.click("texts-in").text(file.toString()).enter().settle().enter().settle();
        assertThat(DesignFormat.write(robot.app().work().now().design())).contains("Somebody &new…");
        robot.key(CONTROL, Z).settle();
        assertThat(robot.app().work().now().design()).isEqualTo(before);
    }

    @Test
    void texts_that_cannot_be_read_are_said() throws Exception {
        Path file = Files.writeString(folder.resolve("texts.txt"), "no texts");
        robot.click("texts-in").text(file.toString()).enter().settle();
        assertThat(robot.app().work().now().foot().toString()).contains("texts.txt is neither");
        assertThat(robot.has("texts-changes")).isFalse();
    }

    @Test
    void the_overview_is_kept_as_a_drawing() throws Exception {
        Path file = folder.resolve("whole.svg");
        robot.key(CONTROL, DIGIT1).settle().click("overview-svg").settle();
        robot.selectAll().text(file.toString()).enter().settle();
        assertThat(Files.readString(file)).startsWith("<?xml").contains(">Landing<", ">Departure<");
    }

    @Test
    void a_folder_that_is_there_can_be_opened_and_where_nothing_opens_folders_that_is_said() {
        chooseFolder(folder.resolve("out"));
        assertThat(robot.node("handover-open").isVisible())
                .as("there is none yet")
                .isFalse();
        robot.key(CONTROL, ENTER).settle();
        robot.click("handover-open").settle();
        assertThat(robot.app().work().now().foot().toString())
                .contains("out")
                .containsAnyOf("Nothing here shows folders", "opened");
    }
}

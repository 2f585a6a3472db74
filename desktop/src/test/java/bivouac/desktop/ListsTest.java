package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.format.DesignFile;
import bivouac.rehearsal.TrailWords;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Lists: selected, activated and removed from on the desk, typed and given their scripts on the Window screen. */
class ListsTest {

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

    private List<String> windows() {
        return now().rehearsal().scene().windows().stream()
                .map(w -> w.which().toString())
                .toList();
    }

    private List<List<String>> rows() {
        return now().rehearsal().scene().windows().stream()
                .flatMap(w -> w.parts().stream())
                .filter(p -> p.design() instanceof Part.ListOfRows)
                .findFirst()
                .orElseThrow()
                .rows();
    }

    private Part.ListOfRows tonight() {
        return (Part.ListOfRows)
                now().design().faced("Register").flatMap(f -> f.part("tonight")).orElseThrow();
    }

    @Test
    void a_row_is_selected_on_the_desk_checked_out_after_asking_and_gone() {
        robot.click("row-2");
        assertThat(lastLine()).isEqualTo("select row 2 in \"tonight\" of \"Register\"");
        robot.key(DOWN);
        assertThat(lastLine()).isEqualTo("select row 3 in \"tonight\" of \"Register\"");
        robot.click("part-checkOut").click("answer-keep");
        robot.click("part-checkOut").click("answer-check out");
        var rows = now().rehearsal().scene().windows().getFirst().parts().stream()
                .filter(p -> p.design() instanceof Part.ListOfRows)
                .findFirst()
                .orElseThrow()
                .rows();
        assertThat(rows).hasSize(2).noneMatch(r -> r.contains("Maba Stint"));
    }

    @Test
    void a_list_is_typed_on_the_face_with_columns_and_first_rows_and_runs_at_once() {
        robot.on(() -> {
            robot.app().work().goTo(Chosen.window("Bunk plan"));
            return null;
        });
        robot.settle()
                .focus("new-part")
                .text("list Bunks of bunk: whole, sleeper: text")
                .key(ENTER);
        robot.click("tab-part")
                .focus("part-rows")
                .text("1, Orla Fenn; 2, Tam Scarth")
                .key(ENTER);
        robot.key(CONTROL, DIGIT3).key(CONTROL, B);
        assertThat(now().rehearsal().scene().windows().getLast().parts())
                .anySatisfy(p -> assertThat(p.rows()).hasSize(2));
    }

    @Test
    void Enter_activates_the_selected_row_and_Delete_asks_before_it_removes() {
        robot.click("row-2").key(ENTER);
        assertThat(lastLine()).isEqualTo("activate row in \"tonight\" of \"Register\"");
        assertThat(windows()).containsExactly("Register", "Guest card");
        robot.click("row-2").key(DELETE).click("answer-keep");
        assertThat(rows()).hasSize(3);
        robot.click("row-1").key(DELETE).click("answer-check out");
        assertThat(lastLine()).isEqualTo("answer \"check out\" of \"Check out guest\"");
    }

    @Test
    void a_list_that_takes_several_gets_them_with_the_keyboard() {
        robot.on(() -> {
            robot.app().work().goTo(Chosen.script(new ScriptPlace.AtPart("Register", "tonight")));
            return null;
        });
        robot.settle().click("tab-part").focus("part-several").key(SPACE);
        assertThat(tonight().several()).isTrue();
        robot.key(CONTROL, DIGIT3).click("row-1").key(SHIFT, DOWN);
        assertThat(lastLine()).isEqualTo("select rows 1, 2 in \"tonight\" of \"Register\"");
    }

    @Test
    void each_trigger_of_a_list_has_its_script_behind_a_tab() {
        robot.on(() -> {
            robot.app().work().goTo(Chosen.script(new ScriptPlace.AtPart("Register", "tonight")));
            return null;
        });
        robot.settle().click("tab-before-removing");
        assertThat(robot.says("Before a row of Tonight is removed")).isTrue();
        robot.click("tab-selected")
                .focus("next-step")
                .text("note `{row.guest}`")
                .key(ENTER);
        assertThat(tonight().selected().steps()).hasSize(1);
        assertThat(now().findings()).isEmpty();
        robot.key(CONTROL, DIGIT3).click("row-3");
        assertThat(TrailWords.everything(now().rehearsal().present().seen())).containsExactly("notes “Maba Stint”");
    }
}

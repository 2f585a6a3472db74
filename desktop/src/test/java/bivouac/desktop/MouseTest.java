package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import bivouac.machine.Scene;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Ridge Hut by mouse: acted out, changed while it stands, taken back. */
class MouseTest {

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

    private Work work() {
        return robot.app().work();
    }

    private Scene scene() {
        return work().now().rehearsal().scene();
    }

    @Test
    void an_arrival_is_refused_corrected_and_admitted_and_a_blocked_window_says_who_blocks_it() {
        robot.click("screen-3").click("part-arrive");
        assertThat(scene().windows()).hasSize(2);
        robot.click("part-admit");
        assertThat(scene().windows().getLast().text()).isEqualTo("A guest needs a name.");
        robot.clickAt("desk-Register", 240, 40);
        assertThat(work().now().foot().sentence()).isEqualTo("Register is blocked by Name missing.");
        robot.click("answer-ok").click("part-guest").text("Ilva Tarn").click("part-admit");
        assertThat(scene().windows()).hasSize(1);
        assertThat(scene().windows().getFirst().title()).isEqualTo("Register: north ridge, unsaved");
        assertThat(work().now().rehearsal().trail()).as("typing is one event").hasSize(5);
    }

    @Test
    void choosing_a_line_of_the_trail_is_being_back_there_and_going_on_from_there() {
        robot.click("screen-3").click("part-arrive").click("part-cancel").click("part-guestCard");
        assertThat(work().now().rehearsal().now()).isEqualTo(3);
        robot.click("trail-1");
        assertThat(scene().windows()).hasSize(2);
        robot.click("part-cancel");
        assertThat(work().now().rehearsal().moments())
                .as("the same way keeps what came after")
                .hasSize(4);
    }

    @Test
    void what_can_happen_now_does_what_it_says() {
        robot.click("screen-3");
        long before = scene().windows().size();
        robot.click("next-Arrive…");
        assertThat(scene().windows()).hasSize((int) before + 1);
    }

    @Test
    void a_part_is_chosen_on_the_face_its_text_changed_and_taken_back_and_the_desk_stands_where_it_stood() {
        robot.click("screen-3").click("part-arrive").click("screen-2").click("roster-Arrival form");
        robot.click("face-admit").click("tab-part");
        robot.click("part-text").selectAll().text("&Let in").enter();
        assertThat(work().now()
                        .design()
                        .faced("Arrival form")
                        .orElseThrow()
                        .part("admit")
                        .orElseThrow()
                        .displayName())
                .isEqualTo("Let in");
        assertThat(scene().windows()).as("replayed after the change").hasSize(2);
        robot.click("take-back");
        assertThat(work().now()
                        .design()
                        .faced("Arrival form")
                        .orElseThrow()
                        .part("admit")
                        .orElseThrow()
                        .displayName())
                .isEqualTo("Admit");
        assertThat(work().now().saved()).as("undone to the mark is saved").isTrue();
    }

    @Test
    void a_removed_window_is_said_everywhere_and_its_finding_leads_there() {
        robot.click("roster-Hut full").click("screen-2").click("remove-window");
        assertThat(work().now().foot().sentence())
                .contains("Hut full removed; left dangling: Register, arrive opens it");
        assertThat(work().now().findings())
                .anyMatch(f -> f.what().contains("opens “Hut full”, and there is no window of that name"));
        robot.click("findings").enter();
        assertThat(robot.focus()).isEqualTo("finding-way-0");
        robot.click("finding-go");
        assertThat(work().now().chosen().window()).contains("Register");
        assertThat(work().now().screen()).isEqualTo(Screen.WINDOW);
    }

    @Test
    void closing_the_tool_asks_before_unsaved_work_is_lost_by_the_close_box_too() {
        robot.click("screen-2")
                .click("roster-Register")
                .click("face-title")
                .text("!")
                .enter();
        assertThat(work().now().saved()).isFalse();
        assertThat(robot.stage().getTitle()).startsWith("•");
        robot.on(() -> {
            robot.stage()
                    .fireEvent(
                            new javafx.stage.WindowEvent(robot.stage(), javafx.stage.WindowEvent.WINDOW_CLOSE_REQUEST));
            return null;
        });
        robot.settle();
        assertThat(robot.stage().isShowing()).isTrue();
        robot.click("leave-stay");
        assertThat(robot.stage().isShowing()).isTrue();
        assertThat(robot.has("leave-stay")).isFalse();
    }

    @Test
    void screens_let_go_of_the_work() {
        int before = robot.on(() -> work().listenerCount());
        for (int i = 0; i < 50; i++) {
            for (Screen screen : Screen.values()) {
                robot.on(() -> {
                    work().show(screen);
                    work().choose(Chosen.window("Register"));
                    return null;
                });
            }
        }
        robot.settle();
        assertThat(robot.on(() -> work().listenerCount())).isEqualTo(before);
        robot.on(() -> {
            robot.app().abandon();
            return null;
        });
        assertThat(robot.on(() -> work().listenerCount())).isZero();
    }
}

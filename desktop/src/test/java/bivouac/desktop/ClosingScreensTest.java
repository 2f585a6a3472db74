package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Accepted;
import bivouac.design.Design;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The screens Closings and Findings, driven by keyboard and mouse. */
class ClosingScreensTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        Design hut = DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac"));
        robot = Robot.open(
                hut.changingFace(
                        "Guest card", f -> f.leaving(Way.OWNER_CLOSING, WaysOut.asking(f, Way.OWNER_CLOSING, true))),
                folder);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Situation now() {
        return robot.app().work().now();
    }

    private boolean isUnasked(Way way) {
        return WaysOut.of(now().design().faced("Guest card").orElseThrow(), way) instanceof WayOut.LeadsTo l
                && l.unasked();
    }

    @Test
    void a_square_that_does_not_ask_is_put_right_with_one_press_and_back_with_one_undo() {
        robot.key(CONTROL, DIGIT4).click("closing-Guest card-owner closing");
        assertThat(robot.says("does not ask")).isTrue();
        robot.click("closing-repair-0");
        assertThat(isUnasked(Way.OWNER_CLOSING)).isFalse();
        assertThat(now().findings()).noneMatch(f -> f.what().contains("unasked"));
        robot.key(CONTROL, Z);
        assertThat(isUnasked(Way.OWNER_CLOSING)).isTrue();
    }

    @Test
    void ways_are_edited_in_the_panel_by_keyboard_and_arrows_go_through_the_table() {
        robot.key(CONTROL, DIGIT4)
                .focus("closing-Guest card-close box")
                .key(RIGHT)
                .key(RIGHT)
                .enter();
        assertThat(robot.focus()).isEqualTo("closing-Guest card-owner closing");
        robot.focus("closing-asks").key(SPACE);
        assertThat(isUnasked(Way.OWNER_CLOSING)).isFalse();
        robot.focus("closing-Guest card-owner closing").key(DOWN);
        assertThat(robot.focus()).isEqualTo("closing-Arrival form-owner closing");
    }

    @Test
    void a_closing_is_rehearsed_up_to_its_question() {
        robot.key(CONTROL, DIGIT4).click("closing-Bunk plan-close box").click("rehearse-closing");
        assertThat(now().screen()).isEqualTo(Screen.REHEARSAL);
        assertThat(now().foot().sentence()).isEqualTo("Bunk plan closed by close box.");
        assertThat(now().rehearsal().scene().windows())
                .extracting(w -> w.which().window())
                .containsExactly("Register");
    }

    @Test
    void F8_goes_through_the_findings_and_enter_does_the_first_way() {
        robot.key(F8);
        assertThat(now().screen()).isEqualTo(Screen.FINDINGS);
        robot.key(HOME).enter();
        assertThat(robot.focus()).isEqualTo("finding-way-0");
        robot.enter();
        assertThat(isUnasked(Way.OWNER_CLOSING)).isFalse();
    }

    @Test
    void a_finding_is_accepted_with_a_reason_that_is_kept_and_taken_back() {
        int before = now().findings().size();
        String what = now().findings().getFirst().what();
        robot.key(F8).key(HOME).focus("accept-because").text("by design").enter();
        assertThat(now().findings()).hasSize(before - 1);
        assertThat(now().design().accepted())
                .extracting(Accepted::finding, Accepted::because)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(what, "by design"));
        robot.click("findings-filter-4").click("accept-no-more");
        assertThat(now().design().accepted()).isEmpty();
        assertThat(now().findings()).hasSize(before);
    }

    @Test
    void the_departure_is_played_with_one_press_up_to_its_question() {
        robot.key(CONTROL, DIGIT6).click("asker-0").click("play-departure");
        assertThat(now().screen()).isEqualTo(Screen.REHEARSAL);
        assertThat(now().rehearsal().scene().ended()).contains(0L);
    }

    @Test
    void the_plan_is_written_and_the_kill_moved_on_the_departure_screen() {
        robot.key(CONTROL, DIGIT6).focus("next-step").text("note `over`").key(ENTER);
        assertThat(now().design().application().leaving().plan().steps()).hasSize(1);
        assertThat(robot.says("while windows are asked")).isTrue();
        robot.click("killed-later");
        assertThat(robot.says("while windows close")).isTrue();
    }

    @Test
    void the_asking_order_is_changed_by_keys_and_put_back() {
        robot.on(() -> {
            robot.app()
                    .work()
                    .change(
                            now().design()
                                    .adding(bivouac.design.FacedWindow.of(
                                            bivouac.design.FacedWindow.Kind.MAIN, "Loft desk")),
                            "loft desk added");
            return null;
        });
        robot.settle().key(CONTROL, DIGIT6).focus("asked-Loft desk").key(ALT, DOWN);
        assertThat(now().design().application().leaving().asked()).containsExactly("Register", "Loft desk");
        robot.click("asking-order-usual");
        assertThat(now().design().application().leaving().asked()).isEmpty();
    }

    @Test
    void a_step_is_moved_down_too_and_the_key_is_not_the_trails_then() {
        robot.key(CONTROL, K)
                .text("save menu command")
                .key(ENTER)
                .key(ALT, S)
                .key(UP)
                .key(UP)
                .key(ALT, DOWN);
        assertThat(new bivouac.design.ScriptPlace.AtPart("Register", "save")
                        .in(now().design())
                        .steps()
                        .getFirst())
                .isInstanceOf(bivouac.design.Step.Note.class);
    }

    /** The scene follows its stage later; what is dragged has to be measured after that. */
    private void tall(double height) throws Exception {
        var followed = new java.util.concurrent.CompletableFuture<Void>();
        robot.on(() -> robot.stage().getScene().heightProperty().subscribe(now -> {
            if (now.doubleValue() == height) {
                followed.complete(null);
            }
        }));
        robot.on(() -> {
            robot.stage().setHeight(height);
            return null;
        });
        followed.get(20, java.util.concurrent.TimeUnit.SECONDS);
        robot.settle();
    }

    @Test
    void the_order_of_asking_is_dragged() throws Exception {
        robot.close();
        robot = Robot.open(DesignFile.read(Path.of("../examples/kiln-house.bivouac")), folder.resolve("kiln"));
        robot.key(CONTROL, DIGIT6);
        var order = bivouac.closing.Departing.of(now().program()).asked().stream()
                .filter(a -> a.depth() == 0)
                .map(a -> a.window().name().shown())
                .toList();
        String first = order.getFirst();
        String second = order.get(1);
        // tall enough that both are in sight
        tall(1000);
        robot.dragOver("asked-" + first, "asked-" + second, true);
        assertThat(now().design().application().leaving().asked().subList(0, 2)).containsExactly(second, first);
    }

    @Test
    void the_steps_of_the_plan_are_dragged() throws Exception {
        robot.close();
        var plan = new bivouac.design.Script(
                java.util.List.of(new bivouac.design.Step.Note("one"), new bivouac.design.Step.Note("two")));
        Design kiln = Design.startingWith("Kiln");
        kiln = kiln.with(kiln.application().leaving(bivouac.design.Leaving.USUAL.planning(plan)));
        robot = Robot.open(kiln, folder.resolve("plan"));
        robot.key(CONTROL, DIGIT6);
        robot.dragOver("step-[1]", "step-[0]", false);
        assertThat(now().design().application().leaving().plan().steps().stream()
                        .map(bivouac.sentence.Sentences::line))
                .containsExactly("note `two`", "note `one`");
        robot.key(CONTROL, Z);
        assertThat(now().design().application().leaving().plan().steps().getFirst())
                .isEqualTo(new bivouac.design.Step.Note("one"));
    }
}

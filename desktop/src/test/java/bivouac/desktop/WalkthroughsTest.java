package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Walkthroughs made on the desk: acted out, ticked, kept, broken by an edit, played again. */
class WalkthroughsTest {

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        robot = Robot.open(DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac")), folder);
        robot.key(CONTROL, DIGIT3);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Situation now() {
        return robot.app().work().now();
    }

    @Test
    void a_trail_is_kept_with_what_was_ticked_and_told_of_when_an_edit_breaks_it() {
        robot.click("part-arrive").click("right-1").click("see-see \"Register\" blocked");
        robot.focus("walk-name").text("somebody arrives").key(ENTER);
        assertThat(now().design().walkthroughs()).singleElement().satisfies(w -> assertThat(w.lines())
                .containsExactly("press \"arrive\" of \"Register\"", "see \"Register\" blocked"));
        assertThat(robot.says("1 event, holds")).isTrue();

        robot.key(CONTROL, DIGIT2);
        robot.on(() -> {
            var work = robot.app().work();
            work.goTo(Chosen.window("Register"));
            work.change(bivouac.design.Removal.part(work.now().design(), "Register", "arrive"), "Arrive removed");
            return null;
        });
        robot.settle();
        assertThat(now().rehearsed().broken()).hasSize(1);
        robot.key(CONTROL, DIGIT3);
        String sentence =
                now().rehearsed().broken().getFirst().broken().orElseThrow().sentence();
        assertThat(sentence)
                .startsWith("At event 1: expected press \"arrive\" of \"Register\"; seen: Register has no part arrive");
        assertThat(robot.says(sentence)).isTrue();
        robot.key(CONTROL, Z);
        assertThat(now().rehearsed().broken()).isEmpty();
    }

    @Test
    void a_walkthrough_is_played_again_and_removed() {
        robot.click("part-arrive").key(ESCAPE);
        robot.focus("walk-name").text("nobody stays").key(ENTER);
        robot.click("start-again");
        assertThat(now().rehearsal().now()).isZero();
        robot.click("walk-nobody stays");
        assertThat(now().rehearsal().now()).isEqualTo(2);
        robot.click("remove-walk-nobody stays");
        assertThat(now().design().walkthroughs()).isEmpty();
        robot.key(CONTROL, Z);
        assertThat(now().design().walkthroughs()).hasSize(1);
    }

    @Test
    void a_tour_of_what_is_missing_is_proposed_played_and_kept() {
        robot.click("left-1").click("tour-propose");
        for (int i = 0; i < 60 && now().rehearsed().tour().isEmpty(); i++) {
            robot.settle();
        }
        assertThat(now().rehearsed().tour()).isPresent();
        robot.click("play-tour 1");
        assertThat(now().rehearsal().now()).isPositive();
        robot.click("tour-keep");
        assertThat(now().design().walkthroughs()).isNotEmpty();
        assertThat(now().rehearsed().broken()).isEmpty();
        assertThat(now().rehearsed().covered().share().part()).isGreaterThan(0.9);
        robot.key(CONTROL, DIGIT2);
        assertThat(robot.has("rehearsed")).isTrue();
    }

    @Test
    void a_text_worth_trying_is_typed_with_one_press() {
        robot.click("part-arrive").click("next-Nights: “two”");
        assertThat(now().rehearsal().present().event().orElseThrow().toString()).contains("\"two\"");
    }

    @Test
    void two_ways_are_laid_beside_each_other() {
        robot.click("part-arrive").key(ESCAPE).key(ALT, LEFT).key(ALT, LEFT);
        robot.key(CONTROL, B);
        robot.click("compare-ways");
        assertThat(robot.says("They part at the start.")).isTrue();
        assertThat(robot.says("Bunk plan")).isTrue();
        robot.click("way-there").text("with the plan").key(ENTER);
        assertThat(robot.says("with the plan"))
                .as("the list of ways calls it so")
                .isTrue();
        robot.click("way-here").text("keyboard only").key(ENTER);
        robot.click("ways-go");
        assertThat(now().rehearsal().now()).isEqualTo(2);
        assertThat(now().rehearsal().name()).isEqualTo("with the plan");
        assertThat(now().rehearsal().otherWays())
                .extracting(bivouac.rehearsal.Trail::name)
                .containsExactly("keyboard only");
        robot.click("ways-close");
        assertThat(robot.node("ways").isVisible()).isFalse();
    }

    @Test
    void lifelines_are_pressed_and_walked_along_to_move_in_time() {
        robot.click("part-arrive").key(ESCAPE);
        robot.key(CONTROL, B);
        robot.clickAt("lifelines", 20, 60);
        assertThat(now().rehearsal().now()).isZero();
        robot.clickAt("lifelines", 20 + 2 * 88, 60);
        assertThat(now().rehearsal().now()).isEqualTo(2);
        robot.focus("lifelines").key(RIGHT);
        assertThat(now().rehearsal().now()).isEqualTo(3);
        robot.key(LEFT).key(LEFT);
        assertThat(now().rehearsal().now()).isEqualTo(1);
        robot.click("lifelines-1");
        assertThat(robot.node("lifelines").isVisible()).isFalse();
    }

    @Test
    void a_walkthrough_is_found_by_typing_and_played() {
        robot.click("part-arrive").key(ESCAPE);
        robot.focus("walk-name").text("nobody stays").key(ENTER);
        robot.key(CONTROL, DIGIT1).key(CONTROL, K).text("nobody").key(ENTER);
        assertThat(robot.says("“nobody stays” played; all that has to be seen was seen."))
                .isTrue();
        assertThat(now().rehearsal().now()).isEqualTo(2);
    }

    @Test
    void what_was_not_rehearsed_yet_is_new_until_it_was() {
        assertThat(robot.says("new")).isTrue();
        var before = now().rehearsed().covered().share();
        robot.click("part-arrive");
        assertThat(now().rehearsed().covered().share().met()).isGreaterThan(before.met());
    }
}

package bivouac.desktop.departure;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.closing.Departing;
import bivouac.design.Design;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a kill leaves behind (D7). */
class LeftBehindTest {

    private static List<String> left(LeftBehind.Stage stage) throws Exception {
        return left(DesignFile.read(Path.of("../examples/ridge-hut.bivouac")), stage, 0);
    }

    private static List<String> left(Design design, LeftBehind.Stage stage, int step) {
        var departing = Departing.of(Program.of(design));
        LeftBehind.Point point = LeftBehind.points(design, departing).stream()
                .filter(p -> p.stage() == stage && (step == 0 || p.step() == step))
                .findFirst()
                .orElseThrow();
        return LeftBehind.of(design, departing, point).lines().stream()
                .map(l -> l.left() + " → " + l.next())
                .toList();
    }

    /** Kiln House, with a plan that gives its device back, then saves, then notes. */
    private static Design planned() throws Exception {
        Design kiln = DesignFile.read(Path.of("../examples/kiln-house.bivouac"));
        String device = kiln.application().holdings().getFirst().name().shown();
        Script plan = new Script(List.of(
                new Step.GiveBack(device, List.of()),
                new Step.KeptValues(Step.KeptValues.How.SAVE),
                new Step.Note("done")));
        return kiln.with(kiln.application().leaving(kiln.application().leaving().planning(plan)));
    }

    @Test
    void a_kill_inside_the_plan_finds_what_the_steps_before_it_have_done() throws Exception {
        Design design = planned();
        String device = design.application().holdings().getFirst().name().shown();
        assertThat(LeftBehind.points(design, Departing.of(Program.of(design))).stream()
                        .map(LeftBehind.Point::words))
                .contains(
                        "in the plan, at step 1: give back " + device,
                        "in the plan, at step 2: save kept values",
                        "before kept values are saved");
        assertThat(left(design, LeftBehind.Stage.PLAN, 1)).anyMatch(l -> l.startsWith(device));
        assertThat(left(design, LeftBehind.Stage.PLAN, 2)).noneMatch(l -> l.startsWith(device));
        assertThat(left(design, LeftBehind.Stage.PLAN, 2)).anyMatch(l -> l.contains("are not saved"));
        assertThat(left(design, LeftBehind.Stage.PLAN, 3)).anyMatch(l -> l.contains("were saved by the plan"));
    }

    @Test
    void a_lock_of_a_window_leaves_its_trace_only_while_the_window_is_there() throws Exception {
        String lock = "register lock leaves a trace → its name in app.traces, which a script reads";
        assertThat(left(LeftBehind.Stage.ASKED)).contains(lock);
        assertThat(left(LeftBehind.Stage.PLAN)).doesNotContain(lock);
    }

    @Test
    void what_the_application_holds_and_keeps_is_left_until_it_is_given_back_and_saved() throws Exception {
        assertThat(left(LeftBehind.Stage.GIVING_BACK)).contains("weather radio, if it was taken → nothing of it");
        assertThat(left(LeftBehind.Stage.KEPT))
                .noneMatch(l -> l.startsWith("weather radio"))
                .contains("nights sold, print font are not saved → as they were saved last");
    }
}

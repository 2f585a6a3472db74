package bivouac.check.situations;

import bivouac.check.finding.Finding;
import bivouac.design.FacedWindow;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.explore.Explored;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import bivouac.rehearsal.Trails;
import java.util.List;
import java.util.Optional;

/** Whether another window can be used while a question waits for its owner only (B1): what the situations show of it. */
public record UsedMeanwhile(Program program, Explored explored, Machine machine) {

    /** As many situations are looked at closely; each takes its trail to be played. */
    private static final int MOST = 200;

    /** The finding with a trail that shows it, or as it was where nothing is known, or gone where no situation is so. */
    Optional<Finding> surer(Finding finding) {
        Optional<WindowPlan> asked = question(finding);
        if (asked.isEmpty()) {
            return Optional.of(finding);
        }
        List<WindowPlan> others = others(asked.get());
        int looked = 0;
        for (int s = 0; s < explored.lookedAt(); s++) {
            if (explored.isRunning(s) && explored.isOpen(s, asked.get().number) && hasOther(s, others)) {
                if (looked++ == MOST) {
                    return Optional.of(finding);
                }
                var trail = explored.trail(s);
                if (isUsable(Trails.scene(machine, explored.question().today(), trail), asked.get())) {
                    return Optional.of(finding.shownBy(
                            Trails.lines(machine, explored.question().today(), trail)));
                }
            }
        }
        return explored.isComplete() ? Optional.empty() : Optional.of(finding);
    }

    /** The window that the finding's step asks with. */
    private Optional<WindowPlan> question(Finding finding) {
        Optional<ScriptPlace> place = finding.place().script();
        return finding.place()
                .step()
                .flatMap(path -> place.flatMap(p -> path.in(p.in(program.design()))))
                .filter(Step.Open.class::isInstance)
                .flatMap(s -> program.window(((Step.Open) s).window()));
    }

    private List<WindowPlan> others(WindowPlan asked) {
        return program.windows().stream()
                .filter(w -> w != asked && w.window() instanceof FacedWindow)
                .toList();
    }

    private boolean hasOther(int situation, List<WindowPlan> others) {
        return others.stream().filter(w -> explored.isOpen(situation, w.number)).count() > 1;
    }

    /** One that is neither the question, nor what it came to own, nor blocked. */
    private static boolean isUsable(Scene scene, WindowPlan asked) {
        String name = asked.window().name().shown();
        return scene.windows().stream()
                .anyMatch(w -> !w.which().window().equals(name)
                        && w.design() instanceof FacedWindow
                        && w.blockedBy().isEmpty()
                        && !w.hidden()
                        && w.owner().filter(o -> o.window().equals(name)).isEmpty());
    }
}

package bivouac.check.ending;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Target;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A dialog that guards the start, and is left: one of its endings is reached only where a task says so (a key is right, a name is
 * known), and at another the start goes on all the same.
 */
public final class UnansweredStartFindings {

    private final List<Finding> found;
    private final Design design;

    private UnansweredStartFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design) {
        var findings = new UnansweredStartFindings(found, design);
        design.scripts().forEach((place, script) -> {
            boolean begins = place instanceof ScriptPlace.Start
                    || place.isAt(FacedWindow.Moment.OPENED)
                            && place.ofWindow()
                                    .flatMap(design::faced)
                                    .filter(f -> f.of() == FacedWindow.Kind.MAIN)
                                    .isPresent();
            if (begins) {
                Steps.walk(script, (path, step) -> findings.step(place, path, step));
            }
        });
    }

    private void step(ScriptPlace place, StepPath path, Step step) {
        if (!(step instanceof Step.Open open) || design.goesOnBeside(open)) {
            return;
        }
        Set<String> guarded = design.faced(open.window()).map(this::guarded).orElse(Set.of());
        if (guarded.isEmpty()) {
            return;
        }
        open.branches().stream()
                .filter(b -> !guarded.contains(b.ending()) && b.script().doesNothing())
                .forEach(b -> found.add(new Finding(
                        Weight.RISKY,
                        Kind.MISSING_BRANCH,
                        Place.step(place, path).words(design) + ": where “" + open.window() + "” ends “" + b.ending()
                                + "”, the start goes on as where it ends “"
                                + guarded.iterator().next() + "”.",
                        "Only a task lets that ending be reached, and who leaves the dialog comes in without it; end the"
                                + " application there, or ask again.",
                        Place.step(place, path),
                        List.of(new StepRepair.NotThereYet(place, Optional.of(path), b.ending())))));
    }

    /** The endings that are reached only in a branch of a task. */
    private Set<String> guarded(FacedWindow dialog) {
        Set<String> inTasks = new HashSet<>();
        Set<String> free = new HashSet<>();
        design.scripts().forEach((place, script) -> {
            if (place.ofWindow().equals(Optional.of(dialog.name().shown()))) {
                Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.Close close && close.target() instanceof Target.Me) {
                        close.ending().ifPresent((isInTask(script, path) ? inTasks : free)::add);
                    }
                });
            }
        });
        inTasks.removeAll(free);
        inTasks.removeIf(e -> dialog.endings().stream()
                .noneMatch(d -> d.name().equals(e) && !d.gives().isEmpty()));
        return inTasks;
    }

    private static boolean isInTask(Script script, StepPath path) {
        return path.outer()
                .filter(o -> o.in(script).filter(Step.RunTask.class::isInstance).isPresent() || isInTask(script, o))
                .isPresent();
    }
}

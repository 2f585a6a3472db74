package bivouac.check.steps;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.GoesOn;
import bivouac.check.known.Place;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.MessageBox;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Steps that do again what a step before them on the same way has done: a question asked twice, a window opened twice. */
public final class RepeatFindings {

    private final List<Finding> found;
    private final Design design;
    private final ScriptPlace place;
    private final Script script;

    private RepeatFindings(List<Finding> found, Design design, ScriptPlace place, Script script) {
        this.found = found;
        this.design = design;
        this.place = place;
        this.script = script;
    }

    /** To come after findings that say of the same step why it is never run, or which fault it is. */
    public static void into(List<Finding> found, Design design) {
        design.scripts().forEach((place, script) -> new RepeatFindings(found, design, place, script)
                .all(script, Optional.empty(), 0));
    }

    /** A step that is switched on, and where. */
    private record At(StepPath path, Step step) {}

    private void all(Script steps, Optional<StepPath> outer, int inner) {
        var before = new ArrayList<At>();
        for (int i = 0; i < steps.steps().size(); i++) {
            Step step = steps.steps().get(i);
            if (step instanceof Step.Off) {
                continue;
            }
            var here = new At(StepPath.in(outer, inner, i), step);
            again(before, here).filter(was -> !isSaidOf(here)).ifPresent(was -> add(was, here));
            before.add(here);
            for (int n = 0; n < step.inner().size(); n++) {
                all(step.inner().get(n).script(), Optional.of(here.path()), n);
            }
        }
    }

    private Optional<At> again(List<At> before, At here) {
        if (question(here.step()).isPresent()) {
            var goesOn = new GoesOn(design, place);
            return before.stream()
                    .filter(was -> question(was.step()).equals(question(here.step())))
                    .filter(was -> goesOn.after(was.step()))
                    .reduce((first, last) -> last);
        }
        return before.isEmpty() || !isOnceEnough(here.step())
                ? Optional.empty()
                : Optional.of(before.getLast()).filter(was -> was.step().equals(here.step()));
    }

    /** What is asked by a message box that waits, with what it is told; by that a question is the same. */
    private Optional<List<Object>> question(Step step) {
        return step instanceof Step.Open open
                        && !design.goesOnBeside(open)
                        && design.window(open.window())
                                .filter(w -> w instanceof MessageBox box
                                        && box.answers().size() > 1)
                                .isPresent()
                ? Optional.of(List.of(open.window(), open.handOver()))
                : Optional.empty();
    }

    private static boolean isOnceEnough(Step step) {
        return step instanceof Step.Open
                || step instanceof Step.Close
                || step instanceof Step.TakeHolding
                || step instanceof Step.GiveBack
                || step instanceof Step.RunTask
                || step instanceof Step.Do
                || step instanceof Step.EndApplication;
    }

    private boolean isSaidOf(At here) {
        Place at = Place.step(place, here.path());
        return found.stream().anyMatch(f -> f.place().equals(at) && f.weight() != Weight.HINT);
    }

    private void add(At was, At here) {
        int number = was.path().number(script);
        boolean asks = question(here.step()).isPresent();
        Place at = Place.step(place, here.path());
        // two windows of a kind, or two runs of a task, can be meant
        boolean canBeMeant = !asks
                && (here.step() instanceof Step.Open
                        || here.step() instanceof Step.RunTask
                        || here.step() instanceof Step.Do);
        found.add(new Finding(
                canBeMeant ? Weight.HINT : Weight.RISKY,
                asks ? Kind.ASKED_TWICE : Kind.DONE_TWICE,
                at.words(design) + ": "
                        + (asks
                                ? "“" + ((Step.Open) here.step()).window() + "” is asked again, after step " + number
                                        + " has asked it."
                                : "it does again what step " + number + " has just done."),
                asks
                        ? "Whatever was answered, it is asked a second time; ask once, and write both into its branches."
                        : "Once is enough; a second time opens, closes or takes what already is.",
                at,
                List.of(new StepRepair.RemoveStep(place, here.path()))));
    }
}

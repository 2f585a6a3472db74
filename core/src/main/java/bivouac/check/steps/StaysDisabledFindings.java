package bivouac.check.steps;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import java.util.List;

/** A part that is disabled while something is waited for, and enabled again at some of its endings only. */
public final class StaysDisabledFindings {

    private static final String ENABLED = ".enabled";

    private final List<Finding> found;
    private final Design design;
    private final ScriptPlace place;
    private final Script script;

    private StaysDisabledFindings(List<Finding> found, Design design, ScriptPlace place, Script script) {
        this.found = found;
        this.design = design;
        this.place = place;
        this.script = script;
    }

    public static void into(List<Finding> found, Design design) {
        design.scripts().forEach((place, script) -> {
            var findings = new StaysDisabledFindings(found, design, place, script);
            Steps.walk(script, findings::step);
        });
    }

    private void step(StepPath path, Step step) {
        if (!(step instanceof Step.SetValue(String part, var to)) || !part.endsWith(ENABLED) || !to.isNo()) {
            return;
        }
        for (int by = 1; path.next(by).in(script).isPresent(); by++) {
            StepPath at = path.next(by);
            Step next = at.in(script).orElseThrow();
            if (enables(next, part)) {
                return;
            }
            if (next instanceof Step.Branching b && enablesWithin(next, part)) {
                stays(at, b, part);
                return;
            }
        }
    }

    private void stays(StepPath at, Step.Branching waits, String part) {
        for (int by = 1; at.next(by).in(script).isPresent(); by++) {
            if (enablesWithin(at.next(by).in(script).orElseThrow(), part)) {
                return;
            }
        }
        String name = part.substring(part.indexOf('.') + 1, part.length() - ENABLED.length());
        for (Step.Branch branch : waits.branches()) {
            if (!Steps.any(branch.script(), s -> enables(s, part) || leaves(s))) {
                int number = branch.script().steps().size();
                StepPath end = at.into(waits.branches().indexOf(branch), number);
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.STAYS_DISABLED,
                        Place.step(place, at).words(design) + ": " + name + " is disabled, and stays so at “"
                                + branch.ending() + "”.",
                        "It is enabled again at another ending only; here nobody can try once more.",
                        Place.step(place, at),
                        List.of(new StepRepair.Write(
                                place,
                                end,
                                new Step.SetValue(part, new Expression("true")),
                                "Enable it",
                                "It can be used again at “" + branch.ending() + "”."))));
            }
        }
    }

    /** The step itself, or one in it. */
    private static boolean enablesWithin(Step step, String part) {
        return Steps.any(Script.of(step), s -> enables(s, part));
    }

    private static boolean enables(Step step, String part) {
        return step instanceof Step.SetValue(String set, var to) && set.equals(part) && !to.isNo();
    }

    /** What comes after it is another window's, or begins again. */
    private static boolean leaves(Step step) {
        return step instanceof Step.Close
                || step instanceof Step.EndApplication
                || step instanceof Step.Again
                || step instanceof Step.Do;
    }
}

package bivouac.check.steps;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.GoesOn;
import bivouac.check.known.Place;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Steps that no run of their script reaches, since what stands before them never goes on; and cases asked before. */
public final class DeadStepFindings {

    private final List<Finding> found;
    private final Design design;
    private final ScriptPlace place;
    private final GoesOn reach;

    private DeadStepFindings(List<Finding> found, Design design, ScriptPlace place) {
        this.found = found;
        this.design = design;
        this.place = place;
        this.reach = new GoesOn(design, place);
    }

    public static void into(List<Finding> found, Design design) {
        design.scripts().forEach((place, script) -> new DeadStepFindings(found, design, place)
                .steps(script.steps(), Optional.empty(), 0));
    }

    private void steps(List<Step> steps, Optional<StepPath> outer, int inner) {
        boolean goesOn = true;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            StepPath path = StepPath.in(outer, inner, i);
            if (step instanceof Step.Off) {
                continue;
            }
            if (!goesOn) {
                dead(path, path.next(-1));
                return;
            }
            for (int n = 0; n < step.inner().size(); n++) {
                steps(step.inner().get(n).script().steps(), Optional.of(path), n);
            }
            if (step instanceof Step.If choice) {
                cases(choice, path);
            }
            goesOn = reach.after(step);
        }
    }

    private void dead(StepPath path, StepPath before) {
        Script script = place.in(design);
        found.add(new Finding(
                Weight.RISKY,
                Kind.NEVER_RUN,
                place.words() + ": step " + path.number(script) + " is never run, since step " + before.number(script)
                        + " never goes on to it.",
                "Put what is still to be done before that step.",
                Place.step(place, path),
                List.of(new StepRepair.RemoveStep(place, path))));
    }

    private void cases(Step.If choice, StepPath path) {
        Set<String> asked = new HashSet<>();
        for (int i = 0; i < choice.cases().size(); i++) {
            Step.If.Case one = choice.cases().get(i);
            String condition = one.condition().source().replaceAll("\\s+", "");
            if (!asked.add(condition)) {
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.NEVER_RUN,
                        Place.step(place, path).words(design) + ": “"
                                + one.condition().source().strip() + "” is asked twice, and its second case never run.",
                        "The first case that holds is taken.",
                        Place.step(place, path),
                        List.of(new StepRepair.RemoveCase(place, path, i))));
            }
        }
    }
}

package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Steps that no run of their script reaches, since what stands before them never goes on; and cases asked before. */
final class DeadStepFindings {

    private final List<Finding> found;
    private final Design design;
    private final ScriptPlace place;

    private DeadStepFindings(List<Finding> found, Design design, ScriptPlace place) {
        this.found = found;
        this.design = design;
        this.place = place;
    }

    static void into(List<Finding> found, Design design) {
        design.scripts().forEach((place, script) -> new DeadStepFindings(found, design, place)
                .steps(script.steps(), Optional.empty(), 0));
    }

    private void steps(List<Step> steps, Optional<StepPath> outer, int inner) {
        boolean goesOn = true;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            int number = i;
            StepPath path = outer.map(o -> o.into(inner, number)).orElseGet(() -> StepPath.of(number));
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
            goesOn = goesOn(step);
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
                Place.step(place, path)));
    }

    private void cases(Step.If choice, StepPath path) {
        Set<String> asked = new HashSet<>();
        for (Step.If.Case one : choice.cases()) {
            String condition = one.condition().source().replaceAll("\\s+", "");
            if (!asked.add(condition)) {
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.NEVER_RUN,
                        Place.step(place, path).words(design) + ": “"
                                + one.condition().source().strip() + "” is asked twice, and its second case never run.",
                        "The first case that holds is taken.",
                        Place.step(place, path)));
            }
        }
    }

    /** Whether a run can come to the step after it. */
    private boolean goesOn(Step step) {
        return switch (step) {
            case Step.StayOpen s -> !place.isAt(FacedWindow.Moment.BEFORE_CLOSING);
            case Step.KeepRow k -> !place.isAt(Part.RowMoment.BEFORE_REMOVING);
            case Step.Again a -> false;
            case Step.If choice ->
                choice.otherwise().isEmpty() || choice.inner().stream().anyMatch(i -> goesOn(i.script()));
            case Step.Repeat(Script inside) -> goesOn(inside);
            case Step.Open open when isAlongside(open) -> true;
            case Step.RunTask run when run.background() -> true;
            case Step.Branching branching -> someBranchGoesOn(branching);
            default -> true;
        };
    }

    private boolean isAlongside(Step.Open open) {
        return open.manner() instanceof Manner.Alongside
                && design.window(open.window())
                        .filter(ReadyMade.class::isInstance)
                        .isEmpty();
    }

    private boolean someBranchGoesOn(Step.Branching step) {
        boolean could = step instanceof Step.TakeHolding || step instanceof Step.GiveBack;
        var endings = design.endingsOf(step);
        boolean allAnswered = !endings.isEmpty() && endings.stream().allMatch(e -> step.answers(e.name()));
        return could || !allAnswered || step.branches().stream().anyMatch(b -> goesOn(b.script()));
    }

    private boolean goesOn(Script script) {
        return script.steps().stream().allMatch(this::goesOn);
    }
}

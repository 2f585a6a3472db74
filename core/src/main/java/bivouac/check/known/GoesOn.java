package bivouac.check.known;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;

/** Whether a run of a script can come to what stands after a step. */
public record GoesOn(Design design, ScriptPlace place) {

    public boolean after(Step step) {
        return switch (step) {
            case Step.StayOpen s -> !place.isAt(FacedWindow.Moment.BEFORE_CLOSING);
            case Step.KeepRow k -> !place.isAt(Part.RowMoment.BEFORE_REMOVING);
            case Step.Again a -> false;
            case Step.If choice ->
                choice.otherwise().isEmpty() || choice.inner().stream().anyMatch(i -> after(i.script()));
            case Step.Repeat(Script inside) -> after(inside);
            case Step.Open open when design.goesOnBeside(open) -> true;
            case Step.RunTask run when run.background() -> true;
            case Step.Branching branching -> someBranchGoesOn(branching);
            case Step.Close _, Step.EndApplication _, Step.Off _, Step.Plain _ -> true;
        };
    }

    public boolean after(Script script) {
        return script.steps().stream().allMatch(this::after);
    }

    private boolean someBranchGoesOn(Step.Branching step) {
        boolean could = step instanceof Step.TakeHolding || step instanceof Step.GiveBack;
        var endings = design.endingsOf(step);
        boolean allAnswered = !endings.isEmpty() && endings.stream().allMatch(e -> step.answers(e.name()));
        return could || !allAnswered || step.branches().stream().anyMatch(b -> after(b.script()));
    }
}

package bivouac.check.known;

import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import java.util.HashSet;
import java.util.Set;

/**
 * Whether a run of a script can come to what stands after a step.
 *
 * @param around the scripts that are being done; one that does itself comes to no end by that
 */
public record GoesOn(Design design, ScriptPlace place, Set<ScriptPlace> around) {

    public GoesOn(Design design, ScriptPlace place) {
        this(design, place, Set.of(place));
    }

    public boolean after(Step step) {
        return switch (step) {
            case Step.StayOpen s -> !place.isAt(FacedWindow.Moment.BEFORE_CLOSING);
            case Step.KeepRow k -> !place.isAt(Part.RowMoment.BEFORE_REMOVING);
            case Step.Again a -> false;
            case Step.Return r -> false;
            case Step.If choice ->
                choice.otherwise().isEmpty() || choice.inner().stream().anyMatch(i -> after(i.script()));
            case Step.Repeat(Script inside) -> after(inside);
            case Step.Open open when design.goesOnBeside(open) -> true;
            case Step.RunTask run when run.background() -> true;
            case Step.Branching branching -> someBranchGoesOn(branching);
            case Step.Close _, Step.EndApplication _, Step.Off _, Step.Plain _ -> true;
        };
    }

    /** W11, W12: a script that was done has answered unless its steps go on to its end, or its window went. */
    private boolean mayReachItsEnd(Step.Branching step) {
        return step instanceof Step.Do done
                && (done.in().isPresent()
                        || Done.place(design, place, done)
                                .map(p -> around.contains(p) || inside(p).after(p.in(design)))
                                .orElse(true));
    }

    private GoesOn inside(ScriptPlace there) {
        var all = new HashSet<>(around);
        all.add(there);
        return new GoesOn(design, there, Set.copyOf(all));
    }

    public boolean after(Script script) {
        return script.steps().stream().allMatch(this::after);
    }

    private boolean someBranchGoesOn(Step.Branching step) {
        // it may have been done, or a script may have reached its end
        boolean could = step instanceof Step.TakeHolding || step instanceof Step.GiveBack || mayReachItsEnd(step);
        var endings = design.endingsOf(place, step);
        boolean allAnswered = !endings.isEmpty() && endings.stream().allMatch(e -> step.answers(e.name()));
        return could || !allAnswered || step.branches().stream().anyMatch(b -> after(b.script()));
    }
}

package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.Optional;
import java.util.function.Predicate;

/** The step that a line goes on with: a <em>when</em> goes on with what is opened, an <em>else</em> with an <em>if</em>. */
final class Holder {

    private Holder() {}

    /** The same, of the steps that can have branches: a script that answers nothing has none (W11). */
    static Optional<StepPath> branching(Design design, ScriptPlace place, StepPath at) {
        return before(
                place.in(design),
                at,
                s -> s instanceof Step.Branching b
                        && (!(b instanceof Step.Do)
                                || !design.branchesOf(place, b).isEmpty()
                                || !b.branches().isEmpty()));
    }

    /** The step right before a place, or else the one that the place is in, where it is as wanted. */
    static Optional<StepPath> before(Script script, StepPath at, Predicate<Step> wanted) {
        if (at.last() > 0 && at.next(-1).in(script).filter(wanted).isPresent()) {
            return Optional.of(at.next(-1));
        }
        return at.outer().filter(o -> o.in(script).filter(wanted).isPresent());
    }
}

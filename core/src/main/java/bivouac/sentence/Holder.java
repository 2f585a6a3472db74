package bivouac.sentence;

import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.Optional;
import java.util.function.Predicate;

/** The step that a line goes on with: a <em>when</em> goes on with what is opened, an <em>else</em> with an <em>if</em>. */
final class Holder {

    private Holder() {}

    /** The step right before a place, or else the one that the place is in, where it is as wanted. */
    static Optional<StepPath> before(Script script, StepPath at, Predicate<Step> wanted) {
        if (at.last() > 0 && at.next(-1).in(script).filter(wanted).isPresent()) {
            return Optional.of(at.next(-1));
        }
        return at.outer().filter(o -> o.in(script).filter(wanted).isPresent());
    }
}

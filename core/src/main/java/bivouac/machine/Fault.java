package bivouac.machine;

import bivouac.plan.StepRef;
import java.util.Optional;

/**
 * Something that a running application should never meet (X1 to X11).
 *
 * @param message what happened, in plain words
 * @param where the step, if one did it
 */
public record Fault(Rule rule, String message, Optional<StepRef> where) {

    /** The fault rules that can be met. */
    public enum Rule {
        X1,
        X2,
        X3,
        X4,
        X5,
        X6,
        X7,
        X8,
        X9,
        X10,
        X11
    }
}

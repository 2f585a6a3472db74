package bivouac.plan;

import bivouac.expression.Problem;
import java.util.OptionalInt;

/**
 * Something wrong in an expression or text of the design, found while it was compiled.
 *
 * @param what the place in words: a step's field, a part's text
 * @param source the expression or text that it is in
 */
public record Trouble(Where where, String what, String source, Problem problem) {

    /** Where it stands: in a step, or somewhere on a window (empty for the application). */
    public sealed interface Where {
        /** @param inner which of the step's scripts its condition leads into; empty where it is no such condition */
        record InStep(StepRef step, OptionalInt inner) implements Where {}

        /** @param part the expression name of the part, empty for the window itself */
        record OnWindow(String window, String part) implements Where {}

        record InApplication() implements Where {}

        record InPromise() implements Where {}
    }
}

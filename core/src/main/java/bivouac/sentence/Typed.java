package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.StepPath;

/** What became of a typed line. */
public sealed interface Typed {

    /** Whether the design comes out the same, or neither line is finished. */
    default boolean sameAs(Typed other) {
        return this instanceof Done(Design mine, var did, var next)
                        && other instanceof Done(Design theirs, var d, var n)
                ? mine.equals(theirs)
                : this instanceof Unfinished && other instanceof Unfinished;
    }

    /**
     * The design as the line changes it.
     *
     * @param did what was done, in words
     * @param next where the next step would be typed
     */
    record Done(Design design, String did, StepPath next) implements Typed {}

    /** The line is not yet a step: why, in a sentence. */
    record Unfinished(String why) implements Typed {}
}

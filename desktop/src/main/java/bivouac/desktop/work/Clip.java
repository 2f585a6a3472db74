package bivouac.desktop.work;

import bivouac.design.Part;
import bivouac.design.Step;

/** What was copied last, to be put in elsewhere. */
public sealed interface Clip {

    record Nothing() implements Clip {}

    record OfStep(Step step) implements Clip {}

    /** @param window where the part was copied */
    record OfPart(String window, Part part) implements Clip {}
}

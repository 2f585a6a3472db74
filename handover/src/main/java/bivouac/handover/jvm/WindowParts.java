package bivouac.handover.jvm;

import bivouac.design.Part;
import bivouac.handover.braces.Lines;

/** What a toolkit writes of the parts of one window. */
public interface WindowParts {

    /** The window itself: its size, and whether it can be resized. */
    void frame(Lines out);

    /** The field of a part, with the control that it is. */
    void field(Lines out, Part part);

    /** What a part starts with; a live text is brought up to date by refresh. */
    void content(Lines out, Part part);

    /** What a part has from the beginning: disabled, invisible, read-only, its font, its colour. */
    void fixedTraits(Lines out, Part part);

    /** Which method is called at what a person does to it. */
    void triggers(Lines out, Part part);

    void layOut(Lines out);

    /** What is brought up to date when the application is at rest. */
    void live(Lines out, Part part);
}

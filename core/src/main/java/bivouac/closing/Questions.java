package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Step;
import bivouac.design.WaysIn;
import bivouac.design.Window;
import java.util.List;
import java.util.Optional;

/** Which steps ask a person something: they open a window, wait for it, and it can end in more than one way. */
public final class Questions {

    private Questions() {}

    /** The window that a step asks with. A file dialog or picker asks for a value, and nothing about going on. */
    public static Optional<Window> asked(Design design, Step step) {
        return step instanceof Step.Open open
                ? design.window(open.window()).filter(w -> isAsked(w, open))
                : Optional.empty();
    }

    private static boolean isAsked(Window window, Step.Open open) {
        return switch (window) {
            case MessageBox box -> box.answers().size() > 1;
            case FileDialog dialog -> false;
            case Picker picker -> false;
            case FacedWindow face ->
                open.manner().isWaiting()
                        && face.endings().size() > 1
                        && face.parts().stream().noneMatch(Questions::isFilledIn);
        };
    }

    /**
     * Whether nothing is done at an answer wherever it is asked, on purpose: whatever its words say, it destroys nothing then.
     * Before closing and before removing nothing need be done for something to go.
     */
    public static boolean doesNothingAt(Design design, MessageBox box, String ending) {
        List<WaysIn.WayIn> asked = WaysIn.into(design, box.name().shown());
        return !asked.isEmpty()
                && asked.stream()
                        .allMatch(w -> !w.place().isAt(FacedWindow.Moment.BEFORE_CLOSING)
                                && !w.place().isAt(Part.RowMoment.BEFORE_REMOVING)
                                && w.open().branches().stream()
                                        .anyMatch(b -> b.ending().equals(ending)
                                                && b.script().doesNothing()));
    }

    /** A form is filled in and asks nothing about going on; a tick beside a question, like <em>do not ask again</em>, does. */
    private static boolean isFilledIn(Part part) {
        return part instanceof Part.TextField
                || part instanceof Part.ValueField
                || part instanceof Part.Choice
                || part instanceof Part.ListOfRows;
    }
}

package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Step;
import bivouac.design.Window;
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
            case bivouac.design.FacedWindow face ->
                open.manner().isWaiting()
                        && face.endings().size() > 1
                        && face.parts().stream().noneMatch(Questions::isFilledIn);
        };
    }

    /** A form is filled in and asks nothing about going on; a tick beside a question, like <em>do not ask again</em>, does. */
    private static boolean isFilledIn(Part part) {
        return part instanceof Part.TextField
                || part instanceof Part.ValueField
                || part instanceof Part.Choice
                || part instanceof Part.ListOfRows;
    }
}

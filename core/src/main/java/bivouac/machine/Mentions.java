package bivouac.machine;

import bivouac.design.FacedWindow;
import bivouac.design.Window;
import java.util.regex.Pattern;

/** Whether something in a window may read a name; asked too often rather than too seldom. */
final class Mentions {

    private static final Pattern OPENER = Pattern.compile("\\bopener\\b|Opener\\[");

    private Mentions() {}

    static boolean opener(Window window) {
        return window instanceof FacedWindow face
                && OPENER.matcher(face.toString()).find();
    }
}

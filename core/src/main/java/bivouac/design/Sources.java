package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The expressions of scripts as they are written. */
public final class Sources {

    private Sources() {}

    /** All expressions of a script in reading order, those in the braces of its texts and in its branches included. */
    public static List<String> of(Design design, Script script) {
        var all = new ArrayList<String>();
        new DesignMapper() {
            @Override
            String expression(String source, Optional<Window> scope) {
                all.add(source);
                return source;
            }
        }.map(design, script);
        return List.copyOf(all);
    }
}

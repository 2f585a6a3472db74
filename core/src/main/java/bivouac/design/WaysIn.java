package bivouac.design;

import java.util.ArrayList;
import java.util.List;

/** The places that open windows, derived from the scripts. */
public final class WaysIn {

    private WaysIn() {}

    /** A step that opens a window, and where it stands. */
    public record WayIn(ScriptPlace place, StepPath path, Step.Open open) {}

    /** All ways in of a design, in the order of its scripts; those switched off are left out. */
    public static List<WayIn> of(Design design) {
        var found = new ArrayList<WayIn>();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.Open open) {
                        found.add(new WayIn(place, path, open));
                    }
                }));
        return List.copyOf(found);
    }

    /** The ways into one window, by its shown name. */
    public static List<WayIn> into(Design design, String window) {
        return of(design).stream().filter(w -> w.open().window().equals(window)).toList();
    }
}

package bivouac.desktop.widget;

import java.util.HashMap;
import java.util.Map;

/**
 * Lines that were typed and not finished, by what they are for. Whoever goes elsewhere in the middle of a line finds it
 * again where it was typed.
 */
public final class Drafts<P> {

    private final Map<P, String> kept = new HashMap<>();

    /** Keeps what stands in a line, or forgets what stood there where it is empty. */
    public void keep(P place, String typed) {
        if (typed.isBlank()) {
            kept.remove(place);
        } else {
            kept.put(place, typed);
        }
    }

    /** What was typed there and not finished; empty for nothing. */
    public String of(P place) {
        return kept.getOrDefault(place, "");
    }
}

package bivouac.design;

import java.util.List;

/** Where one way of closing a window leads (C1). */
public sealed interface WayOut {

    /** It does nothing. Only for close box and Escape. */
    record Absent() implements WayOut {}

    /**
     * It does what pressing a part does. Only for close box and Escape.
     *
     * @param part the part's expression name
     */
    record AsPressing(String part) implements WayOut {}

    /**
     * It leads to an ending.
     *
     * @param unasked whether it skips the <em>before closing</em> script (C2)
     */
    record LeadsTo(String ending, List<Given> gives, boolean unasked) implements WayOut {
        public LeadsTo {
            gives = List.copyOf(gives);
        }

        public static LeadsTo ending(String name) {
            return new LeadsTo(name, List.of(), false);
        }
    }
}

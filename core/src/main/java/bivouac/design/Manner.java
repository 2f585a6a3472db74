package bivouac.design;

import java.util.List;

/** How a window is opened: whether the opener waits for it, goes on beside it, or makes room for it. */
public sealed interface Manner {

    /** Modal to its owner and the owners above (B1). */
    record WaitsForOwner() implements Manner {}

    /** Modal to the whole application (B1). */
    record WaitsForApplication() implements Manner {}

    /** Modeless (B2, W3). */
    record Alongside() implements Manner {}

    /** The opener closes, by the ending named, once the new window is open (O8). An empty ending is its close box's. */
    record InPlace(String ending, List<Given> gives) implements Manner {
        public InPlace {
            gives = List.copyOf(gives);
        }
    }

    default boolean isWaiting() {
        return this instanceof WaitsForOwner || this instanceof WaitsForApplication;
    }
}

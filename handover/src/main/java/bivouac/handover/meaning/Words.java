package bivouac.handover.meaning;

import java.util.List;

/** A text of the program, as it is asked for. */
public sealed interface Words {

    /** The empty text. */
    record None() implements Words {}

    /** Nothing but a value. */
    record Shown(Say value) implements Words {}

    /** A text that is kept under a key, with the values for its places. */
    record Keyed(String key, List<Say> values) implements Words {
        public Keyed {
            values = List.copyOf(values);
        }
    }
}

package bivouac.design;

/** What happens when a window that is open is opened again (O3). */
public sealed interface Instances {

    /** Each open makes a new one. */
    record Many() implements Instances {}

    /** The open one comes to the front, takes the new values and is told. */
    record Single() implements Instances {}

    /**
     * As single, for each value of a take.
     *
     * @param key the expression name of the take that tells them apart
     */
    record OneForEach(String key) implements Instances {}

    /** How many there can be, as people read it. */
    default String words() {
        return switch (this) {
            case Many m -> "a new one each time";
            case Single s -> "one only";
            case OneForEach(String key) -> "one for each " + key;
        };
    }
}

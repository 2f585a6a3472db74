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
}

package desk;

/** Who watches the application: a test, or nobody. */
public interface Watcher {

    /** Something was seen (E3). */
    default void act(String what) {}

    /** All that an event caused is done, or waits (E2). */
    default void atRest() {}

    default void fault(Throwable fault) {}
}

package bivouac.machine;

/**
 * An event as one number, for those who look at millions: what kind it is, of which window and part, and which of the
 * things that can be done there. {@link Happening} knows what it means in a situation.
 */
final class NumberedEvent {

    /** What happens; in the order of their numbers. */
    enum Kind {
        PRESS,
        PRESS_ROW,
        EDIT,
        SELECT_TEXT,
        TICK,
        SELECT,
        SELECT_ROW,
        ACTIVATE_ROW,
        REMOVE_ROWS,
        ANSWER,
        CHOOSE,
        PICK,
        CLOSE_BOX,
        ESCAPE,
        CANCEL,
        TASK_ENDS,
        TASK_TELLS,
        OPEN_FILES,
        DROP_FILES,
        FILE_CHANGES,
        FILE_GOES,
        TIMER_FIRES,
        DAY_PASSES,
        SESSION_ENDS,
        KILLED,
        START_AGAIN
    }

    private static final Kind[] KINDS = Kind.values();
    private static final int BITS = 16;
    /** Behind the bits that say the kind. */
    private static final int WINDOW = 5;

    private static final int MASK = (1 << BITS) - 1;

    private NumberedEvent() {}

    static long of(Kind kind, int instance, int part, int item) {
        return kind.ordinal() | (long) instance << BITS | (long) part << 2 * BITS | (long) item << 3 * BITS;
    }

    static long of(Kind kind) {
        return kind.ordinal();
    }

    static Kind kind(long event) {
        return KINDS[(int) event & MASK];
    }

    /** The position of the instance that it happens to; -1 for none. */
    static int ofInstance(long event) {
        return switch (kind(event)) {
            case TASK_ENDS, TASK_TELLS, OPEN_FILES, DAY_PASSES, SESSION_ENDS, KILLED, START_AGAIN -> -1;
            case TIMER_FIRES -> instance(event) - 1;
            case PRESS,
                    PRESS_ROW,
                    EDIT,
                    SELECT_TEXT,
                    TICK,
                    SELECT,
                    SELECT_ROW,
                    ACTIVATE_ROW,
                    REMOVE_ROWS,
                    ANSWER,
                    CHOOSE,
                    PICK,
                    CLOSE_BOX,
                    ESCAPE,
                    DROP_FILES,
                    FILE_CHANGES,
                    FILE_GOES,
                    CANCEL -> instance(event);
        };
    }

    /**
     * The same event, told from those of other windows; no event itself.
     *
     * @param once whether no other instance of the window can be open, so that it does not matter which position it has
     */
    static long byWindow(long event, int window, boolean once) {
        long of = event | (long) (window + 1 & MASK >> WINDOW) << WINDOW;
        return once ? of & ~((long) MASK << BITS) : of;
    }

    static int instance(long event) {
        return (int) (event >>> BITS) & MASK;
    }

    static int part(long event) {
        return (int) (event >>> 2 * BITS) & MASK;
    }

    static int item(long event) {
        return (int) (event >>> 3 * BITS) & MASK;
    }
}

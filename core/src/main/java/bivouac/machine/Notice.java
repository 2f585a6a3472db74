package bivouac.machine;

/**
 * Something about a situation, or about a step to it, that is no fault and that a developer would want to know.
 *
 * @param of the number of the window or of the holding that it is about
 */
public record Notice(Kind kind, int of) {

    /** What it is; in the order in which it is told. */
    public enum Kind {
        /** A close box or Escape that is refused, and nothing is seen of it: of a window. */
        SILENT_REFUSAL,
        /** A file dialog or picker is left while a window is asked, and that closes at once: of the dialog. */
        LEFT_AND_CLOSED,
        /** A window is open twice, with the same takes and the same owner, and nothing says that it may be: of a window. */
        OPEN_TWICE,
        /** A window is waited for, others are open, and it has no owner to stay above: of a window. */
        BEHIND_OTHERS,
        /** A holding is held still, although all windows that take it and give it back when they close have closed. */
        HELD_ON,
        /** A holding is given back by a step before one that was taken later: of the holding that was given back. */
        OUT_OF_ORDER,
        /** A holding that leaves a trace is held, and nothing looks for the trace. */
        LEAVES_TRACE
    }

    private static final Kind[] KINDS = Kind.values();

    /** As one number, for those who note millions. */
    static int numbered(Kind kind, int of) {
        return of * KINDS.length + kind.ordinal();
    }

    /** The notice that a number says. */
    public static Notice of(int number) {
        return new Notice(KINDS[number % KINDS.length], number / KINDS.length);
    }
}

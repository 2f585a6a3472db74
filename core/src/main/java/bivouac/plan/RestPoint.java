package bivouac.plan;

import java.util.List;

/**
 * A place at which a script can be when the application is at rest, and what it has to remember there.
 *
 * @param script the script's number
 * @param at the operation
 * @param kind what it is there for
 * @param values the slots whose values can be read later
 * @param kept the slots whose instances can be named later
 */
public record RestPoint(int script, int at, Kind kind, List<Integer> values, List<Integer> kept) {

    public RestPoint {
        values = List.copyOf(values);
        kept = List.copyOf(kept);
    }

    /** What a script does at rest. */
    public enum Kind {
        /** Something above it on the stack goes on first. */
        BELOW,
        /** It waits for the window that its step opened (W2). */
        WINDOW,
        /** It waits for the request that its step began (W6). */
        REQUEST,
        /** It waits for its task, or for the system (W5, O7). */
        TASK,
        /** The same, where the task was asked to end before it is done (W10). */
        CANCELLING,
        /** Its branches are left behind for when a window ends (W3). */
        BRANCHES
    }
}

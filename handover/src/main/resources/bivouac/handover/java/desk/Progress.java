package desk;

/**
 * What passes between work and those who wait for it: how far it is (W9), and that it is to end before it is done (W10).
 * Tasks are handed it, and may use it on any thread.
 */
public final class Progress {

    /** Everything is done. */
    public static final int WHOLE = 100;

    final String task;
    final DeskWindow of;

    private final Desk desk;
    private volatile boolean cancelled;
    private int done;
    private String line = "";
    private boolean isOnItsWay;

    Progress(Desk desk, String task, DeskWindow of) {
        this.desk = desk;
        this.task = task;
        this.of = of;
    }

    /** Says how far the work is, from 0 to 100. */
    public void tell(int done) {
        tell(done, "");
    }

    /** The same, and what it does now. Of what is said faster than it can be shown, the last is. */
    public synchronized void tell(int done, String line) {
        this.done = Math.clamp(done, 0, WHOLE);
        this.line = line == null ? "" : line;
        if (!isOnItsWay) {
            isOnItsWay = true;
            desk.later(this);
        }
    }

    /** Whether the work is to end: it does so as soon as it can, and says that it was cancelled. */
    public boolean isCancelled() {
        return cancelled;
    }

    /** The window whose script runs the work; null for the application. */
    public DeskWindow of() {
        return of;
    }

    void cancel() {
        cancelled = true;
    }

    /** Shows what was said last. */
    synchronized void showIn(WorkShown part) {
        part.told(done, line);
    }

    synchronized void arrived() {
        isOnItsWay = false;
    }
}

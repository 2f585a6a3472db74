package bivouac.cli;

import bivouac.explore.Progress;
import bivouac.explore.Told;
import java.io.PrintWriter;

/** Says on a terminal how far an exploration is, in one line that is written over; says nothing anywhere else. */
final class OnTerminal implements Progress {

    private static final long PAUSE = 200_000_000L;
    private static final String CLEAR = "\r\u001b[K";

    private final PrintWriter to;
    private long last = System.nanoTime();
    private boolean said;

    private OnTerminal(PrintWriter to) {
        this.to = to;
    }

    /** @param to where errors go, so that what is found can be piped on */
    static Progress in(PrintWriter to) {
        return System.console() != null && System.console().isTerminal() ? new OnTerminal(to) : Progress.NONE;
    }

    /** Takes away what was said last. */
    static void done(Progress progress) {
        if (progress instanceof OnTerminal terminal && terminal.said) {
            terminal.to.print(CLEAR);
            terminal.to.flush();
        }
    }

    @Override
    public void at(int situations, int depth) {
        long now = System.nanoTime();
        if (now - last > PAUSE) {
            last = now;
            said = true;
            to.print(CLEAR + Told.progress(situations, depth));
            to.flush();
        }
    }

    @Override
    public boolean isStopped() {
        return false;
    }
}

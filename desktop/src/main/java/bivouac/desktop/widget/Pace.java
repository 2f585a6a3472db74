package bivouac.desktop.widget;

/**
 * When the next part of a drawing may be drawn, so that the interface does not stand still: what was drawn before is
 * painted by another thread, and a frame that begins meanwhile waits for it, without hearing anything. How long painting
 * takes nobody tells; it shows in how late the frame after a part comes. All times are in nanoseconds.
 */
final class Pace {

    /** What is left to the painter before anything is known of how fast it is. */
    static final long AT_FIRST = 50_000_000;

    /** It is never waited longer: a person looks for what is still to come. */
    static final long LONGEST = 100_000_000;

    /** One of sixty in a second. */
    static final long FRAME = 16_666_667;

    /** A frame that comes no later than this was not held up. */
    private static final long ON_TIME = FRAME * 3 / 2;

    private long rest = AT_FIRST;
    private long drawn;
    /** The next frame tells how long the one that was just drawn was held up. */
    private boolean isFresh;
    /** Something was held up since it began. */
    private boolean late;

    /** Another drawing begins. What is painted first of it takes the longest, so less is left only after all of one was on time. */
    void begin() {
        rest = late ? rest : rest - rest / 8;
        late = false;
    }

    /** Something was drawn now, and is to be painted. */
    void drew(long now) {
        drawn = now;
        isFresh = true;
    }

    /** A frame begins: whether the next part may be drawn in it. */
    boolean mayDraw(long now) {
        long since = now - drawn;
        if (isFresh) {
            isFresh = false;
            if (since > ON_TIME) {
                late = true;
                rest = Math.min(LONGEST, rest + since - FRAME);
            }
        }
        return since >= rest;
    }
}

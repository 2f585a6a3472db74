package bivouac.expression;

/**
 * What the work of one event may cost, in time and in memory at once (X6). A unit is about one piece of an expression
 * that is evaluated, one item of a list that is made, or {@value #CHARACTERS} characters that are copied or compared;
 * so it stands for at most some hundred nanoseconds and some thirty bytes.
 */
public final class Budget {

    /** For all that one event causes: a fraction of a second, and less than a hundred megabytes. */
    public static final int OF_AN_EVENT = 2_000_000;

    /** For one live text or condition, so that a heavy one does not keep the others from being seen. */
    public static final int OF_A_TEXT = OF_AN_EVENT / 20;

    /** As many characters are one unit. */
    static final int CHARACTERS = 16;

    private long left;
    /** What has to be left for those who come after a part of the work. */
    private long floor;

    public Budget(int units) {
        left = units;
    }

    /** So much, and nothing was spent yet. */
    public void refill(int units) {
        left = units;
        floor = 0;
    }

    /**
     * From now on at most so much of what is left may be spent.
     *
     * @return what {@link #widen} needs to take the limit away again
     */
    public long narrow(int units) {
        long before = floor;
        floor = Math.max(floor, left - units);
        return before;
    }

    /** Takes away the limit of {@link #narrow}. */
    public void widen(long before) {
        floor = before;
    }

    /** Takes units off; {@link TooMuchWork} once there are none left. */
    public void spend(long units) {
        left -= units;
        if (left < floor) {
            throw new TooMuchWork("it takes more work than one event may");
        }
    }

    /** Takes off what it costs to copy or look through a text. */
    public void spendOn(String text) {
        spend(text.length() / CHARACTERS);
    }
}

package bivouac.testkit;

/**
 * How often a test plays what chance has made. Everything is scaled by {@code -Dreadings=N}, the number of random
 * designs that the two readings of the rules play: longer by hand, and shorter where a mutation test runs the same tests
 * for each change.
 */
public final class Rounds {

    /** What the two readings play where nothing is said. */
    private static final int USUAL = 2_500;

    /** So many are played in any case: fewer would meet nothing. */
    private static final int FEWEST = 15;

    private Rounds() {}

    /** As many as were asked for by hand, or the usual number. */
    public static int readings() {
        return Integer.getInteger("readings", USUAL);
    }

    /** The part of {@code usual} rounds that is to be played; never more than those, since they only get fewer. */
    public static int of(int usual) {
        return Math.min(usual, Math.max(FEWEST, (int) ((long) usual * readings() / USUAL)));
    }
}

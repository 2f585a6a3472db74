package bivouac.testkit;

import java.time.LocalDate;

/**
 * How often a test plays what chance has made. Everything is scaled by {@code -Dreadings=N}, the number of random
 * designs that the two readings of the rules play: longer by hand, and shorter where a mutation test runs the same tests
 * for each change.
 */
public final class Rounds {

    /** What the two readings play by hand, and with them all others their usual rounds. */
    private static final int USUAL = 2_500;

    /** So many are played in any case: fewer would meet nothing. */
    private static final int FEWEST = 15;

    private Rounds() {}

    /** What is played in the run of all tests; others every day, so that a month plays more than one long run did. */
    private static final int EVERY_DAY = 500;

    /** As many as were asked for by hand, or those of every day. */
    public static int readings() {
        return Integer.getInteger("readings", EVERY_DAY);
    }

    /** Whether so many were played that what is usual among them can be told from chance. */
    public static boolean areMany(int played) {
        return played >= MANY;
    }

    private static final int MANY = 200;

    /** What chance begins with: another number every day, printed, so that what failed is had again by {@code -DNAME=SEED}. */
    public static long seed(String name) {
        long seed = Long.getLong(name, LocalDate.now().toEpochDay());
        System.out.println("-D" + name + "=" + seed);
        return seed;
    }

    /** The part of {@code usual} rounds that is to be played: all of them by {@code -Dreadings=2500}, never more. */
    public static int of(int usual) {
        return Math.min(usual, Math.max(FEWEST, (int) ((long) usual * readings() / USUAL)));
    }
}

package bivouac.state;

/** What tables of words lying one behind the other have in common: how they mix, and how they make room. */
public final class Hashing {

    private Hashing() {}

    /** The hash of words and one more. */
    public static long mix(long hash, long word) {
        long h = (hash ^ word) * 0xBF58476D1CE4E5B9L;
        return h ^ h >>> 29;
    }

    /** Twice as many slots with the same in them; a slot has its hash in the upper half, and is 0 where it is free. */
    public static long[] doubled(long[] slots) {
        var more = new long[slots.length * 2];
        int mask = more.length - 1;
        for (long full : slots) {
            if (full != 0) {
                int slot = (int) (full >>> Integer.SIZE) & mask;
                while (more[slot] != 0) {
                    slot = slot + 1 & mask;
                }
                more[slot] = full;
            }
        }
        return more;
    }
}

package bivouac.state;

import java.util.Arrays;

/**
 * Packed states, each once, in the order in which they were first met: an open-addressing table over words that lie one
 * behind the other, with no object for a state. Not for several threads.
 */
public final class StateTable {

    /** So many words are made at once; a state lies in one such piece. */
    private static final int PIECE = 1 << 16;

    /** So much of the table is in use at the most, in percent. */
    private static final int FULL = 70;

    private long[][] pieces = new long[4][];
    private int piece = -1;
    private int free = PIECE;

    /** The place of each state: the piece's number, and the word in it. */
    private int[] places = new int[1024];

    /** How many words of each piece are in use. */
    private int[] ends = new int[4];

    private int size;
    /** In the upper half of a slot the hash of a state, in the lower its number from 1; 0 for a free one. */
    private long[] slots = new long[2048];

    /** How many states it has. */
    public int size() {
        return size;
    }

    /** The same of words from the first on. */
    public int add(long[] words, int length) {
        return add(words, 0, length);
    }

    /**
     * Adds a state.
     *
     * @return its number, from 0 and in the order of adding, if it is new; else -2 less the number that it has
     */
    public int add(long[] words, int from, int length) {
        return add(hash(words, from, length), words, from, length);
    }

    /** The same, where its {@link #hash} is known. */
    public int add(long hash, long[] words, int from, int length) {
        int slot = slot(hash, words, from, length);
        if (slots[slot] != 0) {
            return -1 - (int) slots[slot];
        }
        keep(words, from, length);
        slots[slot] = hash & 0xFFFFFFFF00000000L | ++size;
        if (size > (long) slots.length * FULL / 100) {
            slots = Hashing.doubled(slots);
        }
        return size - 1;
    }

    /** By what a state is looked for. */
    public static long hash(long[] words, int from, int length) {
        return State.mixed(words, from, length);
    }

    /**
     * What is in the slot in which a state with a hash is looked for first. Whoever reads that of many states before looking
     * for the first of them waits for the memory once, and not for each.
     */
    public long fetch(long hash) {
        return slots[(int) (hash >>> 32) & slots.length - 1];
    }

    /** The number of a state; -1 if it was never added. May be asked by several threads while nobody adds. */
    public int find(long[] words, int from, int length) {
        return find(hash(words, from, length), words, from, length);
    }

    /** The same, where its {@link #hash} is known. */
    public int find(long hash, long[] words, int from, int length) {
        return (int) slots[slot(hash, words, from, length)] - 1;
    }

    /** The slot of a state; where it is not known, the free one in which it would be looked for. */
    private int slot(long hash, long[] words, int from, int length) {
        int mask = slots.length - 1;
        int slot = (int) (hash >>> 32) & mask;
        while (slots[slot] != 0) {
            if ((slots[slot] ^ hash) >>> 32 == 0 && isAt((int) slots[slot] - 1, words, from, length)) {
                return slot;
            }
            slot = slot + 1 & mask;
        }
        return slot;
    }

    /**
     * A state says itself where it ends, so one cannot begin with another one: as many words as the one that is looked
     * for has are enough to compare.
     */
    public boolean isAt(int number, long[] words, int from, int length) {
        long[] in = piece(number);
        int at = first(number);
        return at + length <= in.length && Arrays.equals(in, at, at + length, words, from, from + length);
    }

    private void keep(long[] words, int from, int length) {
        if (free + length > PIECE) {
            piece++;
            pieces = piece == pieces.length ? Arrays.copyOf(pieces, piece * 2) : pieces;
            ends = piece == ends.length ? Arrays.copyOf(ends, piece * 2) : ends;
            pieces[piece] = new long[Math.max(PIECE, length)];
            free = 0;
        }
        places = size == places.length ? Arrays.copyOf(places, size * 2) : places;
        places[size] = piece * PIECE + free;
        System.arraycopy(words, from, pieces[piece], free, length);
        free += length;
        ends[piece] = free;
    }

    /** How many bytes it takes, what is made ready for more included. */
    public long bytes() {
        long words = slots.length;
        for (int i = 0; i <= piece; i++) {
            words += pieces[i].length;
        }
        return words * Long.BYTES + (long) places.length * Integer.BYTES;
    }

    /** The words among which a state lies, from {@link #first} on. */
    public long[] piece(int number) {
        return pieces[places[number] / PIECE];
    }

    public int first(int number) {
        return places[number] % PIECE;
    }

    /** How many words a state has. */
    public int length(int number) {
        int piece = places[number] / PIECE;
        boolean last = number + 1 == size || places[number + 1] / PIECE != piece;
        return (last ? ends[piece] : first(number + 1)) - first(number);
    }
}

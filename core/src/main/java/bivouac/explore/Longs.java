package bivouac.explore;

import java.util.Arrays;

/** Numbers one after the other, without an object for each; in pieces, so that growing copies nothing that is large. */
final class Longs {

    private static final int BITS = 14;
    private static final int PIECE = 1 << BITS;

    private long[][] pieces = new long[4][];
    private int size;

    void add(long number) {
        int piece = size >>> BITS;
        if ((size & PIECE - 1) == 0) {
            pieces = piece == pieces.length ? Arrays.copyOf(pieces, piece * 2) : pieces;
            pieces[piece] = pieces[piece] == null ? new long[PIECE] : pieces[piece];
        }
        pieces[piece][size++ & PIECE - 1] = number;
    }

    long get(int at) {
        return pieces[at >>> BITS][at & PIECE - 1];
    }

    void set(int at, long number) {
        pieces[at >>> BITS][at & PIECE - 1] = number;
    }

    int size() {
        return size;
    }

    void clear() {
        size = 0;
    }

    long bytes() {
        return (long) (size + PIECE) * Long.BYTES;
    }
}

package bivouac.explore;

import java.util.Arrays;

/** Numbers one after the other, without an object for each; in pieces, so that growing copies nothing that is large. */
final class Ints {

    private static final int BITS = 14;
    private static final int PIECE = 1 << BITS;

    private int[][] pieces = new int[4][];
    private int size;

    void add(int number) {
        int piece = size >>> BITS;
        if ((size & PIECE - 1) == 0) {
            pieces = piece == pieces.length ? Arrays.copyOf(pieces, piece * 2) : pieces;
            pieces[piece] = pieces[piece] == null ? new int[PIECE] : pieces[piece];
        }
        pieces[piece][size++ & PIECE - 1] = number;
    }

    int get(int at) {
        return pieces[at >>> BITS][at & PIECE - 1];
    }

    void set(int at, int number) {
        pieces[at >>> BITS][at & PIECE - 1] = number;
    }

    int size() {
        return size;
    }

    void clear() {
        size = 0;
    }

    long bytes() {
        return (long) (size + PIECE) * Integer.BYTES;
    }
}

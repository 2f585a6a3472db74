package bivouac.state;

import java.util.Arrays;

/**
 * The whole of a running application, packed ({@link Layout} says how). Equal by content. Beside it, outside equality,
 * is what only the desk shows (S1).
 */
public final class State {

    private final long[] words;
    private final int[] beside;
    /** 0 until asked for. */
    private int hash;

    State(long[] words, int[] beside) {
        this.words = words;
        this.beside = beside;
    }

    long[] words() {
        return words;
    }

    int[] beside() {
        return beside;
    }

    /** How many bytes it takes, without what stands beside it; for figures. */
    public int size() {
        return words.length * Long.BYTES;
    }

    /** This state with one instance on top; equal to this one. */
    public State raising(int instance) {
        return new State(words, Beside.raising(beside, instance));
    }

    /** Whether it is packed into these words, of which so many count. */
    public boolean isPacked(long[] others, int length) {
        return Arrays.equals(words, 0, words.length, others, 0, length);
    }

    /** A well-mixed number for so many words, the same for the same words. */
    static long mixed(long[] words, int from, int length) {
        long h = 0x9E3779B97F4A7C15L;
        for (int i = from; i < from + length; i++) {
            h = Hashing.mix(h, words[i]);
        }
        return h ^ h >>> 32;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof State s && Arrays.equals(s.words, words);
    }

    @Override
    public int hashCode() {
        if (hash == 0) {
            hash = (int) mixed(words, 0, words.length);
        }
        return hash;
    }
}

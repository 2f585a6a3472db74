package bivouac.state;

import java.util.Arrays;

/** Numbers of given widths, one after the other in words of 64 bits; reads them, or writes them. */
final class Bits {

    private long[] words;
    private int at;
    private boolean reading;

    Bits() {
        words = new long[8];
    }

    /** Reads from the word at {@code from} on. */
    void read(long[] of, int from) {
        words = of;
        at = from << 6;
        reading = true;
    }

    /** Begins to write, into words of its own that are used again and again. */
    void write(long[] into) {
        words = into;
        at = 0;
        reading = false;
        words[0] = 0;
    }

    boolean isReading() {
        return reading;
    }

    /** As many words as were written. */
    int length() {
        return Math.max(1, (at + 63) >> 6);
    }

    /** The words, of which the first {@link #length} are written. */
    long[] words() {
        return words;
    }

    /** Passes a number: reading answers what is stored, writing stores {@code value}, which fits into {@code width}. */
    int bits(int value, int width) {
        if (width == 0) {
            return 0;
        }
        int word = at >> 6;
        int shift = at & 63;
        at += width;
        return reading ? read(word, shift, width) : write(value, word, shift, width);
    }

    private int read(int word, int shift, int width) {
        long found = words[word] >>> shift;
        if (shift + width > 64) {
            found |= words[word + 1] << (64 - shift);
        }
        return (int) (found & ((1L << width) - 1));
    }

    private int write(int value, int word, int shift, int width) {
        if (value < 0 || width < 31 && value >>> width != 0) {
            throw new IllegalStateException(value + " does not fit into " + width + " bits");
        }
        if (word + 2 > words.length) {
            words = Arrays.copyOf(words, words.length * 2);
        }
        if (shift == 0) {
            words[word] = 0;
        }
        words[word] |= (long) value << shift;
        if (shift + width > 64) {
            words[word + 1] = (long) value >>> (64 - shift);
        }
        return value;
    }

    boolean flag(boolean value) {
        return bits(value ? 1 : 0, 1) == 1;
    }

    /** One more than the greatest of so many different numbers needs as many bits. */
    static int width(int count) {
        return count <= 1 ? 0 : 32 - Integer.numberOfLeadingZeros(count - 1);
    }
}

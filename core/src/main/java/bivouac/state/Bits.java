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

    /** Reads from a bit of the word at {@code from} on. */
    void read(long[] of, int from, int bit) {
        words = of;
        at = (from << 6) + bit;
        reading = true;
    }

    /** Begins to write at a bit; what stands before it is there already. */
    void write(long[] into, int bit) {
        words = into;
        at = bit;
        reading = false;
    }

    boolean isReading() {
        return reading;
    }

    /** As many words as were written. */
    int length() {
        return words(at);
    }

    /** As many words as so many bits need. */
    static int words(int bits) {
        return bits + 63 >> 6;
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
        if (reading) {
            long found = words[word] >>> shift;
            if (shift + width > 64) {
                found |= words[word + 1] << (64 - shift);
            }
            return (int) (found & (1L << width) - 1);
        }
        write(value, word, shift, width);
        return value;
    }

    private void write(int value, int word, int shift, int width) {
        if (value >>> width != 0) {
            throw new IllegalStateException(value + " does not fit into " + width + " bits");
        }
        if (shift == 0) {
            begin(word);
        }
        words[word] |= (long) value << shift;
        if (shift + width > 64) {
            begin(word + 1);
            words[word + 1] = (long) value >>> (64 - shift);
        }
    }

    private void begin(int word) {
        if (word == words.length) {
            words = Arrays.copyOf(words, word * 2);
        }
        words[word] = 0;
    }

    /** The same for a yes or no. */
    boolean flag(boolean value) {
        int word = at >> 6;
        int shift = at & 63;
        at++;
        if (reading) {
            return (words[word] >>> shift & 1) != 0;
        }
        if (shift == 0) {
            begin(word);
        }
        if (value) {
            words[word] |= 1L << shift;
        }
        return value;
    }

    /** One more than the greatest of so many different numbers needs as many bits. */
    static int width(int count) {
        return count <= 1 ? 0 : 32 - Integer.numberOfLeadingZeros(count - 1);
    }
}

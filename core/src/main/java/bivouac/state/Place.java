package bivouac.state;

/** Bits that stand at the same place in every tight state; never in two words. */
record Place(int word, int shift, int width) {

    /** The first place for so many bits that does not lie before a bit; that of none is anywhere. */
    static Place at(int bit, int width) {
        if (width == 0) {
            return new Place(0, 0, 0);
        }
        int first = (bit & 63) + width > 64 ? (bit | 63) + 1 : bit;
        return new Place(first >> 6, first & 63, width);
    }

    /** The first bit behind it. */
    int end() {
        return (word << 6) + shift + width;
    }

    long in(long[] words, int from) {
        return words[from + word] >>> shift & (1L << width) - 1;
    }

    /** Puts bits where none is set yet. */
    void into(long[] words, long bits) {
        words[word] |= bits << shift;
    }

    /** Sets all its bits. */
    void allInto(long[] words) {
        words[word] |= bits();
    }

    /** Clears all its bits. */
    void outOf(long[] words) {
        words[word] &= ~bits();
    }

    private long bits() {
        return (1L << width) - 1 << shift;
    }

    /** Some of its bits, from one of them on. */
    Place part(int from, int count) {
        return new Place(word, shift + from, count);
    }
}

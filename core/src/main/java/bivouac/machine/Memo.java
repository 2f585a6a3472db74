package bivouac.machine;

import bivouac.state.Hashing;
import java.util.Arrays;

/**
 * Answers, by the question and by those bits of a state on which they depend: an open-addressing table over numbers that
 * lie one behind the other. When it has grown too large it forgets all of them, and begins again. Serves one thread.
 */
final class Memo {

    /** So many numbers are kept at the most. */
    private static final int LARGEST = 1 << 22;

    /** The part of the memory there is that they may take. */
    private static final int PART = 64;

    /** A key, or an answer, of more numbers is not kept. */
    private static final int LONGEST = 1 << 15;

    /** So much of the table is in use at the most, in percent. */
    private static final int FULL = 60;

    private static final int BITS = 16;
    private static final int MASK = (1 << BITS) - 1;

    /** What {@link #find} answers where nothing is known. */
    static final int UNKNOWN = -1;

    private final int largest;
    /** Of each entry the question with both lengths, the key, and the answer. */
    private long[] data = new long[1 << 10];

    /** Nothing begins at 0. */
    private int used = 1;

    /** In the upper half of a slot the hash of an entry, in the lower where it begins; 0 for a free one. */
    private long[] slots = new long[1 << 8];

    private int size;

    Memo() {
        this(Math.clamp(Runtime.getRuntime().maxMemory() / Long.BYTES / PART, 1 << 12, LARGEST));
    }

    /** @param largest so many numbers are kept at the most */
    Memo(int largest) {
        this.largest = largest;
    }

    /** Where the answer to a question begins in {@link #data}, for the state of which the words begin at {@code first}. */
    int find(int question, long[] mask, long[] words, int first, int length) {
        int slot = slot(hash(question, mask, words, first, length), question, mask, words, first, length);
        return slots[slot] == 0 ? UNKNOWN : (int) slots[slot] + 1 + length;
    }

    /** Keeps an answer that is not known yet. */
    void put(int question, long[] mask, long[] words, int first, int length, long[] answer, int answerLength) {
        if (length > LONGEST || answerLength > LONGEST || length + answerLength + 2 > largest) {
            return;
        }
        room(1 + length + answerLength);
        long hash = hash(question, mask, words, first, length);
        slots[slot(hash, question, mask, words, first, length)] = hash & 0xFFFFFFFF00000000L | used;
        data[used] = header(question, length) | answerLength;
        for (int i = 0; i < length; i++) {
            data[used + 1 + i] = masked(mask, words, first, i);
        }
        System.arraycopy(answer, 0, data, used + 1 + length, answerLength);
        used += 1 + length + answerLength;
        size++;
    }

    long[] data() {
        return data;
    }

    /** How many numbers an answer has that begins at a place, for a state of so many words. */
    int answerLength(int at, int length) {
        return (int) data[at - 1 - length] & MASK;
    }

    /** How many answers it knows. */
    int size() {
        return size;
    }

    private void room(int more) {
        if (used + more > largest) {
            used = 1;
            size = 0;
            Arrays.fill(slots, 0);
        }
        if (used + more > data.length) {
            data = Arrays.copyOf(data, Math.min(largest, Math.max(data.length * 2, used + more)));
        }
        if (size + 1 > (long) slots.length * FULL / 100) {
            slots = Hashing.doubled(slots);
        }
    }

    private int slot(long hash, int question, long[] mask, long[] words, int first, int length) {
        int last = slots.length - 1;
        int slot = (int) (hash >>> Integer.SIZE) & last;
        while (slots[slot] != 0) {
            if ((slots[slot] ^ hash) >>> Integer.SIZE == 0
                    && isAt((int) slots[slot], question, mask, words, first, length)) {
                return slot;
            }
            slot = slot + 1 & last;
        }
        return slot;
    }

    private boolean isAt(int entry, int question, long[] mask, long[] words, int first, int length) {
        if ((data[entry] & ~MASK) != header(question, length)) {
            return false;
        }
        for (int i = 0; i < length; i++) {
            if (data[entry + 1 + i] != masked(mask, words, first, i)) {
                return false;
            }
        }
        return true;
    }

    private static long header(int question, int length) {
        return (long) question << Integer.SIZE | (long) length << BITS;
    }

    private static long masked(long[] mask, long[] words, int first, int i) {
        return i < mask.length ? words[first + i] & mask[i] : words[first + i];
    }

    private static long hash(int question, long[] mask, long[] words, int first, int length) {
        long h = question * 0x9E3779B97F4A7C15L;
        for (int i = 0; i < length; i++) {
            h = Hashing.mix(h, masked(mask, words, first, i));
        }
        return h ^ h << Integer.SIZE;
    }
}

package bivouac.state;

import bivouac.plan.Program;
import java.util.Arrays;

/**
 * Which slots of windows, and which variables of the application, were looked at or changed. Two situations that agree in
 * those, and in everything but slots and variables, go on in the same way.
 */
public final class Touched {

    /** A bit for each slot of each window, then one for each variable. */
    private final long[] bits;

    /** By window: the bit of its first slot; then that of the first variable. */
    private final int[] firsts;

    Touched(Program program) {
        int windows = program.windows().size();
        this.firsts = new int[windows + 1];
        for (int i = 0; i < windows; i++) {
            firsts[i + 1] = firsts[i] + program.windows().get(i).slots();
        }
        this.bits = new long[Bits.words(firsts[windows] + program.variables().size())];
    }

    private Touched(Touched other) {
        this.firsts = other.firsts;
        this.bits = new long[other.bits.length];
    }

    /** One that nothing touches, to take over what this one holds. */
    public Touched another() {
        return new Touched(this);
    }

    /** Forgets all that was touched before. */
    public void begin() {
        Arrays.fill(bits, 0);
    }

    public void takeOver(Touched from) {
        System.arraycopy(from.bits, 0, bits, 0, bits.length);
    }

    /** The bit of a window's first slot. */
    int first(int window) {
        return firsts[window];
    }

    void touch(int bit) {
        bits[bit >> 6] |= 1L << bit;
    }

    void touch(int from, int count) {
        for (int i = from; i < from + count; i++) {
            touch(i);
        }
    }

    /** The bit of a variable of the application. */
    int ofVariable(int variable) {
        return firsts[firsts.length - 1] + variable;
    }

    boolean isTouched(int bit) {
        return (bits[bit >> 6] >>> bit & 1) != 0;
    }
}

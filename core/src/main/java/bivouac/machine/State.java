package bivouac.machine;

import java.util.Arrays;

/**
 * The whole of a running application: a vector of slots ({@link StateLayout} says which, and their ranges). Equal by
 * content. Beside it, outside equality (S1): the stacking order, and which opening of its window each instance was.
 */
public final class State {

    private final int[] slots;
    private final int[] stacking;
    private final int[] serials;
    /** 0 until asked for: the rehearsal never does, and the checker does once. */
    private int hash;

    State(int[] slots, int[] stacking, int[] serials) {
        this.slots = slots;
        this.stacking = stacking;
        this.serials = serials;
    }

    private static int mixed(int[] slots) {
        long h = 0x9E3779B97F4A7C15L;
        for (int slot : slots) {
            h = (h ^ slot) * 0xBF58476D1CE4E5B9L;
            h ^= h >>> 29;
        }
        return (int) (h ^ (h >>> 32));
    }

    int[] slots() {
        return slots;
    }

    /** Positions of the instances from the lowest to the topmost. */
    int[] stacking() {
        return stacking;
    }

    /** For each instance, the how-manieth of its window it was in this run, from 1. */
    int[] serials() {
        return serials;
    }

    /** How many slots it has; for figures. */
    public int size() {
        return slots.length;
    }

    /** This state with one instance on top; equal to this one. */
    State raising(int instance) {
        int[] order = new int[stacking.length];
        int n = 0;
        for (int i : stacking) {
            if (i != instance) {
                order[n++] = i;
            }
        }
        if (n < order.length) {
            order[n] = instance;
        }
        return new State(slots, order, serials);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof State s && Arrays.equals(s.slots, slots);
    }

    @Override
    public int hashCode() {
        if (hash == 0) {
            hash = mixed(slots);
        }
        return hash;
    }
}

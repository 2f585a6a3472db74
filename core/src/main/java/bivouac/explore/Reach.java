package bivouac.explore;

import java.util.Arrays;
import java.util.BitSet;
import java.util.function.IntPredicate;

/**
 * From which situations others can be reached by what people, tasks and time bring about: neither by the end of the
 * session nor by a kill. Takes memory and time in proportion to the steps, once for an exploration and again for each
 * question.
 */
public final class Reach {

    private final Explored explored;
    /** By situation: where the situations from which a step leads to it begin among {@link #sources}. */
    private final int[] begins;

    private final int[] sources;
    /** From where something is reached that is not known: beyond a bound, or not looked at. */
    private final BitSet unknown = new BitSet();

    public Reach(Explored explored) {
        this.explored = explored;
        this.begins = new int[explored.situations() + 1];
        int known = explored.lookedAt();
        for (int s = 0; s < known; s++) {
            for (int t = explored.begin(s); t < explored.end(s); t++) {
                int target = explored.targets.get(t);
                if (target == Batch.BEYOND) {
                    unknown.set(s);
                } else {
                    begins[target + 1]++;
                }
            }
        }
        unknown.set(known, explored.situations());
        for (int s = 0; s < explored.situations(); s++) {
            begins[s + 1] += begins[s];
        }
        this.sources = new int[begins[explored.situations()]];
        int[] next = begins.clone();
        for (int s = 0; s < known; s++) {
            for (int t = explored.begin(s); t < explored.end(s); t++) {
                int target = explored.targets.get(t);
                if (target != Batch.BEYOND) {
                    sources[next[target]++] = s;
                }
            }
        }
    }

    /** How far it is where no way is known. */
    static final int FAR = Integer.MAX_VALUE;

    /**
     * By situation that was met: how many events lead at the least to one that is meant, by what is known; 0 for itself, and
     * {@link #FAR} where none leads there.
     */
    int[] distances(IntPredicate meant) {
        int[] far = new int[begins.length - 1];
        Arrays.fill(far, FAR);
        int[] waiting = new int[Math.max(1, far.length)];
        int last = 0;
        for (int s = 0; s < explored.lookedAt(); s++) {
            if (meant.test(s)) {
                far[s] = 0;
                waiting[last++] = s;
            }
        }
        for (int next = 0; next < last; next++) {
            int target = waiting[next];
            for (int i = begins[target]; i < begins[target + 1]; i++) {
                int source = sources[i];
                if (far[source] == FAR) {
                    far[source] = far[target] + 1;
                    waiting[last++] = source;
                }
            }
        }
        return far;
    }

    /**
     * The situations from which one that is meant may be reached, itself included. What is not known counts as one that is
     * meant, so from all others certainly none is.
     */
    public BitSet mayReach(IntPredicate meant) {
        BitSet reached = (BitSet) unknown.clone();
        for (int s = 0; s < explored.lookedAt(); s++) {
            if (meant.test(s)) {
                reached.set(s);
            }
        }
        int[] waiting = new int[Math.max(16, reached.cardinality())];
        int size = 0;
        for (int s = reached.nextSetBit(0); s >= 0; s = reached.nextSetBit(s + 1)) {
            waiting[size++] = s;
        }
        while (size > 0) {
            int target = waiting[--size];
            for (int i = begins[target]; i < begins[target + 1]; i++) {
                int source = sources[i];
                if (!reached.get(source)) {
                    reached.set(source);
                    waiting = size == waiting.length ? Arrays.copyOf(waiting, size * 2) : waiting;
                    waiting[size++] = source;
                }
            }
        }
        return reached;
    }
}

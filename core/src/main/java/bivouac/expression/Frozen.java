package bivouac.expression;

import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;

/**
 * The values of a list, which never change. Hash and weight are known at once, whatever is shared inside: a list of
 * lists of the same list may stand for more values than there are atoms.
 */
final class Frozen extends AbstractList<Value> implements RandomAccess {

    /** Heavier than every limit, and far from overflowing. */
    private static final long HEAVIEST = Long.MAX_VALUE / 4;

    private final Value[] values;
    private final int hash;
    private final long weight;

    private Frozen(Value[] values) {
        this.values = values;
        int h = 1;
        long w = 1;
        for (Value value : values) {
            h = 31 * h + value.hashCode();
            w = Math.min(HEAVIEST, w + value.weight());
        }
        this.hash = h;
        this.weight = w;
    }

    static Frozen of(List<Value> values) {
        return values instanceof Frozen frozen ? frozen : new Frozen(values.toArray(Value[]::new));
    }

    /** How much it holds, in units of {@link Budget}. */
    long weight() {
        return weight;
    }

    @Override
    public Value get(int index) {
        return values[index];
    }

    @Override
    public int size() {
        return values.length;
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Frozen frozen
                        && frozen.hash == hash
                        && frozen.weight == weight
                        && java.util.Arrays.equals(frozen.values, values);
    }

    @Override
    public int hashCode() {
        return hash;
    }
}

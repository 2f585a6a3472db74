package bivouac.state;

import bivouac.expression.Value;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The values that one run or one search has met, each as a small number. <em>No value</em>, no and yes have the first
 * numbers, then come those that are written down in the program; the others are numbered as they are met, so that two
 * states are equal exactly if their numbers are. Safe for several threads; a value that is known is found without a lock.
 */
public final class Values {

    public static final int NONE = 0;
    public static final int NO = 1;
    public static final int YES = 2;

    /** As many bits as a number needs. */
    static final int WIDTH = 24;

    private static final int MOST = 1 << WIDTH;

    private final Map<Value, Integer> numbers = new ConcurrentHashMap<>();
    private volatile Value[] values = new Value[64];
    private int size;

    /** @param constants that get the first numbers free, in their order */
    public Values(List<Value> constants) {
        number(Value.NONE);
        number(Value.NO);
        number(Value.YES);
        constants.forEach(this::number);
    }

    public int number(Value value) {
        if (value instanceof Value.YesNo(boolean yes) && size > YES) {
            return yes ? YES : NO;
        }
        Integer known = numbers.get(value);
        return known != null ? known : add(value);
    }

    private synchronized int add(Value value) {
        Integer known = numbers.get(value);
        if (known != null) {
            return known;
        }
        if (size == MOST) {
            throw new IllegalStateException("More than " + MOST + " different values in one run");
        }
        Value[] to = size == values.length ? Arrays.copyOf(values, size * 2) : values;
        to[size] = value;
        values = to;
        numbers.put(value, size);
        return size++;
    }

    public Value value(int number) {
        return values[number];
    }
}

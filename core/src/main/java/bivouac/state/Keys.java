package bivouac.state;

import bivouac.expression.Value;

/** The order of the instances of a window that is open once for each key (O3, D2). */
public final class Keys {

    private Keys() {}

    /** Orders two instances of one window by their keys, as people would; 0 where it has none. */
    public static int compare(Inst a, Inst b) {
        int key = a.plan.keySlot();
        return key < 0 ? 0 : compare(a.value(key), b.value(key));
    }

    private static int compare(Value a, Value b) {
        if (a instanceof Value.Whole(long x) && b instanceof Value.Whole(long y)) {
            return Long.compare(x, y);
        }
        if (a instanceof Value.Number(double x) && b instanceof Value.Number(double y)) {
            return Double.compare(x, y);
        }
        return a.shown().compareTo(b.shown());
    }
}

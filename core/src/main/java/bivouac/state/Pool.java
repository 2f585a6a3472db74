package bivouac.state;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntFunction;

/** Things of several kinds that are made once and taken again and again, until all are given back at once. */
final class Pool<T> {

    private final List<List<T>> made;
    /** By kind: how many are taken. */
    private final int[] taken;
    /** The kinds of which any is taken, and how many kinds that are. */
    private final int[] kinds;

    private int count;
    private final int[] saved;
    private int savedCount;
    private final IntFunction<T> maker;

    /** @param kinds how many there are */
    Pool(int kinds, IntFunction<T> maker) {
        this.made = new ArrayList<>(Collections.nCopies(kinds, List.of()));
        this.taken = new int[kinds];
        this.kinds = new int[kinds];
        this.saved = new int[kinds];
        this.maker = maker;
    }

    T take(int kind) {
        int at = taken[kind]++;
        if (at == 0) {
            kinds[count++] = kind;
        }
        List<T> all = made.get(kind);
        return at < all.size() ? all.get(at) : make(kind, all);
    }

    private T make(int kind, List<T> known) {
        List<T> all = known;
        if (known.isEmpty()) {
            all = new ArrayList<>(1);
            made.set(kind, all);
        }
        T one = maker.apply(kind);
        all.add(one);
        return one;
    }

    /** Remembers what is taken now. */
    void save() {
        savedCount = count;
        for (int i = 0; i < count; i++) {
            saved[i] = taken[kinds[i]];
        }
    }

    /** What was taken since it was saved is given back. */
    void restore() {
        for (int i = 0; i < count; i++) {
            taken[kinds[i]] = i < savedCount ? saved[i] : 0;
        }
        count = savedCount;
    }

    /** All are given back. */
    void clear() {
        for (int i = 0; i < count; i++) {
            taken[kinds[i]] = 0;
        }
        count = 0;
    }
}

package bivouac.machine;

import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.ReentrantReadWriteLock;

/**
 * The values of a program's states, each as a small number. Number 0 is <em>no value</em>. Numbers are given in the
 * order in which values are first met, so two states of one program are equal exactly if their numbers are. Safe for
 * several threads.
 */
final class Values {

    /** One more than the greatest number, and so the range of a slot that holds a value. */
    static final int RANGE = 1 << 24;

    private final List<Value> values = new ArrayList<>();
    private final Map<Value, Integer> numbers = new HashMap<>();
    private final ReentrantReadWriteLock lock = new ReentrantReadWriteLock();

    Values() {
        number(Value.NONE);
    }

    int number(Value value) {
        lock.readLock().lock();
        try {
            Integer known = numbers.get(value);
            if (known != null) {
                return known;
            }
        } finally {
            lock.readLock().unlock();
        }
        lock.writeLock().lock();
        try {
            Integer known = numbers.putIfAbsent(value, values.size());
            if (known != null) {
                return known;
            }
            if (values.size() == RANGE) {
                throw new IllegalStateException("More than " + RANGE + " different values in one program");
            }
            values.add(value);
            return values.size() - 1;
        } finally {
            lock.writeLock().unlock();
        }
    }

    Value value(int number) {
        lock.readLock().lock();
        try {
            return values.get(number);
        } finally {
            lock.readLock().unlock();
        }
    }
}

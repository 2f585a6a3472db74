package bivouac.machine;

import java.util.Arrays;

/** Events as numbers, one after the other; used again and again. */
final class EventList {

    private long[] events = new long[64];
    private int size;

    void clear() {
        size = 0;
    }

    void add(long event) {
        if (size == events.length) {
            events = Arrays.copyOf(events, size * 2);
        }
        events[size++] = event;
    }

    void add(NumberedEvent.Kind kind, int instance, int part, int item) {
        add(NumberedEvent.of(kind, instance, part, item));
    }

    int size() {
        return size;
    }

    long get(int at) {
        return events[at];
    }
}

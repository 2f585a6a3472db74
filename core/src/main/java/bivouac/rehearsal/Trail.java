package bivouac.rehearsal;

import java.util.List;

/**
 * A way that was gone: every moment from the start, and what a person calls it.
 *
 * @param name empty where none was given
 */
public record Trail(String name, List<Moment> moments) {

    public Trail {
        moments = List.copyOf(moments);
    }

    Trail named(String other) {
        return new Trail(other, moments);
    }

    int size() {
        return moments.size();
    }

    /** The events that led to its end. */
    List<NamedEvent> events() {
        return moments.subList(1, moments.size()).stream()
                .map(m -> m.event().orElseThrow())
                .toList();
    }

    /** Whether its first {@code size} moments have the events of another's. */
    boolean begins(Trail with, int size) {
        if (size() < size) {
            return false;
        }
        // moments are shared between trails, so mostly this is one look at each
        for (int i = size - 1; i > 0; i--) {
            if (moments.get(i) != with.moments.get(i)
                    && !moments.get(i).event().equals(with.moments.get(i).event())) {
                return false;
            }
        }
        return true;
    }
}

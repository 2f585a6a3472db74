package bivouac.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The other ways that were gone: whole trails from the start, each left when the person went another way at an earlier
 * moment, or began again. Nothing that was acted out is lost. Trails are compared by their events, which is what a
 * person sees of them.
 */
record Ways(List<List<Moment>> others) {

    static final Ways NONE = new Ways(List.of());

    Ways {
        others = List.copyOf(others);
    }

    /** With a trail that is left now; one that another goes on from, or that holds nothing, is not kept twice. */
    Ways leaving(List<Moment> left) {
        if (left.size() < 2 || others.stream().anyMatch(o -> begins(o, left, left.size()))) {
            return this;
        }
        var all = new ArrayList<>(others);
        all.removeIf(o -> begins(left, o, o.size()));
        all.add(left);
        return new Ways(all);
    }

    /** Without a trail that is gone again. */
    Ways without(List<Moment> trail) {
        return new Ways(others.stream().filter(o -> o != trail).toList());
    }

    /** The other trails that are the same up to a moment and go on from there. */
    List<List<Moment>> from(List<Moment> trail, int moment) {
        return others.stream()
                .filter(o -> o.size() > moment + 1 && begins(o, trail, moment + 1))
                .toList();
    }

    /** Another trail that goes on from a moment with an event, if one does. */
    Optional<List<Moment>> from(List<Moment> trail, int moment, NamedEvent event) {
        return from(trail, moment).stream()
                .filter(o -> o.get(moment + 1).event().equals(Optional.of(event)))
                .findFirst();
    }

    /** Whether a trail begins with the first {@code size} moments of another. */
    private static boolean begins(List<Moment> trail, List<Moment> with, int size) {
        if (trail.size() < size) {
            return false;
        }
        // moments are shared between trails, so mostly this is one look at each
        for (int i = size - 1; i > 0; i--) {
            if (trail.get(i) != with.get(i)
                    && !trail.get(i).event().equals(with.get(i).event())) {
                return false;
            }
        }
        return true;
    }
}

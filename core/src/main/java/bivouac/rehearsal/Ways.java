package bivouac.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The other ways that were gone: whole trails from the start, each left when the person went another way at an earlier
 * moment, or began again. Nothing that was acted out is lost. Trails are compared by their events, which is what a
 * person sees of them.
 */
record Ways(List<Trail> others) {

    static final Ways NONE = new Ways(List.of());

    Ways {
        others = List.copyOf(others);
    }

    /** With a trail that is left now; one that another goes on from, or that holds nothing, is not kept twice. */
    Ways leaving(Trail left) {
        if (left.size() < 2 || others.stream().anyMatch(o -> o.begins(left, left.size()))) {
            return this;
        }
        var all = new ArrayList<>(others);
        all.removeIf(o -> left.begins(o, o.size()));
        all.add(left);
        return new Ways(all);
    }

    /** Without a trail that is gone again. */
    Ways without(Trail trail) {
        return new Ways(
                others.stream().filter(o -> o.moments() != trail.moments()).toList());
    }

    /** The other trails that are the same up to a moment and go on from there. */
    List<Trail> from(Trail trail, int moment) {
        return others.stream()
                .filter(o -> o.size() > moment + 1 && o.begins(trail, moment + 1))
                .toList();
    }

    /** Another trail that goes on from a moment with an event, if one does. */
    Optional<Trail> from(Trail trail, int moment, NamedEvent event) {
        return from(trail, moment).stream()
                .filter(o -> o.moments().get(moment + 1).event().equals(Optional.of(event)))
                .findFirst();
    }

    /** With another name for one of them. */
    Ways naming(Trail trail, String name) {
        return new Ways(others.stream()
                .map(o -> o.moments() == trail.moments() ? o.named(name) : o)
                .toList());
    }
}

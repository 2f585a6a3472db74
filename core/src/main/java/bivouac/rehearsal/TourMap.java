package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.machine.Alike;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.state.State;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * All situations that a person can get into from the start, and what each event meets of what is missing. Those that differ
 * only in what nothing depends on count as one, and what grows for ever is followed as far as an exploration follows it
 * ({@link Alike}). Events with a fault are left out, and so are kills and the end of the session, as {@link Search} does.
 */
final class TourMap {

    /**
     * An event that leads on.
     *
     * @param to the number of the situation after it
     * @param meets numbers of what is missing
     */
    record Way(Event event, int to, BitSet meets) {}

    private static final BitSet NOTHING = new BitSet();

    private final Alike alike;
    private final Machine machine;
    private final Design design;
    private final Search search;
    private final List<Coverable> missing;
    private final Map<Coverable, Integer> numbers = new HashMap<>();
    private final Map<Alike.Key, Integer> known = new HashMap<>();
    private final List<State> states = new ArrayList<>();
    private final List<List<Way>> ways = new ArrayList<>();

    private boolean isBounded;

    private TourMap(Alike alike, Search search, List<Coverable> missing) {
        this.alike = alike;
        this.machine = alike.machine();
        this.design = machine.program().design();
        this.search = search;
        this.missing = missing;
        missing.forEach(c -> numbers.put(c, numbers.size()));
    }

    /** The map from a start; empty if it has more than {@code most} situations, or is stopped. */
    static Optional<TourMap> of(
            Alike alike, Search search, State start, List<Coverable> missing, int most, BooleanSupplier stopped) {
        var map = new TourMap(alike, search, missing);
        map.number(start);
        for (int at = 0; at < map.states.size(); at++) {
            if (map.states.size() > most || stopped.getAsBoolean()) {
                return Optional.empty();
            }
            map.ways.add(map.from(map.states.get(at)));
        }
        return Optional.of(map);
    }

    /** The number of a situation; none for one that is not followed. */
    private Optional<Integer> number(State state) {
        return alike.key(state).map(key -> {
            Integer there = known.putIfAbsent(key, states.size());
            if (there == null) {
                states.add(state);
            }
            return there == null ? states.size() - 1 : there;
        });
    }

    private List<Way> from(State state) {
        Scene scene = machine.scene(state);
        var all = new ArrayList<Way>();
        for (Event event : search.tried(state, scene)) {
            var seen = new ArrayList<Sighting>();
            State next = machine.step(state, event, seen::add);
            if (seen.stream().anyMatch(Sighting.Faulted.class::isInstance)) {
                continue;
            }
            Optional<Integer> to = number(next);
            isBounded |= to.isEmpty();
            to.ifPresent(number -> all.add(new Way(event, number, meets(EventNames.name(scene, event), seen))));
        }
        return all;
    }

    private BitSet meets(NamedEvent event, List<Sighting> seen) {
        Set<Coverable> met = new HashSet<>();
        Covered.into(met, design, Optional.of(event), seen);
        BitSet bits = NOTHING;
        for (Coverable one : met) {
            Integer number = numbers.get(one);
            if (number != null) {
                bits = bits == NOTHING ? new BitSet() : bits;
                bits.set(number);
            }
        }
        return bits;
    }

    /** Whether something was not followed, since it had grown too far. */
    boolean isBounded() {
        return isBounded;
    }

    int size() {
        return states.size();
    }

    /** What can be done in a situation; the start is number 0. */
    List<Way> ways(int situation) {
        return ways.get(situation);
    }
}

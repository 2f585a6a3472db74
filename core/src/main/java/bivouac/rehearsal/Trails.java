package bivouac.rehearsal;

import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.state.State;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Events of the machine, one after the other from the start, as a person names them. */
public final class Trails {

    private Trails() {}

    /** The names of events that are possible one after the other; {@link IllegalArgumentException} where one is not. */
    public static List<NamedEvent> named(Machine machine, LocalDate today, List<Event> events) {
        var names = new ArrayList<NamedEvent>();
        State state = machine.start(today, s -> {});
        for (Event event : events) {
            names.add(EventNames.name(machine.scene(state), event));
            state = machine.step(state, event);
        }
        return List.copyOf(names);
    }

    /** What the last event of a trail did: what was there before, what was seen, and what is there after. */
    public record Last(Scene before, List<Sighting> seen, Scene after) {
        public Last {
            seen = List.copyOf(seen);
        }
    }

    /** Plays events that are possible one after the other, of which there is one at least. */
    public static Last last(Machine machine, LocalDate today, List<Event> events) {
        State state = after(machine, today, events.subList(0, events.size() - 1));
        var seen = new ArrayList<Sighting>();
        State after = machine.step(state, events.getLast(), seen::add);
        return new Last(machine.scene(state), seen, machine.scene(after));
    }

    /** What is seen after some events that are possible one after the other. */
    public static Scene scene(Machine machine, LocalDate today, List<Event> events) {
        return machine.scene(after(machine, today, events));
    }

    private static State after(Machine machine, LocalDate today, List<Event> events) {
        State state = machine.start(today, s -> {});
        for (Event event : events) {
            state = machine.step(state, event);
        }
        return state;
    }

    /** The same as lines of a walkthrough. */
    public static List<String> lines(Machine machine, LocalDate today, List<Event> events) {
        return Walk.lines(named(machine, today, events), Map.of());
    }
}

package bivouac.rehearsal;

import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Sighting;
import bivouac.state.State;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A point of a trail: what happened, what was seen, and the state after it.
 *
 * @param event none for the start
 */
public record Moment(Optional<NamedEvent> event, List<Sighting> seen, State state) {
    public Moment {
        seen = List.copyOf(seen);
    }

    /** The moment after the start script (O1). */
    static Moment start(Machine machine, LocalDate today) {
        var seen = new ArrayList<Sighting>();
        State state = machine.start(today, seen::add);
        return new Moment(Optional.empty(), seen, state);
    }

    /** The moment after an event that is possible in this one. */
    Moment after(Machine machine, Event event, NamedEvent name) {
        var seen = new ArrayList<Sighting>();
        State next = machine.step(state, event, seen::add);
        return new Moment(Optional.of(name), seen, next);
    }
}

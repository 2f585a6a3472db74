package bivouac.rehearsal;

import bivouac.machine.Event;
import bivouac.machine.Machine;
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

    /** The same as lines of a walkthrough. */
    public static List<String> lines(Machine machine, LocalDate today, List<Event> events) {
        return Walk.lines(named(machine, today, events), Map.of());
    }
}

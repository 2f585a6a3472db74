package bivouac.rehearsal;

import bivouac.machine.Sighting;
import bivouac.machine.State;
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
}

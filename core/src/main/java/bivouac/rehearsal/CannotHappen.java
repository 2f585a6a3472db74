package bivouac.rehearsal;

import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** An event is not possible: the close box of a blocked window does nothing. */
public record CannotHappen(NamedEvent event) implements Expectation {

    @Override
    public Optional<String> unmet(Scene scene, List<Sighting> seen, Predicate<NamedEvent> can) {
        return can.test(event) ? Optional.of("it can happen") : Optional.empty();
    }

    @Override
    public String toString() {
        return "see cannot " + event;
    }
}

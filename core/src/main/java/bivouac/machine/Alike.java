package bivouac.machine;

import bivouac.plan.Deciding;
import bivouac.plan.Program;
import bivouac.state.Folding;
import bivouac.state.Layout;
import bivouac.state.State;
import bivouac.state.Walk;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A machine of whose states it can be told which count as one where every situation is looked at, and which have grown
 * beyond what is followed there. Serves one thread.
 */
public final class Alike {

    private final Machine machine;
    private final Turn turn;
    private final Walk packing;
    private final Growth growth;

    /** A state as it counts; equal for those that count as one. */
    public record Key(List<Long> words) {}

    /** For a program of which nothing else is asked than what its own conditions ask. */
    public Alike(Program program, LocalDate today) {
        Deciding deciding = Deciding.of(program, List.of());
        Layout folded = Layout.folded(program, new Folding(program, deciding));
        this.machine = new Machine(folded);
        this.turn = new Turn(machine.layout(), machine.values(), Entries.ANY);
        this.packing = new Walk(folded);
        this.growth = new Growth(program, deciding, today);
    }

    /** The machine whose states these are. */
    public Machine machine() {
        return machine;
    }

    /** As what a state counts; none for one that is not followed. */
    public Optional<Key> key(State state) {
        turn.run.begin(Optional.empty());
        turn.open(state);
        if (growth.beyond(turn.run) >= 0) {
            return Optional.empty();
        }
        int length = packing.write(turn.run);
        return Optional.of(
                new Key(Arrays.stream(packing.words(), 0, length).boxed().toList()));
    }
}

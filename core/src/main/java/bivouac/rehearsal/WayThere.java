package bivouac.rehearsal;

import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Samples;
import bivouac.state.State;
import java.util.List;
import java.util.Optional;

/**
 * How a rehearsal gets to a window: back to the last moment of the trail where it was open, else by the shortest way
 * that is found, else opened with samples. Searched breadth first over the machine itself, so a way found is a way that is possible; bounded by
 * {@link #MOST} situations, so that it takes a moment at most, and "not found" does not mean that there is none.
 */
public final class WayThere {

    /** As many situations as are looked at. */
    static final int MOST = 4_000;

    private WayThere() {}

    /** What is known of ways from the start to windows beside what is searched here. */
    public interface Known {
        /** Nothing. */
        Known NOTHING = new Known() {
            @Override
            public Optional<List<Event>> way(String window) {
                return Optional.empty();
            }

            @Override
            public boolean isAll() {
                return false;
            }
        };

        /** The shortest way to a window; empty where none is known. */
        Optional<List<Event>> way(String window);

        /** Whether there is no way that is not known. */
        boolean isAll();
    }

    /** What came of the search. {@code sentence} says how the window was reached, or why not. */
    public record Found(Optional<Rehearsal> rehearsal, String sentence) {}

    public static Found to(Rehearsal rehearsal, String window) {
        return to(rehearsal, window, Known.NOTHING);
    }

    /** The same, with what is known already of the same design on the same day. */
    public static Found to(Rehearsal rehearsal, String window, Known known) {
        for (int i = rehearsal.now(); i >= 0; i--) {
            if (isOpen(rehearsal.machine(), rehearsal.moments().get(i).state(), window)) {
                String when = i == rehearsal.now()
                        ? window + " is open now."
                        : "Back after event " + i + ", where " + window + " was open last.";
                return new Found(Optional.of(rehearsal.goTo(i)), when);
            }
        }
        Rehearsal fresh = rehearsal.again();
        Optional<List<Event>> way = known.way(window);
        if (way.isEmpty() && !known.isAll()) {
            way = shortest(fresh, window);
        }
        String none = known.isAll()
                ? "None of all situations has " + window + " open"
                : "No way to " + window + " was found among " + MOST + " situations";
        return way.map(events -> played(fresh, events, window)).orElseGet(() -> tried(fresh, window, none));
    }

    /** Where nothing is found to lead to it, it is opened by nobody. */
    private static Found tried(Rehearsal fresh, String window, String none) {
        var event = new Event.OpenWithSamples(window);
        boolean can = fresh.machine().isPossible(fresh.present().state(), event);
        return can
                ? new Found(
                        Optional.of(fresh.act(event)),
                        none + ", so it is open with samples for what it takes; nobody gets its result.")
                : new Found(Optional.empty(), none + ", and it cannot be tried out here; write a step that opens it.");
    }

    private static Found played(Rehearsal from, List<Event> events, String window) {
        Rehearsal at = from;
        for (Event event : events) {
            at = at.act(event);
        }
        return new Found(
                Optional.of(at),
                "The shortest way to " + window + ": " + (events.size() == 1 ? "1 event" : events.size() + " events")
                        + " from the start.");
    }

    private static boolean isOpen(Machine machine, State state, String window) {
        return machine.scene(state).windows().stream()
                .anyMatch(w -> !w.hidden() && w.which().window().equals(window));
    }

    private static Optional<List<Event>> shortest(Rehearsal fresh, String window) {
        Machine machine = fresh.machine();
        var worth = Samples.of(machine.program(), fresh.today());
        return new Search(machine, worth, MOST, () -> false)
                .nearest(
                        fresh.present().state(),
                        step -> !step.known() && isOpen(machine, step.after(), window)
                                ? Search.Verdict.FOUND
                                : Search.Verdict.GO_ON);
    }
}

package bivouac.rehearsal;

import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Samples;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.state.State;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Function;

/**
 * Searches breadth first over the machine, so that a way found is possible and a shortest one. What a person would try is
 * tried: anything but ending it all, and in fields what is worth typing.
 */
final class Search {

    private final Machine machine;
    private final Samples worth;
    private final int most;
    private final BooleanSupplier stopped;

    /**
     * A search over one design.
     *
     * @param most as many situations as are looked at
     * @param stopped asked now and then whether to give up
     */
    Search(Machine machine, Samples worth, int most, BooleanSupplier stopped) {
        this.machine = machine;
        this.worth = worth;
        this.most = most;
        this.stopped = stopped;
    }

    /** What a step of the search came to. */
    enum Verdict {
        FOUND,
        GO_ON,
        /** Nothing beyond it is looked at. */
        DEAD_END
    }

    /**
     * A step of the search.
     *
     * @param before what was seen before it
     * @param known whether the situation after it was met already
     */
    record Step(Scene before, Event event, List<Sighting> seen, State after, boolean known) {}

    /** How a situation was reached first. */
    private record Reached(State before, Event event) {}

    /** The shortest way from a state to a step that is found; empty if none is found in bounds. */
    Optional<List<Event>> nearest(State from, Function<Step, Verdict> look) {
        Map<State, Reached> known = new HashMap<>();
        var open = new ArrayDeque<State>();
        known.put(from, new Reached(from, new Event.StartAgain()));
        open.add(from);
        while (!open.isEmpty() && known.size() < most && !stopped.getAsBoolean()) {
            State state = open.poll();
            Scene scene = machine.scene(state);
            for (Event event : tried(state, scene)) {
                var seen = new ArrayList<Sighting>();
                State next = machine.step(state, event, seen::add);
                Verdict verdict = look.apply(new Step(scene, event, seen, next, known.containsKey(next)));
                if (verdict == Verdict.FOUND) {
                    return Optional.of(way(state, event, from, known));
                }
                if (verdict == Verdict.GO_ON && known.putIfAbsent(next, new Reached(state, event)) == null) {
                    open.add(next);
                }
            }
        }
        return Optional.empty();
    }

    private static List<Event> way(State before, Event last, State from, Map<State, Reached> known) {
        var events = new ArrayList<Event>();
        events.add(last);
        for (State at = before; !at.equals(from); at = known.get(at).before()) {
            events.addFirst(known.get(at).event());
        }
        return events;
    }

    /** What a person would try in a situation: nothing after the end, and never what ends it from outside. */
    List<Event> tried(State state, Scene scene) {
        var tried = new ArrayList<Event>();
        if (scene.ended().isPresent() || scene.killed()) {
            return tried;
        }
        for (Event event : machine.events(state)) {
            switch (event) {
                case Event.Edit edit -> tried.addAll(worth.worthTrying(scene, edit));
                case Event.TaskTells tells -> tried.addAll(worth.of(scene, tells));
                case Event.SessionEnds e -> {
                    // ends it
                }
                case Event.Killed k -> {
                    // ends it
                }
                case Event.StartAgain s -> {
                    // begins another
                }
                case Event.TaskEnds _,
                        Event.OpenWithSamples _,
                        Event.TimerFires _,
                        Event.DayPasses _,
                        Event.OpenFiles _,
                        Event.FileChanges _,
                        Event.OnWindow _ -> tried.add(event);
            }
        }
        return tried;
    }
}

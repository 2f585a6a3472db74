package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.design.Walkthrough;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Samples;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import bivouac.state.State;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Proposes few, short walkthroughs that meet what was not rehearsed yet: always on to what is missing and nearest, from
 * where the last was met; where nothing more is found, from the start again. Searched breadth first over the machine
 * itself and bounded by {@link #MOST} situations a search, so that what is left over may still be reachable.
 */
public final class Tour {

    /** As many situations as one search looks at. */
    static final int MOST = 3_000;

    /** No walkthrough of a tour is longer, so that people can follow it. */
    private static final int LONGEST = 40;

    /**
     * What was found.
     *
     * @param walkthroughs in the order in which they were found
     * @param met what they meet of what was missing
     * @param left what was found by no search, in the order of the design
     */
    public record Proposal(List<Walkthrough> walkthroughs, Set<Coverable> met, List<Coverable> left) {
        public Proposal {
            walkthroughs = List.copyOf(walkthroughs);
            met = Set.copyOf(met);
            left = List.copyOf(left);
        }
    }

    private final Design design;
    private final Machine machine;
    private final LocalDate today;
    private final Search search;
    private final BooleanSupplier stopped;
    private final Set<Coverable> todo;

    private Tour(Program program, LocalDate today, Set<Coverable> missing, BooleanSupplier stopped) {
        this.design = program.design();
        this.machine = new Machine(program);
        this.today = today;
        this.search = new Search(machine, Samples.of(program, today), MOST, stopped);
        this.stopped = stopped;
        this.todo = new LinkedHashSet<>(missing);
    }

    /** A tour of what is missing. {@code stopped} is asked now and then; what was found until then is answered. */
    public static Proposal of(Program program, LocalDate today, Covered covered, BooleanSupplier stopped) {
        var missing = new LinkedHashSet<>(covered.missing());
        var tour = new Tour(program, today, missing, stopped);
        List<Walkthrough> found = tour.search();
        var met = new HashSet<>(missing);
        met.removeAll(tour.todo);
        return new Proposal(found, met, List.copyOf(tour.todo));
    }

    private List<Walkthrough> search() {
        var found = new ArrayList<Walkthrough>();
        var seen = new ArrayList<Sighting>();
        State start = machine.start(today, seen::add);
        meet(Optional.empty(), seen);
        while (!todo.isEmpty() && !stopped.getAsBoolean()) {
            List<NamedEvent> trail = new ArrayList<>();
            State end = go(start, trail);
            if (trail.isEmpty()) {
                break;
            }
            found.add(new Walkthrough(freeName(found), today, lines(trail, end)));
        }
        return found;
    }

    /** A name that neither the design nor the tour itself has: two of one name would be kept as one. */
    private String freeName(List<Walkthrough> found) {
        var taken = Stream.concat(design.walkthroughs().stream(), found.stream())
                .map(Walkthrough::name)
                .toList();
        return IntStream.iterate(1, n -> n + 1)
                .mapToObj(n -> "tour " + n)
                .filter(n -> !taken.contains(n))
                .findFirst()
                .orElseThrow();
    }

    /** Goes on to what is nearest, until nothing more is found, the application ends, or the way is long enough. */
    private State go(State start, List<NamedEvent> trail) {
        State at = start;
        while (trail.size() < LONGEST && !todo.isEmpty() && !stopped.getAsBoolean()) {
            Optional<List<Event>> way = nearest(at);
            if (way.isEmpty()) {
                break;
            }
            for (Event event : way.get()) {
                NamedEvent name = EventNames.name(machine.scene(at), event);
                var seen = new ArrayList<Sighting>();
                at = machine.step(at, event, seen::add);
                trail.add(name);
                meet(Optional.of(name), seen);
            }
        }
        return at;
    }

    private void meet(Optional<NamedEvent> event, List<Sighting> seen) {
        Set<Coverable> met = new HashSet<>();
        Covered.into(met, design, event, seen);
        todo.removeAll(met);
    }

    /** The shortest way from a state to something that is missing and shows no fault. */
    private Optional<List<Event>> nearest(State from) {
        return search.nearest(from, step -> {
            if (step.seen().stream().anyMatch(Sighting.Faulted.class::isInstance)) {
                return Search.Verdict.DEAD_END;
            }
            Set<Coverable> met = new HashSet<>();
            Covered.into(met, design, Optional.of(EventNames.name(step.before(), step.event())), step.seen());
            return met.stream().anyMatch(todo::contains) ? Search.Verdict.FOUND : Search.Verdict.GO_ON;
        });
    }

    /** The events, and at the end which windows are open, or the exit code. */
    private List<String> lines(List<NamedEvent> trail, State end) {
        Scene scene = machine.scene(end);
        var expected = new LinkedHashSet<Expectation>();
        scene.ended().ifPresent(code -> expected.add(new Expectation.ExitCode(code)));
        scene.windows().forEach(w -> expected.add(new Expectation.Open(w.which())));
        return Walk.lines(trail, Map.of(trail.size(), expected));
    }
}

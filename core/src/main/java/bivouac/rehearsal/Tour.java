package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.design.Walkthrough;
import bivouac.machine.Alike;
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
 * Proposes few, short walkthroughs that meet what was not rehearsed yet. Where all situations are few enough to be mapped
 * ({@link TourMap}), what is left over cannot be met, and where little enough is missing the walkthroughs have the fewest
 * events that there can be ({@link ShortestTour}). Else always on to what is missing and nearest, from where the last was
 * met; where nothing more is found, from the start again: searched breadth first over the machine itself and bounded by
 * {@link #MOST} situations a search, so that what is left over may still be reachable.
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
     * @param isAll whether no way meets what is left, but for those with a fault, a kill or the end of the session
     * @param isShortest whether no walkthroughs with fewer events together meet as much
     */
    public record Proposal(
            List<Walkthrough> walkthroughs,
            Set<Coverable> met,
            List<Coverable> left,
            boolean isAll,
            boolean isShortest) {
        public Proposal {
            walkthroughs = List.copyOf(walkthroughs);
            met = Set.copyOf(met);
            left = List.copyOf(left);
        }
    }

    private final Design design;
    private final Alike alike;
    private final Machine machine;
    private final LocalDate today;
    private final Search search;
    private final BooleanSupplier stopped;
    private final Set<Coverable> wanted;
    private final Set<Coverable> todo;
    private boolean isAll;
    private boolean isShortest;

    private Tour(Program program, LocalDate today, Set<Coverable> missing, BooleanSupplier stopped) {
        this.design = program.design();
        this.alike = new Alike(program, today);
        this.machine = alike.machine();
        this.today = today;
        this.search = new Search(machine, Samples.of(program, today), MOST, stopped);
        this.stopped = stopped;
        this.wanted = Set.copyOf(missing);
        this.todo = new LinkedHashSet<>(missing);
    }

    /** A tour of what is missing. {@code stopped} is asked now and then; what was found until then is answered. */
    public static Proposal of(Program program, LocalDate today, Covered covered, BooleanSupplier stopped) {
        var missing = new LinkedHashSet<>(covered.missing());
        var tour = new Tour(program, today, missing, stopped);
        List<Walkthrough> found = tour.search();
        var met = new HashSet<>(missing);
        met.removeAll(tour.todo);
        return new Proposal(
                found, met, missing.stream().filter(tour.todo::contains).toList(), tour.isAll, tour.isShortest);
    }

    private List<Walkthrough> search() {
        var seen = new ArrayList<Sighting>();
        State start = machine.start(today, seen::add);
        meet(Optional.empty(), seen);
        List<Coverable> missing = List.copyOf(todo);
        Optional<TourMap> map = TourMap.of(alike, search, start, missing, MOST, stopped);
        Optional<ShortestTour.Found> shortest =
                map.map(ShortestTour::of).filter(found -> found.walks().stream().allMatch(w -> w.size() <= LONGEST));
        isAll = map.filter(m -> !m.isBounded()).isPresent();
        isShortest = isAll && shortest.filter(ShortestTour.Found::isWhole).isPresent();
        List<Played> all =
                attempt(start, missing, shortest.map(ShortestTour.Found::walks).orElse(List.of()));
        if (!isShortest && shortest.isPresent()) {
            Set<Coverable> left = Set.copyOf(todo);
            List<Played> greedy = attempt(start, missing, List.of());
            if (events(greedy) < events(all) && left.containsAll(todo)) {
                return named(greedy);
            }
            todo.clear();
            todo.addAll(left);
        }
        return named(all);
    }

    /** First the walks that are given, then what is nearest, for what they do not meet. */
    private List<Played> attempt(State start, List<Coverable> missing, List<List<Event>> walks) {
        todo.addAll(missing);
        List<Played> all = new ArrayList<>();
        walks.forEach(w -> all.add(played(start, w)));
        if (!isShortest) {
            greedy(start, all);
        }
        return all;
    }

    private static int events(List<Played> all) {
        return all.stream().mapToInt(p -> p.trail().size()).sum();
    }

    /** One walkthrough of the tour, as it was played. */
    private record Played(List<NamedEvent> trail, State end, Set<Coverable> met) {}

    private List<Walkthrough> named(List<Played> all) {
        var found = new ArrayList<Walkthrough>();
        all.forEach(p -> found.add(new Walkthrough(freeName(found), today, lines(p.trail(), p.end()))));
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

    private Played played(State start, List<Event> events) {
        var played = new Played(new ArrayList<>(), start, new HashSet<>());
        for (Event event : events) {
            played = after(played, event);
        }
        return played;
    }

    private Played after(Played before, Event event) {
        NamedEvent name = EventNames.name(machine.scene(before.end()), event);
        var seen = new ArrayList<Sighting>();
        State end = machine.step(before.end(), event, seen::add);
        before.trail().add(name);
        before.met().addAll(meet(Optional.of(name), seen));
        return new Played(before.trail(), end, before.met());
    }

    /** One after the other; in the end those go that meet nothing that the others do not meet. */
    private void greedy(State start, List<Played> found) {
        while (!todo.isEmpty() && !stopped.getAsBoolean()) {
            Played one = go(start);
            if (one.trail().isEmpty()) {
                break;
            }
            found.add(one);
        }
        for (Played one : List.copyOf(found)) {
            Set<Coverable> others = new HashSet<>();
            found.stream().filter(p -> p != one).forEach(p -> others.addAll(p.met()));
            if (one.met().stream().noneMatch(c -> wanted.contains(c) && !others.contains(c))) {
                found.remove(one);
            }
        }
    }

    /** Goes on to what is nearest, until nothing more is found, the application ends, or the way is long enough. */
    private Played go(State start) {
        var played = new Played(new ArrayList<>(), start, new HashSet<>());
        while (played.trail().size() < LONGEST && !todo.isEmpty() && !stopped.getAsBoolean()) {
            Optional<List<Event>> way = nearest(played.end());
            if (way.isEmpty()) {
                break;
            }
            for (Event event : way.get()) {
                played = after(played, event);
            }
        }
        return played;
    }

    private Set<Coverable> meet(Optional<NamedEvent> event, List<Sighting> seen) {
        Set<Coverable> met = new HashSet<>();
        Covered.into(met, design, event, seen);
        todo.removeAll(met);
        return met;
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

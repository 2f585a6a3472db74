package bivouac.compare;

import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Samples;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import bivouac.rehearsal.EventNames;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.TrailWords;
import bivouac.state.State;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Plays two versions of a design with the same events, breadth first over pairs of their states, so that each way on which
 * they part is a shortest one. Beyond a pair that shows other windows nothing is looked at. Takes memory in proportion to
 * the pairs, of which there are at most {@link #MOST}.
 */
final class Together {

    /** As many pairs are looked at. */
    private static final int MOST = 100_000;

    /** A step that is watched and named costs as much as so many that are only taken. */
    private static final int COST = 20;

    /** As many partings are told. */
    private static final int MOST_TOLD = 60;

    /** Which of several windows or rows an event is about. */
    private static final Pattern NUMBER = Pattern.compile(" [0-9]+");

    private final Machine before;
    private final Machine now;
    private final Samples samplesBefore;
    private final Samples samplesNow;
    private final LocalDate today;
    private final Map<Pair, Reached> known = new HashMap<>();
    private final ArrayDeque<Pair> waiting = new ArrayDeque<>();
    private final List<Parting> partings = new ArrayList<>();
    private final Set<Told> told = new HashSet<>();
    private long steps;

    private record Pair(State before, State now) {}

    /** How a pair was reached first; the start by no event. */
    private record Reached(Optional<Pair> from, String event) {}

    private record Seen(State state, List<Sighting> sightings) {}

    Together(Program before, Program now, LocalDate today) {
        this.before = new Machine(before);
        this.now = new Machine(now);
        this.samplesBefore = Samples.of(before, today);
        this.samplesNow = Samples.of(now, today);
        this.today = today;
    }

    /**
     * Looks for partings.
     *
     * @return whether all pairs were looked at
     */
    boolean play(Limits limits, Progress progress) {
        long begun = System.nanoTime();
        var seenBefore = new ArrayList<Sighting>();
        var seenNow = new ArrayList<Sighting>();
        var start = new Pair(before.start(today, seenBefore::add), now.start(today, seenNow::add));
        met(start, Optional.empty(), "", new Seen(start.before(), seenBefore), new Seen(start.now(), seenNow));
        while (!waiting.isEmpty()) {
            boolean over = System.nanoTime() - begun > limits.time().toNanos();
            if (over
                    || steps > limits.steps() / COST
                    || known.size() > MOST
                    || partings.size() >= MOST_TOLD
                    || progress.isStopped()) {
                return false;
            }
            look(waiting.poll());
            progress.at(known.size(), 0);
        }
        return true;
    }

    int pairs() {
        return known.size();
    }

    List<Parting> partings() {
        return List.copyOf(partings);
    }

    private void look(Pair pair) {
        Map<String, Event> ofBefore = events(before, pair.before(), samplesBefore);
        Map<String, Event> ofNow = events(now, pair.now(), samplesNow);
        ofNow.forEach((name, event) -> {
            Event same = ofBefore.get(name);
            if (same == null) {
                tell(
                        new Parting(
                                trail(Optional.of(pair), name), Optional.empty(), Optional.of(List.of()), List.of()),
                        event.getClass());
            } else {
                Seen then = step(before, pair.before(), same);
                Seen other = step(now, pair.now(), event);
                met(new Pair(then.state(), other.state()), Optional.of(pair), name, then, other);
            }
        });
        ofBefore.forEach((name, event) -> {
            if (!ofNow.containsKey(name)) {
                tell(
                        new Parting(
                                trail(Optional.of(pair), name), Optional.of(List.of()), Optional.empty(), List.of()),
                        event.getClass());
            }
        });
    }

    private Seen step(Machine machine, State state, Event event) {
        steps++;
        var seen = new ArrayList<Sighting>();
        State next = machine.step(state, event, seen::add);
        return new Seen(next, seen);
    }

    private void met(Pair pair, Optional<Pair> from, String event, Seen then, Seen other) {
        List<String> shownBefore = shown(then.sightings());
        List<String> shownNow = shown(other.sightings());
        if (!shownBefore.equals(shownNow)) {
            Set<String> noLonger = new TreeSet<>(asked(then.sightings()));
            noLonger.removeAll(asked(other.sightings()));
            var parting = new Parting(
                    trail(from, event),
                    Optional.of(shownBefore),
                    Optional.of(shownNow),
                    noLonger.stream().map(q -> "“" + q + "”").toList());
            tell(parting, noLonger.isEmpty() ? List.of(outline(then), outline(other)) : noLonger);
        }
        if (windows(before.scene(pair.before())).equals(windows(now.scene(pair.now())))
                && known.putIfAbsent(pair, new Reached(from, event)) == null) {
            waiting.add(pair);
        }
    }

    /** What was told already: an event by its name, and what is seen then, by what it is and not by its words. */
    private record Told(String event, Object seen) {}

    /**
     * The same at another place, or with other words in its texts, is not told again; what another event leads to from the
     * very same place is told with the first.
     */
    private void tell(Parting parting, Object seen) {
        String event = parting.trail().isEmpty() ? "" : parting.trail().getLast();
        if (!told.add(new Told(NUMBER.matcher(event).replaceAll(""), seen))) {
            return;
        }
        for (int i = 0; i < partings.size(); i++) {
            if (partings.get(i).isLike(parting)) {
                partings.set(i, partings.get(i).alsoBy(event));
                return;
            }
        }
        partings.add(parting);
    }

    /** What was seen, whatever stood in its texts. */
    private static List<Object> outline(Seen seen) {
        return seen.sightings().stream()
                .map(s -> switch (s) {
                    case Sighting.Opened(var which, boolean waits) -> List.of("opened", which.window(), waits);
                    case Sighting.Asked(var which, var title, var text) -> List.of("asked", which.window());
                    case Sighting.Closed(var which, String ending, var gives) ->
                        List.of("closed", which.window(), ending);
                    case Sighting.Noted n -> "noted";
                    case Sighting.LinkFollowed l -> "followed";
                    case Sighting.TaskStarted(String task, var takes) -> List.of("started", task);
                    case Sighting.Taken(String holding) -> List.of("taken", holding);
                    case Sighting.GivenBack(String holding) -> List.of("given back", holding);
                    case Sighting.KeptSaved k -> "saved";
                    case Sighting.Ended(long code, String saying) -> List.of("ended", code);
                    case Sighting.Faulted(var fault) -> List.of("faulted", fault.rule(), fault.where());
                    case Sighting.Explanation e -> "";
                })
                .filter(o -> !o.equals(""))
                .map(Object.class::cast)
                .toList();
    }

    private List<String> trail(Optional<Pair> from, String event) {
        var lines = new ArrayList<String>();
        if (!event.isEmpty()) {
            lines.add(event);
        }
        Optional<Pair> at = from;
        while (at.isPresent()) {
            Reached reached = known.get(at.get());
            if (!reached.event().isEmpty()) {
                lines.addFirst(reached.event());
            }
            at = reached.from();
        }
        return lines;
    }

    /** What can be done, by its name; neither a kill nor another start, after which everything begins anew. */
    private static Map<String, Event> events(Machine machine, State state, Samples samples) {
        Map<String, Event> all = new LinkedHashMap<>();
        Scene scene = machine.scene(state);
        for (Event event : machine.events(state)) {
            switch (event) {
                case Event.Killed k -> {
                    // nothing of it is to be seen
                }
                case Event.StartAgain s -> {
                    // the same as the start, but for what was kept
                }
                case Event.Edit edit -> samples.of(scene, edit).forEach(e -> all.put(name(scene, e), e));
                case Event.TaskTells tells -> samples.of(scene, tells).forEach(e -> all.put(name(scene, e), e));
                case Event.TaskEnds _,
                        Event.OpenWithSamples _,
                        Event.TimerFires _,
                        Event.DayPasses _,
                        Event.OpenFiles _,
                        Event.FileChanges _,
                        Event.SessionEnds _,
                        Event.OnWindow _ -> all.put(name(scene, event), event);
            }
        }
        return all;
    }

    private static String name(Scene scene, Event event) {
        NamedEvent named = EventNames.name(scene, event);
        return named.toString();
    }

    private static List<String> shown(List<Sighting> seen) {
        return TrailWords.everything(seen.stream()
                .filter(s -> s instanceof Sighting.Act || s instanceof Sighting.Faulted)
                .toList());
    }

    private static Set<String> asked(List<Sighting> seen) {
        return seen.stream()
                .filter(Sighting.Asked.class::isInstance)
                .map(s -> ((Sighting.Asked) s).window().window())
                .collect(Collectors.toSet());
    }

    private static Set<String> windows(Scene scene) {
        return scene.windows().stream().map(w -> w.which().toString()).collect(Collectors.toSet());
    }
}

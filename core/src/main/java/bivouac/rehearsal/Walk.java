package bivouac.rehearsal;

import bivouac.design.Walkthrough;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * A walkthrough that was played on a program.
 *
 * @param moments as far as it could be played; the start is the first
 * @param broken why it does not hold any more; empty if all was possible and seen
 */
public record Walk(Walkthrough walkthrough, List<Moment> moments, Optional<Broken> broken) {

    public Walk {
        moments = List.copyOf(moments);
    }

    /**
     * Where a walkthrough broke first.
     *
     * @param event the number of the event after which, or at which, it broke; 0 is the start
     * @param line of the walkthrough, from 0; none where the start itself broke it
     * @param expected in words
     * @param seen in words
     */
    public record Broken(int event, OptionalInt line, String expected, String seen) {
        /** One sentence. */
        public String sentence() {
            String at = event == 0 ? "At the start" : "At event " + event;
            return at + ": expected " + expected + "; seen: " + seen + ".";
        }
    }

    /** Plays a walkthrough from the start, up to where it breaks. */
    public static Walk play(Program program, Walkthrough walkthrough) {
        return new Playing(program, walkthrough).play();
    }

    /** The events of the walkthrough that can be read, in order. */
    public static List<NamedEvent> events(Walkthrough walkthrough) {
        return events(walkthrough.lines());
    }

    /** The events among such lines. */
    public static List<NamedEvent> events(List<String> lines) {
        return lines.stream()
                .filter(l -> !l.startsWith(Walkthrough.SEE))
                .flatMap(l -> TrailFile.parse(l).stream())
                .toList();
    }

    /** What has to be seen after each event, by the event's number; what cannot be read is left out. */
    public static Map<Integer, List<Expectation>> expectations(Walkthrough walkthrough) {
        var all = new HashMap<Integer, List<Expectation>>();
        int event = 0;
        for (String line : walkthrough.lines()) {
            if (line.startsWith(Walkthrough.SEE)) {
                int at = event;
                Expectations.read(line).ifPresent(e -> all.computeIfAbsent(at, n -> new ArrayList<>())
                        .add(e));
            } else {
                event++;
            }
        }
        return all;
    }

    /** The lines of a walkthrough: each event of a trail, and after it what has to be seen then. */
    public static List<String> lines(List<NamedEvent> events, Map<Integer, Set<Expectation>> ticked) {
        var lines = new ArrayList<String>();
        for (int i = 0; i <= events.size(); i++) {
            if (i > 0) {
                lines.add(events.get(i - 1).toString());
            }
            ticked.getOrDefault(i, Set.of()).forEach(e -> lines.add(e.toString()));
        }
        return List.copyOf(lines);
    }

    /** Plays on the machine itself: a scene is made only where something is looked at or named. */
    private static final class Playing {
        private final Machine machine;
        private final Walkthrough walkthrough;
        private final List<Moment> moments = new ArrayList<>();
        private Scene scene;

        Playing(Program program, Walkthrough walkthrough) {
            this.machine = new Machine(program);
            this.walkthrough = walkthrough;
        }

        Walk play() {
            become(Moment.start(machine, walkthrough.today()));
            Optional<Broken> atStart = faulted(0, OptionalInt.empty());
            if (atStart.isPresent()) {
                return new Walk(walkthrough, moments, atStart);
            }
            for (int i = 0; i < walkthrough.lines().size(); i++) {
                String line = walkthrough.lines().get(i);
                Optional<Broken> broken = line.startsWith(Walkthrough.SEE) ? look(line, i) : act(line, i);
                if (broken.isPresent()) {
                    return new Walk(walkthrough, moments, broken);
                }
            }
            return new Walk(walkthrough, moments, Optional.empty());
        }

        private void become(Moment moment) {
            moments.add(moment);
            scene = machine.scene(moment.state());
        }

        private Optional<Broken> look(String line, int number) {
            int event = moments.size() - 1;
            Optional<Expectation> expected = Expectations.read(line);
            if (expected.isEmpty()) {
                return Optional.of(new Broken(
                        event,
                        OptionalInt.of(number),
                        "something that can be looked for (" + Expectations.forms() + ")",
                        "“" + line + "”, which says nothing that is known"));
            }
            return expected.get()
                    .unmet(scene, moments.getLast().seen(), this::can)
                    .map(instead -> new Broken(
                            event, OptionalInt.of(number), line.substring(Walkthrough.SEE.length()), instead));
        }

        private boolean can(NamedEvent event) {
            return EventNames.possible(machine, moments.getLast().state(), scene, event)
                    .isPresent();
        }

        private Optional<Broken> act(String line, int number) {
            int event = moments.size();
            Optional<NamedEvent> named = TrailFile.parse(line);
            if (named.isEmpty()) {
                return Optional.of(
                        new Broken(event, OptionalInt.of(number), "an event, or see …", TrailFile.Verb.why(line)));
            }
            Moment before = moments.getLast();
            Optional<Event> possible = EventNames.possible(machine, before.state(), scene, named.get());
            if (possible.isEmpty()) {
                return Optional.of(new Broken(
                        event,
                        OptionalInt.of(number),
                        line,
                        WhyNot.of(machine.program().design(), scene, named.get())));
            }
            become(before.after(machine, possible.get(), named.get()));
            return faulted(event, OptionalInt.of(number));
        }

        /** A fault breaks a walkthrough, at the start like anywhere: nobody rehearses an uncaught error on purpose. */
        private Optional<Broken> faulted(int event, OptionalInt line) {
            return TrailWords.faults(moments.getLast().seen()).stream()
                    .findFirst()
                    .map(fault -> new Broken(event, line, "no fault", fault));
        }
    }
}

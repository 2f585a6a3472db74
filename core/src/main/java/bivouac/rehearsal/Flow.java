package bivouac.rehearsal;

import bivouac.design.Walkthrough;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Samples;
import bivouac.machine.Scene;
import bivouac.plan.Program;
import bivouac.state.State;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which windows are open together, and what leads from there to where: the situations of a design without its values. Made by
 * the machine, so that no rule is said twice: each arrangement of windows is looked at in some situations, and all
 * walkthroughs are played; what happens only in others is not in it.
 *
 * @param standings from the first one on, in the order in which they were met
 * @param changes what leads from one to another; where one event may lead to several, or leave all as it is, it is there for each
 * @param isCut whether there is more, which was not looked at
 */
public record Flow(List<Standing> standings, List<Change> changes, boolean isCut) {

    /** In so many situations each arrangement is looked at. */
    private static final int LOOKED_AT = 8;

    /** With so many arrangements it ends: nobody reads more. */
    private static final int MOST = 2_000;

    /** So many windows are looked at in all, one event after the other: some ten seconds' work. */
    private static final long MOST_WORK = 500_000;

    public Flow {
        standings = List.copyOf(standings);
        changes = List.copyOf(changes);
    }

    /**
     * Windows that are open together.
     *
     * @param windows in the order of their names
     * @param ended whether the application has ended
     */
    public record Standing(List<Open> windows, boolean ended) {
        public Standing {
            windows = List.copyOf(windows);
        }

        static Standing of(Scene scene) {
            boolean ended = scene.ended().isPresent() || scene.killed();
            return new Standing(
                    ended
                            ? List.of()
                            : scene.windows().stream()
                                    .map(w -> new Open(
                                            w.design().name().shown(),
                                            w.blockedBy().isPresent()))
                                    .sorted(Comparator.comparing(Open::window).thenComparing(Open::blocked))
                                    .toList(),
                    ended);
        }
    }

    /** @param blocked whether it is open and hears nothing */
    public record Open(String window, boolean blocked) {}

    /** @param to the number of a standing; the same as {@code from} where the event may as well leave the windows as they are */
    public record Change(int from, Happens by, int to) {}

    /**
     * What happens, without its values.
     *
     * @param on the window, or the task or the timer; empty for what happens to the application
     * @param what in words
     * @param with the part, or the answer; empty where there is none
     */
    public record Happens(String on, String what, String with) {

        /** What an event is without what is typed, chosen or picked by it. */
        public static Happens of(NamedEvent event) {
            return switch (event) {
                case NamedEvent.Pressed p -> on(p, "press");
                case NamedEvent.RowPressed p -> on(p, "press");
                case NamedEvent.Typed p -> on(p, "type");
                case NamedEvent.TextSelected p -> on(p, "select");
                case NamedEvent.Ticked p -> on(p, "tick");
                case NamedEvent.Selected p -> on(p, "select");
                case NamedEvent.RowsSelected p -> on(p, "select");
                case NamedEvent.RowActivated p -> on(p, "activate");
                case NamedEvent.RowsRemoved p -> on(p, "remove");
                case NamedEvent.Answered a -> new Happens(a.window().window(), "answer", a.ending());
                case NamedEvent.Chose c -> new Happens(c.window().window(), "choose", "");
                case NamedEvent.Picked p -> new Happens(p.window().window(), "pick", "");
                case NamedEvent.CloseBoxUsed c -> new Happens(c.window().window(), "close box", "");
                case NamedEvent.EscapePressed e -> new Happens(e.window().window(), "Escape", "");
                case NamedEvent.EnterPressed e -> new Happens(e.window().window(), "Enter", "");
                case NamedEvent.TaskEnded t -> new Happens("task " + t.task(), "ends", t.ending());
                case NamedEvent.TaskTold t -> new Happens("task " + t.task(), "tells", "");
                case NamedEvent.Cancelled c -> on(c, "cancel");
                case NamedEvent.TimerFired t -> new Happens("timer " + t.timer(), "fires", "");
                case NamedEvent.FilesOpened f -> new Happens("", "open files", "");
                case NamedEvent.FilesDropped f -> new Happens(f.window().window(), "drop files", "");
                case NamedEvent.FileTouched f ->
                    new Happens(f.window().window(), f.gone() ? "file is gone" : "file changes", "");
                case NamedEvent.DayPassed d -> new Happens("", "a day passes", "");
                case NamedEvent.OpenedWithSamples o -> new Happens(o.window(), "open with samples", "");
                case NamedEvent.SessionEnded s -> new Happens("", "session ends", "");
                case NamedEvent.ProcessKilled k -> new Happens("", "killed", "");
                case NamedEvent.StartedAgain s -> new Happens("", "start again", "");
            };
        }

        private static Happens on(NamedEvent.OnPart event, String what) {
            return new Happens(event.window().window(), what, event.part());
        }
    }

    public static Flow of(Program program, LocalDate today) {
        return new Making(program, today).make();
    }

    /** The number of the standing that a scene shows; -1 where it is none of them. */
    public int standing(Scene scene) {
        return standings.indexOf(Standing.of(scene));
    }

    /** One flow in the making. */
    private static final class Making {
        private final Machine machine;
        private final LocalDate today;
        private final Search search;
        private final List<Walkthrough> walkthroughs;
        private final Map<Standing, Integer> numbers = new LinkedHashMap<>();
        private final List<Integer> looked = new ArrayList<>();
        private final Set<Change> changes = new LinkedHashSet<>();
        private final Set<State> known = new LinkedHashSet<>();
        private final ArrayDeque<State> open = new ArrayDeque<>();
        private long work;
        private boolean cut;

        Making(Program program, LocalDate today) {
            this.machine = new Machine(program);
            this.today = today;
            this.search = new Search(machine, Samples.of(program, today), 0, () -> false);
            this.walkthroughs = program.design().walkthroughs();
        }

        Flow make() {
            meet(machine.start(today, s -> {}));
            walkthroughs.forEach(this::play);
            while (!open.isEmpty() && work < MOST_WORK) {
                lookAt(open.poll());
            }
            return new Flow(List.copyOf(numbers.keySet()), List.copyOf(changes), cut || !open.isEmpty());
        }

        private void play(Walkthrough walkthrough) {
            State before = machine.start(walkthrough.today(), s -> {});
            meet(before);
            for (NamedEvent named : Walk.events(walkthrough)) {
                Scene scene = machine.scene(before);
                var event = EventNames.possible(machine, before, scene, named);
                if (event.isEmpty() || Standing.of(scene).ended()) {
                    return;
                }
                State after = machine.step(before, event.get());
                change(scene, named, after);
                before = after;
            }
        }

        private void lookAt(State state) {
            Scene scene = machine.scene(state);
            if (Standing.of(scene).ended()) {
                return;
            }
            var tried = new ArrayList<>(search.tried(state, scene));
            machine.events(state).stream()
                    .filter(Event.SessionEnds.class::isInstance)
                    .forEach(tried::add);
            for (Event event : tried) {
                work += 1 + scene.windows().size();
                change(scene, EventNames.name(scene, event), machine.step(state, event));
            }
        }

        private void change(Scene before, NamedEvent event, State after) {
            Integer from = numbers.get(Standing.of(before));
            int to = meet(after);
            if (from != null && to >= 0 && !(event instanceof NamedEvent.ProcessKilled)) {
                changes.add(new Change(from, Happens.of(event), to));
            }
        }

        /** The number of the standing of a situation, which is looked at too where there is need; none where there are too many. */
        private int meet(State state) {
            Standing standing = Standing.of(machine.scene(state));
            Integer number = numbers.get(standing);
            if (number == null) {
                if (numbers.size() >= MOST) {
                    cut = true;
                    return -1;
                }
                number = numbers.size();
                numbers.put(standing, number);
                looked.add(0);
            }
            if (looked.get(number) < LOOKED_AT && known.add(state)) {
                looked.set(number, looked.get(number) + 1);
                open.add(state);
            }
            return number;
        }
    }
}

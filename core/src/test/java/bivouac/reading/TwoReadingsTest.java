package bivouac.reading;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import bivouac.state.State;
import bivouac.testkit.Rounds;
import bivouac.testkit.SmallDesigns;
import bivouac.testkit.WideDesigns;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The machine and a second reading of the rules, in lock step on random designs: the same acts, the same scene and the
 * same possible events, up to the first fault (E3). More, by hand: {@code mvn -q test -pl core -Dtest=TwoReadingsTest
 * -Dreadings=100000 -Dreadings.seed=5}.
 */
class TwoReadingsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private static SmallDesigns designs(boolean wide, RandomGenerator random) {
        return wide ? new WideDesigns(random) : new SmallDesigns(random);
    }

    /** @param wide with lists, keys, kept values, file dialogs and named scripts, and a kill now and then */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void both_show_the_same_event_by_event(boolean wide) {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(Rounds.seed("readings.seed"));
        int designs = Rounds.readings();
        int events = 0;
        int faults = 0;
        for (int i = 0; i < designs; i++) {
            Design design = designs(wide, random).design();
            int[] played = play(design, random, i);
            events += played[0];
            faults += played[1];
        }
        if (Rounds.areMany(designs)) {
            assertThat(events).isGreaterThan(2 * designs);
            assertThat(faults).isBetween(designs / 20, designs);
        }
    }

    /** Plays until a fault, the end, or forty events; answers how many events, and whether a fault was met. */
    private static int[] play(Design design, RandomGenerator random, int number) {
        var machine = new Machine(Program.of(design));
        var seen = new ArrayList<Sighting>();
        State state = machine.start(TODAY, seen::add);
        var second = new SecondReading(design);
        var done = new ArrayList<String>();
        for (int moment = 0; moment <= 40; moment++) {
            String as = "design " + number + " after " + done;
            if (isFaulted(machine, state, seen, second, () -> as)) {
                return new int[] {moment, 1};
            }
            Scene scene = machine.scene(state);
            List<Event> events = machine.events(state);
            List<Event> told = events.stream().filter(e -> isTold(scene, e)).toList();
            boolean kills = random.nextInt(40) == 0;
            List<Event> chosen = told.stream()
                    .filter(e -> kills || !(e instanceof Event.Killed))
                    .toList();
            if (chosen.isEmpty()) {
                return new int[] {moment, 0};
            }
            Event event = told(chosen.get(random.nextInt(chosen.size())), random);
            done.add(words(scene, event));
            seen.clear();
            state = machine.step(state, event, seen::add);
            act(second, scene, event);
        }
        return new int[] {40, 0};
    }

    /** Where events are listed, what work tells stands for anything. */
    private static Event told(Event event, RandomGenerator random) {
        return event instanceof Event.TaskTells(int place, int done, String line)
                ? new Event.TaskTells(place, random.nextInt(-20, 130), "line " + random.nextInt(3))
                : event;
    }

    /** How a situation was reached: after what, and by which event in which scene; nothing for the start. */
    private record Gone(Gone before, Scene scene, Event event) {
        void by(SecondReading second) {
            if (before != null) {
                before.by(second);
            }
            act(second, scene, event);
        }
    }

    /**
     * Not along trails but everywhere: every situation that a search over the machine meets, and every step from it, is held
     * against the second reading, which has gone the same way by itself. So a situation that is reached on two ways and
     * counts as one is one by the second reading too: it shows the same and can do the same.
     */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void both_show_the_same_in_every_situation_and_after_every_step(boolean wide) {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(Rounds.seed("readings.seed") + 1000);
        int designs = Rounds.readings() / 20;
        int steps = 0;
        int whole = 0;
        for (int i = 0; i < designs; i++) {
            int[] met = everywhere(designs(wide, random).design(), i);
            steps += met[0];
            whole += met[1];
        }
        if (Rounds.areMany(designs)) {
            assertThat(steps).isGreaterThan(20 * designs);
            assertThat(whole).as("designs that were met as a whole").isGreaterThan(designs / 4);
        }
    }

    /** As many situations of one design are gone through. */
    private static final int MOST = 60;

    /** Answers how many steps were taken, and whether no situation is left. */
    private static int[] everywhere(Design design, int number) {
        var machine = new Machine(Program.of(design));
        Map<State, Gone> ways = new HashMap<>();
        var waiting = new ArrayDeque<State>();
        var seen = new ArrayList<Sighting>();
        State start = machine.start(TODAY, seen::add);
        if (seen.stream().anyMatch(Sighting.Faulted.class::isInstance)) {
            return new int[] {0, 1};
        }
        waiting.add(start);
        int steps = 0;
        while (!waiting.isEmpty() && ways.size() < MOST) {
            State state = waiting.poll();
            Scene scene = machine.scene(state);
            for (Event event : machine.events(state)) {
                if (isTold(scene, event)) {
                    var way = new Gone(ways.get(state), scene, event);
                    Optional<State> next = step(machine, state, way, design, "design " + number);
                    steps++;
                    next.filter(n -> !n.equals(start) && ways.putIfAbsent(n, way) == null)
                            .ifPresent(waiting::add);
                }
            }
        }
        return new int[] {steps, waiting.isEmpty() ? 1 : 0};
    }

    /** One step of both; what follows, unless something went wrong. */
    private static Optional<State> step(Machine machine, State state, Gone way, Design design, String as) {
        var seen = new ArrayList<Sighting>();
        State next = machine.step(state, way.event(), seen::add);
        var second = new SecondReading(design);
        way.by(second);
        return isFaulted(machine, next, seen, second, () -> as + ", " + way) ? Optional.empty() : Optional.of(next);
    }

    /** Holds both against each other; answers whether something went wrong, after which nothing else is compared. */
    private static boolean isFaulted(
            Machine machine, State state, List<Sighting> seen, SecondReading second, Supplier<String> as) {
        boolean faulted = seen.stream().anyMatch(Sighting.Faulted.class::isInstance);
        assertThat(second.faultedNow)
                .as(() -> "a fault, " + as.get() + ": " + seen)
                .isEqualTo(faulted);
        if (faulted) {
            return true;
        }
        assertThat(second.acts).as(() -> "acts, " + as.get()).isEqualTo(acts(seen));
        Scene scene = machine.scene(state);
        assertThat(scene(second)).as(() -> "scene, " + as.get()).isEqualTo(scene(scene));
        assertThat(second.events())
                .as(() -> "possible, " + as.get())
                .isEqualTo(machine.events(state).stream()
                        .map(e -> words(scene, e))
                        .collect(Collectors.toCollection(TreeSet::new)));
        return false;
    }

    /** Of several tasks that one window runs in the background it is not told here which one ends. */
    private static boolean isTold(Scene scene, Event event) {
        return switch (event) {
            case Event.TaskEnds(int place, int outcome) -> isAlone(scene, place);
            case Event.TaskTells(int place, int done, String line) -> isAlone(scene, place);
            default -> true;
        };
    }

    private static boolean isAlone(Scene scene, int place) {
        return scene.tasks().stream()
                        .filter(t -> t.of().equals(working(scene, place).of()))
                        .count()
                == 1;
    }

    private static List<String> acts(List<Sighting> seen) {
        var acts = new ArrayList<String>();
        for (Sighting s : seen) {
            switch (s) {
                case Sighting.Opened o -> acts.add("opened " + o.window());
                case Sighting.Asked a -> acts.add("opened " + a.window());
                case Sighting.Closed c -> acts.add("closed " + c.window() + " " + c.ending());
                case Sighting.Noted n -> acts.add("note " + n.text());
                case Sighting.TaskStarted t -> acts.add("started " + t.task());
                case Sighting.Taken t -> acts.add("taken " + t.holding());
                case Sighting.GivenBack g -> acts.add("given back " + g.holding());
                case Sighting.KeptSaved k -> acts.add("saved");
                case Sighting.Ended e -> acts.add("ended " + e.code());
                default -> {
                    // an explanation
                }
            }
        }
        return acts;
    }

    private static TreeMap<String, String> scene(Scene scene) {
        var all = new TreeMap<String, String>();
        scene.windows()
                .forEach(w -> all.put(
                        w.which().toString(),
                        w.title()
                                + " "
                                + w.owner().map(Object::toString).orElse("-")
                                + (w.hidden() ? " hidden" : "")
                                + (w.blockedBy().isPresent() ? " blocked" : "")
                                + rows(w)
                                + each(w)
                                + bar(w)));
        return all;
    }

    private static String each(Scene.OpenWindow window) {
        return window.parts().stream()
                .filter(p -> !p.design().each().isOnce())
                .map(p -> " "
                        + p.each().stream()
                                .map(r -> r.text() + (r.enabled() ? "" : " disabled") + (r.ticked() ? " ticked" : ""))
                                .toList())
                .collect(Collectors.joining());
    }

    private static String each(SecondReading second, SecondReading.Win w) {
        return !(w.design instanceof FacedWindow face)
                ? ""
                : face.parts().stream()
                        .filter(p -> !p.each().isOnce())
                        .map(p -> " " + eachText(second, w, p))
                        .collect(Collectors.joining());
    }

    private static List<String> eachText(SecondReading second, SecondReading.Win w, Part part) {
        return second.each(w, part).stream()
                .map(row -> part.each() instanceof Each.OfWindows
                        ? row
                        : "(" + row + ")" + (second.isUsable(part, row) ? "" : " disabled"))
                .toList();
    }

    private static String bar(Scene.OpenWindow window) {
        return window.parts().stream()
                .filter(p -> p.design() instanceof Part.Progress)
                .map(p -> " " + p.done() + " " + p.text() + (p.cancels() ? " cancel" : ""))
                .collect(Collectors.joining());
    }

    private static String bar(SecondReading second, SecondReading.Win w) {
        return second.hasBar(w) ? " " + w.done + " " + w.line + (second.canCancel(w) ? " cancel" : "") : "";
    }

    private static String rows(Scene.OpenWindow window) {
        return window.parts().stream()
                .filter(p -> p.design() instanceof Part.ListOfRows)
                .map(p -> " "
                        + p.rows().stream().map(List::getFirst).toList() + " "
                        + p.selected().stream().findFirst().orElse(0))
                .collect(Collectors.joining());
    }

    private static TreeMap<String, String> scene(SecondReading second) {
        var all = new TreeMap<String, String>();
        second.open.forEach(w -> all.put(
                w.name(),
                w.title()
                        + " "
                        + (w.owner == null ? "-" : w.owner.name())
                        + (second.isHidden(w) ? " hidden" : "")
                        + (second.isBlocked(w) ? " blocked" : "")
                        + (second.hasRows(w) ? " " + w.rows : "")
                        + each(second, w)
                        + bar(second, w)));
        if (second.ended.isPresent()) {
            all.clear();
        }
        return all;
    }

    private static Scene.OpenWindow window(Scene scene, int instance) {
        return scene.windows().stream()
                .filter(w -> w.instance() == instance)
                .findFirst()
                .orElseThrow();
    }

    private static String name(Scene scene, int instance) {
        return window(scene, instance).which().toString();
    }

    private static String part(Scene scene, int instance, int part) {
        return window(scene, instance).parts().get(part).design().name().expression();
    }

    private static String ending(Scene scene, Event.Answer a) {
        return ((bivouac.design.MessageBox) window(scene, a.instance()).design())
                .answers()
                .get(a.answer())
                .ending();
    }

    private static Scene.Working working(Scene scene, int place) {
        return scene.tasks().stream()
                .filter(t -> t.place() == place)
                .findFirst()
                .orElseThrow();
    }

    private static String words(Scene scene, Event event) {
        return switch (event) {
            case Event.Press(int i, int part) -> "press " + name(scene, i) + " " + part(scene, i, part);
            case Event.PressRow(int i, int part, int row) ->
                "press " + row + " of " + name(scene, i) + " " + part(scene, i, part);
            case Event.Answer a -> "answer " + name(scene, a.instance()) + " " + ending(scene, a);
            case Event.CloseBox(int i) -> "close box " + name(scene, i);
            case Event.Escape(int i) -> "escape " + name(scene, i);
            case Event.TaskEnds(int place, int outcome) -> {
                Scene.Working task = working(scene, place);
                yield place < 0
                        ? "task " + task.endings().get(outcome)
                        : "background " + task.of().map(Object::toString).orElse("") + " "
                                + task.endings().get(outcome);
            }
            case Event.TaskTells(int place, int done, String line) ->
                place < 0
                        ? "task tells"
                        : "background "
                                + working(scene, place)
                                        .of()
                                        .map(Object::toString)
                                        .orElse("") + " tells";
            case Event.Cancel(int i, int part) -> "cancel " + name(scene, i);
            case Event.Choose c -> "choose " + name(scene, c.instance());
            case Event.SelectRows s -> "select " + s.rows().getFirst() + " of " + name(scene, s.instance());
            case Event.ActivateRow a -> "activate row of " + name(scene, a.instance());
            case Event.RemoveRows r -> "remove row of " + name(scene, r.instance());
            case Event.TimerFires f -> "timer clock";
            case Event.OpenFiles files -> "open files";
            case Event.DropFiles files -> "drop on " + name(scene, files.instance());
            case Event.SessionEnds s -> "session ends";
            case Event.Killed k -> "killed";
            case Event.StartAgain s -> "start again";
            default -> throw new IllegalStateException("not read: " + event);
        };
    }

    private static void act(SecondReading second, Scene scene, Event event) {
        switch (event) {
            case Event.Press(int i, int part) -> second.press(name(scene, i), part(scene, i, part));
            case Event.PressRow(int i, int part, int row) -> second.pressRow(name(scene, i), part(scene, i, part), row);
            case Event.Answer a -> second.answer(name(scene, a.instance()), ending(scene, a));
            case Event.CloseBox(int i) -> second.leave(name(scene, i));
            case Event.Escape(int i) -> second.leave(name(scene, i));
            case Event.TaskEnds(int place, int outcome) -> {
                Scene.Working task = working(scene, place);
                second.taskEnds(
                        task.of().map(Object::toString),
                        place >= 0,
                        task.endings().get(outcome));
            }
            case Event.TaskTells(int place, int done, String line) ->
                second.tells(working(scene, place).of().map(Object::toString), place >= 0, done, line);
            case Event.Cancel(int i, int part) -> second.cancel(name(scene, i));
            case Event.Choose c -> second.answer(name(scene, c.instance()), "chosen");
            case Event.SelectRows s ->
                second.select(name(scene, s.instance()), s.rows().getFirst());
            case Event.ActivateRow a -> second.activate();
            case Event.RemoveRows r -> second.removeRow(name(scene, r.instance()));
            case Event.TimerFires f -> second.timer("clock");
            case Event.OpenFiles files -> second.openFiles();
            case Event.DropFiles files -> second.drop(name(scene, files.instance()));
            case Event.SessionEnds s -> second.sessionEnds();
            case Event.Killed k -> second.kill();
            case Event.StartAgain s -> second.startAgain();
            default -> throw new IllegalStateException("not read: " + event);
        }
    }
}

package bivouac.rehearsal;

import bivouac.design.MessageBox;
import bivouac.design.ReadyMade;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.Sighting.Which;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A trail as one bar for each window, from its opening to its closing, over columns of one event each. Made once for a
 * trail; a longer trail goes on from the one before, so that each event costs what it alone shows.
 *
 * @param moments how many there are, the start included
 * @param bars in the order of opening
 * @param tasks that ran, from their start to their end
 * @param holdings from taking to giving back, in the order of taking
 */
public record Lifelines(int moments, List<Bar> bars, List<Run> tasks, List<Holding> holdings) {

    public static final Lifelines NONE = new Lifelines(0, List.of(), List.of(), List.of());

    public Lifelines {
        bars = List.copyOf(bars);
        tasks = List.copyOf(tasks);
        holdings = List.copyOf(holdings);
    }

    /**
     * The life of one instance. Times are numbers of events, 0 the start.
     *
     * @param within the number of the bar of its owner, whose script waits for it; -1 for none
     * @param opened the event in which it opened
     * @param closed the event in which it closed; -1 while it is open
     * @param waits whether its opener waits for it
     * @param handed what it was handed, as people read it: when it opened, and when it was brought back with other values
     * @param ending how it ended; empty while it is open
     * @param gives the values of its ending, as people read them; empty for none
     * @param blocked the events after which it was blocked, as stretches
     */
    public record Bar(
            Which which,
            int within,
            int opened,
            int closed,
            boolean waits,
            List<Handed> handed,
            String ending,
            String gives,
            List<Stretch> blocked) {
        public Bar {
            handed = List.copyOf(handed);
            blocked = List.copyOf(blocked);
        }

        public boolean isOpen() {
            return closed < 0;
        }

        private Bar blocked(List<Stretch> others) {
            return new Bar(which, within, opened, closed, waits, handed, ending, gives, others);
        }

        private Bar handed(List<Handed> others) {
            return new Bar(which, within, opened, closed, waits, others, ending, gives, blocked);
        }

        private Bar closed(int event, String how, String values) {
            return new Bar(which, within, opened, event, waits, handed, how, values, blocked);
        }
    }

    /** Values that went in, in an event. */
    public record Handed(int event, String values) {}

    /** From the moment after event {@code from} up to the one after event {@code to}. */
    public record Stretch(int from, int to) {}

    /** A task that ran. {@code ended} is -1 while it runs. */
    public record Run(String task, int began, int ended, String ending) {
        /** For people: its name, and how it ended. */
        public String words() {
            return ending.isEmpty() ? task : task + " → " + ending;
        }
    }

    /** Something held, as people read it. {@code givenBack} is -1 while it is held. */
    public record Holding(String what, int taken, int givenBack) {}

    /** The lifelines of a whole trail. */
    public static Lifelines of(Machine machine, List<Moment> trail) {
        return NONE.longer(machine, trail);
    }

    /** These, with the moments of a trail that come after those that are here already. */
    public Lifelines longer(Machine machine, List<Moment> trail) {
        if (trail.size() == moments) {
            return this;
        }
        var growing = new Growing(this);
        for (int i = moments; i < trail.size(); i++) {
            growing.add(machine, i, trail.get(i));
        }
        return new Lifelines(trail.size(), growing.order, growing.tasks, growing.holdings);
    }

    private static final class Growing {
        private final Map<Which, Bar> open = new LinkedHashMap<>();
        private final List<Bar> order = new ArrayList<>();
        private final List<Run> tasks;
        private final List<Holding> holdings;

        Growing(Lifelines before) {
            for (Bar bar : before.bars()) {
                order.add(bar);
                if (bar.isOpen()) {
                    open.put(bar.which(), bar);
                }
            }
            tasks = new ArrayList<>(before.tasks());
            holdings = new ArrayList<>(before.holdings());
        }

        void add(Machine machine, int event, Moment moment) {
            Scene scene = machine.scene(moment.state());
            for (Sighting s : moment.seen()) {
                switch (s) {
                    case Sighting.Closed(Which w, String ending, var gives) -> close(w, event, ending, values(gives));
                    case Sighting.TaskStarted(String task, var takes) -> tasks.add(new Run(task, event, -1, ""));
                    case Sighting.TaskEnded(String task, String ending, var gives) -> end(task, event, ending);
                    default -> {
                        // opened windows are seen in the scene; the rest has no bar
                    }
                }
            }
            for (Scene.OpenWindow window : scene.windows()) {
                if (!open.containsKey(window.which())) {
                    open(scene, window, event);
                }
                hand(window, event);
                if (window.blockedBy().isPresent()) {
                    block(window.which(), event);
                }
            }
            hold(scene, event);
            for (Which which : List.copyOf(open.keySet())) {
                boolean there = scene.windows().stream().anyMatch(w -> w.which().equals(which));
                if (!there) {
                    close(which, event, "", "");
                }
            }
        }

        private void hold(Scene scene, int event) {
            var now = new ArrayList<>(
                    scene.held().stream().map(Scene.Held::toString).toList());
            for (int i = 0; i < holdings.size(); i++) {
                Holding known = holdings.get(i);
                if (known.givenBack() < 0 && !now.remove(known.what())) {
                    holdings.set(i, new Holding(known.what(), known.taken(), event));
                }
            }
            now.forEach(what -> holdings.add(new Holding(what, event, -1)));
        }

        private void open(Scene scene, Scene.OpenWindow window, int event) {
            boolean waits = isWaitedFor(window, scene);
            int within = waits
                    ? window.owner().map(open::get).map(order::lastIndexOf).orElse(-1)
                    : -1;
            var bar = new Bar(window.which(), within, event, -1, waits, List.of(), "", "", List.of());
            open.put(window.which(), bar);
            order.add(bar);
        }

        private void hand(Scene.OpenWindow window, int event) {
            String values = handed(window);
            Bar bar = open.get(window.which());
            boolean known = bar.handed().isEmpty()
                    ? values.isEmpty()
                    : bar.handed().getLast().values().equals(values);
            if (!known) {
                var all = new ArrayList<>(bar.handed());
                all.add(new Handed(event, values));
                replace(bar.handed(all));
            }
        }

        /** A message box was handed what it says. */
        private static String handed(Scene.OpenWindow window) {
            return window.design() instanceof MessageBox ? window.text() : values(window.takes());
        }

        /** A window is waited for while it blocks another, or is one that is always waited for. */
        private static boolean isWaitedFor(Scene.OpenWindow window, Scene scene) {
            return window.design() instanceof ReadyMade
                    || scene.windows().stream()
                            .flatMap(w -> w.blockedBy().stream())
                            .anyMatch(b -> b.window().equals(Optional.of(window.which())));
        }

        private void block(Which which, int event) {
            Bar bar = open.get(which);
            var blocked = new ArrayList<>(bar.blocked());
            if (!blocked.isEmpty() && blocked.getLast().to() == event) {
                blocked.set(blocked.size() - 1, new Stretch(blocked.getLast().from(), event + 1));
            } else {
                blocked.add(new Stretch(event, event + 1));
            }
            replace(bar.blocked(blocked));
        }

        private void close(Which which, int event, String ending, String gives) {
            Bar bar = open.get(which);
            if (bar == null) {
                // opened and closed in one event: it was never to be seen
                return;
            }
            replace(bar.closed(event, ending, gives));
            open.remove(which);
        }

        private void replace(Bar bar) {
            open.put(bar.which(), bar);
            for (int i = order.size() - 1; i >= 0; i--) {
                if (order.get(i).which().equals(bar.which()) && order.get(i).opened() == bar.opened()) {
                    order.set(i, bar);
                    return;
                }
            }
        }

        private void end(String task, int event, String ending) {
            for (int i = tasks.size() - 1; i >= 0; i--) {
                if (tasks.get(i).task().equals(task) && tasks.get(i).ended() < 0) {
                    tasks.set(i, new Run(task, tasks.get(i).began(), event, ending));
                    return;
                }
            }
        }

        private static String values(List<Sighting.Named> values) {
            return values.stream().map(v -> v.name() + " " + v.value().shown()).collect(Collectors.joining(", "));
        }
    }
}

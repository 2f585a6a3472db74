package bivouac.machine;

import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.expression.Compiled;
import bivouac.expression.Value;
import bivouac.plan.Program;
import bivouac.plan.Reading;
import bivouac.state.Layout;
import bivouac.state.Situation;
import bivouac.state.State;
import bivouac.state.Values;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * The rules: from a state and an event, exactly one next state and the list of what was seen (E1). Its states belong to
 * it, since it numbers their values. It may be used by several threads. A step costs time in proportion to the open
 * windows.
 */
public final class Machine {

    private final Program program;
    private final Layout layout;
    private final Values values;
    /** Those that wait to be used again. */
    private final ConcurrentLinkedQueue<Turn> turns = new ConcurrentLinkedQueue<>();

    public Machine(Program program) {
        this.program = program;
        this.layout = Layout.of(program);
        this.values = layout.newValues();
    }

    /** One whose states can be packed as that layout of the same program has it. */
    Machine(Layout packed) {
        this.program = packed.program();
        this.layout = Layout.of(program);
        this.values = packed.newValues();
    }

    public Program program() {
        return program;
    }

    Layout layout() {
        return layout;
    }

    Values values() {
        return values;
    }

    private <T> T turn(Optional<Consumer<Sighting>> watch, Function<Turn, T> work) {
        Turn waiting = turns.poll();
        Turn turn = waiting == null ? new Turn(layout, values, Entries.ANY) : waiting;
        turn.run.begin(watch);
        T result = work.apply(turn);
        turn.run.begin(Optional.empty());
        turns.add(turn);
        return result;
    }

    /**
     * The state after the start script (O1).
     *
     * @param today what {@code app.today} is
     * @param watch told what was seen, in order
     */
    public State start(LocalDate today, Consumer<Sighting> watch) {
        return turn(Optional.of(watch), turn -> {
            turn.start(values.number(new Value.Date(today)), layout.firstFiles());
            return turn.close();
        });
    }

    /**
     * The state after an event that is possible (see {@link #isPossible}); {@link IllegalArgumentException} else.
     *
     * @param watch told what was seen, in order
     */
    public State step(State state, Event event, Consumer<Sighting> watch) {
        return step(state, event, Optional.of(watch));
    }

    /** The same, with nobody who watches. */
    public State step(State state, Event event) {
        return step(state, event, Optional.empty());
    }

    private State step(State state, Event event, Optional<Consumer<Sighting>> watch) {
        return turn(watch, turn -> {
            turn.open(state);
            if (!turn.possible.is(event)) {
                throw new IllegalArgumentException("Not possible in this state: " + event);
            }
            turn.run.begin(watch);
            turn.take(event);
            return turn.close();
        });
    }

    /** Whether these are the words of a state. */
    boolean isPacked(State state, long[] words, int length) {
        return state.isPacked(words, length);
    }

    /** The state laid open and closed again: the same, or something is not kept that should be. */
    State again(State state) {
        return turn(Optional.empty(), turn -> {
            turn.open(state);
            return turn.close();
        });
    }

    /** Every event that is possible in a state; an edit in the list stands for any text. */
    public List<Event> events(State state) {
        return turn(Optional.empty(), turn -> {
            turn.open(state);
            EventList listed = turn.events();
            var events = new ArrayList<Event>(listed.size());
            for (int i = 0; i < listed.size(); i++) {
                events.add(turn.happening.event(listed.get(i)));
            }
            return List.copyOf(events);
        });
    }

    /** Whether the rules let an event happen in a state. */
    public boolean isPossible(State state, Event event) {
        return turn(Optional.empty(), turn -> {
            turn.open(state);
            return turn.possible.is(event);
        });
    }

    /** What is to be seen in a state at rest. */
    public Scene scene(State state) {
        return turn(Optional.empty(), turn -> {
            turn.open(state);
            return turn.scene();
        });
    }

    /** Whether a condition of the application holds in a state in which it runs; one that has no value does not. */
    public boolean holds(State state, Compiled<Reading> condition) {
        return turn(Optional.empty(), turn -> {
            turn.open(state);
            return turn.run.phase == Situation.RUNNING && turn.run.holds(condition);
        });
    }

    /** The state with one window above those that may be below it; equal to {@code state} (S1). */
    public State raise(State state, int instance) {
        return state.raising(instance);
    }

    /** The number of the button that Enter presses in a window, if it has a default one (P2). */
    public static Optional<Integer> defaultButton(Scene.OpenWindow window) {
        return switch (window.design()) {
            case MessageBox box ->
                box.byDefault().flatMap(d -> {
                    for (int i = 0; i < box.answers().size(); i++) {
                        if (box.answers().get(i).ending().equals(d)) {
                            return Optional.of(i);
                        }
                    }
                    return Optional.empty();
                });
            case FileDialog dialog -> Optional.empty();
            case Picker picker -> Optional.empty();
            case FacedWindow face ->
                window.parts().stream()
                        .filter(p -> p.design() instanceof Part.Button b && b.isDefault())
                        .map(Scene.SeenPart::number)
                        .findFirst();
        };
    }
}

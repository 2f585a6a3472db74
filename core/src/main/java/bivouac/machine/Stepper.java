package bivouac.machine;

import bivouac.expression.Value;
import bivouac.state.Layout;
import bivouac.state.Saved;
import java.time.LocalDate;

/**
 * The same machine for those who look at millions of states: over packed states, events as numbers, and no objects made
 * by a step. Laid open once, a state is stepped from as often as it has events. Serves one thread.
 */
public final class Stepper {

    private final Layout layout;
    private final Turn turn;
    private final int today;
    private EventList events = new EventList();
    private final Saved saved;
    /** Nothing has happened yet in the situation that is open. */
    private boolean fresh;

    private int length;

    /** @param today what {@code app.today} is where nothing in the design reads it */
    public Stepper(Machine machine, LocalDate today) {
        this.layout = machine.layout();
        this.turn = new Turn(layout, machine.values());
        this.saved = new Saved(turn.run);
        this.today = machine.values().number(new Value.Date(today));
    }

    /** Packs the state after the start script; see {@link #words}. */
    public void start() {
        turn.run.begin();
        turn.start(today, layout.firstFiles());
        pack();
    }

    /** Lays a packed state open, and lists its events; answers how many there are. */
    public int open(long[] words, int first) {
        turn.walk.read(words, first, turn.run);
        turn.run.today = layout.todayOr(turn.run.today, today);
        saved.save();
        turn.run.begin();
        events = turn.events();
        fresh = true;
        return events.size();
    }

    private void again() {
        if (!fresh) {
            saved.restore();
            turn.run.begin();
            fresh = true;
        }
    }

    /** An event of the state that is open, as a record. */
    public Event event(int number) {
        again();
        return turn.happening.event(events.get(number));
    }

    /** Takes one of the events of the state that is open, and packs the state after it; see {@link #words}. */
    public void step(int number) {
        again();
        turn.run.begin();
        turn.take(events.get(number));
        pack();
    }

    private void pack() {
        fresh = false;
        length = turn.walk.write(turn.run);
    }

    /** The words of the state last packed, from the first on; used again by the next step. */
    public long[] words() {
        return turn.walk.words();
    }

    /** How many words it has. */
    public int length() {
        return length;
    }
}

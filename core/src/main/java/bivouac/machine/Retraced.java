package bivouac.machine;

import bivouac.expression.Value;
import bivouac.state.Layout;
import bivouac.state.State;
import bivouac.state.Walk;
import java.time.LocalDate;

/**
 * A trail of the rehearsal gone once more, and packed as those pack who look at every situation: so what they know can be
 * looked up. The rules run over all values; only the packing lets some of them stand for others. Serves one thread.
 */
public final class Retraced {

    private final Turn turn;
    private final Walk packing;
    private State state;
    private int length;
    private boolean wentWrong;

    /** @param layout the other's, of the same program, with values of its own */
    public Retraced(Layout layout, LocalDate today) {
        Layout whole = Layout.of(layout.program());
        this.turn = new Turn(whole, layout.newValues(), Entries.ANY);
        this.packing = new Walk(layout);
        turn.run.begin();
        turn.start(turn.run.number(new Value.Date(today)), whole.firstFiles());
        state = turn.close();
    }

    /** Whether an event is possible now. */
    public boolean isPossible(Event event) {
        turn.run.begin();
        turn.open(state);
        return turn.possible.is(event);
    }

    /** Goes on by an event that is possible. */
    public void take(Event event) {
        state = after(event);
    }

    /** Packs the state as it is; see {@link #words}. */
    public void pack() {
        pack(state);
    }

    /** Packs the state that an event would lead to, without going there. */
    public void packAfter(Event event) {
        pack(after(event));
    }

    private State after(Event event) {
        turn.run.begin();
        turn.open(state);
        turn.take(event);
        wentWrong = !turn.run.faults().isEmpty();
        return turn.close();
    }

    /** Whether something went wrong in the event that was taken, or looked at, last. */
    public boolean wentWrong() {
        return wentWrong;
    }

    private void pack(State what) {
        turn.run.begin();
        turn.open(what);
        length = packing.write(turn.run);
    }

    /** The words packed last, from the first on. */
    public long[] words() {
        return packing.words();
    }

    public int length() {
        return length;
    }
}

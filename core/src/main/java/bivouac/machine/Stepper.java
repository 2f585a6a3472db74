package bivouac.machine;

import bivouac.design.FacedWindow;
import bivouac.expression.Compiled;
import bivouac.expression.Value;
import bivouac.plan.Reading;
import bivouac.state.Frame;
import bivouac.state.Inst;
import bivouac.state.Layout;
import bivouac.state.Outline;
import bivouac.state.Saved;
import bivouac.state.Situation;
import bivouac.state.Touched;
import java.time.LocalDate;
import java.util.BitSet;
import java.util.List;
import java.util.function.IntConsumer;

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
    private final Touched touched;
    private final BitSet heldAtTheEnd = new BitSet();
    private final Noticing noticing;

    /** @param today what {@code app.today} is where nothing in the design reads it */
    public Stepper(Machine machine, LocalDate today) {
        this(machine.layout(), new Turn(machine.layout(), machine.values(), Entries.ANY), today);
    }

    /** Over states of a layout of its own, with what is typed into fields where events are listed. */
    public Stepper(Layout layout, Entries entries, LocalDate today) {
        this(layout, new Turn(layout, layout.newValues(), entries), today);
    }

    private Stepper(Layout layout, Turn turn, LocalDate today) {
        this.layout = layout;
        this.turn = turn;
        this.saved = new Saved(turn.run);
        this.touched = turn.run.touched.another();
        this.noticing = new Noticing(turn.run.program, layout.readsTraces());
        this.today = turn.run.number(new Value.Date(today));
    }

    Outline outline() {
        return layout.outline(touched);
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
        turn.run.touched.begin();
        events = turn.events();
        fresh = true;
        return events.size();
    }

    /** How many events the state has that is open. */
    int events() {
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
        return event(events.get(number));
    }

    /** An event of the state that is open, as what says which it is in that state. */
    public long numbered(int number) {
        return events.get(number);
    }

    /** The same, which says of which window it is also where others are open; no event itself. */
    long numberedByWindow(int number) {
        again();
        long event = events.get(number);
        int instance = NumberedEvent.ofInstance(event);
        if (instance < 0) {
            return event;
        }
        int window = turn.run.instances.get(instance).plan.number;
        return NumberedEvent.byWindow(event, window, layout.isAtItsPlace(window));
    }

    /** What {@link #numbered} answered, as a record. */
    public Event event(long numbered) {
        again();
        return turn.happening.event(numbered);
    }

    /** Takes one of the events of the state that is open, and packs the state after it; see {@link #words}. */
    public void step(int number) {
        again();
        turn.run.begin();
        turn.run.touched.begin();
        noticing.begin(turn.run, events.get(number));
        turn.take(events.get(number));
        keepTouched();
        pack();
    }

    /** What was touched since the state was opened, or since the last step began, is what {@link #touched} answers. */
    void keepTouched() {
        touched.takeOver(turn.run.touched);
    }

    Touched touched() {
        return touched;
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

    // What happened, and how things stand

    /** What went wrong in the last step. */
    public List<Fault> faults() {
        return turn.run.faults();
    }

    /** Whether something in the situation, as it is now, has grown beyond what is followed; its number, or -1. */
    public int beyond(Growth growth) {
        return growth.beyond(turn.run);
    }

    /** Whether an operation of a script has been run by any event so far. */
    public boolean hasReached(int script, int op) {
        return turn.run.hasReached(script, op);
    }

    /** Whether the application runs in the situation that is open: it has not ended, and was not killed. */
    public boolean isRunning() {
        again();
        return turn.run.phase == Situation.RUNNING;
    }

    /** Whether it has ended by itself. */
    public boolean hasEnded() {
        again();
        return turn.run.phase == Situation.ENDED;
    }

    /** Tells the number in the program of each window that is open. */
    public void openWindows(IntConsumer to) {
        again();
        for (int i = 0; i < turn.run.instances.size(); i++) {
            to.accept(turn.run.instances.get(i).plan.number);
        }
    }

    /** How many windows that are waited for stand on each other at the most, each owned by the one below it. */
    public int waitedFor() {
        again();
        int most = 0;
        for (Inst inst : turn.run.instances) {
            int depth = 0;
            for (Inst at = inst; at != null && at.waits != Inst.WAITS_NOT; at = at.owner) {
                depth++;
            }
            most = Math.max(most, depth);
        }
        return most;
    }

    /** W2: whether a script got a result in the last step, and cannot go on with it, since one above it waits. */
    public boolean holdsBack() {
        for (int i = 0; i < turn.run.stack.size() - 1; i++) {
            if (turn.run.stack.get(i) instanceof Frame.OfScript script && script.hasResult) {
                return true;
            }
        }
        return false;
    }

    /** Tells the number of each {@link Notice} about the situation that is open, in which the application runs. */
    public void noticeSituation(IntConsumer to) {
        again();
        noticing.situation(turn.run, to);
    }

    /** Tells the number of each {@link Notice} about the step that was taken last. */
    public void noticeStep(IntConsumer to) {
        noticing.step(turn.run, to);
    }

    /** Whether an event of the situation that is open is the close box or Escape of a window. */
    public boolean isCloseBoxOrEscape(int number) {
        return switch (NumberedEvent.kind(events.get(number))) {
            case CLOSE_BOX, ESCAPE -> true;
            default -> false;
        };
    }

    /** The number of the {@link Notice} that such an event leads back to the situation that is open. */
    public int silentRefusal(int number) {
        again();
        Inst inst = turn.run.instances.get(NumberedEvent.instance(events.get(number)));
        return Notice.numbered(Notice.Kind.SILENT_REFUSAL, inst.plan.number);
    }

    /** Whether an event of the situation that is open is no answer to a question: of a main or child window, or the session's. */
    public boolean isUnasked(int number) {
        long event = events.get(number);
        return switch (NumberedEvent.kind(event)) {
            case SESSION_ENDS -> true;
            case PRESS, CLOSE_BOX, ESCAPE -> {
                again();
                Inst inst = turn.run.instances.get(NumberedEvent.instance(event));
                yield inst.plan
                        .face()
                        .filter(f -> f.of() != FacedWindow.Kind.DIALOG)
                        .isPresent();
            }
            default -> false;
        };
    }

    /** Whether a condition of the application holds in the situation that is open; one that has no value does not. */
    public boolean holds(Compiled<Reading> condition) {
        again();
        return turn.run.holds(condition);
    }

    /** Looks at conditions of the application whenever it ends; {@link #heldAtTheEnd} answers what was found. */
    public void watchTheEnd(List<Compiled<Reading>> conditions) {
        turn.run.watchTheEnd(() -> {
            heldAtTheEnd.clear();
            for (int c = 0; c < conditions.size(); c++) {
                heldAtTheEnd.set(c, turn.run.holds(conditions.get(c)));
            }
        });
    }

    /** Which of the watched conditions held when the application ended, in the step that was taken last. */
    public BitSet heldAtTheEnd() {
        return heldAtTheEnd;
    }

    /** Whether the application runs after the last step. */
    boolean runsOn() {
        return turn.run.phase == Situation.RUNNING;
    }

    /** Whether the last step ended the application. */
    public boolean stepEnded() {
        return turn.run.phase == Situation.ENDED;
    }

    /** Whether an event is one that people, tasks or time bring about: neither the end of the session nor a kill. */
    public static boolean isOrdinary(long numbered) {
        return switch (NumberedEvent.kind(numbered)) {
            case SESSION_ENDS, KILLED, START_AGAIN -> false;
            default -> true;
        };
    }

    /** Whether an event is the end of the session. */
    public static boolean isSessionEnd(long numbered) {
        return NumberedEvent.kind(numbered) == NumberedEvent.Kind.SESSION_ENDS;
    }
}

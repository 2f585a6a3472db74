package bivouac.plan;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A script as flat operations. */
public final class ScriptPlan {

    /** Local slots that every closing script begins with (C2, C5). */
    public static final int WAY = 0;

    public static final int ENDING = 1;

    /** The local slot with the number of the row that a list's script is about (P2), from 1; 0 once it is gone. */
    public static final int ROW = 0;

    public static final int FIRST_FREE = 2;

    private final int number;
    private final ScriptPlace place;
    private final Optional<WindowPlan> of;
    private final List<Op> ops;
    private final int[] begins;
    private final int[] next;
    private final int locals;
    private final boolean beforeClosing;
    private final boolean afterClosing;
    private final boolean beforeRemoving;
    private final boolean plan;
    private final boolean fromOutside;

    /**
     * @param number its number in the program
     * @param begins how many steps begin at an operation, by its place; where none do there is no entry
     * @param next where the next step after that of an operation begins, by its place
     * @param locals how many slots a run of it needs
     * @param fromOutside whether what comes from outside begins it (F1)
     */
    ScriptPlan(
            int number,
            ScriptPlace place,
            Optional<WindowPlan> of,
            List<Op> ops,
            Map<Integer, Integer> begins,
            Map<Integer, Integer> next,
            int locals,
            boolean fromOutside) {
        this.fromOutside = fromOutside;
        this.number = number;
        this.place = place;
        this.of = of;
        this.ops = List.copyOf(ops);
        this.begins = new int[ops.size()];
        begins.forEach((at, count) -> this.begins[at] = count);
        this.next = new int[ops.size()];
        next.forEach((at, to) -> this.next[at] = to);
        this.locals = locals;
        this.beforeClosing = place.isAt(FacedWindow.Moment.BEFORE_CLOSING);
        this.afterClosing = place.isAt(FacedWindow.Moment.AFTER_CLOSING);
        this.plan = place instanceof ScriptPlace.Plan;
        this.beforeRemoving = place.isAt(Part.RowMoment.BEFORE_REMOVING);
    }

    /** Its number in the program. */
    public int number() {
        return number;
    }

    public ScriptPlace place() {
        return place;
    }

    /** The window whose script it is; empty for the application. */
    public Optional<WindowPlan> of() {
        return of;
    }

    public List<Op> ops() {
        return ops;
    }

    /** How many slots a run of it needs. */
    public int locals() {
        return locals;
    }

    /** How many steps of the design begin at an operation (X6). */
    public int begun(int op) {
        return begins[op];
    }

    /** Where the step after that of an operation begins, in the same list of steps; what follows that, after the last. */
    public int next(int op) {
        return next[op];
    }

    /** Whether it is the departure plan, in which a step that fails prevents none after it (D4). */
    public boolean isPlan() {
        return plan;
    }

    /** Whether another window's script does it, which waits for its answer (W12). */
    public boolean isDone() {
        return place instanceof ScriptPlace.Named && !fromOutside;
    }

    public boolean isBeforeClosing() {
        return beforeClosing;
    }

    /** Whether it runs its tasks in the foreground, whatever they say (W5). */
    public boolean isOfClosing() {
        return place.isOfClosing();
    }

    public boolean isAfterClosing() {
        return afterClosing;
    }

    public boolean isBeforeRemoving() {
        return beforeRemoving;
    }

    /** Whether its {@link #ROW} is of that list. */
    public boolean isOfList(WindowPlan window, Part list) {
        return of.isPresent()
                && of.get() == window
                && list instanceof Part.ListOfRows
                && place.ofPart().filter(list.name().expression()::equals).isPresent();
    }

    /** What its row is of, where its part stands for each of some (P5). */
    public Optional<EachPlan> each() {
        return of.flatMap(w -> place.ofPart().flatMap(w::part)).flatMap(PartPlan::each);
    }

    /** With only a final op, it does nothing when it is run. */
    public boolean isEmpty() {
        return ops.size() == 1;
    }
}

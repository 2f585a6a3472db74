package bivouac.plan;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A script as flat operations.
 *
 * @param number its number in the program
 * @param begins how many steps begin at an operation, by its place; where none do there is no entry
 * @param locals how many slots a run of it needs
 */
public record ScriptPlan(
        int number,
        ScriptPlace place,
        Optional<WindowPlan> of,
        List<Op> ops,
        Map<Integer, Integer> begins,
        int locals) {

    /** How many steps of the design begin at an operation (X6). */
    public int begun(int op) {
        return begins.getOrDefault(op, 0);
    }

    /** Local slots that every closing script begins with (C2, C5). */
    public static final int WAY = 0;

    public static final int ENDING = 1;

    /** The local slot with the number of the row that a list's script is about (P2), from 1; 0 once it is gone. */
    public static final int ROW = 0;

    public static final int FIRST_FREE = 2;

    public boolean isBeforeClosing() {
        return place.isAt(FacedWindow.Moment.BEFORE_CLOSING);
    }

    /** Whether it runs its tasks in the foreground, whatever they say (W5). */
    public boolean isOfClosing() {
        return isBeforeClosing() || isAfterClosing();
    }

    public boolean isAfterClosing() {
        return place.isAt(FacedWindow.Moment.AFTER_CLOSING);
    }

    public boolean isBeforeRemoving() {
        return place.isAt(Part.RowMoment.BEFORE_REMOVING);
    }

    /** Whether its {@link #ROW} is of that list. */
    public boolean isOfList(WindowPlan window, Part list) {
        return of.isPresent()
                && of.get() == window
                && list instanceof Part.ListOfRows
                && place.ofPart().filter(list.name().expression()::equals).isPresent();
    }

    /** With only a final op, it does nothing when it is run. */
    public boolean isEmpty() {
        return ops.size() == 1;
    }
}

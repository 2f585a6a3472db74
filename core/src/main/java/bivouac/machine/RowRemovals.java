package bivouac.machine;

import bivouac.design.Part;
import bivouac.plan.PartPlan;
import bivouac.plan.ScriptPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.List;

/**
 * Removes rows of lists: <em>before removing</em> is run for each, unless it is unasked, and the row goes when that
 * script has ended without <em>keep the row</em> (P2). A script means its row itself, not its number (V4), so
 * the numbers that scripts hold follow what is removed.
 */
final class RowRemovals {

    private final Run run;

    RowRemovals(Run run) {
        this.run = run;
    }

    /** Asks about rows, or takes them away at once where nobody asks. The first is asked first. */
    void begin(Inst inst, PartPlan list, List<Integer> numbers, boolean unasked) {
        ScriptPlan asks = list.moment(Part.RowMoment.BEFORE_REMOVING);
        if (unasked || asks.isEmpty()) {
            numbers.reversed().forEach(n -> remove(inst, list, n));
            return;
        }
        for (int number : numbers.reversed()) {
            run.push(asks, inst, number);
        }
    }

    /** The script that asks has ended, and nothing kept the row. */
    void agreed(Frame.OfScript frame) {
        PartPlan list = frame.me.plan.parts().stream()
                .filter(p -> frame.script.isOfList(frame.me.plan, p.part))
                .findFirst()
                .orElseThrow();
        int number = frame.locals[ScriptPlan.ROW];
        if (number > 0 && !frame.me.gone) {
            remove(frame.me, list, number);
        }
    }

    private void remove(Inst inst, PartPlan list, int number) {
        list.rowsOf().orElseThrow().remove(inst, number);
        run.removeRow(inst, list.part, number);
    }
}

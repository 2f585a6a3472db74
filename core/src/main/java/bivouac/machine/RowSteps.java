package bivouac.machine;

import bivouac.expression.EvaluationFault;
import bivouac.expression.Value;
import bivouac.plan.Op;
import bivouac.plan.PartPlan;
import bivouac.plan.Reading;
import bivouac.plan.Rows;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The steps that add, change and remove rows of lists. */
final class RowSteps {

    private final Run run;
    private final RowRemovals removals;

    RowSteps(Run run, RowRemovals removals) {
        this.run = run;
        this.removals = removals;
    }

    /** A script <em>before removing</em> has ended, and nothing kept the row. */
    void agreed(Frame.OfScript frame) {
        removals.agreed(frame);
    }

    void add(Op.AddRow op, Frame.OfScript frame, Reading here) {
        Map<String, Value> row = new LinkedHashMap<>();
        op.columns().forEach(c -> row.put(c.name(), Value.startOf(c.type(), run.date())));
        row.putAll(values(op.values(), here));
        var inst = (Inst) op.list().instance(here);
        Rows rows = op.list().list(inst).rowsOf().orElseThrow();
        run.budget.spend(rows.all(inst).size() / 8);
        rows.add(inst, row);
        frame.pc++;
    }

    void change(Op.ChangeRow op, Frame.OfScript frame, Reading here) {
        Map<String, Value> columns = values(op.values(), here);
        var inst = (Inst) op.list().instance(here);
        Rows rows = op.list().list(inst).rowsOf().orElseThrow();
        run.budget.spend(rows.all(inst).size() / 8);
        rows.change(inst, rows.selectedOne(inst), columns);
        frame.pc++;
    }

    private static Map<String, Value> values(List<Op.Hand> hands, Reading here) {
        Map<String, Value> values = new LinkedHashMap<>();
        hands.forEach(h -> values.put(h.name(), h.value().evaluate(here).as(h.type())));
        return values;
    }

    void remove(Op.RemoveRow op, Frame.OfScript frame, Reading here) {
        var inst = (Inst) op.list().instance(here);
        PartPlan list = op.list().list(inst);
        List<Integer> selection = list.rowsOf().orElseThrow().selection(inst);
        if (selection.isEmpty()) {
            throw new EvaluationFault("no row is selected that could be removed");
        }
        frame.pc++;
        removals.begin(inst, list, selection, op.unasked());
    }
}

package bivouac.machine;

import bivouac.design.Part;
import bivouac.plan.PartPlan;
import bivouac.plan.Rows;
import bivouac.state.Inst;
import java.util.List;

/** What a person does with the rows of a list (P2). */
final class RowEvents {

    /** Where events are listed, the rows of a list up to this one; any row can be selected. */
    static final int MOST_LISTED = 20;

    private final Run run;
    private final RowRemovals removals;

    RowEvents(Run run, RowRemovals removals) {
        this.run = run;
        this.removals = removals;
    }

    /** The events that a list offers that a person can use. */
    void offer(Inst inst, int instance, PartPlan part, EventList events) {
        int last = Math.min(MOST_LISTED, rows(part).all(inst).size());
        int selected = rows(part).theOne(inst);
        for (int row = 1; row <= last; row++) {
            if (row != selected) {
                events.add(NumberedEvent.Kind.SELECT_ROW, instance, part.number, row);
            }
        }
        if (canActivate(inst, part)) {
            events.add(NumberedEvent.Kind.ACTIVATE_ROW, instance, part.number, 0);
        }
        if (canRemove(inst, part)) {
            events.add(NumberedEvent.Kind.REMOVE_ROWS, instance, part.number, 0);
        }
    }

    private static boolean canActivate(Inst inst, PartPlan part) {
        return rows(part).theOne(inst) > 0;
    }

    private boolean canRemove(Inst inst, PartPlan part) {
        return ((Part.ListOfRows) part.part).byHand()
                && !rows(part).selection(inst).isEmpty()
                && !run.isReadOnly(inst, part);
    }

    boolean isPossible(Inst inst, Event.OnRows event) {
        PartPlan plan = inst.plan.parts().get(event.part());
        var list = (Part.ListOfRows) plan.part;
        return switch (event) {
            case Event.SelectRows(int i, int part, var rows) ->
                rows(plan).numbers(inst).containsAll(rows)
                        && (list.several() || rows.size() == 1)
                        && !rows(plan).selection(inst).equals(rows);
            case Event.ActivateRow a -> canActivate(inst, plan);
            case Event.RemoveRows r -> canRemove(inst, plan);
        };
    }

    void select(Inst inst, int part, List<Integer> numbers) {
        PartPlan plan = inst.plan.parts().get(part);
        rows(plan).select(inst, numbers);
        run.raise(inst);
        run.push(plan.script(), inst, rows(plan).theOne(inst));
    }

    void activate(Inst inst, int part) {
        PartPlan plan = inst.plan.parts().get(part);
        run.raise(inst);
        run.push(plan.moment(Part.RowMoment.ACTIVATED), inst, rows(plan).theOne(inst));
    }

    void remove(Inst inst, int part) {
        PartPlan plan = inst.plan.parts().get(part);
        run.raise(inst);
        removals.begin(inst, plan, rows(plan).selection(inst), false);
    }

    private static Rows rows(PartPlan plan) {
        return plan.rowsOf().orElseThrow();
    }
}

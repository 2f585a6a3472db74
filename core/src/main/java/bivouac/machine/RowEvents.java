package bivouac.machine;

import bivouac.design.Part;
import java.util.List;

/** What a person does with the rows of a list (P2). */
final class RowEvents {

    /** Where events are listed, the rows of a list up to this one; any row can be selected. */
    private static final int MOST_LISTED = 20;

    private final Run run;

    RowEvents(Run run) {
        this.run = run;
    }

    /** The events that a list offers, before it is asked whether they are possible. */
    static void candidates(Inst inst, int instance, PartPlan part, List<Event> events) {
        rows(part).numbers(inst).stream()
                .limit(MOST_LISTED)
                .forEach(row -> events.add(Event.SelectRows.one(instance, part.number, row)));
        events.add(new Event.ActivateRow(instance, part.number));
        events.add(new Event.RemoveRows(instance, part.number));
    }

    boolean isPossible(Inst inst, Event.OnRows event) {
        PartPlan plan = inst.plan.parts().get(event.part());
        var list = (Part.ListOfRows) plan.part;
        return switch (event) {
            case Event.SelectRows(int i, int part, var rows) ->
                rows(plan).numbers(inst).containsAll(rows) && (list.several() || rows.size() == 1);
            case Event.ActivateRow a -> rows(plan).theOne(inst) > 0;
            case Event.RemoveRows r ->
                list.byHand() && !rows(plan).selection(inst).isEmpty() && !plan.readOnly(run, inst);
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
        new RowRemovals(run).begin(inst, plan, rows(plan).selection(inst), false);
    }

    private static Rows rows(PartPlan plan) {
        return plan.rowsOf().orElseThrow();
    }
}

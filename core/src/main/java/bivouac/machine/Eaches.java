package bivouac.machine;

import bivouac.expression.Value;
import bivouac.plan.EachPlan;
import bivouac.plan.Instance;
import bivouac.plan.PartPlan;
import bivouac.state.Inst;
import java.util.ArrayList;
import java.util.List;

/** Parts of which there is one for each row, or for each open window (P5). */
final class Eaches {

    private Eaches() {}

    /** All of them; none where the list has a fault. */
    static List<EachPlan.One> all(Run run, Inst inst, PartPlan part) {
        return run.or(() -> part.each().orElseThrow().all(run.here(inst), inst), List.of());
    }

    /** Whether the one for the row of that number, from 1, can be used. */
    static boolean isUsable(Run run, Inst inst, PartPlan part, int row) {
        List<EachPlan.One> all = all(run, inst, part);
        return part.isNamed() && row >= 1 && row <= all.size() && isUsable(run, inst, part, all.get(row - 1));
    }

    static boolean isUsable(Run run, Inst inst, PartPlan part, EachPlan.One one) {
        return run.or(() -> part.enabled(run.here(inst), inst, one) && part.visible(run.here(inst), inst), false);
    }

    /** The one for the row of that number is pressed or chosen: its script begins, about that row. */
    static void press(Run run, Inst inst, PartPlan part, int row) {
        run.raise(inst);
        switch (all(run, inst, part).get(row - 1)) {
            case EachPlan.One.OfWindow(Instance window) ->
                run.push(part.script(), inst, frame -> frame.kept[EachPlan.ROW] = (Inst) window);
            case EachPlan.One.OfRow(Value value) -> {
                int number = run.number(value);
                run.push(part.script(), inst, frame -> frame.locals[EachPlan.ROW] = number);
            }
        }
    }

    /** All of them, as they are seen; a text or condition with a fault shows as empty, or as no. */
    static List<Scene.SeenRow> seen(Run run, Inst inst, PartPlan part) {
        if (part.each().isEmpty()) {
            return List.of();
        }
        EachPlan each = part.each().get();
        var seen = new ArrayList<Scene.SeenRow>();
        for (EachPlan.One one : all(run, inst, part)) {
            seen.add(new Scene.SeenRow(
                    run.or(() -> each.text(run.here(inst), inst, one), ""),
                    run.or(() -> each.ticked(run.here(inst), inst, one), false),
                    run.or(() -> part.enabled(run.here(inst), inst, one), false)));
        }
        return seen;
    }
}

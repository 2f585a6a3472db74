package bivouac.state;

import bivouac.plan.Cell;
import bivouac.plan.Cells;
import bivouac.plan.Op;
import bivouac.plan.Program;
import bivouac.plan.RestPoint;
import bivouac.plan.WindowPlan;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What is kept of each instance of a window.
 *
 * @param once whether at most one can be open, so that a bit says whether it is
 * @param slots that a rule or an expression can read, and that do not always hold the same
 * @param codes of those slots
 * @param fixed what is in the slots that always hold the same, and 0 in the others
 * @param shown the slots that are only seen, and no part of what makes two states equal
 * @param owners the numbers of the windows that can own it
 * @param waits whether it can be waited for, and how
 * @param hides whether a step can hide it
 * @param branches the rest points of openings alongside that leave branches behind for it
 */
record WindowLayout(
        WindowPlan plan,
        boolean once,
        int[] slots,
        Code[] codes,
        int[] fixed,
        int[] shown,
        int[] owners,
        Waits waits,
        boolean hides,
        List<RestPoint> branches) {

    /** How a window can be waited for. */
    enum Waits {
        NEVER,
        ALWAYS,
        SOMETIMES
    }

    static WindowLayout of(
            WindowPlan plan, Program program, Values values, Openings openings, Optional<Folding> folding) {
        Cells cells = program.cells();
        Code[] all = slots(plan)
                .mapToObj(s -> {
                    var cell = new Cell.OfWindow(plan.number, s);
                    return Code.of(cell, cells.range(cell), values, folding);
                })
                .toArray(Code[]::new);
        int[] slots = slots(plan)
                .filter(s -> cells.matters(new Cell.OfWindow(plan.number, s)) && all[s].width() > 0)
                .toArray();
        Code[] codes = IntStream.of(slots).mapToObj(s -> all[s]).toArray(Code[]::new);
        int[] fixed =
                slots(plan).map(s -> all[s].width() == 0 ? all[s].number(0) : 0).toArray();
        return new WindowLayout(
                plan,
                openings.isOnce(plan),
                slots,
                codes,
                fixed,
                slots(plan)
                        .filter(s -> !cells.matters(new Cell.OfWindow(plan.number, s)) && all[s].width() > 0)
                        .toArray(),
                program.ownersOf(plan).stream().mapToInt(p -> p.number).toArray(),
                openings.waits(plan),
                openings.hides(plan),
                openings.branches(plan));
    }

    private static IntStream slots(WindowPlan plan) {
        return IntStream.range(0, plan.slots());
    }

    /** The window that an opening which leaves branches behind has opened. */
    static WindowPlan opened(RestPoint point, Program program) {
        Op.Open open = (Op.Open) program.script(point.script()).ops().get(point.at());
        return program.windows().get(open.window());
    }
}

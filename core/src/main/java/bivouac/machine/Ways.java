package bivouac.machine;

import bivouac.design.Way;
import bivouac.plan.Op;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.List;

/** The values of {@code way} as small numbers: those of {@link Way} in order, then a <em>close</em> step. */
final class Ways {

    private static final Way[] WAYS = Way.values();

    static final int CLOSE_STEP = WAYS.length;
    static final int COUNT = CLOSE_STEP + 1;

    private Ways() {}

    static String words(int way) {
        return way == CLOSE_STEP ? Way.CLOSE_STEP : WAYS[way].words();
    }

    static int endingOf(Inst inst, int way) {
        return inst.plan.wayOut(WAYS[way]) instanceof WindowPlan.WayPlan.Leads l ? l.ending() : 0;
    }

    static boolean isUnasked(Inst inst, int way) {
        return inst.plan.wayOut(WAYS[way]) instanceof WindowPlan.WayPlan.Leads l && l.unasked();
    }

    static List<Op.Hand> gives(Inst inst, int way) {
        return inst.plan.wayOut(WAYS[way]) instanceof WindowPlan.WayPlan.Leads l ? l.gives() : List.of();
    }

    /** The way by which a request reaches a window (C4, D2). */
    static int wayFor(Frame.OfRequest request, Inst inst) {
        if (inst == request.target) {
            return request.way;
        }
        boolean owned = inst.owner != null && !inst.owner.gone;
        if (owned) {
            return Way.OWNER_CLOSING.ordinal();
        }
        return request.way == Way.SESSION_ENDING.ordinal() && request.target == null
                ? Way.SESSION_ENDING.ordinal()
                : Way.DEPARTURE.ordinal();
    }
}

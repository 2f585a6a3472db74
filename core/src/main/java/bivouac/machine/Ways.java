package bivouac.machine;

import bivouac.design.Way;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.Optional;

/** The values of {@code way} as small numbers: those of {@link Way} in order, then a <em>close</em> step. */
final class Ways {

    static final int CLOSE_STEP = Way.values().length;
    static final int COUNT = CLOSE_STEP + 1;

    private Ways() {}

    static String words(int way) {
        return way == CLOSE_STEP ? Way.CLOSE_STEP : Way.values()[way].words();
    }

    static Optional<WindowPlan.WayPlan.Leads> leads(Inst inst, Way way) {
        return inst.plan.wayOut(way) instanceof WindowPlan.WayPlan.Leads l ? Optional.of(l) : Optional.empty();
    }

    static int endingOf(Inst inst, int way) {
        return leads(inst, Way.values()[way])
                .map(WindowPlan.WayPlan.Leads::ending)
                .orElse(0);
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

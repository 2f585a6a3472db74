package bivouac.machine;

import bivouac.expression.Value;
import bivouac.state.Frame;
import bivouac.state.Situation;

/** The end of the application, when all windows have closed and the departure plan is done (D5, D6). */
final class TheEnd {

    private final Run run;
    private final Holdings holdings;
    /** The numbers of the exit codes without, and after, a fault. */
    private final int[] usualCodes;

    TheEnd(Run run, Holdings holdings) {
        this.run = run;
        this.holdings = holdings;
        this.usualCodes = new int[] {run.number(new Value.Whole(0)), run.number(new Value.Whole(1))};
    }

    /** D5, D6: what the application holds is given back, kept values are saved, and the process ends with its code. */
    void come(Frame.OfRequest request) {
        run.stack.clear();
        holdings.giveBackAllOf(null);
        holdings.leaveNoTraces();
        if (run.saveKept()) {
            run.see(new Sighting.KeptSaved());
        }
        run.exitCode = request.code != 0 ? request.code : usualCodes[run.faulted ? 1 : 0];
        run.phase = Situation.ENDED;
        if (run.isWatched()) {
            long code = run.value(run.exitCode) instanceof Value.Whole(long n) ? n : 0;
            run.see(new Sighting.Ended(code, run.value(request.saying).shown()));
        }
    }
}

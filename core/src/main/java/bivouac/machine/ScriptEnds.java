package bivouac.machine;

import bivouac.plan.Op;
import bivouac.plan.StepRef;
import bivouac.state.Frame;
import java.util.Optional;

/** How a script ends before its last step: it stays open, or faults; what asked it is refused then (C2). */
final class ScriptEnds {

    private final Run run;
    private final Requests requests;

    ScriptEnds(Run run, Requests requests) {
        this.run = run;
        this.requests = requests;
    }

    /** The script ends at the fault; in <em>before closing</em> that refuses (C2). */
    void fault(Frame.OfScript frame, Fault.Rule rule, String message, Op op) {
        frame.awaitsRequest = false;
        run.fault(rule, message, op.step());
        giveUp(frame);
    }

    /** Ends a script as a fault does (W8). */
    void giveUp(Frame.OfScript frame) {
        if (frame.script.isPlan()) {
            // D4: a step that fails prevents none of those after it
            frame.pc = frame.script.next(frame.pc);
        } else {
            stop(frame);
        }
    }

    /** Ends a script; where a request asks it whether its window may close, that is refused. */
    void stop(Frame.OfScript frame) {
        Optional<Frame.OfScript> doer = run.doerOf(frame);
        if (doer.isPresent()) {
            // W12: as if its steps stood there
            run.dropDone(doer.get());
            giveUp(doer.get());
            return;
        }
        Optional<Frame.OfRequest> asking = asking(frame);
        run.drop(frame);
        asking.ifPresent(request -> requests.refuse(request, Optional.of(frame.me)));
    }

    /** The request that asks by this script. A branch of <em>before closing</em> that runs later asks for none. */
    private Optional<Frame.OfRequest> asking(Frame.OfScript frame) {
        int at = run.stack.indexOf(frame);
        return frame.script.isBeforeClosing()
                        && at > 0
                        && run.stack.get(at - 1) instanceof Frame.OfRequest request
                        && frame.me.askedBy == request
                ? Optional.of(request)
                : Optional.empty();
    }

    /** X6: every script that has not begun to wait ends. */
    void tooMuch(Frame.OfScript frame, String what) {
        frame.awaitsRequest = false;
        Optional<StepRef> where = frame.script.ops().get(frame.pc).step();
        run.fault(Fault.Rule.X6, what, where);
        endAll();
    }

    /** X6 while windows are asked: that refuses, and every script that has not begun to wait ends. */
    void tooMuch(Frame.OfRequest request, String what) {
        requests.fail(request, Fault.Rule.X6, "asking who may close: " + what);
        endAll();
    }

    private void endAll() {
        while (!run.isIdle() && run.top() instanceof Frame.OfScript top && !top.waits()) {
            stop(top);
        }
    }
}

package bivouac.machine;

import bivouac.plan.Op;
import bivouac.plan.Reading;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Who gets an ending, and its values: a script that waits for the window (W2), or the branches kept of an opening
 * alongside (W3, C6).
 */
final class Endings {

    private final Run run;

    Endings(Run run) {
        this.run = run;
    }

    /** The script that waits for a window; null if none does. */
    private Frame.OfScript waiter(Inst inst) {
        for (int i = 0; i < run.stack.size(); i++) {
            if (run.stack.get(i) instanceof Frame.OfScript s && s.awaits == inst) {
                return s;
            }
        }
        return null;
    }

    /** Whether somebody gets what a window gives (C6). */
    private boolean reachesSomeone(Inst inst) {
        boolean reaches = waiter(inst) != null;
        for (int i = 0; i < run.dormant.size() && !reaches; i++) {
            Frame.Dormant d = run.dormant.get(i);
            reaches = d.awaits == inst && d.order == 0 && !d.isOpenerGone();
        }
        return reaches;
    }

    /** C6: the values of an ending, in the scope of the close step or way out, only where they reach someone. */
    void makeResult(Frame.OfRequest request, Inst inst, int ending, Frame.OfScript asker) {
        // what is not given has no value, whatever an ending before it gave
        inst.beginResult(0);
        if (ending == 0 || !reachesSomeone(inst)) {
            return;
        }
        inst.beginResult(inst.plan.ending(ending).gives().size());
        if (inst == request.target && request.way == Ways.CLOSE_STEP) {
            if (asker != null) {
                give(inst, given(asker.script.ops().get(asker.pc)), run.here(asker));
            }
        } else {
            give(inst, Ways.gives(inst, Ways.wayFor(request, inst)), run.here(inst));
        }
    }

    private void give(Inst inst, List<Op.Hand> gives, Reading here) {
        for (int i = 0; i < gives.size(); i++) {
            Op.Hand hand = gives.get(i);
            inst.setResult(hand.index(), run.number(hand.value().evaluate(here).as(hand.type())));
        }
    }

    /** What a step that asks its window to close says that the ending gives. */
    private static List<Op.Hand> given(Op op) {
        return switch (op) {
            case Op.Close close -> close.gives();
            case Op.Open open when open.how() instanceof Op.How.InPlace(int ending, var gives) -> gives;
            case Op.Open _, Op.End _, Op.RunTask _, Op.MayFail _, Op.DoIn _, Op.Plain _, Op.Course _ -> List.of();
        };
    }

    /** A ready-made window ends with these values. */
    void put(Inst inst, bivouac.expression.Value... gives) {
        if (!reachesSomeone(inst)) {
            return;
        }
        inst.beginResult(gives.length);
        for (int i = 0; i < gives.length; i++) {
            inst.setResult(i, run.number(gives[i]));
        }
    }

    /** How a window closes, with what it gives to those whom it reaches. */
    void see(Inst inst) {
        if (!run.isWatched()) {
            return;
        }
        if (inst.ending == 0) {
            run.see(new Sighting.Closed(Sighting.Which.of(inst), "", List.of()));
            return;
        }
        var ending = inst.plan.ending(inst.ending);
        var gives = new ArrayList<Sighting.Named>();
        for (int i = 0; i < inst.results(); i++) {
            gives.add(new Sighting.Named(ending.gives().get(i).name().shown(), run.value(inst.result(i))));
        }
        run.see(new Sighting.Closed(Sighting.Which.of(inst), ending.name(), gives));
    }

    /** A window is gone, and its ending reaches who waits for it; branches that were to come of its own are dropped. */
    void deliver(Inst inst) {
        Frame.OfScript waiting = waiter(inst);
        if (waiting != null) {
            // W2, W4: the script goes on in the branch of that ending, or after the step
            Op.Open op = (Op.Open) waiting.script.ops().get(waiting.pc);
            results(inst, waiting, op);
            waiting.hasResult = true;
            waiting.awaits = null;
            waiting.pc = op.branches().getOrDefault(inst.ending, op.after());
        }
        for (int i = run.dormant.size() - 1; i >= 0; i--) {
            Frame.Dormant d = run.dormant.get(i);
            if (d.awaits == inst && d.order == 0) {
                arrived(d, inst);
            } else if (d.me == inst) {
                d.me = null;
                d.openerGoneNow = true;
            }
        }
    }

    private static void results(Inst inst, Frame.OfOps to, Op.Open op) {
        int count = inst.ending == 0 ? 0 : inst.plan.ending(inst.ending).gives().size();
        for (int i = 0; i < count; i++) {
            to.locals[op.resultSlot() + i] = inst.result(i);
        }
    }

    /** W3: a branch written for that ending is to be run; if its opener had gone before, that is fault X2. */
    private void arrived(Frame.Dormant d, Inst inst) {
        Op.Open op = (Op.Open) d.script.ops().get(d.openOp);
        Integer branch = op.branches().get(inst.ending);
        if (branch == null || d.openerGoneNow) {
            run.dormant.remove(d);
        } else if (d.isOpenerGone()) {
            run.dormant.remove(d);
            String ending = inst.plan.ending(inst.ending).name();
            run.fault(
                    Fault.Rule.X2,
                    "“" + ending + "” of " + Sighting.Which.of(inst) + " arrives for a window that is gone",
                    Optional.of(op.ref()));
        } else {
            results(inst, d, op);
            d.goesOnAt = branch;
            d.order = run.nextClosing();
        }
    }

    /** C6: in the order of closing, so the first to close lies on top. */
    void runKeptBranches() {
        for (int order = run.nextClosing() - 1; order > 0; order--) {
            for (int i = run.dormant.size() - 1; i >= 0; i--) {
                Frame.Dormant d = run.dormant.get(i);
                if (d.order == order) {
                    run.dormant.remove(i);
                    goOn(d);
                }
            }
        }
        for (int i = 0; i < run.dormant.size(); i++) {
            run.dormant.get(i).openerGoneNow = false;
        }
    }

    private void goOn(Frame.Dormant d) {
        if (!d.isOpenerGone()) {
            Frame.OfScript frame = run.run(d.script, d.me);
            frame.takeOver(d);
            frame.pc = d.goesOnAt;
            run.stack.add(frame);
        }
    }
}

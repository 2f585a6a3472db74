package bivouac.machine;

import bivouac.design.Way;
import bivouac.expression.Value;
import java.util.Comparator;
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

    Optional<Frame.OfScript> waiter(Inst inst) {
        return run.stack.stream()
                .filter(f -> f instanceof Frame.OfScript s && s.awaits == inst)
                .map(Frame.OfScript.class::cast)
                .findFirst();
    }

    Optional<Frame.Dormant> keptBranches(Inst inst) {
        return run.dormant.stream()
                .filter(d -> d.awaits == inst && !d.openerGone)
                .findFirst();
    }

    /** The locals that a window's result goes into; empty if it reaches nobody. */
    int[] resultOf(Inst inst) {
        return waiter(inst)
                .map(w -> w.locals)
                .or(() -> keptBranches(inst).map(d -> d.locals))
                .orElse(new int[0]);
    }

    void put(Inst inst, int give, int value) {
        waiter(inst).ifPresent(w -> w.locals[((Op.Open) w.script.ops().get(w.pc)).resultSlot() + give] = value);
        keptBranches(inst)
                .ifPresent(d -> d.locals[((Op.Open) d.script.ops().get(d.openOp)).resultSlot() + give] = value);
    }

    /** C6: the values of an ending, in the scope of the close step or way out, only where they reach someone. */
    void makeResult(Frame.OfRequest request, Inst inst, int ending, Optional<Frame.OfScript> asker) {
        int[] target = resultOf(inst);
        if (target.length == 0) {
            return;
        }
        // what is not given has no value, whatever an ending before it gave
        for (int give = 0; ending > 0 && give < inst.plan.ending(ending).gives().size(); give++) {
            put(inst, give, 0);
        }
        List<Op.Hand> gives;
        Reading here;
        if (inst == request.target && request.way == Ways.CLOSE_STEP) {
            gives = asker.map(a -> given(a.script.ops().get(a.pc))).orElse(List.of());
            here = new Reading(run, asker.map(a -> a.me).orElse(null), asker.orElse(null));
        } else {
            gives = Ways.leads(inst, Way.values()[Ways.wayFor(request, inst)])
                    .map(WindowPlan.WayPlan.Leads::gives)
                    .orElse(List.of());
            here = new Reading(run, inst, null);
        }
        for (Op.Hand hand : gives) {
            Value value = hand.value().evaluate(here).as(hand.type());
            put(inst, hand.index(), run.program.number(value));
        }
    }

    /** What a step that asks its window to close says that the ending gives. */
    private static List<Op.Hand> given(Op op) {
        return switch (op) {
            case Op.Close close -> close.gives();
            case Op.Open open when open.how() instanceof Op.How.InPlace(int ending, var gives) -> gives;
            default -> List.of();
        };
    }

    /** W2, W4: the script goes on in the branch of that ending, or after the step. */
    static void deliver(Frame.OfScript waiting, Inst inst) {
        Op.Open op = (Op.Open) waiting.script.ops().get(waiting.pc);
        waiting.awaits = null;
        waiting.pc = op.branches().getOrDefault(inst.ending, op.after());
    }

    /** W3: a branch written for that ending is to be run; if its opener had gone before, that is fault X2. */
    void arrived(Frame.Dormant d, Inst inst) {
        Op.Open op = (Op.Open) d.script.ops().get(d.openOp);
        Integer branch = op.branches().get(inst.ending);
        if (branch == null || d.openerGoneNow) {
            run.dormant.remove(d);
        } else if (d.openerGone) {
            run.dormant.remove(d);
            String ending = inst.plan.ending(inst.ending).name();
            run.fault(
                    Fault.Rule.X2,
                    "“" + ending + "” of " + inst.which() + " arrives for a window that is gone",
                    Optional.of(op.ref()));
        } else {
            d.goesOnAt = branch;
            d.order = run.nextClosing();
        }
    }

    /** C6: in the order of closing, so the first to close lies on top. */
    void runKeptBranches() {
        var ready = run.dormant.stream()
                .filter(d -> d.order > 0)
                .sorted(Comparator.comparingInt((Frame.Dormant d) -> d.order).reversed())
                .toList();
        run.dormant.forEach(d -> d.openerGoneNow = false);
        for (Frame.Dormant d : ready) {
            run.dormant.remove(d);
            if (!d.openerGone) {
                var frame = new Frame.OfScript(d.script, d.me);
                System.arraycopy(d.locals, 0, frame.locals, 0, d.locals.length);
                System.arraycopy(d.kept, 0, frame.kept, 0, d.kept.length);
                frame.pc = d.goesOnAt;
                run.stack.add(frame);
            }
        }
    }
}

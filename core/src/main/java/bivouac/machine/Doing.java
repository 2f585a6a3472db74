package bivouac.machine;

import bivouac.expression.EvaluationFault;
import bivouac.plan.Op;
import bivouac.plan.ScriptPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.Arrays;
import java.util.List;

/** Scripts that are done for those of other windows: how they begin, one after the other, and how they answer (W11, W12). */
final class Doing {

    private final Run run;
    private final Targets targets;

    Doing(Run run, Targets targets) {
        this.run = run;
        this.targets = targets;
    }

    /** All of them stand on the stack at once, the newest window's on top: so those that are left are blocked, too (B5). */
    void begin(Op.DoIn op, Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing does nothing in other windows");
        }
        List<Inst> all = op.whom().isEvery()
                ? targets.every(op.whom())
                : List.of(targets.find(op.whom(), frame).orElseThrow(() -> notOpen(op)));
        int[] handed = op.handOver().stream()
                .mapToInt(h -> run.number(h.value().evaluate(run.here(frame)).as(h.type())))
                .toArray();
        frame.pc++;
        for (Inst inst : all.reversed()) {
            run.push(scriptOf(op, inst), inst, op.handOver(), handed);
        }
    }

    private static EvaluationFault notOpen(Op.DoIn op) {
        var script = op.scripts().getFirst();
        return new EvaluationFault(
                "“" + script.name() + "” cannot be done: " + script.window().orElseThrow() + " is not open");
    }

    private ScriptPlan scriptOf(Op.DoIn op, Inst inst) {
        String window = inst.plan.window().name().shown();
        return op.scripts().stream()
                .filter(s -> s.window().orElseThrow().equals(window))
                .findFirst()
                .map(run.program::script)
                .orElseThrow(() -> new EvaluationFault(window + " has no script of that name"));
    }

    /** The script is over; who does it goes on in the branch of that ending, or with the next window. */
    void answer(Op.Answer op, Frame.OfScript frame) {
        Frame.OfScript doer = run.doerOf(frame).orElse(null);
        if (doer == null) {
            run.drop(frame); // what comes from outside waits for no answer (F1)
            return;
        }
        var answered = (Op.Answered) doer.script.ops().get(doer.pc);
        boolean stops = answered.stopsAt(op.ending());
        if (stops) {
            values(
                    op.gives(),
                    frame,
                    doer,
                    answered.resultSlot(),
                    answered.results().get(op.ending()));
            run.dropDone(doer);
            doer.pc = answered.branches().getOrDefault(op.ending(), answered.after());
        } else {
            run.drop(frame);
        }
    }

    /** What an ending gives; what is not given has no value (W4). All of it is evaluated before anything is kept. */
    void values(List<Op.Hand> gives, Frame.OfScript from, Frame.OfScript to, int slot, int results) {
        int[] values = gives.stream()
                .mapToInt(h -> run.number(h.value().evaluate(run.here(from)).as(h.type())))
                .toArray();
        Arrays.fill(to.locals, slot, slot + results, 0);
        for (int i = 0; i < values.length; i++) {
            to.locals[slot + gives.get(i).index()] = values[i];
        }
    }
}

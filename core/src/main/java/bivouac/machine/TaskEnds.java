package bivouac.machine;

import bivouac.design.Ending;
import bivouac.expression.Compiled;
import bivouac.expression.NoValue;
import bivouac.expression.Value;
import bivouac.plan.Op;
import bivouac.plan.Reading;
import bivouac.state.Frame;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What the end of a task does, or the answer of the system whether it could open or take something (W5, O7). */
final class TaskEnds {

    private final Run run;
    private final Tasks tasks;
    private final Requests requests;
    private final ScriptEnds ends;
    private final Holdings holdings;

    TaskEnds(Run run, Tasks tasks, Requests requests, ScriptEnds ends, Holdings holdings) {
        this.run = run;
        this.tasks = tasks;
        this.requests = requests;
        this.ends = ends;
        this.holdings = holdings;
    }

    /** A task ends: its values are made, and its script goes on in the branch of that ending, or after the step. */
    void end(int place, int ending) {
        Frame.OfScript frame = tasks.frame(place).orElseThrow();
        if (frame.script.ops().get(frame.pc) instanceof Op.MayFail op) {
            tried(op, frame, ending == 0);
            return;
        }
        Op.RunTask op = Tasks.task(frame);
        Op.Outcome outcome = op.outcomes().get(ending);
        var gives = new ArrayList<Sighting.Named>();
        Arrays.fill(frame.locals, op.resultSlot(), op.resultSlot() + op.results(), 0);
        for (Op.Hand hand : outcome.gives()) {
            Value value = sample(hand, run.here(null, frame), op);
            frame.locals[op.resultSlot() + hand.index()] = run.number(value);
            gives.add(new Sighting.Named(hand.name(), value));
        }
        outcome.writes().ifPresent(path -> write(path, run.here(null, frame), op));
        run.see(new Sighting.TaskEnded(op.name(), outcome.ending(), gives));
        if (run.background.remove(frame)) {
            run.stack.add(frame);
        }
        frame.awaitsTask = false;
        frame.cancelled = false;
        if (ending == op.broke() && !op.answersBreaking()) {
            // W8: nobody says what then
            ends.fault(frame, Fault.Rule.X11, "“" + op.name() + "” broke, and nothing says what then", op);
            return;
        }
        frame.pc = op.branches().getOrDefault(ending, op.after());
    }

    /** O7: it is done now; or it could not be, and the branch for that runs, else it is fault X1. */
    private void tried(Op.MayFail op, Frame.OfScript frame, boolean done) {
        String words = tasks.work(frame).words();
        frame.awaitsTask = false;
        frame.cleared = done;
        if (run.top() instanceof Frame.OfRequest request) {
            request.awaitsOpening = false;
            if (!done) {
                requests.couldNotReplace(request);
            }
        }
        if (done) {
            return;
        }
        String reason =
                switch (op) {
                    case Op.Open o -> "the system could not create it";
                    case Op.TakeHolding t -> "the system could not take it";
                    case Op.GiveBack g -> "the system could not take it back";
                };
        if (op instanceof Op.GiveBack back) {
            holdings.lose(back.holding(), frame);
        }
        run.see(new Sighting.TaskEnded(
                words, Ending.COULD_NOT.name(), List.of(new Sighting.Named("reason", Value.of(reason)))));
        if (op.couldNot() >= 0) {
            frame.locals[op.resultSlot()] = run.number(Value.of(reason));
            frame.pc = op.couldNot();
        } else {
            ends.fault(frame, Fault.Rule.X1, words + " failed: " + reason, op);
        }
    }

    private Value sample(Op.Hand hand, Reading here, Op.RunTask op) {
        try {
            return hand.value().evaluate(here).as(hand.type());
        } catch (NoValue fault) {
            run.fault(fault, op.name() + ", " + hand.name(), Optional.of(op.ref()));
            return Value.startOf(hand.type(), run.date());
        }
    }

    /** C8: a file that was written is there from then on. */
    private void write(Compiled<Reading> where, Reading here, Op.RunTask op) {
        String path;
        try {
            path = where.evaluate(here).shown();
        } catch (NoValue fault) {
            run.fault(fault, op.name() + ", writing", Optional.of(op.ref()));
            return;
        }
        List<String> there = run.paths();
        if (!path.isBlank() && !there.contains(path)) {
            var more = new ArrayList<>(there);
            more.add(path);
            run.files = run.number(
                    new Value.Items(more.stream().sorted().map(Value::of).toList()));
        }
    }
}

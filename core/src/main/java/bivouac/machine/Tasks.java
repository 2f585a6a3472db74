package bivouac.machine;

import bivouac.design.Ending;
import bivouac.design.PretendFiles;
import bivouac.expression.NoValue;
import bivouac.expression.Value;
import bivouac.plan.Op;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Tasks that run: how they begin, and what becomes of them when their window goes (W5). */
final class Tasks {

    /** The place of the foreground task among those that run. */
    static final int FOREGROUND = -1;

    /** How an opening or a taking can end: the system carried it out, or it could not (O7). */
    private static final List<String> TRIED = List.of("done", Ending.COULD_NOT.name());

    private final Run run;
    private final PretendFiles files;

    Tasks(Run run) {
        this.run = run;
        this.files = run.program.design().application().files();
    }

    /** Whether a foreground task, or the system, is waited for: then nothing else can happen. */
    boolean isForeground() {
        if (run.isIdle()) {
            return false;
        }
        return switch (run.top()) {
            case Frame.OfScript script -> script.awaitsTask;
            case Frame.OfRequest request -> request.awaitsOpening;
        };
    }

    /** The script that waits for it; of an opening in place it lies right below its request. */
    Frame.OfScript foreground() {
        int top = run.stack.size() - 1;
        return (Frame.OfScript) run.stack.get(run.top() instanceof Frame.OfRequest ? top - 1 : top);
    }

    static Op.RunTask task(Frame.OfScript script) {
        return (Op.RunTask) script.script.ops().get(script.pc);
    }

    /** What is waited for. */
    Scene.Work work(Frame.OfScript script) {
        return switch (script.script.ops().get(script.pc)) {
            case Op.RunTask r -> new Scene.Work.OfTask(r.name());
            case Op.Open o ->
                new Scene.Work.Opening(
                        run.program.windows().get(o.window()).window().name().toString());
            case Op.GiveBack g ->
                new Scene.Work.GivingBack(
                        run.program.holdings().get(g.holding()).name().shown());
            case Op.TakeHolding t ->
                new Scene.Work.Taking(
                        run.program.holdings().get(t.holding()).name().shown());
            case Op.Close _, Op.End _, Op.DoIn _, Op.Plain _, Op.Course _ ->
                throw new IllegalStateException("nothing else is waited for like a task");
        };
    }

    /** How it can end: a task as it says, an opening or a taking as done or could not (O7). */
    static List<String> endings(Frame.OfScript script) {
        return script.script.ops().get(script.pc) instanceof Op.RunTask r
                ? r.outcomes().stream().map(Op.Outcome::ending).toList()
                : TRIED;
    }

    /** Begins the task of a step of the script on top. */
    void begin(Op.RunTask op, Frame.OfScript frame) {
        boolean background = op.background() && !frame.script.isOfClosing();
        if (background && isRunning(op, frame)) {
            throw new StepFault(Fault.Rule.X8, "“" + op.name() + "” of this step still runs");
        }
        var takes = new ArrayList<Sighting.Named>();
        var values = new ArrayList<Value>();
        for (Op.Hand hand : op.handOver()) {
            Value value = hand.value().evaluate(run.here(frame)).as(hand.type());
            values.add(value);
            takes.add(new Sighting.Named(hand.name(), value));
        }
        for (int i = 0; i < values.size(); i++) {
            frame.locals[op.takesSlot() + op.handOver().get(i).index()] = run.number(values.get(i));
        }
        run.see(new Sighting.TaskStarted(op.name(), takes));
        frame.awaitsTask = true;
        if (background) {
            run.drop(frame);
            run.background.add(frame);
        }
    }

    private boolean isRunning(Op.RunTask op, Frame.OfScript frame) {
        return run.background.stream().anyMatch(b -> b.me == frame.me && task(b) == op);
    }

    boolean isPossible(Event.TaskEnds event) {
        Optional<Frame.OfScript> frame = frame(event.place());
        List<String> endings = frame.map(Tasks::endings).orElse(List.of());
        // of two endings of one name only the first is ever met, so that a trail means the same each time
        return event.outcome() >= 0
                && event.outcome() < endings.size()
                && endings.indexOf(endings.get(event.outcome())) == event.outcome()
                && canEnd(frame.orElseThrow(), event.outcome());
    }

    /** W10: work ends as cancelled only where it was asked to. */
    private static boolean isAskedFor(Frame.OfScript frame, int outcome) {
        return !(frame.script.ops().get(frame.pc) instanceof Op.RunTask task)
                || !task.outcomes().get(outcome).cancels()
                || frame.cancelled;
    }

    /** Whether an ending stands among what can happen: that work breaks only where somebody says what then (W8). */
    boolean isListed(Frame.OfScript frame, int outcome) {
        return !(frame.script.ops().get(frame.pc) instanceof Op.RunTask task)
                || task.broke() != outcome
                || task.answersBreaking();
    }

    /** C8: an ending that writes a file is none where that file cannot be written; unless there would be no other. */
    boolean canEnd(Frame.OfScript frame, int outcome) {
        if (!isAskedFor(frame, outcome)) {
            return false;
        }
        if (!files.refuseSome() || !(frame.script.ops().get(frame.pc) instanceof Op.RunTask task)) {
            return true;
        }
        return canWrite(task, outcome, frame)
                || IntStream.range(0, task.outcomes().size())
                        .filter(o ->
                                o != task.broke() && !task.outcomes().get(o).cancels())
                        .noneMatch(o -> canWrite(task, o, frame));
    }

    private boolean canWrite(Op.RunTask task, int outcome, Frame.OfScript frame) {
        try {
            return task.outcomes()
                    .get(outcome)
                    .writes()
                    .map(path -> files.canBeWritten(
                            path.evaluate(run.here(null, frame)).shown(), run.paths()))
                    .orElse(true);
        } catch (NoValue fault) {
            // where it is written is not known, and is a fault when it ends
            return true;
        }
    }

    Optional<Frame.OfScript> frame(int place) {
        if (place == FOREGROUND) {
            return isForeground() ? Optional.of(foreground()) : Optional.empty();
        }
        return !isForeground() && place >= 0 && place < run.background.size()
                ? Optional.of(run.background.get(place))
                : Optional.empty();
    }

    /** The runs of a task are let go by a step; their ends are no events any more. */
    void stop(String task) {
        letGo(run.background.stream().filter(b -> task(b).name().equals(task)).toList());
    }

    /** W5: when its window goes, its background tasks are let go. */
    void windowGone(Inst inst) {
        if (!run.background.isEmpty()) {
            letGo(run.background.stream().filter(b -> b.me == inst).toList());
        }
    }

    private void letGo(List<Frame.OfScript> frames) {
        for (Frame.OfScript frame : frames) {
            run.background.remove(frame);
            Op.RunTask op = task(frame);
            if (op.answered() && !op.mayBeStopped()) {
                run.fault(
                        Fault.Rule.X2,
                        "“" + op.name() + "” is let go, and its end would have been answered",
                        Optional.of(op.ref()));
            }
        }
    }
}

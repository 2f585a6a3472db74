package bivouac.machine;

import bivouac.design.Ending;
import bivouac.expression.Compiled;
import bivouac.expression.NoValue;
import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Tasks that run: how they begin, how they end, and what becomes of them when their window goes (W5). */
final class Tasks {

    /** The place of the foreground task among those that run. */
    static final int FOREGROUND = -1;

    /** The ending of an opening or a taking that the system carried out (O7). */
    static final String DONE = "done";

    private final Run run;

    Tasks(Run run) {
        this.run = run;
    }

    /** The script that waits for a foreground task, if one does: then nothing else can happen. */
    static Optional<Frame.OfScript> foreground(Run run) {
        return switch (run.top()) {
            case Frame.OfScript script when script.awaitsTask -> Optional.of(script);
            case Frame.OfRequest request when request.awaitsOpening -> Optional.of(asker(run));
            case null, default -> Optional.empty();
        };
    }

    /** Whose opening in place the request on top waits for; it lies right below. */
    private static Frame.OfScript asker(Run run) {
        return (Frame.OfScript) run.stack.get(run.stack.size() - 2);
    }

    static Op.RunTask task(Frame.OfScript script) {
        return (Op.RunTask) script.script.ops().get(script.pc);
    }

    /** What is waited for, as people read it. */
    String name(Frame.OfScript script) {
        return switch (script.script.ops().get(script.pc)) {
            case Op.RunTask r -> r.name();
            case Op.Open o ->
                Scene.Working.OPENING
                        + run.program.windows().get(o.window()).window().name();
            case Op.TakeHolding t -> Scene.Working.TAKING + new Holdings(run).name(t.holding());
            default -> throw new IllegalStateException("nothing else is waited for like a task");
        };
    }

    /** How it can end: a task as it says, an opening or a taking as done or could not (O7). */
    static List<String> endings(Frame.OfScript script) {
        return script.script.ops().get(script.pc) instanceof Op.RunTask r
                ? r.outcomes().stream().map(Op.Outcome::ending).toList()
                : List.of(DONE, Ending.COULD_NOT.name());
    }

    /** Begins the task of a step of the script on top. */
    void begin(Op.RunTask op, Frame.OfScript frame) {
        boolean background = op.background() && !frame.script.isOfClosing();
        if (background && isRunning(op, frame)) {
            throw new StepFault(Fault.Rule.X8, "“" + op.name() + "” of this step still runs");
        }
        var takes = new ArrayList<Sighting.Named>();
        var here = new Reading(run, frame.me, frame);
        var values = new ArrayList<Value>();
        for (Op.Hand hand : op.handOver()) {
            Value value = hand.value().evaluate(here).as(hand.type());
            values.add(value);
            takes.add(new Sighting.Named(hand.name(), value));
        }
        for (int i = 0; i < values.size(); i++) {
            frame.locals[op.takesSlot() + op.handOver().get(i).index()] = run.program.number(values.get(i));
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

    /** Everything that can end now: the foreground task alone, else each in the background. */
    List<Event> events() {
        var events = new ArrayList<Event>();
        Optional<Frame.OfScript> waiting = foreground(run);
        if (waiting.isPresent()) {
            ends(waiting.get(), FOREGROUND, events);
        } else {
            for (int i = 0; i < run.background.size(); i++) {
                ends(run.background.get(i), i, events);
            }
        }
        return events;
    }

    private static void ends(Frame.OfScript frame, int place, List<Event> events) {
        List<String> endings = endings(frame);
        for (int i = 0; i < endings.size(); i++) {
            if (endings.indexOf(endings.get(i)) == i) {
                events.add(new Event.TaskEnds(place, i));
            }
        }
    }

    boolean isPossible(Event.TaskEnds event) {
        Optional<Frame.OfScript> frame = frame(event.place());
        List<String> endings = frame.map(Tasks::endings).orElse(List.of());
        // of two endings of one name only the first is ever met, so that a trail means the same each time
        return event.outcome() >= 0
                && event.outcome() < endings.size()
                && endings.indexOf(endings.get(event.outcome())) == event.outcome();
    }

    Optional<Frame.OfScript> frame(int place) {
        Optional<Frame.OfScript> waiting = foreground(run);
        if (place == FOREGROUND) {
            return waiting;
        }
        return waiting.isEmpty() && place >= 0 && place < run.background.size()
                ? Optional.of(run.background.get(place))
                : Optional.empty();
    }

    /** A task ends: its values are made, and its script goes on in the branch of that ending, or after the step. */
    void end(Event.TaskEnds event) {
        Frame.OfScript frame = frame(event.place()).orElseThrow();
        if (frame.script.ops().get(frame.pc) instanceof Op.MayFail op) {
            tried(op, frame, event.outcome() == 0);
            return;
        }
        Op.RunTask op = task(frame);
        Op.Outcome outcome = op.outcomes().get(event.outcome());
        var here = new Reading(run, null, frame);
        var gives = new ArrayList<Sighting.Named>();
        java.util.Arrays.fill(frame.locals, op.resultSlot(), op.resultSlot() + op.results(), 0);
        for (Op.Hand hand : outcome.gives()) {
            Value value = sample(hand, here, op);
            frame.locals[op.resultSlot() + hand.index()] = run.program.number(value);
            gives.add(new Sighting.Named(hand.name(), value));
        }
        outcome.writes().ifPresent(path -> write(path, here, op));
        run.see(new Sighting.TaskEnded(op.name(), outcome.ending(), gives));
        if (run.background.remove(frame)) {
            run.stack.add(frame);
        }
        frame.awaitsTask = false;
        frame.pc = op.branches().getOrDefault(event.outcome(), op.after());
    }

    /** O7: it is done now; or it could not be, and the branch for that runs, else it is fault X1. */
    private void tried(Op.MayFail op, Frame.OfScript frame, boolean done) {
        frame.awaitsTask = false;
        frame.cleared = done;
        if (run.top() instanceof Frame.OfRequest request) {
            request.awaitsOpening = false;
            if (!done) {
                new Requests(run).couldNotReplace(request);
            }
        }
        if (done) {
            return;
        }
        String reason =
                switch (op) {
                    case Op.Open o -> "the system could not create it";
                    case Op.TakeHolding t -> "the system could not take it";
                };
        run.see(new Sighting.TaskEnded(
                name(frame), Ending.COULD_NOT.name(), List.of(new Sighting.Named("reason", Value.of(reason)))));
        if (op.couldNot() >= 0) {
            frame.locals[op.resultSlot()] = run.program.number(Value.of(reason));
            frame.pc = op.couldNot();
        } else {
            new Scripts(run, new Requests(run)).fault(frame, Fault.Rule.X1, name(frame) + " failed: " + reason, op);
        }
    }

    private Value sample(Op.Hand hand, Reading here, Op.RunTask op) {
        try {
            return hand.value().evaluate(here).as(hand.type());
        } catch (NoValue fault) {
            run.fault(fault, op.name() + ", " + hand.name(), Optional.of(op.ref()));
            return Value.startOf(hand.type(), run.today());
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
        List<String> there = run.files();
        if (!path.isBlank() && !there.contains(path)) {
            var more = new ArrayList<>(there);
            more.add(path);
            run.files = run.program.number(
                    new Value.Items(more.stream().sorted().map(Value::of).toList()));
        }
    }

    /** The runs of a task are let go by a step; their ends are no events any more. */
    void stop(String task) {
        letGo(run.background.stream().filter(b -> task(b).name().equals(task)).toList());
    }

    /** W5: when its window goes, its background tasks are let go. */
    void windowGone(Inst inst) {
        letGo(run.background.stream().filter(b -> b.me == inst).toList());
    }

    private void letGo(List<Frame.OfScript> frames) {
        for (Frame.OfScript frame : frames) {
            run.background.remove(frame);
            Op.RunTask op = task(frame);
            if (!op.branches().isEmpty() && !op.mayBeStopped()) {
                run.fault(
                        Fault.Rule.X2,
                        "“" + op.name() + "” is let go, and its end would have been answered",
                        Optional.of(op.ref()));
            }
        }
    }
}

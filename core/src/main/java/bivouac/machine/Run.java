package bivouac.machine;

import bivouac.expression.Budget;
import bivouac.expression.EvaluationFault;
import bivouac.expression.NoValue;
import bivouac.expression.TextTemplate;
import bivouac.expression.TooMuchWork;
import bivouac.expression.Value;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** A state while one event is dealt with: open, changeable, and gone when the next state is made. */
final class Run {

    /** The most steps that the scripts of one event run, the deepest stack, and the most open windows (X6). */
    static final int MOST_STEPS = 10_000;

    static final int DEEPEST_STACK = 100;
    static final int MOST_WINDOWS = 10_000;
    private static final int DEEPEST_READING = 40;

    /** Departure: what has become of the application. */
    static final int RUNNING = 0;

    static final int ENDED = 1;
    static final int KILLED = 2;

    final Program program;
    private final Consumer<Sighting> watch;

    int phase = RUNNING;
    /** The number of the exit code's value, once ended. */
    int exitCode;

    boolean faulted;
    int today;
    /** The number of the list of pretend files that are there; they outlive a run, as files do. */
    int files;

    /** The number of the list of holdings of which the run before left a trace (D7). */
    int traces;

    final int[] variables;
    /** Kept variables as last saved (D6); the others' slots stay 0. */
    final int[] kept;

    final List<Inst> instances = new ArrayList<>();
    final List<Frame> stack = new ArrayList<>();
    final List<Frame.Dormant> dormant = new ArrayList<>();
    /** Scripts that wait for a background task (W5), in a canonical order when at rest. */
    final List<Frame.OfScript> background = new ArrayList<>();
    /** In the order of taking. */
    final List<Holdings.Held> held = new ArrayList<>();
    /** From the lowest to the topmost (S1). */
    final List<Inst> stacking = new ArrayList<>();

    /** Some window has closed since the start (D1). */
    boolean hasClosed;

    /** What the work of this event may still cost (X6). */
    Budget budget = new Budget(Budget.OF_AN_EVENT);

    private int steps;
    private int closings;
    private int depth;

    Run(Program program, Consumer<Sighting> watch) {
        this.program = program;
        this.watch = watch;
        int n = program.design().application().variables().size();
        this.variables = new int[n];
        this.kept = new int[n];
    }

    void see(Sighting sighting) {
        if (watch != null) {
            watch.accept(sighting);
        }
    }

    boolean isWatched() {
        return watch != null;
    }

    LocalDate today() {
        return program.value(today) instanceof Value.Date(LocalDate date) ? date : LocalDate.EPOCH;
    }

    /** The paths of the pretend files that are there. */
    List<String> files() {
        return program.value(files) instanceof Value.Items(List<Value> paths)
                ? paths.stream().map(Value::shown).toList()
                : List.of();
    }

    void fault(Fault.Rule rule, String message, Optional<StepRef> where) {
        faulted = true;
        see(new Sighting.Faulted(new Fault(rule, message, where)));
    }

    /** A value could not be made: X3, or X6 where that would have been too much work. */
    void fault(NoValue fault, String before, Optional<StepRef> where) {
        fault(rule(fault), before.isEmpty() ? fault.getMessage() : before + ": " + fault.getMessage(), where);
    }

    static Fault.Rule rule(NoValue fault) {
        return switch (fault) {
            case EvaluationFault e -> Fault.Rule.X3;
            case TooMuchWork t -> Fault.Rule.X6;
        };
    }

    /** Evaluates something that may cost only so much of what this event may. */
    <T> T within(int units, Supplier<T> evaluation) {
        Budget whole = budget;
        budget = whole.part(units);
        try {
            return evaluation.get();
        } finally {
            budget = whole;
        }
    }

    /** Evaluates something of a window, and sees that windows reading each other in a ring come to an end. */
    <T> T deeper(Supplier<T> evaluation) {
        if (depth >= DEEPEST_READING) {
            throw new EvaluationFault("the value is made from itself");
        }
        depth++;
        try {
            return evaluation.get();
        } finally {
            depth--;
        }
    }

    /** The text, or an empty one and a fault. */
    String textOr(TextTemplate<Reading> template, Reading here) {
        try {
            return template.text(here);
        } catch (NoValue fault) {
            fault(fault, "", Optional.empty());
            return "";
        }
    }

    /** Counts steps that begin; false once there have been too many, or the stack is too deep (X6). */
    boolean mayGoOn(int begun) {
        steps += begun;
        return steps <= MOST_STEPS && stack.size() <= DEEPEST_STACK;
    }

    int nextClosing() {
        return ++closings;
    }

    Stream<Inst> instancesOf(WindowPlan plan) {
        return instances.stream().filter(i -> i.plan == plan && !i.gone);
    }

    /** The one open instance of a main or single window; fault X3 if it is not open (R3). */
    Inst theOnly(WindowPlan plan) {
        return theOneOf(plan)
                .orElseThrow(() -> new EvaluationFault(plan.window().name().shown() + " is not open"));
    }

    /** The open instance of a window that is named by its name alone; fault X3 if there are several (R1). */
    Optional<Inst> theOneOf(WindowPlan plan) {
        List<Inst> open = instancesOf(plan).limit(2).toList();
        if (open.size() > 1) {
            throw new EvaluationFault("more than one " + plan.window().name().shown()
                    + " is open, and the name alone does not say which");
        }
        return open.stream().findFirst();
    }

    Frame top() {
        return stack.isEmpty() ? null : stack.getLast();
    }

    void push(ScriptPlan script, Inst me) {
        if (script != null && !script.isEmpty()) {
            stack.add(new Frame.OfScript(script, me));
        }
    }

    /** Runs a list's script about one of its rows. */
    void push(ScriptPlan script, Inst me, int row) {
        if (!script.isEmpty()) {
            var frame = new Frame.OfScript(script, me);
            frame.locals[ScriptPlan.ROW] = row;
            stack.add(frame);
        }
    }

    /** Puts a window on top of what may be below it. */
    void raise(Inst inst) {
        stacking.remove(inst);
        stacking.add(inst);
    }

    /** Takes a frame off the stack; a request that it asked for goes on without it. */
    void drop(Frame frame) {
        int at = stack.indexOf(frame);
        if (at < 0) {
            return;
        }
        if (at + 1 < stack.size() && stack.get(at + 1) instanceof Frame.OfRequest request) {
            request.byScript = false;
        }
        stack.remove(at);
    }

    /** The undecided request nearest to the top, if any. */
    Optional<Frame.OfRequest> undecided() {
        for (int i = stack.size() - 1; i >= 0; i--) {
            if (stack.get(i) instanceof Frame.OfRequest r && !r.closing) {
                return Optional.of(r);
            }
        }
        return Optional.empty();
    }

    Optional<Frame.OfRequest> departure() {
        return stack.stream()
                .filter(f -> f instanceof Frame.OfRequest r && r.departure)
                .map(Frame.OfRequest.class::cast)
                .findFirst();
    }

    /** D8: at rest, nothing is to be seen, no task runs, and the application does not depart. */
    boolean isUnseen() {
        for (Inst inst : instances) {
            if (!inst.isHidden()) {
                return false;
            }
        }
        return phase == RUNNING
                && Tasks.foreground(this).isEmpty()
                && background.isEmpty()
                && departure().isEmpty();
    }
}

package bivouac.state;

import bivouac.design.Part;
import bivouac.expression.EvaluationFault;
import bivouac.expression.Value;
import bivouac.plan.Program;
import bivouac.plan.ScriptPlan;
import bivouac.plan.WindowPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;

/**
 * A situation laid open, to be looked at and changed. It is used again and again: what it is made of is kept when it is
 * cleared, so that a step makes no objects.
 */
public class Situation {

    /** What has become of the application. */
    public static final int RUNNING = 0;

    public static final int ENDED = 1;
    public static final int KILLED = 2;

    public final Program program;
    public final Values values;

    public int phase = RUNNING;
    /** The number of the exit code's value, once ended. */
    public int exitCode;

    public boolean faulted;
    public int today;
    /** The number of the list of pretend files that are there; they outlive a run, as files do. */
    public int files;
    /** The number of the list of holdings of which the run before left a trace (D7). */
    public int traces;

    /** What was looked at and changed since its last {@link Touched#begin}. */
    public final Touched touched;

    final int[] variables;
    /** Kept variables as last saved (D6); the others' slots stay 0. */
    public final int[] kept;

    /** By timer of the application: 1 while it is on (V4). */
    public final int[] timers;

    public final List<Inst> instances = new ArrayList<>();
    public final List<Frame> stack = new ArrayList<>();
    public final List<Frame.Dormant> dormant = new ArrayList<>();
    /** Scripts that wait for a background task (W5), in a canonical order when at rest. */
    public final List<Frame.OfScript> background = new ArrayList<>();
    /** Of each owner in the order of taking. */
    public final List<Held> held = new ArrayList<>();
    /** From the lowest to the topmost (S1). */
    public final List<Inst> stacking = new ArrayList<>();

    /** Some window has closed since the start (D1). */
    public boolean hasClosed;

    /** By window: how many are open, and the position of the first; as of the last time they were put in order. */
    final int[] open;

    final int[] first;

    private final Pool<Inst> insts;
    private final Pool<Frame.OfScript> scripts;
    private final Pool<Frame.OfRequest> requests;

    protected Situation(Program program, Values values) {
        this.program = program;
        this.values = values;
        this.touched = new Touched(program);
        this.variables = new int[program.variables().size()];
        this.kept = new int[variables.length];
        this.timers = new int[program.timers().size()];
        this.open = new int[program.windows().size()];
        this.first = new int[program.windows().size()];
        this.insts = new Pool<>(
                program.windows().size(), n -> new Inst(program.windows().get(n), values, touched));
        this.scripts = new Pool<>(program.scriptCount(), n -> new Frame.OfScript(program.script(n)));
        this.requests = new Pool<>(1, n -> new Frame.OfRequest());
    }

    /** As before any start. */
    public void clear() {
        phase = RUNNING;
        exitCode = 0;
        faulted = false;
        hasClosed = false;
        clearVariables();
        Arrays.fill(kept, 0);
        Arrays.fill(timers, 0);
        instances.clear();
        stack.clear();
        dormant.clear();
        background.clear();
        held.clear();
        stacking.clear();
        insts.clear();
        scripts.clear();
        requests.clear();
    }

    /** The number of the value of a variable of the application. */
    public int variable(int variable) {
        touched.touch(touched.ofVariable(variable));
        return variables[variable];
    }

    public void setVariable(int variable, int number) {
        touched.touch(touched.ofVariable(variable));
        variables[variable] = number;
    }

    /** Nothing is in any variable, since the application does not run. */
    public void clearVariables() {
        Arrays.fill(variables, 0);
    }

    void saveTaken() {
        insts.save();
        scripts.save();
        requests.save();
    }

    void restoreTaken() {
        insts.restore();
        scripts.restore();
        requests.restore();
    }

    /** A new instance of a window, which is not among the instances yet. */
    public Inst open(WindowPlan plan) {
        Inst inst = insts.take(plan.number);
        inst.beginEmpty();
        return inst;
    }

    /** The same, with what is in its slots. */
    Inst open(WindowPlan plan, int[] slots) {
        Inst inst = insts.take(plan.number);
        inst.begin(slots);
        return inst;
    }

    /** A new run of a script, which is not on the stack yet. */
    public Frame.OfScript run(ScriptPlan script, Inst me) {
        Frame.OfScript frame = scripts.take(script.number());
        frame.begin(me);
        return frame;
    }

    /** A new request, which is not on the stack yet. */
    public Frame.OfRequest request(boolean departure) {
        Frame.OfRequest request = requests.take(0);
        request.begin();
        request.departure = departure;
        return request;
    }

    public int number(Value value) {
        return values.number(value);
    }

    public Value value(int number) {
        return values.value(number);
    }

    public LocalDate date() {
        return value(today) instanceof Value.Date(LocalDate date) ? date : LocalDate.EPOCH;
    }

    /** The paths of the pretend files that are there. */
    public List<String> paths() {
        return value(files) instanceof Value.Items(List<Value> paths)
                ? paths.stream().map(Value::shown).toList()
                : List.of();
    }

    /** How many windows of a plan are open. */
    public int count(WindowPlan plan) {
        int count = 0;
        for (int i = 0; i < instances.size(); i++) {
            count += instances.get(i).plan == plan ? 1 : 0;
        }
        return count;
    }

    /** The first open window of a plan, in the order of the instances. */
    public Optional<Inst> firstOf(WindowPlan plan) {
        for (int i = 0; i < instances.size(); i++) {
            if (instances.get(i).plan == plan) {
                return Optional.of(instances.get(i));
            }
        }
        return Optional.empty();
    }

    /** Puts a window on top of what may be below it. */
    public void raise(Inst inst) {
        if (!stacking.isEmpty() && stacking.getLast() == inst) {
            return;
        }
        stacking.remove(inst);
        stacking.add(inst);
    }

    /** The undecided request nearest to the top; null if there is none. */
    public Frame.OfRequest undecided() {
        for (int i = stack.size() - 1; i >= 0; i--) {
            if (stack.get(i) instanceof Frame.OfRequest r && !r.closing) {
                return r;
            }
        }
        return null;
    }

    /** The departure that has begun; null if there is none. */
    public Frame.OfRequest departure() {
        for (int i = 0; i < stack.size(); i++) {
            if (stack.get(i) instanceof Frame.OfRequest r && r.departure) {
                return r;
            }
        }
        return null;
    }

    /** The open instance of a window that is named by its name alone; fault X3 if there are several (R1). */
    public Optional<Inst> theOneOf(WindowPlan plan) {
        if (count(plan) > 1) {
            throw new EvaluationFault("more than one " + plan.window().name().shown()
                    + " is open, and the name alone does not say which");
        }
        return firstOf(plan);
    }

    // A list's scripts mean their row, not its number (V4): what they have follows the rows that go

    /** A row of a list is gone: those behind it move up. */
    public void removeRow(Inst inst, Part list, int number) {
        follow(inst, list, row -> row == number ? 0 : row > number ? row - 1 : row);
    }

    /** The rows of a list beyond {@code last} are gone. */
    public void forgetRows(Inst inst, Part list, int last) {
        follow(inst, list, row -> row > last ? 0 : row);
    }

    private void follow(Inst inst, Part list, IntUnaryOperator change) {
        stack.forEach(f -> {
            if (f instanceof Frame.OfScript s) {
                follow(s, inst, list, change);
            }
        });
        background.forEach(f -> follow(f, inst, list, change));
        dormant.forEach(d -> follow(d, inst, list, change));
    }

    private static void follow(Frame.OfOps frame, Inst inst, Part list, IntUnaryOperator change) {
        if (frame.me == inst && frame.script.isOfList(inst.plan, list)) {
            frame.locals[ScriptPlan.ROW] = change.applyAsInt(frame.locals[ScriptPlan.ROW]);
        }
    }
}

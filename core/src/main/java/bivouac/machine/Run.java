package bivouac.machine;

import bivouac.design.Type;
import bivouac.expression.Budget;
import bivouac.expression.Compiled;
import bivouac.expression.EvaluationFault;
import bivouac.expression.NoValue;
import bivouac.expression.TextTemplate;
import bivouac.expression.TooMuchWork;
import bivouac.expression.Value;
import bivouac.plan.Op;
import bivouac.plan.PartPlan;
import bivouac.plan.Program;
import bivouac.plan.Reading;
import bivouac.plan.ScriptPlan;
import bivouac.plan.Starting;
import bivouac.plan.StepRef;
import bivouac.state.Frame;
import bivouac.state.Inst;
import bivouac.state.Situation;
import bivouac.state.Values;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** A situation while one event is dealt with, with what that may still cost and who is told what is seen. */
final class Run extends Situation {

    /** The most steps that the scripts of one event run, the deepest stack, and the most open windows (X6). */
    static final int MOST_STEPS = 10_000;

    static final int DEEPEST_STACK = 100;
    static final int MOST_WINDOWS = 10_000;

    /** What the work of this event may still cost (X6). */
    final Budget budget = new Budget(Budget.OF_AN_EVENT);

    private final Here here = new Here(this, budget, 0);
    private Optional<Consumer<Sighting>> watch = Optional.empty();
    private int steps;
    /** Counts openings and closings, so that an order of windows is made anew only after one. */
    private int changes;
    /** What went wrong in this event. */
    private final List<Fault> faults = new ArrayList<>();

    /** Told when the application has ended, before what it held is forgotten. */
    private Optional<Runnable> atTheEnd = Optional.empty();

    /** Which operations any event has reached, by the script's number and its place in it. */
    private final BitSet[] reached;

    Run(Program program, Values values) {
        super(program, values);
        this.reached = new BitSet[program.scriptCount()];
        Arrays.setAll(reached, i -> new BitSet());
    }

    /** Begins to deal with an event. */
    void begin(Optional<Consumer<Sighting>> watchedBy) {
        watch = watchedBy;
        budget.refill(Budget.OF_AN_EVENT);
        steps = 0;
        changes++;
        faults.clear();
    }

    /** The same, with nobody who watches. */
    void begin() {
        begin(Optional.empty());
    }

    void see(Sighting sighting) {
        if (watch.isPresent()) {
            watch.get().accept(sighting);
        }
    }

    boolean isWatched() {
        return watch.isPresent();
    }

    /** The windows that are open are other ones, or owned by others, than before. */
    void windowsChange() {
        changes++;
    }

    int changes() {
        return changes;
    }

    void fault(Fault.Rule rule, String message, Optional<StepRef> where) {
        faulted = true;
        var fault = new Fault(rule, message, where);
        faults.add(fault);
        see(new Sighting.Faulted(fault));
    }

    void watchTheEnd(Runnable watcher) {
        atTheEnd = Optional.of(watcher);
    }

    /** It has ended, and everything is still as it was then. */
    void end() {
        atTheEnd.ifPresent(Runnable::run);
    }

    List<Fault> faults() {
        return faults;
    }

    /** An operation of a script is run. */
    void reach(Frame.OfScript frame) {
        reached[frame.script.number()].set(frame.pc);
    }

    boolean hasReached(int script, int op) {
        return reached[script].get(op);
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

    /** A live text or condition of a window, or {@code otherwise} where it has a fault or takes too much work. */
    <T> T or(Supplier<T> live, T otherwise) {
        long before = budget.narrow(Budget.OF_A_TEXT);
        try {
            return live.get();
        } catch (NoValue fault) {
            return otherwise;
        } finally {
            budget.widen(before);
        }
    }

    /** Whether a condition of the application holds now; one that has no value does not. */
    boolean holds(Compiled<Reading> condition) {
        return or(() -> condition.evaluate(here(null, null)).equals(Value.YES), false);
    }

    /** Whether a part is read-only now (P1). */
    boolean isReadOnly(Inst inst, PartPlan part) {
        return or(() -> part.readOnly(here(inst), inst), false);
    }

    /** Where an expression of a script is evaluated, until the next is; or one of a window, outside its scripts. */
    Here here(Inst me, Frame.OfScript frame) {
        return here.at(me, frame);
    }

    Here here(Frame.OfScript frame) {
        return here.at(frame.me, frame);
    }

    /** Where a text or condition of a window is evaluated. */
    Here here(Inst me) {
        return here.at(me, null);
    }

    /** The text, or an empty one and a fault. */
    String textOr(TextTemplate<Reading> template, Reading in) {
        try {
            return template.text(in);
        } catch (NoValue fault) {
            fault(fault, "", Optional.empty());
            return "";
        }
    }

    /** How the first values of a window are made. */
    Starting starting(Inst inst) {
        return new FirstValues(inst);
    }

    private final class FirstValues implements Starting {
        private final Inst inst;

        FirstValues(Inst inst) {
            this.inst = inst;
        }

        @Override
        public LocalDate today() {
            return date();
        }

        @Override
        public String text(TextTemplate<Reading> text) {
            return textOr(text, here(inst));
        }

        @Override
        public Value value(Optional<Compiled<Reading>> said, Type type, Value otherwise) {
            try {
                return said.map(c -> c.evaluate(here(inst)).as(type)).orElse(otherwise);
            } catch (NoValue fault) {
                fault(fault, "", Optional.empty());
                return Value.startOf(type, date());
            }
        }
    }

    /** Whether more stands on the stack than may (X6). */
    boolean isTooDeep() {
        return stack.size() > DEEPEST_STACK && depth() > DEEPEST_STACK;
    }

    /** Counts steps that begin; false once there have been too many, or the stack is too deep (X6). */
    boolean mayGoOn(int begun) {
        steps += begun;
        return steps <= MOST_STEPS && !isTooDeep();
    }

    /** What comes after all that have arrived already. */
    int nextClosing() {
        int last = 0;
        for (int i = 0; i < dormant.size(); i++) {
            last = Math.max(last, dormant.get(i).order);
        }
        return last + 1;
    }

    /** Saves the kept variables (D6); answers whether there are any. */
    boolean saveKept() {
        boolean any = false;
        for (int i = 0; i < kept.length; i++) {
            if (program.variables().get(i).kept()) {
                kept[i] = variable(i);
                any = true;
            }
        }
        return any;
    }

    boolean isIdle() {
        return stack.isEmpty();
    }

    Frame top() {
        return stack.getLast();
    }

    void push(ScriptPlan script, Inst me) {
        if (!script.isEmpty()) {
            stack.add(run(script, me));
        }
    }

    /** Runs a list's script about one of its rows. */
    void push(ScriptPlan script, Inst me, int row) {
        push(script, me, frame -> frame.locals[ScriptPlan.ROW] = row);
    }

    /** @param begins what its run has before its first step */
    void push(ScriptPlan script, Inst me, Consumer<Frame.OfScript> begins) {
        if (!script.isEmpty()) {
            Frame.OfScript frame = run(script, me);
            begins.accept(frame);
            stack.add(frame);
        }
    }

    /** Runs a script that another window's does, with what it is handed (W12). */
    void push(ScriptPlan script, Inst me, List<Op.Hand> hands, int[] handed) {
        if (!script.isEmpty()) {
            Frame.OfScript frame = run(script, me);
            for (int i = 0; i < handed.length; i++) {
                frame.locals[ScriptPlan.FIRST_FREE + hands.get(i).index()] = handed[i];
            }
            stack.add(frame);
        }
    }

    /** Takes a frame off the stack, with what it does in other windows; a request that it asked for goes on without it. */
    void drop(Frame frame) {
        int at = stack.indexOf(frame);
        if (at < 0) {
            return;
        }
        if (frame instanceof Frame.OfScript script) {
            dropDone(script);
        }
        if (at + 1 < stack.size() && stack.get(at + 1) instanceof Frame.OfRequest request) {
            request.byScript = false;
        }
        stack.remove(at);
    }

    /** Takes the scripts off the stack that one does in other windows (W12): they stand right above it. */
    void dropDone(Frame.OfScript doer) {
        if (!doer.doesElsewhere()) {
            return;
        }
        int at = stack.indexOf(doer) + 1;
        while (at < stack.size() && isDone(stack.get(at))) {
            drop(stack.get(at));
        }
    }

    /** Whether it is a script that another window's does: by itself a named one is run for nothing else. */
    private static boolean isDone(Frame frame) {
        return frame instanceof Frame.OfScript s && s.script.isDone();
    }

    /** Who does a script that stands above it: below those of the windows that are still to come (W12). */
    Optional<Frame.OfScript> doerOf(Frame.OfScript done) {
        if (!isDone(done)) {
            return Optional.empty();
        }
        int at = stack.indexOf(done);
        while (at >= 0 && stack.get(at) instanceof Frame.OfScript s && s.script == done.script) {
            at--;
        }
        return at >= 0 && stack.get(at) instanceof Frame.OfScript doer && doer.doesElsewhere()
                ? Optional.of(doer)
                : Optional.empty();
    }

    /** How many stand on the stack that have begun: windows whose turn has not come are none (W12). */
    private int depth() {
        int begun = stack.size();
        for (int i = 1; i < stack.size(); i++) {
            boolean toCome = isDone(stack.get(i))
                    && isDone(stack.get(i - 1))
                    && ((Frame.OfScript) stack.get(i)).script == ((Frame.OfScript) stack.get(i - 1)).script;
            begun -= toCome ? 1 : 0;
        }
        return begun;
    }
}

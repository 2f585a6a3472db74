package bivouac.machine;

import bivouac.design.Part;
import bivouac.expression.Budget;
import bivouac.expression.EvaluationFault;
import bivouac.expression.Value;
import bivouac.plan.Instance;
import bivouac.plan.Reading;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import bivouac.state.Situation;
import java.time.LocalDate;
import java.util.List;

/**
 * From where the expression that is evaluated now reads. It is used again for the next one; what a text of a window
 * reads in another one stands in the next of a chain, so that windows which read each other in a ring come to an end.
 */
final class Here implements Reading {

    private static final int DEEPEST = 40;

    private final Situation run;
    private final Budget budget;
    private final int depth;
    private Inst me;
    private Frame.OfScript frame;
    private Value row = Value.NONE;
    private Here next;

    Here(Situation run, Budget budget, int depth) {
        this.run = run;
        this.budget = budget;
        this.depth = depth;
    }

    /**
     * @param window in whose scope it is; null for the application
     * @param script that evaluates it; null for what stands on a window
     */
    Here at(Inst window, Frame.OfScript script) {
        me = window;
        frame = script;
        return this;
    }

    @Override
    public Budget budget() {
        return budget;
    }

    @Override
    public Instance me() {
        if (me == null) {
            throw new EvaluationFault("there is no window here");
        }
        return me;
    }

    @Override
    public int local(int slot) {
        return frame.locals[slot];
    }

    @Override
    public Instance kept(int slot) {
        if (!isKept(slot)) {
            throw new EvaluationFault("the window that is kept here is not open any more");
        }
        return frame.kept[slot];
    }

    @Override
    public boolean isKept(int slot) {
        return frame.kept[slot] != null;
    }

    @Override
    public Value value(int number) {
        return run.value(number);
    }

    @Override
    public LocalDate today() {
        return run.date();
    }

    @Override
    public Value traces() {
        return run.value(run.traces);
    }

    @Override
    public Value variable(int variable) {
        return run.value(run.variable(variable));
    }

    @Override
    public void setVariable(int variable, Value value) {
        run.setVariable(variable, run.number(value));
    }

    @Override
    public Instance theOnly(WindowPlan plan) {
        return run.theOneOf(plan)
                .orElseThrow(() -> new EvaluationFault(plan.window().name().shown() + " is not open"));
    }

    @Override
    public boolean isOpen(WindowPlan plan) {
        return run.firstOf(plan).isPresent();
    }

    @Override
    public Reading of(Instance other) {
        if (depth >= DEEPEST) {
            throw new EvaluationFault("the value is made from itself");
        }
        if (next == null) {
            next = new Here(run, budget, depth + 1);
        }
        return next.at((Inst) other, null);
    }

    @Override
    public Reading of(Instance other, Value ofRow) {
        var there = (Here) of(other);
        there.row = ofRow;
        return there;
    }

    @Override
    public Value row() {
        return row;
    }

    @Override
    public List<Instance> open(WindowPlan plan) {
        return run.instances.stream()
                .filter(i -> i.plan == plan)
                .map(Instance.class::cast)
                .toList();
    }

    @Override
    public void rowsEnd(Instance inst, Part list, int last) {
        run.forgetRows((Inst) inst, list, last);
    }
}

package bivouac.machine;

import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.expression.EvaluationFault;
import bivouac.expression.Value;
import bivouac.plan.KeptAt;
import bivouac.plan.Op;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.Optional;

/** Opens windows, or brings them back (O1 to O9). */
final class Opening {

    private final Run run;
    private final Targets targets;
    /** By window: the slots of a new instance, where they are the same each time. */
    private final int[][] first;

    private static final Value[] NOTHING = {};

    Opening(Run run, Targets targets) {
        this.run = run;
        this.targets = targets;
        this.first = new int[run.program.windows().size()][];
    }

    /** Carries out an <em>open</em> step of the script on top; throws where a value handed over has a fault. */
    void open(Op.Open op, Frame.OfScript by) {
        Value[] values = handOver(op, by);
        WindowPlan plan = run.program.windows().get(op.window());
        Optional<Inst> there = alreadyOpen(plan, values);
        if (there.isPresent()) {
            if (!(op.how() instanceof Op.How.Alongside)) {
                throw new StepFault(
                        Fault.Rule.X7, plan.window().name().shown() + " is already open, and cannot be waited for");
            }
            by.pc = op.after();
            keep(op, by, there.get());
            bringBack(there.get(), values);
            return;
        }
        Inst owner = owner(op, plan, by);
        Inst inst = create(plan, values, owner, by.me);
        keep(op, by, inst);
        switch (op.how()) {
            case Op.How.Alongside a -> alongside(op, by, inst);
            case Op.How.WaitsForOwner w ->
                waiting(op, by, inst, owner == null ? Inst.WAITS_FOR_APPLICATION : Inst.WAITS_FOR_OWNER);
            case Op.How.WaitsForApplication w -> waiting(op, by, inst, Inst.WAITS_FOR_APPLICATION);
            case Op.How.InPlace i -> throw new IllegalStateException("in place is a request");
        }
    }

    /** Whether a new instance can be made: none is open of a window that is there only once. */
    boolean isFree(WindowPlan plan) {
        return run.instances.size() < Run.MOST_WINDOWS
                && (!(plan.instances() instanceof Instances.Single)
                        || run.firstOf(plan).isEmpty());
    }

    /** Opens a window for nobody, with a sample for each take that has no default. */
    void withSamples(WindowPlan plan) {
        var values = new Value[plan.window().takes().size()];
        for (int i = 0; i < values.length; i++) {
            Take take = plan.window().takes().get(i);
            if (take.byDefault().isEmpty()) {
                values[i] = take.type() == Type.Plain.TEXT
                        ? Value.of(take.name().shown())
                        : Value.startOf(take.type(), run.date());
            }
        }
        openForNoScript(plan, values, null);
    }

    /** No script waits for it; C7: a ready-made window is waited for all the same. */
    private void openForNoScript(WindowPlan plan, Value[] values, Inst owner) {
        Inst inst = create(plan, values, owner, null);
        if (plan.isReadyMade()) {
            letWait(inst, Inst.WAITS_FOR_APPLICATION);
        }
        announce(inst, plan.isReadyMade());
        begin(inst, FacedWindow.Moment.OPENED);
    }

    /** O7: the system may fail to create the window; one that is there already is only brought back. */
    boolean mayFail(Op.Open op, Frame.OfScript by) {
        WindowPlan plan = run.program.windows().get(op.window());
        return plan.mayFail() && alreadyOpen(plan, handOver(op, by)).isEmpty();
    }

    /** O8, once the opener has agreed to close: the new window is there before the old one goes. */
    void openInPlaceOf(Inst old, Op.Open op, Frame.OfScript by) {
        Value[] values = handOver(op, by);
        WindowPlan plan = run.program.windows().get(op.window());
        Optional<Inst> there = alreadyOpen(plan, values);
        if (there.isPresent() && there.get() != old) {
            bringBack(there.get(), values);
            return;
        }
        openForNoScript(plan, values, plan.canBeOwned() ? old.owner : null);
    }

    private static void keep(Op.Open op, Frame.OfScript by, Inst inst) {
        op.keptAt().ifPresent(at -> {
            switch (at) {
                case KeptAt.InScript(int slot) -> by.kept[slot] = inst;
                case KeptAt.InWindow(int number) -> by.me.kept[number] = inst;
            }
        });
    }

    /** O2: in the opener's scope, left to right, before anything opens. */
    private Value[] handOver(Op.Open op, Frame.OfScript by) {
        WindowPlan plan = run.program.windows().get(op.window());
        if (plan.window().takes().isEmpty()) {
            return NOTHING;
        }
        var values = new Value[plan.window().takes().size()];
        for (int i = 0; i < op.handOver().size(); i++) {
            Op.Hand hand = op.handOver().get(i);
            values[hand.index()] = hand.value().evaluate(run.here(by)).as(hand.type());
        }
        return values;
    }

    private Optional<Inst> alreadyOpen(WindowPlan plan, Value[] values) {
        return switch (plan.instances()) {
            case Instances.Many m -> Optional.empty();
            case Instances.Single s -> run.firstOf(plan);
            case Instances.OneForEach(String key) -> {
                int slot = plan.keySlot();
                yield slot < 0
                        ? Optional.empty()
                        : run.instances.stream()
                                .filter(i -> i.plan == plan && i.value(slot).equals(values[slot - plan.takeSlot(0)]))
                                .findFirst();
            }
        };
    }

    /** O3: to the front, with the new values; owner, manner and who gets the ending stay. */
    private void bringBack(Inst inst, Value[] values) {
        for (int i = 0; i < values.length; i++) {
            if (values[i] != null) {
                inst.set(inst.plan.takeSlot(i), values[i]);
            }
        }
        inst.hidden = false;
        run.raise(inst);
        if (run.isWatched()) {
            run.see(new Sighting.BroughtBack(Sighting.Which.of(inst)));
        }
        begin(inst, FacedWindow.Moment.BROUGHT_BACK);
    }

    private Inst owner(Op.Open op, WindowPlan plan, Frame.OfScript by) {
        if (!plan.canBeOwned()) {
            return null;
        }
        return op.ownedBy().isEmpty()
                ? by.me
                : targets.find(op.ownedBy().get(), by)
                        .orElseThrow(() -> new EvaluationFault("the window that is to own "
                                + plan.window().name().shown() + " is not open"));
    }

    private Inst create(WindowPlan plan, Value[] values, Inst owner, Inst opener) {
        if (run.instances.size() >= Run.MOST_WINDOWS) {
            throw new StepFault(Fault.Rule.X6, "more than " + Run.MOST_WINDOWS + " windows are open");
        }
        run.budget.spend(plan.slots() + (long) run.instances.size());
        Inst inst = run.open(plan);
        inst.owner = owner;
        inst.opener = opener;
        inst.serial = 1;
        for (int i = 0; i < run.instances.size(); i++) {
            Inst other = run.instances.get(i);
            inst.serial = other.plan == plan ? Math.max(inst.serial, other.serial + 1) : inst.serial;
        }
        run.instances.add(inst);
        run.windowsChange();
        begin(inst, values);
        run.raise(inst);
        return inst;
    }

    /** One that begins the same each time is made once. */
    private void begin(Inst inst, Value[] values) {
        int[] known = first[inst.plan.number];
        if (known != null) {
            inst.setAll(known);
            return;
        }
        inst.plan.start(run.starting(inst), inst, values);
        if (inst.plan.startsAlike()) {
            first[inst.plan.number] = inst.all();
        }
    }

    private void announce(Inst inst, boolean waits) {
        if (!run.isWatched()) {
            return;
        }
        if (inst.plan.isReadyMade()) {
            run.see(new Sighting.Asked(
                    Sighting.Which.of(inst),
                    inst.value(WindowPlan.TITLE).shown(),
                    inst.plan.isBox() ? inst.value(WindowPlan.TEXT).shown() : ""));
        } else {
            run.see(new Sighting.Opened(Sighting.Which.of(inst), waits));
        }
    }

    /** W3: the script goes on; the branches stay behind for when the window ends. */
    private void alongside(Op.Open op, Frame.OfScript by, Inst inst) {
        if (!op.branches().isEmpty()) {
            var left = new Frame.Dormant(by.script, by.pc);
            left.takeOver(by);
            left.awaits = inst;
            run.dormant.add(left);
        }
        by.pc = op.after();
        announce(inst, false);
        begin(inst, FacedWindow.Moment.OPENED);
    }

    /** B1: it is waited for from now on, and so blocks; of two, the later blocks the earlier. */
    private void letWait(Inst inst, int waits) {
        inst.waits = waits;
        for (int i = 0; i < run.instances.size(); i++) {
            inst.rank = Math.max(inst.rank, run.instances.get(i).rank + 1);
        }
    }

    /** W2: the script stays on the stack until the window has ended. */
    private void waiting(Op.Open op, Frame.OfScript by, Inst inst, int waits) {
        letWait(inst, waits);
        by.awaits = inst;
        announce(inst, true);
        begin(inst, FacedWindow.Moment.OPENED);
    }

    /** A ready-made window has no scripts of its own. */
    private void begin(Inst inst, FacedWindow.Moment moment) {
        if (!inst.plan.isReadyMade()) {
            run.push(inst.plan.moment(moment), inst);
        }
    }
}

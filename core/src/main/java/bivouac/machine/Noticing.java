package bivouac.machine;

import bivouac.design.FileDialog;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Picker;
import bivouac.design.Target;
import bivouac.machine.Notice.Kind;
import bivouac.plan.Op;
import bivouac.plan.Program;
import bivouac.plan.ScriptPlan;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Held;
import bivouac.state.Inst;
import bivouac.state.Situation;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;

/** Looks at situations for what is no fault and yet worth a word; what that is follows from the program, once. */
final class Noticing {

    private final Program program;
    private final boolean tracesAreRead;
    /** Windows of which several can be open although nothing says so. */
    private final BitSet unmeant = new BitSet();
    /** By holding: the windows that take it, and give it back when they close; none where it is not so. */
    private final List<BitSet> untilClosed = new ArrayList<>();
    /** What was held before the step. */
    private final List<Held> before = new ArrayList<>();

    private final boolean orders;
    /** The number of the dialog that the step leaves; -1 for none. */
    private int left = -1;
    /** Whose closing it was asked for, and of which window that is: one that is gone is used again for another. */
    private Inst asked;

    private WindowPlan askedOf;

    Noticing(Program program, boolean tracesAreRead) {
        this.program = program;
        this.tracesAreRead = tracesAreRead;
        for (WindowPlan window : program.windows()) {
            boolean many = window.face()
                    .filter(f -> f.instances().isEmpty() && f.instancesOrUsual() instanceof Instances.Many)
                    .isPresent();
            unmeant.set(window.number, many);
        }
        for (int h = 0; h < program.holdings().size(); h++) {
            untilClosed.add(program.holdings().get(h).ofApplication() ? untilClosed(h) : new BitSet());
        }
        orders = program.holdings().size() > 1 && gives();
    }

    private boolean gives() {
        return scripts().stream().anyMatch(s -> s.ops().stream().anyMatch(Op.GiveBack.class::isInstance));
    }

    private List<ScriptPlan> scripts() {
        var scripts = new ArrayList<ScriptPlan>();
        for (int i = 0; i < program.scriptCount(); i++) {
            scripts.add(program.script(i));
        }
        return scripts;
    }

    /** The windows with which a holding goes, if only windows take it, and those that close give it back on some way. */
    private BitSet untilClosed(int holding) {
        var windows = new BitSet();
        boolean givenBack = false;
        for (ScriptPlan script : scripts()) {
            boolean takes =
                    script.ops().stream().anyMatch(o -> o instanceof Op.TakeHolding t && t.holding() == holding);
            boolean gives = script.ops().stream().anyMatch(o -> o instanceof Op.GiveBack g && g.holding() == holding);
            if (!takes && !gives) {
                continue;
            }
            Optional<WindowPlan> of = script.of();
            if (of.isEmpty()) {
                return new BitSet();
            }
            windows.set(of.get().number);
            givenBack |= gives && (script.isOfClosing() || closesItself(script));
        }
        return givenBack ? windows : new BitSet();
    }

    private static boolean closesItself(ScriptPlan script) {
        return script.ops().stream()
                .anyMatch(
                        o -> o instanceof Op.Close c && c.whom().target() instanceof Target.Me || o instanceof Op.End);
    }

    /** Before a step is taken: what its order of giving back is seen by, and who is asked while a dialog is left. */
    void begin(Situation situation, long event) {
        before.clear();
        if (orders) {
            before.addAll(situation.held);
        }
        left = -1;
        switch (NumberedEvent.kind(event)) {
            case CLOSE_BOX, ESCAPE -> leaves(situation, situation.instances.get(NumberedEvent.instance(event)));
            default -> {
                // leaves no dialog
            }
        }
    }

    /** Remembers the window whose <em>before closing</em> waits for a file dialog or picker that is left. */
    private void leaves(Situation situation, Inst dialog) {
        boolean isLeft = dialog.plan.window() instanceof FileDialog || dialog.plan.window() instanceof Picker;
        for (int i = situation.stack.size() - 1; isLeft && i >= 0; i--) {
            if (situation.stack.get(i) instanceof Frame.OfScript script && script.awaits == dialog) {
                if (script.script.isBeforeClosing() && script.me != null) {
                    left = dialog.plan.number;
                    asked = script.me;
                    askedOf = script.me.plan;
                }
                return;
            }
        }
    }

    /** After a step: what it has done. */
    void step(Situation situation, IntConsumer to) {
        if (left >= 0 && hasGone(situation)) {
            to.accept(Notice.numbered(Kind.LEFT_AND_CLOSED, left));
        }
        for (int i = 0; i < before.size(); i++) {
            if (!situation.held.contains(before.get(i))) {
                for (int j = i + 1; j < before.size(); j++) {
                    if (before.get(j).owner() == before.get(i).owner() && situation.held.contains(before.get(j))) {
                        to.accept(
                                Notice.numbered(Kind.OUT_OF_ORDER, before.get(i).holding()));
                    }
                }
            }
        }
    }

    private boolean hasGone(Situation situation) {
        return situation.phase != Situation.RUNNING
                || asked.plan != askedOf
                || !situation.instances.contains(asked)
                || asked.closing;
    }

    /** A situation at rest, in which the application runs. */
    void situation(Situation situation, IntConsumer to) {
        windows(situation, to);
        for (Held held : situation.held) {
            Holding holding = program.holdings().get(held.holding());
            if (holding.leavesTrace() && !tracesAreRead) {
                to.accept(Notice.numbered(Kind.LEAVES_TRACE, held.holding()));
            }
            BitSet windows = untilClosed.get(held.holding());
            if (!windows.isEmpty()
                    && !situation.instances.isEmpty()
                    && situation.instances.stream().noneMatch(i -> windows.get(i.plan.number))) {
                to.accept(Notice.numbered(Kind.HELD_ON, held.holding()));
            }
        }
    }

    private void windows(Situation situation, IntConsumer to) {
        for (int i = 0; i < situation.instances.size(); i++) {
            Inst inst = situation.instances.get(i);
            if (inst.closing) {
                continue;
            }
            if (inst.waits != Inst.WAITS_NOT) {
                waited(situation, inst, to);
            }
            if (unmeant.get(inst.plan.number)) {
                for (int j = i + 1; j < situation.instances.size(); j++) {
                    if (isSame(inst, situation.instances.get(j))) {
                        to.accept(Notice.numbered(Kind.OPEN_TWICE, inst.plan.number));
                    }
                }
            }
        }
    }

    private static void waited(Situation situation, Inst inst, IntConsumer to) {
        // hidden it cannot be (X9)
        if (inst.owner == null) {
            for (Inst other : situation.instances) {
                boolean stands = other != inst && !other.isHidden() && !other.closing && !other.isOwnedBy(inst);
                if (stands && other.waits == Inst.WAITS_NOT) {
                    to.accept(Notice.numbered(Kind.BEHIND_OTHERS, inst.plan.number));
                }
            }
        }
    }

    private static boolean isSame(Inst one, Inst other) {
        if (one.plan != other.plan || other.closing || one.owner != other.owner) {
            return false;
        }
        for (int t = 0; t < one.plan.window().takes().size(); t++) {
            if (one.get(one.plan.takeSlot(t)) != other.get(one.plan.takeSlot(t))) {
                return false;
            }
        }
        return true;
    }
}

package bivouac.state;

import bivouac.design.Instances;
import bivouac.design.Step;
import bivouac.plan.Op;
import bivouac.plan.Program;
import bivouac.plan.RestPoint;
import bivouac.plan.ScriptPlan;
import bivouac.plan.Whom;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What the steps of a program can do with each of its windows: found once, so that a state keeps nothing else. */
final class Openings {

    private final BitSet waiting = new BitSet();
    private final BitSet inPlaceOfItself = new BitSet();
    private final BitSet opened = new BitSet();
    /** Those that can be opened with no owner, or with another than the window whose script opens them. */
    private final BitSet otherwiseOwned = new BitSet();

    private final BitSet hidden = new BitSet();
    private final Map<WindowPlan, List<RestPoint>> branches = new HashMap<>();
    private boolean hidesAny;
    /** Whether a step ends the application with a code or a text. */
    private boolean endsSaying;
    /** Whether a task writes files. */
    private boolean writes;

    Openings(Program program) {
        for (int i = 0; i < program.scriptCount(); i++) {
            ScriptPlan script = program.script(i);
            script.ops().forEach(op -> look(op, script));
        }
        for (RestPoint point : program.restPoints()) {
            if (point.kind() == RestPoint.Kind.BRANCHES) {
                branches.computeIfAbsent(WindowLayout.opened(point, program), w -> new ArrayList<>())
                        .add(point);
            }
        }
    }

    private void look(Op op, ScriptPlan script) {
        switch (op) {
            case Op.Open open -> {
                opened.set(open.window());
                if (script.of().isEmpty() || open.ownedBy().isPresent() || open.how() instanceof Op.How.InPlace) {
                    otherwiseOwned.set(open.window());
                }
                boolean waits =
                        open.how() instanceof Op.How.WaitsForOwner || open.how() instanceof Op.How.WaitsForApplication;
                waiting.set(open.window(), waits || waiting.get(open.window()));
                if (open.how() instanceof Op.How.InPlace
                        && script.of().filter(p -> p.number == open.window()).isPresent()) {
                    inPlaceOfItself.set(open.window());
                }
            }
            case Op.Reach reach when reach.how() == Step.Reach.How.HIDE -> hides(reach.whom());
            case Op.End end ->
                endsSaying |= end.code().isPresent() || end.saying().isPresent();
            case Op.RunTask task ->
                writes |= task.outcomes().stream().anyMatch(o -> o.writes().isPresent());
            case Op.Close _, Op.MayFail _, Op.DoIn _, Op.Plain _, Op.Course _ -> {
                // nothing of a window
            }
        }
    }

    private void hides(Whom whom) {
        if (whom.window() >= 0) {
            hidden.set(whom.window());
        } else {
            hidesAny = true;
        }
    }

    boolean isOnce(WindowPlan plan) {
        return plan.instances() instanceof Instances.Single && !inPlaceOfItself.get(plan.number);
    }

    WindowLayout.Waits waits(WindowPlan plan) {
        if (plan.isReadyMade()) {
            return WindowLayout.Waits.ALWAYS;
        }
        return waiting.get(plan.number) ? WindowLayout.Waits.SOMETIMES : WindowLayout.Waits.NEVER;
    }

    /** Whether a window that a step has opened has an owner as long as it is open (O5). */
    boolean isAlwaysOwned(WindowPlan plan) {
        return plan.canBeOwned() && opened.get(plan.number) && !otherwiseOwned.get(plan.number);
    }

    boolean hides(WindowPlan plan) {
        return hidesAny || hidden.get(plan.number);
    }

    List<RestPoint> branches(WindowPlan plan) {
        return branches.getOrDefault(plan, List.of());
    }

    boolean endsSaying() {
        return endsSaying;
    }

    boolean writes() {
        return writes;
    }
}

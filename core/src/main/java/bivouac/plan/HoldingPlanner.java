package bivouac.plan;

import bivouac.design.Application;
import bivouac.design.Ending;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.ArrayList;
import java.util.Optional;

/** Plans the steps that take holdings and give them back (H1, H2, O7). */
final class HoldingPlanner {

    private static final String KIND = "holding";

    private final ScriptPlanner script;
    private final Application application;

    HoldingPlanner(ScriptPlanner script, Program program) {
        this.script = script;
        this.application = program.design().application();
    }

    void take(Step.TakeHolding step, StepRef ref, StepPath path, ScriptPlanner.Names names) {
        plan(step, step.holding(), ref, path, names, Op.TakeHolding::new);
    }

    void giveBack(Step.GiveBack step, StepRef ref, StepPath path, ScriptPlanner.Names names) {
        plan(step, step.holding(), ref, path, names, Op.GiveBack::new);
    }

    /** Makes the operation. */
    private interface Maker {
        Op of(StepRef ref, int holding, int resultSlot, int couldNot, int after);
    }

    private void plan(
            Step.Branching step, String name, StepRef ref, StepPath path, ScriptPlanner.Names names, Maker maker) {
        var branches = new BranchPlanner(script, step, path, names);
        int holding = number(name);
        if (holding < 0) {
            branches.missing(ref, KIND, name);
            return;
        }
        int resultSlot = script.allocate(1);
        int at = script.add(new Op.Broken(ref, ""));
        var couldNot = new ArrayList<Integer>();
        int after = branches.plan(b -> new Op.Jump(-1), branch -> {
            if (!branch.ending().equals(Ending.COULD_NOT.name())) {
                return names;
            }
            couldNot.add(script.here());
            return branches.giving(Ending.COULD_NOT, Optional.empty(), resultSlot);
        });
        int branch = couldNot.isEmpty() ? -1 : couldNot.getFirst();
        script.set(at, maker.of(ref, holding, resultSlot, branch, after));
    }

    private int number(String name) {
        return application.holding(name).map(application.holdings()::indexOf).orElse(-1);
    }
}

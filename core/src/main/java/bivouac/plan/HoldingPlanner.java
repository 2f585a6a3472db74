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
        var branches = new BranchPlanner(script, step, path, names);
        int holding = number(step.holding());
        if (holding < 0) {
            branches.missing(ref, KIND, step.holding());
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
        script.set(at, new Op.TakeHolding(ref, holding, resultSlot, branch, after));
    }

    void giveBack(String name, StepRef ref) {
        int holding = number(name);
        script.add(holding < 0 ? BranchPlanner.broken(ref, KIND, name) : new Op.GiveBack(ref, holding));
    }

    private int number(String name) {
        return application.holding(name).map(application.holdings()::indexOf).orElse(-1);
    }
}

package bivouac.machine;

import bivouac.design.Application;
import bivouac.design.Ending;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.ArrayList;
import java.util.Optional;

/** Plans the steps that take holdings and give them back (H1, H2, O7). */
final class HoldingPlanner {

    private final ScriptPlanner script;
    private final Application application;

    HoldingPlanner(ScriptPlanner script, Program program) {
        this.script = script;
        this.application = program.design().application();
    }

    void take(Step.TakeHolding step, StepRef ref, StepPath path, ScriptPlanner.Names names) {
        int holding = number(step.holding());
        if (holding < 0) {
            script.add(new Op.Broken(ref, missing(step.holding())));
            for (int i = 0; i < step.branches().size(); i++) {
                script.skip(step.branches().get(i).script(), path, i, names);
            }
            return;
        }
        int resultSlot = script.allocate(1);
        int at = script.add(new Op.Broken(ref, ""));
        int couldNot = -1;
        var jumps = new ArrayList<Integer>();
        for (int i = 0; i < step.branches().size(); i++) {
            Step.Branch branch = step.branches().get(i);
            ScriptPlanner.Names inside = names;
            if (branch.ending().equals(Ending.COULD_NOT.name())) {
                couldNot = couldNot < 0 ? script.here() : couldNot;
                inside = inside.with(Scopes.results("result", Ending.COULD_NOT.gives(), resultSlot));
            }
            script.steps(branch.script(), Optional.of(path), i, inside);
            jumps.add(script.add(new Op.Jump(-1)));
        }
        int after = script.here();
        script.patch(jumps, after);
        script.set(at, new Op.TakeHolding(ref, holding, resultSlot, couldNot, after));
    }

    void giveBack(String name, StepRef ref) {
        int holding = number(name);
        script.add(holding < 0 ? new Op.Broken(ref, missing(name)) : new Op.GiveBack(ref, holding));
    }

    private int number(String name) {
        return application.holding(name).map(application.holdings()::indexOf).orElse(-1);
    }

    private static String missing(String name) {
        return name.isBlank() ? "no holding is named here" : "there is no holding “" + name + "”";
    }
}

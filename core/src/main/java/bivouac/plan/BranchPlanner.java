package bivouac.plan;

import bivouac.design.Ending;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.ArrayList;
import java.util.Optional;
import java.util.function.Function;

/** What the planners of steps with branches have in common (W4): opening, running a task, taking a holding. */
final class BranchPlanner {

    /** What an ending gives is named so in its branch, and nowhere else (W4). */
    private static final String RESULT = "result";

    private final ScriptPlanner script;
    private final Step.Branching step;
    private final StepPath path;
    private final ScriptPlanner.Names names;

    BranchPlanner(ScriptPlanner script, Step.Branching step, StepPath path, ScriptPlanner.Names names) {
        this.script = script;
        this.step = step;
        this.path = path;
        this.names = names;
    }

    /** A step that names what is not there: it is broken, and its branches are planned for what is wrong in them. */
    void missing(StepRef ref, String kind, String name) {
        script.add(notThere(ref, kind, name));
        skipBranches();
    }

    /** A step of which something else is wrong: that is reported, and its branches are planned all the same. */
    void broken(StepRef ref, String what, String why) {
        script.broken(ref, what, "", why);
        skipBranches();
    }

    void skipBranches() {
        for (int i = 0; i < step.branches().size(); i++) {
            script.skip(step.branches().get(i).script(), path, i, names);
        }
    }

    /** What can be named in a branch that no ending leads to. */
    ScriptPlanner.Names outside() {
        return names;
    }

    static Op notThere(StepRef ref, String kind, String name) {
        return new Op.Broken(
                ref, name.isBlank() ? "no " + kind + " is named here" : "there is no " + kind + " “" + name + "”");
    }

    /** What can be named where an ending gives values: {@code result}, and the name that the step keeps it by (W4). */
    ScriptPlanner.Names giving(Ending ending, Optional<String> as, int resultSlot) {
        ScriptPlanner.Names inside = names.without(RESULT).with(Scopes.results(RESULT, ending.gives(), resultSlot));
        return as.map(name -> inside.with(Scopes.results(name, ending.gives(), resultSlot)))
                .orElse(inside);
    }

    /**
     * Plans the branches one after the other; answers where the script goes on after them.
     *
     * @param end how each ends; a jump leads to after them
     * @param begin told of each where it begins, and answers what can be named in it
     */
    int plan(Function<Step.Branch, Op> end, Function<Step.Branch, ScriptPlanner.Names> begin) {
        var ends = new ArrayList<Integer>();
        for (int i = 0; i < step.branches().size(); i++) {
            Step.Branch branch = step.branches().get(i);
            ScriptPlanner.Names inside = begin.apply(branch);
            Op ending = end.apply(branch);
            // what runs by itself, when the window has ended, answers nobody (W11)
            int inner = i;
            Runnable steps = () -> script.steps(branch.script(), Optional.of(path), inner, inside);
            if (ending instanceof Op.Finish) {
                script.late(steps);
            } else {
                steps.run();
            }
            ends.add(script.add(ending));
        }
        int after = script.here();
        script.patch(ends, after);
        return after;
    }
}

package bivouac.plan;

import bivouac.design.Ending;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Task;
import bivouac.design.Type;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plans the steps that run tasks, with a branch for each ending (W4, W5). */
final class TaskPlanner {

    private final ScriptPlanner script;
    private final Program program;
    private final Linker linker;

    TaskPlanner(ScriptPlanner script, Program program, Linker linker) {
        this.script = script;
        this.program = program;
        this.linker = linker;
    }

    ScriptPlanner.Names plan(Step.RunTask step, StepRef ref, StepPath path, ScriptPlanner.Names names) {
        Optional<Task> found = program.design().application().task(step.task());
        var planner = new BranchPlanner(script, step, path, names);
        if (found.isEmpty()) {
            planner.missing(ref, "task", step.task());
            return names;
        }
        Task task = found.get();
        int takesSlot = script.allocate(task.takes().size());
        int results =
                task.endings().stream().mapToInt(e -> e.gives().size()).max().orElse(0);
        int resultSlot = script.allocate(results);
        List<Op.Hand> hands = handOver(step, task, ref, names);
        List<Op.Outcome> outcomes = outcomes(task, takesSlot);
        int at = script.add(new Op.Broken(ref, ""));
        var branches = new LinkedHashMap<Integer, Integer>();
        int after = planner.plan(b -> new Op.Jump(-1), branch -> {
            int number = task.endings().stream().map(Ending::name).toList().indexOf(branch.ending());
            if (number < 0) {
                return names;
            }
            branches.putIfAbsent(number, script.here());
            return planner.giving(task.endings().get(number), step.as(), resultSlot);
        });
        script.set(
                at,
                new Op.RunTask(
                        ref,
                        task.name().shown(),
                        step.background(),
                        step.mayBeStopped(),
                        hands,
                        takesSlot,
                        resultSlot,
                        results,
                        outcomes,
                        Map.copyOf(branches),
                        after));
        return names;
    }

    private List<Op.Hand> handOver(Step.RunTask step, Task task, StepRef ref, ScriptPlanner.Names names) {
        Handing handing = script.handing(ref, names, task.name() + " takes no");
        handing.strangers(task.takes(), step.handOver());
        var hands = new ArrayList<Op.Hand>();
        for (int i = 0; i < task.takes().size(); i++) {
            handing.orDefault(i, task.takes().get(i), step.handOver()).ifPresent(hands::add);
        }
        return List.copyOf(hands);
    }

    /** What each ending gives, in the scope of the application and of what the task was handed. */
    private List<Op.Outcome> outcomes(Task task, int takesSlot) {
        Scopes.At scope = program.scopes().at(Optional.empty(), Scopes.takes(task.takes(), takesSlot));
        return task.outcomes().stream().map(o -> outcome(task, o, scope)).toList();
    }

    private Op.Outcome outcome(Task task, Task.Outcome outcome, Scopes.At scope) {
        var spot = new Linker.Spot(
                new Trouble.Where.InApplication(),
                task.name() + ", " + outcome.ending().name());
        return new Op.Outcome(
                outcome.ending().name(),
                linker.gives(outcome.ending(), outcome.samples(), give -> spot, scope),
                outcome.writes().map(w -> linker.typed(spot, w, Type.Plain.FILE, scope)));
    }
}

package bivouac.plan;

import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.NamedScript;
import bivouac.design.Quoted;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.WorkBreaking;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plans the steps that run tasks, with a branch for each ending (W4, W5). */
final class TaskPlanner {

    /** What a rehearsal says of work that broke; a program says what was thrown. */
    private static final String REASON = "the work failed";

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
        List<Ending> endings = program.design().branchesOf(ref.place(), step);
        Optional<NamedScript> told = told(step);
        boolean breaks = told.isPresent() || WorkBreaking.isAnswered(program.design(), step);
        int results = (breaks ? endings : task.endings())
                .stream().mapToInt(e -> e.gives().size()).max().orElse(0);
        int resultSlot = script.allocate(results);
        List<Op.Hand> hands = handOver(step, task, ref, names);
        List<Op.Outcome> outcomes = outcomes(task, takesSlot, breaks);
        int at = script.add(new Op.Broken(ref, ""));
        var branches = new LinkedHashMap<Integer, Integer>();
        told.ifPresent(answer -> {
            branches.put(endings.indexOf(Ending.BROKE), script.here());
            tell(answer, task, ref, planner.giving(Ending.BROKE, Optional.empty(), resultSlot));
        });
        if (task.isCancelledUnwritten() && !step.answers(Ending.CANCELLED.name())) {
            // W10: the steps behind it count on its being done
            branches.put(endings.indexOf(Ending.CANCELLED), script.here());
            script.add(new Op.GiveUp(ref));
        }
        int forAll = branches.size();
        int after = planner.plan(b -> new Op.Jump(-1), branch -> {
            int number = endings.stream().map(Ending::name).toList().indexOf(branch.ending());
            if (number < 0) {
                return names;
            }
            branches.putIfAbsent(number, script.here());
            return planner.giving(endings.get(number), step.as(), resultSlot);
        });
        script.set(
                at,
                new Op.RunTask(
                        ref,
                        task.name().shown(),
                        step.background() && !script.isWaitedFor(),
                        step.mayBeStopped(),
                        hands,
                        takesSlot,
                        resultSlot,
                        results,
                        outcomes,
                        Map.copyOf(branches),
                        task.showsProgress(),
                        branches.size() > forAll,
                        after));
        return names;
    }

    /** What the application does where the work of this step breaks, if it is left to that; not within that itself (W8). */
    private Optional<NamedScript> told(Step.RunTask step) {
        return WorkBreaking.isLeft(program.design(), step) && !script.isDoing(WorkBreaking.PLACE)
                ? WorkBreaking.answer(program.design())
                : Optional.empty();
    }

    /** W8: the application's own script is told what broke, and this one ends there as by a fault. */
    private void tell(NamedScript answer, Task task, StepRef ref, ScriptPlanner.Names names) {
        if (script.isAfterClosing()) {
            script.add(new Op.GiveUp(ref));
            return;
        }
        List<Given> gives = WorkBreaking.handed(
                answer, new Expression(Quoted.of(task.name().shown())), new Expression("result.reason"));
        new DoPlanner(script, program, linker)
                .plan(
                        Step.Do.of(WorkBreaking.ANSWER, gives.toArray(Given[]::new)),
                        ref,
                        StepPath.of(0),
                        Optional.empty(),
                        names);
        script.add(new Op.GiveUp(ref));
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
    private List<Op.Outcome> outcomes(Task task, int takesSlot, boolean breaks) {
        Scopes.At scope = program.scopes().at(Optional.empty(), Scopes.takes(task.takes(), takesSlot));
        var all = new ArrayList<>(
                task.outcomes().stream().map(o -> outcome(task, o, scope)).toList());
        if (task.isCancelledUnwritten()) {
            all.add(new Op.Outcome(Ending.CANCELLED.name(), List.of(), Optional.empty(), false, true));
        }
        if (task.canBreak()) {
            all.add(broke(task, breaks, scope));
        }
        return List.copyOf(all);
    }

    private Op.Outcome broke(Task task, boolean answered, Scopes.At scope) {
        var spot = new Linker.Spot(new Trouble.Where.InApplication(), task.name() + ", " + Ending.BROKE.name());
        List<Given> sample = List.of(new Given("reason", new Expression(Quoted.of(REASON))));
        List<Op.Hand> gives = answered ? linker.gives(Ending.BROKE, sample, give -> spot, scope) : List.of();
        return new Op.Outcome(Ending.BROKE.name(), gives, Optional.empty(), true, false);
    }

    private Op.Outcome outcome(Task task, Task.Outcome outcome, Scopes.At scope) {
        var spot = new Linker.Spot(
                new Trouble.Where.InApplication(),
                task.name() + ", " + outcome.ending().name());
        return new Op.Outcome(
                outcome.ending().name(),
                linker.gives(outcome.ending(), outcome.samples(), give -> spot, scope),
                outcome.writes().map(w -> linker.typed(spot, w, Type.Plain.FILE, scope)),
                false,
                task.mayBeCancelled() && outcome.ending().name().equals(Ending.CANCELLED.name()));
    }
}

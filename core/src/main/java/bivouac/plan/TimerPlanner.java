package bivouac.plan;

import bivouac.design.Step;
import java.util.List;
import java.util.Optional;

/** Plans the steps that turn timers on and off: those of the script's window, or else of the application (V4). */
final class TimerPlanner {

    private final ScriptPlanner script;
    private final Program program;

    TimerPlanner(ScriptPlanner script, Program program) {
        this.script = script;
        this.program = program;
    }

    void plan(Step.TurnTimer step, StepRef ref, Optional<WindowPlan> me) {
        Optional<TimerPlan> own = me.flatMap(w -> named(w.timers(), step.timer()));
        Optional<TimerPlan> found = own.or(() -> named(program.timers(), step.timer()));
        if (found.isEmpty()) {
            script.add(BranchPlanner.notThere(ref, "timer", step.timer()));
            return;
        }
        script.add(new Op.TurnTimer(ref, step.how(), found.get(), own.isPresent()));
    }

    private static Optional<TimerPlan> named(List<TimerPlan> timers, String name) {
        return timers.stream()
                .filter(t -> t.timer().name().shown().equals(name))
                .findFirst();
    }
}

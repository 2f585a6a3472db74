package bivouac.plan;

import bivouac.design.Limits;
import bivouac.design.NamedScript;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Take;
import java.util.List;
import java.util.Optional;

/** Plans {@code do NAME}: the steps of a named script, as if they stood there (W7). */
final class DoPlanner {

    private final ScriptPlanner script;
    private final Program program;
    private final Linker linker;

    DoPlanner(ScriptPlanner script, Program program, Linker linker) {
        this.script = script;
        this.program = program;
        this.linker = linker;
    }

    /** The named script of the window, or else of the application. */
    private record Found(NamedScript script, ScriptPlace.Named place, Optional<WindowPlan> whose) {}

    void plan(Step.Do step, StepRef ref, Optional<WindowPlan> me, ScriptPlanner.Names names) {
        Optional<Found> found = me.flatMap(
                        w -> find(step, Optional.of(w.window().name().shown()), me))
                .or(() -> find(step, Optional.empty(), Optional.empty()));
        if (found.isEmpty()) {
            script.add(BranchPlanner.notThere(ref, "script", step.script()));
            return;
        }
        if (!script.enter(found.get().place())) {
            // found only where one is planned inside the other, so it is said there and then
            linker.once(ref, "do", "“" + step.script() + "” does itself, and would never end");
            script.add(new Op.Broken(ref, "“" + step.script() + "” does itself, and would never end"));
            return;
        }
        if (script.here() > Limits.MOST_DONE) {
            script.broken(
                    ref,
                    "do",
                    "",
                    "the scripts that are done here have more than " + Limits.MOST_DONE + " steps together");
        } else {
            inline(step, ref, found.get(), names);
        }
        script.leave(found.get().place());
    }

    private Optional<Found> find(Step.Do step, Optional<String> window, Optional<WindowPlan> whose) {
        return ScriptPlace.routines(program.design(), window)
                .script(step.script())
                .map(s -> new Found(s, new ScriptPlace.Named(window, step.script()), whose));
    }

    private void inline(Step.Do step, StepRef ref, Found found, ScriptPlanner.Names names) {
        List<Take> takes = found.script().takes();
        int slot = script.allocate(takes.size());
        Handing handing = script.handing(ref, names, step.script() + " takes no");
        handing.strangers(takes, step.handOver());
        for (int i = 0; i < takes.size(); i++) {
            Optional<Op.Hand> hand = handing.orDefault(i, takes.get(i), step.handOver());
            if (hand.isEmpty()) {
                script.broken(
                        ref,
                        "do",
                        "",
                        step.script() + " has to be handed “" + takes.get(i).name() + "”");
                return;
            }
            script.add(new Op.Let(
                    ref,
                    hand.get().name(),
                    slot + i,
                    hand.get().type(),
                    hand.get().value()));
        }
        script.inline(found.script(), found.place(), found.whose(), Scopes.takes(takes, slot));
    }
}

package bivouac.plan;

import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.NamedScript;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.expression.Compiled;
import bivouac.expression.Problem;
import java.util.List;
import java.util.Optional;

/** Plans {@code do NAME}: the steps of a named script, as if they stood there (W7). */
final class DoPlanner {

    /** A script that does others which do others can grow without end; no script of people is as long. */
    private static final int LONGEST = 50_000;

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
            script.add(BranchPlanner.broken(ref, "script", step.script()));
            return;
        }
        if (!script.enter(found.get().place())) {
            // found only where one is planned inside the other, so it is said there and then
            linker.once(ref, "do", "“" + step.script() + "” does itself, and would never end");
            script.add(new Op.Broken(ref, "“" + step.script() + "” does itself, and would never end"));
            return;
        }
        if (script.here() > LONGEST) {
            broken(ref, "the scripts that are done here have more than " + LONGEST + " steps together");
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

    private void broken(StepRef ref, String why) {
        linker.report(ScriptPlanner.spot(ref, "do"), "", List.of(new Problem(why, 0, 1)));
        script.add(new Op.Broken(ref, why));
    }

    private void inline(Step.Do step, StepRef ref, Found found, ScriptPlanner.Names names) {
        List<Take> takes = found.script().takes();
        int slot = script.allocate(takes.size());
        for (Given given : step.handOver()) {
            if (takes.stream().noneMatch(t -> t.name().expression().equals(given.name()))) {
                linker.report(
                        ScriptPlanner.spot(ref, given.name()),
                        given.value().source(),
                        List.of(new Problem(step.script() + " takes no “" + given.name() + "”", 0, 1)));
            }
        }
        for (int i = 0; i < takes.size(); i++) {
            Take take = takes.get(i);
            Optional<Expression> value = step.handOver().stream()
                    .filter(g -> g.name().equals(take.name().expression()))
                    .map(Given::value)
                    .findFirst()
                    .or(take::byDefault);
            if (value.isEmpty()) {
                broken(ref, step.script() + " has to be handed “" + take.name() + "”");
                return;
            }
            Compiled<Reading> compiled = linker.typed(
                    ScriptPlanner.spot(ref, take.name().shown()), value.get(), take.type(), script.scope(names));
            script.add(new Op.Let(ref, take.name().shown(), slot + i, take.type(), compiled));
        }
        script.inline(found.script(), found.place(), found.whose(), ScriptPlanner.takes(found.script(), slot));
    }
}

package bivouac.plan;

import bivouac.design.Done;
import bivouac.design.Ending;
import bivouac.design.Limits;
import bivouac.design.NamedScript;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import java.util.List;
import java.util.Optional;

/** Plans {@code do NAME}: the steps of a named script, as if they stood there, and what is done with its answer (W7, W11). */
final class DoPlanner {

    /** W12: there is nothing to stop where a script is done once. */
    static final String UNTIL_WITHOUT_EVERY = "“until” is said where a script is done in every window of a name";

    private final ScriptPlanner script;
    private final Program program;
    private final Linker linker;

    DoPlanner(ScriptPlanner script, Program program, Linker linker) {
        this.script = script;
        this.program = program;
        this.linker = linker;
    }

    /** A script of this window or of the application, or of another window (W12). */
    void plan(Step.Do step, StepRef ref, StepPath path, Optional<WindowPlan> me, ScriptPlanner.Names names) {
        if (step.in().isPresent()) {
            new DoInPlanner(script, program, linker).plan(step, ref, path, me, names);
            return;
        }
        var planner = new BranchPlanner(script, step, path, names);
        Optional<ScriptPlace.Named> place = Done.place(program.design(), here(me), step);
        if (place.isEmpty()) {
            planner.missing(ref, "script", step.script());
            return;
        }
        if (!script.enter(place.get())) {
            // found only where one is planned inside the other, so it is said there and then
            linker.once(ref, "do", itself(step));
            script.add(new Op.Broken(ref, itself(step)));
            planner.skipBranches();
            return;
        }
        if (script.here() > Limits.MOST_DONE) {
            planner.broken(
                    ref, "do", "the scripts that are done here have more than " + Limits.MOST_DONE + " steps together");
            script.leave(place.get());
        } else {
            NamedScript named = Done.of(program.design(), place.get()).orElseThrow();
            var returning = new Returning(named, script.allocate(Returning.results(named)));
            boolean begun = inline(step, ref, named, place.get(), me, returning, names);
            script.leave(place.get());
            if (begun) {
                branches(step, ref, planner, returning);
            } else {
                planner.skipBranches();
            }
        }
    }

    static String itself(Step.Do step) {
        return "“" + step.script() + "” does itself, and would never end";
    }

    /** Where a step of this window stands, as far as that says whose scripts it does. */
    private static ScriptPlace here(Optional<WindowPlan> me) {
        return me.<ScriptPlace>map(
                        w -> new ScriptPlace.Named(Optional.of(w.window().name().shown()), ""))
                .orElseGet(ScriptPlace.Start::new);
    }

    /** The steps of the script where it is done; answers whether it is handed all that it takes. */
    private boolean inline(
            Step.Do step,
            StepRef ref,
            NamedScript named,
            ScriptPlace.Named place,
            Optional<WindowPlan> me,
            Returning returning,
            ScriptPlanner.Names names) {
        List<Take> takes = named.takes();
        int slot = script.allocate(takes.size());
        Handing handing = script.handing(ref, names, step.script() + " takes no");
        handing.strangers(takes, step.handOver());
        for (int i = 0; i < takes.size(); i++) {
            Optional<Op.Hand> hand = handing.orDefault(i, takes.get(i), step.handOver());
            if (hand.isEmpty()) {
                script.broken(ref, "do", "", hasToBeHanded(step, takes.get(i)));
                return false;
            }
            script.add(new Op.Let(
                    ref,
                    hand.get().name(),
                    slot + i,
                    hand.get().type(),
                    hand.get().value()));
        }
        Optional<WindowPlan> whose = place.window().isPresent() ? me : Optional.empty();
        script.inline(named, place, whose, Scopes.takes(takes, slot), returning);
        return true;
    }

    static String hasToBeHanded(Step.Do step, Take take) {
        return step.script() + " has to be handed “" + take.name() + "”";
    }

    /** W11: each return leads into the branch of its ending, or behind the step. */
    private void branches(Step.Do step, StepRef ref, BranchPlanner planner, Returning returning) {
        List<Integer> ends = step.branches().isEmpty() ? List.of() : List.of(script.add(new Op.Jump(-1)));
        List<String> endings = returning.endings();
        int after = planner.plan(b -> new Op.Jump(-1), branch -> {
            int number = endings.indexOf(branch.ending());
            if (number < 0) {
                return planner.outside();
            }
            returning.lead(number, script.here(), script);
            script.add(new Op.Into(ref, step.branches().indexOf(branch)));
            Ending ending = returning.script().endings().get(number);
            return planner.giving(ending, step.as(), returning.resultSlot());
        });
        script.patch(ends, after);
        returning.leadOthers(after, script);
        if (!step.until().isEmpty()) {
            linker.report(
                    ScriptPlanner.spot(ref, "until"),
                    step.until().getFirst(),
                    Linker.whole(UNTIL_WITHOUT_EVERY, step.until().getFirst()));
        }
    }
}

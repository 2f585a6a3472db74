package bivouac.machine;

import bivouac.design.DepartureRule;
import bivouac.design.Way;
import bivouac.expression.Budget;
import bivouac.expression.NoValue;
import bivouac.expression.TooMuchWork;
import bivouac.expression.Value;
import bivouac.plan.PartPlan;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import bivouac.state.Situation;
import java.util.Arrays;
import java.util.Optional;

/** Deals with what an event caused until the application is at rest (E2), then looks at what holds at rest. */
final class Settling {

    private final Run run;
    private final Requests requests;
    private final Scripts scripts;
    private final ScriptEnds ends;
    private final Tasks tasks;
    private final boolean departsWithLast;

    Settling(Run run, Requests requests, Scripts scripts, ScriptEnds ends, Tasks tasks) {
        this.run = run;
        this.requests = requests;
        this.scripts = scripts;
        this.ends = ends;
        this.tasks = tasks;
        this.departsWithLast = run.program.design().application().departure() instanceof DepartureRule.LastWindow;
    }

    /** The application begins (O1, D7). */
    void begin(int[] kept) {
        var variables = run.program.variables();
        for (int i = 0; i < variables.size(); i++) {
            boolean saved = variables.get(i).kept() && kept[i] != 0;
            int start = run.number(first(i));
            run.setVariable(i, saved ? kept[i] : start);
            run.kept[i] = saved ? kept[i] : variables.get(i).kept() ? start : 0;
        }
        run.push(run.program.start(), null);
    }

    private Value first(int variable) {
        var v = run.program.variables().get(variable);
        try {
            return run.program
                    .startOf(variable)
                    .map(e -> e.evaluate(run.here(null, null)).as(v.type()))
                    .orElseGet(() -> Value.startOf(v.type(), run.date()));
        } catch (NoValue fault) {
            run.fault(fault, v.name().shown(), Optional.empty());
            return Value.startOf(v.type(), run.date());
        }
    }

    /** @param unseenBefore whether there was nothing to be seen before the event (X5) */
    void settle(boolean unseenBefore) {
        goOn();
        if (run.phase == Situation.RUNNING && lastWindowHasClosed()) {
            requests.depart(0, 0, Way.DEPARTURE, false);
            goOn();
        }
        if (run.phase == Situation.RUNNING) {
            lookAtRest();
            if (!unseenBefore && isUnseen()) {
                run.fault(Fault.Rule.X5, "nothing is to be seen, and the application still runs", Optional.empty());
            }
        } else {
            if (run.phase == Situation.ENDED) {
                run.end();
            }
            run.clearVariables();
            Arrays.fill(run.timers, 0);
            run.faulted = false;
            run.hasClosed = false;
        }
    }

    private void goOn() {
        while (!run.isIdle()) {
            switch (run.top()) {
                case Frame.OfScript s -> {
                    if (s.waits()) {
                        return;
                    }
                    scripts.advance(s);
                }
                case Frame.OfRequest r -> {
                    if (r.awaitsOpening) {
                        return;
                    }
                    advance(r);
                }
            }
        }
    }

    private void advance(Frame.OfRequest request) {
        try {
            requests.advance(request);
        } catch (TooMuchWork work) {
            ends.tooMuch(request, work.getMessage());
        }
    }

    private boolean lastWindowHasClosed() {
        return departsWithLast
                && run.hasClosed
                && run.instances.isEmpty()
                && run.stack.isEmpty()
                && run.background.isEmpty();
    }

    /** D8: at rest, nothing is to be seen, no task runs, and the application does not depart. */
    boolean isUnseen() {
        for (int i = 0; i < run.instances.size(); i++) {
            if (!run.instances.get(i).isHidden()) {
                return false;
            }
        }
        return run.phase == Situation.RUNNING
                && !tasks.isForeground()
                && run.background.isEmpty()
                && run.departure() == null;
    }

    /** Live texts and conditions that have a fault are met now (E2, P3). */
    private void lookAtRest() {
        run.budget.refill(Budget.OF_AN_EVENT);
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = run.instances.get(i);
            if (inst.plan.mayFaultAtRest()) {
                look(inst, inst.plan);
            }
        }
    }

    private void look(Inst inst, WindowPlan plan) {
        if (plan.titleMayFault()) {
            meet(inst, "title", () -> plan.title(run.here(inst), inst));
        }
        for (PartPlan part : plan.faulting()) {
            meet(inst, part.part.name().shown(), () -> part.check(run.here(inst), inst));
        }
    }

    private void meet(Inst inst, String what, Runnable check) {
        long before = run.budget.narrow(Budget.OF_A_TEXT);
        try {
            check.run();
        } catch (NoValue fault) {
            run.fault(fault, Sighting.Which.of(inst) + ", " + what, Optional.empty());
        } finally {
            run.budget.widen(before);
        }
    }
}

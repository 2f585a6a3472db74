package bivouac.machine;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.PretendFiles;
import bivouac.design.ReadyMade;
import bivouac.design.Way;
import bivouac.expression.Budget;
import bivouac.expression.NoValue;
import bivouac.expression.Value;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * The rules: from a state and an event, exactly one next state and the list of what was seen (E1). Has no state of its
 * own, and may be used by several threads. A step costs time in proportion to the open windows, not to the design.
 */
public final class Machine {

    private final Program program;

    public Machine(Program program) {
        this.program = program;
    }

    public Program program() {
        return program;
    }

    /**
     * The state after the start script (O1).
     *
     * @param today what {@code app.today} is
     * @param watch told what was seen, in order; null for nobody
     */
    public State start(LocalDate today, Consumer<Sighting> watch) {
        var run = new Run(program, watch);
        run.today = program.number(new Value.Date(today));
        run.files = program.number(pretended(program.design()));
        new Holdings(run).leaveNoTraces();
        begin(run, new int[run.kept.length]);
        return settle(run, false);
    }

    private static Value pretended(Design design) {
        return new Value.Items(
                PretendFiles.in(design).paths().stream().sorted().map(Value::of).toList());
    }

    private void begin(Run run, int[] kept) {
        var variables = program.design().application().variables();
        for (int i = 0; i < variables.size(); i++) {
            Value start;
            try {
                start = program.startOf(i, run);
            } catch (NoValue fault) {
                run.fault(fault, variables.get(i).name().shown(), Optional.empty());
                start = Value.startOf(variables.get(i).type(), run.today());
            }
            boolean saved = variables.get(i).kept() && kept[i] != 0;
            run.variables[i] = saved ? kept[i] : program.number(start);
            run.kept[i] = saved ? kept[i] : variables.get(i).kept() ? program.number(start) : 0;
        }
        run.push(program.start(), null);
    }

    /**
     * The state after an event that is possible (see {@link #isPossible}); {@link IllegalArgumentException} else.
     *
     * @param watch told what was seen, in order; null for nobody
     */
    public State step(State state, Event event, Consumer<Sighting> watch) {
        Run run = StateLayout.open(program, state, watch);
        if (!new Possible(run).is(event)) {
            throw new IllegalArgumentException("Not possible in this state: " + event);
        }
        run.budget = new Budget(Budget.OF_AN_EVENT);
        boolean unseen = run.isUnseen();
        if (event instanceof Event.StartAgain) {
            var again = new Run(program, watch);
            again.today = run.today;
            again.files = run.files;
            again.traces = run.traces;
            begin(again, run.kept);
            return settle(again, false);
        }
        take(run, event);
        return settle(run, unseen);
    }

    private void take(Run run, Event event) {
        var readyMade = new ReadyMadeEvents(run);
        switch (event) {
            case Event.Press(int i, int part) -> follow(run, run.instances.get(i), part);
            case Event.Select(int i, int part, int item) -> {
                run.instances.get(i).plan.parts().get(part).select(run.instances.get(i), item);
                press(run, run.instances.get(i), part);
            }
            case Event.Edit(int i, int part, String text) -> {
                PartPlan plan = run.instances.get(i).plan.parts().get(part);
                plan.type(run.instances.get(i), text);
                press(run, run.instances.get(i), part);
            }
            case Event.SelectRows(int i, int part, var rows) ->
                new RowEvents(run).select(run.instances.get(i), part, rows);
            case Event.ActivateRow(int i, int part) -> new RowEvents(run).activate(run.instances.get(i), part);
            case Event.RemoveRows(int i, int part) -> new RowEvents(run).remove(run.instances.get(i), part);
            case Event.Tick(int i, int part) -> {
                run.instances.get(i).plan.parts().get(part).tick(run.instances.get(i));
                press(run, run.instances.get(i), part);
            }
            case Event.Answer answer -> readyMade.take(run.instances.get(answer.instance()), answer);
            case Event.Choose choose -> readyMade.take(run.instances.get(choose.instance()), choose);
            case Event.Pick pick -> readyMade.take(run.instances.get(pick.instance()), pick);
            case Event.CloseBox(int i) -> leave(run, run.instances.get(i), Way.CLOSE_BOX);
            case Event.Escape(int i) -> leave(run, run.instances.get(i), Way.ESCAPE);
            case Event.TaskEnds end -> new Tasks(run).end(end);
            case Event.OpenWithSamples(String window) ->
                new Opening(run).withSamples(program.window(window).orElseThrow());
            case Event.SessionEnds e -> new Requests(run).depart(0, 0, Way.SESSION_ENDING.words(), false);
            case Event.Killed k -> kill(run);
            case Event.StartAgain s -> throw new IllegalStateException("begins a run of its own");
        }
    }

    /** A command with a tick turns it over, a link is followed; then the part's script runs. */
    private static void follow(Run run, Inst inst, int part) {
        PartPlan plan = inst.plan.parts().get(part);
        if (plan.isTicking()) {
            plan.tick(inst);
        }
        plan.address(run, inst).ifPresent(a -> run.see(new Sighting.LinkFollowed(a)));
        press(run, inst, part);
    }

    private static void press(Run run, Inst inst, int part) {
        run.raise(inst);
        run.push(inst.plan.parts().get(part).script(), inst);
    }

    private static void leave(Run run, Inst inst, Way way) {
        run.raise(inst);
        if (inst.plan.window() instanceof ReadyMade window) {
            String ending = window.escapeEnding().orElseThrow();
            new Requests(run).answer(inst, inst.plan.endingNumber(ending));
            return;
        }
        switch (inst.plan.wayOut(way)) {
            case WindowPlan.WayPlan.Absent a -> throw new IllegalStateException("an absent way out is no event");
            case WindowPlan.WayPlan.Pressing(int part) -> press(run, inst, part);
            case WindowPlan.WayPlan.Leads leads -> new Requests(run).requestByUser(inst, way, leads);
        }
    }

    /** D7: nothing runs; only kept values outlive it. */
    private static void kill(Run run) {
        new Holdings(run).leaveTraces();
        run.instances.clear();
        run.stacking.clear();
        run.stack.clear();
        run.dormant.clear();
        run.background.clear();
        run.faulted = false;
        java.util.Arrays.fill(run.variables, 0);
        run.phase = Run.KILLED;
    }

    /** Deals with what the event caused until the application is at rest (E2), then looks at what holds at rest. */
    private State settle(Run run, boolean unseenBefore) {
        var requests = new Requests(run);
        var scripts = new Scripts(run, requests);
        goOn(run, scripts, requests);
        if (run.phase == Run.RUNNING && lastWindowHasClosed(run)) {
            requests.depart(0, 0, Way.DEPARTURE.words(), false);
            goOn(run, scripts, requests);
        }
        if (run.phase == Run.RUNNING) {
            lookAtRest(run);
            if (!unseenBefore && run.isUnseen()) {
                run.fault(Fault.Rule.X5, "nothing is to be seen, and the application still runs", Optional.empty());
            }
        } else {
            java.util.Arrays.fill(run.variables, 0);
            run.faulted = false;
            run.hasClosed = false;
        }
        return StateLayout.close(run);
    }

    private static void goOn(Run run, Scripts scripts, Requests requests) {
        while (run.top() != null) {
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
                    requests.advance(r);
                }
            }
        }
    }

    private boolean lastWindowHasClosed(Run run) {
        return program.design().application().departure() instanceof bivouac.design.DepartureRule.LastWindow
                && run.hasClosed
                && run.instances.isEmpty()
                && run.stack.isEmpty()
                && run.background.isEmpty();
    }

    /** Live texts and conditions that have a fault are met now (E2, P3). */
    private static void lookAtRest(Run run) {
        run.budget = new Budget(Budget.OF_AN_EVENT);
        for (Inst inst : run.instances) {
            if (inst.plan.mayFaultAtRest()) {
                inst.plan.checkAtRest(run, inst);
            }
        }
    }

    /** Every event that is possible in a state; an edit in the list stands for any text. */
    public List<Event> events(State state) {
        return new Possible(StateLayout.open(program, state, null)).events();
    }

    /** Whether the rules let an event happen in a state. */
    public boolean isPossible(State state, Event event) {
        return new Possible(StateLayout.open(program, state, null)).is(event);
    }

    /** What is to be seen in a state at rest. */
    public Scene scene(State state) {
        Run run = StateLayout.open(program, state, null);
        return new SceneMaker(run).make();
    }

    /** The state with one window above those that may be below it; equal to {@code state} (S1). */
    public State raise(State state, int instance) {
        return state.raising(instance);
    }

    /** The number of the button that Enter presses in a window, if it has a default one (P2). */
    public static Optional<Integer> defaultButton(Scene.OpenWindow window) {
        return switch (window.design()) {
            case MessageBox box ->
                box.byDefault().flatMap(d -> {
                    for (int i = 0; i < box.answers().size(); i++) {
                        if (box.answers().get(i).ending().equals(d)) {
                            return Optional.of(i);
                        }
                    }
                    return Optional.empty();
                });
            case FileDialog dialog -> Optional.empty();
            case Picker picker -> Optional.empty();
            case FacedWindow face ->
                window.parts().stream()
                        .filter(p -> p.design() instanceof Part.Button b && b.isDefault())
                        .map(Scene.SeenPart::number)
                        .findFirst();
        };
    }
}

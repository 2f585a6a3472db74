package bivouac.machine;

import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.design.Way;
import bivouac.expression.Budget;
import bivouac.expression.NoValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Which events a state lets happen (P2, B3, W5, D7). */
final class Possible {

    private static final int ENABLED = 0;
    private static final int READ_ONLY = 1;

    private final Run run;
    private final Blocking blocking;
    private final Map<Asked, Boolean> known = new HashMap<>();

    /** A condition of a part. */
    private record Asked(Inst inst, int part, int what) {}

    Possible(Run run) {
        this.run = run;
        run.budget = new Budget(4 * Budget.OF_AN_EVENT);
        this.blocking = new Blocking(run);
    }

    /** Every event that is possible; an edit in the list stands for any text. */
    List<Event> events() {
        var events = new ArrayList<Event>();
        for (int i = 0; i < run.instances.size(); i++) {
            candidates(run.instances.get(i), i, events);
        }
        events.addAll(new Tasks(run).events());
        events.add(new Event.SessionEnds());
        events.add(new Event.Killed());
        events.add(new Event.StartAgain());
        events.removeIf(e -> !is(e));
        return List.copyOf(events);
    }

    private void candidates(Inst inst, int i, List<Event> events) {
        if (inst.plan.window() instanceof ReadyMade window) {
            new ReadyMadeEvents(run).candidates(inst, window, i, events);
        }
        for (PartPlan part : inst.plan.parts()) {
            switch (part.part) {
                case Part.Button b -> events.add(new Event.Press(i, part.number));
                case Part.MenuCommand m -> events.add(new Event.Press(i, part.number));
                case Part.Link l -> events.add(new Event.Press(i, part.number));
                case Part.TextField f -> events.add(new Event.Edit(i, part.number, ""));
                case Part.ValueField f -> events.add(new Event.Edit(i, part.number, ""));
                case Part.TickBox b -> events.add(new Event.Tick(i, part.number));
                case Part.Choice c -> {
                    for (int item = 0; item < c.items().size(); item++) {
                        events.add(new Event.Select(i, part.number, item));
                    }
                }
                case Part.ListOfRows l -> RowEvents.candidates(inst, i, part, events);
                case Part.Caption c -> {
                    // gets no event
                }
                case Part.Picture p -> {
                    // gets no event
                }
            }
        }
        events.add(new Event.CloseBox(i));
        events.add(new Event.Escape(i));
    }

    boolean is(Event event) {
        return switch (event) {
            case Event.StartAgain s -> run.phase != Run.RUNNING;
            case Event.Killed k -> run.phase == Run.RUNNING;
            case Event.TaskEnds end -> run.phase == Run.RUNNING && new Tasks(run).isPossible(end);
            case Event.OpenWithSamples(String window) ->
                run.phase == Run.RUNNING
                        && Tasks.foreground(run).isEmpty()
                        && run.program
                                .window(window)
                                .filter(new Opening(run)::isFree)
                                .isPresent();
            case Event.SessionEnds e ->
                run.phase == Run.RUNNING
                        && run.departure().isEmpty()
                        && Tasks.foreground(run).isEmpty();
            case Event.OnWindow w -> {
                if (run.phase != Run.RUNNING
                        || Tasks.foreground(run).isPresent()
                        || w.instance() < 0
                        || w.instance() >= run.instances.size()) {
                    yield false;
                }
                Inst inst = run.instances.get(w.instance());
                yield !inst.isHidden() && fits(inst, w) && !blocking.isBlocked(inst);
            }
        };
    }

    private boolean fits(Inst inst, Event.OnWindow event) {
        return switch (event) {
            case Event.Press(int i, int part) ->
                usable(inst, part, Part.Button.class)
                        || usable(inst, part, Part.MenuCommand.class)
                        || usable(inst, part, Part.Link.class);
            case Event.Select(int i, int part, int item) ->
                changeable(inst, part, Part.Choice.class)
                        && inst.plan.parts().get(part).hasItem(item);
            case Event.OnRows rows ->
                usable(inst, rows.part(), Part.ListOfRows.class) && new RowEvents(run).isPossible(inst, rows);
            case Event.Edit(int i, int part, String text) ->
                changeable(inst, part, Part.TextField.class) || changeable(inst, part, Part.ValueField.class);
            case Event.Tick(int i, int part) -> changeable(inst, part, Part.TickBox.class);
            case Event.Answer answer -> ReadyMadeEvents.isPossible(inst, answer);
            case Event.Choose choose -> new ReadyMadeEvents(run).isPossible(inst, choose);
            case Event.Pick pick -> ReadyMadeEvents.isPossible(inst, pick);
            case Event.CloseBox(int i) -> leads(inst, Way.CLOSE_BOX);
            case Event.Escape(int i) -> leads(inst, Way.ESCAPE);
        };
    }

    private boolean usable(Inst inst, int part, Class<? extends Part> kind) {
        if (part < 0 || part >= inst.plan.parts().size()) {
            return false;
        }
        PartPlan plan = inst.plan.parts().get(part);
        return kind.isInstance(plan.part)
                && plan.isNamed()
                && isTrue(inst, part, ENABLED, () -> plan.enabled(run, inst) && plan.visible(run, inst));
    }

    /** A part that a person can change is usable and not read-only (P1). */
    private boolean changeable(Inst inst, int part, Class<? extends Part> kind) {
        return usable(inst, part, kind)
                && !isTrue(
                        inst, part, READ_ONLY, () -> inst.plan.parts().get(part).readOnly(run, inst));
    }

    /** Conditions as they stand are looked at once, however many events of a part there are. */
    private boolean isTrue(Inst inst, int part, int what, java.util.function.Supplier<Boolean> condition) {
        return known.computeIfAbsent(new Asked(inst, part, what), a -> isTrue(condition));
    }

    /** A condition with a fault, or one that takes too much work, holds for no one. */
    private boolean isTrue(java.util.function.Supplier<Boolean> condition) {
        try {
            return run.within(Budget.OF_A_TEXT, condition);
        } catch (NoValue fault) {
            return false;
        }
    }

    private boolean leads(Inst inst, Way way) {
        if (inst.plan.window() instanceof ReadyMade window) {
            return window.escapeEnding().map(inst.plan::endingNumber).orElse(0) > 0;
        }
        return switch (inst.plan.wayOut(way)) {
            case WindowPlan.WayPlan.Absent a -> false;
            case WindowPlan.WayPlan.Pressing(int part) ->
                usable(inst, part, Part.Button.class) || usable(inst, part, Part.MenuCommand.class);
            case WindowPlan.WayPlan.Leads l -> true;
        };
    }
}

package bivouac.machine;

import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.design.Way;
import bivouac.expression.Budget;
import bivouac.plan.EachPlan;
import bivouac.plan.PartPlan;
import bivouac.plan.TextSelection;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import bivouac.state.Situation;
import java.util.List;

/** Which events a situation lets happen (P2, B3, W5, D7). */
final class Possible {

    private final Run run;
    private final Blocking blocking;
    private final Tasks tasks;
    private final Opening opening;
    private final ReadyMadeEvents readyMade;
    private final RowEvents rows;
    private final boolean daysPass;
    private final Entries entries;
    private final Progressing progressing;
    private final FromOutside fromOutside;

    /**
     * @param daysPass whether it makes a difference which day it is
     * @param entries what is typed where events are listed
     */
    Possible(
            boolean daysPass,
            Entries entries,
            Run run,
            Blocking blocking,
            Tasks tasks,
            Opening opening,
            ReadyMadeEvents readyMade,
            RowEvents rows,
            Progressing progressing,
            FromOutside fromOutside) {
        this.fromOutside = fromOutside;
        this.progressing = progressing;
        this.run = run;
        this.blocking = blocking;
        this.tasks = tasks;
        this.opening = opening;
        this.readyMade = readyMade;
        this.rows = rows;
        this.daysPass = daysPass;
        this.entries = entries;
    }

    /** Every event that is possible; an edit in the list stands for any text. */
    void events(EventList events) {
        run.budget.refill(4 * Budget.OF_AN_EVENT);
        events.clear();
        if (run.phase != Situation.RUNNING) {
            events.add(NumberedEvent.of(NumberedEvent.Kind.START_AGAIN));
            return;
        }
        if (tasks.isForeground()) {
            ends(Tasks.FOREGROUND, events);
            cancellings(events);
        } else {
            for (int i = 0; i < run.instances.size(); i++) {
                Inst inst = run.instances.get(i);
                if (!inst.isHidden() && !blocking.isBlocked(inst)) {
                    ofWindow(inst, i, events);
                }
            }
            for (int i = 0; i < run.background.size(); i++) {
                ends(i, events);
            }
            timers(events);
            fromOutside.offer(events);
            if (run.departure() == null) {
                events.add(NumberedEvent.of(NumberedEvent.Kind.SESSION_ENDS));
            }
        }
        events.add(NumberedEvent.of(NumberedEvent.Kind.KILLED));
    }

    /** W10: while work is waited for, all that a person can do is ask it to end, where a window shows it. */
    private void cancellings(EventList events) {
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = run.instances.get(i);
            if (inst.isHidden()) {
                continue;
            }
            for (PartPlan part : inst.plan.parts()) {
                cancel(inst, i, part, events);
            }
            if (progressing.isCancelledByLeaving(inst)) {
                events.add(NumberedEvent.Kind.CLOSE_BOX, i, 0, 0);
                events.add(NumberedEvent.Kind.ESCAPE, i, 0, 0);
            }
        }
    }

    private void cancel(Inst inst, int i, PartPlan part, EventList events) {
        if (progressing.canCancel(inst, part) && usable(inst, part)) {
            events.add(NumberedEvent.Kind.CANCEL, i, part.number, 0);
        }
    }

    /** V4: between events, also for a window that is blocked; days pass where that makes a difference. */
    private void timers(EventList events) {
        for (int t = 0; t < run.timers.length; t++) {
            if (run.timers[t] != 0) {
                events.add(NumberedEvent.Kind.TIMER_FIRES, 0, t, 0);
            }
        }
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = run.instances.get(i);
            for (int t = 0; t < inst.plan.timers().size(); t++) {
                if (isOn(inst, t)) {
                    events.add(NumberedEvent.Kind.TIMER_FIRES, i + 1, t, 0);
                }
            }
        }
        if (daysPass) {
            events.add(NumberedEvent.of(NumberedEvent.Kind.DAY_PASSES));
        }
    }

    /** W6: with its window's leaving, a timer is off. */
    private static boolean isOn(Inst inst, int timer) {
        return !inst.closing && inst.get(inst.plan.timers().get(timer).slot()) != 0;
    }

    private boolean canFire(Event.TimerFires event) {
        int t = event.timer();
        if (event.instance() < 0) {
            return t >= 0 && t < run.timers.length && run.timers[t] != 0;
        }
        return event.instance() < run.instances.size()
                && t >= 0
                && t < run.instances.get(event.instance()).plan.timers().size()
                && isOn(run.instances.get(event.instance()), t);
    }

    private void ends(int place, EventList events) {
        Frame.OfScript frame = tasks.frame(place).orElseThrow();
        List<String> endings = Tasks.endings(frame);
        for (int i = 0; i < endings.size(); i++) {
            if (endings.indexOf(endings.get(i)) == i && tasks.isListed(frame, i) && tasks.canEnd(frame, i)) {
                events.add(NumberedEvent.Kind.TASK_ENDS, 0, place + 1, i);
            }
        }
        int told = progressing.told(place).size();
        for (int i = 0; i < told; i++) {
            events.add(NumberedEvent.Kind.TASK_TELLS, 0, place + 1, i);
        }
    }

    private void ofWindow(Inst inst, int i, EventList events) {
        if (inst.plan.window() instanceof ReadyMade window) {
            readyMade.offer(inst, window, i, events);
        }
        List<PartPlan> parts = inst.plan.parts();
        for (int p = 0; p < parts.size(); p++) {
            ofPart(inst, i, parts.get(p), events);
        }
        if (leads(inst, Way.CLOSE_BOX)) {
            events.add(NumberedEvent.Kind.CLOSE_BOX, i, 0, 0);
        }
        if (leads(inst, Way.ESCAPE)) {
            events.add(NumberedEvent.Kind.ESCAPE, i, 0, 0);
        }
    }

    private void ofPart(Inst inst, int i, PartPlan part, EventList events) {
        switch (part.part) {
            case Part.Button b -> press(inst, i, part, events);
            case Part.MenuCommand m when m.does().isPresent() -> {
                // what it does to a field, the field tells (P6)
            }
            case Part.MenuCommand m -> press(inst, i, part, events);
            case Part.Link l -> press(inst, i, part, events);
            case Part.TextField f -> {
                edit(inst, i, part, events);
                selects(inst, i, part, events);
            }
            case Part.ValueField f -> edit(inst, i, part, events);
            case Part.TickBox b -> change(inst, i, part, NumberedEvent.Kind.TICK, 1, events);
            case Part.Choice c -> change(inst, i, part, NumberedEvent.Kind.SELECT, listed(inst, part, c), events);
            case Part.ListOfRows l -> {
                if (usable(inst, part)) {
                    rows.offer(inst, i, part, events);
                }
            }
            case Part.Caption c -> {
                // gets no event
            }
            case Part.Picture p -> {
                // gets no event
            }
            case Part.Progress p -> cancel(inst, i, part, events);
        }
    }

    /** Of a choice that follows a list as many items are listed as rows of one. */
    private int listed(Inst inst, PartPlan part, Part.Choice choice) {
        int items = items(inst, part).size();
        return choice.follows().isPresent() ? Math.min(RowEvents.MOST_LISTED, items) : items;
    }

    private List<String> items(Inst inst, PartPlan part) {
        return run.or(() -> part.items(run.here(inst), inst), List.of());
    }

    private void press(Inst inst, int i, PartPlan part, EventList events) {
        if (part.each().isPresent()) {
            pressRows(inst, i, part, events);
        } else if (usable(inst, part)) {
            events.add(NumberedEvent.Kind.PRESS, i, part.number, 0);
        }
    }

    /** P5; where events are listed, as many as of a list. */
    private void pressRows(Inst inst, int i, PartPlan part, EventList events) {
        List<EachPlan.One> all = part.isNamed() ? Eaches.all(run, inst, part) : List.of();
        for (int row = 1; row <= Math.min(RowEvents.MOST_LISTED, all.size()); row++) {
            if (Eaches.isUsable(run, inst, part, all.get(row - 1))) {
                events.add(NumberedEvent.Kind.PRESS_ROW, i, part.number, row);
            }
        }
    }

    /** What can be selected in a text where it makes a difference (P7): all, or nothing at its beginning or end. */
    private void selects(Inst inst, int i, PartPlan part, EventList events) {
        if (part.askedSelection().isPresent() && usable(inst, part)) {
            TextSelection selection = part.askedSelection().get();
            List<TextSelection.Span> all = selection.worthTrying(part.text(run.here(inst), inst));
            for (int item = 0; item < all.size(); item++) {
                if (!all.get(item).equals(selection.in(inst))) {
                    events.add(NumberedEvent.Kind.SELECT_TEXT, i, part.number, item);
                }
            }
        }
    }

    private boolean selects(Inst inst, PartPlan part, TextSelection.Span span) {
        return usable(inst, part)
                && span.isIn(part.text(run.here(inst), inst))
                && !part.selection().orElseThrow().in(inst).equals(span);
    }

    private void edit(Inst inst, int i, PartPlan part, EventList events) {
        change(inst, i, part, NumberedEvent.Kind.EDIT, entries.count(inst.plan, part), events);
    }

    private void change(Inst inst, int i, PartPlan part, NumberedEvent.Kind kind, int items, EventList events) {
        if (changeable(inst, part)) {
            for (int item = 0; item < items; item++) {
                events.add(kind, i, part.number, item);
            }
        }
    }

    /** Whether one event is possible. */
    boolean is(Event event) {
        run.budget.refill(4 * Budget.OF_AN_EVENT);
        boolean running = run.phase == Situation.RUNNING;
        return switch (event) {
            case Event.StartAgain s -> !running;
            case Event.Killed k -> running;
            case Event.TaskEnds end -> running && tasks.isPossible(end);
            case Event.TaskTells tells -> running && progressing.mayTell(tells.place());
            case Event.OpenWithSamples(String window) ->
                running
                        && !tasks.isForeground()
                        && run.program.window(window).filter(opening::isFree).isPresent();
            case Event.TimerFires fires -> running && !tasks.isForeground() && canFire(fires);
            case Event.OpenFiles opens -> running && fromOutside.isPossible(opens);
            case Event.FileChanges changes -> running && fromOutside.isPossible(changes);
            case Event.DayPasses d -> running && !tasks.isForeground() && daysPass;
            case Event.SessionEnds e -> running && run.departure() == null && !tasks.isForeground();
            case Event.OnWindow w -> {
                if (!running || w.instance() < 0 || w.instance() >= run.instances.size()) {
                    yield false;
                }
                Inst inst = run.instances.get(w.instance());
                yield !inst.isHidden()
                        && (tasks.isForeground() ? isCancelling(inst, w) : fits(inst, w) && !blocking.isBlocked(inst));
            }
        };
    }

    /** B3: all that a person can do while work is waited for. */
    private boolean isCancelling(Inst inst, Event.OnWindow event) {
        return event instanceof Event.Cancel
                ? fits(inst, event)
                : (event instanceof Event.CloseBox || event instanceof Event.Escape)
                        && progressing.isCancelledByLeaving(inst);
    }

    private boolean fits(Inst inst, Event.OnWindow event) {
        return switch (event) {
            case Event.Press(int i, int part) ->
                usable(inst, part, Part.Button.class, Part.MenuCommand.class, Part.Link.class)
                        && inst.plan.parts().get(part).each().isEmpty()
                        && inst.plan.parts().get(part).part.getsEvents();
            case Event.PressRow(int i, int part, int row) ->
                isOf(inst, part, Part.Button.class, Part.MenuCommand.class)
                        && inst.plan.parts().get(part).each().isPresent()
                        && Eaches.isUsable(run, inst, inst.plan.parts().get(part), row);
            case Event.Select(int i, int part, int item) ->
                changeable(inst, part, Part.Choice.class)
                        && item >= 0
                        && item < items(inst, inst.plan.parts().get(part)).size();
            case Event.OnRows on -> usable(inst, on.part(), Part.ListOfRows.class) && rows.isPossible(inst, on);
            case Event.Edit(int i, int part, String text) ->
                changeable(inst, part, Part.TextField.class, Part.ValueField.class);
            case Event.SelectText(int i, int part, var span) ->
                isOf(inst, part, Part.TextField.class)
                        && selects(inst, inst.plan.parts().get(part), span);
            case Event.DropFiles drop -> fromOutside.isPossible(inst, drop);
            case Event.Tick(int i, int part) -> changeable(inst, part, Part.TickBox.class);
            case Event.Answer answer -> ReadyMadeEvents.isPossible(inst, answer);
            case Event.Choose choose -> readyMade.isPossible(inst, choose);
            case Event.Pick pick -> ReadyMadeEvents.isPossible(inst, pick);
            case Event.Cancel(int i, int part) ->
                usable(inst, part, Part.Progress.class)
                        && progressing.canCancel(inst, inst.plan.parts().get(part));
            case Event.CloseBox(int i) -> leads(inst, Way.CLOSE_BOX);
            case Event.Escape(int i) -> leads(inst, Way.ESCAPE);
        };
    }

    private static boolean isOf(Inst inst, int part, Class<?>... kinds) {
        boolean is = false;
        for (Class<?> kind : kinds) {
            is |= part >= 0
                    && part < inst.plan.parts().size()
                    && kind.isInstance(inst.plan.parts().get(part).part);
        }
        return is;
    }

    private boolean usable(Inst inst, int part, Class<?>... kinds) {
        return isOf(inst, part, kinds) && usable(inst, inst.plan.parts().get(part));
    }

    private boolean changeable(Inst inst, int part, Class<?>... kinds) {
        return isOf(inst, part, kinds) && changeable(inst, inst.plan.parts().get(part));
    }

    /** A condition with a fault, or one that takes too much work, holds for no one. */
    private boolean usable(Inst inst, PartPlan part) {
        return part.isNamed()
                && run.or(() -> part.enabled(run.here(inst), inst) && part.visible(run.here(inst), inst), false);
    }

    /** A part that a person can change is usable and not read-only (P1). */
    private boolean changeable(Inst inst, PartPlan part) {
        return usable(inst, part) && !run.isReadOnly(inst, part);
    }

    private boolean leads(Inst inst, Way way) {
        if (inst.plan.window() instanceof ReadyMade window) {
            return inst.plan.escapeEnding() > 0;
        }
        return switch (inst.plan.wayOut(way)) {
            case WindowPlan.WayPlan.Absent a -> false;
            case WindowPlan.WayPlan.Pressing(int part) ->
                usable(inst, part, Part.Button.class, Part.MenuCommand.class)
                        && inst.plan.parts().get(part).part.getsEvents();
            case WindowPlan.WayPlan.Leads l -> true;
        };
    }
}

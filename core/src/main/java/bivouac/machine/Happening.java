package bivouac.machine;

import bivouac.design.Way;
import bivouac.expression.Value;
import bivouac.plan.PartPlan;
import bivouac.plan.TextSelection;
import bivouac.plan.TimerPlan;
import bivouac.plan.WindowPlan;
import bivouac.state.Inst;
import bivouac.state.Situation;

/** What an event does at first: which script it starts, which request it begins; the rest follows from that. */
final class Happening {

    private final Run run;
    private final Requests requests;
    private final Holdings holdings;
    private final Opening opening;
    private final ReadyMadeEvents readyMade;
    private final RowEvents rows;
    private final TaskEnds taskEnds;
    private final Entries entries;
    private final Progressing progressing;
    private final FromOutside fromOutside;

    Happening(
            Run run,
            Entries entries,
            Requests requests,
            Holdings holdings,
            Opening opening,
            ReadyMadeEvents readyMade,
            RowEvents rows,
            TaskEnds taskEnds,
            Progressing progressing,
            FromOutside fromOutside) {
        this.fromOutside = fromOutside;
        this.run = run;
        this.requests = requests;
        this.holdings = holdings;
        this.opening = opening;
        this.readyMade = readyMade;
        this.rows = rows;
        this.taskEnds = taskEnds;
        this.progressing = progressing;
        this.entries = entries;
    }

    /** An event that is possible; not the start. */
    void take(Event event) {
        switch (event) {
            case Event.Press(int i, int part) -> follow(inst(i), part);
            case Event.PressRow(int i, int part, int row) ->
                Eaches.press(run, inst(i), inst(i).plan.parts().get(part), row);
            case Event.Select(int i, int part, int item) -> select(inst(i), part, item);
            case Event.Edit(int i, int part, String text) -> edit(inst(i), part, text);
            case Event.SelectText(int i, int part, var span) -> selectText(inst(i), part, span);
            case Event.SelectRows(int i, int part, var numbers) -> rows.select(inst(i), part, numbers);
            case Event.ActivateRow(int i, int part) -> rows.activate(inst(i), part);
            case Event.RemoveRows(int i, int part) -> rows.remove(inst(i), part);
            case Event.Tick(int i, int part) -> tick(inst(i), part);
            case Event.Answer(int i, int answer) -> readyMade.answer(inst(i), answer);
            case Event.Choose choose -> readyMade.take(inst(choose.instance()), choose);
            case Event.Pick pick -> readyMade.take(inst(pick.instance()), pick);
            case Event.CloseBox(int i) -> leave(inst(i), Way.CLOSE_BOX);
            case Event.Escape(int i) -> leave(inst(i), Way.ESCAPE);
            case Event.TaskEnds(int place, int outcome) -> taskEnds.end(place, outcome);
            case Event.TaskTells(int place, int done, String line) -> progressing.tell(place, done, line);
            case Event.Cancel(int i, int part) -> progressing.cancel(inst(i), part);
            case Event.OpenWithSamples(String window) ->
                opening.withSamples(run.program.window(window).orElseThrow());
            case Event.TimerFires(int i, int timer) -> fire(i, timer);
            case Event.OpenFiles opens -> fromOutside.take(opens);
            case Event.DropFiles drop -> fromOutside.take(inst(drop.instance()), drop);
            case Event.FileChanges changes -> fromOutside.take(inst(changes.instance()), changes);
            case Event.DayPasses d -> passDay();
            case Event.SessionEnds e -> requests.depart(0, 0, Way.SESSION_ENDING, false);
            case Event.Killed k -> kill();
            case Event.StartAgain s -> throw new IllegalStateException("begins a run of its own");
        }
    }

    /** The same, of an event that was listed here. */
    void take(long event) {
        int position = NumberedEvent.instance(event);
        Inst inst = position < run.instances.size() ? inst(position) : null;
        int part = NumberedEvent.part(event);
        int item = NumberedEvent.item(event);
        switch (NumberedEvent.kind(event)) {
            case PRESS -> follow(inst, part);
            case PRESS_ROW -> Eaches.press(run, inst, inst.plan.parts().get(part), item);
            case EDIT -> edit(inst, part, typed(inst, part, item));
            case SELECT_TEXT -> selectText(inst, part, span(inst, part, item));
            case TICK -> tick(inst, part);
            case SELECT -> select(inst, part, item);
            case ANSWER -> readyMade.answer(inst, item);
            case CLOSE_BOX -> leave(inst, Way.CLOSE_BOX);
            case ESCAPE -> leave(inst, Way.ESCAPE);
            case TASK_ENDS -> taskEnds.end(part - 1, item);
            case CANCEL -> progressing.cancel(inst, part);
            case TIMER_FIRES -> fire(NumberedEvent.instance(event) - 1, part);
            case DAY_PASSES -> passDay();
            case SESSION_ENDS -> requests.depart(0, 0, Way.SESSION_ENDING, false);
            case KILLED -> kill();
            case SELECT_ROW,
                    ACTIVATE_ROW,
                    REMOVE_ROWS,
                    CHOOSE,
                    PICK,
                    TASK_TELLS,
                    OPEN_FILES,
                    DROP_FILES,
                    FILE_CHANGES,
                    FILE_GOES,
                    START_AGAIN -> take(event(event));
        }
    }

    /** What a number means in the situation in which it was listed. */
    Event event(long event) {
        int i = NumberedEvent.instance(event);
        int part = NumberedEvent.part(event);
        int item = NumberedEvent.item(event);
        return switch (NumberedEvent.kind(event)) {
            case PRESS -> new Event.Press(i, part);
            case PRESS_ROW -> new Event.PressRow(i, part, item);
            case EDIT -> new Event.Edit(i, part, typed(inst(i), part, NumberedEvent.item(event)));
            case SELECT_TEXT -> new Event.SelectText(i, part, span(inst(i), part, item));
            case TICK -> new Event.Tick(i, part);
            case SELECT -> new Event.Select(i, part, item);
            case SELECT_ROW -> Event.SelectRows.one(i, part, item);
            case ACTIVATE_ROW -> new Event.ActivateRow(i, part);
            case REMOVE_ROWS -> new Event.RemoveRows(i, part);
            case ANSWER -> new Event.Answer(i, item);
            case CHOOSE -> readyMade.choice(inst(i), i, item);
            case PICK -> readyMade.pick(inst(i), i, item);
            case CLOSE_BOX -> new Event.CloseBox(i);
            case ESCAPE -> new Event.Escape(i);
            case TASK_ENDS -> new Event.TaskEnds(part - 1, item);
            case TASK_TELLS -> {
                Entries.Told told = progressing.told(part - 1).get(item);
                yield new Event.TaskTells(part - 1, told.done(), told.line());
            }
            case CANCEL -> new Event.Cancel(i, part);
            case TIMER_FIRES -> new Event.TimerFires(i - 1, part);
            case OPEN_FILES, DROP_FILES, FILE_CHANGES, FILE_GOES ->
                fromOutside.event(NumberedEvent.kind(event), i, item);
            case DAY_PASSES -> new Event.DayPasses();
            case SESSION_ENDS -> new Event.SessionEnds();
            case KILLED -> new Event.Killed();
            case START_AGAIN -> new Event.StartAgain();
        };
    }

    private String typed(Inst inst, int part, int item) {
        return entries.text(inst.plan, inst.plan.parts().get(part), item);
    }

    private Inst inst(int position) {
        return run.instances.get(position);
    }

    /** A command with a tick turns it over, a link is followed; then the part's script runs. */
    private void follow(Inst inst, int part) {
        PartPlan plan = inst.plan.parts().get(part);
        if (plan.isTicking()) {
            plan.tick(inst);
        }
        if (plan.address().isPresent()) {
            String address = run.textOr(plan.address().get(), run.here(inst));
            if (!address.isBlank()) {
                run.see(new Sighting.LinkFollowed(address));
            }
        }
        press(inst, part);
    }

    private void select(Inst inst, int part, int item) {
        inst.plan.parts().get(part).select(run.here(inst), inst, item);
        inst.plan.parts().get(part).changed(inst, true);
        press(inst, part);
    }

    private void edit(Inst inst, int part, String text) {
        inst.plan.parts().get(part).type(inst, text);
        inst.plan.parts().get(part).changed(inst, true);
        press(inst, part);
    }

    private TextSelection.Span span(Inst inst, int part, int item) {
        PartPlan plan = inst.plan.parts().get(part);
        return plan.selection()
                .orElseThrow()
                .worthTrying(plan.text(run.here(inst), inst))
                .get(item);
    }

    /** It starts no trigger; the order of the windows stays, since it can be told long after it was done. */
    private void selectText(Inst inst, int part, TextSelection.Span span) {
        inst.plan.parts().get(part).selection().orElseThrow().select(inst, span);
    }

    private void tick(Inst inst, int part) {
        inst.plan.parts().get(part).tick(inst);
        inst.plan.parts().get(part).changed(inst, true);
        press(inst, part);
    }

    private void press(Inst inst, int part) {
        run.raise(inst);
        run.push(inst.plan.parts().get(part).script(), inst);
    }

    private void leave(Inst inst, Way way) {
        run.raise(inst);
        if (progressing.isCancelledByLeaving(inst)) {
            progressing.cancelWaitedFor();
            return;
        }
        if (inst.plan.isReadyMade()) {
            requests.answer(inst, inst.plan.escapeEnding());
            return;
        }
        switch (inst.plan.wayOut(way)) {
            case WindowPlan.WayPlan.Absent a -> throw new IllegalStateException("an absent way out is no event");
            case WindowPlan.WayPlan.Pressing(int part) -> press(inst, part);
            case WindowPlan.WayPlan.Leads leads -> requests.requestByUser(inst, way, leads);
        }
    }

    /** V4: what it does begins; one that fires once is off again. */
    private void fire(int instance, int number) {
        if (instance < 0) {
            TimerPlan timer = run.program.timers().get(number);
            run.timers[number] = timer.timer().once() ? 0 : 1;
            run.push(timer.script(), null);
        } else {
            Inst inst = inst(instance);
            TimerPlan timer = inst.plan.timers().get(number);
            inst.set(timer.slot(), timer.timer().once() ? 0 : 1);
            run.push(timer.script(), inst);
        }
    }

    private void passDay() {
        run.today = run.number(new Value.Date(run.date().plusDays(1)));
    }

    /** D7: nothing runs; only kept values outlive it. */
    private void kill() {
        holdings.leaveTraces();
        run.instances.clear();
        run.stack.clear();
        run.phase = Situation.KILLED;
    }
}

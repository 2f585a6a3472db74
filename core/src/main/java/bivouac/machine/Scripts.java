package bivouac.machine;

import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.expression.Compiled;
import bivouac.expression.EvaluationFault;
import bivouac.expression.TooMuchWork;
import bivouac.expression.Value;
import bivouac.plan.Op;
import bivouac.plan.Reading;
import bivouac.plan.StepRef;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.List;
import java.util.Optional;

/** Runs the operations of scripts (W1, W2), and ends a script where it faults. */
final class Scripts {

    private final Run run;
    private final Requests requests;
    private final ScriptEnds ends;
    private final Tasks tasks;
    private final Progressing progressing;
    private final Holdings holdings;
    private final Opening opening;
    private final Targets targets;
    private final Doing doing;
    private final RowSteps rows;

    Scripts(
            Run run,
            Requests requests,
            ScriptEnds ends,
            Tasks tasks,
            Progressing progressing,
            Holdings holdings,
            Opening opening,
            RowSteps rows) {
        this.run = run;
        this.requests = requests;
        this.ends = ends;
        this.tasks = tasks;
        this.progressing = progressing;
        this.holdings = holdings;
        this.opening = opening;
        this.targets = new Targets(run);
        this.doing = new Doing(run, targets);
        this.rows = rows;
    }

    /** One operation of the script on top. */
    void advance(Frame.OfScript frame) {
        Op op = frame.script.ops().get(frame.pc);
        run.reach(frame);
        frame.hasResult = false;
        if (!(op instanceof Op.Finish) && !run.mayGoOn(frame.script.begun(frame.pc))) {
            ends.tooMuch(frame, limit());
            return;
        }
        try {
            perform(op, frame);
        } catch (EvaluationFault fault) {
            ends.fault(frame, Fault.Rule.X3, fault.getMessage(), op);
        } catch (TooMuchWork work) {
            ends.tooMuch(frame, work.getMessage());
        } catch (StepFault fault) {
            ends.fault(frame, fault.rule(), fault.getMessage(), op);
        }
    }

    private void finish(Frame.OfScript frame) {
        run.drop(frame);
        if (frame.script.isBeforeRemoving()) {
            rows.agreed(frame);
        }
    }

    private void perform(Op op, Frame.OfScript frame) {
        Reading here = run.here(frame);
        switch (op) {
            case Op.Open open -> open(open, frame);
            case Op.Close close -> close(close, frame);
            case Op.RunTask task -> {
                tasks.begin(task, frame);
                progressing.begun(frame);
            }
            case Op.TakeHolding take -> take(take, frame);
            case Op.GiveBack back -> giveBack(back, frame);
            case Op.CancelTask cancel -> {
                progressing.cancel(cancel.task());
                frame.pc++;
            }
            case Op.StopTask stop -> {
                tasks.stop(stop.task());
                frame.pc++;
            }
            case Op.Reach reach -> reach(reach, frame);
            case Op.TurnTimer turn -> turn(turn, frame);
            case Op.Focus focus -> focus(focus, frame, here);
            case Op.AddRow add -> rows.add(add, frame, here);
            case Op.ChangeRow change -> rows.change(change, frame, here);
            case Op.RemoveRow remove -> rows.remove(remove, frame, here);
            case Op.KeepRow keep -> run.drop(frame);
            case Op.Let let -> {
                frame.locals[let.slot()] = run.number(let.value().evaluate(here).as(let.type()));
                frame.pc++;
            }
            case Op.Again again -> frame.pc = again.to();
            case Op.KeptValues kept -> {
                kept(kept.how());
                frame.pc++;
            }
            case Op.NotThereYet n -> {
                run.see(new Sighting.Noted(n.said()));
                frame.pc++;
            }
            case Op.DoIn done -> doing.begin(done, frame);
            case Op.Answered(var ref, var e, var u, var s, var b, var r, var slot, int after) -> frame.pc = after;
            case Op.Answer answer -> doing.answer(answer, frame);
            case Op.Return back -> {
                doing.values(back.gives(), frame, frame, back.resultSlot(), back.results());
                frame.pc = back.to();
            }
            case Op.StayOpen stay -> stayOpen(frame);
            case Op.Set set -> {
                Value value = set.value().evaluate(here).as(set.access().type());
                run.budget.spend(value.weight() / 8);
                set.access().writer().orElseThrow().write(here, value);
                if (run.isWatched()) {
                    run.see(new Sighting.Set(set.path(), value));
                }
                frame.pc++;
            }
            case Op.SetIn set -> setIn(set, frame, here);
            case Op.JumpUnless jump ->
                frame.pc = jump.condition().evaluate(here).equals(Value.YES) ? frame.pc + 1 : jump.to();
            case Op.Jump(int to) -> frame.pc = to;
            case Op.Into into -> {
                if (run.isWatched()) {
                    run.see(new Sighting.WentInto(into.ref(), into.inner()));
                }
                frame.pc++;
            }
            case Op.End end -> end(end, frame, here);
            case Op.Note note -> {
                run.see(new Sighting.Noted(note.text().text(here)));
                frame.pc++;
            }
            case Op.Broken(StepRef ref, String why) -> throw new EvaluationFault(why);
            case Op.GiveUp giveUp -> ends.giveUp(frame);
            case Op.Finish f -> finish(frame);
        }
    }

    private void open(Op.Open op, Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing opens nothing");
        }
        if (frame.script.isPlan() && !isWaitedFor(op.how())) {
            throw new StepFault(Fault.Rule.X10, "the departure plan opens windows only to wait for them");
        }
        if (op.how() instanceof Op.How.InPlace inPlace) {
            // the system is asked only once the opener has agreed to go (O8)
            frame.awaitsRequest = true;
            requests.requestInPlace(frame, inPlace.ending());
            return;
        }
        if (!frame.cleared && opening.mayFail(op, frame)) {
            frame.awaitsTask = true;
            return;
        }
        frame.cleared = false;
        opening.open(op, frame);
    }

    private static boolean isWaitedFor(Op.How how) {
        return how instanceof Op.How.WaitsForOwner || how instanceof Op.How.WaitsForApplication;
    }

    /** H1, O7: where it may fail, only once the system has told that it did not. */
    private void take(Op.TakeHolding op, Frame.OfScript frame) {
        holdings.checkFree(op.holding(), frame);
        if (!frame.cleared && holdings.mayFail(op.holding())) {
            frame.awaitsTask = true;
            return;
        }
        frame.cleared = false;
        holdings.take(op.holding(), frame);
        frame.pc = op.after();
    }

    /** H2: where it may fail, only once the system has told whether it did; what did not go back is held no more. */
    private void giveBack(Op.GiveBack op, Frame.OfScript frame) {
        holdings.checkHeld(op.holding(), frame);
        if (!frame.cleared && holdings.mayStay(op.holding())) {
            frame.awaitsTask = true;
            return;
        }
        frame.cleared = false;
        holdings.giveBack(op.holding(), frame);
        frame.pc = op.after();
    }

    private void close(Op.Close op, Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing closes nothing");
        }
        Optional<Inst> target = targets.find(op.whom(), frame);
        if (target.isEmpty()) {
            frame.pc = op.after();
            return;
        }
        WindowPlan plan = target.get().plan;
        String wanted = op.ending().orElseGet(plan::usualEnding);
        int ending = plan.endingNumber(wanted);
        if (ending == 0) {
            throw new EvaluationFault(plan.window().name().shown() + " has no ending “" + wanted + "”");
        }
        if (plan.isBox()) {
            throw new EvaluationFault("a message box ends by its buttons only");
        }
        frame.awaitsRequest = true;
        requests.requestByStep(target.get(), ending);
    }

    /** R2, R3: its value is evaluated once, and set in every instance that is meant. */
    private void setIn(Op.SetIn op, Frame.OfScript frame, Reading here) {
        Value value = op.value().evaluate(here).as(op.access().type());
        List<Inst> all = op.whom().isEvery()
                ? targets.every(op.whom())
                : List.of(targets.find(op.whom(), frame)
                        .orElseThrow(() -> new EvaluationFault("the window to set in is not open")));
        for (Inst inst : all) {
            run.budget.spend(value.weight() / 8);
            op.access().writer().orElseThrow().write(here.of(inst), value);
            if (run.isWatched()) {
                run.see(new Sighting.Set(inst.named() + "." + op.member(), value));
            }
        }
        frame.pc++;
    }

    /** C9, R2: hides a window, shows it again, or brings it to the front; one that is not open is fault X3 (R3). */
    private void reach(Op.Reach op, Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing shows and hides nothing");
        }
        if (op.whom().isEvery()) {
            targets.every(op.whom()).forEach(i -> reach(op.how(), i));
        } else {
            reach(
                    op.how(),
                    targets.find(op.whom(), frame)
                            .orElseThrow(() -> new EvaluationFault(
                                    "the window to " + op.how().words() + " is not open")));
        }
        frame.pc++;
    }

    private void reach(Step.Reach.How how, Inst inst) {
        switch (how) {
            case HIDE -> hide(inst);
            case SHOW -> inst.hidden = false;
            case BRING_TO_FRONT -> {
                inst.hidden = false;
                run.raise(inst);
                if (run.isWatched()) {
                    run.see(new Sighting.BroughtBack(Sighting.Which.of(inst)));
                }
            }
        }
    }

    /** V4: on from now, or on anew; a timer of no length never begins. */
    private void turn(Op.TurnTimer op, Frame.OfScript frame) {
        boolean on = op.how() == Step.TurnTimer.How.START;
        String name = op.timer().timer().name().shown();
        if (on) {
            Value every = op.timer().every().evaluate(run.here(frame.me));
            if (!(every.as(Type.NUMBER) instanceof Value.Number(double seconds)) || seconds <= 0) {
                throw new EvaluationFault(
                        "the timer “" + name + "” has no length: every " + every.shown() + " seconds");
            }
            run.see(new Sighting.TimerStarted(name, every));
        } else {
            run.see(new Sighting.TimerStopped(name));
        }
        if (op.ofWindow()) {
            frame.me.set(op.timer().slot(), on ? 1 : 0);
        } else {
            run.timers[op.timer().number()] = on ? 1 : 0;
        }
        frame.pc++;
    }

    /** S1: no rule depends on it. */
    private void focus(Op.Focus op, Frame.OfScript frame, Reading here) {
        var inst = (Inst) op.part().instance(here);
        String part = op.part().list(inst).part.name().shown();
        run.see(new Sighting.Focused(Sighting.Which.of(inst), part));
        frame.pc++;
    }

    /** Kept variables are saved, or taken as they were saved last. */
    private void kept(Step.KeptValues.How how) {
        switch (how) {
            case SAVE -> {
                run.saveKept();
                run.see(new Sighting.KeptSaved());
            }
            case LOAD -> {
                for (int i = 0; i < run.kept.length; i++) {
                    // what is not kept has nothing saved
                    if (run.kept[i] != 0) {
                        run.setVariable(i, run.kept[i]);
                    }
                }
            }
        }
    }

    private void hide(Inst inst) {
        boolean waitedFor =
                run.instances.stream().anyMatch(i -> i.waits != Inst.WAITS_NOT && (i == inst || i.isOwnedBy(inst)));
        if (waitedFor) {
            throw new StepFault(Fault.Rule.X9, Sighting.Which.of(inst) + " is waited for, or owns a window that is");
        }
        inst.hidden = true;
    }

    /** C2: ends the script and refuses the request that asked. Elsewhere it only ends the script. */
    private void stayOpen(Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing refuses nothing");
        }
        if (frame.script.isPlan()) {
            throw new StepFault(Fault.Rule.X10, "in the departure plan nothing can be refused any more");
        }
        ends.stop(frame);
    }

    private void end(Op.End op, Frame.OfScript frame, Reading here) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing ends nothing");
        }
        int code = op.code().isPresent() ? run.number(code(op.code().get(), here)) : 0;
        int saying =
                op.saying().isPresent() ? run.number(Value.of(op.saying().get().text(here))) : 0;
        Frame.OfRequest departing = run.departure();
        Frame.OfRequest undecided = run.undecided();
        if (departing != null) {
            departing.give(code, saying);
            frame.pc = op.after();
        } else if (undecided != null) {
            undecided.thenEnds = true;
            undecided.give(code, saying);
            frame.pc = op.after();
        } else {
            frame.awaitsRequest = true;
            requests.depart(code, saying, Way.DEPARTURE, true);
        }
    }

    private static Value code(Compiled<Reading> code, Reading here) {
        Value value = code.evaluate(here);
        if (value instanceof Value.Whole(long n) && (n < 0 || n > 255)) {
            throw new EvaluationFault("the exit code is " + n + "; exit codes go from 0 to 255");
        }
        return value;
    }

    private String limit() {
        return run.isTooDeep()
                ? "more than " + Run.DEEPEST_STACK + " scripts and requests stand on each other"
                : "the scripts of this event ran more than " + Run.MOST_STEPS + " steps";
    }
}

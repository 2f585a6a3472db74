package bivouac.machine;

import bivouac.design.WaysOut;
import bivouac.expression.Compiled;
import bivouac.expression.EvaluationFault;
import bivouac.expression.TooMuchWork;
import bivouac.expression.Value;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Runs the operations of scripts (W1, W2), and ends a script where it faults. */
final class Scripts {

    private final Run run;
    private final Requests requests;

    Scripts(Run run, Requests requests) {
        this.run = run;
        this.requests = requests;
    }

    /** One operation of the script on top. */
    void advance(Frame.OfScript frame) {
        Op op = frame.script.ops().get(frame.pc);
        if (op instanceof Op.Finish) {
            finish(frame);
            return;
        }
        if (!run.mayGoOn(frame.script.begun(frame.pc))) {
            tooMuch(frame, limit());
            return;
        }
        try {
            perform(op, frame);
        } catch (EvaluationFault fault) {
            fault(frame, Fault.Rule.X3, fault.getMessage(), op);
        } catch (TooMuchWork work) {
            tooMuch(frame, work.getMessage());
        } catch (StepFault fault) {
            fault(frame, fault.rule(), fault.getMessage(), op);
        }
    }

    private void finish(Frame.OfScript frame) {
        run.drop(frame);
        if (frame.script.isBeforeRemoving()) {
            new RowRemovals(run).agreed(frame);
        }
    }

    private void perform(Op op, Frame.OfScript frame) {
        var here = new Reading(run, frame.me, frame);
        switch (op) {
            case Op.Open open -> open(open, frame);
            case Op.Close close -> close(close, frame);
            case Op.RunTask task -> new Tasks(run).begin(task, frame);
            case Op.TakeHolding take -> take(take, frame);
            case Op.GiveBack back -> {
                new Holdings(run).giveBack(back.holding(), frame);
                frame.pc++;
            }
            case Op.StopTask stop -> {
                new Tasks(run).stop(stop.task());
                frame.pc++;
            }
            case Op.Reach reach -> reach(reach, frame);
            case Op.AddRow add -> addRow(add, frame, here);
            case Op.ChangeRow change -> changeRow(change, frame, here);
            case Op.RemoveRow remove -> removeRow(remove, frame, here);
            case Op.KeepRow keep -> run.drop(frame);
            case Op.Let let -> {
                frame.locals[let.slot()] = run.program.number(let.value().evaluate(here));
                frame.pc++;
            }
            case Op.Again again -> frame.pc = again.to();
            case Op.KeptValues kept -> {
                kept(kept.how());
                frame.pc++;
            }
            case Op.NotThereYet n -> {
                run.see(new Sighting.Noted(n.what() + " is not there yet."));
                frame.pc++;
            }
            case Op.StayOpen stay -> stayOpen(frame);
            case Op.Set set -> {
                Value value = set.value().evaluate(here).as(set.access().type());
                run.budget.spend(value.weight() / 8);
                set.access().writer().orElseThrow().write(here, value);
                run.see(new Sighting.Set(set.path(), value));
                frame.pc++;
            }
            case Op.JumpUnless jump ->
                frame.pc = jump.condition().evaluate(here).equals(Value.YES) ? frame.pc + 1 : jump.to();
            case Op.Jump(int to) -> frame.pc = to;
            case Op.Into into -> {
                run.see(new Sighting.WentInto(into.ref(), into.inner()));
                frame.pc++;
            }
            case Op.End end -> end(end, frame, here);
            case Op.Note note -> {
                run.see(new Sighting.Noted(note.text().text(here)));
                frame.pc++;
            }
            case Op.Broken(StepRef ref, String why) -> throw new EvaluationFault(why);
            case Op.Finish f -> finish(frame);
        }
    }

    private void open(Op.Open op, Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing opens nothing");
        }
        var opening = new Opening(run);
        // in place, the system is asked only once the opener has agreed to go (O8)
        boolean inPlace = op.how() instanceof Op.How.InPlace;
        if (!inPlace && !frame.cleared && opening.mayFail(op, frame)) {
            frame.awaitsTask = true;
            return;
        }
        frame.cleared = false;
        opening.open(op, frame);
    }

    /** H1, O7: where it may fail, only once the system has told that it did not. */
    private void take(Op.TakeHolding op, Frame.OfScript frame) {
        var holdings = new Holdings(run);
        holdings.checkFree(op.holding(), frame);
        if (!frame.cleared && holdings.mayFail(op.holding())) {
            frame.awaitsTask = true;
            return;
        }
        frame.cleared = false;
        holdings.take(op.holding(), frame);
        frame.pc = op.after();
    }

    private void close(Op.Close op, Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing closes nothing");
        }
        Optional<Inst> target = new Targets(run).find(op.target(), op.keptSlot(), frame);
        if (target.isEmpty()) {
            frame.pc = op.after();
            return;
        }
        WindowPlan plan = target.get().plan;
        String wanted = op.ending()
                .orElseGet(() -> plan.face().map(WaysOut::usualEnding).orElse(WaysOut.CLOSED));
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

    /** C9, R2: hides a window, shows it again, or brings it to the front; one that is not open is fault X3 (R3). */
    private void reach(Op.Reach op, Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing shows and hides nothing");
        }
        Inst inst = new Targets(run)
                .find(op.target(), op.keptSlot(), frame)
                .orElseThrow(
                        () -> new EvaluationFault("the window to " + op.how().words() + " is not open"));
        switch (op.how()) {
            case HIDE -> hide(inst);
            case SHOW -> inst.hidden = false;
            case BRING_TO_FRONT -> {
                inst.hidden = false;
                run.raise(inst);
                run.see(new Sighting.BroughtBack(inst.which()));
            }
        }
        frame.pc++;
    }

    private void addRow(Op.AddRow op, Frame.OfScript frame, Reading here) {
        Map<String, Value> row = new LinkedHashMap<>();
        op.columns().forEach(c -> row.put(c.name(), Value.startOf(c.type(), run.today())));
        row.putAll(values(op.values(), here));
        Inst inst = op.list().instance(here);
        Rows rows = op.list().list(inst).rowsOf().orElseThrow();
        run.budget.spend(rows.all(inst).size() / 8);
        rows.add(inst, row);
        frame.pc++;
    }

    private void changeRow(Op.ChangeRow op, Frame.OfScript frame, Reading here) {
        Map<String, Value> columns = values(op.values(), here);
        Inst inst = op.list().instance(here);
        Rows rows = op.list().list(inst).rowsOf().orElseThrow();
        run.budget.spend(rows.all(inst).size() / 8);
        rows.change(inst, rows.selectedOne(inst), columns);
        frame.pc++;
    }

    private static Map<String, Value> values(List<Op.Hand> hands, Reading here) {
        Map<String, Value> values = new LinkedHashMap<>();
        hands.forEach(h -> values.put(h.name(), h.value().evaluate(here).as(h.type())));
        return values;
    }

    private void removeRow(Op.RemoveRow op, Frame.OfScript frame, Reading here) {
        Inst inst = op.list().instance(here);
        PartPlan list = op.list().list(inst);
        List<Integer> selection = list.rowsOf().orElseThrow().selection(inst);
        if (selection.isEmpty()) {
            throw new EvaluationFault("no row is selected that could be removed");
        }
        frame.pc++;
        new RowRemovals(run).begin(inst, list, selection, op.unasked());
    }

    /** Kept variables are saved, or taken as they were saved last. */
    private void kept(bivouac.design.Step.KeptValues.How how) {
        var variables = run.program.design().application().variables();
        for (int i = 0; i < variables.size(); i++) {
            if (variables.get(i).kept()) {
                switch (how) {
                    case SAVE -> run.kept[i] = run.variables[i];
                    case LOAD -> run.variables[i] = run.kept[i] == 0 ? run.variables[i] : run.kept[i];
                }
            }
        }
        if (how == bivouac.design.Step.KeptValues.How.SAVE) {
            run.see(new Sighting.KeptSaved());
        }
    }

    private void hide(Inst inst) {
        boolean waitedFor =
                run.instances.stream().anyMatch(i -> i.waits != Inst.WAITS_NOT && (i == inst || i.isOwnedBy(inst)));
        if (waitedFor) {
            throw new StepFault(Fault.Rule.X9, inst.which() + " is waited for, or owns a window that is");
        }
        inst.hidden = true;
    }

    /** C2: ends the script and refuses the request that asked. Elsewhere it only ends the script. */
    private void stayOpen(Frame.OfScript frame) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing refuses nothing");
        }
        stop(frame);
    }

    private void end(Op.End op, Frame.OfScript frame, Reading here) {
        if (frame.script.isAfterClosing()) {
            throw new StepFault(Fault.Rule.X10, "a script after closing ends nothing");
        }
        int code = op.code().isPresent() ? run.program.number(code(op.code().get(), here)) : 0;
        int saying = op.saying().isPresent()
                ? run.program.number(Value.of(op.saying().get().text(here)))
                : 0;
        var departing = run.departure();
        if (departing.isPresent()) {
            departing.get().give(code, saying);
            frame.pc = op.after();
            return;
        }
        var undecided = run.undecided();
        if (undecided.isPresent()) {
            undecided.get().thenEnds = true;
            undecided.get().give(code, saying);
            frame.pc = op.after();
            return;
        }
        frame.awaitsRequest = true;
        requests.depart(code, saying, Ways.words(bivouac.design.Way.DEPARTURE.ordinal()), true);
    }

    private static Value code(Compiled<Reading> code, Reading here) {
        Value value = code.evaluate(here);
        if (value instanceof Value.Whole(long n) && (n < 0 || n > 255)) {
            throw new EvaluationFault("the exit code is " + n + "; exit codes go from 0 to 255");
        }
        return value;
    }

    /** The script ends at the fault; in <em>before closing</em> that refuses (C2). */
    void fault(Frame.OfScript frame, Fault.Rule rule, String message, Op op) {
        frame.awaitsRequest = false;
        run.fault(rule, message, ref(op));
        stop(frame);
    }

    /** Ends a script; where a request asks it whether its window may close, that is refused. */
    private void stop(Frame.OfScript frame) {
        Optional<Frame.OfRequest> asking = asking(frame);
        run.drop(frame);
        asking.ifPresent(request -> requests.refuse(request, Optional.of(frame.me)));
    }

    /** The request that asks by this script. A branch of <em>before closing</em> that runs later asks for none. */
    private Optional<Frame.OfRequest> asking(Frame.OfScript frame) {
        int at = run.stack.indexOf(frame);
        return frame.script.isBeforeClosing()
                        && at > 0
                        && run.stack.get(at - 1) instanceof Frame.OfRequest request
                        && frame.me.askedBy == request
                ? Optional.of(request)
                : Optional.empty();
    }

    private String limit() {
        return run.stack.size() > Run.DEEPEST_STACK
                ? "more than " + Run.DEEPEST_STACK + " scripts and requests stand on each other"
                : "the scripts of this event ran more than " + Run.MOST_STEPS + " steps";
    }

    /** X6: every script that has not begun to wait ends. */
    private void tooMuch(Frame.OfScript frame, String what) {
        frame.awaitsRequest = false;
        run.fault(Fault.Rule.X6, what, ref(frame.script.ops().get(frame.pc)));
        while (run.top() instanceof Frame.OfScript top && !top.waits()) {
            stop(top);
        }
    }

    private static Optional<StepRef> ref(Op op) {
        return switch (op) {
            case Op.Open o -> Optional.of(o.ref());
            case Op.Close c -> Optional.of(c.ref());
            case Op.StayOpen s -> Optional.of(s.ref());
            case Op.Reach r -> Optional.of(r.ref());
            case Op.RunTask r -> Optional.of(r.ref());
            case Op.TakeHolding t -> Optional.of(t.ref());
            case Op.GiveBack g -> Optional.of(g.ref());
            case Op.StopTask s -> Optional.of(s.ref());
            case Op.NotThereYet n -> Optional.of(n.ref());
            case Op.AddRow a -> Optional.of(a.ref());
            case Op.ChangeRow c -> Optional.of(c.ref());
            case Op.RemoveRow r -> Optional.of(r.ref());
            case Op.KeepRow k -> Optional.of(k.ref());
            case Op.Let l -> Optional.of(l.ref());
            case Op.Again a -> Optional.of(a.ref());
            case Op.KeptValues k -> Optional.of(k.ref());
            case Op.Set s -> Optional.of(s.ref());
            case Op.JumpUnless j -> Optional.of(j.ref());
            case Op.End e -> Optional.of(e.ref());
            case Op.Note n -> Optional.of(n.ref());
            case Op.Broken b -> Optional.of(b.ref());
            case Op.Jump j -> Optional.empty();
            case Op.Into i -> Optional.empty();
            case Op.Finish f -> Optional.empty();
        };
    }
}

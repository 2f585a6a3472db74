package bivouac.machine;

import bivouac.design.FacedWindow;
import bivouac.design.Way;
import bivouac.expression.EvaluationFault;
import bivouac.expression.TooMuchWork;
import bivouac.plan.Op;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.Optional;

/**
 * Close requests and the departure, from the first question to the last ending delivered (C2 to C7, D1 to D3, D6).
 * Asking and closing can each stop for a script that waits; so a request is a frame on the stack that goes on, one
 * thing at a time, whenever it is the topmost. Who comes next follows from who was asked and who is still there.
 */
final class Requests {

    private final Run run;
    private final AskingOrder asking;
    private final Endings endings;
    private final Leaving leaving;
    private final TheEnd theEnd;
    private final ClosingScripts closingScripts;
    private final Opening opening;
    /** The number of the window with whose closing the application ends (D1); -1 for none. */
    private final int departureWindow;

    Requests(Run run, Endings endings, Holdings holdings, Tasks tasks, Opening opening) {
        this.run = run;
        this.asking = new AskingOrder(run);
        this.endings = endings;
        this.leaving = new Leaving(run, endings, holdings, tasks);
        this.theEnd = new TheEnd(run, holdings);
        this.closingScripts = new ClosingScripts(run);
        this.opening = opening;
        this.departureWindow = run.program.departureWindow().map(p -> p.number).orElse(-1);
    }

    // How requests begin

    /** By a <em>close</em> step of the script on top. */
    void requestByStep(Inst target, int ending) {
        begin(target, Ways.CLOSE_STEP, ending, false, true);
    }

    /** By the opener making room (O8). */
    void requestInPlace(Frame.OfScript by, int ending) {
        begin(by.me, Ways.CLOSE_STEP, ending, false, true);
    }

    /** By the close box or Escape, leading to an ending. */
    void requestByUser(Inst target, Way way, WindowPlan.WayPlan.Leads leads) {
        begin(target, way.ordinal(), leads.ending(), leads.unasked(), false);
    }

    private void begin(Inst target, int way, int ending, boolean unasked, boolean byScript) {
        boolean departing = target.plan.number == departureWindow;
        Frame.OfRequest request = run.request(departing);
        request.target = target;
        request.way = way;
        request.ending = ending;
        request.unasked = unasked;
        request.byScript = byScript;
        boolean taken = target.askedBy != null || target.closing || departing && run.departure() != null;
        run.stack.add(request);
        if (taken) {
            refuse(request, Optional.of(target));
        }
    }

    /** Asks for the departure (D1). */
    void depart(int code, int saying, Way way, boolean byScript) {
        Frame.OfRequest request = run.request(true);
        request.way = way.ordinal();
        request.code = code;
        request.saying = saying;
        request.byScript = byScript;
        run.stack.add(request);
    }

    // How they go on

    /** The request on top does its next thing; {@link TooMuchWork} where that is more than one event may cost (X6). */
    void advance(Frame.OfRequest request) {
        if (!request.closing) {
            askNext(request);
        } else {
            close(request);
        }
    }

    private void askNext(Frame.OfRequest request) {
        run.budget.spend(1);
        Inst inst = asking.nextToAsk(request);
        if (inst == null) {
            decide(request);
            return;
        }
        if (inst.askedBy != null || AskingOrder.holdsWhatCannotBeTakenAway(inst)) {
            refuse(request, Optional.of(inst));
            return;
        }
        inst.askedBy = request;
        int way = Ways.wayFor(request, inst);
        boolean unasked = inst == request.target ? request.unasked : Ways.isUnasked(inst, way);
        if (!unasked) {
            closingScripts.push(inst, FacedWindow.Moment.BEFORE_CLOSING, way, endingIn(request, inst));
        }
    }

    /** The number of the ending to which a request leads a window; 0 for none. */
    private static int endingIn(Frame.OfRequest request, Inst inst) {
        return inst == request.target ? request.ending : Ways.endingOf(inst, Ways.wayFor(request, inst));
    }

    // How they end

    /** One refusal refuses all, and every window stays (C2, C4, D2). */
    void refuse(Frame.OfRequest request, Optional<Inst> by) {
        forgetResults(request);
        release(request);
        by.ifPresent(this::seeRefusal);
        if (request.departure && run.isWatched()) {
            run.see(new Sighting.DepartureCalledOff());
        }
        Frame.OfScript asker = takeOff(request);
        if (asker != null) {
            asker.pc = afterRefusal(asker);
        }
    }

    private void seeRefusal(Inst by) {
        if (run.isWatched()) {
            run.see(new Sighting.Refused(Sighting.Which.of(by)));
        }
    }

    /** What a request has asked can be asked by others again (C3). */
    private void release(Frame.OfRequest request) {
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = run.instances.get(i);
            inst.askedBy = inst.askedBy == request ? null : inst.askedBy;
        }
    }

    /** What was to be given is not. */
    private void forgetResults(Frame.OfRequest request) {
        for (int i = 0; i < run.instances.size(); i++) {
            if (run.instances.get(i).askedBy == request) {
                run.instances.get(i).beginResult(0);
            }
        }
    }

    private static int afterRefusal(Frame.OfScript script) {
        return switch (script.script.ops().get(script.pc)) {
            case Op.Close c -> c.refused();
            case Op.End e -> e.refused();
            case Op.Open o -> o.after();
            case Op.RunTask _, Op.MayFail _, Op.DoIn _, Op.Plain _, Op.Course _ ->
                throw new IllegalStateException("Only close, end and open ask for something");
        };
    }

    /** Takes the request off the stack, and answers the script that asked for it; null if that is gone. */
    private Frame.OfScript takeOff(Frame.OfRequest request) {
        int at = run.stack.indexOf(request);
        run.stack.remove(at);
        if (request.byScript
                && at > 0
                && run.stack.get(at - 1) instanceof Frame.OfScript asker
                && asker.awaitsRequest) {
            asker.awaitsRequest = false;
            return asker;
        }
        return null;
    }

    /** Nothing refuses any more: values are made (C6), and the windows begin to close. */
    private void decide(Frame.OfRequest request) {
        Frame.OfScript asker = asker(request);
        Op.Open inPlace = !request.departure && asker != null && opOf(asker) instanceof Op.Open open ? open : null;
        try {
            if (!request.departure) {
                makeResults(request, asker);
            }
            if (inPlace != null && mustWaitForSystem(inPlace, asker)) {
                request.awaitsOpening = true;
                return;
            }
            closes(request);
            if (inPlace != null) {
                opening.openInPlaceOf(request.target, inPlace, asker);
            }
        } catch (EvaluationFault fault) {
            fail(request, Fault.Rule.X3, fault.getMessage());
        } catch (StepFault fault) {
            fail(request, fault.rule(), fault.getMessage());
        }
    }

    /** What goes wrong while it is decided refuses. */
    void fail(Frame.OfRequest request, Fault.Rule rule, String message) {
        request.closing = false;
        run.fault(rule, message, Optional.empty());
        refuse(request, Optional.empty());
    }

    private static Op opOf(Frame.OfScript script) {
        return script.script.ops().get(script.pc);
    }

    private void makeResults(Frame.OfRequest request, Frame.OfScript asker) {
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = run.instances.get(i);
            if (inst.askedBy == request) {
                endings.makeResult(request, inst, endingIn(request, inst), asker);
            }
        }
    }

    /** O8, O7: only once all have agreed is the system asked whether the new window can be there. */
    private boolean mustWaitForSystem(Op.Open inPlace, Frame.OfScript asker) {
        boolean must = !asker.cleared && opening.mayFail(inPlace, asker);
        asker.cleared = false;
        return must;
    }

    /** It is decided, so what it asked may be asked by others (C3). */
    private void closes(Frame.OfRequest request) {
        release(request);
        request.closing = true;
        if (request.departure) {
            letScriptsGo(request);
        }
    }

    /** O8: the system could not create the new window, so this one stays, and nobody refused. */
    void couldNotReplace(Frame.OfRequest request) {
        forgetResults(request);
        release(request);
        takeOff(request);
    }

    /** The script that asked, which lies right below; null if none did, or it is gone. */
    private Frame.OfScript asker(Frame.OfRequest request) {
        int at = run.stack.indexOf(request);
        return request.byScript && at > 0 && run.stack.get(at - 1) instanceof Frame.OfScript s ? s : null;
    }

    /** D3: scripts are let go, without fault; kept branches and tasks as well, whenever it closes a window. */
    private void letScriptsGo(Frame.OfRequest request) {
        run.stack.clear();
        run.stack.add(request);
        request.byScript = false;
        for (int i = 0; i < run.instances.size(); i++) {
            run.instances.get(i).askedBy = null;
        }
    }

    // Closing

    private void close(Frame.OfRequest request) {
        if (request.departure) {
            // D3, also for what the plan leaves open: endings reach nobody any more
            run.dormant.clear();
            run.background.clear();
        }
        for (int i = 0; i < run.instances.size(); i++) {
            if (run.instances.get(i).closing) {
                leaving.gone(run.instances.get(i));
                return;
            }
        }
        Inst next = asking.nextToClose(request);
        if (next == null && request.departure && !request.planned) {
            // D4: once all have closed; what the plan itself leaves open closes after it
            request.planned = true;
            run.push(run.program.departurePlan(), null);
        } else if (next == null) {
            finish(request);
        } else {
            leave(request, next);
        }
    }

    /** It leaves the screen, and its <em>after closing</em> script runs (C5). */
    private void leave(Frame.OfRequest request, Inst inst) {
        inst.closing = true;
        inst.hidden = true;
        inst.ending = inst.plan.isReadyMade() ? inst.plan.escapeEnding() : endingIn(request, inst);
        endings.see(inst);
        if (!inst.plan.isReadyMade()) {
            closingScripts.push(inst, FacedWindow.Moment.AFTER_CLOSING, Ways.wayFor(request, inst), inst.ending);
        }
    }

    private void finish(Frame.OfRequest request) {
        if (request.departure) {
            theEnd.come(request);
            return;
        }
        Frame.OfScript asker = takeOff(request);
        if (asker != null) {
            asker.pc = afterAgreement(asker);
        }
        endings.runKeptBranches();
        if (request.thenEnds) {
            endAfterwards(request);
        }
    }

    private static int afterAgreement(Frame.OfScript script) {
        return switch (script.script.ops().get(script.pc)) {
            case Op.Close c -> c.whom().isEvery() ? script.pc : c.after();
            case Op.Open o -> o.after();
            case Op.End _, Op.RunTask _, Op.MayFail _, Op.DoIn _, Op.Plain _, Op.Course _ ->
                throw new IllegalStateException("Only close and open ask a window to close");
        };
    }

    /** W6: an end that was put off until this request was decided. */
    private void endAfterwards(Frame.OfRequest request) {
        Frame.OfRequest outer = run.undecided();
        if (outer == null) {
            depart(request.code, request.saying, Way.DEPARTURE, false);
        } else {
            outer.thenEnds = true;
            outer.give(request.code, request.saying);
        }
    }

    /** C7, C8: a message box, file dialog or picker ends at once and unasked. */
    void answer(Inst box, int ending) {
        box.ending = ending;
        endings.see(box);
        leaving.gone(box);
    }
}

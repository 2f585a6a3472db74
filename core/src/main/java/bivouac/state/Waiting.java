package bivouac.state;

import bivouac.plan.Op;
import bivouac.plan.RestPoint;
import bivouac.plan.ScriptPlan;
import java.util.List;

/** What waits, and is written with its rest point: scripts on the stack and in the background, and branches. */
final class Waiting {

    private final Layout layout;
    private final Relations relations;
    private Bits io;
    private Situation s;

    Waiting(Layout layout, Relations relations) {
        this.layout = layout;
        this.relations = relations;
    }

    void begin(Bits bits, Situation situation) {
        io = bits;
        s = situation;
    }

    void held() {
        int at = 0;
        while (io.flag(!io.isReading() && at < s.held.size())) {
            Held known = io.isReading() ? null : s.held.get(at);
            int holding = io.bits(
                    known == null ? 0 : known.holding(),
                    Bits.width(s.program.holdings().size()));
            Inst owner = s.program.holdings().get(holding).ofApplication()
                    ? null
                    : relations.any(known == null ? null : known.owner());
            if (known == null) {
                s.held.add(new Held(holding, owner));
            }
            at++;
        }
    }

    void background() {
        int at = 0;
        while (io.flag(!io.isReading() && at < s.background.size())) {
            script(s.background, at++);
        }
    }

    /** A script of a list of frames at a place. */
    void script(List<? super Frame.OfScript> frames, int at) {
        Frame.OfScript known = io.isReading() ? null : (Frame.OfScript) frames.get(at);
        int number = layout.points.pass(
                known == null ? 0 : layout.points.number(known.script.number(), known.pc, known.kind()), io);
        RestPoint point = layout.points.point(number);
        ScriptPlan script = s.program.script(point.script());
        Frame.OfScript frame = known != null ? known : s.run(script, null);
        if (script.of().isPresent()) {
            frame.me = relations.of(script.of().orElseThrow(), frame.me);
        }
        frame.pc = point.at();
        switch (point.kind()) {
            case WINDOW -> {
                var open = (Op.Open) script.ops().get(frame.pc);
                frame.awaits = relations.of(s.program.windows().get(open.window()), frame.awaits);
            }
            case REQUEST -> frame.awaitsRequest = true;
            case TASK -> frame.awaitsTask = true;
            case CANCELLING -> {
                frame.awaitsTask = true;
                frame.cancelled = true;
            }
            case BELOW, BRANCHES -> {
                // it waits for nothing of its own
            }
        }
        needed(number, frame);
        if (known == null) {
            frames.add(frame);
        }
    }

    /** The slots that can be read later; the others are as empty as in a script that has just begun. */
    private void needed(int number, Frame.OfOps frame) {
        RestPoint point = layout.points.point(number);
        Code[] codes = layout.points.codes(number);
        for (int i = 0; i < codes.length; i++) {
            int slot = point.values().get(i);
            frame.locals[slot] = codes[i].pass(frame.locals[slot], io);
        }
        for (int i = 0; i < point.kept().size(); i++) {
            int slot = point.kept().get(i);
            frame.kept[slot] = relations.any(frame.kept[slot]);
        }
    }

    /** The branches left behind: those of windows that are open, and those about to run. */
    void branches(boolean closing) {
        for (int i = 0; i < s.instances.size(); i++) {
            Inst inst = s.instances.get(i);
            List<RestPoint> points = layout.windows[inst.plan.number].branches();
            if (!points.isEmpty()) {
                behind(inst, points, closing);
            }
        }
        if (closing) {
            arrived();
        }
    }

    private void behind(Inst inst, List<RestPoint> points, boolean closing) {
        Frame.Dormant known = io.isReading() ? null : of(inst);
        if (!io.flag(known != null)) {
            return;
        }
        int choice = io.bits(known == null ? 0 : choice(points, known), Bits.width(points.size()));
        RestPoint point = points.get(choice);
        Frame.Dormant branches = known != null ? known : dormant(point.script(), point.at());
        owner(branches, closing);
        branches.awaits = inst;
        needed(layout.points.number(point.script(), point.at(), RestPoint.Kind.BRANCHES), branches);
    }

    private Frame.Dormant of(Inst inst) {
        for (int i = 0; i < s.dormant.size(); i++) {
            if (s.dormant.get(i).awaits == inst && s.dormant.get(i).order == 0) {
                return s.dormant.get(i);
            }
        }
        return null;
    }

    private static int choice(List<RestPoint> points, Frame.Dormant known) {
        for (int i = 0; i < points.size(); i++) {
            RestPoint point = points.get(i);
            if (point.script() == known.script.number() && point.at() == known.openOp) {
                return i;
            }
        }
        throw new IllegalStateException("Branches of an opening that is not there");
    }

    private Frame.Dormant dormant(int script, int openOp) {
        var dormant = new Frame.Dormant(s.program.script(script), openOp);
        s.dormant.add(dormant);
        return dormant;
    }

    private void owner(Frame.Dormant branches, boolean closing) {
        if (branches.script.of().isPresent()) {
            branches.me = relations.orNone(branches.script.of().orElseThrow(), branches.me);
        }
        if (closing) {
            branches.openerGoneNow = io.flag(branches.openerGoneNow);
        }
    }

    /** Those whose window has gone, in the order of closing. */
    private void arrived() {
        int order = 1;
        Frame.Dormant known = io.isReading() ? null : nextArrived(0);
        while (io.flag(known != null)) {
            int number = layout.points.pass(
                    known == null
                            ? 0
                            : layout.points.number(known.script.number(), known.goesOnAt, RestPoint.Kind.BELOW),
                    io);
            RestPoint point = layout.points.point(number);
            Frame.Dormant branches = known != null ? known : dormant(point.script(), 0);
            owner(branches, true);
            branches.goesOnAt = point.at();
            needed(number, branches);
            int before = branches.order;
            branches.order = order++;
            known = io.isReading() ? null : nextArrived(Math.max(before, branches.order));
        }
    }

    /** The first to arrive after the one of an order. */
    private Frame.Dormant nextArrived(int order) {
        Frame.Dormant next = null;
        for (int i = 0; i < s.dormant.size(); i++) {
            Frame.Dormant one = s.dormant.get(i);
            if (one.order > order && (next == null || one.order < next.order)) {
                next = one;
            }
        }
        return next;
    }
}

package bivouac.state;

import bivouac.plan.Op;
import bivouac.plan.RestPoint;
import bivouac.plan.ScriptPlan;
import java.util.Arrays;

/** Something on the stack that has begun and is not done (docs/semantics.md, State and events). */
public sealed interface Frame {

    /** Remembers it as it is now. */
    void save();

    /** As it was when it was saved. */
    void restore();

    /** A script that runs or waits, or the branches that one left behind. */
    abstract sealed class OfOps permits OfScript, Dormant {
        public final ScriptPlan script;
        /** Whose script it is; null for the application, or once that window is gone. */
        public Inst me;

        public final int[] locals;
        /** The instances that it keeps under a name (O9), by local slot; null where the slot holds a value. */
        public final Inst[] kept;

        private final int[] savedLocals;
        private final Inst[] savedKept;
        private Inst savedMe;

        OfOps(ScriptPlan script) {
            this.script = script;
            this.locals = new int[script.locals()];
            this.kept = new Inst[script.locals()];
            this.savedLocals = new int[script.locals()];
            this.savedKept = new Inst[script.locals()];
        }

        public void save() {
            savedMe = me;
            System.arraycopy(locals, 0, savedLocals, 0, locals.length);
            System.arraycopy(kept, 0, savedKept, 0, kept.length);
        }

        public void restore() {
            me = savedMe;
            System.arraycopy(savedLocals, 0, locals, 0, locals.length);
            System.arraycopy(savedKept, 0, kept, 0, kept.length);
        }

        /** Takes over whose script it is, and what that has made so far. */
        public void takeOver(OfOps from) {
            me = from.me;
            System.arraycopy(from.locals, 0, locals, 0, locals.length);
            System.arraycopy(from.kept, 0, kept, 0, kept.length);
        }
    }

    /** A script that runs or waits. */
    final class OfScript extends OfOps implements Frame {
        public int pc;
        /** The window whose ending it waits for (W2); null if it waits for none. */
        public Inst awaits;
        /** It waits for the close request or departure that it asked for, which lies right above it (W6). */
        public boolean awaitsRequest;
        /** It waits for the task that its step runs (W5), on the stack or in the background. */
        public boolean awaitsTask;
        /** That task was asked to end before it is done (W10). */
        public boolean cancelled;
        /** The system has created the window of its step, which now opens; never at rest (O7). */
        public boolean cleared;
        /** It got a result in this event, and has not gone on since (W2); no part of the state. */
        public boolean hasResult;

        private int savedPc;
        private Inst savedAwaits;
        private boolean savedAwaitsRequest;
        private boolean savedAwaitsTask;
        private boolean savedCancelled;

        OfScript(ScriptPlan script) {
            super(script);
        }

        @Override
        public void save() {
            super.save();
            savedPc = pc;
            savedAwaits = awaits;
            savedAwaitsRequest = awaitsRequest;
            savedAwaitsTask = awaitsTask;
            savedCancelled = cancelled;
        }

        @Override
        public void restore() {
            super.restore();
            pc = savedPc;
            awaits = savedAwaits;
            awaitsRequest = savedAwaitsRequest;
            awaitsTask = savedAwaitsTask;
            cancelled = savedCancelled;
            cleared = false;
            hasResult = false;
        }

        void begin(Inst of) {
            me = of;
            pc = 0;
            awaits = null;
            awaitsRequest = false;
            awaitsTask = false;
            cancelled = false;
            cleared = false;
            hasResult = false;
            Arrays.fill(locals, 0);
            Arrays.fill(kept, null);
        }

        public boolean waits() {
            return awaits != null || awaitsRequest || awaitsTask;
        }

        /** Whether it stands where scripts of other windows are done for it (W12). */
        public boolean doesElsewhere() {
            return script.ops().get(pc) instanceof Op.Answered;
        }

        private RestPoint.Kind working() {
            return cancelled ? RestPoint.Kind.CANCELLING : RestPoint.Kind.TASK;
        }

        RestPoint.Kind kind() {
            return awaits != null
                    ? RestPoint.Kind.WINDOW
                    : awaitsRequest ? RestPoint.Kind.REQUEST : awaitsTask ? working() : RestPoint.Kind.BELOW;
        }
    }

    /** A close request, or the departure (C2 to C6, D2, D3). */
    final class OfRequest implements Frame {
        public boolean departure;
        /** The window that was asked to close; in a departure, the one whose closing asked for it, or null. */
        public Inst target;

        public int way;
        /** The ending of the target, from 1; 0 for none. */
        public int ending;
        /** Skips the target's own <em>before closing</em>. */
        public boolean unasked;
        /** Deciding is over, and the windows close. */
        public boolean closing;
        /** The script right below asked for it. */
        public boolean byScript;
        /** All have agreed, and the system is asked whether the new window can be there (O8, O7). */
        public boolean awaitsOpening;
        /** All windows have closed, and the departure plan has begun (D4). */
        public boolean planned;
        /** Once it is decided and done, the departure follows (W6). */
        public boolean thenEnds;
        /** The number of the value of the exit code of that departure, or of this one; 0 for the usual one. */
        public int code;
        /** The number of the text for the error output of that departure, or of this one; 0 for none. */
        public int saying;

        private OfRequest saved;

        OfRequest() {}

        @Override
        public void save() {
            saved = saved == null ? new OfRequest() : saved;
            saved.takeOver(this);
        }

        @Override
        public void restore() {
            takeOver(saved);
        }

        private void takeOver(OfRequest from) {
            departure = from.departure;
            target = from.target;
            way = from.way;
            ending = from.ending;
            unasked = from.unasked;
            closing = from.closing;
            byScript = from.byScript;
            awaitsOpening = from.awaitsOpening;
            planned = from.planned;
            thenEnds = from.thenEnds;
            code = from.code;
            saying = from.saying;
        }

        void begin() {
            departure = false;
            target = null;
            way = 0;
            ending = 0;
            unasked = false;
            closing = false;
            byScript = false;
            awaitsOpening = false;
            planned = false;
            thenEnds = false;
            code = 0;
            saying = 0;
        }

        /** W6, D6: an end that comes later says code and text anew only where it gives them. */
        public void give(int laterCode, int laterSaying) {
            code = laterCode != 0 ? laterCode : code;
            saying = laterSaying != 0 ? laterSaying : saying;
        }
    }

    /** The branches of an opening alongside, which run when that window ends (W3). It is not on the stack. */
    final class Dormant extends OfOps {
        /** The operation that opened the window. */
        public final int openOp;

        public Inst awaits;
        /** The window whose script it was has gone in the request that closes windows now (C6). */
        public boolean openerGoneNow;
        /** Where it goes on, once its window has ended; 0 before. */
        public int goesOnAt;
        /** The order in which its window closed, from 1; 0 before. */
        public int order;

        private boolean savedOpenerGoneNow;
        private int savedGoesOnAt;
        private int savedOrder;

        @Override
        public void save() {
            super.save();
            savedOpenerGoneNow = openerGoneNow;
            savedGoesOnAt = goesOnAt;
            savedOrder = order;
        }

        @Override
        public void restore() {
            super.restore();
            openerGoneNow = savedOpenerGoneNow;
            goesOnAt = savedGoesOnAt;
            order = savedOrder;
        }

        public Dormant(ScriptPlan script, int openOp) {
            super(script);
            this.openOp = openOp;
        }

        /** The window whose script it was has gone; what arrives is dropped (X2). */
        public boolean isOpenerGone() {
            return me == null && script.of().isPresent();
        }
    }
}

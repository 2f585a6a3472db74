package bivouac.machine;

/** Something on the stack that has begun and is not done (docs/semantics.md, State and events). */
sealed interface Frame {

    /** A script that runs or waits. */
    final class OfScript implements Frame {
        final ScriptPlan script;
        /** Whose script it is; null for the application. */
        Inst me;

        int pc;
        final int[] locals;
        /** The instances that it keeps under a name (O9), by local slot; null where the slot holds a value. */
        final Inst[] kept;
        /** The window whose ending it waits for (W2); null if it waits for none. */
        Inst awaits;
        /** It waits for the close request or departure that it asked for, which lies right above it (W6). */
        boolean awaitsRequest;
        /** It waits for the task that its step runs (W5), on the stack or in the background. */
        boolean awaitsTask;
        /** The system has created the window of its step, which now opens; never at rest (O7). */
        boolean cleared;

        OfScript(ScriptPlan script, Inst me) {
            this.script = script;
            this.me = me;
            this.locals = new int[script.locals()];
            this.kept = new Inst[script.locals()];
        }

        boolean waits() {
            return awaits != null || awaitsRequest || awaitsTask;
        }
    }

    /** A close request, or the departure (C2 to C6, D2, D3). */
    final class OfRequest implements Frame {
        static final int NO_ENDING = 0;

        final boolean departure;
        /** The window that was asked to close; in a departure, the one whose closing asked for it, or null. */
        Inst target;

        int way;
        /** The ending of the target, from 1. */
        int ending = NO_ENDING;
        /** Skips the target's own <em>before closing</em>. */
        boolean unasked;
        /** Deciding is over, and the windows close. */
        boolean closing;
        /** The script right below asked for it. */
        boolean byScript;
        /** All have agreed, and the system is asked whether the new window can be there (O8, O7). */
        boolean awaitsOpening;
        /** Once it is decided and done, the departure follows (W6). */
        boolean thenEnds;
        /** The number of the value of the exit code of that departure, or of this one; 0 for the usual one. */
        int code;
        /** The number of the text for the error output of that departure, or of this one; 0 for none. */
        int saying;

        OfRequest(boolean departure) {
            this.departure = departure;
        }

        /** W6, D6: an end that comes later says code and text anew only where it gives them. */
        void give(int code, int saying) {
            this.code = code != 0 ? code : this.code;
            this.saying = saying != 0 ? saying : this.saying;
        }
    }

    /** The branches of an opening alongside, which run when that window ends (W3). It is not on the stack. */
    final class Dormant {
        final ScriptPlan script;
        /** Whose script it is; null for the application. */
        Inst me;
        /** The window whose script it was has gone; what arrives is dropped (X2). */
        boolean openerGone;
        /** It has gone in the request that is closing windows now, so what arrives is no fault (C6). */
        boolean openerGoneNow;

        final int openOp;
        Inst awaits;
        final int[] locals;
        /** The instances that it keeps under a name (O9), by local slot. */
        final Inst[] kept;
        /** Where it goes on, once its window has ended; 0 before. */
        int goesOnAt;
        /** The order in which its window closed, from 1; 0 before. */
        int order;

        Dormant(ScriptPlan script, Inst me, int openOp, Inst awaits, int[] locals, Inst[] kept) {
            this.script = script;
            this.me = me;
            this.openOp = openOp;
            this.awaits = awaits;
            this.locals = locals;
            this.kept = kept;
        }
    }
}

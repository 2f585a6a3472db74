package bivouac.machine;

import bivouac.expression.Value;

/** An open window while a step runs. Its slots are those of the state until one is written (copy on write). */
final class Inst {

    /** Not waited for, waited for by its owner's sake, or for the whole application's (B1). */
    static final int WAITS_NOT = 0;

    static final int WAITS_FOR_OWNER = 1;
    static final int WAITS_FOR_APPLICATION = 2;

    final WindowPlan plan;
    Inst owner;
    Inst opener;
    int waits = WAITS_NOT;
    /** Among the windows waited for, the order of their opening, from 1 (B1). */
    int rank;

    boolean hidden;
    /** The request that has asked it and is undecided; null for none (C3). */
    Frame.OfRequest askedBy;
    /** It has left the screen, and its <em>after closing</em> runs (C5). */
    boolean closing;
    /** The ending that it closes with, once it does: its number in the window from 1, and 0 before. */
    int ending;

    int serial;
    /** Position among the instances; given when the state is made. */
    int position;

    boolean gone;

    private int[] slots;
    private int from;
    private boolean own;

    Inst(WindowPlan plan) {
        this.plan = plan;
        this.slots = new int[plan.slots()];
        this.own = true;
    }

    Inst(WindowPlan plan, int[] slots, int from) {
        this.plan = plan;
        this.slots = slots;
        this.from = from;
    }

    int get(int slot) {
        return slots[from + slot];
    }

    void set(int slot, int value) {
        if (!own) {
            slots = java.util.Arrays.copyOfRange(slots, from, from + plan.slots());
            from = 0;
            own = true;
        }
        slots[from + slot] = value;
    }

    void set(int slot, Value value) {
        set(slot, plan.program().number(value));
    }

    Value value(int slot) {
        return plan.program().value(get(slot));
    }

    void copyTo(int[] to, int at) {
        System.arraycopy(slots, from, to, at, plan.slots());
    }

    /** C9: it is off the screen, itself or with what owns it. */
    boolean isHidden() {
        for (Inst at = this; at != null; at = at.owner) {
            if (at.hidden) {
                return true;
            }
        }
        return false;
    }

    /** Whether {@code above} owns it, directly or through others. */
    boolean isOwnedBy(Inst above) {
        for (Inst at = owner; at != null; at = at.owner) {
            if (at == above) {
                return true;
            }
        }
        return false;
    }

    Sighting.Which which() {
        return new Sighting.Which(plan.window().name().shown(), serial);
    }
}

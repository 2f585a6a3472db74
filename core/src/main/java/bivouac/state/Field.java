package bivouac.state;

import bivouac.plan.WindowPlan;

/**
 * The place that a window which is open at most once has in every tight state, and what stands there: whether it is
 * open, its slots, who owns it, how it is waited for, and whether it is hidden. So neither reading nor writing one has
 * to look at what stands before it.
 */
final class Field {

    /** The widest that a field can be. */
    static final int WIDEST = 62;

    /** What {@link #of} answers where something is in it that was not foreseen. */
    static final long UNFORESEEN = -1;

    private final WindowPlan plan;
    private final int[] slots;
    private final Code[] codes;
    private final int[] widths;
    private final int[] owners;
    /** Whether it always has an owner, so that none needs no code. */
    private final boolean owned;

    private final int ownerWidth;
    private final int waitsWidth;
    private final boolean hides;
    private final int width;
    private final int[] slotStarts;
    private Place place = new Place(0, 0, 0);

    Field(WindowLayout window, boolean owned) {
        this.plan = window.plan();
        this.slots = window.slots();
        this.codes = window.codes();
        this.widths = new int[codes.length];
        this.slotStarts = new int[codes.length];
        this.owners = window.owners();
        this.owned = owned;
        int all = 1;
        for (int i = 0; i < codes.length; i++) {
            widths[i] = codes[i].width();
            slotStarts[i] = all;
            all += widths[i];
        }
        this.ownerWidth = Bits.width(owners.length + (owned ? 0 : 1));
        // what is always waited for is ready-made, and can be open many times
        this.waitsWidth = window.waits() == WindowLayout.Waits.NEVER ? 0 : 2;
        this.hides = window.hides();
        this.width = all + ownerWidth + waitsWidth + (hides ? 1 : 0);
    }

    int width() {
        return width;
    }

    /** Gives it its place, not before a bit; answers the first bit behind it. */
    int place(int bit) {
        place = Place.at(bit, width);
        return place.end();
    }

    int slotCount() {
        return slots.length;
    }

    int slot(int at) {
        return slots[at];
    }

    /** Where a slot is; all else says how windows stand to each other. */
    Place slotPlace(int at) {
        return place.part(slotStarts[at], widths[at]);
    }

    WindowPlan plan() {
        return plan;
    }

    /** What stands in it; 0 for a window that is not open. */
    long in(long[] words, int from) {
        return place.in(words, from);
    }

    void into(long[] words, long field) {
        place.into(words, field);
    }

    /** What stands there for an open window; {@link #UNFORESEEN} where that cannot be said in it. */
    long of(Inst inst) {
        long field = 1;
        int at = 1;
        for (int i = 0; i < slots.length; i++) {
            int code = codes[i].code(inst.get(slots[i]));
            if (code == Code.UNFORESEEN) {
                return UNFORESEEN;
            }
            field |= (long) code << at;
            at += widths[i];
        }
        int owner = owner(inst.owner);
        if (owner == Code.UNFORESEEN || waitsWidth == 0 && inst.waits != Inst.WAITS_NOT) {
            return UNFORESEEN;
        }
        field |= (long) owner << at;
        at += ownerWidth;
        if (waitsWidth > 0) {
            field |= (long) inst.waits << at;
            at += waitsWidth;
        }
        return hides && inst.hidden ? field | 1L << at : field;
    }

    private int owner(Inst owner) {
        if (owner == null) {
            return owned ? Code.UNFORESEEN : 0;
        }
        for (int i = 0; i < owners.length; i++) {
            if (owners[i] == owner.plan.number) {
                return owned ? i : i + 1;
            }
        }
        return Code.UNFORESEEN;
    }

    /** Gives an instance its slots. */
    void slots(long field, Inst inst) {
        int at = 1;
        for (int i = 0; i < slots.length; i++) {
            inst.set(slots[i], codes[i].number((int) (field >>> at & (1L << widths[i]) - 1)));
            at += widths[i];
        }
    }

    /** Gives an instance what it is to others, once all windows are there. */
    void relations(long field, Inst inst, Situation s) {
        int at = width - ownerWidth - waitsWidth - (hides ? 1 : 0);
        if (owners.length > 0) {
            int owner = (int) (field >>> at & (1L << ownerWidth) - 1) - (owned ? 0 : 1);
            inst.owner = owner < 0 ? null : s.instances.get(s.first[owners[owner]]);
        }
        at += ownerWidth;
        if (waitsWidth > 0) {
            inst.waits = (int) (field >>> at & (1L << waitsWidth) - 1);
        }
        inst.hidden = hides && field >>> width - 1 != 0;
    }
}

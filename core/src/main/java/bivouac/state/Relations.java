package bivouac.state;

import bivouac.plan.WindowPlan;

/** How one instance means another: by its position among those that it can mean. */
final class Relations {

    private final Layout layout;
    private Bits io;
    private Situation s;

    Relations(Layout layout) {
        this.layout = layout;
    }

    void begin(Bits bits, Situation situation) {
        io = bits;
        s = situation;
    }

    /** Any open instance, or none. */
    Inst any(Inst known) {
        int number = known == null || known.gone ? 0 : known.position + 1;
        int found = io.bits(number, Bits.width(s.instances.size() + 1));
        return found == 0 ? null : s.instances.get(found - 1);
    }

    /** An open instance of a window; there is one. */
    Inst of(WindowPlan plan, Inst known) {
        int first = s.first[plan.number];
        int found = io.bits(known == null ? 0 : known.position - first, Bits.width(s.open[plan.number]));
        return s.instances.get(first + found);
    }

    /** An open instance of a window, or none. */
    Inst orNone(WindowPlan plan, Inst known) {
        int first = s.first[plan.number];
        int number = known == null || known.gone ? 0 : known.position - first + 1;
        int found = io.bits(number, Bits.width(s.open[plan.number] + 1));
        return found == 0 ? null : s.instances.get(first + found - 1);
    }

    /** What an instance is to others: owner, opener, how it is waited for, and whether it is hidden. */
    void of(Inst inst) {
        WindowLayout window = layout.windows[inst.plan.number];
        if (window.owners().length > 0) {
            inst.owner = owner(window.owners(), inst.owner);
        }
        if (inst.plan.usesOpener()) {
            inst.opener = any(inst.opener);
        }
        for (int i = 0; i < inst.kept.length; i++) {
            inst.kept[i] = kept(inst.plan.keeps().get(i), inst.kept[i]);
        }
        inst.waits = switch (window.waits()) {
            case NEVER -> inst.waits;
            case ALWAYS -> io.bits(inst.waits - 1, 1) + 1;
            case SOMETIMES -> io.bits(inst.waits, 2);
        };
        if (window.hides()) {
            inst.hidden = io.flag(inst.hidden);
        }
    }

    private Inst kept(WindowPlan.Keep keep, Inst known) {
        return s.program.window(keep.window()).map(w -> orNone(w, known)).orElse(null);
    }

    private Inst owner(int[] owners, Inst known) {
        int all = 0;
        int number = 0;
        for (int window : owners) {
            if (known != null && known.plan.number == window) {
                number = all + known.position - s.first[window] + 1;
            }
            all += s.open[window];
        }
        if (number == 0 && known != null) {
            throw new IllegalStateException(known.plan.window().name().shown() + " cannot own that window");
        }
        int left = io.bits(number, Bits.width(all + 1));
        if (left == 0) {
            return null;
        }
        for (int window : owners) {
            if (left <= s.open[window]) {
                return s.instances.get(s.first[window] + left - 1);
            }
            left -= s.open[window];
        }
        throw new IllegalStateException("A state names an owner that is not open");
    }

    /** The order of those that are waited for, where there are several (B1). */
    void ranks() {
        int waiting = 0;
        for (int i = 0; i < s.instances.size(); i++) {
            waiting += s.instances.get(i).waits == Inst.WAITS_NOT ? 0 : 1;
        }
        for (int i = 0; waiting > 0 && i < s.instances.size(); i++) {
            Inst inst = s.instances.get(i);
            if (inst.waits != Inst.WAITS_NOT) {
                inst.rank = waiting == 1 ? Canonical.only(inst.waits) : io.bits(inst.rank, Bits.width(2 * waiting + 2));
            }
        }
    }
}

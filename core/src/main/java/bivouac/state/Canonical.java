package bivouac.state;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Brings a situation into the one order that all equal situations have: instances in the order of their windows in the
 * design, those of one window by key, else in the order of their opening; what is held by whose it is; background
 * scripts as a set; ranks counted anew.
 */
final class Canonical {

    private Canonical() {}

    private static final Comparator<Inst> INSTANCES = Canonical::compare;

    private static final Comparator<Held> HELD =
            Comparator.comparingInt(h -> h.owner() == null ? -1 : h.owner().position);

    /**
     * Background scripts are a set: which began first is nothing that a rule can read. One step of one window has its task
     * running once at a time (W5), so these three tell any two apart.
     */
    private static final Comparator<Frame.OfScript> BACKGROUND = Comparator.comparingInt(
                    (Frame.OfScript f) -> f.script.number())
            .thenComparingInt(f -> f.me == null ? -1 : f.me.position)
            .thenComparingInt(f -> f.pc);

    private static final Comparator<Inst> RANK = Comparator.comparingInt(i -> i.rank);

    static void order(Situation s) {
        List<Inst> instances = s.instances;
        sort(instances);
        place(s);
        rank(instances);
        if (s.background.size() > 1) {
            s.background.sort(BACKGROUND);
        }
        if (s.held.size() > 1) {
            s.held.sort(HELD);
        }
    }

    /** Counts what is open of each window, and gives each instance its position. */
    static void place(Situation s) {
        List<Inst> instances = s.instances;
        Arrays.fill(s.open, 0);
        for (int i = 0; i < instances.size(); i++) {
            Inst inst = instances.get(i);
            inst.position = i;
            if (s.open[inst.plan.number]++ == 0) {
                s.first[inst.plan.number] = i;
            }
        }
    }

    /** Most events open no window or one, which is put where it belongs; only many are sorted. */
    static void sort(List<Inst> instances) {
        int last = instances.size() - 1;
        int wrong = 0;
        for (int i = 1; i <= last; i++) {
            Inst before = instances.get(i - 1);
            Inst inst = instances.get(i);
            wrong += before.plan.number < inst.plan.number || compare(before, inst) <= 0 ? 0 : 1;
        }
        if (wrong == 1) {
            insert(instances);
        } else if (wrong > 1) {
            instances.sort(INSTANCES);
        }
    }

    private static void insert(List<Inst> instances) {
        for (int i = 1; i < instances.size(); i++) {
            Inst inst = instances.get(i);
            int at = i;
            while (at > 0 && compare(instances.get(at - 1), inst) > 0) {
                instances.set(at, instances.get(at - 1));
                at--;
            }
            instances.set(at, inst);
        }
    }

    private static int compare(Inst a, Inst b) {
        int byWindow = Integer.compare(a.plan.number, b.plan.number);
        return byWindow != 0 ? byWindow : Keys.compare(a, b);
    }

    /**
     * B1 compares the age of windows waited for only where one of them waits for the application. So those have even
     * ranks, one after the other, and the others, which nobody tells apart, the odd one between the two they lie between.
     */
    private static void rank(List<Inst> instances) {
        int waiting = 0;
        for (int i = 0; i < instances.size(); i++) {
            waiting += instances.get(i).waits == Inst.WAITS_NOT ? 0 : 1;
        }
        if (waiting == 1) {
            for (int i = 0; i < instances.size(); i++) {
                Inst inst = instances.get(i);
                inst.rank = inst.waits == Inst.WAITS_NOT ? 0 : only(inst.waits);
            }
        } else if (waiting > 1) {
            int rank = 1;
            for (Inst inst : instances.stream()
                    .filter(i -> i.waits != Inst.WAITS_NOT)
                    .sorted(RANK)
                    .toList()) {
                boolean ofApplication = inst.waits == Inst.WAITS_FOR_APPLICATION;
                inst.rank = ofApplication ? rank + 1 : rank;
                rank = ofApplication ? rank + 2 : rank;
            }
        }
    }

    /** The rank of the only window that is waited for. */
    static int only(int waits) {
        return waits == Inst.WAITS_FOR_APPLICATION ? 2 : 1;
    }
}

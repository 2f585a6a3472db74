package bivouac.state;

import java.util.List;

/**
 * What is kept beside a state and is no part of it (S1): the stacking order, which opening of its window each instance
 * was, today where nothing reads it, and the slots that are only seen.
 */
final class Beside {

    private Beside() {}

    static int[] of(Layout layout, Situation s) {
        List<Inst> instances = s.instances;
        int n = instances.size();
        int size = 2 + 2 * n;
        for (int i = 0; i < n; i++) {
            size += layout.windows[instances.get(i).plan.number].shown().length;
        }
        int[] beside = new int[size];
        int at = 0;
        beside[at++] = s.today;
        beside[at++] = n;
        for (int i = 0; i < n; i++) {
            beside[at++] = s.stacking.get(i).position;
        }
        for (int i = 0; i < n; i++) {
            Inst inst = instances.get(i);
            beside[at++] = inst.serial;
            for (int slot : layout.windows[inst.plan.number].shown()) {
                beside[at++] = inst.get(slot);
            }
        }
        return beside;
    }

    static void read(int[] beside, Layout layout, Situation s) {
        int at = 0;
        s.today = beside[at++];
        int n = beside[at++];
        s.stacking.clear();
        for (int i = 0; i < n; i++) {
            s.stacking.add(s.instances.get(beside[at++]));
        }
        for (int i = 0; i < n; i++) {
            Inst inst = s.instances.get(i);
            inst.serial = beside[at++];
            for (int slot : layout.windows[inst.plan.number].shown()) {
                inst.set(slot, beside[at++]);
            }
        }
    }

    /** The same with one instance on top. */
    static int[] raising(int[] beside, int instance) {
        int[] other = beside.clone();
        int n = beside[1];
        int to = 2;
        for (int i = 0; i < n; i++) {
            if (beside[2 + i] != instance) {
                other[to++] = beside[2 + i];
            }
        }
        if (to < 2 + n) {
            other[to] = instance;
        }
        return other;
    }
}

package bivouac.machine;

import bivouac.plan.AskingPlaces;
import bivouac.state.Frame;
import bivouac.state.Inst;
import bivouac.state.Keys;
import java.util.Arrays;
import java.util.Comparator;

/**
 * Who is asked next, and who closes next: it follows from who was asked and who is still there (C4, C5, D2). The order
 * is made anew only when a window has opened or gone since.
 */
final class AskingOrder {

    private final Run run;
    private final Comparator<Inst> order = this::compare;
    /** By window: its place in the order; below 0 for those that the design lists. */
    private final int[] places;

    private Inst[] sorted = {};
    /** The windows that a request reaches, each before what it owns. */
    private Inst[] reached = {};

    private int count;
    /** The first of those that may not have been asked yet. */
    private int next;

    private Frame.OfRequest of;
    private int madeAt = -1;

    AskingOrder(Run run) {
        this.run = run;
        this.places = AskingPlaces.of(run.program);
    }

    /** C4, D2: the target, or each window without an owner, in the asking order, each followed by what it owns. */
    Inst nextToAsk(Frame.OfRequest request) {
        order(request);
        while (next < count && isNotToBeAsked(reached[next], request)) {
            next++;
        }
        return next < count ? reached[next] : null;
    }

    private static boolean isNotToBeAsked(Inst inst, Frame.OfRequest request) {
        return inst.gone || inst.plan.isBox() || inst.askedBy == request;
    }

    /** C5: the first root of the request that is still there, or what it owns, deepest first; null if none is. */
    Inst nextToClose(Frame.OfRequest request) {
        order(request);
        int first = 0;
        while (first < count && reached[first].gone) {
            first++;
        }
        if (first == count) {
            return null;
        }
        Inst at = reached[first];
        for (Inst owned = firstOwned(at); owned != null; owned = firstOwned(at)) {
            at = owned;
        }
        return at;
    }

    private static Inst firstOwned(Inst inst) {
        while (inst.firstOwned != null && inst.firstOwned.gone) {
            inst.firstOwned = inst.firstOwned.nextOwned;
        }
        return inst.firstOwned;
    }

    /** C3: the next to be asked is a file dialog or picker, or owns one. */
    static boolean holdsWhatCannotBeTakenAway(Inst next) {
        boolean holds = next.plan.cannotBeTakenAway();
        for (Inst owned = next.firstOwned; owned != null && !holds; owned = owned.nextOwned) {
            holds = owned.plan.cannotBeTakenAway();
        }
        return holds;
    }

    private void order(Frame.OfRequest request) {
        if (of == request && madeAt == run.changes()) {
            return;
        }
        of = request;
        madeAt = run.changes();
        next = 0;
        count = 0;
        if (reached.length < run.instances.size()) {
            reached = new Inst[run.instances.size() + 16];
            sorted = new Inst[reached.length];
        }
        boolean there = request.target != null && !request.target.gone;
        if (!request.departure && !there) {
            return;
        }
        sort();
        link();
        if (!request.departure) {
            reach(request.target);
            return;
        }
        roots(request, true);
        if (there && !isListed(request.target)) {
            reach(request.target);
        }
        roots(request, false);
    }

    /** The windows without an owner that the design lists, or all others but the one that asked. */
    private void roots(Frame.OfRequest request, boolean listed) {
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = sorted[i];
            if (inst.owner == null && isListed(inst) == listed && (listed || inst != request.target)) {
                reach(inst);
            }
        }
    }

    private boolean isListed(Inst inst) {
        return places[inst.plan.number] < 0;
    }

    /** D2: those that the design lists, in its order; then the windows' order in the design from last to first; of one window by key, else the newest first. */
    private void sort() {
        int n = run.instances.size();
        for (int i = 0; i < n; i++) {
            sorted[i] = run.instances.get(n - 1 - i);
        }
        boolean inOrder = true;
        for (int i = 1; i < n && inOrder; i++) {
            inOrder = order.compare(sorted[i - 1], sorted[i]) <= 0;
        }
        if (!inOrder) {
            Arrays.sort(sorted, 0, n, order);
        }
    }

    private int compare(Inst a, Inst b) {
        int byWindow = Integer.compare(places[a.plan.number], places[b.plan.number]);
        return byWindow != 0 ? byWindow : Keys.compare(a, b);
    }

    /** Tells each window what it owns, in the asking order. */
    private void link() {
        for (int i = 0; i < run.instances.size(); i++) {
            sorted[i].firstOwned = null;
        }
        for (int i = run.instances.size() - 1; i >= 0; i--) {
            Inst inst = sorted[i];
            if (inst.owner != null) {
                inst.nextOwned = inst.owner.firstOwned;
                inst.owner.firstOwned = inst;
            }
        }
    }

    /** Takes up a window and all that it owns; without recursion, since windows may own each other in a long chain. */
    private void reach(Inst root) {
        Inst at = root;
        while (at != null) {
            reached[count++] = at;
            at = at.firstOwned != null ? at.firstOwned : afterBranch(at, root);
        }
    }

    private static Inst afterBranch(Inst from, Inst root) {
        Inst at = from;
        while (at != root && at.nextOwned == null) {
            at = at.owner;
        }
        return at == root ? null : at.nextOwned;
    }
}

package bivouac.machine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Who is asked next, and who closes next: it follows from who was asked and who is still there (C4, C5, D2). */
final class AskingOrder {

    private final Run run;

    AskingOrder(Run run) {
        this.run = run;
    }

    /** C4, D2: the target, or each window without an owner, in the asking order, each followed by what it owns. */
    Optional<Inst> nextToAsk(Frame.OfRequest request) {
        return roots(request).stream()
                .flatMap(root -> withOwned(root).stream())
                .filter(i -> !i.plan.isBox() && i.askedBy != request)
                .findFirst();
    }

    /** C3: it is a file dialog or picker, or owns one. */
    boolean holdsWhatCannotBeTakenAway(Inst inst) {
        return inst.plan.cannotBeTakenAway()
                || run.instances.stream().anyMatch(i -> i.owner == inst && i.plan.cannotBeTakenAway());
    }

    List<Inst> roots(Frame.OfRequest request) {
        if (!request.departure) {
            return List.of(request.target);
        }
        var roots = new ArrayList<Inst>();
        if (request.target != null && !request.target.gone) {
            roots.add(request.target);
        }
        inAskingOrder(run.instances).stream()
                .filter(i -> i.owner == null && i != request.target)
                .forEach(roots::add);
        return roots;
    }

    /** A window, then what it owns in the asking order, each with its own. */
    List<Inst> withOwned(Inst root) {
        var all = new ArrayList<Inst>();
        all.add(root);
        for (Inst owned : inAskingOrder(run.instances)) {
            if (owned.owner == root) {
                all.addAll(withOwned(owned));
            }
        }
        return all;
    }

    /** D2: the windows' order in the design from last to first; of one window by key, else the newest first. */
    static List<Inst> inAskingOrder(List<Inst> instances) {
        // the newest first to begin with, and sorting keeps that where nothing else decides
        var sorted = new ArrayList<>(instances.reversed());
        sorted.sort(Comparator.comparingInt((Inst i) -> -i.plan.number).thenComparing(Keys::compare));
        return sorted;
    }

    Inst deepest(Inst inst) {
        for (Inst owned : inAskingOrder(run.instances)) {
            if (owned.owner == inst) {
                return deepest(owned);
            }
        }
        return inst;
    }
}

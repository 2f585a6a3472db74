package bivouac.machine;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Who is asked next, and who closes next: it follows from who was asked and who is still there (C4, C5, D2). */
final class AskingOrder {

    private final Run run;

    AskingOrder(Run run) {
        this.run = run;
    }

    /** C4, D2: the target, or each window without an owner, in the asking order, each followed by what it owns. */
    Optional<Inst> nextToAsk(Frame.OfRequest request) {
        var tree = new Tree(run.instances);
        return tree.roots(request).stream()
                .flatMap(root -> tree.firstToAsk(root, request).stream())
                .findFirst();
    }

    /** C5: the first root of the request that is still there, or what it owns, deepest first. */
    Optional<Inst> nextToClose(Frame.OfRequest request) {
        var tree = new Tree(run.instances);
        return tree.roots(request).stream().findFirst().map(tree::deepest);
    }

    /** C3: it is a file dialog or picker, or owns one. */
    boolean holdsWhatCannotBeTakenAway(Inst inst) {
        return inst.plan.cannotBeTakenAway()
                || run.instances.stream().anyMatch(i -> i.owner == inst && i.plan.cannotBeTakenAway());
    }

    /** D2: the windows' order in the design from last to first; of one window by key, else the newest first. */
    private static List<Inst> inAskingOrder(List<Inst> instances) {
        // the newest first to begin with, and sorting keeps that where nothing else decides
        var sorted = new ArrayList<>(instances.reversed());
        sorted.sort(Comparator.comparingInt((Inst i) -> -i.plan.number).thenComparing(Keys::compare));
        return sorted;
    }

    /** All open windows in the asking order, each with what it owns. */
    private static final class Tree {
        private final List<Inst> sorted;
        private final Map<Inst, List<Inst>> owned = new IdentityHashMap<>();

        Tree(List<Inst> instances) {
            this.sorted = inAskingOrder(instances);
            for (Inst inst : sorted) {
                if (inst.owner != null) {
                    owned.computeIfAbsent(inst.owner, o -> new ArrayList<>()).add(inst);
                }
            }
        }

        List<Inst> roots(Frame.OfRequest request) {
            boolean there = request.target != null && !request.target.gone;
            if (!request.departure) {
                return there ? List.of(request.target) : List.of();
            }
            var roots = new ArrayList<Inst>();
            if (there) {
                roots.add(request.target);
            }
            sorted.stream().filter(i -> i.owner == null && i != request.target).forEach(roots::add);
            return roots;
        }

        /** Each before what it owns; with a stack of its own, since windows may own each other in a long chain. */
        Optional<Inst> firstToAsk(Inst root, Frame.OfRequest request) {
            var open = new ArrayDeque<Inst>();
            open.push(root);
            while (!open.isEmpty()) {
                Inst inst = open.pop();
                if (!inst.plan.isBox() && inst.askedBy != request) {
                    return Optional.of(inst);
                }
                owned.getOrDefault(inst, List.of()).reversed().forEach(open::push);
            }
            return Optional.empty();
        }

        Inst deepest(Inst inst) {
            Inst at = inst;
            while (owned.containsKey(at)) {
                at = owned.get(at).getFirst();
            }
            return at;
        }
    }
}

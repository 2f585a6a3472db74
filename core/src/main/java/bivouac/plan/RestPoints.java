package bivouac.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.IntConsumer;

/** Finds the rest points of one script, and which of its slots are still needed at each. */
final class RestPoints {

    private final ScriptPlan script;
    private final List<WindowPlan> windows;
    /** The slots needed before each operation. */
    private final List<BitSet> needed = new ArrayList<>();

    private final BitSet instances = new BitSet();

    private RestPoints(ScriptPlan script, List<WindowPlan> windows) {
        this.script = script;
        this.windows = windows;
        script.ops().forEach(op -> {
            needed.add(new BitSet());
            if (op instanceof Op.Open open) {
                inScript(open.keptAt(), instances::set);
            }
        });
        script.each().flatMap(EachPlan::window).ifPresent(w -> instances.set(EachPlan.ROW));
        boolean more = true;
        while (more) {
            more = false;
            for (int at = script.ops().size() - 1; at >= 0; at--) {
                BitSet now = before(at);
                more |= !now.equals(needed.get(at));
                needed.set(at, now);
            }
        }
    }

    static List<RestPoint> of(ScriptPlan script, List<WindowPlan> windows) {
        return script.isEmpty() ? List.of() : new RestPoints(script, windows).all();
    }

    private BitSet before(int at) {
        Op op = script.ops().get(at);
        BitSet live = after(op, at);
        switch (op) {
            case Op.Let let -> live.clear(let.slot());
            case Op.Open open -> inScript(open.keptAt(), live::clear);
            case Op.RunTask task -> {
                BitSet results = live;
                task.handOver().forEach(h -> results.clear(task.takesSlot() + h.index()));
            }
            case Op.Finish f when script.isBeforeRemoving() -> live.set(ScriptPlan.ROW);
            case Op.Close _, Op.End _, Op.DoIn _, Op.MayFail _, Op.Plain _, Op.Course _ -> {
                // it makes nothing
            }
        }
        live.or(reads(op));
        return live;
    }

    /** What is needed once an operation is done, wherever it leads. */
    private BitSet after(Op op, int at) {
        BitSet live = along(OpReads.edges(op, at, windows));
        if (op instanceof Op.RunTask task) {
            OpReads.ofOutcomes(task).forEach(e -> Matters.cellsOf(e, c -> set(live, c)));
        }
        return live;
    }

    private BitSet along(List<OpReads.Edge> edges) {
        var live = new BitSet();
        for (OpReads.Edge edge : edges) {
            var there = (BitSet) needed.get(edge.to()).clone();
            there.clear(edge.results(), edge.results() + edge.count());
            live.or(there);
        }
        return live;
    }

    private BitSet reads(Op op) {
        var read = new BitSet();
        OpReads.of(op).forEach(e -> Matters.cellsOf(e, c -> set(read, c)));
        OpReads.sets(op).ifPresent(a -> a.cells().forEach(c -> set(read, c)));
        inScript(OpReads.kept(op), read::set);
        return read;
    }

    private static void inScript(Optional<KeptAt> kept, IntConsumer slot) {
        if (kept.isPresent() && kept.get() instanceof KeptAt.InScript(int at)) {
            slot.accept(at);
        }
    }

    private static void set(BitSet slots, Cell cell) {
        if (cell instanceof Cell.OfScript(int slot)) {
            slots.set(slot);
        }
    }

    private List<RestPoint> all() {
        var points = new ArrayList<RestPoint>();
        var below = new TreeSet<Integer>();
        below.add(0);
        for (int at = 0; at < script.ops().size(); at++) {
            Op op = script.ops().get(at);
            waiting(op, at, points);
            if (op instanceof Op.RemoveRow || op instanceof Op.DoIn) {
                below.add(at + 1);
            } else if (op instanceof Op.Open
                    || op instanceof Op.Close
                    || op instanceof Op.End
                    || op instanceof Op.RunTask
                    || op instanceof Op.TakeHolding
                    || op instanceof Op.GiveBack) {
                OpReads.edges(op, at, windows).forEach(e -> below.add(e.to()));
            }
        }
        below.forEach(at -> points.add(point(at, RestPoint.Kind.BELOW, needed.get(at))));
        return points;
    }

    private void waiting(Op op, int at, List<RestPoint> points) {
        switch (op) {
            case Op.Open open -> opening(open, at, points);
            case Op.Close c -> points.add(point(at, RestPoint.Kind.REQUEST, needed.get(at)));
            case Op.End e -> points.add(point(at, RestPoint.Kind.REQUEST, after(op, at)));
            case Op.RunTask t -> {
                points.add(point(at, RestPoint.Kind.TASK, after(op, at)));
                if (t.mayBeCancelled()) {
                    points.add(point(at, RestPoint.Kind.CANCELLING, after(op, at)));
                }
            }
            case Op.GiveBack g -> points.add(point(at, RestPoint.Kind.TASK, needed.get(at)));
            case Op.TakeHolding t -> points.add(point(at, RestPoint.Kind.TASK, needed.get(at)));
            case Op.DoIn _, Op.Plain _, Op.Course _ -> {
                // it waits for nothing of its own
            }
        }
    }

    private void opening(Op.Open open, int at, List<RestPoint> points) {
        if (open.how() instanceof Op.How.InPlace) {
            points.add(point(at, RestPoint.Kind.REQUEST, needed.get(at)));
            return;
        }
        if (windows.get(open.window()).mayFail()) {
            points.add(point(at, RestPoint.Kind.TASK, needed.get(at)));
        }
        if (!(open.how() instanceof Op.How.Alongside)) {
            points.add(point(at, RestPoint.Kind.WINDOW, after(open, at)));
        } else if (!open.branches().isEmpty()) {
            List<OpReads.Edge> branches = OpReads.edges(open, at, windows).stream()
                    .filter(e -> open.branches().containsValue(e.to()))
                    .toList();
            points.add(point(at, RestPoint.Kind.BRANCHES, along(branches)));
        }
    }

    private RestPoint point(int at, RestPoint.Kind kind, BitSet live) {
        return new RestPoint(
                script.number(),
                at,
                kind,
                live.stream().filter(s -> !instances.get(s)).boxed().toList(),
                live.stream().filter(instances::get).boxed().toList());
    }
}

package bivouac.plan;

import bivouac.expression.Compiled;
import bivouac.expression.TextTemplate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What an operation evaluates when it is run, and what it leads to: for those that look through scripts. */
final class OpReads {

    private OpReads() {}

    /** The expressions that the script itself evaluates at the operation, or while it waits there. */
    static List<Compiled<Reading>> of(Op op) {
        var all = new ArrayList<Compiled<Reading>>();
        switch (op) {
            case Op.Open open -> {
                open.ownedBy().flatMap(Whom::key).ifPresent(all::add);
                add(open.handOver(), all);
                if (open.how() instanceof Op.How.InPlace in) {
                    add(in.gives(), all);
                }
            }
            case Op.Close close -> {
                close.whom().key().ifPresent(all::add);
                add(close.gives(), all);
            }
            case Op.DoIn done -> {
                done.whom().key().ifPresent(all::add);
                add(done.handOver(), all);
            }
            case Op.Answer answer -> add(answer.gives(), all);
            case Op.Return back -> add(back.gives(), all);
            case Op.Answered a -> none();
            case Op.RunTask task -> add(task.handOver(), all);
            case Op.AddRow add -> add(add.values(), all);
            case Op.ChangeRow change -> add(change.values(), all);
            case Op.Set set -> all.add(set.value());
            case Op.SetIn set -> {
                set.whom().key().ifPresent(all::add);
                all.add(set.value());
            }
            case Op.Let let -> all.add(let.value());
            case Op.JumpUnless jump -> all.add(jump.condition());
            case Op.Note note -> all.addAll(note.text().expressions());
            case Op.End end -> {
                end.code().ifPresent(all::add);
                all.addAll(end.saying().map(TextTemplate::expressions).orElse(List.of()));
            }
            case Op.TakeHolding t -> none();
            case Op.GiveBack g -> none();
            case Op.StopTask s -> none();
            case Op.CancelTask c -> none();
            case Op.StayOpen s -> none();
            case Op.Reach r -> r.whom().key().ifPresent(all::add);
            case Op.TurnTimer t -> none();
            case Op.Focus f -> none();
            case Op.RemoveRow r -> none();
            case Op.KeepRow k -> none();
            case Op.GiveUp g -> none();
            case Op.Again a -> none();
            case Op.KeptValues k -> none();
            case Op.NotThereYet n -> none();
            case Op.Broken b -> none();
            case Op.Jump j -> none();
            case Op.Into i -> none();
            case Op.Finish f -> none();
        }
        return all;
    }

    private static void none() {
        // it evaluates nothing of its script
    }

    private static void add(List<Op.Hand> hands, List<Compiled<Reading>> all) {
        hands.forEach(h -> all.add(h.value()));
    }

    /** Where the instance is kept that the operation names by that. */
    static Optional<KeptAt> kept(Op op) {
        return switch (op) {
            case Op.Open open -> open.ownedBy().flatMap(Whom::keptAt);
            case Op.Close close -> close.whom().keptAt();
            case Op.Reach reach -> reach.whom().keptAt();
            case Op.SetIn set -> set.whom().keptAt();
            case Op.DoIn done -> done.whom().keptAt();
            case Op.End _, Op.RunTask _, Op.MayFail _, Op.Plain _, Op.Course _ -> Optional.empty();
        };
    }

    /**
     * Where a script goes on after an operation.
     *
     * @param results the first slot into which what came back is put there, and how many there are
     */
    record Edge(int to, int results, int count) {}

    static List<Edge> edges(Op op, int at, List<WindowPlan> windows) {
        var all = new ArrayList<Edge>();
        switch (op) {
            case Op.Open open -> {
                all.add(new Edge(open.after(), 0, 0));
                open.branches()
                        .forEach((ending, to) -> all.add(new Edge(
                                to,
                                open.resultSlot(),
                                windows.get(open.window())
                                        .ending(ending)
                                        .gives()
                                        .size())));
                couldNot(open, all);
            }
            case Op.TakeHolding take -> {
                all.add(new Edge(take.after(), 0, 0));
                couldNot(take, all);
            }
            case Op.GiveBack back -> {
                all.add(new Edge(back.after(), 0, 0));
                couldNot(back, all);
            }
            case Op.RunTask task -> {
                all.add(new Edge(task.after(), 0, 0));
                task.branches().values().forEach(to -> all.add(new Edge(to, task.resultSlot(), task.results())));
            }
            case Op.Close close -> {
                settled(close.after(), close.refused(), all);
                if (close.whom().isEvery()) {
                    all.add(new Edge(at, 0, 0));
                }
            }
            case Op.End end -> settled(end.after(), end.refused(), all);
            case Op.JumpUnless jump -> settled(at + 1, jump.to(), all);
            case Op.Jump(int to) -> all.add(new Edge(to, 0, 0));
            case Op.Again again -> all.add(new Edge(again.to(), 0, 0));
            case Op.Finish f -> none();
            case Op.Answer a -> none();
            case Op.Return(var ref, int slot, int results, var gives, int to) -> all.add(new Edge(to, slot, results));
            case Op.DoIn d -> all.add(new Edge(at + 1, 0, 0));
            case Op.Answered a -> {
                all.add(new Edge(a.after(), 0, 0));
                a.branches()
                        .forEach((ending, to) ->
                                all.add(new Edge(to, a.resultSlot(), a.results().get(ending))));
            }
            case Op.Plain _ -> all.add(new Edge(at + 1, 0, 0));
        }
        return all;
    }

    private static void settled(int one, int other, List<Edge> all) {
        all.add(new Edge(one, 0, 0));
        all.add(new Edge(other, 0, 0));
    }

    private static void couldNot(Op.MayFail op, List<Edge> all) {
        if (op.couldNot() >= 0) {
            all.add(new Edge(op.couldNot(), op.resultSlot(), 1));
        }
    }

    /** What a task's endings give is made from what it was handed. */
    static List<Compiled<Reading>> ofOutcomes(Op.RunTask task) {
        var all = new ArrayList<Compiled<Reading>>();
        task.outcomes().forEach(o -> {
            add(o.gives(), all);
            o.writes().ifPresent(all::add);
        });
        return all;
    }

    /** What else an operation reads of its script than what it evaluates: the row that it sets. */
    static Optional<Access> sets(Op op) {
        return op instanceof Op.Set set ? Optional.of(set.access()) : Optional.empty();
    }
}

package bivouac.plan;

import bivouac.design.Part;
import bivouac.expression.Compiled;
import bivouac.expression.Function;
import bivouac.expression.Scope;
import bivouac.expression.Term;
import bivouac.expression.Value;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/**
 * The cells on whose values it depends what happens: those that a condition, a key, an exit code, a timer's length or a
 * conversion that can fail reads, and all from which such a cell gets its value. What is in any other cell is shown, and
 * decides nothing; so all its values can stand for one where every situation is looked at.
 *
 * <p>Sums that grow too large, and texts that grow too long, are not counted as deciding: it takes more events than anyone
 * follows to get there.
 */
public final class Deciding {

    private final Map<Object, Set<Value>> apart = new LinkedHashMap<>();
    private final Map<Object, List<Ranges.Feed>> feeds = new HashMap<>();
    private final Map<Object, List<Object>> copies = new HashMap<>();
    private final ArrayDeque<Object> waiting = new ArrayDeque<>();
    private final Set<Cell> rowsCells = new HashSet<>();
    private final List<Compiled<Reading>> liveTexts = new ArrayList<>();
    private boolean readsLive;

    private Deciding() {}

    /**
     * The cells that decide in a program.
     *
     * @param asked what else is asked of its situations, and so decides
     */
    public static Deciding of(Program program, Collection<Compiled<Reading>> asked) {
        var deciding = new Deciding();
        deciding.learn(program);
        program.windows().forEach(deciding::window);
        program.timers().forEach(t -> deciding.root(t.every(), Ranges.NO_SCRIPT));
        program.expressions().forEach(e -> deciding.faults(e, Ranges.NO_SCRIPT));
        for (int i = 0; i < program.scriptCount(); i++) {
            deciding.script(program.script(i));
        }
        asked.forEach(e -> deciding.root(e, Ranges.NO_SCRIPT));
        deciding.follow();
        if (deciding.readsLive) {
            deciding.liveTexts.forEach(e -> deciding.root(e, Ranges.NO_SCRIPT));
            deciding.follow();
        }
        return deciding;
    }

    private void learn(Program program) {
        Ranges ranges = program.cells().ranges();
        ranges.feeds().forEach(f -> feeds.computeIfAbsent(f.to(), k -> new ArrayList<>())
                .add(f));
        ranges.copies().forEach(c -> copies.computeIfAbsent(c.to(), k -> new ArrayList<>())
                .add(c.from()));
        for (WindowPlan window : program.windows()) {
            for (PartPlan part : window.parts()) {
                part.rowsOf().ifPresent(r -> rowsCells.add(r.rowsCell()));
                liveTexts.addAll(part.liveText());
            }
            liveTexts.addAll(window.liveTitle());
        }
    }

    // From where it is decided

    private void window(WindowPlan plan) {
        if (plan.keySlot() >= 0) {
            decides(Cells.cell(plan, plan.keySlot()), Set.of());
        }
        if (plan.cannotBeTakenAway()) {
            decides(Cells.cell(plan, WindowPlan.TEXT), Set.of());
        }
        plan.timers().forEach(t -> root(t.every(), Ranges.NO_SCRIPT));
        for (PartPlan part : plan.parts()) {
            if (part.part.trigger().isPresent() || part.part instanceof Part.ListOfRows) {
                part.traits.conditions().forEach(c -> root(c, Ranges.NO_SCRIPT));
            }
            part.rowsOf().ifPresent(r -> decides(r.selectedCell(), Set.of()));
        }
    }

    private void script(ScriptPlan script) {
        for (Op op : script.ops()) {
            OpReads.of(op).forEach(e -> faults(e, script.number()));
            switch (op) {
                case Op.JumpUnless jump -> root(jump.condition(), script.number());
                case Op.Open open ->
                    open.ownedBy().flatMap(Whom::key).ifPresent(k -> root(k, script.number()));
                case Op.Close close -> close.whom().key().ifPresent(k -> root(k, script.number()));
                case Op.Reach reach -> reach.whom().key().ifPresent(k -> root(k, script.number()));
                case Op.SetIn set -> set.whom().key().ifPresent(k -> root(k, script.number()));
                case Op.End end -> end.code().ifPresent(c -> root(c, script.number()));
                case Op.RunTask task -> {
                    OpReads.ofOutcomes(task).forEach(e -> faults(e, script.number()));
                    task.outcomes().forEach(o -> o.writes().ifPresent(w -> root(w, script.number())));
                }
                default -> {
                    // which way it goes on depends on no value
                }
            }
        }
    }

    private void root(Compiled<Reading> expression, int script) {
        expression.term().ifPresent(t -> reads(t, script, constants(t)));
    }

    /** What can fail to be a value is told apart too: whether it is one. */
    private void faults(Compiled<Reading> expression, int script) {
        expression.term().ifPresent(t -> faults(t, script));
    }

    private void faults(Term<Reading> term, int script) {
        switch (term) {
            case Term.Name<Reading> name
            when name.binding().origin() instanceof Access access && failsByValue(access) ->
                reads(term, script, Set.of());
            case Term.Call<Reading> call when !isSum(call) && call.mayFault() ->
                reads(term, script, constants(term));
            default -> {
                // its pieces may
            }
        }
        term.pieces().forEach(p -> faults(p, script));
    }

    /** A list whose row is gone fails by how many rows there are, which is always told apart. */
    private boolean failsByValue(Access access) {
        return access.mayFault()
                && !access.plain()
                && access.cells().stream().noneMatch(rowsCells::contains);
    }

    private static boolean isSum(Term.Call<Reading> call) {
        return call.function() == Function.ADD
                || call.function() == Function.SUBTRACT
                || call.function() == Function.MULTIPLY
                || call.function() == Function.NEGATE;
    }

    // Back to where it comes from

    private void follow() {
        while (!waiting.isEmpty()) {
            Object cell = waiting.poll();
            Set<Value> known = apart.get(cell);
            for (Ranges.Feed feed : feeds.getOrDefault(cell, List.of())) {
                feed.value().term().ifPresent(t -> {
                    Set<Value> all = new LinkedHashSet<>(known);
                    all.addAll(constants(t));
                    reads(t, feed.script(), all);
                });
            }
            copies.getOrDefault(cell, List.of()).forEach(from -> decides(from, known));
        }
    }

    private void reads(Term<Reading> term, int script, Set<Value> told) {
        switch (term) {
            case Term.Name<Reading> name -> reads(name.binding(), script, told);
            case Term.IsOpen<Reading> open -> reads(open.binding(), script, told);
            default -> {
                // it looks at nothing but its pieces
            }
        }
        term.pieces().forEach(p -> reads(p, script, told));
    }

    private void reads(Scope.Binding<Reading> binding, int script, Set<Value> told) {
        if (binding.origin() instanceof Access access) {
            readsLive |= !access.plain() && access.cells().isEmpty();
            access.cells().forEach(c -> decides(Ranges.key(c, script), told));
        }
    }

    private void decides(Object cell, Set<Value> told) {
        Set<Value> known = apart.get(cell);
        if (known == null) {
            apart.put(cell, new LinkedHashSet<>(told));
            waiting.add(cell);
        } else if (known.size() < MOST && known.addAll(told)) {
            waiting.add(cell);
        }
    }

    /** As many values are told apart for one cell, about. */
    private static final int MOST = 24;

    /** The longest text that is made up so that it has a length. */
    private static final int LONGEST = 200;

    private static Set<Value> constants(Term<Reading> term) {
        var all = new LinkedHashSet<Value>();
        constants(term, all::add);
        return all;
    }

    private static void constants(Term<Reading> term, Consumer<Value> to) {
        if (term instanceof Term.Constant<Reading>(Value value, var type)) {
            to.accept(value);
        }
        if (term instanceof Term.Call<Reading> call && call.pieces().stream().anyMatch(Deciding::isSize)) {
            call.pieces().forEach(p -> {
                if (p instanceof Term.Constant<Reading>(Value.Whole(long n), var type) && n >= 0 && n <= LONGEST) {
                    to.accept(Value.of("x".repeat((int) n)));
                    to.accept(Value.of("x".repeat((int) n + 1)));
                }
            });
        }
        term.pieces().forEach(p -> constants(p, to));
    }

    private static boolean isSize(Term<Reading> term) {
        return term instanceof Term.Call<Reading> call && call.function() == Function.SIZE;
    }

    // What is answered

    /** Whether it depends on what is in a cell what happens. */
    public boolean has(Cell cell) {
        return apart.containsKey(cell);
    }

    /** The values from which conditions tell what is in a cell; none where it decides nothing. */
    public Collection<Value> apart(Cell cell) {
        return Optional.ofNullable(apart.get(cell)).map(List::copyOf).orElse(List.of());
    }
}

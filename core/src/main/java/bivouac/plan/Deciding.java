package bivouac.plan;

import bivouac.design.PretendFiles;
import bivouac.design.Type;
import bivouac.expression.Compiled;
import bivouac.expression.Function;
import bivouac.expression.Scope;
import bivouac.expression.Term;
import bivouac.expression.Texts;
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
 * <p>Where it only matters whether a text can be converted, a number, a date or a yes or no that flows there does not
 * decide: it always can, or never. Of a list each column decides for itself.
 *
 * <p>Sums that grow too large, and texts that grow too long, are not counted as deciding: it takes more events than anyone
 * follows to get there.
 */
public final class Deciding {

    private final Map<Object, Set<Value>> apart = new LinkedHashMap<>();
    private final Map<Object, List<Ranges.Feed>> feeds = new HashMap<>();
    private final Map<Object, List<Object>> copies = new HashMap<>();
    private final ArrayDeque<Object> waiting = new ArrayDeque<>();
    private final Set<Object> byValue = new HashSet<>();
    private final Set<Cell> rowsCells = new HashSet<>();
    private final List<Compiled<Reading>> liveTexts = new ArrayList<>();
    private final boolean filesDecide;
    private boolean readsLive;

    private Deciding(Program program) {
        this.filesDecide = filesDecide(program);
    }

    /** Whether it matters which pretend files are there: only where some cannot be written (C8), or files come from outside (F1). */
    public static boolean filesDecide(Program program) {
        return PretendFiles.in(program.design()).refuseSome() || program.isHearing();
    }

    /** One column of a list, of all its rows. */
    private record Column(Cell rows, String name) {}

    /** How something is told apart: by its value, or only by whether a text is what it should be. */
    private enum By {
        VALUE,
        FORM
    }

    /**
     * The cells that decide in a program.
     *
     * @param asked what else is asked of its situations, and so decides
     */
    public static Deciding of(Program program, Collection<Compiled<Reading>> asked) {
        var deciding = new Deciding(program);
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
            decides(Cells.cell(plan, plan.keySlot()), By.VALUE, Set.of());
        }
        plan.timers().forEach(t -> root(t.every(), Ranges.NO_SCRIPT));
        plan.fileSlots().forEach(slot -> decides(Cells.cell(plan, slot), By.VALUE, Set.of()));
        for (PartPlan part : plan.parts()) {
            if (part.part.getsEvents()) {
                part.traits.conditions().forEach(c -> root(c, Ranges.NO_SCRIPT));
                part.decides().forEach(list -> root(list, Ranges.NO_SCRIPT));
            }
            part.rowsOf().ifPresent(r -> decides(r.selectedCell(), By.VALUE, Set.of()));
        }
    }

    private void script(ScriptPlan script) {
        for (Op op : script.ops()) {
            OpReads.of(op).forEach(e -> faults(e, script.number()));
            switch (op) {
                case Op.JumpUnless jump -> root(jump.condition(), script.number());
                case Op.Open open -> open.ownedBy().flatMap(Whom::key).ifPresent(k -> root(k, script.number()));
                case Op.Close close -> close.whom().key().ifPresent(k -> root(k, script.number()));
                case Op.Reach reach -> reach.whom().key().ifPresent(k -> root(k, script.number()));
                case Op.SetIn set -> {
                    set.whom().key().ifPresent(k -> root(k, script.number()));
                    places(set.access(), set.value(), script.number());
                }
                case Op.Set set -> places(set.access(), set.value(), script.number());
                case Op.End end -> end.code().ifPresent(c -> root(c, script.number()));
                case Op.RunTask task -> {
                    OpReads.ofOutcomes(task).forEach(e -> faults(e, script.number()));
                    if (filesDecide) {
                        task.outcomes().forEach(o -> o.writes().ifPresent(w -> root(w, script.number())));
                    }
                }
                case Op.DoIn done -> done.whom().key().ifPresent(k -> root(k, script.number()));
                case Op.MayFail _, Op.Plain _, Op.Course _ -> {
                    // which way it goes on depends on no value
                }
            }
        }
    }

    /** Whether a text has the place that is set in it is told apart (P7). */
    private void places(Access access, Compiled<Reading> value, int script) {
        if (access.placed() && access.type() == Type.Plain.WHOLE) {
            root(value, script);
            access.cells().forEach(c -> decides(c, By.VALUE, Set.of()));
        }
    }

    private void root(Compiled<Reading> expression, int script) {
        expression.term().ifPresent(t -> reads(t, script, By.VALUE, constants(t)));
    }

    /** What can fail to be a value is told apart too: whether it is one. */
    private void faults(Compiled<Reading> expression, int script) {
        expression.term().ifPresent(t -> faults(t, script));
    }

    private void faults(Term<Reading> term, int script) {
        switch (term) {
            case Term.Name<Reading> name
            when name.binding().origin() instanceof Access access && failsByValue(access) ->
                reads(term, script, By.FORM, Set.of());
            case Term.Call<Reading> call
            when !isSum(call) && call.mayFault() ->
                reads(term, script, converts(call) ? By.FORM : By.VALUE, constants(term));
            default -> {
                // its pieces may
            }
        }
        term.pieces().forEach(p -> faults(p, script));
    }

    /** Whether it only depends on the form of a text whether there is a value. */
    private static boolean converts(Term.Call<Reading> call) {
        return switch (call.function()) {
            case INT, DOUBLE, WHOLE, NUMBER, DATE -> true;
            default -> false;
        };
    }

    /** A list whose row is gone fails by how many rows there are, which is always told apart. */
    private boolean failsByValue(Access access) {
        return access.mayFault() && !access.plain() && access.cells().stream().noneMatch(rowsCells::contains);
    }

    private static boolean isSum(Term.Call<Reading> call) {
        return call.function() == Function.ADD
                || call.function() == Function.SUBTRACT
                || call.function() == Function.MULTIPLY
                || call.function() == Function.NEGATE;
    }

    private static boolean asksForForm(Term.Call<Reading> call) {
        return call.function() == Function.IS_WHOLE
                || call.function() == Function.IS_NUMBER
                || call.function() == Function.IS_DATE;
    }

    // Back to where it comes from

    /** Of a field: whether what is typed is a value (P1). */
    private static final String GIVEN = ".given";

    private void follow() {
        while (!waiting.isEmpty()) {
            Object cell = waiting.poll();
            Set<Value> known = Set.copyOf(apart.get(cell));
            By by = byValue.contains(cell) ? By.VALUE : By.FORM;
            for (Ranges.Feed feed : feeds(cell)) {
                feed.value().term().ifPresent(t -> {
                    Set<Value> all = new LinkedHashSet<>(known);
                    all.addAll(constants(t));
                    reads(t, feed.script(), by, all);
                });
            }
            copies.getOrDefault(cell, List.of()).forEach(from -> decides(from, by, known));
        }
    }

    /** What arrives in a cell; in a column what is meant for it, and what is set in all of the list. */
    private List<Ranges.Feed> feeds(Object cell) {
        if (!(cell instanceof Column(Cell rows, String name))) {
            return feeds.getOrDefault(cell, List.of());
        }
        return feeds.getOrDefault(rows, List.of()).stream()
                .filter(f -> f.column().isEmpty() || f.column().equals(name))
                .toList();
    }

    private void reads(Term<Reading> term, int script, By by, Set<Value> told) {
        switch (term) {
            case Term.Call<Reading> call
            when asksForForm(call) -> {
                call.pieces().forEach(p -> reads(p, script, By.FORM, told));
                return;
            }
            case Term.Name<Reading> name -> reads(name, script, by, told);
            case Term.IsOpen<Reading> open -> cells(open.binding(), script, by, told);
            case Term.Column<Reading> column
            when column.row() instanceof Term.Name<Reading> row && rowsOf(row).isPresent() -> {
                column(rowsOf(row).get(), column.name(), by, told);
                cells(row.binding(), script, by, told);
                return;
            }
            case Term.Each<Reading> each
            when each.range() instanceof Term.Name<Reading> list && rowsOf(list).isPresent() -> {
                each.bodies()
                        .forEach(b -> columns(b, each.variable(), rowsOf(list).get(), by, told));
                each.bodies().forEach(b -> reads(b, script, by, told));
                if (each.how() == Term.Each.How.FILTER) {
                    reads(list, script, by, told);
                }
                return;
            }
            case Term.Call<Reading> call
            when call.function() == Function.SIZE
                    && call.arguments().getFirst() instanceof Term.Name<Reading> list
                    && rowsOf(list).isPresent() -> {
                // how many rows there are is always told apart
                apart.computeIfAbsent(new Rows(rowsOf(list).get()), k -> new LinkedHashSet<>())
                        .addAll(told);
                return;
            }
            default -> {
                // it looks at nothing but its pieces
            }
        }
        term.pieces().forEach(p -> reads(p, script, by, told));
    }

    /** How many rows a list has. */
    private record Rows(Cell rows) {}

    /** Whose rows a name means, if it means rows. */
    private Optional<Cell> rowsOf(Term.Name<Reading> name) {
        return name.binding().origin() instanceof Access access
                ? access.cells().stream().filter(rowsCells::contains).findFirst()
                : Optional.empty();
    }

    /** The columns that are read of the item of a list; all of them where the item is used as a whole. */
    private void columns(Term<Reading> body, String variable, Cell rows, By by, Set<Value> told) {
        switch (body) {
            case Term.Column<Reading> column
            when column.row() instanceof Term.Local<Reading> local
                    && local.name().equals(variable) -> {
                column(rows, column.name(), by, told);
                return;
            }
            case Term.Local<Reading> local when local.name().equals(variable) -> decides(rows, by, told);
            default -> {
                // its pieces may
            }
        }
        body.pieces().forEach(p -> columns(p, variable, rows, by, told));
    }

    private void column(Cell rows, String name, By by, Set<Value> told) {
        decides(new Column(rows, name), by, told);
    }

    private void reads(Term.Name<Reading> name, int script, By by, Set<Value> told) {
        if (by == By.FORM && hasOneForm(name.type())) {
            return;
        }
        if (name.dotted().endsWith(GIVEN)) {
            cells(name.binding(), script, By.FORM, told);
            return;
        }
        Optional<Cell> rows = rowsOf(name);
        boolean whole = name.type() instanceof Type.ListOf || name.type() instanceof Type.RowOf;
        if (rows.isPresent() && !whole) {
            if (!name.dotted().endsWith(".anySelected") && !name.dotted().endsWith(".selectedNumber")) {
                column(rows.get(), name.dotted().substring(name.dotted().lastIndexOf('.') + 1), by, told);
            }
            cells(name.binding(), script, by, told);
        } else {
            rows.ifPresent(r -> decides(r, by, told));
            cells(name.binding(), script, by, told);
        }
    }

    /** What is always a value of its type however it is written. */
    private static boolean hasOneForm(Type type) {
        return type == Type.Plain.WHOLE || type == Type.Plain.DATE || type == Type.Plain.YESNO;
    }

    /** All that a name looks at but the rows of a list. */
    private void cells(Scope.Binding<Reading> binding, int script, By by, Set<Value> told) {
        if (binding.origin() instanceof Access access) {
            readsLive |= !access.plain() && access.cells().isEmpty();
            access.cells().stream()
                    .filter(c -> !rowsCells.contains(c))
                    .forEach(c -> decides(Ranges.key(c, script), by, told));
        }
    }

    private void decides(Object cell, By by, Set<Value> told) {
        boolean more = by == By.VALUE && byValue.add(cell);
        Set<Value> known = apart.get(cell);
        if (known == null) {
            apart.put(cell, new LinkedHashSet<>(told));
            more = true;
        } else if (known.size() < MOST) {
            more |= known.addAll(told);
        }
        if (more) {
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
        if (term instanceof Term.Call<Reading> call) {
            byText(call, to);
            writtenDate(call).ifPresent(to);
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

    /** A date that is written as the text of it. */
    private static Optional<Value> writtenDate(Term.Call<Reading> call) {
        return call.function() == Function.DATE
                        && call.arguments().getFirst()
                                instanceof Term.Constant<Reading>(Value.Text(String text), var type)
                ? Texts.date(text).map(Value.Date::new)
                : Optional.empty();
    }

    /** What a question about a text tells apart: one that is empty, or one that is a number. */
    private static void byText(Term.Call<Reading> call, Consumer<Value> to) {
        switch (call.function()) {
            case INT, DOUBLE, WHOLE, NUMBER, IS_WHOLE, IS_NUMBER -> to.accept(Value.of(SOME_NUMBER));
            case DATE, IS_DATE -> to.accept(Value.of(SOME_DATE));
            case BLANK, SIZE, TRIM, CONTAINS, STARTS_WITH, ENDS_WITH -> to.accept(Value.EMPTY);
            default -> {
                // it asks for what stands beside it
            }
        }
    }

    private static final String SOME_NUMBER = "2";
    private static final String SOME_DATE = "2026-11-23";

    private static boolean isSize(Term<Reading> term) {
        return term instanceof Term.Call<Reading> call && call.function() == Function.SIZE;
    }

    // What is answered

    /** Whether it depends on what is in a cell what happens. */
    public boolean has(Cell cell) {
        return apart.containsKey(cell);
    }

    /** The columns of a list on which it depends what happens; all of them where its rows are looked at as a whole. */
    public List<Type.Column> columns(PartPlan list) {
        List<Type.Column> all = list.rowsOf().orElseThrow().list().columns();
        return has(list.cell())
                ? all
                : all.stream()
                        .filter(c -> apart.containsKey(new Column(list.cell(), c.name())))
                        .toList();
    }

    /** The values that the columns of a list, and how many rows it has, are told from. */
    public Collection<Value> apartInRows(PartPlan list) {
        var all = new LinkedHashSet<Value>(apart(list.cell()));
        all.addAll(apart.getOrDefault(new Rows(list.cell()), Set.of()));
        list.rowsOf()
                .orElseThrow()
                .list()
                .columns()
                .forEach(c -> all.addAll(apart.getOrDefault(new Column(list.cell(), c.name()), Set.of())));
        return all;
    }

    /** The values from which conditions tell what is in a cell; none where it decides nothing. */
    public Collection<Value> apart(Cell cell) {
        return Optional.ofNullable(apart.get(cell)).map(List::copyOf).orElse(List.of());
    }
}

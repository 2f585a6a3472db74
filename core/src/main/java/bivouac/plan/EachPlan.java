package bivouac.plan;

import bivouac.design.Each;
import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.expression.Compiled;
import bivouac.expression.TextTemplate;
import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A button or menu command of which there is one for each row of a list, or for each open window, compiled (P5). */
public final class EachPlan {

    /** The slot in which its script has its row, or keeps its window. */
    public static final int ROW = ScriptPlan.FIRST_FREE;

    private final Part part;
    private final Each each;
    private Optional<Compiled<Reading>> rows = Optional.empty();
    private Optional<Compiled<Reading>> ticked = Optional.empty();
    private Optional<WindowPlan> window = Optional.empty();
    private Type type = new Type.Unknown();
    private Optional<TextTemplate<Reading>> text = Optional.empty();

    private EachPlan(Part part) {
        this.part = part;
        this.each = part.each();
    }

    static Optional<EachPlan> of(Part part) {
        return part.each().isOnce() ? Optional.empty() : Optional.of(new EachPlan(part));
    }

    void link(Linker linker) {
        switch (each) {
            case Each.OfRows(Expression source, var isTicked) -> {
                Linker.Spot spot = linker.at(part, Each.ROW + " in");
                Compiled<Reading> list = linker.list(spot, source);
                list.type().filter(Type.ListOf.class::isInstance).ifPresent(t -> type = ((Type.ListOf) t).of());
                rows = Optional.of(list);
                ticked = isTicked.map(t -> linker.typed(linker.at(part, "ticked when"), t, Type.YESNO, scope(linker)));
                text = Optional.of(linker.text(linker.at(part, "text"), PartPlan.content(part), scope(linker)));
            }
            case Each.OfWindows(String name) -> {
                window = linker.window(name);
                if (window.isEmpty()) {
                    linker.report(
                            linker.at(part, "for each open"),
                            name,
                            Linker.whole("there is no window of that name", name));
                }
            }
            case Each.Once once -> throw new IllegalStateException("stands there by itself");
        }
    }

    /** What its text and conditions can read beside what the window's can. */
    Scopes.At scope(Linker linker) {
        return rows.isPresent() ? linker.with(Map.of(Each.ROW, row())) : linker.with(Map.of());
    }

    private Access row() {
        Set<Cell> cells = new LinkedHashSet<>();
        rows.ifPresent(r -> Matters.cellsOf(r, cells::add));
        return Access.following(type, List.copyOf(cells), Reading::row);
    }

    /** What its script can read of the row that it is about. */
    Map<String, Access> ofScript() {
        return rows.isPresent() ? Map.of(Each.ROW, Scopes.local(type, ROW)) : Map.of();
    }

    /** The window that its script keeps under the name of its row. */
    public Optional<WindowPlan> window() {
        return window;
    }

    /** For what one of them stands. */
    public sealed interface One {
        record OfRow(Value row) implements One {}

        record OfWindow(Instance window) implements One {}
    }

    /** For what they stand, in order; fault X3, or X6, where the list has one. */
    public List<One> all(Reading in, Instance inst) {
        return window.isPresent()
                ? in.open(window.get()).stream()
                        .limit(Each.MOST)
                        .<One>map(One.OfWindow::new)
                        .toList()
                : rows(in, inst).stream()
                        .limit(Each.MOST)
                        .<One>map(One.OfRow::new)
                        .toList();
    }

    private List<Value> rows(Reading in, Instance inst) {
        return rows.map(r -> r.evaluate(in.of(inst)))
                .map(v -> v instanceof Value.Items(List<Value> items) ? items : List.<Value>of())
                .orElse(List.of());
    }

    /** What stands on it. */
    public String text(Reading in, Instance inst, One one) {
        return switch (one) {
            case One.OfWindow(Instance shown) -> shown.plan().title(in, shown);
            case One.OfRow(Value row) -> text.map(t -> t.text(in.of(inst, row))).orElse("");
        };
    }

    /** Whether it carries a tick; of windows, the one that it is on does. */
    public boolean ticked(Reading in, Instance inst, One one) {
        return switch (one) {
            case One.OfWindow(Instance shown) -> part instanceof Part.MenuCommand && shown == inst;
            case One.OfRow(Value row) ->
                ticked.map(t -> t.evaluate(in.of(inst, row)).equals(Value.YES)).orElse(false);
        };
    }

    /** Evaluates what may fault of all of them, so that a fault is met at rest (E2). */
    void check(Reading in, Instance inst, TraitsPlan traits) {
        for (One one : all(in, inst)) {
            if (one instanceof One.OfRow(Value row)) { // a title is looked at where it stands
                text.filter(TextTemplate::mayFault).ifPresent(t -> t.text(in.of(inst, row)));
                ticked.filter(Compiled::mayFault).ifPresent(t -> t.evaluate(in.of(inst, row)));
            }
            traits.check(in, inst, Optional.of(one));
        }
    }

    boolean mayFault() {
        return rows.map(Compiled::mayFault).orElse(false)
                || ticked.map(Compiled::mayFault).orElse(false)
                || text.map(TextTemplate::mayFault).orElse(false);
    }

    /** On what it depends what can be done with it: how many there are, and which (P2). */
    List<Compiled<Reading>> decides() {
        return rows.stream().toList();
    }

    /** What is only shown. */
    List<Compiled<Reading>> shows() {
        var all = new ArrayList<Compiled<Reading>>();
        text.ifPresent(t -> all.addAll(t.expressions()));
        ticked.ifPresent(all::add);
        return all;
    }
}

package bivouac.plan;

import bivouac.design.Type;
import bivouac.expression.Compiled;
import bivouac.expression.Term;
import bivouac.expression.TextTemplate;
import bivouac.expression.Value;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/**
 * Computes what each cell of a program can hold, by following values from where they are written down to where they are
 * kept: through set, let, what is handed over and given, and what tasks give. A cell that gets anything that is not
 * written down, or more than {@value #MOST} values, can hold any.
 */
final class Ranges {

    private static final int MOST = 256;

    private final Map<Object, Held> held = new LinkedHashMap<>();
    private final List<Flow> flows = new ArrayList<>();

    /** What is known of one cell so far. */
    private static final class Held {
        private final Set<Value> values = new LinkedHashSet<>();
        private boolean any;
        private boolean flag;
        private int first;
        private boolean set;

        boolean add(Value value) {
            boolean more = !any && values.add(value);
            any |= values.size() > MOST;
            return more;
        }

        boolean addAny() {
            boolean more = !any;
            any = true;
            return more;
        }
    }

    /** A value that is evaluated in a script, or in none, and kept in a cell as one of a type. */
    private record Flow(Compiled<Reading> value, int script, Object to, Type type) {}

    /** A slot of one script. */
    private record InScript(int script, int slot) {}

    /** What an ending of a window gives. */
    record Give(int window, int ending, int index) {}

    /** What an ending of a script gives that is done in another window (W12). */
    record Returned(int script, int ending, int index) {}

    record Copy(Object from, Object to) {}

    private final List<Copy> copies = new ArrayList<>();

    /**
     * What a value is made from that arrives in a cell, whatever becomes of it on the way.
     *
     * @param column of a list, in which column of its rows; empty for any
     */
    record Feed(Compiled<Reading> value, int script, Object to, String column) {}

    private final List<Feed> feeds = new ArrayList<>();

    /** No script, for what stands on a window or in the application. */
    static final int NO_SCRIPT = -1;

    static Object in(int script, int slot) {
        return new InScript(script, slot);
    }

    private Held at(Object cell) {
        return held.computeIfAbsent(cell, c -> new Held());
    }

    void few(Object cell, Value... values) {
        Arrays.stream(values).forEach(at(cell)::add);
    }

    void any(Object cell) {
        at(cell).addAny();
    }

    /** A cell of 0 or 1, and what it begins with. */
    void flag(Object cell, boolean first) {
        at(cell).flag = true;
        at(cell).first = first ? 1 : 0;
    }

    /** Something sets the cell. */
    void isSet(Object cell) {
        at(cell).set = true;
    }

    /** A text is kept: the one that is written down, or what its braces make of it. */
    void text(Object cell, TextTemplate<Reading> text) {
        feeds(cell, text);
        if (text.isLive()) {
            any(cell);
        } else {
            few(cell, Value.of(text.plain()));
        }
    }

    /** What a type starts with; that of a date is another one each day. */
    void start(Object cell, Type type) {
        if (type == Type.Plain.DATE || type instanceof Type.RowOf) {
            any(cell);
        } else {
            few(cell, Value.startOf(type, LocalDate.EPOCH));
        }
    }

    /** A cell gets what the braces of a text make, or something of it. */
    void feeds(Object cell, TextTemplate<Reading> text) {
        text.expressions().forEach(e -> feed(e, NO_SCRIPT, cell));
    }

    /** A cell gets something that is made from a value. */
    void feed(Compiled<Reading> value, int script, Object to) {
        feed(value, script, to, "");
    }

    /** The same in one column of a list. */
    void feed(Compiled<Reading> value, int script, Object to, String column) {
        feeds.add(new Feed(value, script, to, column));
    }

    List<Feed> feeds() {
        return feeds;
    }

    List<Copy> copies() {
        return copies;
    }

    void flow(Compiled<Reading> value, int script, Object to, Type type) {
        feed(value, script, to);
        flows.add(new Flow(value, script, to, type));
    }

    void copy(Object from, Object to) {
        copies.add(new Copy(from, to));
    }

    /** Follows all flows until nothing more arrives anywhere: one is looked at again only when its source has changed. */
    void follow() {
        Map<Object, List<Runnable>> from = new HashMap<>();
        var waiting = new ArrayDeque<Runnable>();
        for (Flow flow : flows) {
            Runnable again = () -> wake(arrive(flow), flow.to(), from, waiting);
            flow.value()
                    .term()
                    .ifPresent(t -> sources(t, flow.script(), c -> from.computeIfAbsent(c, k -> new ArrayList<>())
                            .add(again)));
            waiting.add(again);
        }
        for (Copy copy : copies) {
            Runnable again = () ->
                    wake(join(at(copy.from()), at(copy.to()), UnaryOperator.identity()), copy.to(), from, waiting);
            from.computeIfAbsent(copy.from(), k -> new ArrayList<>()).add(again);
            waiting.add(again);
        }
        while (!waiting.isEmpty()) {
            waiting.poll().run();
        }
    }

    private static void wake(
            boolean more, Object changed, Map<Object, List<Runnable>> from, ArrayDeque<Runnable> waiting) {
        if (more) {
            waiting.addAll(from.getOrDefault(changed, List.of()));
        }
    }

    /** The cells whose values an expression can have. */
    private static void sources(Term<Reading> term, int script, Consumer<Object> to) {
        switch (term) {
            case Term.Choice<Reading> choice -> {
                sources(choice.yes(), script, to);
                sources(choice.no(), script, to);
            }
            case Term.Name<Reading> name
            when name.binding().origin() instanceof Access access && access.plain() ->
                access.cells().forEach(c -> to.accept(key(c, script)));
            default -> {
                // what it makes does not depend on what is written down
            }
        }
    }

    private boolean arrive(Flow flow) {
        Held to = at(flow.to());
        to.set = true;
        return flow.value().term().map(term -> arrive(term, flow, to)).orElse(false);
    }

    private boolean arrive(Term<Reading> term, Flow flow, Held to) {
        if (to.any || to.flag) {
            return false;
        }
        if (term.type() == Type.Plain.YESNO) {
            return to.add(Value.NO) | to.add(Value.YES);
        }
        return switch (term) {
            case Term.Constant<Reading>(Value value, var type) -> to.add(value.as(flow.type()));
            case Term.Choice<Reading> choice -> arrive(choice.yes(), flow, to) | arrive(choice.no(), flow, to);
            case Term.Name<Reading> name
            when name.binding().origin() instanceof Access access && access.plain() -> {
                boolean more = false;
                for (Cell cell : access.cells()) {
                    more |= join(at(key(cell, flow.script())), to, v -> v.as(flow.type()));
                }
                yield more;
            }
            default -> to.addAny();
        };
    }

    private static boolean join(Held from, Held to, UnaryOperator<Value> as) {
        if (from.any) {
            return to.addAny();
        }
        boolean more = false;
        for (Value value : List.copyOf(from.values)) {
            more |= to.add(as.apply(value));
        }
        return more;
    }

    /** The values of all cells with few of them, in the order in which those were met. */
    void constants(Collection<Value> to) {
        held.values().stream().filter(h -> !h.any && !h.flag).forEach(h -> to.addAll(h.values));
    }

    static Object key(Cell cell, int script) {
        return cell instanceof Cell.OfScript(int slot) ? in(script, slot) : cell;
    }

    /** What a cell can hold; one of which nothing is known can hold any. */
    Range of(Object cell) {
        Held known = held.get(cell);
        if (known == null || known.any || known.values.isEmpty() && !known.flag) {
            return new Range.Any();
        }
        if (known.flag) {
            return known.set ? new Range.Flag() : new Range.FixedFlag(known.first);
        }
        return new Range.Few(List.copyOf(known.values));
    }
}

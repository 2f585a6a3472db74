package bivouac.handover.python;

import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import java.util.List;
import java.util.stream.Collectors;

/** Writes expressions in Python. What is no value is a fault there too: an exception of {@code values} or of Python. */
public final class PyExpressions {

    /** How tightly a piece holds together; one that stands inside a tighter one is put in brackets. */
    private enum Grip {
        CHOICE,
        OR,
        AND,
        NOT,
        COMPARED,
        SUM,
        PRODUCT,
        SIGN,
        WORD
    }

    private record Code(String text, Grip grip) {
        static Code word(String text) {
            return new Code(text, Grip.WORD);
        }

        String in(Grip least) {
            return grip.compareTo(least) < 0 ? "(" + text + ")" : text;
        }
    }

    private final PyWorld world;
    private final PyView view;

    public PyExpressions(PyWorld world, PyView view) {
        this.world = world;
        this.view = view;
    }

    /** An expression where any may stand. */
    public String write(Say say) {
        return code(say).text();
    }

    /** An expression as a value of a type: a whole becomes a number where a number is wanted. */
    public String write(Say say, Type wanted) {
        if (wanted != Type.NUMBER || say.type() != Type.WHOLE) {
            return write(Says.as(say, wanted));
        }
        return say instanceof Say.Literal ? write(say) + ".0" : "float(" + write(say) + ")";
    }

    private Code code(Say say) {
        return switch (say) {
            case Say.Literal(Value value, Type type) -> literal(value, type);
            case Say.OfApplication(String name, Type type) -> Code.word(view.app() + "." + world.ofApplication(name));
            case Say.Today t -> Code.word(view.today());
            case Say.Traces t -> Code.word(view.app() + ".traces");
            case Say.Take(String window, String name, Type type) ->
                Code.word(
                        view.isOfWindow()
                                ? "self." + world.take(window, name)
                                : world.names().parameter(name));
            case Say.Local(String name, Type type) -> Code.word(name);
            case Say.OfClosing(boolean way) -> Code.word(way ? "closing.by" : "closing.to");
            case Say.TheRow r -> Code.word("row");
            case Say.Member m -> member(m);
            case Say.Column(Say row, String name, Type type) ->
                Code.word(code(row).in(Grip.WORD) + "." + world.types().column(name));
            case Say.IsOpen(String window) -> Code.word(view.desk() + ".is_open(" + reached(window) + ")");
            case Say.IsKept(Say.Whose kept) -> Code.word(view.desk() + ".is_open(" + kept(kept) + ")");
            case Say.Call c -> call(c);
            case Say.Decides d -> decides(d);
            case Say.Choice(Say condition, Say yes, Say no, Type type) ->
                new Code(
                        code(yes).in(Grip.OR) + " if " + code(condition).in(Grip.OR) + " else "
                                + code(no).in(Grip.CHOICE),
                        Grip.CHOICE);
            case Say.Items(List<Say> items, Type type) -> {
                Type of = ((Type.ListOf) type).of();
                yield Code.word("[" + items.stream().map(i -> write(i, of)).collect(Collectors.joining(", ")) + "]");
            }
            case Say.RowOf(List<Say> values, Type type) -> row(values, (Type.RowOf) type);
            case Say.Each e -> each(e);
            case Say.Item(String name, Type type) -> Code.word(world.names().parameter(name));
        };
    }

    String reached(String window) {
        return world.reached(window, view.window());
    }

    private Code row(List<Say> values, Type.RowOf type) {
        var written = new java.util.ArrayList<String>();
        for (int i = 0; i < values.size(); i++) {
            written.add(write(values.get(i), type.columns().get(i).type()));
        }
        return Code.word(world.types().of(type) + "(" + String.join(", ", written) + ")");
    }

    private static Code literal(Value value, Type type) {
        return switch (value) {
            case Value.Text(String text) -> Code.word(PyNames.literal(text));
            case Value.YesNo(boolean yes) -> Code.word(yes ? "True" : "False");
            case Value.Whole(long whole) ->
                new Code(type == Type.NUMBER ? whole + ".0" : Long.toString(whole), whole < 0 ? Grip.SIGN : Grip.WORD);
            case Value.Number(double number) -> new Code(Double.toString(number), number < 0 ? Grip.SIGN : Grip.WORD);
            case Value.Date(var date) ->
                Code.word("datetime.date(" + date.getYear() + ", " + date.getMonthValue() + ", " + date.getDayOfMonth()
                        + ")");
            default -> throw new IllegalArgumentException("no literal is " + value);
        };
    }

    private String kept(Say.Whose kept) {
        return switch (kept) {
            case Say.Whose.KeptByScript(String name) -> name;
            case Say.Whose.KeptByWindow(String of, String variable) -> "self." + world.member(variable);
            default -> throw new IllegalArgumentException("kept");
        };
    }

    /** How a window is found whose members are read or set; fault X3 where it is not open. */
    String window(Say.Whose whose, String window) {
        return switch (whose) {
            case Say.Whose.Me m -> view.self();
            case Say.Whose.Owner o -> "self.needed_owner()";
            case Say.Whose.Opener o -> "self.needed_opener()";
            case Say.Whose.TheOnly t -> view.desk() + ".the(" + reached(window) + ")";
            case Say.Whose.Keyed(Say key) -> view.desk() + ".the(" + reached(window) + ", " + write(key) + ")";
            case Say.Whose.KeptByScript k -> view.desk() + ".there(" + kept(k) + ")";
            case Say.Whose.KeptByWindow k -> view.desk() + ".there(" + kept(k) + ")";
        };
    }

    private Code member(Say.Member m) {
        String found = window(m.whose(), m.windows().getFirst());
        String first = member(m.what());
        // an owner or opener of another kind can have another part under the name
        List<String> others = m.windows().stream()
                .skip(1)
                .filter(w -> !member(alike(w, m.what())).equals(first))
                .toList();
        if (others.isEmpty()) {
            return Code.word(found + first);
        }
        var out = new StringBuilder();
        others.forEach(w -> out.append(found)
                .append(member(alike(w, m.what())))
                .append(" if isinstance(")
                .append(found)
                .append(", ")
                .append(reached(w))
                .append(") else "));
        return new Code(out.append(found).append(first).toString(), Grip.CHOICE);
    }

    /** The same member of another window. */
    private Say.What alike(String window, Say.What what) {
        return what instanceof Say.What.OfPart(var part, String member)
                ? new Say.What.OfPart(
                        world.meanings()
                                .program()
                                .design()
                                .faced(window)
                                .flatMap(f -> f.part(part.name().expression()))
                                .orElse(part),
                        member)
                : what;
    }

    /** A member behind its window, with its point. */
    String member(Say.What what) {
        return switch (what) {
            case Say.What.Title t -> ".title";
            case Say.What.Variable(String name) -> "." + world.member(name);
            case Say.What.OfPart(var part, String member) -> {
                String path = member.startsWith(".selected.")
                        ? ".selected." + world.types().column(member.substring(10))
                        : PyWorld.memberOf(part, member);
                yield "." + world.member(part.name().expression()) + path;
            }
        };
    }

    private Code decides(Say.Decides d) {
        if (d.faults()) {
            return Code.word("values." + (d.on() ? "either" : "both") + "(lambda: " + write(d.left()) + ", lambda: "
                    + write(d.right()) + ")");
        }
        Grip grip = d.on() ? Grip.OR : Grip.AND;
        return new Code(
                code(d.left()).in(grip)
                        + (d.on() ? " or " : " and ")
                        + code(d.right()).in(grip),
                grip);
    }

    private Code each(Say.Each e) {
        String item = world.names().parameter(e.variable());
        String over = " for " + item + " in " + code(e.range()).in(Grip.OR);
        String last = code(e.bodies().getLast()).in(Grip.OR);
        if (e.how() == bivouac.expression.Term.Each.How.EXISTS_ONE) {
            return new Code("sum(1" + over + " if " + last + ") == 1", Grip.COMPARED);
        }
        return Code.word(
                switch (e.how()) {
                    case ALL -> "all(" + last + over + ")";
                    case EXISTS -> "any(" + last + over + ")";
                    case EXISTS_ONE -> throw new IllegalStateException("answered above");
                    case FILTER -> "[" + item + over + " if " + last + "]";
                    case SORT_BY ->
                        "sorted(" + write(e.range()) + ", key=lambda " + item + ": "
                                + write(e.bodies().getLast()) + ")";
                    case MAP -> {
                        String made = write(e.bodies().getLast(), ((Type.ListOf) e.type()).of());
                        String filter = e.bodies().size() > 1
                                ? " if " + code(e.bodies().getFirst()).in(Grip.OR)
                                : "";
                        yield "[" + made + over + filter + "]";
                    }
                });
    }

    // Functions

    private String all(List<Say> says) {
        return says.stream().map(this::write).collect(Collectors.joining(", "));
    }

    private Code call(Say.Call c) {
        List<Say> a = c.arguments();
        boolean whole = c.type() == Type.WHOLE;
        return switch (c.function()) {
            case ADD ->
                c.type() == Type.TEXT || c.type() instanceof Type.ListOf
                        ? sign(a, " + ", Grip.SUM)
                        : sum(a, " + ", whole, Grip.SUM);
            case SUBTRACT -> sum(a, " - ", whole, Grip.SUM);
            case MULTIPLY -> sum(a, " * ", whole, Grip.PRODUCT);
            case DIVIDE -> values(whole ? "whole_divided" : "divided", a);
            case REST -> values("rest", a);
            case NEGATE -> {
                var negated = new Code("-" + code(a.get(0)).in(Grip.WORD), Grip.SIGN);
                yield whole ? Code.word("values.exact(" + negated.text() + ")") : negated;
            }
            case NOT -> new Code("not " + code(a.get(0)).in(Grip.SUM), Grip.NOT);
            case EQUAL -> compared(a, "==");
            case DIFFERENT -> compared(a, "!=");
            case LESS -> compared(a, "<");
            case LESS_OR_EQUAL -> compared(a, "<=");
            case GREATER -> compared(a, ">");
            case GREATER_OR_EQUAL -> compared(a, ">=");
            case IN -> compared(a, "in");
            case CONTAINS -> compared(a.reversed(), "in");
            case INDEX -> values("item", a);
            case SIZE -> Code.word("len(" + write(a.get(0)) + ")");
            case SLICE -> Code.word("values.sliced(" + all(a) + ")");
            case SORT -> Code.word("sorted(" + write(a.getFirst()) + ")");
            case REVERSE -> Code.word("list(reversed(" + write(a.getFirst()) + "))");
            case DISTINCT -> values("distinct", a);
            case STARTS_WITH -> method(a, "startswith");
            case ENDS_WITH -> method(a, "endswith");
            case INDEX_OF -> method(a, "find");
            case LOWER -> method(a, "lower");
            case UPPER -> method(a, "upper");
            case JOIN -> Code.word(code(a.get(1)).in(Grip.WORD) + ".join(" + write(a.get(0)) + ")");
            case YEAR -> Code.word(code(a.get(0)).in(Grip.WORD) + ".year");
            case INT, WHOLE -> a.get(0).type() == Type.WHOLE ? code(a.get(0)) : values("whole", a);
            case DOUBLE, NUMBER ->
                a.get(0).type() == Type.TEXT ? values("number", a) : Code.word("float(" + all(a) + ")");
            case STRING, SHOWN -> a.size() == 1 && a.get(0).type() == Type.TEXT ? code(a.get(0)) : values("shown", a);
            case TRIM,
                    BLANK,
                    SUBSTRING,
                    REPLACE,
                    SPLIT,
                    MATCHES,
                    IS_WHOLE,
                    IS_NUMBER,
                    IS_DATE,
                    DATE,
                    DAYS,
                    FILE_NAME,
                    FILE_EXTENSION -> values(PyNames.snake(c.function().cel()), a);
        };
    }

    private Code values(String name, List<Say> a) {
        return Code.word("values." + name + "(" + all(a) + ")");
    }

    private Code method(List<Say> a, String name) {
        return Code.word(code(a.get(0)).in(Grip.WORD) + "." + name + "(" + all(a.subList(1, a.size())) + ")");
    }

    private Code sign(List<Say> a, String sign, Grip grip) {
        Grip right = grip == Grip.SUM ? Grip.PRODUCT : Grip.SIGN;
        return new Code(code(a.get(0)).in(grip) + sign + code(a.get(1)).in(right), grip);
    }

    /** What grows too large is a fault. */
    private Code sum(List<Say> a, String sign, boolean whole, Grip grip) {
        return Code.word("values." + (whole ? "exact" : "finite") + "("
                + sign(a, sign, grip).text() + ")");
    }

    private Code compared(List<Say> a, String sign) {
        return new Code(
                code(a.get(0)).in(Grip.SUM) + " " + sign + " " + code(a.get(1)).in(Grip.SUM), Grip.COMPARED);
    }
}

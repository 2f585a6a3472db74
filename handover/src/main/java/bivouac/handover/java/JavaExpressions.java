package bivouac.handover.java;

import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.handover.braces.Code;
import bivouac.handover.braces.Code.Grip;
import bivouac.handover.braces.Spelling;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import java.util.List;
import java.util.stream.Collectors;

/** Writes expressions in Java. What is no value is a fault there too: an exception of {@code desk.Fault} or of Java. */
public final class JavaExpressions {

    private final JavaWorld world;

    public JavaExpressions(JavaWorld world) {
        this.world = world;
    }

    /** A key as an object, as windows are told apart by. */
    public String key(Say key) {
        return key.type() == Type.WHOLE ? object(key) : write(key);
    }

    /** An expression where any may stand. */
    public String write(Say say) {
        return code(say).text();
    }

    /** An expression as a value of a type: a whole becomes a number where a number is wanted. */
    public String write(Say say, Type wanted) {
        boolean widen = wanted == Type.NUMBER && say.type() == Type.WHOLE;
        return widen && say instanceof Say.Literal ? write(say) + ".0" : write(Says.as(say, wanted));
    }

    /** As a value that stands in a list or is handed on as an object. */
    public String boxed(Say say, Type wanted) {
        if (say instanceof Say.Literal(Value.Whole(long whole), Type type)) {
            return whole + (wanted == Type.NUMBER ? ".0" : "L");
        }
        boolean widen = wanted == Type.NUMBER && say.type() == Type.WHOLE;
        return widen ? "(double) " + code(say).in(Grip.SIGN) : write(say);
    }

    private Code code(Say say) {
        return switch (say) {
            case Say.Literal(Value value, Type type) -> Code.word(literal(value, type));
            case Say.OfApplication(String name, Type type) -> Code.word(world.ofApplication(name));
            case Say.Today t -> Code.word(world.app() + "today()");
            case Say.Traces t -> Code.word(world.app() + "traces()");
            case Say.Take(String window, String name, Type type) -> Code.word(world.take(window, name));
            case Say.Local(String name, Type type) -> Code.word(name);
            case Say.OfClosing(boolean way) -> Code.word(way ? "closing.by()" : "closing.to()");
            case Say.TheRow r -> Code.word("row");
            case Say.Member m -> member(m);
            case Say.Column(Say row, String name, Type type) ->
                Code.word(code(row).in(Grip.WORD) + "." + JavaNames.safe(name) + "()");
            case Say.IsOpen(String window) -> Code.word(world.desk() + ".isOpen(" + world.classOf(window) + ".class)");
            case Say.IsKept(Say.Whose kept) ->
                Code.word(world.desk() + ".isOpen("
                        + switch (kept) {
                            case Say.Whose.KeptByScript(String name) -> name;
                            case Say.Whose.KeptByWindow(String of, String variable) -> world.variable(of, variable);
                            default -> throw new IllegalArgumentException("kept");
                        }
                        + ")");
            case Say.Call c -> call(c);
            case Say.Decides d -> decides(d);
            case Say.Choice(Say condition, Say yes, Say no, Type type) ->
                new Code(
                        code(condition).in(Grip.OR) + " ? " + whole(yes).in(Grip.OR) + " : "
                                + whole(no).in(Grip.CHOICE),
                        Grip.CHOICE);
            case Say.Items(List<Say> items, Type type) -> {
                Type of = ((Type.ListOf) type).of();
                yield Code.word(
                        "List.of(" + items.stream().map(i -> boxed(i, of)).collect(Collectors.joining(", ")) + ")");
            }
            case Say.RowOf(List<Say> values, Type type) ->
                Code.word("new " + world.types().of(type) + "(" + all(values) + ")");
            case Say.Each e -> each(e);
            case Say.Item(String name, Type type) -> Code.word(JavaNames.safe(name));
        };
    }

    private String all(List<Say> says) {
        return says.stream().map(this::write).collect(Collectors.joining(", "));
    }

    static String literal(Value value, Type type) {
        return switch (value) {
            case Value.Text(String text) -> Spelling.literal(text);
            case Value.YesNo(boolean yes) -> Boolean.toString(yes);
            case Value.Whole(long whole) ->
                type == Type.NUMBER ? whole + ".0" : whole == (int) whole ? Long.toString(whole) : whole + "L";
            case Value.Number(double number) -> Double.toString(number);
            case Value.Date(var date) -> "LocalDate.parse(" + Spelling.literal(date.toString()) + ")";
            default -> throw new IllegalArgumentException("no literal is " + value);
        };
    }

    private Code member(Say.Member m) {
        if (m.windows().size() == 1 || m.whose() instanceof Say.Whose.Me) {
            return Code.word(member(
                    world.base(m.whose(), m.windows().getFirst()), m.windows().getFirst(), m.what()));
        }
        String of = m.whose() instanceof Say.Whose.Owner ? "owner()" : "opener()";
        String cases = m.windows().stream()
                .map(w -> "case " + world.classOf(w) + " w -> " + member("w.", w, m.what()) + ";")
                .collect(Collectors.joining(" "));
        return Code.word(
                "switch (" + of + ") { " + cases + " default -> throw new desk.Fault(\"X3\", \"it is not there\"); }");
    }

    private String member(String base, String window, Say.What what) {
        return switch (what) {
            case Say.What.Title t -> world.readTitle(base);
            case Say.What.Variable(String name) -> base + world.variable(window, name);
            case Say.What.OfPart(var part, String member) -> world.read(base, window, part, member);
        };
    }

    private Code decides(Say.Decides d) {
        if (d.faults()) {
            String name = d.on() ? "either" : "both";
            return Code.word("Values." + name + "(() -> " + write(d.left()) + ", () -> " + write(d.right()) + ")");
        }
        Grip grip = d.on() ? Grip.OR : Grip.AND;
        return new Code(
                code(d.left()).in(grip)
                        + (d.on() ? " || " : " && ")
                        + code(d.right()).in(grip),
                grip);
    }

    private Code each(Say.Each e) {
        String stream = code(e.range()).in(Grip.WORD) + ".stream()";
        String item = JavaNames.safe(e.variable()) + " -> ";
        String body = write(e.bodies().getLast());
        return Code.word(
                switch (e.how()) {
                    case ALL -> stream + ".allMatch(" + item + body + ")";
                    case EXISTS -> stream + ".anyMatch(" + item + body + ")";
                    case EXISTS_ONE -> stream + ".filter(" + item + body + ").count() == 1";
                    case FILTER -> stream + ".filter(" + item + body + ").toList()";
                    case SORT_BY -> "Values.sortedBy(" + write(e.range()) + ", " + item + body + ")";
                    case MAP -> {
                        Say last = e.bodies().getLast();
                        String made = boxed(last, ((Type.ListOf) e.type()).of());
                        String filter = e.bodies().size() > 1
                                ? ".filter(" + item + write(e.bodies().getFirst()) + ")"
                                : "";
                        yield stream + filter + ".map(" + item + made + ").toList()";
                    }
                });
    }

    private Code call(Say.Call c) {
        List<Say> a = c.arguments();
        boolean whole = c.type() == Type.WHOLE;
        return switch (c.function()) {
            case ADD ->
                c.type() == Type.TEXT
                        ? new Code(
                                code(a.get(0)).in(Grip.SUM) + " + "
                                        + code(a.get(1)).in(Grip.PRODUCT),
                                Grip.SUM)
                        : c.type() instanceof Type.ListOf
                                ? Code.word("Values.joined(" + all(a) + ")")
                                : whole ? exact("add", a) : finite(a, " + ", Grip.SUM);
            case SUBTRACT -> whole ? exact("subtract", a) : finite(a, " - ", Grip.SUM);
            case MULTIPLY -> whole ? exact("multiply", a) : finite(a, " * ", Grip.PRODUCT);
            case DIVIDE -> whole ? exact("divide", a) : Code.word("Values.divided(" + all(a) + ")");
            case REST ->
                new Code(
                        whole(a.get(0)).in(Grip.PRODUCT) + " % "
                                + whole(a.get(1)).in(Grip.SIGN),
                        Grip.PRODUCT);
            case NEGATE ->
                whole
                        ? Code.word("Math.negateExact(" + longs(a.get(0)) + ")")
                        : new Code("-" + code(a.get(0)).in(Grip.WORD), Grip.SIGN);
            case NOT -> new Code("!" + code(a.get(0)).in(Grip.WORD), Grip.SIGN);
            case EQUAL -> equal(a, true);
            case DIFFERENT -> equal(a, false);
            case LESS -> order(a, "<");
            case LESS_OR_EQUAL -> order(a, "<=");
            case GREATER -> order(a, ">");
            case GREATER_OR_EQUAL -> order(a, ">=");
            case IN -> {
                Type of = ((Type.ListOf) a.get(1).type()).of();
                yield Code.word(code(a.get(1)).in(Grip.WORD) + ".contains(" + contained(a.get(0), of) + ")");
            }
            case INDEX -> Code.word("Values.item(" + all(a) + ")");
            case SIZE -> Code.word("Values.size(" + all(a) + ")");
            case SLICE -> values("slice", a);
            case SORT -> Code.word("Values.sortedBy(" + write(a.getFirst()) + ", each -> each)");
            case REVERSE -> method(a, "reversed");
            case DISTINCT -> Code.word(code(a.getFirst()).in(Grip.WORD) + ".stream().distinct().toList()");
            case CONTAINS -> method(a, "contains");
            case STARTS_WITH -> method(a, "startsWith");
            case ENDS_WITH -> method(a, "endsWith");
            case TRIM -> method(a, "strip");
            case JOIN -> Code.word("String.join(" + write(a.get(1)) + ", " + write(a.get(0)) + ")");
            case YEAR -> values("year", a);
            case INT, WHOLE -> a.get(0).type() == Type.WHOLE ? code(a.get(0)) : values("whole", a);
            case DOUBLE, NUMBER ->
                switch (a.get(0).type()) {
                    case Type.Plain p when p == Type.Plain.TEXT -> values("number", a);
                    case Type.Plain p when p == Type.Plain.NUMBER -> code(a.get(0));
                    default -> new Code("(double) " + code(a.get(0)).in(Grip.SIGN), Grip.SIGN);
                };
            case STRING, SHOWN -> a.size() == 1 && a.get(0).type() == Type.TEXT ? code(a.get(0)) : values("shown", a);
            case BLANK -> method(a, "isBlank");
            case INDEX_OF,
                    SUBSTRING,
                    REPLACE,
                    SPLIT,
                    LOWER,
                    UPPER,
                    MATCHES,
                    IS_WHOLE,
                    IS_NUMBER,
                    IS_DATE,
                    DATE,
                    DAYS,
                    FILE_NAME,
                    FILE_EXTENSION -> values(c.function().cel(), a);
        };
    }

    /** A list holds objects, and asks for one. */
    private String contained(Say item, Type of) {
        if (item.type() != Type.WHOLE) {
            return write(item);
        }
        return of == Type.NUMBER ? "(double) " + code(item).in(Grip.SIGN) : object(item);
    }

    /** Some wholes are ints in Java, and an object of that kind equals none of the other. */
    private String object(Say whole) {
        return whole instanceof Say.Literal ? longs(whole) : "Long.valueOf(" + write(whole) + ")";
    }

    private Code values(String name, List<Say> a) {
        return Code.word("Values." + name + "(" + all(a) + ")");
    }

    private Code method(List<Say> a, String name) {
        return Code.word(code(a.get(0)).in(Grip.WORD) + "." + name + "(" + all(a.subList(1, a.size())) + ")");
    }

    /** What grows too large is a fault. */
    private Code exact(String name, List<Say> a) {
        return Code.word("Math." + name + "Exact(" + longs(a.get(0)) + ", " + longs(a.get(1)) + ")");
    }

    /** A literal would be an int, and two of them would overflow as ints. */
    private String longs(Say say) {
        return whole(say).text();
    }

    private Code whole(Say say) {
        return say instanceof Say.Literal(Value.Whole(long w), Type t) && t == Type.WHOLE
                ? Code.word(w + "L")
                : code(say);
    }

    private Code finite(List<Say> a, String sign, Grip grip) {
        return Code.word("Values.finite(" + code(a.get(0)).in(grip) + sign
                + code(a.get(1)).in(grip) + ")");
    }

    private static boolean isPrimitive(Type type) {
        return type == Type.WHOLE || type == Type.NUMBER || type == Type.YESNO;
    }

    private Code equal(List<Say> a, boolean yes) {
        if (isPrimitive(a.get(0).type()) && isPrimitive(a.get(1).type())) {
            return new Code(
                    code(a.get(0)).in(Grip.ORDER)
                            + (yes ? " == " : " != ")
                            + code(a.get(1)).in(Grip.ORDER),
                    Grip.EQUAL);
        }
        String equals = code(a.get(0)).in(Grip.WORD) + ".equals(" + write(a.get(1)) + ")";
        return yes ? Code.word(equals) : new Code("!" + equals, Grip.SIGN);
    }

    private Code order(List<Say> a, String sign) {
        Type type = a.get(0).type();
        String compared =
                switch (type) {
                    case Type.Plain p when p == Type.Plain.YESNO -> "Boolean.compare(" + all(a) + ") " + sign + " 0";
                    case Type.Plain p
                    when p == Type.Plain.WHOLE || p == Type.Plain.NUMBER ->
                        code(a.get(0)).in(Grip.SUM) + " " + sign + " "
                                + code(a.get(1)).in(Grip.SUM);
                    default -> code(a.get(0)).in(Grip.WORD) + ".compareTo(" + write(a.get(1)) + ") " + sign + " 0";
                };
        return new Code(compared, Grip.ORDER);
    }
}

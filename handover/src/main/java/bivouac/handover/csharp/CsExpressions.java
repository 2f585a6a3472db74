package bivouac.handover.csharp;

import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.handover.braces.Code;
import bivouac.handover.braces.Code.Grip;
import bivouac.handover.braces.Spelling;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes expressions in C#. What is no value is a fault there too: an exception of {@code Rules.Fault} or of .NET. */
public final class CsExpressions {

    private final CsWorld world;
    private final CsView view;

    public CsExpressions(CsWorld world, CsView view) {
        this.world = world;
        this.view = view;
    }

    /** An expression where any may stand. */
    public String write(Say say) {
        return code(say).text();
    }

    /** An expression as a value of a type: C# makes a number of a whole by itself. */
    public String write(Say say, Type wanted) {
        return write(Says.as(say, wanted));
    }

    /** As what it is taken for by itself, where nothing else tells: a literal would be an int. */
    private String exact(Say say, Type wanted) {
        if (wanted == Type.NUMBER && say.type() == Type.WHOLE) {
            return "(double)" + code(say).in(Grip.SIGN);
        }
        return say instanceof Say.Literal(Value.Whole(long whole), Type type) && type == Type.WHOLE
                ? whole + "L"
                : say.type() == Type.WHOLE && say instanceof Say.Choice
                        ? "(long)" + code(say).in(Grip.WORD)
                        : write(say);
    }

    /** A key as an object, as windows are told apart by. */
    public String key(Say key) {
        return exact(key, key.type());
    }

    private Code code(Say say) {
        return switch (say) {
            case Say.Literal(Value value, Type type) -> literal(value, type);
            case Say.OfApplication(String name, Type type) -> Code.word(view.app() + world.ofApplication(name));
            case Say.Today t -> Code.word(view.today());
            case Say.Traces t -> Code.word(view.app() + "Traces");
            case Say.Take(String window, String name, Type type) ->
                Code.word(window.isEmpty() ? world.ofApplication(name) : world.take(window, name));
            case Say.Local(String name, Type type) -> Code.word(name);
            case Say.OfClosing(boolean way) -> Code.word(way ? "closing.By" : "closing.To");
            case Say.TheRow r -> Code.word("row");
            case Say.Member m -> member(m);
            case Say.Column(Say row, String name, Type type) ->
                Code.word(code(row).in(Grip.WORD) + "."
                        + world.types().columns((Type.RowOf) row.type()).get(name));
            case Say.IsOpen(String window) -> Code.word("Desk.IsOpen<" + world.classOf(window) + ">()");
            case Say.IsKept(Say.Whose kept) -> Code.word("Desk.IsOpen(" + kept(kept) + ")");
            case Say.Call c -> call(c);
            case Say.Decides d -> decides(d);
            case Say.Choice(Say condition, Say yes, Say no, Type type) ->
                new Code(
                        code(condition).in(Grip.OR) + " ? " + code(yes).in(Grip.OR) + " : " + code(no).in(Grip.CHOICE),
                        Grip.CHOICE);
            case Say.Items(List<Say> items, Type type) ->
                Code.word("Values.List<" + world.types().of(((Type.ListOf) type).of()) + ">(" + all(items) + ")");
            case Say.RowOf(List<Say> values, Type type) ->
                Code.word("new " + world.types().of(type) + "(" + all(values) + ")");
            case Say.Each e -> each(e);
            case Say.Item(String name, Type type) -> Code.word(item(name));
        };
    }

    private static String item(String name) {
        return CsNames.field(name, Set.of());
    }

    private String kept(Say.Whose kept) {
        return switch (kept) {
            case Say.Whose.KeptByScript(String name) -> name;
            case Say.Whose.KeptByWindow(String of, String variable) -> world.member(variable);
            default -> throw new IllegalArgumentException("kept");
        };
    }

    private String all(List<Say> says) {
        return says.stream().map(this::write).collect(Collectors.joining(", "));
    }

    private static Code literal(Value value, Type type) {
        return switch (value) {
            case Value.Text(String text) -> Code.word(Spelling.literal(text));
            case Value.YesNo(boolean yes) -> Code.word(Boolean.toString(yes));
            case Value.Whole(long whole) -> signed(whole < 0, whole + (type == Type.NUMBER ? ".0" : ""));
            case Value.Number(double number) -> signed(number < 0, Double.toString(number));
            case Value.Date(var date) -> Code.word("Values.Date(" + Spelling.literal(date.toString()) + ")");
            default -> throw new IllegalArgumentException("no literal is " + value);
        };
    }

    private static Code signed(boolean negative, String text) {
        return negative ? new Code(text, Grip.SIGN) : Code.word(text);
    }

    /** What finds the window that is meant, with its point; empty for the own one. */
    String base(Say.Whose whose, String window) {
        String type = world.classOf(window);
        return switch (whose) {
            case Say.Whose.Me m -> "";
            case Say.Whose.Owner o -> "OwnerAs<" + type + ">().";
            case Say.Whose.Opener o -> "OpenerAs<" + type + ">().";
            case Say.Whose.TheOnly t -> "Desk.The<" + type + ">().";
            case Say.Whose.Keyed(Say key) -> "Desk.The<" + type + ">(" + key(key) + ").";
            case Say.Whose.KeptByScript k -> "Desk.There(" + kept(k) + ").";
            case Say.Whose.KeptByWindow k -> "Desk.There(" + kept(k) + ").";
        };
    }

    private Code member(Say.Member m) {
        if (m.windows().size() == 1 || m.whose() instanceof Say.Whose.Me) {
            return Code.word(member(base(m.whose(), m.windows().getFirst()), m.what()));
        }
        String of = m.whose() instanceof Say.Whose.Owner ? "Owner" : "Opener";
        String cases = m.windows().stream()
                .map(world::classOf)
                .map(c -> of + " is " + c + " ? " + member("((" + c + ")" + of + ").", m.what()) + " : ")
                .collect(Collectors.joining());
        return new Code(cases + "throw new Fault(\"X3\", \"it is not there\")", Grip.CHOICE);
    }

    private String member(String base, Say.What what) {
        return switch (what) {
            case Say.What.Title t -> base + "Title";
            case Say.What.Variable(String name) -> base + world.member(name);
            case Say.What.OfPart(var part, String member) -> {
                String field = base + world.member(part.name().expression());
                yield member.startsWith(".selected.")
                        ? field + ".Selected." + column(part, member.substring(".selected.".length()))
                        : field + CsWorld.memberOf(part, member);
            }
        };
    }

    private String column(bivouac.design.Part list, String name) {
        return world.types()
                .columns(((bivouac.design.Part.ListOfRows) list).row())
                .get(name);
    }

    private Code decides(Say.Decides d) {
        if (d.faults()) {
            String name = d.on() ? "Either" : "Both";
            return Code.word("Values." + name + "(() => " + write(d.left()) + ", () => " + write(d.right()) + ")");
        }
        Grip grip = d.on() ? Grip.OR : Grip.AND;
        return new Code(
                code(d.left()).in(grip)
                        + (d.on() ? " || " : " && ")
                        + code(d.right()).in(grip),
                grip);
    }

    private Code each(Say.Each e) {
        String range = code(e.range()).in(Grip.WORD);
        String item = item(e.variable()) + " => ";
        String body = write(e.bodies().getLast());
        return switch (e.how()) {
            case ALL -> Code.word(range + ".All(" + item + body + ")");
            case EXISTS -> Code.word(range + ".Any(" + item + body + ")");
            case EXISTS_ONE -> new Code(range + ".Count(" + item + body + ") == 1", Grip.EQUAL);
            case FILTER -> Code.word(range + ".Where(" + item + body + ").ToList()");
            case SORT_BY -> Code.word("Values.SortedBy(" + write(e.range()) + ", " + item + body + ")");
            case MAP -> {
                Say last = e.bodies().getLast();
                String made = exact(last, ((Type.ListOf) e.type()).of());
                String filter = e.bodies().size() > 1
                        ? ".Where(" + item + write(e.bodies().getFirst()) + ")"
                        : "";
                yield Code.word(range + filter + ".Select(" + item + made + ").ToList()");
            }
        };
    }

    private Code call(Say.Call c) {
        List<Say> a = c.arguments();
        boolean whole = c.type() == Type.WHOLE;
        return switch (c.function()) {
            case ADD ->
                c.type() == Type.TEXT
                        ? between(a, " + ", Grip.SUM)
                        : c.type() instanceof Type.ListOf(Type of)
                                ? Code.word("Values.Joined<" + world.types().of(of) + ">(" + all(a) + ")")
                                : whole ? whole(a, " + ", Grip.SUM) : finite(a, " + ", Grip.SUM);
            case SUBTRACT -> whole ? whole(a, " - ", Grip.SUM) : finite(a, " - ", Grip.SUM);
            case MULTIPLY -> whole ? whole(a, " * ", Grip.PRODUCT) : finite(a, " * ", Grip.PRODUCT);
            case DIVIDE -> whole ? whole(a, " / ", Grip.PRODUCT) : values("divided", a);
            case REST -> whole(a, " % ", Grip.PRODUCT);
            case NEGATE -> new Code("-" + operand(a.get(0), isConstant(a.get(0)), Grip.WORD), Grip.SIGN);
            case NOT -> new Code("!" + code(a.get(0)).in(Grip.WORD), Grip.SIGN);
            case EQUAL -> equal(a, true);
            case DIFFERENT -> equal(a, false);
            case LESS -> order(a, "<");
            case LESS_OR_EQUAL -> order(a, "<=");
            case GREATER -> order(a, ">");
            case GREATER_OR_EQUAL -> order(a, ">=");
            case IN -> {
                String of = world.types().of(((Type.ListOf) a.get(1).type()).of());
                yield Code.word("Values.Contains<" + of + ">(" + write(a.get(1)) + ", " + write(a.get(0)) + ")");
            }
            case INDEX -> values("item", a);
            case SIZE -> values("size", a);
            case SLICE -> values("slice", a);
            case SORT -> Code.word("Values.SortedBy(" + write(a.getFirst()) + ", each => each)");
            case REVERSE -> Code.word(code(a.getFirst()).in(Grip.WORD) + ".Reverse().ToList()");
            case DISTINCT -> Code.word(code(a.getFirst()).in(Grip.WORD) + ".Distinct().ToList()");
            case CONTAINS -> Code.word(code(a.get(0)).in(Grip.WORD) + ".Contains(" + write(a.get(1)) + ")");
            case STARTS_WITH -> ordinal(a, "StartsWith");
            case ENDS_WITH -> ordinal(a, "EndsWith");
            case TRIM -> values("trim", a);
            case JOIN -> Code.word("string.Join(" + write(a.get(1)) + ", " + write(a.get(0)) + ")");
            case YEAR -> values("year", a);
            case INT, WHOLE -> a.get(0).type() == Type.WHOLE ? code(a.get(0)) : values("whole", a);
            case DOUBLE, NUMBER ->
                switch (a.get(0).type()) {
                    case Type.Plain p when p == Type.Plain.TEXT -> values("toNumber", a);
                    case Type.Plain p when p == Type.Plain.NUMBER -> code(a.get(0));
                    default -> new Code("(double)" + code(a.get(0)).in(Grip.WORD), Grip.SIGN);
                };
            case STRING, SHOWN -> a.size() == 1 && a.get(0).type() == Type.TEXT ? code(a.get(0)) : values("shown", a);
            case BLANK -> values("isBlank", a);
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

    private Code values(String name, List<Say> a) {
        return Code.word("Values." + Spelling.upper(name) + "(" + all(a) + ")");
    }

    private Code ordinal(List<Say> a, String name) {
        return Code.word(
                code(a.get(0)).in(Grip.WORD) + "." + name + "(" + write(a.get(1)) + ", StringComparison.Ordinal)");
    }

    private Code between(List<Say> a, String sign, Grip grip) {
        return new Code(code(a.get(0)).in(grip) + sign + code(a.get(1)).in(Grip.values()[grip.ordinal() + 1]), grip);
    }

    /**
     * Wholes are checked by how the program is compiled. What the compiler could work out itself it would refuse where it
     * grows too large, which is a fault only when it comes to that; so one side is no literal for it.
     */
    private Code whole(List<Say> a, String sign, Grip grip) {
        boolean known = isConstant(a.get(0)) && isConstant(a.get(1));
        boolean divides = sign.equals(" / ") || sign.equals(" % ");
        return new Code(
                operand(a.get(0), known, grip)
                        + sign
                        + operand(a.get(1), divides && isConstant(a.get(1)), Grip.values()[grip.ordinal() + 1]),
                grip);
    }

    private String operand(Say say, boolean opaque, Grip grip) {
        return opaque && say.type() == Type.WHOLE
                ? "Values.Of<long>(" + write(say) + ")"
                : code(say).in(grip);
    }

    private static boolean isConstant(Say say) {
        return Says.within(say)
                .allMatch(s -> s instanceof Say.Literal || s instanceof Say.Call || s instanceof Say.Choice);
    }

    private Code finite(List<Say> a, String sign, Grip grip) {
        return Code.word("Values.Finite(" + between(a, sign, grip).text() + ")");
    }

    private Code equal(List<Say> a, boolean yes) {
        if (a.stream().allMatch(s -> s.type() instanceof Type.Plain || s.type() instanceof Type.ChoiceOf)) {
            return new Code(
                    code(a.get(0)).in(Grip.ORDER)
                            + (yes ? " == " : " != ")
                            + code(a.get(1)).in(Grip.ORDER),
                    Grip.EQUAL);
        }
        String equals = "Values.Equal(" + all(a) + ")";
        return yes ? Code.word(equals) : new Code("!" + equals, Grip.SIGN);
    }

    private Code order(List<Say> a, String sign) {
        Type type = a.get(0).type();
        if (type == Type.WHOLE || type == Type.NUMBER || type == Type.DATE) {
            return new Code(
                    code(a.get(0)).in(Grip.SUM) + " " + sign + " "
                            + code(a.get(1)).in(Grip.SUM),
                    Grip.ORDER);
        }
        String compared = type == Type.YESNO
                ? code(a.get(0)).in(Grip.WORD) + ".CompareTo(" + write(a.get(1)) + ")"
                : "string.CompareOrdinal(" + all(a) + ")";
        return new Code(compared + " " + sign + " 0", Grip.ORDER);
    }
}

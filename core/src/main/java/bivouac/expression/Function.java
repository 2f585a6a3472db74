package bivouac.expression;

import bivouac.design.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The functions and operators that expressions can call (V3), each with the types that it takes and gives. What they do
 * is in {@link Calls}. Those that work on any list are in {@link #ofLists}.
 */
public enum Function {
    ADD("_+_", Form.SIGN, numbers(), of(Type.TEXT, Type.TEXT, Type.TEXT)),
    SUBTRACT("_-_", Form.SIGN, numbers()),
    MULTIPLY("_*_", Form.SIGN, numbers()),
    DIVIDE("_/_", Form.SIGN, numbers()),
    REST("_%_", Form.SIGN, of(Type.WHOLE, Type.WHOLE, Type.WHOLE)),
    NEGATE("-_", Form.SIGN, of(Type.WHOLE, Type.WHOLE), of(Type.NUMBER, Type.NUMBER)),
    NOT("!_", Form.SIGN, of(Type.YESNO, Type.YESNO)),
    EQUAL("_==_", Form.SIGN),
    DIFFERENT("_!=_", Form.SIGN),
    LESS("_<_", Form.SIGN, ordered()),
    LESS_OR_EQUAL("_<=_", Form.SIGN, ordered()),
    GREATER("_>_", Form.SIGN, ordered()),
    GREATER_OR_EQUAL("_>=_", Form.SIGN, ordered()),
    IN("@in", Form.SIGN),
    INDEX("_[_]", Form.SIGN),
    SIZE("size", Form.EITHER, of(Type.WHOLE, Type.TEXT)),
    CONTAINS("contains", Form.OF_A_TEXT, of(Type.YESNO, Type.TEXT, Type.TEXT)),
    STARTS_WITH("startsWith", Form.OF_A_TEXT, of(Type.YESNO, Type.TEXT, Type.TEXT)),
    ENDS_WITH("endsWith", Form.OF_A_TEXT, of(Type.YESNO, Type.TEXT, Type.TEXT)),
    INDEX_OF("indexOf", Form.OF_A_TEXT, of(Type.WHOLE, Type.TEXT, Type.TEXT)),
    SUBSTRING(
            "substring",
            Form.OF_A_TEXT,
            of(Type.TEXT, Type.TEXT, Type.WHOLE),
            of(Type.TEXT, Type.TEXT, Type.WHOLE, Type.WHOLE)),
    REPLACE("replace", Form.OF_A_TEXT, of(Type.TEXT, Type.TEXT, Type.TEXT, Type.TEXT)),
    SPLIT("split", Form.OF_A_TEXT, of(new Type.ListOf(Type.TEXT), Type.TEXT, Type.TEXT)),
    JOIN("join", Form.OF_A_LIST, of(Type.TEXT, new Type.ListOf(Type.TEXT), Type.TEXT)),
    SLICE("slice", Form.OF_A_LIST),
    SORT("sort", Form.OF_A_LIST),
    REVERSE("reverse", Form.OF_A_LIST),
    DISTINCT("distinct", Form.OF_A_LIST),
    TRIM("trim", Form.OF_A_TEXT, of(Type.TEXT, Type.TEXT)),
    LOWER("lower", Form.OF_A_TEXT, of(Type.TEXT, Type.TEXT)),
    UPPER("upper", Form.OF_A_TEXT, of(Type.TEXT, Type.TEXT)),
    MATCHES("matches", Form.EITHER, of(Type.YESNO, Type.TEXT, Type.TEXT)),
    INT("int", Form.PLAIN, of(Type.WHOLE, Type.TEXT), of(Type.WHOLE, Type.WHOLE), of(Type.WHOLE, Type.NUMBER)),
    DOUBLE("double", Form.PLAIN, of(Type.NUMBER, Type.TEXT), of(Type.NUMBER, Type.WHOLE), of(Type.NUMBER, Type.NUMBER)),
    STRING(
            "string",
            Form.PLAIN,
            of(Type.TEXT, Type.WHOLE),
            of(Type.TEXT, Type.NUMBER),
            of(Type.TEXT, Type.TEXT),
            of(Type.TEXT, Type.YESNO)),
    BLANK("blank", Form.PLAIN, of(Type.YESNO, Type.TEXT)),
    IS_WHOLE("isWhole", Form.PLAIN, of(Type.YESNO, Type.TEXT)),
    IS_NUMBER("isNumber", Form.PLAIN, of(Type.YESNO, Type.TEXT)),
    IS_DATE("isDate", Form.PLAIN, of(Type.YESNO, Type.TEXT)),
    WHOLE("whole", Form.PLAIN, of(Type.WHOLE, Type.TEXT)),
    NUMBER("number", Form.PLAIN, of(Type.NUMBER, Type.TEXT)),
    DATE("date", Form.PLAIN, of(Type.DATE, Type.TEXT)),
    SHOWN("shown", Form.PLAIN, shown()),
    YEAR("year", Form.PLAIN, of(Type.WHOLE, Type.DATE)),
    DAYS("days", Form.PLAIN, of(Type.WHOLE, Type.DATE, Type.DATE)),
    FILE_NAME("fileName", Form.PLAIN, of(Type.TEXT, Type.TEXT)),
    FILE_EXTENSION("fileExtension", Form.PLAIN, of(Type.TEXT, Type.TEXT));

    /** How it is written. */
    public enum Form {
        /** As a sign between or before its arguments. */
        SIGN,
        /** {@code name(…)}. */
        PLAIN,
        /** {@code text.name(…)}. */
        OF_A_TEXT,
        /** {@code list.name(…)}. */
        OF_A_LIST,
        /** Either way. */
        EITHER
    }

    /** What it gives for arguments of some types. */
    record Signature(Type gives, List<Type> takes) {}

    private final String cel;
    private final Form form;
    private final List<Signature> signatures;

    @SafeVarargs
    Function(String cel, Form form, List<Signature>... signatures) {
        this.cel = cel;
        this.form = form;
        var all = new ArrayList<Signature>();
        for (List<Signature> some : signatures) {
            all.addAll(some);
        }
        this.signatures = List.copyOf(all);
    }

    private static List<Signature> of(Type gives, Type... takes) {
        return List.of(new Signature(gives, List.of(takes)));
    }

    /** V3: a whole is taken as a number where the two meet. */
    private static List<Signature> numbers() {
        return List.of(
                new Signature(Type.WHOLE, List.of(Type.WHOLE, Type.WHOLE)),
                new Signature(Type.NUMBER, List.of(Type.NUMBER, Type.NUMBER)),
                new Signature(Type.NUMBER, List.of(Type.WHOLE, Type.NUMBER)),
                new Signature(Type.NUMBER, List.of(Type.NUMBER, Type.WHOLE)));
    }

    private static List<Signature> ordered() {
        var all = new ArrayList<Signature>();
        numbers().forEach(s -> all.add(new Signature(Type.YESNO, s.takes())));
        for (Type type : List.of(Type.TEXT, Type.DATE, Type.YESNO)) {
            all.add(new Signature(Type.YESNO, List.of(type, type)));
        }
        return all;
    }

    private static List<Signature> shown() {
        var all = new ArrayList<Signature>();
        for (Type type : List.of(Type.NUMBER, Type.WHOLE, Type.TEXT, Type.YESNO, Type.DATE)) {
            all.add(new Signature(Type.TEXT, List.of(type)));
        }
        all.add(new Signature(Type.TEXT, List.of(Type.NUMBER, Type.WHOLE)));
        all.add(new Signature(Type.TEXT, List.of(Type.WHOLE, Type.WHOLE)));
        return all;
    }

    /** Its name in CEL: {@code _+_}, {@code contains}. */
    public String cel() {
        return cel;
    }

    public Form form() {
        return form;
    }

    /** The sign as people write it, for an operator; else the name. */
    public String written() {
        return form != Form.SIGN ? cel : this == IN ? "in" : cel.replace("_", "");
    }

    static Optional<Function> named(String cel) {
        for (Function function : values()) {
            if (function.cel.equals(cel)) {
                return Optional.of(function);
            }
        }
        return cel.equals("_in_") ? Optional.of(IN) : Optional.empty();
    }

    /** The type of what it gives for arguments of these types; empty if it takes no such ones. */
    Optional<Type> gives(List<Type> arguments) {
        Optional<Type> special = ofLists(arguments);
        return special.isPresent()
                ? special
                : signatures.stream()
                        .filter(s -> s.takes().equals(arguments))
                        .map(Signature::gives)
                        .findFirst();
    }

    /** What works on values of any type, or on lists of any. */
    private Optional<Type> ofLists(List<Type> arguments) {
        if (arguments.size() == 1) {
            return arguments.getFirst() instanceof Type.ListOf list ? ofList(list) : Optional.empty();
        }
        if (arguments.size() == 3) {
            boolean slices = this == SLICE
                    && arguments.getFirst() instanceof Type.ListOf
                    && arguments.subList(1, 3).equals(List.of(Type.WHOLE, Type.WHOLE));
            return slices ? Optional.of(arguments.getFirst()) : Optional.empty();
        }
        if (arguments.size() != 2) {
            return Optional.empty();
        }
        Type left = arguments.get(0);
        Type right = arguments.get(1);
        return switch (this) {
            case ADD -> left instanceof Type.ListOf ? Types.join(left, right) : Optional.empty();
            case JOIN ->
                Types.fits(left, new Type.ListOf(Type.TEXT)) && right.equals(Type.TEXT)
                        ? Optional.of(Type.TEXT)
                        : Optional.empty();
            case EQUAL, DIFFERENT -> Types.join(left, right).map(t -> Type.YESNO);
            case IN ->
                right instanceof Type.ListOf(Type of) ? Types.join(left, of).map(t -> Type.YESNO) : Optional.empty();
            case INDEX ->
                left instanceof Type.ListOf(Type of) && right.equals(Type.WHOLE) ? Optional.of(of) : Optional.empty();
            default -> Optional.empty();
        };
    }

    /** What one list gives by itself. */
    private Optional<Type> ofList(Type.ListOf list) {
        return switch (this) {
            case SIZE -> Optional.of(Type.WHOLE);
            case REVERSE, DISTINCT -> Optional.of(list);
            case SORT -> isOrdered(list.of()) ? Optional.of(list) : Optional.empty();
            default -> Optional.empty();
        };
    }

    /** Whether of two values of a type one comes first; of what an empty list holds there are no two. */
    static boolean isOrdered(Type type) {
        return type instanceof Type.Unknown || LESS.gives(List.of(type, type)).isPresent();
    }

    /** Whether a call with arguments of these types can fault, or make something that grows too large. */
    boolean mayFault(List<Type> arguments) {
        return switch (this) {
            case NOT,
                    EQUAL,
                    DIFFERENT,
                    LESS,
                    LESS_OR_EQUAL,
                    GREATER,
                    GREATER_OR_EQUAL,
                    IN,
                    SIZE,
                    CONTAINS,
                    STARTS_WITH,
                    ENDS_WITH,
                    STRING,
                    INDEX_OF,
                    TRIM,
                    BLANK,
                    IS_WHOLE,
                    IS_NUMBER,
                    IS_DATE,
                    SHOWN,
                    YEAR,
                    DAYS,
                    FILE_NAME,
                    FILE_EXTENSION -> false;
            case ADD,
                    SUBTRACT,
                    MULTIPLY,
                    DIVIDE,
                    REST,
                    NEGATE,
                    INDEX,
                    MATCHES,
                    INT,
                    DOUBLE,
                    WHOLE,
                    NUMBER,
                    DATE,
                    SUBSTRING,
                    REPLACE,
                    SPLIT,
                    JOIN,
                    SLICE,
                    SORT,
                    REVERSE,
                    DISTINCT,
                    LOWER,
                    UPPER -> true;
        };
    }
}

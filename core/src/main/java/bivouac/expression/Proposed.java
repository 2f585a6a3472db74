package bivouac.expression;

import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Expressions that are proposed to a person, where the type that is wanted says what they are (V3). */
public final class Proposed {

    private static final Pattern NAME = Pattern.compile("[A-Za-z_][A-Za-z0-9_.]*");
    private static final Pattern NUMBER_IN_QUOTES = Pattern.compile("[\"'](-?\\d{1,15}(?:\\.\\d+)?)[\"']");

    private Proposed() {}

    /** An expression of one type as one of another; a text that may be no number becomes the empty value then. */
    public static Optional<String> converted(String source, Type from, Type to) {
        Type found = Types.plain(from);
        Type wanted = Types.plain(to);
        String written = source.strip();
        if (wanted == Type.TEXT) {
            return Optional.of("shown(" + written + ")")
                    .filter(s -> Function.SHOWN.gives(List.of(found)).isPresent());
        }
        if (wanted == Type.YESNO) {
            return asked(written, found);
        }
        if (wanted == Type.WHOLE && found == Type.NUMBER) {
            return Optional.of("int(" + written + ")");
        }
        if ((wanted == Type.WHOLE || wanted == Type.NUMBER) && found == Type.YESNO) {
            return Optional.of(bracketed(written) + " ? 1 : 0");
        }
        return found == Type.TEXT ? ofText(written, wanted) : Optional.empty();
    }

    private static Optional<String> asked(String source, Type found) {
        if (found == Type.TEXT) {
            return Optional.of("!blank(" + source + ")");
        }
        if (found == Type.WHOLE || found == Type.NUMBER) {
            return Optional.of(bracketed(source) + " > 0");
        }
        return found instanceof Type.ListOf ? Optional.of("size(" + source + ") > 0") : Optional.empty();
    }

    private static Optional<String> ofText(String source, Type wanted) {
        var quoted = NUMBER_IN_QUOTES.matcher(source);
        boolean isNumber = quoted.matches();
        if (isNumber && (wanted == Type.NUMBER || wanted == Type.WHOLE && !source.contains("."))) {
            return Optional.of(quoted.group(1));
        }
        return wanted == Type.WHOLE
                ? Optional.of("isWhole(" + source + ") ? whole(" + source + ") : 0")
                : wanted == Type.NUMBER
                        ? Optional.of("isNumber(" + source + ") ? number(" + source + ") : 0.0")
                        : Optional.empty();
    }

    /** An expression that is evaluated only where a condition holds, and else is the empty value of its type. */
    public static Optional<String> guarded(String condition, String source, Type type) {
        return empty(type).map(none -> condition + " ? " + source.strip() + " : " + none);
    }

    /** A condition that asks another one first. */
    public static String asking(String first, String condition) {
        return first + " && " + bracketed(condition.strip());
    }

    /** The empty value of a type as it is written; none for dates and windows, which have none. */
    public static Optional<String> empty(Type type) {
        return switch (Types.plain(type)) {
            case Type.Plain plain ->
                switch (plain) {
                    case WHOLE -> Optional.of("0");
                    case NUMBER -> Optional.of("0.0");
                    case YESNO -> Optional.of("false");
                    case TEXT, FILE, FONT, COLOUR -> Optional.of("\"\"");
                    case DATE -> Optional.empty();
                };
            case Type.ListOf list -> Optional.of("[]");
            case Type.ChoiceOf c -> Optional.of("\"\"");
            case Type.RowOf row -> Optional.empty();
            case Type.WindowOf w -> Optional.empty();
            case Type.Unknown u -> Optional.empty();
        };
    }

    private static String bracketed(String source) {
        return NAME.matcher(source).matches() ? source : "(" + source + ")";
    }
}

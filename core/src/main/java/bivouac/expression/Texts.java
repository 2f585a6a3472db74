package bivouac.expression;

import bivouac.design.Type;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.ResolverStyle;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.regex.Pattern;

/** Conversions between text and values, as rule V3 has them: what {@code isX} says yes to is what {@code x} accepts. */
public final class Texts {

    private static final Pattern WHOLE = Pattern.compile("[+-]?[0-9]+");
    private static final Pattern NUMBER = Pattern.compile("[+-]?([0-9]+(\\.[0-9]*)?|\\.[0-9]+)");
    private static final DateTimeFormatter ISO =
            DateTimeFormatter.ofPattern("uuuu-MM-dd", Locale.ROOT).withResolverStyle(ResolverStyle.STRICT);

    /** The most characters of a text, in files and while a design is rehearsed, in UTF-16 units. */
    public static final int LONGEST = bivouac.design.Limits.LONGEST_TEXT;

    private Texts() {}

    /** {@link TooMuchWork} for a text that grows longer than a text may be. */
    static void checkLength(long length) {
        if (length > LONGEST) {
            throw new TooMuchWork("the text grows longer than a million characters");
        }
    }

    /** The value of a type that a text is, if it is one (V3); any text is a text. */
    public static Optional<Value> as(Type type, String text) {
        if (type == Type.WHOLE) {
            OptionalLong whole = whole(text);
            return whole.isPresent() ? Optional.of(new Value.Whole(whole.getAsLong())) : Optional.empty();
        }
        if (type == Type.NUMBER) {
            OptionalDouble number = number(text);
            return number.isPresent() ? Optional.of(new Value.Number(number.getAsDouble())) : Optional.empty();
        }
        if (type == Type.DATE) {
            return date(text).map(Value.Date::new);
        }
        if (type == Type.YESNO) {
            return switch (text.strip()) {
                case "yes" -> Optional.of(Value.YES);
                case "no" -> Optional.of(Value.NO);
                default -> Optional.empty();
            };
        }
        return Optional.of(Value.of(text));
    }

    /** Whether there is nothing in it but white space. */
    public static boolean isBlank(String text) {
        return text.isBlank();
    }

    public static OptionalLong whole(String text) {
        String trimmed = text.strip();
        if (!WHOLE.matcher(trimmed).matches()) {
            return OptionalLong.empty();
        }
        try {
            return OptionalLong.of(Long.parseLong(trimmed));
        } catch (NumberFormatException tooLong) {
            return OptionalLong.empty();
        }
    }

    public static OptionalDouble number(String text) {
        String trimmed = text.strip();
        if (!NUMBER.matcher(trimmed).matches()) {
            return OptionalDouble.empty();
        }
        double value = Double.parseDouble(trimmed);
        return Double.isInfinite(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    public static Optional<LocalDate> date(String text) {
        try {
            return Optional.of(LocalDate.parse(text.strip(), ISO));
        } catch (DateTimeException noDate) {
            return Optional.empty();
        }
    }

    /** A number with a point, without exponent or trailing zeros. */
    public static String shown(double value) {
        BigDecimal plain = Value.decimal(value).stripTrailingZeros();
        return plain.signum() == 0 ? "0" : plain.toPlainString();
    }

    /** A number rounded half up to a number of decimals, 0 to 15; trailing zeros are left out. */
    public static String shown(double value, long decimals) {
        BigDecimal rounded = Value.decimal(value)
                .setScale(Math.clamp(decimals, 0, 15), RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }

    /** What follows the last separator of a path. */
    public static String fileName(String path) {
        return path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
    }

    /** What follows the last dot of the file's name, in lower case; empty without one. */
    public static String fileExtension(String path) {
        String name = fileName(path);
        int dot = name.lastIndexOf('.');
        return dot < 0 ? "" : name.substring(dot + 1).toLowerCase(Locale.ROOT);
    }
}

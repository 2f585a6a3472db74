package desk;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Values as scripts and texts use them (V1, V3). What is no value is fault X3. */
public final class Values {

    private static final Pattern WHOLE = Pattern.compile("[+-]?[0-9]+");
    private static final Pattern NUMBER = Pattern.compile("[+-]?([0-9]+(\\.[0-9]*)?|\\.[0-9]+)");

    private Values() {}

    private static Fault no(String text, String wanted) {
        return new Fault("X3", "“" + text + "” is not " + wanted);
    }

    // As texts show them

    public static String shown(String text) {
        return text;
    }

    public static String shown(boolean yes) {
        return yes ? "yes" : "no";
    }

    public static String shown(long whole) {
        return Long.toString(whole);
    }

    public static String shown(LocalDate date) {
        return date.toString();
    }

    /** Without exponent, and without zeros at the end. */
    public static String shown(double number) {
        String plain = new java.math.BigDecimal(Double.toString(number)).toPlainString();
        return plain.contains(".") ? plain.replaceAll("0+$", "").replaceAll("\\.$", "") : plain;
    }

    /** Rounded half up to a number of decimals, 0 to 15; zeros at the end are left out. */
    public static String shown(double number, long decimals) {
        return new java.math.BigDecimal(Double.toString(number))
                .setScale(Math.clamp(decimals, 0, 15), java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** Any value. */
    public static String shown(Object value) {
        return switch (value) {
            case null -> "";
            case Boolean yes -> shown(yes.booleanValue());
            case Double number -> shown(number.doubleValue());
            case List<?> all -> all.stream().map(Values::shown).collect(Collectors.joining(", "));
            case Row row -> row.values().stream().map(Values::shown).collect(Collectors.joining(", "));
            default -> value.toString();
        };
    }

    static String all(List<Object> values) {
        return values.stream().map(Values::shown).collect(Collectors.joining(", "));
    }

    // Conversions

    public static boolean blank(String text) {
        return text.isBlank();
    }

    private static Optional<Long> asWhole(String text) {
        try {
            return WHOLE.matcher(text.strip()).matches() ? Optional.of(Long.valueOf(text.strip())) : Optional.empty();
        } catch (NumberFormatException tooLarge) {
            return Optional.empty();
        }
    }

    private static Optional<Double> asNumber(String text) {
        return NUMBER.matcher(text.strip()).matches()
                ? Optional.of(Double.valueOf(text.strip())).filter(Double::isFinite)
                : Optional.empty();
    }

    private static Optional<LocalDate> asDate(String text) {
        try {
            return text.strip().matches("[0-9]{4}-[0-9]{2}-[0-9]{2}")
                    ? Optional.of(LocalDate.parse(text.strip()))
                    : Optional.empty();
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    public static boolean isWhole(String text) {
        return asWhole(text).isPresent();
    }

    public static boolean isNumber(String text) {
        return asNumber(text).isPresent();
    }

    public static boolean isDate(String text) {
        return asDate(text).isPresent();
    }

    public static long whole(String text) {
        return asWhole(text).orElseThrow(() -> no(text, "a whole number"));
    }

    public static long whole(double number) {
        if (Math.abs(number) >= 9.2e18) {
            throw no(shown(number), "a whole number");
        }
        return (long) number;
    }

    public static double number(String text) {
        return asNumber(text).orElseThrow(() -> no(text, "a number"));
    }

    public static LocalDate date(String text) {
        return asDate(text).orElseThrow(() -> no(text, "a date"));
    }

    /** A number that is one. */
    public static double finite(double number) {
        if (!Double.isFinite(number)) {
            throw new Fault("X3", "the number grows too large");
        }
        return number;
    }

    public static double divided(double by, double through) {
        if (through == 0) {
            throw new Fault("X3", "division by zero");
        }
        return finite(by / through);
    }

    // Conditions of which the one that decides wins, even where the other faults

    public static boolean both(BooleanSupplier left, BooleanSupplier right) {
        return decided(false, left, right);
    }

    public static boolean either(BooleanSupplier left, BooleanSupplier right) {
        return decided(true, left, right);
    }

    private static boolean decided(boolean on, BooleanSupplier left, BooleanSupplier right) {
        boolean first;
        try {
            first = left.getAsBoolean();
        } catch (RuntimeException fault) {
            if (right.getAsBoolean() == on) {
                return on;
            }
            throw fault;
        }
        return first == on ? on : right.getAsBoolean();
    }

    // Texts and lists; places are counted in characters

    public static long size(String text) {
        return text.codePointCount(0, text.length());
    }

    public static long size(List<?> items) {
        return items.size();
    }

    public static long indexOf(String text, String part) {
        int at = text.indexOf(part);
        return at < 0 ? -1 : text.codePointCount(0, at);
    }

    public static String substring(String text, long from) {
        return substring(text, from, size(text));
    }

    public static String substring(String text, long from, long to) {
        if (from < 0 || to < from || to > size(text)) {
            throw new Fault("X3", "there is no part from " + from + " to " + to + " in a text of " + size(text));
        }
        return text.substring(text.offsetByCodePoints(0, (int) from), text.offsetByCodePoints(0, (int) to));
    }

    public static String replace(String text, String old, String by) {
        return old.isEmpty() ? text : text.replace(old, by);
    }

    public static List<String> split(String text, String separator) {
        if (separator.isEmpty()) {
            return text.codePoints().mapToObj(Character::toString).toList();
        }
        return List.of(text.split(Pattern.quote(separator), -1));
    }

    public static String lower(String text) {
        return text.toLowerCase(Locale.ROOT);
    }

    public static String upper(String text) {
        return text.toUpperCase(Locale.ROOT);
    }

    public static boolean matches(String text, String pattern) {
        return Pattern.compile(pattern).matcher(text).find();
    }

    public static <T> T item(List<T> items, long at) {
        if (at < 0 || at >= items.size()) {
            throw new Fault("X3", "there is no item " + at + " in a list of " + items.size());
        }
        return items.get((int) at);
    }

    /** A part of a list, from a place to before another one, counted from 0. */
    public static <T> List<T> slice(List<T> items, long from, long to) {
        if (from < 0 || to < from || to > items.size()) {
            throw new Fault("X3", "there is no part from " + from + " to " + to + " in a list of " + items.size());
        }
        return List.copyOf(items.subList((int) from, (int) to));
    }

    /** The least first; those that are the same stay as they stand. */
    public static <T, K extends Comparable<? super K>> List<T> sortedBy(List<T> items, Function<T, K> by) {
        return items.stream().sorted(Comparator.comparing(by)).toList();
    }

    public static <T> List<T> joined(List<? extends T> first, List<? extends T> second) {
        List<T> both = new ArrayList<>(first);
        both.addAll(second);
        return List.copyOf(both);
    }

    public static String fileName(String path) {
        return path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
    }

    public static String fileExtension(String path) {
        String name = fileName(path);
        int dot = name.lastIndexOf('.');
        return dot < 0 ? "" : lower(name.substring(dot + 1));
    }

    public static long year(LocalDate date) {
        return date.getYear();
    }

    public static long days(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to);
    }

    /** A text that is no longer than a field holds (P4). */
    public static String cut(String text, int longest) {
        return size(text) <= longest ? text : text.substring(0, text.offsetByCodePoints(0, longest));
    }
}

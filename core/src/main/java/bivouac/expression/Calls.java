package bivouac.expression;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** What calling a function does, by its name and the values it is called with. The checker has seen to their types. */
final class Calls {

    private Calls() {}

    static Value one(Function function, Value v, Budget budget) {
        if (v instanceof Value.Text(String t)) {
            budget.spendOn(t);
        }
        return switch (function) {
            case NOT -> Value.of(!yes(v));
            case NEGATE ->
                v instanceof Value.Whole(long w) ? exact(() -> Math.negateExact(w)) : new Value.Number(-number(v));
            case BLANK -> Value.of(Texts.isBlank(text(v)));
            case IS_WHOLE -> Value.of(Texts.whole(text(v)).isPresent());
            case IS_NUMBER -> Value.of(Texts.number(text(v)).isPresent());
            case IS_DATE -> Value.of(Texts.date(text(v)).isPresent());
            case WHOLE, INT -> toWhole(v);
            case NUMBER, DOUBLE -> toNumber(v);
            case DATE -> new Value.Date(Texts.date(text(v)).orElseThrow(() -> no(v, "a date written as 2026-01-31")));
            case SHOWN, STRING -> Value.of(v.shown());
            case YEAR -> new Value.Whole(date(v).getYear());
            case FILE_NAME -> Value.of(Texts.fileName(text(v)));
            case FILE_EXTENSION -> Value.of(Texts.fileExtension(text(v)));
            case SIZE -> new Value.Whole(size(v));
            case SORT -> sorted(items(v), items(v), budget);
            case REVERSE -> list(items(v).reversed(), budget);
            case DISTINCT -> distinct(items(v), budget);
            case TRIM -> Value.of(text(v).strip());
            case LOWER -> made(text(v).toLowerCase(Locale.ROOT), budget);
            case UPPER -> made(text(v).toUpperCase(Locale.ROOT), budget);
            default -> throw new IllegalStateException(function + " takes more than one value");
        };
    }

    static Value two(Function function, Value a, Value b, Budget budget) {
        return switch (function) {
            case EQUAL -> Value.of(same(a, b, budget));
            case DIFFERENT -> Value.of(!same(a, b, budget));
            case LESS -> Value.of(compare(a, b, budget) < 0);
            case LESS_OR_EQUAL -> Value.of(compare(a, b, budget) <= 0);
            case GREATER -> Value.of(compare(a, b, budget) > 0);
            case GREATER_OR_EQUAL -> Value.of(compare(a, b, budget) >= 0);
            case ADD -> plus(a, b, budget);
            case SUBTRACT, MULTIPLY, DIVIDE, REST -> calculate(function, a, b);
            case IN -> in(a, items(b), budget);
            case INDEX -> index(items(a), whole(b));
            case CONTAINS -> Value.of(looked(a, budget).contains(looked(b, budget)));
            case STARTS_WITH -> Value.of(text(a).startsWith(text(b)));
            case ENDS_WITH -> Value.of(text(a).endsWith(text(b)));
            case MATCHES -> Value.of(Patterns.found(text(a), text(b), budget));
            case SHOWN -> Value.of(Texts.shown(number(a), whole(b)));
            case INDEX_OF -> new Value.Whole(TextParts.indexOf(looked(a, budget), looked(b, budget)));
            case SUBSTRING -> made(TextParts.substring(looked(a, budget), whole(b)), budget);
            case SPLIT -> TextParts.split(looked(a, budget), looked(b, budget), budget);
            case JOIN -> TextParts.join(items(a), text(b), budget);
            case DAYS -> new Value.Whole(ChronoUnit.DAYS.between(date(a), date(b)));
            default -> throw new IllegalStateException(function + " takes one value");
        };
    }

    static Value three(Function function, Value a, Value b, Value c, Budget budget) {
        return switch (function) {
            case SUBSTRING -> made(TextParts.substring(looked(a, budget), whole(b), whole(c)), budget);
            case SLICE -> slice(items(a), whole(b), whole(c), budget);
            case REPLACE -> made(TextParts.replace(looked(a, budget), looked(b, budget), text(c)), budget);
            default -> throw new IllegalStateException(function + " does not take three values");
        };
    }

    /** A text that was made; {@link TooMuchWork} if it is longer than a text may be. */
    private static Value made(String text, Budget budget) {
        Texts.checkLength(text.length());
        budget.spendOn(text);
        return Value.of(text);
    }

    private static String looked(Value v, Budget budget) {
        String text = text(v);
        budget.spendOn(text);
        return text;
    }

    private static Value in(Value a, List<Value> items, Budget budget) {
        for (Value item : items) {
            budget.spend(1);
            if (same(a, item, budget)) {
                return Value.YES;
            }
        }
        return Value.NO;
    }

    private static Value plus(Value a, Value b, Budget budget) {
        if (a instanceof Value.Text(String x) && b instanceof Value.Text(String y)) {
            Texts.checkLength((long) x.length() + y.length());
            budget.spendOn(x);
            budget.spendOn(y);
            return Value.of(x + y);
        }
        if (a instanceof Value.Items(List<Value> x) && b instanceof Value.Items(List<Value> y)) {
            budget.spend((long) x.size() + y.size());
            var all = new ArrayList<Value>(x.size() + y.size());
            all.addAll(x);
            all.addAll(y);
            return list(all, budget);
        }
        return calculate(Function.ADD, a, b);
    }

    /** A list that was made; {@link TooMuchWork} if it holds more than a value may. */
    static Value list(List<Value> values, Budget budget) {
        budget.spend(values.size());
        var list = new Value.Items(values);
        if (list.weight() > Budget.OF_AN_EVENT) {
            throw new TooMuchWork("the list grows larger than " + Budget.OF_AN_EVENT + " values");
        }
        return list;
    }

    private static Value slice(List<Value> items, long from, long to, Budget budget) {
        if (from < 0 || to < from || to > items.size()) {
            throw new EvaluationFault("there is no part from " + from + " to " + to + " in a list of " + items.size());
        }
        return list(items.subList((int) from, (int) to), budget);
    }

    /** Each value once, where it stands first. */
    private static Value distinct(List<Value> items, Budget budget) {
        var once = new ArrayList<Value>();
        for (Value item : items) {
            if (in(item, once, budget) == Value.NO) {
                once.add(item);
            }
        }
        return list(once, budget);
    }

    /** The items by their keys, the least first; those whose keys are the same stay as they stand. */
    static Value sorted(List<Value> items, List<Value> keys, Budget budget) {
        int n = items.size();
        budget.spend((long) n * (Long.SIZE - Long.numberOfLeadingZeros(n)));
        List<Value> sorted = IntStream.range(0, n)
                .boxed()
                .sorted((a, b) -> compare(keys.get(a), keys.get(b), budget))
                .map(items::get)
                .toList();
        return list(sorted, budget);
    }

    private static Value calculate(Function function, Value a, Value b) {
        if (a instanceof Value.Whole(long x) && b instanceof Value.Whole(long y)) {
            if (y == 0 && (function == Function.DIVIDE || function == Function.REST)) {
                throw new EvaluationFault("division by zero");
            }
            return exact(() -> switch (function) {
                case ADD -> Math.addExact(x, y);
                case SUBTRACT -> Math.subtractExact(x, y);
                case MULTIPLY -> Math.multiplyExact(x, y);
                case DIVIDE -> Math.divideExact(x, y);
                default -> x % y;
            });
        }
        double x = number(a);
        double y = number(b);
        if (y == 0 && function == Function.DIVIDE) {
            throw new EvaluationFault("division by zero");
        }
        return finite(
                switch (function) {
                    case ADD -> x + y;
                    case SUBTRACT -> x - y;
                    case MULTIPLY -> x * y;
                    default -> x / y;
                });
    }

    private static Value finite(double result) {
        if (!Double.isFinite(result)) {
            throw new EvaluationFault("the number grows too large");
        }
        return new Value.Number(result);
    }

    private static Value exact(java.util.function.LongSupplier calculation) {
        try {
            return new Value.Whole(calculation.getAsLong());
        } catch (ArithmeticException overflow) {
            throw new EvaluationFault("the whole number grows too large");
        }
    }

    private static Value toWhole(Value v) {
        return switch (v) {
            case Value.Whole w -> w;
            case Value.Number(double d) when Math.abs(d) < 9.2e18 -> new Value.Whole((long) d);
            case Value.Text(String t) -> new Value.Whole(Texts.whole(t).orElseThrow(() -> no(v, "a whole number")));
            default -> throw no(v, "a whole number");
        };
    }

    private static Value toNumber(Value v) {
        return v instanceof Value.Text(String t)
                ? new Value.Number(Texts.number(t).orElseThrow(() -> no(v, "a number")))
                : new Value.Number(number(v));
    }

    private static Value index(List<Value> items, long at) {
        if (at < 0 || at >= items.size()) {
            throw new EvaluationFault("there is no item " + at + " in a list of " + items.size());
        }
        return items.get((int) at);
    }

    private static long size(Value v) {
        return v instanceof Value.Text(String t) ? t.codePointCount(0, t.length()) : items(v).size();
    }

    private static boolean same(Value a, Value b, Budget budget) {
        budget.spend(Math.min(a.weight(), b.weight()));
        return same(a, b);
    }

    /** Whether two values are worth the same; a whole and a number can be (V3), in lists and rows too. */
    private static boolean same(Value a, Value b) {
        return switch (a) {
            case Value.Whole w when b instanceof Value.Number -> compareNumbers(a, b) == 0;
            case Value.Number n when b instanceof Value.Whole -> compareNumbers(a, b) == 0;
            case Value.Items(List<Value> x)
            when b instanceof Value.Items(List<Value> y) -> a.equals(b) || x.size() == y.size() && allSame(x, y);
            case Value.Row x when b instanceof Value.Row y -> a.equals(b) || sameColumns(x, y);
            default -> a.equals(b);
        };
    }

    private static boolean allSame(List<Value> x, List<Value> y) {
        for (int i = 0; i < x.size(); i++) {
            if (!same(x.get(i), y.get(i))) {
                return false;
            }
        }
        return true;
    }

    private static boolean sameColumns(Value.Row x, Value.Row y) {
        var other = y.columns();
        return x.columns().size() == other.size()
                && x.columns().entrySet().stream()
                        .allMatch(c -> other.containsKey(c.getKey()) && same(c.getValue(), other.get(c.getKey())));
    }

    private static int compare(Value a, Value b, Budget budget) {
        if (a instanceof Value.Text(String x) && b instanceof Value.Text(String y)) {
            budget.spend(Math.min(x.length(), y.length()) / Budget.CHARACTERS);
        }
        return compare(a, b);
    }

    /** Orders two values of a kind; a whole and a number by what they are worth. */
    static int compare(Value a, Value b) {
        if (a instanceof Value.Text(String x) && b instanceof Value.Text(String y)) {
            return x.compareTo(y);
        }
        if (a instanceof Value.Date(var x) && b instanceof Value.Date(var y)) {
            return x.compareTo(y);
        }
        if (a instanceof Value.YesNo(boolean x) && b instanceof Value.YesNo(boolean y)) {
            return Boolean.compare(x, y);
        }
        return compareNumbers(a, b);
    }

    private static int compareNumbers(Value a, Value b) {
        return a instanceof Value.Whole(long x) && b instanceof Value.Whole(long y)
                ? Long.compare(x, y)
                : exactly(a).compareTo(exactly(b));
    }

    private static java.math.BigDecimal exactly(Value v) {
        return v instanceof Value.Whole(long w) ? java.math.BigDecimal.valueOf(w) : new java.math.BigDecimal(number(v));
    }

    static boolean yes(Value v) {
        return v instanceof Value.YesNo(boolean b) ? b : fail(v, "a yes or no");
    }

    private static String text(Value v) {
        return v instanceof Value.Text(String t) ? t : fail(v, "a text");
    }

    private static double number(Value v) {
        return switch (v) {
            case Value.Number(double d) -> d;
            case Value.Whole(long w) -> w;
            default -> fail(v, "a number");
        };
    }

    private static long whole(Value v) {
        return v instanceof Value.Whole(long w) ? w : fail(v, "a whole number");
    }

    private static java.time.LocalDate date(Value v) {
        return v instanceof Value.Date(var d) ? d : fail(v, "a date");
    }

    static List<Value> items(Value v) {
        return v instanceof Value.Items(List<Value> i) ? i : fail(v, "a list");
    }

    static Value noRow() {
        throw new EvaluationFault("this is no row");
    }

    private static <T> T fail(Value v, String wanted) {
        throw no(v, wanted);
    }

    private static EvaluationFault no(Value v, String wanted) {
        return new EvaluationFault("“" + v.shown() + "” is not " + wanted);
    }
}

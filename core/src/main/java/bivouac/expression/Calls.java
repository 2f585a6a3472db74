package bivouac.expression;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/** What calling a function does, by its name and the values it is called with. The checker has seen to their types. */
final class Calls {

    private Calls() {}

    static Value call(String function, List<Value> with) {
        return switch (with.size()) {
            case 1 -> one(function, with.get(0));
            case 2 -> two(function, with.get(0), with.get(1));
            default -> throw new EvaluationFault("“" + function + "” cannot be called with " + with.size() + " values");
        };
    }

    private static Value one(String function, Value v) {
        return switch (function) {
            case "!_" -> Value.of(!yes(v));
            case "-_" ->
                v instanceof Value.Whole(long w) ? exact(() -> Math.negateExact(w)) : new Value.Number(-number(v));
            case "blank" -> Value.of(Texts.isBlank(text(v)));
            case "isWhole" -> Value.of(Texts.whole(text(v)).isPresent());
            case "isNumber" -> Value.of(Texts.number(text(v)).isPresent());
            case "isDate" -> Value.of(Texts.date(text(v)).isPresent());
            case "whole", "int" -> toWhole(v);
            case "number", "double" -> toNumber(v);
            case "date" -> new Value.Date(Texts.date(text(v)).orElseThrow(() -> no(v, "a date written as 2026-01-31")));
            case "shown", "string" -> Value.of(v.shown());
            case "year" -> new Value.Whole(date(v).getYear());
            case "fileName" -> Value.of(Texts.fileName(text(v)));
            case "fileExtension" -> Value.of(Texts.fileExtension(text(v)));
            case "isOpen", "@not_strictly_false", "__not_strictly_false__" -> v;
            case "size" -> new Value.Whole(size(v));
            default -> throw new EvaluationFault("“" + function + "” is no function here");
        };
    }

    private static Value two(String function, Value a, Value b) {
        return switch (function) {
            case "_==_" -> Value.of(same(a, b));
            case "_!=_" -> Value.of(!same(a, b));
            case "_<_" -> Value.of(compare(a, b) < 0);
            case "_<=_" -> Value.of(compare(a, b) <= 0);
            case "_>_" -> Value.of(compare(a, b) > 0);
            case "_>=_" -> Value.of(compare(a, b) >= 0);
            case "_+_" -> plus(a, b);
            case "_-_", "_*_", "_/_", "_%_" -> calculate(function, a, b);
            case "@in", "_in_" -> Value.of(items(b).stream().anyMatch(i -> same(a, i)));
            case "_[_]" -> index(a, b);
            case "contains" -> Value.of(text(a).contains(text(b)));
            case "startsWith" -> Value.of(text(a).startsWith(text(b)));
            case "endsWith" -> Value.of(text(a).endsWith(text(b)));
            case "matches" -> matches(text(a), text(b));
            case "shown" -> Value.of(Texts.shown(number(a), whole(b)));
            case "days" -> new Value.Whole(ChronoUnit.DAYS.between(date(a), date(b)));
            default -> throw new EvaluationFault("“" + function + "” is no function here");
        };
    }

    private static Value plus(Value a, Value b) {
        if (a instanceof Value.Text(String x) && b instanceof Value.Text(String y)) {
            if (x.length() + (long) y.length() > 1_000_000) {
                throw new EvaluationFault("the text grows longer than a million characters");
            }
            return Value.of(x + y);
        }
        if (a instanceof Value.Items(List<Value> x) && b instanceof Value.Items(List<Value> y)) {
            var all = new ArrayList<>(x);
            all.addAll(y);
            return new Value.Items(all);
        }
        return calculate("_+_", a, b);
    }

    private static Value calculate(String operator, Value a, Value b) {
        if (a instanceof Value.Whole(long x) && b instanceof Value.Whole(long y)) {
            if (y == 0 && (operator.equals("_/_") || operator.equals("_%_"))) {
                throw new EvaluationFault("division by zero");
            }
            return exact(() -> switch (operator) {
                case "_+_" -> Math.addExact(x, y);
                case "_-_" -> Math.subtractExact(x, y);
                case "_*_" -> Math.multiplyExact(x, y);
                case "_/_" -> Math.divideExact(x, y);
                default -> x % y;
            });
        }
        double x = number(a);
        double y = number(b);
        if (y == 0 && operator.equals("_/_")) {
            throw new EvaluationFault("division by zero");
        }
        double result =
                switch (operator) {
                    case "_+_" -> x + y;
                    case "_-_" -> x - y;
                    case "_*_" -> x * y;
                    default -> x / y;
                };
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

    private static Value index(Value list, Value at) {
        if (list instanceof Value.Row(var columns)) {
            Value found = columns.get(text(at));
            if (found == null) {
                throw new EvaluationFault("the row has no column " + at.shown());
            }
            return found;
        }
        List<Value> items = items(list);
        long i = whole(at);
        if (i < 0 || i >= items.size()) {
            throw new EvaluationFault("there is no item " + i + " in a list of " + items.size());
        }
        return items.get((int) i);
    }

    private static Value matches(String text, String pattern) {
        try {
            return Value.of(
                    com.google.re2j.Pattern.compile(pattern).matcher(text).find());
        } catch (com.google.re2j.PatternSyntaxException wrong) {
            throw new EvaluationFault("“" + pattern + "” is no pattern: " + wrong.getDescription());
        }
    }

    private static long size(Value v) {
        return v instanceof Value.Text(String t) ? t.codePointCount(0, t.length()) : items(v).size();
    }

    private static boolean same(Value a, Value b) {
        boolean numeric = (a instanceof Value.Whole || a instanceof Value.Number)
                && (b instanceof Value.Whole || b instanceof Value.Number);
        return numeric ? compare(a, b) == 0 : a.equals(b);
    }

    /** Orders two values of a kind; a whole and a number by what they are worth. */
    static int compare(Value a, Value b) {
        if (a instanceof Value.Whole(long x) && b instanceof Value.Whole(long y)) {
            return Long.compare(x, y);
        }
        if (a instanceof Value.Text(String x) && b instanceof Value.Text(String y)) {
            return x.compareTo(y);
        }
        if (a instanceof Value.Date(var x) && b instanceof Value.Date(var y)) {
            return x.compareTo(y);
        }
        if (a instanceof Value.YesNo(boolean x) && b instanceof Value.YesNo(boolean y)) {
            return Boolean.compare(x, y);
        }
        return exactly(a).compareTo(exactly(b));
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

    private static <T> T fail(Value v, String wanted) {
        throw no(v, wanted);
    }

    private static EvaluationFault no(Value v, String wanted) {
        return new EvaluationFault("“" + v.shown() + "” is not " + wanted);
    }
}

package bivouac.expression;

import bivouac.design.Limits;
import com.google.re2j.Pattern;
import com.google.re2j.PatternSyntaxException;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Patterns of {@code matches}, as RE2 has them: looking for one takes time in proportion to text and pattern, never more.
 * A pattern's own size is bounded before it is compiled, with its counts multiplied out: {@code ((a{9}){9}){9}} is 729.
 */
final class Patterns {

    private static final int KEPT = 1_000;
    private static final ConcurrentHashMap<String, Sized> COMPILED = new ConcurrentHashMap<>();

    private record Sized(Pattern pattern, long size) {}

    private Patterns() {}

    /** Why a text is no pattern; empty if it is one. */
    static Optional<String> wrong(String pattern) {
        try {
            compiled(pattern);
            return Optional.empty();
        } catch (EvaluationFault fault) {
            return Optional.of(fault.getMessage());
        }
    }

    /** Whether a pattern is found in a text; {@link EvaluationFault} if it is none. */
    static boolean found(String text, String pattern, Budget budget) {
        Sized compiled = compiled(pattern);
        budget.spend(compiled.size() + text.length() * compiled.size() / 4);
        return compiled.pattern().matcher(text).find();
    }

    private static Sized compiled(String pattern) {
        Sized known = COMPILED.get(pattern);
        if (known != null) {
            return known;
        }
        long size = Size.of(pattern);
        if (size > Limits.LARGEST_PATTERN) {
            throw new EvaluationFault("the pattern is larger than " + Limits.LARGEST_PATTERN
                    + " pieces, with its counts multiplied out, or its brackets stand more than "
                    + Limits.DEEPEST_EXPRESSION + " deep");
        }
        try {
            var compiled = new Sized(Pattern.compile(pattern), size);
            if (COMPILED.size() > KEPT) {
                COMPILED.clear();
            }
            COMPILED.put(pattern, compiled);
            return compiled;
        } catch (PatternSyntaxException wrong) {
            throw new EvaluationFault("“" + pattern + "” is no pattern: " + wrong.getDescription());
        }
    }

    /** An upper bound of how many pieces a pattern has, counted without building anything. */
    private static final class Size {
        private final String pattern;
        private int at;

        private Size(String pattern) {
            this.pattern = pattern;
        }

        /** Beyond every limit where brackets stand too deep. */
        static long of(String pattern) {
            if (pattern.length() > Limits.LARGEST_PATTERN) {
                return Long.MAX_VALUE;
            }
            var size = new Size(pattern);
            long all = 1;
            while (size.at < pattern.length()) {
                all = plus(all, size.sequence(0));
            }
            return all;
        }

        private long sequence(int depth) {
            if (depth > Limits.DEEPEST_EXPRESSION) {
                return Long.MAX_VALUE;
            }
            long all = 0;
            long last = 0;
            while (at < pattern.length() && pattern.charAt(at) != ')') {
                char c = pattern.charAt(at);
                if (c == '{') {
                    long times = count();
                    all = plus(all, last == 0 ? 0 : times(last, times - 1));
                    last = times(last, times);
                } else {
                    last = piece(c, depth);
                    all = plus(all, last);
                }
            }
            at++;
            return plus(all, 1);
        }

        private long piece(char c, int depth) {
            at++;
            return switch (c) {
                case '(' -> sequence(depth + 1);
                case '\\' -> {
                    at++;
                    yield 1;
                }
                case '[' -> set();
                default -> 1;
            };
        }

        /** A set of characters; its brackets and backslashes mean others. */
        private long set() {
            int from = at;
            while (at < pattern.length() && (pattern.charAt(at) != ']' || at == from)) {
                at += pattern.charAt(at) == '\\' ? 2 : 1;
            }
            at++;
            return 1 + Math.max(0, at - from) / 4L;
        }

        /** The larger number in {@code {n,m}}; 1 where that is no count. */
        private long count() {
            int end = pattern.indexOf('}', at);
            String inside = end < 0 ? "" : pattern.substring(at + 1, end);
            if (!inside.matches("[0-9]{1,6}(,[0-9]{0,6})?")) {
                at++;
                return 1;
            }
            at = end + 1;
            long most = 1;
            for (String number : inside.split(",")) {
                most = Math.max(most, Long.parseLong(number));
            }
            return most;
        }

        private static long plus(long a, long b) {
            return a > Long.MAX_VALUE - b ? Long.MAX_VALUE : a + b;
        }

        private static long times(long a, long b) {
            return b > 0 && a > Long.MAX_VALUE / b ? Long.MAX_VALUE : Math.max(a, a * b);
        }
    }
}

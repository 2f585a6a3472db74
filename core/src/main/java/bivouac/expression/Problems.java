package bivouac.expression;

import dev.cel.common.CelIssue;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Says what CEL found wrong in the words of a developer of windows, at the place in UTF-16 units. */
final class Problems {

    private static final Pattern NO_OVERLOAD =
            Pattern.compile("found no matching overload for '([^']*)' applied to '\\((.*?)\\)'.*", Pattern.DOTALL);

    private Problems() {}

    static List<Problem> ofParsing(String source, List<CelIssue> issues) {
        CelIssue first = issues.getFirst();
        int at = place(source, first);
        String message = source.strip().endsWith("=") || at >= source.length()
                ? "the expression breaks off here"
                : "this is not how an expression goes on";
        if (source.codePointCount(0, source.length()) > Expressions.LONGEST) {
            message = "the expression is longer than " + Expressions.LONGEST + " characters";
        }
        int from = Math.min(at, Math.max(0, source.length() - 1));
        return List.of(new Problem(message, from, Math.min(source.length(), from + 1)));
    }

    static List<Problem> ofChecking(String source, List<CelIssue> issues) {
        var problems = new ArrayList<Problem>();
        for (CelIssue issue : issues) {
            int at = Math.min(place(source, issue), Math.max(0, source.length() - 1));
            problems.add(new Problem(inPlainWords(issue.getMessage()), at, Math.max(at + 1, source.length())));
        }
        return Expressions.sorted(problems);
    }

    private static String inPlainWords(String message) {
        Matcher overload = NO_OVERLOAD.matcher(message);
        if (!overload.matches()) {
            return CelTypes.inOurWords(message);
        }
        String types = CelTypes.inOurWords(overload.group(2));
        String function = overload.group(1);
        if (function.startsWith("_") && types.contains(", ")) {
            String[] two = types.split(", ", 2);
            String sign = function.replace("_", "");
            String text = "text";
            if (sign.equals("+") && (two[0].equals(text) || two[1].equals(text))) {
                String other = two[0].equals(text) ? two[1] : two[0];
                return "a text and a " + other
                        + " cannot be added: use shown(…) to join texts, or number(…) to calculate";
            }
            return "“" + sign + "” does not go with a " + two[0] + " and a " + two[1];
        }
        return "“" + function + "” cannot take " + (types.isEmpty() ? "nothing" : "a " + types);
    }

    static String unknown(String name, Scope<?> scope) {
        String message = "“" + name + "” means nothing here";
        Optional<String> why = scope.whyUnknown(name);
        if (why.isPresent()) {
            return message + ": " + why.get();
        }
        return nearest(name, scope.names())
                .map(near -> message + "; did you mean " + near + "?")
                .orElse(message);
    }

    private static Optional<String> nearest(String name, Collection<String> known) {
        String wanted = name.toLowerCase(java.util.Locale.ROOT);
        record Near(String name, int distance) {}
        return known.stream()
                .filter(k -> Math.abs(k.length() - wanted.length()) <= 7)
                .map(k -> new Near(k, distance(wanted, k.toLowerCase(java.util.Locale.ROOT))))
                .filter(n -> n.distance() <= 2 || n.name().endsWith("." + name.substring(name.lastIndexOf('.') + 1)))
                .min(Comparator.comparingInt(Near::distance).thenComparing(Near::name))
                .map(Near::name);
    }

    /** The least number of letters changed, put in or left out to make one word the other. */
    static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }

    /** CEL counts lines from 1 and columns in code points from 0; screens count UTF-16 units. */
    private static int place(String source, CelIssue issue) {
        int line = Math.max(1, issue.getSourceLocation().getLine());
        int start = 0;
        for (int i = 1; i < line; i++) {
            start = source.indexOf('\n', start) + 1;
        }
        int column = Math.max(0, issue.getSourceLocation().getColumn());
        int rest = source.codePointCount(start, source.length());
        return source.offsetByCodePoints(start, Math.min(column, rest));
    }
}

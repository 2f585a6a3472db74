package bivouac.expression;

import bivouac.design.Nearest;
import bivouac.design.Type;
import dev.cel.common.CelIssue;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Says what CEL found wrong in the words of a developer of windows, at the place in UTF-16 units. */
final class Problems {

    private Problems() {}

    static List<Problem> ofParsing(String source, List<CelIssue> issues) {
        Optional<Source.Hint> hint = Source.hint(source);
        int at = hint.map(Source.Hint::at).orElseGet(() -> place(source, issues.getFirst()));
        boolean breaksOff = at >= source.length() || source.strip().endsWith("=");
        String message = breaksOff ? "the expression breaks off here" : "this is not how an expression goes on";
        String said = hint.map(h -> message + "; " + h.words()).orElse(message);
        int from = Math.min(at, Math.max(0, source.length() - 1));
        return List.of(new Problem(said, from, Math.min(source.length(), from + 1)));
    }

    /** What is said of a function that takes no values of such types. */
    static String takesNoSuch(Function function, List<Type> types) {
        String sign = function.written();
        if (function.form() != Function.Form.SIGN || types.size() != 2) {
            String all = String.join(", ", types.stream().map(Type::toString).toList());
            return "“" + sign + "” cannot take " + (types.isEmpty() ? "nothing" : "a " + all);
        }
        Type left = types.get(0);
        Type right = types.get(1);
        if (function == Function.ADD && (left == Type.TEXT || right == Type.TEXT)) {
            return "a text and a " + (left == Type.TEXT ? right : left)
                    + " cannot be added: use shown(…) to join texts, or number(…) to calculate";
        }
        return function == Function.INDEX
                ? "a " + left + " has no item at a " + right
                : "“" + sign + "” does not go with a " + left + " and a " + right;
    }

    static String noFunction(String name) {
        return "there is no function “" + name + "”; "
                + meantFunction(name)
                        .map(near -> "did you mean " + near + "?")
                        .orElseGet(() -> "there are " + String.join(", ", functions())
                                + ", isOpen, and all, exists, exists_one, map, filter and sortBy of lists");
    }

    /** The function that was probably meant. */
    static Optional<String> meantFunction(String name) {
        return Nearest.named(name, functions());
    }

    private static List<String> functions() {
        return Stream.of(Function.values())
                .filter(f -> f.form() != Function.Form.SIGN)
                .map(Function::cel)
                .toList();
    }

    /** Where a function is written in a way in which it cannot be. */
    static Optional<String> wrongForm(Function function, boolean isOfSomething) {
        String name = function.cel();
        return switch (function.form()) {
            case PLAIN ->
                isOfSomething
                        ? Optional.of("“" + name + "” stands before what it takes: " + name + "(…)")
                        : Optional.empty();
            case OF_A_TEXT ->
                isOfSomething
                        ? Optional.empty()
                        : Optional.of("“" + name + "” stands behind the text that it asks: text." + name + "(…)");
            case OF_A_LIST ->
                isOfSomething
                        ? Optional.empty()
                        : Optional.of(
                                "“" + name + "” stands behind the list whose items it joins: list." + name + "(…)");
            case SIGN, EITHER -> Optional.empty();
        };
    }

    /** Where the pattern of {@code matches} is written down and is none. */
    static Optional<String> wrongPattern(Function function, List<? extends Term<?>> arguments) {
        return function == Function.MATCHES
                        && arguments.get(1) instanceof Term.Constant<?>(Value.Text(String pattern), Type t)
                ? Patterns.wrong(pattern)
                : Optional.empty();
    }

    /** A single word may be a text whose quotes were forgotten. */
    static String unknown(String name, Scope<?> scope) {
        String message = "“" + name + "” means nothing here";
        Optional<String> why = scope.whyUnknown(name);
        if (why.isPresent()) {
            return message + ": " + why.get();
        }
        return Nearest.named(name, scope.names())
                .map(near -> message + "; did you mean " + near + "?")
                .orElseGet(
                        () -> name.contains(".") ? message : message + "; if a text is meant, write \"" + name + "\"");
    }

    /** What was probably meant by a name that means nothing: one like it, or a text without its quotes. */
    static Optional<String> meant(String name, Scope<?> scope) {
        Optional<String> text = name.contains(".") || scope.whyUnknown(name).isPresent()
                ? Optional.empty()
                : Optional.of("\"" + name + "\"");
        return named(name, scope).or(() -> text);
    }

    /** A name like one that means nothing. */
    static Optional<String> named(String name, Scope<?> scope) {
        return scope.whyUnknown(name).isPresent() ? Optional.empty() : Nearest.named(name, scope.names());
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

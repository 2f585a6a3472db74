package bivouac.expression;

import bivouac.design.Nearest;
import bivouac.design.Type;
import dev.cel.common.CelIssue;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
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
                                + ", isOpen, and all, exists, exists_one, map and filter of lists");
    }

    /** The function that was probably meant. */
    static Optional<String> meantFunction(String name) {
        return nearest(name, functions());
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
        return nearest(name, scope.names())
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
        return scope.whyUnknown(name).isPresent() ? Optional.empty() : nearest(name, scope.names());
    }

    /** What people call what file dialogs and pickers give. */
    private static final Map<String, String> ALSO_CALLED = Map.of(
            "file", "path",
            "folder", "path",
            "filename", "path",
            "files", "paths",
            "font", "value",
            "colour", "value",
            "color", "value",
            "date", "value");

    /**
     * The name that was probably meant: by another word for it, with letters wrong, without the kind that names of parts
     * end in, or without what stands before its last point.
     */
    private static Optional<String> nearest(String name, Collection<String> known) {
        int dot = name.lastIndexOf('.');
        String last = name.substring(dot + 1);
        String called = name.substring(0, dot + 1) + ALSO_CALLED.getOrDefault(last, last);
        if (dot > 0 && !called.equals(name) && known.contains(called)) {
            return Optional.of(called);
        }
        return Nearest.to(name, known)
                .or(() -> shortest(known.stream().filter(k -> isBegunBy(name, k))))
                .or(() -> shortest(
                        known.stream().filter(k -> k.endsWith("." + last) && k.length() <= name.length() + 7)));
    }

    private static Optional<String> shortest(Stream<String> names) {
        return names.min(Comparator.comparingInt(String::length).thenComparing(k -> k));
    }

    /** {@code me.who} begins {@code me.whoField}: each of its words is one of the other's, or goes on with a capital. */
    private static boolean isBegunBy(String name, String known) {
        String[] mine = name.split("\\.");
        String[] theirs = known.split("\\.");
        if (mine.length != theirs.length || mine.length < 2) {
            return false;
        }
        for (int i = 0; i < mine.length; i++) {
            boolean goesOn = theirs[i].startsWith(mine[i])
                    && (theirs[i].length() == mine[i].length()
                            || Character.isUpperCase(theirs[i].charAt(mine[i].length())));
            if (!goesOn) {
                return false;
            }
        }
        return true;
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

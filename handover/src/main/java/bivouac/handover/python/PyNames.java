package bivouac.handover.python;

import bivouac.handover.meaning.LocalNames;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Gives names in Python: {@code guestName} is {@code guest_name}. Two expression names never become one, wherever they
 * stand, and none is a word of the language.
 */
public final class PyNames {

    /** Keywords, soft ones too, and what every module has. */
    private static final Set<String> WORDS = Set.of(
            "False",
            "None",
            "True",
            "and",
            "as",
            "assert",
            "async",
            "await",
            "break",
            "class",
            "continue",
            "def",
            "del",
            "elif",
            "else",
            "except",
            "finally",
            "for",
            "from",
            "global",
            "if",
            "import",
            "in",
            "is",
            "lambda",
            "nonlocal",
            "not",
            "or",
            "pass",
            "raise",
            "return",
            "try",
            "while",
            "with",
            "yield",
            "match",
            "case",
            "type");

    /** What the written methods name beside what the design names: functions, modules, parameters. */
    private static final Set<String> OF_METHODS = Set.of(
            "self",
            "cls",
            "app",
            "desk",
            "closing",
            "row",
            "way",
            "me",
            "of",
            "then",
            "step",
            "opener",
            "owner",
            "asker",
            "manner",
            "windows",
            "tasks",
            "rows",
            "text",
            "values",
            "datetime",
            "isinstance",
            "float",
            "len",
            "all",
            "any",
            "sum",
            "why_not",
            "setattr",
            "super");

    private final Map<String, String> given = new HashMap<>();
    private final Set<String> taken = new HashSet<>();

    /** An expression name as Python has it, the same each time. */
    public String of(String expressionName) {
        return given.computeIfAbsent(expressionName, name -> {
            String wanted = snake(name);
            String free = wanted;
            for (int i = 2; !taken.add(free); i++) {
                free = wanted + i;
            }
            return free;
        });
    }

    /** As a field or an attribute beside names that are there already. */
    public String beside(String expressionName, Set<String> others) {
        String name = of(expressionName);
        return WORDS.contains(name) || others.contains(name) ? name + "_" : name;
    }

    /** As a parameter. */
    public String parameter(String expressionName) {
        return beside(expressionName, OF_METHODS);
    }

    /** Gives names to what a method makes. */
    public LocalNames locals(Set<String> parameters) {
        return new Locals(parameters);
    }

    private final class Locals implements LocalNames {
        private final Set<String> used;

        Locals(Set<String> parameters) {
            used = new HashSet<>(parameters);
        }

        @Override
        public String local(String wanted) {
            String name = passing(wanted);
            used.add(name);
            return name;
        }

        @Override
        public String passing(String wanted) {
            String plain = parameter(wanted);
            // functions are called when_…
            String name = plain.startsWith("when_") ? plain + "_" : plain;
            String free = name;
            for (int i = 2; used.contains(free); i++) {
                free = name + i;
            }
            return free;
        }
    }

    /** Words as one name in lower case; it begins with no line, which would hide it. */
    public static String snake(String words) {
        String name = words.replaceAll("(?<=[a-z0-9])(?=[A-Z])|(?<=[A-Z])(?=[A-Z][a-z])", "_")
                .toLowerCase(Locale.ROOT)
                .replaceAll("^_+", "");
        return name.isEmpty() || Character.isDigit(name.charAt(0)) ? "n" + name : name;
    }

    /** For a class, in a scope where some names are taken: it gets the other word, then a number. */
    static String type(String expressionName, String orWith, Set<String> taken) {
        String plain = expressionName.replaceAll("^_+", "");
        String upper = plain.isEmpty() ? "N" : plain.substring(0, 1).toUpperCase(Locale.ROOT) + plain.substring(1);
        String wanted = Character.isDigit(upper.charAt(0)) ? "N" + upper : upper;
        wanted = taken.contains(wanted) || WORDS.contains(wanted) ? wanted + orWith : wanted;
        String free = wanted;
        for (int i = 2; !taken.add(free); i++) {
            free = wanted + i;
        }
        return free;
    }

    /** For the member of an enum: {@code leave unsaved} is {@code LEAVE_UNSAVED}. */
    static String constant(String words, Set<String> taken) {
        String wanted = snake(bivouac.design.Names.propose(words)).toUpperCase(Locale.ROOT);
        String free = wanted;
        for (int i = 2; !taken.add(free); i++) {
            free = wanted + i;
        }
        return free;
    }

    /** A text as a literal. */
    public static String literal(String text) {
        var out = new StringBuilder("\"");
        text.codePoints().forEach(c -> {
            switch (c) {
                case '"' -> out.append("\\\"");
                case '\\' -> out.append("\\\\");
                case '\n' -> out.append("\\n");
                case '\r' -> out.append("\\r");
                case '\t' -> out.append("\\t");
                default -> {
                    boolean surrogate = c >= 0xd800 && c <= 0xdfff;
                    if (c < ' ' || c == 0x7f || c == 0x85 || c == 0x2028 || c == 0x2029 || surrogate) {
                        out.append("\\u%04x".formatted(c));
                    } else {
                        out.appendCodePoint(c);
                    }
                }
            }
        });
        return out.append('"').toString();
    }

    /** Words for a docstring or a comment, which they cannot end or escape. */
    public static String comment(String words) {
        return words.replace("\\", "/")
                .replace('"', '\'')
                .replaceAll("\\s+", " ")
                .replaceAll("\\p{Cntrl}", "")
                .strip();
    }
}

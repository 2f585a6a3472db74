package bivouac.handover.java;

import bivouac.handover.meaning.LocalNames;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;

/** Gives names in Java: none is a word of the language, none is given twice in one scope. */
public final class JavaNames implements LocalNames {

    private static final Set<String> WORDS = Set.of(
            "abstract",
            "assert",
            "boolean",
            "break",
            "byte",
            "case",
            "catch",
            "char",
            "class",
            "const",
            "continue",
            "default",
            "do",
            "double",
            "else",
            "enum",
            "extends",
            "final",
            "finally",
            "float",
            "for",
            "goto",
            "if",
            "implements",
            "import",
            "instanceof",
            "int",
            "interface",
            "long",
            "native",
            "new",
            "package",
            "private",
            "protected",
            "public",
            "return",
            "short",
            "static",
            "strictfp",
            "super",
            "switch",
            "synchronized",
            "this",
            "throw",
            "throws",
            "transient",
            "try",
            "void",
            "volatile",
            "while",
            "true",
            "false",
            "null",
            "var",
            "record",
            "sealed",
            "permits",
            "yield",
            "_",
            "when");

    private final Set<String> given = new HashSet<>();

    public JavaNames(Set<String> taken) {
        given.addAll(WORDS);
        given.addAll(taken);
    }

    /** A scope inside another one, which does not give its names again. */
    public JavaNames inside() {
        return new JavaNames(given);
    }

    /** For a class: {@code guest card} and {@code guestCard} are {@code GuestCard}. */
    public String type(String expressionName, String orWith) {
        String upper = upper(expressionName);
        return take(given.contains(upper) ? upper + orWith : upper);
    }

    /** For a field, a method or a local. */
    public String member(String expressionName) {
        return take(expressionName);
    }

    @Override
    public String local(String wanted) {
        return member(wanted);
    }

    @Override
    public String passing(String wanted) {
        return inside().member(wanted);
    }

    private String take(String wanted) {
        String free = wanted;
        for (int i = 2; !given.add(free); i++) {
            free = wanted + i;
        }
        return free;
    }

    public static String upper(String name) {
        return name.isEmpty() ? "X" : name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }

    /** Words with spaces as one name in camel case; signs that no name holds are left out. */
    public static String camel(String words) {
        return bivouac.design.Names.propose(words);
    }

    /** For a constant: {@code leave unsaved} is {@code LEAVE_UNSAVED}. */
    public String constant(String words) {
        return take(camel(words).replaceAll("(?<=[a-z0-9])(?=[A-Z])", "_").toUpperCase(Locale.ROOT));
    }

    /** Names of methods that every record and object has, and which no component or field may take. */
    private static final Set<String> OF_OBJECTS =
            Set.of("clone", "finalize", "getClass", "hashCode", "notify", "notifyAll", "toString", "wait");

    /** A name of an expression as a field or a component; one that Java has already ends with a line. */
    public static String safe(String expressionName, Set<String> others) {
        boolean taken = WORDS.contains(expressionName)
                || OF_OBJECTS.contains(expressionName)
                || others.contains(expressionName);
        return taken ? expressionName + "_" : expressionName;
    }

    public static String safe(String expressionName) {
        return safe(expressionName, Set.of());
    }

    /** A text as a literal. */
    public static String literal(String text) {
        var out = new StringBuilder("\"");
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '"' -> out.append("\\\"");
                case '\\' -> out.append("\\\\");
                case '\n' -> out.append("\\n");
                case '\r' -> out.append("\\r");
                case '\t' -> out.append("\\t");
                default -> {
                    if (c < ' ' || c == 0x2028 || c == 0x2029 || Character.isSurrogate(c) && !isPair(text, i)) {
                        out.append("\\u%04x".formatted((int) c));
                    } else {
                        out.append(c);
                    }
                }
            }
        }
        return out.append('"').toString();
    }

    private static boolean isPair(String text, int at) {
        char c = text.charAt(at);
        return Character.isHighSurrogate(c)
                ? at + 1 < text.length() && Character.isLowSurrogate(text.charAt(at + 1))
                : at > 0 && Character.isHighSurrogate(text.charAt(at - 1));
    }

    /** Words for a comment, which they cannot end or escape. */
    public static String comment(String words) {
        return words.replace("*/", "* /")
                .replace("\\u", "\\ u")
                .replaceAll("\\s+", " ")
                .strip();
    }
}

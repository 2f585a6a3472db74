package bivouac.handover.java;

import bivouac.handover.braces.Spelling;
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
        String upper = Spelling.upper(expressionName);
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

    /** For a constant: {@code leave unsaved} is {@code LEAVE_UNSAVED}. */
    public String constant(String words) {
        return take(
                Spelling.camel(words).replaceAll("(?<=[a-z0-9])(?=[A-Z])", "_").toUpperCase(Locale.ROOT));
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

    /** Words for a comment, which they cannot end or escape. */
    public static String comment(String words) {
        return words.replace("*/", "* /")
                .replace("\\u", "\\ u")
                .replaceAll("\\s+", " ")
                .strip();
    }
}

package bivouac.handover.csharp;

import bivouac.handover.braces.Spelling;
import bivouac.handover.meaning.LocalNames;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Gives names in C#: none is a word of the language, none is given twice in one scope. */
public final class CsNames implements LocalNames {

    private static final Set<String> WORDS = Set.of(
            "abstract",
            "as",
            "base",
            "bool",
            "break",
            "byte",
            "case",
            "catch",
            "char",
            "checked",
            "class",
            "const",
            "continue",
            "decimal",
            "default",
            "delegate",
            "do",
            "double",
            "else",
            "enum",
            "event",
            "explicit",
            "extern",
            "false",
            "finally",
            "fixed",
            "float",
            "for",
            "foreach",
            "goto",
            "if",
            "implicit",
            "in",
            "int",
            "interface",
            "internal",
            "is",
            "lock",
            "long",
            "namespace",
            "new",
            "null",
            "object",
            "operator",
            "out",
            "override",
            "params",
            "private",
            "protected",
            "public",
            "readonly",
            "ref",
            "return",
            "sbyte",
            "sealed",
            "short",
            "sizeof",
            "stackalloc",
            "static",
            "string",
            "struct",
            "switch",
            "this",
            "throw",
            "true",
            "try",
            "typeof",
            "uint",
            "ulong",
            "unchecked",
            "unsafe",
            "ushort",
            "using",
            "virtual",
            "void",
            "volatile",
            "while",
            // words of some places, and of the written classes
            "async",
            "await",
            "dynamic",
            "nameof",
            "var",
            "when",
            "yield",
            "_");

    /** What every ending and every row has, and which none of its properties may hide. */
    private static final Set<String> OF_OBJECTS = Set.of(
            "Cells",
            "Equals",
            "Finalize",
            "GetHashCode",
            "GetType",
            "Gives",
            "MemberwiseClone",
            "ReferenceEquals",
            "ToString",
            "Words");

    private final Set<String> given = new HashSet<>();

    public CsNames(Collection<String> taken) {
        given.addAll(WORDS);
        given.addAll(taken);
    }

    /** Names that are given already. */
    void keep(Collection<String> others) {
        given.addAll(others);
    }

    /** For a class: {@code guest card} and {@code guestCard} are {@code GuestCard}. */
    public String type(String expressionName, String orWith) {
        String upper = Spelling.upper(expressionName);
        return take(given.contains(upper) ? upper + orWith : upper);
    }

    @Override
    public String local(String wanted) {
        return take(lower(wanted));
    }

    @Override
    public String passing(String wanted) {
        return new CsNames(given).local(wanted);
    }

    private String take(String wanted) {
        String free = wanted;
        for (int i = 2; !given.add(free); i++) {
            free = wanted + i;
        }
        return free;
    }

    /** Fields and locals begin with a small letter, so that none hides a class. */
    private static String lower(String name) {
        return Character.isUpperCase(name.charAt(0))
                ? name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1) + "_"
                : name;
    }

    /** A name of an expression as a field or a parameter; one that is taken already ends with a line. */
    public static String field(String expressionName, Set<String> others) {
        String name = lower(expressionName);
        return WORDS.contains(name) || others.contains(name) ? name + "_" : name;
    }

    /**
     * Names of expressions as properties of a class.
     *
     * @param type its class, which has no member of its own name
     */
    public static Map<String, String> properties(List<String> names, String type) {
        var taken = new CsNames(OF_OBJECTS);
        taken.given.add(type);
        var all = new LinkedHashMap<String, String>();
        names.forEach(n -> all.put(n, taken.take(Spelling.upper(n))));
        return all;
    }

    /** Words for a comment that tools read. */
    public static String comment(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replaceAll("\\s+", " ")
                .strip();
    }
}

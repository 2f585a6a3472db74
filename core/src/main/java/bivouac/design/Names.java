package bivouac.design;

import java.text.Normalizer;
import java.util.Collection;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** Proposes names for expressions and keeps them apart (rule V5). */
public final class Names {

    /** Words that CEL reserves, and the first words of our scopes (V2), which no window may take over. */
    private static final Set<String> RESERVED = Set.of(
            "as",
            "break",
            "const",
            "continue",
            "else",
            "false",
            "for",
            "function",
            "if",
            "import",
            "in",
            "let",
            "loop",
            "namespace",
            "null",
            "package",
            "return",
            "true",
            "var",
            "void",
            "while",
            "app",
            "me",
            "takes",
            "result",
            "owner",
            "opener",
            "way",
            "ending",
            "row");

    private static final Pattern IDENTIFIER = Pattern.compile("[A-Za-z_][A-Za-z0-9_]*");
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern BREAKS = Pattern.compile("[^A-Za-z0-9]+");

    private Names() {}

    /**
     * The expression name proposed for a shown name: its ASCII words in lower camel case. A name in a script that
     * has no ASCII form is given by its code points ({@code u5c71u5c0f}), so that it is stable and never empty.
     */
    public static String propose(String shown) {
        String plain =
                MARKS.matcher(Normalizer.normalize(shown, Normalizer.Form.NFD)).replaceAll("");
        var out = new StringBuilder();
        for (String word : BREAKS.split(plain)) {
            if (word.isEmpty()) {
                continue;
            }
            String lower = word.toUpperCase(Locale.ROOT).equals(word) ? word.toLowerCase(Locale.ROOT) : word;
            char first = lower.charAt(0);
            out.append(out.isEmpty() ? Character.toLowerCase(first) : Character.toUpperCase(first));
            out.append(lower, 1, lower.length());
        }
        if (out.isEmpty()) {
            plain.codePoints().filter(Character::isLetterOrDigit).limit(6).forEach(c -> out.append('u')
                    .append(Integer.toHexString(c)));
        }
        if (out.isEmpty()) {
            return "unnamed";
        }
        if (Character.isDigit(out.charAt(0))) {
            out.insert(0, 'n');
        }
        return RESERVED.contains(out.toString()) ? out + "_" : out.toString();
    }

    /** Whether {@code word} can stand in an expression as a name. */
    public static boolean isUsable(String word) {
        return IDENTIFIER.matcher(word).matches() && !RESERVED.contains(word);
    }

    /** {@code wanted} if no one has it, else {@code wanted 2}, {@code wanted 3} and so on. */
    public static String free(String wanted, Collection<String> taken) {
        return free(wanted, " ", taken);
    }

    /** The same with something else before the number, for names that hold no blanks. */
    public static String free(String wanted, String between, Collection<String> taken) {
        String candidate = wanted;
        for (int n = 2; taken.contains(candidate); n++) {
            candidate = wanted + between + n;
        }
        return candidate;
    }

    /** As {@link #free}, for a name that keeps both its forms apart from those taken. */
    public static Name freeName(String wanted, Collection<Name> taken) {
        var shown = taken.stream().map(Name::shown).toList();
        var inExpressions = taken.stream().map(Name::expression).toList();
        String candidate = wanted;
        for (int n = 2; shown.contains(candidate) || inExpressions.contains(propose(candidate)); n++) {
            candidate = wanted + " " + n;
        }
        return Name.of(candidate);
    }
}

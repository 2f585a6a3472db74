package bivouac.sentence;

import bivouac.design.Expression;
import bivouac.design.Given;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Reads a typed line from left to right. Case does not matter in the words of a step; names are taken as they are. */
public final class Words {

    private String rest;

    public Words(String line) {
        this.rest = line;
    }

    boolean isEmpty() {
        return rest.isBlank();
    }

    boolean startsWith(String words) {
        return StepTyping.lower(rest).startsWith(words)
                && (rest.length() == words.length() || !Character.isLetterOrDigit(rest.charAt(words.length())));
    }

    boolean take(String words) {
        if (!startsWith(words)) {
            return false;
        }
        rest = rest.substring(words.length()).strip();
        return true;
    }

    /** All that is left; nothing is left then. */
    String rest() {
        String all = rest;
        rest = "";
        return all;
    }

    /** What is left, and stays. */
    String left() {
        return rest;
    }

    /** Whether the line goes on with one of these names as they are written, capitals and all. */
    boolean goesOnWith(List<String> names) {
        return names.stream().anyMatch(n -> !n.isBlank() && startsWith(StepTyping.lower(n)) && rest.startsWith(n));
    }

    /** The next word. */
    String word() {
        int end = 0;
        while (end < rest.length() && !Character.isWhitespace(rest.charAt(end))) {
            end++;
        }
        String word = rest.substring(0, end);
        rest = rest.substring(end).strip();
        return word;
    }

    /**
     * The longest of {@code known} that the line goes on with, else all up to one of {@code ends}. A name in quotes is
     * taken as it is.
     */
    String longestOf(List<String> known, List<String> ends) {
        if (isQuoted()) {
            return quotedOr(ends);
        }
        String name = known.stream()
                .filter(k -> !k.isBlank() && startsWith(StepTyping.lower(k)))
                .max(Comparator.comparingInt(String::length))
                .orElse(null);
        if (name == null) {
            name = upTo(ends);
        } else {
            rest = rest.substring(name.length());
        }
        rest = rest.strip();
        if (rest.startsWith(",")) {
            rest = rest.substring(1).strip();
        }
        return name;
    }

    private String upTo(List<String> ends) {
        int end = rest.length();
        String lower = StepTyping.lower(rest) + " ";
        for (String e : ends) {
            int at = lower.indexOf(e);
            end = at >= 0 ? Math.min(end, at) : end;
        }
        String before = rest.substring(0, end).strip();
        rest = rest.substring(end);
        return before.endsWith(",") ? before.substring(0, before.length() - 1) : before;
    }

    boolean isQuoted() {
        return !rest.isEmpty() && closing() > 0;
    }

    /** Where the quotes end that the line begins with; -1 where it begins with none, or they do not end. */
    private int closing() {
        char first = rest.isEmpty() ? ' ' : rest.charAt(0);
        char last = first == '“' ? '”' : first;
        return first == '`' || first == '"' || first == '“' ? rest.indexOf(last, 1) : -1;
    }

    /** A text in backticks or quotes, else all that is left. */
    String quotedOrRest() {
        return quotedOr(List.of());
    }

    /** A text in backticks or quotes, else all up to one of {@code ends}. */
    String quotedOr(List<String> ends) {
        int end = closing();
        if (end < 0) {
            String text = upTo(ends);
            rest = rest.strip();
            return text;
        }
        String text = rest.substring(1, end);
        rest = rest.substring(end + 1).strip();
        if (rest.startsWith(",")) {
            rest = rest.substring(1).strip();
        }
        return text;
    }

    /** What is left, at its commas. */
    public List<String> list() {
        var items = new ArrayList<String>();
        for (String item : commas(rest)) {
            String name = item.strip().replaceAll("^[`\"“]|[`\"”]$", "");
            if (!name.isBlank()) {
                items.add(name);
            }
        }
        rest = "";
        return items;
    }

    /** What stands before and after the first arrow; {@code <-}, {@code to} and {@code =} are taken for one. */
    String[] splitAtArrow() {
        return arrow(rest());
    }

    static String[] arrow(String text) {
        for (String arrow : List.of("←", "<-", " to ", "=")) {
            int at = text.indexOf(arrow);
            if (at >= 0 && !text.startsWith("==", at)) {
                return new String[] {
                    text.substring(0, at).strip(),
                    text.substring(at + arrow.length()).strip()
                };
            }
        }
        return new String[] {text.strip(), ""};
    }

    /** {@code name ← expression, name ← expression} to the end of the line. */
    List<Given> givens() {
        var givens = new ArrayList<Given>();
        for (String one : commas(rest)) {
            String[] two = arrow(one);
            // one without a name is kept, so that it can be said that the name is missing
            if (!one.isBlank()) {
                givens.add(new Given(two[0], new Expression(two[1])));
            }
        }
        rest = "";
        return givens;
    }

    /** Splits at commas that stand in no bracket and no string. */
    static List<String> commas(String text) {
        var items = new ArrayList<String>();
        int depth = 0;
        char quote = 0;
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (quote != 0) {
                if (c == '\\') {
                    i++;
                } else if (c == quote) {
                    quote = 0;
                }
            } else if (c == '"' || c == '\'') {
                quote = c;
            } else if ("([{".indexOf(c) >= 0) {
                depth++;
            } else if (")]}".indexOf(c) >= 0) {
                depth--;
            } else if (c == ',' && depth == 0) {
                items.add(text.substring(from, i));
                from = i + 1;
            }
        }
        items.add(text.substring(from));
        return items;
    }
}

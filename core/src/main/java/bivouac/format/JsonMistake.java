package bivouac.format;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/**
 * What is wrong with a text that is no JSON, and what to write instead. Looked for only once the parser has refused the
 * text: it goes through it by hand, with the few mistakes in mind that people make who write such files.
 */
final class JsonMistake {

    private static final String CUT_OFF = "the file breaks off here; it was probably not copied or saved completely.";

    /** Where the mistake is, in characters of the text, and what to do about it. */
    record Found(int at, String what) {}

    /** What can stand at a place. */
    private enum Wanted {
        VALUE,
        VALUE_OR_END,
        NAME,
        NAME_OR_END,
        COLON,
        COMMA_OR_END
    }

    private final String text;
    private int at;
    private final Deque<Character> open = new ArrayDeque<>();
    private Wanted wanted = Wanted.VALUE;

    private JsonMistake(String text) {
        this.text = text;
    }

    /** The first mistake; empty where this reader sees none. */
    static Optional<Found> in(String text) {
        return new JsonMistake(text).find();
    }

    private Optional<Found> find() {
        while (true) {
            while (at < text.length() && " \t\r\n".indexOf(text.charAt(at)) >= 0) {
                at++;
            }
            if (at >= text.length()) {
                return found(CUT_OFF);
            }
            Optional<Found> mistake = next(text.charAt(at));
            if (mistake.isPresent() || open.isEmpty()) {
                return mistake;
            }
        }
    }

    private Optional<Found> found(String what) {
        return Optional.of(new Found(at, what));
    }

    private Optional<Found> next(char c) {
        if (c == '/' || c == '#') {
            return found("a comment cannot stand in a design file; remove it.");
        }
        return switch (wanted) {
            case VALUE, VALUE_OR_END -> value(c);
            case NAME, NAME_OR_END -> name(c);
            case COLON -> colon(c);
            case COMMA_OR_END -> commaOrEnd(c);
        };
    }

    // Values

    private Optional<Found> value(char c) {
        return switch (c) {
            case '{' -> open('{', Wanted.NAME_OR_END);
            case '[' -> open('[', Wanted.VALUE_OR_END);
            case '"' -> quoted();
            case ']', '}' -> wanted == Wanted.VALUE_OR_END && c == ']' ? close(c) : afterComma(c);
            case ',' -> found("a value is missing before this comma; write one, or remove the comma.");
            case '\'' -> found("texts stand in double quotes here, as in \"a text\".");
            default -> word();
        };
    }

    private Optional<Found> open(char bracket, Wanted inside) {
        open.push(bracket);
        wanted = inside;
        at++;
        return Optional.empty();
    }

    private Optional<Found> afterComma(char c) {
        if (wanted == Wanted.VALUE) {
            return isAfterComma() ? needlessComma(c) : found("a value is missing here.");
        }
        return found("this " + c + " closes what " + open.peek() + " has opened; write " + closing() + ".");
    }

    private Optional<Found> needlessComma(char c) {
        return Optional.of(new Found(signBefore(), "a comma stands before the closing " + c + "; remove that comma."));
    }

    private Optional<Found> word() {
        int end = at;
        while (end < text.length() && " \t\r\n,:]}\"[{".indexOf(text.charAt(end)) < 0) {
            end++;
        }
        String word = text.substring(at, Math.max(at + 1, end));
        boolean known = word.equals("true")
                || word.equals("false")
                || word.equals("null")
                || word.matches("-?(0|[1-9][0-9]{0,30})");
        if (!known) {
            return found(instead(word));
        }
        at = end;
        wanted = Wanted.COMMA_OR_END;
        return Optional.empty();
    }

    private static String instead(String word) {
        String lower = word.toLowerCase(java.util.Locale.ROOT);
        if (lower.equals("true") || lower.equals("yes")) {
            return "write true.";
        }
        if (lower.equals("false") || lower.equals("no")) {
            return "write false.";
        }
        String shown = word.length() > 40 ? word.substring(0, 40) + "…" : word;
        return word.matches("[+-]?[0-9.][0-9.eE+-]*")
                ? "only whole numbers as 12 stand here; write other numbers in quotes, as expressions are."
                : "write texts in double quotes: \"" + shown + "\".";
    }

    private Optional<Found> quoted() {
        Optional<Found> broken = pass();
        wanted = Wanted.COMMA_OR_END;
        return broken;
    }

    /** Passes a text in quotes. */
    private Optional<Found> pass() {
        int from = at;
        for (int i = from + 1; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"') {
                at = i + 1;
                return Optional.empty();
            }
            if (c == '\\') {
                i++;
                if (i < text.length() && "\"\\/bfnrtu".indexOf(text.charAt(i)) < 0) {
                    at = i - 1;
                    return found("a backslash in a text is written twice: \\\\.");
                }
            } else if (c == '\n' || c == '\r') {
                at = from;
                return found("this text has no closing quote on its line; a line break in a text is written \\n.");
            } else if (c < 0x20) {
                at = i;
                return found("a control character stands in this text; a tab is written \\t.");
            }
        }
        at = text.length();
        return found(CUT_OFF);
    }

    // Members

    private Optional<Found> name(char c) {
        if (c == '"') {
            Optional<Found> broken = pass();
            wanted = Wanted.COLON;
            return broken;
        }
        if (c == '}') {
            return wanted == Wanted.NAME_OR_END ? close(c) : needlessComma(c);
        }
        return found(
                c == ','
                        ? "a comma too many stands here; remove it."
                        : c == ']'
                                ? "this ] closes what { has opened; write }."
                                : "the name of a member stands in double quotes here, then a colon and its value.");
    }

    private Optional<Found> colon(char c) {
        if (c != ':') {
            return found(
                    c == '='
                            ? "write : between a member's name and its value."
                            : "a colon is missing here, between a member's name and its value.");
        }
        at++;
        wanted = Wanted.VALUE;
        return Optional.empty();
    }

    private Optional<Found> commaOrEnd(char c) {
        boolean inObject = open.peek() == '{';
        if (c == ',') {
            at++;
            wanted = inObject ? Wanted.NAME : Wanted.VALUE;
            return Optional.empty();
        }
        if (c == ']' || c == '}') {
            return (c == '}') == inObject
                    ? close(c)
                    : found("this " + c + " closes what " + open.peek() + " has opened; write " + closing() + ".");
        }
        return found(
                c == ':'
                        ? "members as \"name\": value stand in { }, and this is a list in [ ]."
                        : Character.isLetterOrDigit(c) && text.charAt(at - 1) == '"'
                                ? "the text before lacks its closing quote, or has one inside, which is written \\\"."
                                : "a comma is missing before this.");
    }

    private char closing() {
        return open.peek() == '{' ? '}' : ']';
    }

    private Optional<Found> close(char c) {
        open.pop();
        at++;
        wanted = Wanted.COMMA_OR_END;
        return Optional.empty();
    }

    private boolean isAfterComma() {
        return signBefore() >= 0 && text.charAt(signBefore()) == ',';
    }

    /** Where the last sign before this place stands; -1 for none. */
    private int signBefore() {
        int i = at - 1;
        while (i >= 0 && Character.isWhitespace(text.charAt(i))) {
            i--;
        }
        return i;
    }
}

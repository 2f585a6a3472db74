package bivouac.expression;

import bivouac.design.Limits;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The source of an expression, looked at sign by sign before it is parsed. What is too long or too deep is found here,
 * so that neither the parser nor anything after it meets what would overflow its stack; and what people from other
 * languages write is told from what is only broken.
 */
final class Source {

    private final String text;
    private int depth;
    private int choices;
    private int signs;
    private int words;
    private Optional<Problem> problem = Optional.empty();

    private Source(String text) {
        this.text = text;
    }

    /** What of the source goes beyond a limit; the message says which. */
    static Optional<Problem> beyondLimits(String text) {
        if (text.codePointCount(0, text.length()) > Limits.LONGEST_EXPRESSION) {
            return Optional.of(new Problem(
                    "the expression is longer than " + Limits.LONGEST_EXPRESSION + " characters", 0, text.length()));
        }
        var source = new Source(text);
        source.read();
        return source.problem;
    }

    private void read() {
        for (int i = 0; i < text.length() && problem.isEmpty(); i++) {
            char c = text.charAt(i);
            if (c == '"' || c == '\'') {
                i = endOfText(text, i);
            } else if (c == '/' && i + 1 < text.length() && text.charAt(i + 1) == '/') {
                i = endOfLine(text, i);
            } else {
                count(c, i);
            }
        }
    }

    private void count(char c, int at) {
        switch (c) {
            case '(', '[', '{' -> deeper(++depth, at);
            case ')', ']', '}' -> depth = Math.max(0, depth - 1);
            // what follows the colon stands inside as well
            case '?' -> deeper(++choices, at);
            case '+', '-', '*', '/', '%', '&', '|', '=', '<', '>', '!' -> sign(at);
            case '.' -> word(at);
            default -> {
                // letters, digits and spaces make nothing deeper
            }
        }
        boolean goesOn = c == '.' || Character.isLetterOrDigit(c) || c == '_' || Character.isWhitespace(c);
        words = goesOn ? words : 0;
    }

    private void deeper(int now, int at) {
        if (now > Limits.DEEPEST_EXPRESSION) {
            beyond("brackets and choices stand more than " + Limits.DEEPEST_EXPRESSION + " deep inside each other", at);
        }
    }

    private void sign(int at) {
        if (++signs > Limits.MOST_SIGNS) {
            beyond(
                    "the expression has more than " + Limits.MOST_SIGNS + " signs; make a part of it with “let” first",
                    at);
        }
    }

    private void word(int at) {
        if (++words > Limits.MOST_WORDS) {
            beyond("a name has more than " + Limits.MOST_WORDS + " words with points between", at);
        }
    }

    private void beyond(String message, int at) {
        problem = Optional.of(new Problem(message, at, at + 1));
    }

    /** Where a text in quotes that begins at {@code from} ends; the last place if it never does. */
    static int endOfText(String source, int from) {
        char quote = source.charAt(from);
        boolean raw = from > 0 && (source.charAt(from - 1) == 'r' || source.charAt(from - 1) == 'R');
        String three = String.valueOf(quote).repeat(3);
        boolean isLong = source.startsWith(three, from);
        for (int i = from + (isLong ? 3 : 1); i < source.length(); i++) {
            if (source.charAt(i) == '\\' && !raw) {
                i++;
            } else if (isLong ? source.startsWith(three, i) : source.charAt(i) == quote) {
                return isLong ? i + 2 : i;
            }
        }
        return source.length() - 1;
    }

    private static int endOfLine(String source, int from) {
        int end = source.indexOf('\n', from);
        return end < 0 ? source.length() : end;
    }

    /** What is probably meant by a source that cannot be parsed, as the second half of a sentence. */
    static Optional<Hint> hint(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"' || c == '\'') {
                i = endOfText(text, i);
                continue;
            }
            Optional<Hint> found = hintAt(text, i, c);
            if (found.isPresent()) {
                return found;
            }
        }
        if (looksLikeText(text)) {
            return Optional.of(inQuotes(text.strip(), 0));
        }
        // words beside each other, where an expression has a sign between its names
        Matcher words = WORDS.matcher(text);
        return words.find() ? Optional.of(inQuotes(words.group(), words.start())) : Optional.empty();
    }

    private static Hint inQuotes(String text, int at) {
        return new Hint("if a text is meant, write it in quotes: \"" + text.replace("\"", "\\\"") + "\"", at);
    }

    private static final Pattern WORDS = Pattern.compile(
            "(?<![\\w.\"'])(?!in\\b)[\\p{L}\\p{N}][\\p{L}\\p{N}’'-]*( (?!in\\b)[\\p{L}\\p{N}][\\p{L}\\p{N}’'-]*)+[!?.]?(?![\\w.(])");

    /** @param at where it stands, in UTF-16 units */
    record Hint(String words, int at) {}

    private static Optional<Hint> hintAt(String text, int i, char c) {
        if (c == '=') {
            boolean two = i + 1 < text.length() && text.charAt(i + 1) == '=';
            boolean second = i > 0 && "=<>!".indexOf(text.charAt(i - 1)) >= 0;
            return two || second
                    ? Optional.empty()
                    : Optional.of(new Hint("write == where two values are compared", i));
        }
        if (text.startsWith("<>", i)) {
            return Optional.of(new Hint("write != for “is not”", i));
        }
        if ("“”„«»‘’".indexOf(c) >= 0) {
            return Optional.of(new Hint("write texts in straight quotes: \"…\"", i));
        }
        for (String[] word : new String[][] {{"and", "&&"}, {"or", "||"}, {"not", "!"}}) {
            if (isWord(text, i, word[0])) {
                return Optional.of(new Hint("write " + word[1] + " for “" + word[0] + "”", i));
            }
        }
        return Optional.empty();
    }

    private static boolean isWord(String text, int at, String word) {
        int end = at + word.length();
        return text.startsWith(word, at)
                && (at == 0 || !isPartOfName(text.charAt(at - 1)))
                && (end >= text.length() || !isPartOfName(text.charAt(end)));
    }

    private static boolean isPartOfName(char c) {
        return Character.isLetterOrDigit(c) || c == '_' || c == '.';
    }

    /** Words with spaces between, as a text has them, and no sign that only expressions have. */
    private static boolean looksLikeText(String text) {
        return text.strip().contains(" ")
                && text.chars().noneMatch(c -> "+*/%<>=&|!?()[]{}\"'".indexOf(c) >= 0)
                && Character.isLetter(text.strip().codePointAt(0));
    }
}

package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A line of a trail or walkthrough as its words, read from left to right: plain words, and names in quotes. Any length
 * is read in time and without a stack in proportion to it.
 *
 * @param text the line
 */
public record TrailLine(String text, List<Word> words) {

    /** A word of a line: from where it stands to where it ends, quotes included. */
    public sealed interface Word {
        int from();

        int to();
    }

    /** A word or number, or a comma. */
    public record Plain(String word, int from, int to) implements Word {}

    /** A name or text in quotes, read. */
    public record Name(String name, int from, int to) implements Word {}

    public TrailLine {
        words = List.copyOf(words);
    }

    /** The words of a line; empty where a quote is never closed, or something clings to one. */
    public static Optional<TrailLine> of(String line) {
        var words = new ArrayList<Word>();
        int i = 0;
        boolean apart = true;
        while (i < line.length()) {
            char c = line.charAt(i);
            if (c == ' ') {
                apart = true;
                i++;
            } else if (c == ',') {
                words.add(new Plain(",", i, ++i));
                apart = true;
            } else if (!apart) {
                return Optional.empty();
            } else {
                int end = c == '"' ? endOfName(line, i) : endOfPlain(line, i);
                if (end < 0) {
                    return Optional.empty();
                }
                words.add(
                        c == '"'
                                ? new Name(Quoted.read(line.substring(i + 1, end - 1)), i, end)
                                : new Plain(line.substring(i, end), i, end));
                apart = false;
                i = end;
            }
        }
        return Optional.of(new TrailLine(line, words));
    }

    private static int endOfName(String line, int from) {
        for (int i = from + 1; i < line.length(); i++) {
            if (line.charAt(i) == '\\') {
                i++;
            } else if (line.charAt(i) == '"') {
                return i + 1;
            }
        }
        return -1;
    }

    private static int endOfPlain(String line, int from) {
        int i = from;
        while (i < line.length() && line.charAt(i) != ' ' && line.charAt(i) != ',' && line.charAt(i) != '"') {
            i++;
        }
        return i;
    }

    /** Whether a word is this plain one. */
    public boolean is(int at, String word) {
        return at >= 0 && at < words.size() && words.get(at) instanceof Plain(String w, int f, int t) && w.equals(word);
    }

    /** The name at a place, if one stands there. */
    public Optional<Name> name(int at) {
        return at >= 0 && at < words.size() && words.get(at) instanceof Name name
                ? Optional.of(name)
                : Optional.empty();
    }

    /** This line with another name in the place of one. */
    String with(Name old, String other) {
        return text.substring(0, old.from()) + Quoted.of(other) + text.substring(old.to());
    }
}

package bivouac.format;

import bivouac.design.Design;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * What can still be read of a design whose text is damaged: its longest beginning that is a design once the brackets are
 * closed. For unsaved work that would else be lost; a design file that is damaged is refused, and never guessed at.
 */
public final class Salvage {

    /** As many places are tried, the last first. */
    private static final int MOST_TRIED = 400;

    /** How deep the places stand after which a text may be cut: members of the design, windows, what stands in them. */
    private static final int DEEPEST_CUT = 6;

    private Salvage() {}

    /** A place after a whole value, and what has to be written there so that the text ends well. */
    private record Cut(int at, String closing) {}

    /** The design, as far as it can be read; empty if not even its beginning can. */
    public static Optional<Design> of(String text) {
        List<Cut> cuts = cuts(text);
        int tried = 0;
        for (Cut cut : cuts.reversed()) {
            if (++tried > MOST_TRIED) {
                return Optional.empty();
            }
            try {
                return Optional.of(DesignFormat.read(text.substring(0, cut.at()) + cut.closing()));
            } catch (Unreadable shorter) {
                // less of it may be whole
            }
        }
        return Optional.empty();
    }

    private static List<Cut> cuts(String text) {
        var cuts = new ArrayList<Cut>();
        Deque<Character> open = new ArrayDeque<>();
        for (int i = 0; i < text.length(); i++) {
            switch (text.charAt(i)) {
                case '"' -> {
                    i = endOfText(text, i);
                    cut(cuts, open, i + 1, text);
                }
                case '{' -> open.push('}');
                case '[' -> open.push(']');
                case '}', ']' -> {
                    if (open.isEmpty() || open.pop() != text.charAt(i)) {
                        return cuts;
                    }
                    cut(cuts, open, i + 1, text);
                }
                default -> {
                    // what stands between
                }
            }
        }
        return cuts;
    }

    private static void cut(List<Cut> cuts, Deque<Character> open, int at, String text) {
        if (at <= text.length() && open.size() <= DEEPEST_CUT) {
            var closing = new StringBuilder();
            open.forEach(closing::append);
            cuts.add(new Cut(at, closing.toString()));
        }
    }

    /** Where a text in quotes ends; the end of all where it never does. */
    private static int endOfText(String text, int from) {
        for (int i = from + 1; i < text.length(); i++) {
            if (text.charAt(i) == '\\') {
                i++;
            } else if (text.charAt(i) == '"') {
                return i;
            }
        }
        return text.length();
    }
}

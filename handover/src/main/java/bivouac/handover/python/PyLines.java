package bivouac.handover.python;

import java.util.ArrayList;
import java.util.List;

/** Lines of a source in Python: what ends with a colon is followed by what stands further in. */
public final class PyLines {

    private static final String INDENT = "    ";

    /** Columns of a line at the most. */
    private static final int MOST = 100;

    private record Line(int depth, String text) {}

    private final List<Line> lines = new ArrayList<>();

    public PyLines add(String line) {
        lines.add(new Line(0, line));
        return this;
    }

    public PyLines blank() {
        if (!lines.isEmpty() && !lines.getLast().text().isEmpty()) {
            add("");
        }
        return this;
    }

    /** Others one step further in; where there are none, nothing is done there. */
    public PyLines inside(PyLines others) {
        others.lines.stream()
                .dropWhile(l -> l.text().isEmpty())
                .forEach(l -> lines.add(new Line(l.depth() + 1, l.text())));
        if (others.isEmpty()) {
            lines.add(new Line(1, "pass"));
        }
        return this;
    }

    public PyLines inside(String line) {
        return inside(new PyLines().add(line));
    }

    public PyLines all(PyLines others) {
        lines.addAll(others.lines);
        return this;
    }

    /** Whether nothing is done: a comment alone does nothing. */
    public boolean isEmpty() {
        return lines.stream().allMatch(l -> l.text().isEmpty() || l.text().startsWith("#"));
    }

    @Override
    public String toString() {
        var out = new StringBuilder();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            boolean last = i == lines.size() - 1;
            if (!line.text().isEmpty()) {
                wrap(out, INDENT.repeat(line.depth()), line.text(), "");
            } else if (!last) {
                out.append('\n');
            }
        }
        return out.toString();
    }

    /** Breaks a line that is too long inside its last bracket, as the usual formatters do. */
    private static void wrap(StringBuilder out, String indent, String text, String after) {
        int open = indent.length() + text.length() + after.length() > MOST ? bracket(text) : -1;
        if (open < 0) {
            out.append(indent).append(text).append(after).append('\n');
            return;
        }
        int close = closing(text, open);
        List<String> parts = parts(text.substring(open + 1, close));
        out.append(indent).append(text, 0, open + 1).append('\n');
        String further = indent + INDENT;
        String joined = String.join(", ", parts);
        if (further.length() + joined.length() <= MOST) {
            out.append(further).append(joined).append('\n');
        } else if (parts.size() == 1) {
            wrap(out, further, parts.getFirst(), "");
        } else {
            parts.forEach(p -> wrap(out, further, p, ","));
        }
        out.append(indent).append(text.substring(close)).append(after).append('\n');
    }

    /** The outermost bracket that holds most; -1 for none that could be broken. */
    private static int bracket(String text) {
        int best = -1;
        int most = 1;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"') {
                i = pastText(text, i);
            } else if (c == '(' || c == '[' || c == '{') {
                int close = closing(text, i);
                if (close - i > most) {
                    most = close - i;
                    best = i;
                }
                i = close;
            }
        }
        boolean comprehension = best >= 0 && text.substring(best).contains(" for ");
        return comprehension || text.startsWith("#") || text.startsWith("\"\"\"") ? -1 : best;
    }

    private static int pastText(String text, int at) {
        int i = at + 1;
        while (i < text.length() && text.charAt(i) != '"') {
            i += text.charAt(i) == '\\' ? 2 : 1;
        }
        return i;
    }

    private static int closing(String text, int open) {
        int depth = 0;
        for (int i = open; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"') {
                i = pastText(text, i);
            } else if (c == '(' || c == '[' || c == '{') {
                depth++;
            } else if ((c == ')' || c == ']' || c == '}') && --depth == 0) {
                return i;
            }
        }
        return text.length();
    }

    /** What stands between the outermost commas. */
    private static List<String> parts(String text) {
        var parts = new ArrayList<String>();
        int depth = 0;
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"') {
                i = pastText(text, i);
            } else if (c == '(' || c == '[' || c == '{') {
                depth++;
            } else if (c == ')' || c == ']' || c == '}') {
                depth--;
            } else if (c == ',' && depth == 0) {
                parts.add(text.substring(from, i).strip());
                from = i + 1;
            }
        }
        parts.add(text.substring(from).strip());
        return parts;
    }
}

package bivouac.handover.braces;

import java.util.ArrayList;
import java.util.List;

/** Lines of a source, indented by the braces that are open. */
public final class Lines {

    private static final String INDENT = "    ";

    private final List<String> lines = new ArrayList<>();
    private int depth;

    /** A line; one that begins with a closing brace stands one further out, what follows an opening one further in. */
    public Lines add(String line) {
        if (line.startsWith("}") || line.startsWith(")")) {
            depth--;
            while (!lines.isEmpty() && lines.getLast().isEmpty()) {
                lines.removeLast();
            }
        }
        lines.add(line.isEmpty() ? "" : INDENT.repeat(depth) + line);
        if (line.endsWith("{")) {
            depth++;
        }
        return this;
    }

    public Lines blank() {
        if (!lines.isEmpty() && !lines.getLast().isEmpty() && !lines.getLast().endsWith("{")) {
            lines.add("");
        }
        return this;
    }

    public Lines all(Lines others) {
        others.lines.forEach(l -> lines.add(l.isEmpty() ? "" : INDENT.repeat(depth) + l));
        return this;
    }

    /** Lines that stand one further in, without a brace around them. */
    public Lines further(Lines others) {
        depth++;
        all(others);
        depth--;
        return this;
    }

    public boolean isEmpty() {
        return lines.isEmpty();
    }

    public int size() {
        return lines.size();
    }

    /** The only line, without its indentation. */
    public String only() {
        return lines.getFirst().strip();
    }

    /** The lines as they are, however long. */
    public List<String> raw() {
        return List.copyOf(lines);
    }

    @Override
    public String toString() {
        var out = new StringBuilder();
        lines.forEach(l -> LongLines.wrap(out, l));
        return out.toString();
    }
}

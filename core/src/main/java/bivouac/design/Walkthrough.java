package bivouac.design;

import java.time.LocalDate;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A kept trail with what has to be seen. Its lines are events, in the words of trail files, each followed by what has to
 * be seen after it ({@code see …}); {@code bivouac.rehearsal} reads and plays them. Lines that cannot be read are kept
 * as they are.
 *
 * @param today what {@code app.today} is while it is played, so that it means the same on every day
 */
public record Walkthrough(String name, LocalDate today, List<String> lines) {

    /** How a line begins that says what has to be seen. */
    public static final String SEE = "see ";

    private static final String QUOTED = "\"((?:[^\"\\\\]|\\\\.)*)\"";
    /** A window, where it stands in a line: after <em>of</em>, or as what is seen or opened. */
    private static final List<Pattern> WINDOWS = List.of(
            Pattern.compile(" of " + QUOTED + "( [0-9]+)?$"),
            Pattern.compile("^see " + QUOTED + "( [0-9]+)? (open|closed|blocked|free)$"),
            Pattern.compile("^open " + QUOTED + " with samples$"));
    /** A part, where it stands in a line, with the window that it is of. */
    private static final Pattern PART = Pattern.compile(
            "(?:^press |^tick |^see ticked |^see unticked | into | in )" + QUOTED + " of " + QUOTED + "(?: [0-9]+)?$");

    public Walkthrough {
        lines = List.copyOf(lines);
    }

    public Walkthrough named(String other) {
        return new Walkthrough(other, today, lines);
    }

    /** How many events it has. */
    public int events() {
        return (int) lines.stream().filter(l -> !l.startsWith(SEE)).count();
    }

    /** As it is after a window was renamed. */
    Walkthrough windowRenamed(String from, String to) {
        return mapped(line -> {
            for (Pattern pattern : WINDOWS) {
                Matcher m = pattern.matcher(line);
                if (m.find() && m.group(1).equals(escaped(from))) {
                    return line.substring(0, m.start(1)) + escaped(to) + line.substring(m.end(1));
                }
            }
            return line;
        });
    }

    /** As it is after a part of a window was renamed, by expression names. */
    Walkthrough partRenamed(String window, String from, String to) {
        return mapped(line -> {
            Matcher m = PART.matcher(line);
            return m.find() && m.group(1).equals(escaped(from)) && m.group(2).equals(escaped(window))
                    ? line.substring(0, m.start(1)) + escaped(to) + line.substring(m.end(1))
                    : line;
        });
    }

    /** Whether a line names the window. */
    boolean names(String window) {
        return !windowRenamed(window, window + window).equals(this);
    }

    private Walkthrough mapped(UnaryOperator<String> change) {
        return new Walkthrough(name, today, lines.stream().map(change).toList());
    }

    /** A name as it stands between the quotes of a line. */
    private static String escaped(String name) {
        return name.replace("\\", "\\\\").replace("\"", "\\\"");
    }
}

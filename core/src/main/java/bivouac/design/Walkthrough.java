package bivouac.design;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

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

    private static final List<String> SEEN_OF_A_WINDOW = List.of("open", "closed", "blocked", "free");

    /** The words before a part that is named before its window. */
    private static final List<String> OF_A_PART = List.of("press", "tick", "ticked", "unticked", "into", "in");

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
        return mapped(line -> TrailLine.of(line)
                .flatMap(l -> window(l).filter(n -> n.name().equals(from)).map(n -> l.with(n, to)))
                .orElse(line));
    }

    /** As it is after a part of a window was renamed, by expression names. */
    Walkthrough partRenamed(String window, String from, String to) {
        return mapped(line -> TrailLine.of(line)
                .filter(l -> window(l).filter(n -> n.name().equals(window)).isPresent())
                .flatMap(l -> part(l).filter(n -> n.name().equals(from)).map(n -> l.with(n, to)))
                .orElse(line));
    }

    /** The window that a line is about: after the last <em>of</em>, or what is seen, or opened with samples. */
    private static Optional<TrailLine.Name> window(TrailLine line) {
        int of = of(line);
        if (of >= 0) {
            return line.name(of + 1);
        }
        boolean seen = line.is(0, "see")
                && SEEN_OF_A_WINDOW.stream().anyMatch(w -> line.is(line.words().size() - 1, w));
        boolean opened = line.is(0, "open") && line.is(2, "with");
        return seen || opened ? line.name(1) : Optional.empty();
    }

    /** The part of that window, right before the last <em>of</em>. */
    private static Optional<TrailLine.Name> part(TrailLine line) {
        int of = of(line);
        boolean ofPart = OF_A_PART.stream().anyMatch(w -> line.is(of - 2, w));
        return ofPart ? line.name(of - 1) : Optional.empty();
    }

    private static int of(TrailLine line) {
        for (int i = line.words().size() - 1; i > 0; i--) {
            if (line.is(i, "of") && line.name(i + 1).isPresent()) {
                return i;
            }
        }
        return -1;
    }

    /** Whether a line names the window. */
    boolean names(String window) {
        return !windowRenamed(window, window + window).equals(this);
    }

    private Walkthrough mapped(UnaryOperator<String> change) {
        return new Walkthrough(name, today, lines.stream().map(change).toList());
    }
}

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

    private static final List<String> SEEN_OF_A_WINDOW =
            List.of("open", "closed", "blocked", "free", "hidden", "shown", "owned");

    /** The words before a part that is named before its window. */
    private static final List<String> OF_A_PART = List.of(
            "press",
            "tick",
            "ticked",
            "unticked",
            "into",
            "in",
            "enabled",
            "disabled",
            "visible",
            "invisible",
            "read-only",
            "changeable");

    /** The words before a window in what is seen of several: {@code see closed "A" before opened "B"}. */
    private static final List<String> BEFORE_A_WINDOW = List.of("see", "opened", "closed", "by");

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
                .map(l -> isOfSeveral(l)
                        ? severalRenamed(l, from, to)
                        : window(l)
                                .filter(n -> n.name().equals(from))
                                .map(n -> l.with(n, to))
                                .orElse(line))
                .orElse(line));
    }

    /** Whether the line says something of two windows, or of the order of two acts. */
    private static boolean isOfSeveral(TrailLine line) {
        boolean found = false;
        for (int i = 1; i < line.words().size() && line.is(0, "see"); i++) {
            found |= line.is(i, "before") || line.is(i, "by") && line.is(i - 1, "owned");
        }
        return found;
    }

    /** From the last to the first, so that what stands before stays where it is. */
    private static String severalRenamed(TrailLine line, String from, String to) {
        String text = line.text();
        for (int i = line.words().size() - 1; i > 0; i--) {
            int at = i;
            boolean isWindow = BEFORE_A_WINDOW.stream().anyMatch(w -> line.is(at - 1, w));
            Optional<TrailLine.Name> name =
                    line.name(i).filter(n -> isWindow && n.name().equals(from));
            if (name.isPresent()) {
                text = text.substring(0, name.get().from())
                        + Quoted.of(to)
                        + text.substring(name.get().to());
            }
        }
        return text;
    }

    /** As it is after a part of a window was renamed, by expression names. */
    Walkthrough partRenamed(String window, String from, String to) {
        return mapped(line -> TrailLine.of(line)
                .filter(l -> window(l).filter(n -> n.name().equals(window)).isPresent())
                .flatMap(l -> part(l).filter(n -> n.name().equals(from)).map(n -> l.with(n, to)))
                .orElse(line));
    }

    private static final List<String> BEFORE_WORK = List.of("task", "started", "held", "taken", "back", "holding");

    /** What is being done with a holding is called by it too. */
    private static final List<String> WITH_A_HOLDING = List.of("taking ", "giving back ");

    /** As it is after a task or holding was renamed, by shown names. */
    Walkthrough quotedRenamed(String from, String to) {
        return mapped(
                line -> TrailLine.of(line).map(l -> workRenamed(l, from, to)).orElse(line));
    }

    private static String workRenamed(TrailLine line, String from, String to) {
        String text = line.text();
        for (int i = line.words().size() - 1; i > 0; i--) {
            int at = i;
            Optional<TrailLine.Name> name =
                    line.name(i).filter(n -> BEFORE_WORK.stream().anyMatch(w -> line.is(at - 1, w)));
            Optional<String> other = name.flatMap(n -> workRenamed(n.name(), from, to));
            if (other.isPresent()) {
                text = text.substring(0, name.get().from())
                        + Quoted.of(other.get())
                        + text.substring(name.get().to());
            }
        }
        return text;
    }

    private static Optional<String> workRenamed(String name, String from, String to) {
        return name.equals(from)
                ? Optional.of(to)
                : WITH_A_HOLDING.stream()
                        .filter(w -> name.equals(w + from))
                        .findFirst()
                        .map(w -> w + to);
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

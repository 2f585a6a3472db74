package bivouac.desktop.closings;

import bivouac.check.finding.Finding;
import bivouac.closing.Closings;
import bivouac.closing.Closings.Cell;
import bivouac.closing.Closings.Column;
import bivouac.closing.OnTheWay;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.rehearsal.Coverable;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What the Closings screen shows: a row for each window with a face, and one for all ready-made windows that close alike.
 *
 * @param cells how many windows times ways there are
 * @param unlike how many cells lack what others of their row do
 */
record ClosingsState(List<Line> lines, int cells, int unlike) {

    /** Which rows are shown. */
    enum Filter {
        ALL("all"),
        UNLIKE("unlike their row"),
        /** Those with a close box, an Escape or an ending that no rehearsal has met. */
        UNREHEARSED("not rehearsed");

        private final String words;

        Filter(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** A line of the table. */
    sealed interface Line {

        /** Rows of one kind follow. */
        record Heading(String text, String about) implements Line {}

        /** @param alike the windows that share it, the first drawn by name */
        record Row(List<Closings.Row> alike, String asks, List<Square> squares) implements Line {
            Closings.Row first() {
                return alike.getFirst();
            }

            /** The same, which says of each square what of it is missing. */
            Row withUnmet(Collection<Coverable> missing) {
                String window = first().window().name().shown();
                return new Row(
                        alike,
                        asks,
                        squares.stream()
                                .map(s -> new Square(
                                        s.column(), s.lines(), s.endings(), s.quiet(), unmet(s, window, missing)))
                                .toList());
            }

            private static String unmet(Square square, String window, Collection<Coverable> missing) {
                boolean left = square.column()
                        .way()
                        .filter(way -> missing.contains(new Coverable.Leaving(window, way)))
                        .isPresent();
                if (left) {
                    return "not rehearsed";
                }
                // a step leads to all endings of its column, so which of them is said
                String endings = square.endings().stream()
                        .filter(t -> square.column() == Column.CLOSE_STEP)
                        .map(Tag::ending)
                        .filter(e -> missing.contains(new Coverable.EndsWith(window, e)))
                        .collect(Collectors.joining(", "));
                return endings.isEmpty() ? "" : endings + " not rehearsed";
            }
        }
    }

    /**
     * Where a window and a way of closing it meet.
     *
     * @param lines what happens on the way, in the order of the row
     * @param endings where it leads
     * @param quiet why it is no way; empty where it is one
     * @param unmet what of it no rehearsal has met, in words; empty unless that is asked for
     */
    record Square(Column column, List<Said> lines, List<Tag> endings, String quiet, String unmet) {
        Square(Column column, List<Said> lines, List<Tag> endings, String quiet) {
            this(column, lines, endings, quiet, "");
        }

        boolean isMarked() {
            return lines.stream().anyMatch(Said::missing);
        }
    }

    /** An ending, and the part that leads to it where there are several. */
    record Tag(String ending, String who) {}

    /** What a line of a square is about; each has its sign. */
    enum Sign {
        ASKS,
        CHECKS,
        RUNS,
        SAVES,
        GIVES_BACK
    }

    /** @param missing whether it is what others do and this one does not */
    record Said(Sign sign, String text, boolean missing) {}

    /** @param missing what no rehearsal has met */
    static ClosingsState of(Closings closings, Filter filter, Collection<Coverable> missing) {
        var faces = new ArrayList<Line>();
        var ready = new ArrayList<Line>();
        int unlike = 0;
        List<Closings.Row> gathered = new ArrayList<>();
        for (Closings.Row row : closings.rows()) {
            if (row.window() instanceof FacedWindow) {
                Line.Row line = row(List.of(row));
                unlike += (int) line.squares().stream().filter(Square::isMarked).count();
                shown(line, filter, missing).ifPresent(faces::add);
            } else if (gathered.stream().noneMatch(row::closesLike)) {
                gathered.add(row);
                ready.add(row(closings.rows().stream().filter(row::closesLike).toList()));
            }
        }
        long count = closings.rows().stream()
                .filter(r -> !(r.window() instanceof FacedWindow))
                .count();
        if (!ready.isEmpty() && filter == Filter.ALL) {
            faces.add(new Line.Heading(
                    "Message boxes, file dialogs and pickers", count + "; those that close alike share a row"));
            faces.addAll(ready);
        }
        return new ClosingsState(List.copyOf(faces), closings.rows().size() * Column.values().length, unlike);
    }

    private static Optional<Line.Row> shown(Line.Row line, Filter filter, Collection<Coverable> missing) {
        return switch (filter) {
            case ALL -> Optional.of(line);
            case UNLIKE -> Optional.of(line).filter(l -> l.squares().stream().anyMatch(Square::isMarked));
            case UNREHEARSED ->
                Optional.of(line.withUnmet(missing)).filter(l -> l.squares().stream()
                        .anyMatch(s -> !s.unmet().isEmpty()));
        };
    }

    private static Line.Row row(List<Closings.Row> alike) {
        Closings.Row first = alike.getFirst();
        return new Line.Row(
                alike,
                first.window() instanceof FacedWindow ? asks(first) : "",
                List.of(Column.values()).stream().map(c -> square(first, c)).toList());
    }

    private static String asks(Closings.Row row) {
        return row.before().asks()
                ? "asks before closing"
                : row.before().things().isEmpty() ? "asks nothing" : "checks or runs first";
    }

    private static Square square(Closings.Row row, Column column) {
        return switch (row.cell(column)) {
            case Cell.NoWay(var why) -> new Square(column, List.of(), List.of(), why.words());
            case Cell.AsPressing(String part) -> new Square(column, List.of(), List.of(), "presses " + part);
            case Cell.Leads l -> new Square(column, lines(l, row.missing(column)), tags(row, column, l), "");
        };
    }

    private static List<Tag> tags(Closings.Row row, Column column, Cell.Leads leads) {
        boolean named = column == Column.CLOSE_STEP && row.window() instanceof FacedWindow;
        return leads.endings().stream()
                .map(e -> new Tag(e, named ? who(row, e) : ""))
                .toList();
    }

    private static String who(Closings.Row row, String ending) {
        return row.triggers().stream()
                .filter(t -> t.endings().contains(ending))
                .map(t -> t.place()
                        .ofPart()
                        .flatMap(p -> row.window() instanceof FacedWindow f ? f.part(p) : Optional.empty())
                        .map(Part::displayName)
                        .orElse(t.place().words()))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static List<Said> lines(Cell.Leads leads, List<OnTheWay> missing) {
        var lines = new ArrayList<Said>();
        for (Sign sign : Sign.values()) {
            said(sign, leads.things()).forEach(text -> lines.add(new Said(sign, text, false)));
            if (missing.stream().anyMatch(t -> sign(t) == sign)) {
                lines.add(new Said(sign, not(sign), true));
            }
        }
        return List.copyOf(lines);
    }

    private static List<String> said(Sign sign, List<OnTheWay> things) {
        List<OnTheWay> of = things.stream().filter(t -> sign(t) == sign).toList();
        return sign == Sign.CHECKS && of.size() > 1
                ? List.of("checks " + of.size() + " things")
                : of.stream().map(OnTheWay::words).toList();
    }

    private static Sign sign(OnTheWay thing) {
        return switch (thing) {
            case OnTheWay.Asks a -> Sign.ASKS;
            case OnTheWay.Checks c -> Sign.CHECKS;
            case OnTheWay.Runs r -> Sign.RUNS;
            case OnTheWay.Saves s -> Sign.SAVES;
            case OnTheWay.GivesBack g -> Sign.GIVES_BACK;
        };
    }

    private static String not(Sign sign) {
        return switch (sign) {
            case ASKS -> "does not ask";
            case CHECKS -> "checks nothing";
            case RUNS -> "runs nothing";
            case SAVES -> "saves nothing";
            case GIVES_BACK -> "gives nothing back";
        };
    }

    /** What is said where no row is shown. */
    static String nothing(Filter filter) {
        return switch (filter) {
            case ALL -> "No window yet.";
            case UNLIKE -> "Nothing to see here: no way of closing goes past what the others of its window do.";
            case UNREHEARSED -> "Every close box, every Escape and every ending was met by what was acted out.";
        };
    }

    /** What is found about a window's closing, heaviest first. */
    static List<Finding> about(List<Finding> findings, String window) {
        return findings.stream()
                .filter(f -> f.kind().cause() == Finding.Cause.CLOSING)
                .filter(f -> f.place().window().equals(Optional.of(window)))
                .toList();
    }
}

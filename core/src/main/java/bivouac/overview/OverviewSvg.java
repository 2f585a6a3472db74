package bivouac.overview;

import bivouac.design.Ending;
import bivouac.design.Manner;
import bivouac.design.Window;
import bivouac.drawing.Ink;
import bivouac.drawing.Svg;
import bivouac.drawing.Svg.Point;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The overview as a drawing that documents can hold: the start at the left, windows in tiers with what opens what, the
 * departure at the right. Light, whatever the look of the tool, and without what only helps to work on the design.
 */
public final class OverviewSvg {

    private static final double WALL = 190;
    private static final double IN = 14;

    /** Of a line of a wall, and of the gap before what is told next. */
    private static final double LINE = 16;

    private static final double GAP = 10;
    private static final double MARK = 22;

    private final Overview overview;
    private final OverviewLayout layout;
    private final List<WallWords> start;
    private final List<WallWords> departure;
    private final Svg svg;

    private OverviewSvg(
            Overview overview, OverviewLayout layout, List<WallWords> start, List<WallWords> departure, Svg svg) {
        this.overview = overview;
        this.layout = layout;
        this.start = start;
        this.departure = departure;
        this.svg = svg;
    }

    public static String of(Program program) {
        Overview overview = Overview.of(program.design());
        OverviewLayout layout = CardPlan.layOut(overview);
        List<WallWords> start = wrapped(WallWords.ofStart(program.design()));
        List<WallWords> departure = wrapped(WallWords.ofDeparture(program));
        double height = Math.max(layout.height() + IN, Math.max(height(start), height(departure)));
        return Svg.of(
                width(layout), height, svg -> new OverviewSvg(overview, layout, start, departure, svg).draw(height));
    }

    private static double width(OverviewLayout layout) {
        return WALL + layout.width() + IN + WALL;
    }

    private static double height(List<WallWords> said) {
        return 2 * IN
                + LINE
                + said.stream()
                        .mapToDouble(s -> GAP + LINE * (1 + s.lines().size()))
                        .sum();
    }

    /** Words of a wall stand below each other where they are longer than it is wide. */
    private static List<WallWords> wrapped(List<WallWords> said) {
        return said.stream()
                .map(s -> new WallWords(
                        s.title(),
                        s.lines().stream().flatMap(l -> wrapped(l).stream()).toList()))
                .toList();
    }

    private static List<String> wrapped(String line) {
        String stands = line.substring(0, line.length() - line.stripLeading().length());
        var lines = new ArrayList<String>();
        var now = new StringBuilder(stands);
        for (String word : words(line.strip())) {
            boolean first = now.toString().isBlank();
            if (!first && Svg.room(now + " " + word) > WALL - 2 * IN) {
                lines.add(now.toString());
                now = new StringBuilder(stands).append("  ").append(word);
            } else {
                now.append(first ? "" : " ").append(word);
            }
        }
        lines.add(now.toString());
        return lines;
    }

    /** The words of a line; one that is longer than the wall is wide is broken. */
    private static List<String> words(String line) {
        int most = (int) ((WALL - 3 * IN) / Svg.room("m"));
        return Stream.of(line.split(" "))
                .flatMap(w -> Stream.of(w.split("(?<=\\G.{" + most + "})")))
                .toList();
    }

    private void draw(double height) {
        svg.rect(0, 0, width(layout), height, Ink.PAPER, Ink.NONE, 0);
        double right = width(layout) - WALL;
        wall(0, height, "Start", start);
        wall(right, height, "Departure", departure);
        svg.rect(WALL - 3, 0, 3, height, Ink.INK, Ink.NONE, 0);
        svg.rect(right, 0, 3, height, Ink.INK, Ink.NONE, 0);
        layout.routes().forEach(this::route);
        for (int i = 0; i < overview.cards().size(); i++) {
            card(overview.cards().get(i), layout.boxes().get(i));
            comingBack(i, layout.boxes().get(i));
        }
    }

    private void wall(double left, double height, String title, List<WallWords> said) {
        svg.rect(left, 0, WALL, height, Ink.WALL, Ink.NONE, 0);
        double room = WALL - 2 * IN;
        double y = IN;
        svg.strong(left + IN, y, title, room, Ink.INK);
        y += LINE;
        for (WallWords one : said) {
            y += GAP;
            svg.strong(left + IN, y, one.title(), room, Ink.QUIET);
            y += LINE;
            for (String line : one.lines()) {
                String words = line.stripLeading();
                double in = Svg.room(line.substring(0, line.length() - words.length()));
                svg.words(left + IN + in, y, words, room - in, Ink.INK);
                y += LINE;
            }
        }
    }

    private void route(OverviewLayout.Route route) {
        List<Point> corners = route.corners().stream()
                .map(c -> new Point(WALL + c.x(), c.y()))
                .toList();
        Manner manner = route.line().manner();
        Ink ink = ink(manner);
        svg.way(corners, ink, manner.isWaiting() ? 5 : 1.5, dashes(manner));
        if (manner.isWaiting()) {
            svg.way(corners, Ink.PAPER, 2, List.of());
        }
        Point end = corners.getLast();
        svg.shape(List.of(end, new Point(end.x() - 8, end.y() - 5), new Point(end.x() - 8, end.y() + 5)), ink);
    }

    private static Ink ink(Manner manner) {
        return manner.isWaiting() ? Ink.EMBER : Ink.INK;
    }

    private static List<Integer> dashes(Manner manner) {
        return manner instanceof Manner.InPlace ? List.of(6, 4) : List.of();
    }

    private void card(Overview.Card card, OverviewLayout.Box box) {
        double left = WALL + box.x();
        double room = box.width() - 20;
        svg.rect(left, box.y(), box.width(), box.height(), Ink.RAISED, Ink.LINE, 4);
        svg.path(RoofLine.over(card.window(), box.width()), left, box.y(), Ink.INK, 2);
        svg.strong(left + 10, box.y() + 5, card.window().name().shown(), room, Ink.INK);
        svg.words(left + 10, box.y() + 21, card.about(), room, Ink.QUIET);
        double y = box.y() + CardPlan.HEAD;
        for (Overview.Row row : card.rows()) {
            svg.line(left, y, left + box.width(), y, Ink.FAINT);
            row(row, left, y, box.width());
            y += CardPlan.height(row);
        }
    }

    private void row(Overview.Row row, double left, double top, double width) {
        double y = top + 4;
        double opened = left + 10 + CardPlan.TRIGGER + 6;
        svg.words(left + 10, y, row.name(), CardPlan.TRIGGER, Ink.INK);
        if (row.folded().isEmpty() && row.back().isEmpty()) {
            svg.words(opened, y, row.kind(), width - CardPlan.TRIGGER - 26, Ink.QUIET);
        }
        for (Overview.Folded folded : row.folded()) {
            folded(folded, opened, y, left + width - 10);
            y += CardPlan.ROW;
        }
        for (Overview.Back back : row.back()) {
            opens(back.window(), ink(back.manner()), opened, y, left + width - 10);
            y += CardPlan.ROW;
        }
    }

    private void folded(Overview.Folded folded, double left, double top, double right) {
        boolean wide = right - left > CardPlan.NARROW;
        opens(folded.box(), Ink.EMBER, left, top, wide ? left + CardPlan.ASKED : right);
        if (wide) {
            String endings = folded.box().endings().stream().map(Ending::name).collect(Collectors.joining(" · "));
            svg.words(left + CardPlan.ASKED + 8, top, endings, right - left - CardPlan.ASKED - 8, Ink.QUIET);
        }
    }

    /** A short line of the manner, the mark of the window, its name. */
    private void opens(Window window, Ink ink, double left, double top, double right) {
        svg.line(left, top + 8, left + 12, top + 8, ink);
        svg.path(RoofLine.small(window), left + 16, top + 3, Ink.INK, 1.5);
        double name = left + 16 + MARK;
        svg.words(name, top, window.name().shown(), right - name, Ink.INK);
    }

    /** The endings that come back, before the card; quiet where some opener has no branch for it. */
    private void comingBack(int card, OverviewLayout.Box box) {
        double y = box.y() + OverviewLayout.ARRIVES_AT + 8;
        double right = WALL + box.x() - 6;
        for (Overview.Tag tag : overview.comingBack(card)) {
            double wide = Math.min(CardPlan.TAGS, Svg.room(tag.ending()) + 10);
            svg.rect(right - wide, y, wide, LINE, Ink.RAISED, tag.used() ? Ink.INK : Ink.LINE, 4);
            svg.words(right - wide + 5, y + 1, tag.ending(), wide - 8, tag.used() ? Ink.INK : Ink.QUIET);
            y += LINE + 3;
        }
    }
}

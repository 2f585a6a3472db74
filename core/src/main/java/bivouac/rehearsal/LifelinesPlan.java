package bivouac.rehearsal;

import java.util.ArrayList;
import java.util.List;

/**
 * Where the bars of lifelines stand: one column for each event, not for each second. Bars that are gone give their row
 * to later ones, so that there are no more rows than windows were open at once.
 *
 * @param column the width of an event, in pixels
 * @param rows the row of each bar, in the order of the bars, then of each task
 * @param rowCount how many rows there are
 */
public record LifelinesPlan(Lifelines lines, double column, List<Integer> rows, int rowCount) {

    public static final double LEFT = 12;
    public static final double TOP = 22;
    public static final double ROW = 24;
    public static final double BAR = 16;
    private static final double WIDE = 88;
    private static final double NARROW = 24;
    /** Up to so many events, each has room for its words. */
    private static final int FEW = 10;

    public LifelinesPlan {
        rows = List.copyOf(rows);
    }

    public static LifelinesPlan of(Lifelines lines) {
        var rows = new ArrayList<Integer>();
        // the event from which each row is free again
        var free = new ArrayList<Integer>();
        for (Lifelines.Bar bar : lines.bars()) {
            rows.add(take(free, bar.opened(), bar.closed()));
        }
        for (Lifelines.Run run : lines.tasks()) {
            rows.add(take(free, run.began(), run.ended()));
        }
        return new LifelinesPlan(lines, lines.moments() <= FEW + 1 ? WIDE : NARROW, rows, free.size());
    }

    private static int take(List<Integer> free, int from, int to) {
        int until = to < 0 ? Integer.MAX_VALUE : to + 1;
        for (int row = 0; row < free.size(); row++) {
            if (free.get(row) <= from) {
                free.set(row, until);
                return row;
            }
        }
        free.add(until);
        return free.size() - 1;
    }

    public boolean isWide() {
        return column == WIDE;
    }

    /** Where the moment after an event stands. */
    public double x(int event) {
        return LEFT + event * column;
    }

    public double y(int row) {
        return TOP + row * ROW;
    }

    /** The right end of something that ended in an event, or goes on. */
    public double end(int event) {
        return event < 0 ? width() - LEFT : x(event);
    }

    public double width() {
        return x(Math.max(1, lines.moments())) + LEFT;
    }

    public double height() {
        return y(rowCount) + 8;
    }

    /** The moment at a place across. */
    public int momentAt(double x) {
        return Math.clamp((long) ((x - LEFT) / column), 0, Math.max(0, lines.moments() - 1));
    }

    /** Where a stretch of blocking begins and ends. */
    public double[] across(Lifelines.Bar bar, Lifelines.Stretch stretch) {
        return new double[] {x(stretch.from()), Math.min(end(bar.closed()), x(stretch.to()))};
    }
}

package bivouac.rehearsal;

import bivouac.design.Design;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the bars of lifelines stand: one column for each event, not for each second. Bars that are gone give their row
 * to later ones, so that there are no more rows than windows were open at once.
 *
 * @param column the width of an event, in pixels
 * @param rows the row of each bar, in the order of the bars, then of each task
 * @param rowCount how many rows there are
 * @param held the row of each holding, above the windows
 * @param heldCount how many of these rows there are
 */
public record LifelinesPlan(
        Lifelines lines, double column, List<Integer> rows, int rowCount, List<Integer> held, int heldCount) {

    public static final double LEFT = 12;
    public static final double TOP = 22;
    public static final double BAR = 16;
    /** The height of a row of holdings. */
    public static final double HELD = 19;

    private static final double WIDE = 88;
    private static final double NARROW = 24;
    /** From this width on, a column has room for words. */
    private static final double WORDS = 56;
    /** What the tag of an ending takes beside its bar. */
    static final double TAG = 72;

    public LifelinesPlan {
        rows = List.copyOf(rows);
        held = List.copyOf(held);
    }

    /**
     * The plan of lifelines.
     *
     * @param room how wide they are seen, in pixels; columns become narrower down to a least width to fit there
     */
    public static LifelinesPlan of(Lifelines lines, double room) {
        double column = Math.clamp(Math.floor((room - 2 * LEFT) / Math.max(1, lines.moments())), NARROW, WIDE);
        int tags = (int) Math.ceil(TAG / column);
        var rows = new ArrayList<Integer>();
        // the event from which each row is free again
        var free = new ArrayList<Integer>();
        for (Lifelines.Bar bar : lines.bars()) {
            // what a script waits for stands below the window whose script it is
            int below = bar.within() < 0 ? 0 : rows.get(bar.within()) + 1;
            rows.add(take(free, below, bar.opened(), bar.closed(), tags));
        }
        for (Lifelines.Run run : lines.tasks()) {
            rows.add(take(free, 0, run.began(), run.ended(), tags));
        }
        var held = new ArrayList<Integer>();
        var freeHeld = new ArrayList<Integer>();
        for (Lifelines.Holding holding : lines.holdings()) {
            held.add(take(freeHeld, 0, holding.taken(), holding.givenBack(), tags));
        }
        return new LifelinesPlan(lines, column, rows, free.size(), held, freeHeld.size());
    }

    /**
     * @param below the first row that will do
     * @param tags how many columns the tag of an ending takes after its bar
     */
    private static int take(List<Integer> free, int below, int from, int to, int tags) {
        int until = to < 0 ? Integer.MAX_VALUE : to + tags;
        for (int row = below; row < free.size(); row++) {
            if (free.get(row) <= from) {
                free.set(row, until);
                return row;
            }
        }
        free.add(until);
        return free.size() - 1;
    }

    public boolean isWide() {
        return column >= WORDS;
    }

    /** What stands over an event: its words where there is room, else every fifth number; nothing over the start. */
    public Optional<String> heading(Design design, List<Moment> trail, int event) {
        if (event == 0 || !isWide() && event % 5 != 0) {
            return Optional.empty();
        }
        return Optional.of(isWide() ? words(design, trail.get(event).event().orElseThrow()) : Integer.toString(event));
    }

    /** The task itself is named on its own line. */
    private static String words(Design design, NamedEvent event) {
        return event instanceof NamedEvent.TaskEnded ended
                ? "→ " + ended.ending()
                : TrailWords.line(design, event).what();
    }

    /** Where the moment after an event stands. */
    public double x(int event) {
        return LEFT + event * column;
    }

    /** The height of a row; where there is room for words, also for the values that go in and out under its bar. */
    public double row() {
        return isWide() ? 34 : 24;
    }

    public double y(int row) {
        return TOP + heldCount * HELD + row * row();
    }

    /** The row of a task, by its number. */
    int rowOfTask(int task) {
        return rows.get(lines.bars().size() + task);
    }

    /** Where a holding stands, by its number; a thin line needs little room. */
    double yOfHolding(int holding) {
        return TOP + held.get(holding) * HELD;
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

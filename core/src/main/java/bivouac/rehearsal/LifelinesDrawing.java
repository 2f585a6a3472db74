package bivouac.rehearsal;

import bivouac.design.Design;
import java.util.ArrayList;
import java.util.List;

/**
 * Lifelines as shapes and words at places, in pixels; the tool and its exports draw these and decide nothing more. Made
 * for a stretch of the trail, so that a long one costs what is in sight.
 *
 * @param blocks from the undermost to the topmost
 */
public record LifelinesDrawing(List<Block> blocks, List<Words> words) {

    /** What a block stands for; later ones lie above earlier ones. */
    public enum Kind {
        /** From a window's bar down to one that its script waits for. */
        TIE,
        BAR,
        /** The bar of a window that is waited for. */
        WAITED,
        BLOCKED,
        TASK,
        HOLDING,
        /** Where a holding was taken. */
        RING
    }

    /** What words say. */
    public enum Saying {
        EVENT,
        NAME,
        TASK,
        HOLDING,
        /** What a window was handed; stands at the left end of its bar. */
        HANDED,
        ENDING,
        /** What an ending gives; stands at the right end of its bar. */
        GIVES
    }

    /** A rectangle. */
    public record Block(Kind kind, double x, double y, double width, double height) {}

    /**
     * One line of words.
     *
     * @param most how wide they may become before they are cut
     * @param whole what a person is told who points at them
     */
    public record Words(Saying saying, double x, double y, double most, String text, String whole) {}

    private static final double TIE = 1.5;
    private static final double TASK = 2;
    private static final double RING = 7;
    /** The least width of a bar, for a window that opened and closed in neighbouring events. */
    private static final double LEAST = 4;
    /** What always stays between a bar's end and its name. */
    private static final double NAME = 40;

    public LifelinesDrawing {
        blocks = List.copyOf(blocks);
        words = List.copyOf(words);
    }

    /** All of the lifelines of a trail. */
    public static LifelinesDrawing of(Design design, LifelinesPlan plan, List<Moment> trail) {
        return of(design, plan, trail, 0, plan.width());
    }

    /** What is seen of them between two places across; the names of bars that begin further left stand at its left end. */
    public static LifelinesDrawing of(
            Design design, LifelinesPlan plan, List<Moment> trail, double left, double right) {
        var making = new Making(plan, left, right);
        int last = Math.min(trail.size() - 1, plan.momentAt(right));
        for (int event = plan.momentAt(left); event <= last; event++) {
            int at = event;
            plan.heading(design, trail, event).ifPresent(w -> making.heading(at, w));
        }
        List<Lifelines.Bar> bars = plan.lines().bars();
        for (int i = 0; i < bars.size(); i++) {
            if (making.isSeen(bars.get(i).opened(), bars.get(i).closed())) {
                making.bar(bars.get(i), i);
            }
        }
        for (int i = 0; i < plan.lines().tasks().size(); i++) {
            Lifelines.Run run = plan.lines().tasks().get(i);
            if (making.isSeen(run.began(), run.ended())) {
                making.task(run, plan.y(plan.rowOfTask(i)));
            }
        }
        for (int i = 0; i < plan.lines().holdings().size(); i++) {
            Lifelines.Holding holding = plan.lines().holdings().get(i);
            if (making.isSeen(holding.taken(), holding.givenBack())) {
                making.holding(holding, plan.yOfHolding(i));
            }
        }
        making.blocks.sort(java.util.Comparator.comparing(Block::kind));
        return new LifelinesDrawing(making.blocks, making.words);
    }

    private static final class Making {
        private final LifelinesPlan plan;
        private final double left;
        private final double right;
        private final List<Block> blocks = new ArrayList<>();
        private final List<Words> words = new ArrayList<>();

        Making(LifelinesPlan plan, double left, double right) {
            this.plan = plan;
            this.left = left;
            this.right = right;
        }

        boolean isSeen(int from, int to) {
            return plan.x(from) < right && plan.end(to) + LifelinesPlan.TAG > left;
        }

        void heading(int event, String text) {
            say(Saying.EVENT, plan.x(event) + 2, 2, plan.isWide() ? plan.column() - 4 : plan.column() * 2, text, text);
        }

        void bar(Lifelines.Bar bar, int number) {
            double y = plan.y(plan.rows().get(number));
            double from = plan.x(bar.opened());
            double to = plan.end(bar.closed());
            block(bar.waits() ? Kind.WAITED : Kind.BAR, from, y, Math.max(LEAST, to - from), LifelinesPlan.BAR);
            for (Lifelines.Stretch stretch : bar.blocked()) {
                double[] across = plan.across(bar, stretch);
                if (across[1] > across[0]) {
                    block(Kind.BLOCKED, across[0], y, across[1] - across[0], LifelinesPlan.BAR);
                }
            }
            if (bar.within() >= 0) {
                tie(bar, plan.rows().get(bar.within()), y);
            }
            // the name stays in sight while its bar does
            double at = Math.max(from, Math.min(left, to - NAME));
            say(
                    Saying.NAME,
                    at + 8,
                    y,
                    Math.max(8, to - at - 10),
                    bar.which().toString(),
                    bar.which().toString());
            if (plan.isWide()) {
                handed(bar, y);
            }
            ending(bar, number, to, y);
        }

        /** The script that waits is a bracket around what it waits for. */
        private void tie(Lifelines.Bar bar, int ownersRow, double y) {
            double top = plan.y(ownersRow) + LifelinesPlan.BAR;
            double bottom = y;
            if (bottom < top) {
                top = y + LifelinesPlan.BAR;
                bottom = plan.y(ownersRow);
            }
            block(Kind.TIE, plan.x(bar.opened()), top, TIE, bottom - top);
            if (!bar.isOpen()) {
                block(Kind.TIE, plan.end(bar.closed()) - TIE, top, TIE, bottom - top);
            }
        }

        private void handed(Lifelines.Bar bar, double y) {
            for (int i = 0; i < bar.handed().size(); i++) {
                Lifelines.Handed values = bar.handed().get(i);
                int until = i + 1 < bar.handed().size()
                        ? bar.handed().get(i + 1).event()
                        : bar.isOpen() ? plan.lines().moments() : bar.closed();
                double x = plan.x(values.event());
                say(
                        Saying.HANDED,
                        x + 3,
                        y + LifelinesPlan.BAR + 1,
                        Math.max(plan.column(), plan.x(until) - x) - 8,
                        "↓ " + values.values(),
                        bar.which() + " was handed " + values.values());
            }
        }

        private void ending(Lifelines.Bar bar, int number, double to, double y) {
            if (bar.isOpen() || bar.ending().isEmpty()) {
                return;
            }
            String whole =
                    bar.which() + " ends " + (bar.gives().isEmpty() ? bar.ending() : bar.ending() + ": " + bar.gives());
            say(Saying.ENDING, to + 3, y, LifelinesPlan.TAG * 2, bar.ending(), whole);
            if (!bar.gives().isEmpty() && plan.isWide()) {
                say(
                        Saying.GIVES,
                        to + 3,
                        y + LifelinesPlan.BAR + 1,
                        beside(bar, number, to) - 8,
                        "↑ " + bar.gives(),
                        whole);
            }
        }

        /** How much room there is behind a bar until the next one in its row, two columns at the most. */
        private double beside(Lifelines.Bar bar, int number, double to) {
            double room = plan.column() * 2;
            List<Lifelines.Bar> bars = plan.lines().bars();
            for (int i = 0; i < bars.size(); i++) {
                boolean follows = plan.rows().get(i).equals(plan.rows().get(number))
                        && bars.get(i).opened() >= bar.closed();
                if (i != number && follows) {
                    room = Math.min(room, plan.x(bars.get(i).opened()) - to);
                }
            }
            return room;
        }

        void task(Lifelines.Run run, double y) {
            double from = plan.x(run.began());
            double middle = y + LifelinesPlan.BAR / 2;
            block(Kind.TASK, from, middle + 4, Math.max(LEAST, plan.end(run.ended()) - from), TASK);
            say(Saying.TASK, from + 2, y - 3, plan.column() * 3, run.words(), run.words());
        }

        void holding(Lifelines.Holding holding, double y) {
            double from = plan.x(holding.taken());
            double to = plan.end(holding.givenBack());
            double middle = y + LifelinesPlan.HELD - 7;
            block(Kind.HOLDING, from, middle - TIE / 2, Math.max(LEAST, to - from), TIE);
            block(Kind.RING, from - RING / 2 + 2, middle - RING / 2, RING, RING);
            if (holding.givenBack() >= 0) {
                block(Kind.RING, to - RING / 2, middle - RING / 2, RING, RING);
            }
            double at = Math.max(from + RING, Math.min(left, to - NAME));
            String whole = holding.what() + (holding.givenBack() < 0 ? " is held" : " was held");
            say(Saying.HOLDING, at + 4, y - 3, Math.max(plan.column(), to - at - 8), holding.what(), whole);
        }

        private void block(Kind kind, double x, double y, double width, double height) {
            if (x <= right && x + width >= left) {
                blocks.add(new Block(kind, x, y, width, height));
            }
        }

        private void say(Saying saying, double x, double y, double most, String text, String whole) {
            if (x <= right && x + most >= left) {
                words.add(new Words(saying, x, y, most, text, whole));
            }
        }
    }
}

package bivouac.desktop.overview;

import bivouac.overview.Overview;
import bivouac.overview.OverviewLayout;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Where windows stand when the whole of a design is seen from further away: a plate with a name for each, in its tier,
 * under what opens it first. A window hangs on its first opener, so that the lines never cross; other ways in are drawn
 * for one window at a time. A tier that is too long for the height goes on in another column, and its plates shrink.
 *
 * @param plates in the order of the cards
 * @param threads from what opens a window first, or none where tiers have more than one column
 * @param tiers where each tier begins
 */
record FarPlan(
        List<Plate> plates,
        List<OverviewLayout.Route> threads,
        List<Tier> tiers,
        Spacing spacing,
        double width,
        double height) {

    /** The room above the plates for the names of the tiers. */
    static final double HEAD = 30;

    private static final double LEFT = 26;
    private static final double GUTTER = 46;
    private static final double BETWEEN = 6;
    private static final double WIDEST = 190;
    private static final double STRETCHED = 36;

    /** How large plates are: with room for marks, only for names, or a map whose names show where one looks. */
    enum Spacing {
        ROOMY(26, 22, 120),
        DENSE(18, 16, 96),
        MAP(18, 14, 26);

        /** From one plate to the next. */
        final double step;

        final double plate;

        /** The least width, below which what it shows cannot be told apart. */
        final double narrowest;

        Spacing(double step, double plate, double narrowest) {
            this.step = step;
            this.plate = plate;
            this.narrowest = narrowest;
        }
    }

    record Plate(int card, double x, double y, double width, double height) {

        double middle() {
            return y + height / 2;
        }
    }

    record Tier(int number, double x, double width) {

        String words() {
            return switch (number) {
                case 0 -> "First to open";
                case 1 -> "Opened from there";
                case 2 -> "One further";
                case 3 -> "Two further";
                default -> number - 1 + " further";
            };
        }
    }

    /**
     * @param width what there is between the walls, in pixels
     * @param height what there is from the bar to the legend
     */
    static FarPlan of(Overview state, double width, double height) {
        Map<Integer, Overview.Line> first = new HashMap<>();
        state.lines().forEach(l -> first.putIfAbsent(l.to(), l));
        List<List<Integer>> tiers = tiers(state, first);
        Spacing spacing = spacing(tiers, width, height);
        return new Making(tiers, first, spacing, width, height).plan();
    }

    /** As large as may be; but rather smaller in one column a tier, with lines, than larger in several without. */
    private static Spacing spacing(List<List<Integer>> tiers, double width, double height) {
        for (Spacing spacing : Spacing.values()) {
            if (columns(tiers, spacing, height) == tiers.size() && spacing != Spacing.MAP) {
                return spacing;
            }
        }
        double room = width - tiers.size() * GUTTER;
        return Stream.of(Spacing.ROOMY, Spacing.DENSE)
                .filter(s -> columns(tiers, s, height) * (s.narrowest + BETWEEN) <= room)
                .findFirst()
                .orElse(Spacing.MAP);
    }

    /** The cards of each tier, those of one opener together, in the order of their openers. */
    private static List<List<Integer>> tiers(Overview state, Map<Integer, Overview.Line> first) {
        int last = state.cards().stream().mapToInt(Overview.Card::tier).max().orElse(-1);
        var tiers = new ArrayList<List<Integer>>();
        Map<Integer, Integer> order = new HashMap<>();
        for (int tier = 0; tier <= last; tier++) {
            int t = tier;
            List<Integer> cards = IntStream.range(0, state.cards().size())
                    .filter(i -> state.cards().get(i).tier() == t)
                    .boxed()
                    .sorted(Comparator.comparingInt(i -> Optional.ofNullable(first.get(i))
                            .map(l -> order.getOrDefault(l.from(), -1))
                            .orElse(-1)))
                    .toList();
            cards.forEach(c -> order.put(c, order.size()));
            tiers.add(cards);
        }
        return tiers;
    }

    private static int rows(Spacing spacing, double height) {
        return Math.max(1, (int) ((height - HEAD - spacing.step) / spacing.step));
    }

    private static int columns(List<List<Integer>> tiers, Spacing spacing, double height) {
        return tiers.stream()
                .mapToInt(t -> columns(t.size(), rows(spacing, height)))
                .sum();
    }

    private static int columns(int plates, int rows) {
        return (plates + rows - 1) / rows;
    }

    /** Whether what opens a window first can be drawn for all at once. */
    boolean hasThreads() {
        return !threads.isEmpty();
    }

    /** The plate that an arrow key goes to from one: the nearest in that direction, else itself. */
    int next(int card, int dx, int dy) {
        Plate from = plates.get(card);
        return plates.stream()
                .filter(p -> p.card() != card && lies(from, p, dx, dy))
                .min(Comparator.comparingDouble(p -> away(from, p, dx)))
                .map(Plate::card)
                .orElse(card);
    }

    private static boolean lies(Plate from, Plate to, int dx, int dy) {
        return dx == 0 ? to.x() == from.x() && (to.y() - from.y()) * dy > 0 : (to.x() - from.x()) * dx > 0;
    }

    /** Sideways the next column counts before all, then how far up or down. */
    private static double away(Plate from, Plate to, int dx) {
        double up = Math.abs(to.middle() - from.middle());
        return dx == 0 ? up : Math.abs(to.x() - from.x()) * 1000 + up;
    }

    /** All ways in and out of a window, from plate to plate. */
    List<OverviewLayout.Route> routesOf(Overview state, int card) {
        return state.lines().stream()
                .filter(l -> l.to() == card || l.from() == card)
                .map(l -> route(plates, l, 0))
                .toList();
    }

    /** @param lane keeps the lines of different openers apart in the room between two tiers */
    private static OverviewLayout.Route route(List<Plate> plates, Overview.Line line, int lane) {
        Plate to = plates.get(line.to());
        double fromX = 0;
        double fromY = to.middle();
        if (line.from() >= 0) {
            Plate from = plates.get(line.from());
            fromX = from.x() + from.width();
            fromY = from.middle();
        }
        double bend = to.x() - 18 - lane % 4 * 6;
        return new OverviewLayout.Route(
                line,
                List.of(
                        new OverviewLayout.Corner(fromX, fromY),
                        new OverviewLayout.Corner(bend, fromY),
                        new OverviewLayout.Corner(bend, to.middle()),
                        new OverviewLayout.Corner(to.x(), to.middle())));
    }

    /** One plan in the making. */
    private record Making(
            List<List<Integer>> tiers,
            Map<Integer, Overview.Line> first,
            Spacing spacing,
            double width,
            double height) {

        FarPlan plan() {
            int rows = rows(spacing, height);
            int columns = Math.max(1, columns(tiers, spacing, height));
            double room = width - LEFT - (tiers.size() - 1) * GUTTER - columns * BETWEEN - 8;
            double plate = Math.clamp(room / columns, spacing.narrowest, WIDEST);
            var plates = new HashMap<Integer, Plate>();
            var heads = new ArrayList<Tier>();
            double x = LEFT;
            for (int t = 0; t < tiers.size(); t++) {
                List<Integer> tier = tiers.get(t);
                int own = Math.max(1, columns(tier.size(), rows));
                place(tier, x, plate, rows, plates);
                double wide = own * (plate + BETWEEN) - BETWEEN;
                heads.add(new Tier(t, x, wide));
                x += wide + GUTTER;
            }
            List<Plate> inOrder = plates.values().stream()
                    .sorted(Comparator.comparingInt(Plate::card))
                    .toList();
            return new FarPlan(
                    inOrder,
                    columns == tiers.size() ? threads(inOrder) : List.of(),
                    heads,
                    spacing,
                    x - GUTTER,
                    height);
        }

        /** From top to bottom, spread over the height where there is room. */
        private void place(List<Integer> tier, double x, double plate, int rows, Map<Integer, Plate> plates) {
            int inColumn = Math.min(rows, tier.size());
            double free = height - HEAD - spacing.step;
            double step =
                    inColumn < rows ? Math.clamp(free / Math.max(1, inColumn), spacing.step, STRETCHED) : spacing.step;
            double top = HEAD + Math.max(0, (free - inColumn * step) / 2);
            for (int i = 0; i < tier.size(); i++) {
                plates.put(
                        tier.get(i),
                        new Plate(
                                tier.get(i),
                                x + i / rows * (plate + BETWEEN),
                                Math.rint(top + i % rows * step + (step - spacing.plate) / 2),
                                plate,
                                spacing.plate));
            }
        }

        private List<OverviewLayout.Route> threads(List<Plate> plates) {
            return first.values().stream()
                    .sorted(Comparator.comparingInt(Overview.Line::to))
                    .map(l -> route(plates, l, l.from() < 0 ? 0 : l.from()))
                    .toList();
        }
    }
}

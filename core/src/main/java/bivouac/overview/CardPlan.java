package bivouac.overview;

import java.util.ArrayList;
import java.util.List;

/** How large cards are, and where their rows stand: known before they are drawn, so that the layout need not wait. In pixels. */
public final class CardPlan {

    /** The first tier is wide, since most is asked from there; the others leave room for it. */
    public static final double WIDE = 392;

    public static final double NARROW = 236;

    /** Of the head, with the name and what is said about the window. */
    public static final double HEAD = 42;

    /** Of a line in a row. */
    public static final double ROW = 22;

    /** How wide the trigger of a row is. */
    public static final double TRIGGER = 92;

    /** How wide the name of a box is where its endings stand beside it. */
    public static final double ASKED = 138;

    /** Where the line from the start wall leaves it. */
    public static final double START_LINE = 20;

    /** How wide the endings before a card are at most. */
    public static final double TAGS = 86;

    private CardPlan() {}

    public static OverviewLayout.CardSize size(Overview.Card card) {
        double width = card.tier() == 0 ? WIDE : NARROW;
        var rows = new ArrayList<Double>();
        double y = HEAD;
        for (Overview.Row row : card.rows()) {
            rows.add(y + ROW / 2);
            y += height(row);
        }
        return new OverviewLayout.CardSize(width, height(card), List.copyOf(rows));
    }

    /** An overview laid out in cards of these sizes. */
    public static OverviewLayout layOut(Overview overview) {
        return OverviewLayout.of(
                overview, overview.cards().stream().map(CardPlan::size).toList(), START_LINE);
    }

    public static double height(Overview.Card card) {
        return HEAD + 2 + card.rows().stream().mapToDouble(CardPlan::height).sum();
    }

    public static double height(Overview.Row row) {
        return 1 + ROW * Math.max(1, row.folded().size() + row.back().size());
    }
}

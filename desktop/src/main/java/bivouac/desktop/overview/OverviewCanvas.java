package bivouac.desktop.overview;

import bivouac.design.Manner;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.overview.CardPlan;
import bivouac.overview.Overview;
import bivouac.overview.OverviewLayout;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Pane;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Polygon;

/**
 * The cards and lines between the walls. Only what lies in sight, and as much around it, has nodes; scrolling and the
 * keyboard bring the rest. Pointing at a card shows its ways in and out, and dims the others.
 */
final class OverviewCanvas extends ScrollPane {

    private static final double AROUND = 700;
    private static final PseudoClass DIMMED = PseudoClass.getPseudoClass("dimmed");

    private final Work work;
    private final Pane lines = new Pane();
    private final Pane cards = new Pane();
    private final Map<Integer, DrawnCard> drawnCards = new HashMap<>();
    private final Map<OverviewLayout.Route, Node> drawnLines = new HashMap<>();
    private final Node nothing =
            Ui.styled(Ui.label("No window yet. Type a name into the roster at the left and press Enter."), "empty");
    private Overview state = new Overview(List.of(), List.of(), List.of());
    private OverviewLayout layout = new OverviewLayout(List.of(), List.of(), 0, 0);
    private Situation shown;
    private Sight.Region drawn = new Sight.Region(0, 0, 0, 0);
    private Set<Integer> meant = Set.of();

    /** A card with the endings at its left; by what it says it is told whether it can stay. */
    private record DrawnCard(List<?> says, WindowCard card, Node tags) {

        void place(OverviewLayout.Box box) {
            card.relocate(box.x(), box.y());
            tags.relocate(box.x() - CardPlan.TAGS - 6, box.y() + OverviewLayout.ARRIVES_AT + 8);
        }

        void dim(boolean yes) {
            card.pseudoClassStateChanged(DIMMED, yes);
            tags.pseudoClassStateChanged(DIMMED, yes);
        }
    }

    OverviewCanvas(Work work) {
        this.work = work;
        var canvas = Ui.styled(new Pane(lines, cards), "overview-canvas");
        lines.setMouseTransparent(true);
        cards.setPickOnBounds(false);
        setContent(canvas);
        setFitToHeight(true);
        setFitToWidth(true);
        getStyleClass().add("overview-scroll");
        viewportBoundsProperty().subscribe(this::drawInSight);
        hvalueProperty().subscribe(this::drawInSight);
        vvalueProperty().subscribe(this::drawInSight);
    }

    /** Draws another overview, or the same with other findings or another card chosen. */
    void show(Overview state, OverviewLayout layout, Situation s, List<Integer> hits) {
        this.state = state;
        meant = Set.copyOf(hits);
        this.layout = layout;
        shown = s;
        drawn = new Sight.Region(0, 0, 0, 0);
        ((Pane) getContent()).setMinSize(layout.width(), layout.height());
        cards.getChildren().remove(nothing);
        if (state.cards().isEmpty()) {
            cards.getChildren().add(nothing);
        }
        keepCards();
        keepLines();
        drawInSight();
    }

    /** What says the same stays, wherever it stands now; what says something else is drawn anew in its order. */
    private void keepCards() {
        List.copyOf(drawnCards.keySet()).forEach(n -> {
            DrawnCard was = drawnCards.get(n);
            if (n >= state.cards().size()) {
                cards.getChildren().removeAll(was.card(), was.tags());
                drawnCards.remove(n);
            } else if (!was.says().equals(says(n))) {
                DrawnCard is = card(n);
                cards.getChildren().set(cards.getChildren().indexOf(was.card()), is.card());
                cards.getChildren().set(cards.getChildren().indexOf(was.tags()), is.tags());
                drawnCards.put(n, is);
            } else {
                was.place(layout.boxes().get(n));
            }
            Optional.ofNullable(drawnCards.get(n)).ifPresent(d -> d.card().choose(shown.chosen()));
        });
    }

    private void keepLines() {
        Set<OverviewLayout.Route> there = Set.copyOf(layout.routes());
        drawnLines.entrySet().removeIf(e -> {
            boolean gone = !there.contains(e.getKey());
            if (gone) {
                lines.getChildren().remove(e.getValue());
            }
            return gone;
        });
    }

    private void drawInSight() {
        if (shown == null) {
            return;
        }
        Sight.Region sight = sight();
        if (drawn.holds(sight)) {
            return;
        }
        drawn = sight.wider(AROUND);
        for (OverviewLayout.Route route : Sight.routes(layout, drawn)) {
            drawnLines.computeIfAbsent(route, r -> {
                Node line = line(r);
                lines.getChildren().add(line);
                return line;
            });
        }
        for (int i : Sight.cards(layout, drawn)) {
            drawnCards.computeIfAbsent(i, n -> {
                DrawnCard one = card(n);
                cards.getChildren().addAll(one.card(), one.tags());
                return one;
            });
        }
        point(OptionalInt.empty());
    }

    /** Quiets all cards but those that are meant by what is typed. */
    void meaning(List<Integer> hits) {
        meant = Set.copyOf(hits);
        point(OptionalInt.empty());
    }

    /** Scrolls to a card. */
    void show(int card) {
        bringIntoSight(layout.boxes().get(card));
    }

    /** What is in sight; before the first layout, as much as the tool's window holds. */
    private Sight.Region sight() {
        Bounds port = getViewportBounds();
        double width = port.getWidth() > 0 ? port.getWidth() : 1000;
        double height = port.getHeight() > 0 ? port.getHeight() : 800;
        return new Sight.Region(
                getHvalue() * Math.max(0, layout.width() - width),
                getVvalue() * Math.max(0, layout.height() - height),
                width,
                height);
    }

    private List<?> says(int number) {
        Overview.Card card = state.cards().get(number);
        return List.of(WindowCard.says(card, shown, layout.boxes().get(number).width()), state.comingBack(number));
    }

    private DrawnCard card(int number) {
        Overview.Card card = state.cards().get(number);
        String name = card.window().name().shown();
        OverviewLayout.Box box = layout.boxes().get(number);
        var node = new WindowCard(
                card, shown, box.width(), () -> work.choose(Chosen.window(name)), () -> work.goTo(Chosen.window(name)));
        node.choose(shown.chosen());
        node.hoverProperty().subscribe(over -> point(over ? OptionalInt.of(number) : OptionalInt.empty()));
        node.focusedProperty().subscribe(focused -> {
            if (focused) {
                bringIntoSight(layout.boxes().get(number));
            }
        });
        var one = new DrawnCard(says(number), node, tags(number));
        one.place(box);
        return one;
    }

    /** Dims what has nothing to do with a card. */
    private void point(OptionalInt card) {
        Set<Integer> clear = card.isEmpty() ? meant : Sight.tiedTo(state, card.getAsInt());
        drawnCards.forEach((n, one) -> one.dim(!clear.contains(n)));
        drawnLines.forEach((route, node) -> node.pseudoClassStateChanged(
                DIMMED,
                card.isPresent()
                        && route.line().from() != card.getAsInt()
                        && route.line().to() != card.getAsInt()));
    }

    private void bringIntoSight(OverviewLayout.Box box) {
        Sight.Region sight = sight();
        setHvalue(scrolled(getHvalue(), sight.x(), sight.width(), box.x() - 20, box.x() + box.width(), layout.width()));
        setVvalue(scrolled(
                getVvalue(), sight.y(), sight.height(), box.y() - 20, box.y() + box.height(), layout.height()));
    }

    private static double scrolled(double now, double at, double seen, double from, double to, double all) {
        if (all <= seen || from >= at && to <= at + seen) {
            return now;
        }
        double wanted = from < at ? from : Math.min(from, to - seen);
        return Math.clamp(wanted / (all - seen), 0, 1);
    }

    void focusFirst() {
        cards.getChildren().stream()
                .filter(WindowCard.class::isInstance)
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    /** The endings of a card, once, at its left; dashed where some opener has no branch. */
    private Node tags(int card) {
        var column = Ui.column(3);
        column.setAlignment(javafx.geometry.Pos.TOP_RIGHT);
        for (Overview.Tag tag : state.comingBack(card)) {
            column.getChildren().add(Ui.styled(Ui.label(tag.ending(), "ending"), tag.used() ? "used" : "unused"));
        }
        column.setMinWidth(CardPlan.TAGS);
        column.setMaxWidth(CardPlan.TAGS);
        column.setMouseTransparent(true);
        column.getStyleClass().add("coming-back");
        return column;
    }

    static Node line(OverviewLayout.Route route) {
        Manner manner = route.line().manner();
        String style = manner.isWaiting() ? "waits" : manner instanceof Manner.InPlace ? "in-place" : "alongside";
        var group = new Group(path(route, "overview-line", style));
        if (manner.isWaiting()) {
            group.getChildren().add(path(route, "overview-line", "waits-inner"));
        }
        OverviewLayout.Corner end = route.corners().getLast();
        var arrow = new Polygon(end.x(), end.y(), end.x() - 8, end.y() - 5, end.x() - 8, end.y() + 5);
        arrow.getStyleClass().addAll("overview-arrow", style);
        group.getChildren().add(arrow);
        group.getStyleClass().add("line-holder");
        return group;
    }

    private static Path path(OverviewLayout.Route route, String... styles) {
        var path = new Path();
        for (OverviewLayout.Corner corner : route.corners()) {
            path.getElements()
                    .add(
                            path.getElements().isEmpty()
                                    ? new MoveTo(corner.x(), corner.y())
                                    : new LineTo(corner.x(), corner.y()));
        }
        path.getStyleClass().addAll(styles);
        return path;
    }
}

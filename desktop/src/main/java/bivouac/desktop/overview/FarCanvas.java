package bivouac.desktop.overview;

import bivouac.check.finding.Finding;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.overview.Overview;
import bivouac.rehearsal.Covered;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Dimension2D;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;

/** All windows of a design at once, by name, in their tiers; the chosen one with all its ways in and out. */
final class FarCanvas extends ScrollPane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass TIED = PseudoClass.getPseudoClass("tied");
    private static final PseudoClass DIMMED = PseudoClass.getPseudoClass("dimmed");

    /** What is planned for before the first layout, in pixels. */
    private static final double USUAL_WIDTH = 780;

    private static final double USUAL_HEIGHT = 640;

    /** More names at once cover the map. */
    private static final int MOST_NAMES = 40;

    private static final double NAME_WIDTH = 120;

    private static final Covered.Share NOTHING_MET = new Covered.Share(0, 0);

    private final Work work;
    private final Pane threads = new Pane();
    private final Pane ways = new Pane();
    private final Pane plates = new Pane();
    private final Pane heads = new Pane();
    private final Pane names = new Pane();
    private final List<FarPlate> drawn = new ArrayList<>();
    private final List<Look> looks = new ArrayList<>();
    private Overview state = new Overview(List.of(), List.of(), List.of());
    private FarPlan plan = FarPlan.of(state, USUAL_WIDTH, USUAL_HEIGHT);
    private Dimension2D planned = new Dimension2D(0, 0);
    private Situation shown;
    private List<Integer> hits = List.of();

    FarCanvas(Work work) {
        this.work = work;
        setContent(Ui.styled(new Pane(threads, ways, heads, plates, names), "overview-canvas"));
        List.of(threads, ways, heads, names).forEach(p -> p.setMouseTransparent(true));
        setFitToHeight(true);
        setFitToWidth(true);
        getStyleClass().add("overview-scroll");
        viewportBoundsProperty().subscribe(b -> {
            if (shown != null
                    && b.getWidth() > 0
                    && (b.getWidth() != planned.getWidth() || b.getHeight() != planned.getHeight())) {
                place();
            }
        });
    }

    /** Draws an overview; the hits stay those of what is typed. */
    void show(Overview state, Situation s, List<Integer> hits) {
        boolean same = this.state == state && shown != null;
        this.state = state;
        this.hits = hits;
        shown = s;
        if (same) {
            look();
            mark();
        } else {
            place();
        }
    }

    /** Another design, or another size of the room for it. */
    private void place() {
        var port = getViewportBounds();
        planned = port.getWidth() > 0
                ? new Dimension2D(port.getWidth(), port.getHeight())
                : new Dimension2D(USUAL_WIDTH, USUAL_HEIGHT);
        FarPlan before = plan;
        plan = FarPlan.of(state, planned.getWidth(), planned.getHeight());
        ((Pane) getContent()).setMinSize(plan.width() + 16, 0);
        if (!plan.tiers().equals(before.tiers())) {
            heads.getChildren()
                    .setAll(plan.tiers().stream().map(FarCanvas::head).toList());
        }
        if (!plan.threads().equals(before.threads())) {
            threads.getChildren()
                    .setAll(plan.threads().stream()
                            .map(r -> Ui.styled(OverviewCanvas.line(r), "far-thread"))
                            .toList());
        }
        look();
        mark();
    }

    /** Draws the plates that look otherwise than before: finding the styles of hundreds anew would be felt. */
    private void look() {
        Map<String, List<Finding.Weight>> found = shown.weights();
        Map<String, Covered.Share> shares = shown.rehearsed().covered().shares();
        while (drawn.size() > plan.plates().size()) {
            looks.removeLast();
            plates.getChildren().remove(drawn.removeLast());
        }
        for (FarPlan.Plate place : plan.plates()) {
            Overview.Card card = state.cards().get(place.card());
            String name = card.window().name().shown();
            var look = new Look(
                    card,
                    place,
                    plan.spacing(),
                    found.getOrDefault(name, List.of()),
                    shares.getOrDefault(name, NOTHING_MET));
            if (place.card() == looks.size()) {
                looks.add(look);
                drawn.add(plate(look));
                plates.getChildren().add(drawn.getLast());
            } else if (!looks.get(place.card()).equals(look)) {
                looks.set(place.card(), look);
                boolean focused = drawn.get(place.card()).isFocused();
                drawn.set(place.card(), plate(look));
                plates.getChildren().set(place.card(), drawn.get(place.card()));
                if (focused) {
                    focus(place.card());
                }
            }
        }
    }

    /** All that a plate shows, and where. */
    private record Look(
            Overview.Card card,
            FarPlan.Plate place,
            FarPlan.Spacing spacing,
            List<Finding.Weight> weights,
            Covered.Share share) {}

    private static Node head(FarPlan.Tier tier) {
        var head = Ui.shortened(tier.words(), "strong");
        head.setMaxWidth(Math.max(tier.width(), 60));
        head.relocate(tier.x(), 8);
        return head;
    }

    private FarPlate plate(Look look) {
        FarPlan.Plate place = look.place();
        String name = look.card().window().name().shown();
        var plate = new FarPlate(look.card(), place, look.spacing(), look.weights(), look.share());
        plate.setOnMouseClicked(e -> {
            plate.requestFocus();
            if (e.getClickCount() == 2) {
                work.goTo(Chosen.window(name));
            } else {
                work.choose(Chosen.window(name));
            }
        });
        plate.setOnKeyPressed(e -> pressed(e, place.card(), name));
        plate.focusedProperty().subscribe(focused -> {
            if (focused) {
                bringIntoSight(place);
                name(OptionalInt.of(place.card()));
            }
        });
        plate.hoverProperty().subscribe(over -> name(over ? OptionalInt.of(place.card()) : OptionalInt.empty()));
        return plate;
    }

    private void pressed(KeyEvent e, int card, String name) {
        if (e.isAltDown() || e.isControlDown()) {
            return;
        }
        boolean known = true;
        switch (e.getCode()) {
            case ENTER -> work.goTo(Chosen.window(name));
            case SPACE -> work.choose(Chosen.window(name));
            case UP -> focus(plan.next(card, 0, -1));
            case DOWN -> focus(plan.next(card, 0, 1));
            case LEFT -> focus(plan.next(card, -1, 0));
            case RIGHT -> focus(plan.next(card, 1, 0));
            default -> known = false;
        }
        if (known) {
            e.consume();
        }
    }

    private void bringIntoSight(FarPlan.Plate place) {
        double seen = getViewportBounds().getWidth();
        double all = plan.width() + 16;
        if (all > seen && seen > 0) {
            double at = getHvalue() * (all - seen);
            if (place.x() < at || place.x() + place.width() > at + seen) {
                setHvalue(Math.clamp((place.x() - seen / 2) / (all - seen), 0, 1));
            }
        }
    }

    /** What is chosen stands out with its neighbours; what is not meant by what is typed is quiet. */
    private void mark() {
        OptionalInt chosen = chosen();
        Set<Integer> tied = chosen.isPresent() ? Sight.tiedTo(state, chosen.getAsInt()) : Set.of();
        Set<Integer> meant = new HashSet<>(hits);
        for (int i = 0; i < drawn.size(); i++) {
            drawn.get(i).pseudoClassStateChanged(CHOSEN, chosen.isPresent() && chosen.getAsInt() == i);
            drawn.get(i).pseudoClassStateChanged(TIED, tied.contains(i));
            drawn.get(i).pseudoClassStateChanged(DIMMED, !meant.contains(i));
        }
        boolean drawsWays = chosen.isPresent() && plan.hasThreads();
        ways.getChildren()
                .setAll(
                        drawsWays
                                ? plan.routesOf(state, chosen.getAsInt()).stream()
                                        .map(OverviewCanvas::line)
                                        .toList()
                                : List.of());
        name(OptionalInt.empty());
    }

    /** On a map the names of what is chosen, pointed at, or meant by what is typed stand over the plates. */
    private void name(OptionalInt pointed) {
        names.getChildren().clear();
        if (plan.spacing() != FarPlan.Spacing.MAP) {
            return;
        }
        var told = new LinkedHashSet<Integer>();
        if (hits.size() < state.cards().size() && hits.size() <= MOST_NAMES) {
            told.addAll(hits);
        } else {
            chosen().ifPresent(told::add);
        }
        pointed.ifPresent(told::add);
        for (int card : told) {
            FarPlan.Plate place = plan.plates().get(card);
            var name = Ui.label(state.cards().get(card).window().name().shown(), "map-name");
            name.relocate(Math.min(place.x() + 4, plan.width() - NAME_WIDTH), place.y() - 3);
            names.getChildren().add(name);
        }
    }

    private OptionalInt chosen() {
        return state.number(shown.chosen().window());
    }

    /** Another choice, or other hits, on the same overview. */
    void mark(Situation s, List<Integer> meant) {
        shown = s;
        hits = meant;
        mark();
    }

    /** Scrolls to a plate. */
    void show(int card) {
        bringIntoSight(plan.plates().get(card));
    }

    private void focus(int card) {
        drawn.get(card).requestFocus();
    }

    void focusFirst() {
        OptionalInt chosen = chosen();
        if (!drawn.isEmpty()) {
            focus(chosen.orElse(0));
        }
    }
}

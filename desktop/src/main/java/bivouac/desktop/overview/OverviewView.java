package bivouac.desktop.overview;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Manner;
import bivouac.design.Variable;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.TokenFlow;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.ScriptLines;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Polygon;

/** The Overview screen. The layout is made off the interface thread; until it is there, the one before stands. */
public final class OverviewView implements ScreenView {

    private static final double CARD = 236;
    private static final double START_LINE = 20;

    private final Work work;
    private final BorderPane root = new BorderPane();
    private final Label count = Ui.label("", "strong");
    private final Label about = Ui.label("", "quiet");
    private final Pane canvas = Ui.styled(new Pane(), "overview-canvas");
    private final VBox start = Ui.styled(Ui.column(4), "wall", "start-wall");
    private final VBox departure = Ui.styled(Ui.column(4), "wall", "departure-wall");
    private OverviewState state;
    private OverviewLayout layout;
    private Situation shown;
    private CompletableFuture<Void> laidOut = CompletableFuture.completedFuture(null);

    public OverviewView(Work work) {
        this.work = work;
        root.setTop(Ui.styled(Ui.row(10, count, about), "screen-bar"));
        root.setLeft(start);
        var scroll = new ScrollPane(canvas);
        scroll.setFitToHeight(true);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("overview-scroll");
        root.setCenter(scroll);
        root.setRight(departure);
        root.setBottom(legend());
    }

    private static Node legend() {
        return Ui.styled(
                Ui.row(
                        8,
                        Ui.styled(new Region(), "waits-line"),
                        Ui.label("waits", "small"),
                        Ui.styled(new Region(), "alongside-line"),
                        Ui.label("alongside", "small"),
                        Ui.styled(new Region(), "in-place-line"),
                        Ui.label("in place", "small"),
                        Ui.label("ending", "ending"),
                        Ui.label("comes back", "small"),
                        Ui.styled(Ui.label("ending", "ending"), "unused"),
                        Ui.label("nobody uses it", "small"),
                        Ui.spring(),
                        Ui.label("Enter on a card goes to its Window screen", "small")),
                "legend");
    }

    @Override
    public CompletableFuture<Void> drawn() {
        return laidOut;
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        boolean sameDesign = shown != null && shown.design() == s.design();
        if (shown != null && shown.looksLike(s)) {
            shown = s;
            return;
        }
        shown = s;
        walls(s);
        int windows = s.design().windows().size();
        count.setText(windows == 1 ? "1 window" : windows + " windows");
        if (!sameDesign) {
            layOut(s.design());
        } else {
            draw();
        }
    }

    private void layOut(Design design) {
        var made = OverviewState.of(design);
        long folded = design.windows().size() - made.cards().size();
        about.setText(made.cards().size() + " stand in tiers, " + folded + " folded into the rows that open them"
                + (made.unopened().isEmpty() ? "" : "; nothing opens " + String.join(", ", made.unopened())));
        var sizes = made.cards().stream().map(c -> WindowCard.size(c, CARD)).toList();
        laidOut = CompletableFuture.supplyAsync(() -> OverviewLayout.of(made, sizes, START_LINE))
                .thenAcceptAsync(
                        l -> {
                            if (shown.design() == design) {
                                state = made;
                                layout = l;
                                draw();
                            }
                        },
                        Platform::runLater);
    }

    private void draw() {
        if (layout == null || state == null) {
            return;
        }
        Refocus focus = Refocus.of(root);
        canvas.getChildren().clear();
        for (OverviewLayout.Route route : layout.routes()) {
            canvas.getChildren().add(line(route));
        }
        for (int i = 0; i < state.cards().size() && i < layout.boxes().size(); i++) {
            OverviewState.Card card = state.cards().get(i);
            String name = card.window().name().shown();
            var node = new WindowCard(
                    card, shown, CARD, () -> work.choose(Chosen.window(name)), () -> work.goTo(Chosen.window(name)));
            node.relocate(layout.boxes().get(i).x(), layout.boxes().get(i).y());
            canvas.getChildren().add(node);
            canvas.getChildren().add(tags(i));
        }
        canvas.setMinSize(layout.width(), layout.height());
        if (state.cards().isEmpty()) {
            canvas.getChildren()
                    .add(Ui.styled(
                            Ui.label("No window yet. Type a name into the roster at the left and press Enter."),
                            "empty"));
        }
        focus.restore(root, false);
    }

    /** The endings of a card, once, at its left; dashed where some opener has no branch. */
    private Node tags(int card) {
        var column = Ui.column(3);
        column.setAlignment(javafx.geometry.Pos.TOP_RIGHT);
        List<OverviewState.Line> lines = state.lines().stream()
                .filter(l -> l.to() == card && l.from() >= 0)
                .toList();
        if (!lines.isEmpty()) {
            for (OverviewState.Tag tag : lines.getFirst().endings()) {
                boolean used = lines.stream().allMatch(l -> l.endings().stream()
                        .anyMatch(t -> t.ending().equals(tag.ending()) && t.used()));
                column.getChildren().add(Ui.styled(Ui.label(tag.ending(), "ending"), used ? "used" : "unused"));
            }
        }
        double width = 86;
        column.setMinWidth(width);
        column.setMaxWidth(width);
        column.setMouseTransparent(true);
        OverviewLayout.Box box = layout.boxes().get(card);
        column.relocate(box.x() - width - 6, box.y() + OverviewLayout.ARRIVES_AT + 8);
        return column;
    }

    private static Node line(OverviewLayout.Route route) {
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

    private void walls(Situation s) {
        Application app = s.design().application();
        start.getChildren()
                .setAll(
                        Ui.link("Start", "start-wall", () -> work.goTo(Chosen.APPLICATION)),
                        Ui.label("First values", "wall-head"));
        for (Variable v : app.variables()) {
            start.getChildren()
                    .add(Ui.styled(
                            new javafx.scene.layout.FlowPane(
                                    5,
                                    0,
                                    Ui.label(v.name().shown(), "plain"),
                                    Ui.label(
                                            v.kept()
                                                    ? "kept"
                                                    : v.starts()
                                                            .map(e -> e.source())
                                                            .orElse("empty"),
                                            "value-text")),
                            "wall-line"));
        }
        if (app.variables().isEmpty()) {
            start.getChildren().add(Ui.label("none", "quiet"));
        }
        start.getChildren().add(Ui.label("Start script", "wall-head"));
        ScriptLines.of(app.start(), s.design())
                .forEach(l -> start.getChildren().add(new TokenFlow(l.tokens(), w -> null)));
        if (app.start().isEmpty()) {
            start.getChildren().add(Ui.wrapped("empty: nothing will be seen", "quiet"));
        }
        departure
                .getChildren()
                .setAll(
                        Ui.link("Departure", "departure-wall", () -> work.goTo(Chosen.APPLICATION)),
                        Ui.label("Asked for", "wall-head"),
                        Ui.wrapped(rule(app.departure()), "plain"),
                        Ui.wrapped("session ending", "plain"),
                        Ui.label("Who is asked", "wall-head"),
                        Ui.wrapped("all, from the last window of the design to the first", "plain"),
                        Ui.wrapped("one refusal stops it", "quiet"),
                        Ui.label("Kept for next time", "wall-head"),
                        Ui.label(kept(app), "plain"),
                        Ui.label("Exit code", "wall-head"),
                        Ui.label("0 as planned", "plain"),
                        Ui.label("1 after a fault", "plain"));
    }

    private static String rule(DepartureRule rule) {
        return switch (rule) {
            case DepartureRule.LastWindow l -> "when the last window has closed";
            case DepartureRule.WithWindow(String window) -> "with " + window;
            case DepartureRule.OnlyWhenTold o -> "only when told";
        };
    }

    private static String kept(Application app) {
        long n = app.variables().stream().filter(Variable::kept).count();
        return n == 0 ? "nothing" : n == 1 ? "1 value" : n + " values";
    }

    @Override
    public void focus() {
        canvas.getChildren().stream()
                .filter(WindowCard.class::isInstance)
                .findFirst()
                .ifPresent(Node::requestFocus);
    }
}

package bivouac.desktop.overview;

import bivouac.design.Design;
import bivouac.desktop.frame.Drawing;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.overview.CardPlan;
import bivouac.overview.Overview;
import bivouac.overview.OverviewLayout;
import bivouac.overview.OverviewSvg;
import bivouac.plan.Program;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ForkJoinPool;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;

/** The Overview screen. The layout is made off the interface thread; until it is there, the one before stands. */
public final class OverviewView implements ScreenView {

    private final Work work;
    private final BorderPane root = new BorderPane();
    private final Label count = Ui.label("", "strong");
    private final Label about = Ui.label("", "quiet");
    private final TextField find = new TextField();
    private final Label found = Ui.label("", "quiet");
    private final Map<Distance, Button> distances = new EnumMap<>(Distance.class);
    private final OverviewCanvas canvas;
    private final FarCanvas far;
    private final Walls walls;
    private Overview state;
    private OverviewLayout layout;
    private Situation shown;
    private Optional<Distance> asked = Optional.empty();
    private CompletableFuture<Void> laidOut = CompletableFuture.completedFuture(null);

    /** @param keeper takes the overview as a drawing */
    public OverviewView(Work work, Drawing.Keeper keeper) {
        this.work = work;
        about.setMinWidth(0);
        root.setTop(Ui.styled(Ui.row(10, count, about, Ui.spring(), found, find, distances()), "screen-bar"));
        finds();
        canvas = new OverviewCanvas(work);
        far = new FarCanvas(work);
        walls = new Walls(work);
        root.setLeft(walls.start());
        root.setCenter(canvas);
        root.setRight(walls.departure());
        root.setBottom(legend(keeper));
    }

    private Node legend(Drawing.Keeper keeper) {
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
                        Ui.label("Enter on a card goes to its Window screen", "small"),
                        Ui.link("Keep as SVG", "overview-svg", () -> keep(keeper))),
                "legend");
    }

    private void keep(Drawing.Keeper keeper) {
        Program program = shown.program();
        work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "drawing the overview",
                        () -> OverviewSvg.of(program),
                        svg -> keeper.keep(new Drawing.Lines(svg), "overview"));
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
        walls.show(s);
        int windows = s.design().windows().size();
        count.setText(windows == 1 ? "1 window" : windows + " windows");
        if (!sameDesign) {
            see(s.design());
        } else if (state != null) {
            draw();
        }
    }

    /** Another design, or another distance of the same. */
    private void see(Design design) {
        var made = Overview.of(design);
        tell(design, made);
        if (asked.orElse(Distance.usual(made)) == Distance.NEAR) {
            layOut(design, made);
        } else {
            laidOut = CompletableFuture.completedFuture(null);
            state = made;
            layout = null;
            draw();
        }
    }

    private void tell(Design design, Overview made) {
        long folded = design.windows().size() - made.cards().size();
        about.setText(made.cards().size() + " stand in tiers, " + folded + " folded into the rows that open them"
                + (made.unopened().isEmpty() ? "" : "; nothing opens " + String.join(", ", made.unopened())));
    }

    private void layOut(Design design, Overview made) {
        laidOut = work.background()
                .run(ForkJoinPool.commonPool(), "laying the overview out", () -> CardPlan.layOut(made), l -> {
                    if (shown.design() == design) {
                        state = made;
                        layout = l;
                        draw();
                    }
                });
    }

    private void draw() {
        Refocus focus = Refocus.of(root);
        if (layout != null) {
            canvas.show(state, layout, shown, hits());
            root.setCenter(canvas);
        } else {
            far.show(state, shown, hits());
            root.setCenter(far);
        }
        distances.forEach((distance, button) -> button.pseudoClassStateChanged(
                PseudoClass.getPseudoClass("chosen"), distance == (layout != null ? Distance.NEAR : Distance.FAR)));
        focus.restore(root, false);
    }

    private Node distances() {
        for (Distance distance : Distance.values()) {
            distances.put(
                    distance,
                    Ui.button(distance.words(), "distance-" + distance.words(), () -> from(distance), "segment"));
        }
        return Ui.row(4, distances.get(Distance.NEAR), distances.get(Distance.FAR));
    }

    private void from(Distance distance) {
        asked = Optional.of(distance);
        if (shown != null) {
            see(shown.design());
        }
    }

    // Finding

    private void finds() {
        find.setId("overview-find");
        find.setPromptText("Find here: window, trigger, box   /");
        find.setAccessibleText("Find a window in the overview");
        find.getStyleClass().addAll("dense", "overview-find");
        find.textProperty().subscribe(typed -> meaning());
        find.setOnAction(e -> toNext());
        find.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE && !find.getText().isEmpty()) {
                find.clear();
                e.consume();
            }
        });
        root.addEventHandler(KeyEvent.KEY_TYPED, e -> {
            if (e.getCharacter().equals("/") && !(e.getTarget() instanceof TextInputControl)) {
                find.requestFocus();
                e.consume();
            }
        });
    }

    private List<Integer> hits() {
        return FarSearch.hits(state, find.getText());
    }

    private void meaning() {
        if (state == null) {
            return;
        }
        List<Integer> hits = hits();
        found.setText(
                find.getText().isBlank()
                        ? ""
                        : hits.size() + " of " + state.cards().size());
        if (layout != null) {
            canvas.meaning(hits);
        } else {
            far.mark(shown, hits);
        }
    }

    /** Chooses the next window that is meant, and stays in the line, so that Enter goes on. */
    private void toNext() {
        List<Integer> hits = state == null || find.getText().isBlank() ? List.of() : hits();
        if (hits.isEmpty()) {
            return;
        }
        int next = FarSearch.after(hits, state.number(shown.chosen().window()).orElse(-1));
        work.choose(Chosen.window(state.cards().get(next).window().name().shown()));
        if (layout != null) {
            canvas.show(next);
        } else {
            far.show(next);
        }
    }

    @Override
    public void focus() {
        if (state == null) {
            // nothing is laid out yet: the keyboard waits in the line, and goes on unless somebody types there
            find.requestFocus();
            laidOut.thenRun(() -> Platform.runLater(this::focusFound));
        } else if (layout != null) {
            canvas.focusFirst();
        } else {
            far.focusFirst();
        }
    }

    private void focusFound() {
        if (state != null && find.isFocused() && find.getText().isEmpty()) {
            focus();
        }
    }
}

package bivouac.desktop.overview;

import bivouac.design.Design;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ForkJoinPool;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;

/** The Overview screen. The layout is made off the interface thread; until it is there, the one before stands. */
public final class OverviewView implements ScreenView {

    private static final double START_LINE = 20;

    private final Work work;
    private final BorderPane root = new BorderPane();
    private final Label count = Ui.label("", "strong");
    private final Label about = Ui.label("", "quiet");
    private final OverviewCanvas canvas;
    private final Walls walls;
    private OverviewState state;
    private OverviewLayout layout;
    private Situation shown;
    private CompletableFuture<Void> laidOut = CompletableFuture.completedFuture(null);

    public OverviewView(Work work) {
        this.work = work;
        root.setTop(Ui.styled(Ui.row(10, count, about), "screen-bar"));
        canvas = new OverviewCanvas(work);
        walls = new Walls(work);
        root.setLeft(walls.start());
        root.setCenter(canvas);
        root.setRight(walls.departure());
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
        walls.show(s);
        int windows = s.design().windows().size();
        count.setText(windows == 1 ? "1 window" : windows + " windows");
        if (!sameDesign) {
            layOut(s.design());
        } else if (layout != null) {
            draw();
        }
    }

    private void layOut(Design design) {
        var made = OverviewState.of(design);
        long folded = design.windows().size() - made.cards().size();
        about.setText(made.cards().size() + " stand in tiers, " + folded + " folded into the rows that open them"
                + (made.unopened().isEmpty() ? "" : "; nothing opens " + String.join(", ", made.unopened())));
        var sizes = made.cards().stream().map(WindowCard::size).toList();
        laidOut = work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "laying the overview out",
                        () -> OverviewLayout.of(made, sizes, START_LINE),
                        l -> {
                            if (shown.design() == design) {
                                state = made;
                                layout = l;
                                draw();
                            }
                        });
    }

    private void draw() {
        Refocus focus = Refocus.of(root);
        canvas.show(state, layout, shown);
        focus.restore(root, false);
    }

    @Override
    public void focus() {
        canvas.focusFirst();
    }
}

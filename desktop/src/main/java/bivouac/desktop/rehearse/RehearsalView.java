package bivouac.desktop.rehearse;

import bivouac.desktop.frame.Drawing;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.NextFrames;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.machine.Event;
import bivouac.rehearsal.Rehearsal;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Rehearsal screen. */
public final class RehearsalView implements ScreenView {

    private final Work work;
    private final BorderPane root = new BorderPane();
    private final TrailColumn trail;
    private final DeskView desk;
    private final NextColumn next;
    private final LifelinesView lifelines;
    private final ThenStrip then;
    private final WaysPane ways;
    private Button compare;
    private final TaskStrip tasks = new TaskStrip(this::act);
    private final Label where = Ui.label("", "strong");
    /** What stands around the desk is drawn once the desk is seen. */
    private final NextFrames around = new NextFrames(root);

    private final Button back;
    private final Button forth;

    public RehearsalView(Work work, Drawing.Keeper keeper) {
        this.work = work;
        trail = new TrailColumn(work);
        then = new ThenStrip(work);
        desk = new DeskView(
                this::act,
                new Pictures(
                        () -> work.now()
                                .file()
                                .map(java.nio.file.Path::toAbsolutePath)
                                .map(java.nio.file.Path::getParent),
                        work.background()),
                i -> work.rehearse(work.now().rehearsal().raise(i)),
                work::say,
                work::startAgain);
        back = Ui.button(
                "‹", "trail-back", () -> work.goToMoment(work.now().rehearsal().now() - 1), "secondary");
        forth = Ui.button(
                "›", "trail-forth", () -> work.goToMoment(work.now().rehearsal().now() + 1), "secondary");
        back.setAccessibleText("back one event");
        forth.setAccessibleText("forward one event");
        lifelines = new LifelinesView(work::goToMoment);
        next = new NextColumn(work, this::choose, around);
        root.setTop(bar());
        root.setLeft(trail);
        VBox.setVgrow(desk, Priority.ALWAYS);
        ways = new WaysPane(work, () -> showWays(false));
        showWays(false);
        var middle = new VBox(desk, then, tasks);
        root.setCenter(new StackPane(middle, ways));
        root.setRight(next);
        root.setBottom(new LifelinesPanel(lifelines, keeper));
        root.getStyleClass().add("rehearsal");
    }

    private Node bar() {
        compare = Ui.button("Compare ways", "compare-ways", () -> showWays(true), "secondary");
        var again = Ui.button("Start again", "start-again", work::startAgain, "secondary");
        return Ui.styled(Ui.row(8, back, forth, where, Ui.spring(), compare, again), "screen-bar");
    }

    private void showWays(boolean yes) {
        Ui.show(ways, yes);
        if (yes) {
            ways.show(work.now().rehearsal());
        }
    }

    private void act(Event event) {
        work.act(event);
        if (event instanceof Event.TaskEnds) {
            // the button that let it end is gone; the keyboard goes on with what came of it
            Platform.runLater(desk::focusTop);
        }
        boolean dead = (event instanceof Event.Press || event instanceof Event.PressRow)
                && work.now().rehearsal().present().seen().isEmpty();
        if (dead) {
            Platform.runLater(then::focusLine);
        }
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        if (!s.isCompiled()) {
            return;
        }
        Rehearsal rehearsal = s.rehearsal();
        int last = rehearsal.moments().size() - 1;
        where.setText(
                rehearsal.now() == last ? "after event " + last : "after event " + rehearsal.now() + " of " + last);
        back.setDisable(rehearsal.now() == 0);
        forth.setDisable(rehearsal.now() == last);
        desk.show(rehearsal.scene());
        tasks.show(rehearsal);
        then.show(s);
        compare.setVisible(!rehearsal.otherWays().isEmpty());
        if (ways.isVisible()) {
            ways.show(rehearsal);
        }
        next.show(s);
        around.draw(List.of(() -> trail.show(s), () -> lifelines.show(s)));
    }

    @Override
    public CompletableFuture<Void> drawn() {
        return around.done().thenCompose(v -> next.drawn());
    }

    private void choose(Event event) {
        if (event instanceof Event.Edit edit && edit.text().isEmpty()) {
            desk.focusField(edit);
            work.say("Type into the field on the desk.");
        } else {
            act(event);
        }
    }

    /** On the desk the keys are those of the application that is acted out. */
    @Override
    public boolean takes(KeyEvent key) {
        return desk.takes(key);
    }

    @Override
    public void focus() {
        desk.focusTop();
    }
}

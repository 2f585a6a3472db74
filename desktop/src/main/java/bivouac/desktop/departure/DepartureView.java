package bivouac.desktop.departure;

import bivouac.closing.Departing;
import bivouac.design.ScriptPlace;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.window.ScriptPane;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Departure screen: from what asks for the end, over who is asked, to the exit code; below, the plan and a kill. */
public final class DepartureView implements ScreenView {

    private final Work work;
    private final BorderPane root = new BorderPane();
    private final DepartureLane lane;
    private final KilledHere killed = new KilledHere();
    private final VBox planBox = Ui.styled(Ui.column(6), "departure-plan");
    private final ScriptPane plan;
    private Departing departing;
    private Situation shown;

    public DepartureView(Work work) {
        this.work = work;
        lane = new DepartureLane(work);
        plan = new ScriptPane(work);
        var play = Ui.button("Play this departure", "play-departure", this::play, "primary");
        root.setTop(Ui.styled(
                Ui.row(
                        10,
                        Ui.label("The end of the application", "strong"),
                        Ui.label("left of the gate one refusal calls it off; right of it nothing can", "quiet"),
                        Ui.spring(),
                        play),
                "screen-bar"));
        var script = Scrolling.down(plan);
        VBox.setVgrow(script, Priority.ALWAYS);
        planBox.getChildren()
                .addAll(
                        Ui.row(
                                8,
                                Ui.label("The plan", "head"),
                                Ui.label("a failing step stops none after it", "quiet")),
                        script);
        HBox.setHgrow(planBox, Priority.ALWAYS);
        var below = Ui.styled(new HBox(killed, planBox), "departure-below");
        below.setPrefHeight(300);
        var along = Scrolling.down(lane);
        // the gate and the end reach down to the foot, however little there is to close
        lane.minHeightProperty().bind(along.heightProperty().subtract(4));
        root.setCenter(along);
        root.setBottom(below);
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        boolean same = shown != null && shown.program() == s.program();
        shown = s;
        if (!s.isCompiled()) {
            return;
        }
        if (!same || departing == null) {
            departing = Departing.of(s.program());
            draw();
        }
        plan.show(s, new ScriptPlace.Plan());
    }

    private void draw() {
        Refocus focus = Refocus.of(root);
        lane.show(departing, shown.design());
        killed.show(shown.design(), departing);
        focus.restore(root, false);
    }

    private void play() {
        work.rehearseDeparture(lane.asker());
    }

    @Override
    public boolean takes(KeyEvent key) {
        return ScreenView.moves(key, root, "departure-row") || ScreenView.moves(key, root, "step-line");
    }

    @Override
    public void focus() {
        Node first = Refocus.find(root, lane.askerId());
        if (first != null) {
            first.requestFocus();
        }
    }
}

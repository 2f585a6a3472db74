package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Walkthroughs;
import bivouac.rehearsal.Walk;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The walkthroughs of the design, each with whether it holds; choosing one plays it. */
final class WalkList extends ScrollPane {

    private final Walkthroughs walkthroughs;
    private final VBox lines = Ui.column(0);
    private List<Walk> shown = List.of();

    WalkList(Walkthroughs walkthroughs) {
        this.walkthroughs = walkthroughs;
        setId("walkthroughs");
        setContent(lines);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("walk-scroll");
    }

    void show(Situation s) {
        if (shown == s.rehearsed().walks() && !lines.getChildren().isEmpty()) {
            return;
        }
        shown = s.rehearsed().walks();
        List<Node> nodes = new ArrayList<>();
        shown.forEach(w -> nodes.add(line(w)));
        if (shown.isEmpty()) {
            nodes.add(Ui.styled(
                    Ui.wrapped("No walkthrough yet. Act something out, tick at the right what has to be seen, give the "
                            + "trail a name below and keep it: it is then played after every edit."),
                    "empty"));
        }
        lines.getChildren().setAll(nodes);
    }

    private Node line(Walk walk) {
        String name = walk.walkthrough().name();
        int events = walk.walkthrough().events();
        boolean holds = walk.broken().isEmpty();
        var label = Ui.shortened(name, "strong");
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        var first = Ui.row(
                6,
                Ui.label(holds ? "✓" : "✗", holds ? "fine" : "fault"),
                label,
                Ui.button("✕", "remove-walk-" + name, () -> walkthroughs.remove(name), "quiet-button"));
        var words = holds
                ? Ui.label(events + (events == 1 ? " event" : " events") + ", holds", "caused")
                : Ui.wrapped(walk.broken().orElseThrow().sentence(), "fault");
        var row = Ui.styled(Ui.column(1, first, words), "walk-row");
        first.getChildren().getLast().setAccessibleText("remove the walkthrough " + name);
        return Ui.pressable(row, "walk-" + name, "play the walkthrough " + name, () -> walkthroughs.play(name));
    }
}

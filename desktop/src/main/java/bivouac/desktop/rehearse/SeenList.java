package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Walkthroughs;
import bivouac.rehearsal.Expectation;
import bivouac.rehearsal.Expectations;
import bivouac.rehearsal.Rehearsal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** What is to be seen at the present moment, to be ticked: a walkthrough that is kept looks for it. */
final class SeenList extends ScrollPane {

    private final Walkthroughs walkthroughs;
    private final VBox lines = Ui.styled(Ui.column(2), "seen-list");

    SeenList(Walkthroughs walkthroughs) {
        this.walkthroughs = walkthroughs;
        setId("seen-list");
        setContent(lines);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("seen-scroll");
    }

    void show(Situation s) {
        Rehearsal rehearsal = s.rehearsal();
        Set<Expectation> ticked = s.rehearsed().tickedAt(rehearsal.trail());
        var all = new LinkedHashSet<Expectation>();
        var offered =
                Expectations.offered(rehearsal.scene(), rehearsal.present().seen());
        all.addAll(offered);
        all.addAll(ticked);
        List<Node> nodes = new ArrayList<>();
        nodes.add(Ui.styled(
                Ui.wrapped("Tick what has to be seen here. A walkthrough that is kept then looks for it."), "quiet"));
        for (Expectation one : all) {
            nodes.add(line(one, ticked.contains(one), offered.contains(one)));
        }
        lines.getChildren().setAll(nodes);
    }

    private Node line(Expectation one, boolean isTicked, boolean isSeen) {
        String words = Expectations.words(one);
        var box = new CheckBox(isSeen ? words : words + " (not seen now)");
        box.setId("see-" + one);
        box.setSelected(isTicked);
        box.setTooltip(new Tooltip(words));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setMinWidth(0);
        if (!isSeen) {
            box.getStyleClass().add("problem-text");
        }
        box.setOnAction(e -> walkthroughs.tick(one, box.isSelected()));
        return box;
    }
}

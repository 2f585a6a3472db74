package bivouac.desktop.rehearse;

import bivouac.desktop.frame.Drawing;
import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.Ui;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.Button;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The lifelines at the foot of the Rehearsal screen, shown or put away, and kept as a drawing or a picture. */
final class LifelinesPanel extends VBox {

    private static final double HEIGHT = 184;

    /** What a file of them is called if nobody says otherwise. */
    private static final String NAMED = "lifelines";

    private final LifelinesView lines;

    LifelinesPanel(LifelinesView lines, Drawing.Keeper keeper) {
        this.lines = lines;
        VBox.setVgrow(lines, Priority.ALWAYS);
        lines.setPrefHeight(HEIGHT);
        lines.setMinHeight(HEIGHT);
        var shown = new Segments("lifelines", this::show, "Lifelines", "put away");
        Button drawing =
                Ui.link("Keep as SVG", "lifelines-svg", () -> keeper.keep(new Drawing.Lines(lines.svg()), NAMED));
        Button picture = Ui.link("Keep as PNG", "lifelines-png", () -> keeper.keep(picture(), NAMED));
        getChildren().addAll(Ui.styled(Ui.row(12, shown, Ui.spring(), drawing, picture), "lifelines-head"), lines);
        getStyleClass().add("lifelines-panel");
    }

    private void show(int segment) {
        Ui.show(lines, segment == 0);
    }

    private Drawing picture() {
        return new Drawing.Points(lines.picture().snapshot(new SnapshotParameters(), null));
    }
}

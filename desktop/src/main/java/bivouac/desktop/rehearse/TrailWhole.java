package bivouac.desktop.rehearse;

import bivouac.design.Design;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Ui;
import bivouac.rehearsal.Moment;
import bivouac.rehearsal.TrailWords;
import java.util.List;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** All that the chosen line of the trail says, where the line itself shows only its beginning. */
final class TrailWhole extends StackPane {

    private final VBox lines = Ui.column(2);
    private final ScrollPane scroll = Scrolling.down(lines);
    private Moment shown;
    private Design shownIn;

    /** Up to this height all of it is in sight; what is longer is scrolled. */
    private static final double HEIGHT = 150;

    TrailWhole() {
        setId("trail-whole");
        getStyleClass().add("trail-whole");
        getChildren().add(scroll);
    }

    void show(Design design, Moment moment) {
        if (moment == shown && design == shownIn) {
            return;
        }
        shown = moment;
        shownIn = design;
        List<String> all = TrailWords.inFull(design, moment);
        lines.getChildren()
                .setAll(all.stream()
                        .map(line -> Ui.wrapped(line, TrailWords.isFault(line) ? "fault" : "caused"))
                        .toList());
        scroll.setVvalue(0);
        applyCss();
        setMinHeight(Math.min(
                HEIGHT, lines.prefHeight(Math.max(1, getWidth() - snappedLeftInset() - snappedRightInset())) + 16));
        Ui.show(this, !TrailWords.fits(all));
    }
}

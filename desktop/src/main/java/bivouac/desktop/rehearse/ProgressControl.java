package bivouac.desktop.rehearse;

import bivouac.design.Part;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Scene;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A part that shows how far work is: a bar, how much is done, what it does now, and a button that cancels it (W9, W10). */
final class ProgressControl extends HBox {

    private final ProgressBar bar = new ProgressBar(0);
    private final Label line = Ui.label("", "quiet");
    private final Button cancel;

    /** @param id of the button, for those who drive it */
    ProgressControl(String id, Runnable cancelled) {
        super(8);
        bar.setMaxWidth(Double.MAX_VALUE);
        cancel = Ui.button("Cancel", id, cancelled, "secondary");
        cancel.setMinWidth(Region.USE_PREF_SIZE);
        var both = new VBox(4, bar, line);
        HBox.setHgrow(both, Priority.ALWAYS);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(both, cancel);
    }

    void show(Scene.SeenPart part) {
        bar.setProgress((double) part.done() / Part.Progress.WHOLE);
        bar.setAccessibleText(part.design().displayName() + " " + part.done() + " %");
        line.setText(Part.Progress.shown(part.done(), part.text()));
        Ui.show(cancel, part.asking() != Scene.Asking.NEVER);
        cancel.setDisable(!part.cancels());
    }
}

package bivouac.desktop.findings;

import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Looked;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** How far the exploration of the design is, and whether it was complete. */
final class ExploringLine extends HBox {

    private final Label mark = Ui.label("", "exploring-mark");
    private final Label words = Ui.label("", "quiet");

    ExploringLine() {
        super(6);
        setId("exploring");
        setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(mark, words);
        words.setMinWidth(0);
        setMaxWidth(560);
    }

    void show(Looked looked) {
        mark.setText(looked.isComplete() ? "✓" : looked.explored().isPresent() ? "○" : "");
        words.setText(looked.words());
        words.setTooltip(looked.more().isEmpty() ? null : new Tooltip(String.join("\n", looked.more())));
        setAccessibleText(looked.words());
    }
}

package bivouac.desktop.frame;

import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** What just happened, with the way to take it back. */
final class FootStrip extends HBox {

    private final Label sentence = Ui.shortened("", "plain");
    private final Label file = Ui.label("", "quiet");
    private final Button back;

    FootStrip(Work work) {
        getStyleClass().add("foot");
        sentence.setId("foot-sentence");
        back = Ui.link("Take back", "take-back", work::undo);
        getChildren().addAll(sentence, back, Ui.spring(), file);
    }

    void show(Situation s) {
        String text = s.foot().sentence();
        sentence.setText(text);
        back.setVisible(s.foot().canBeTakenBack());
        file.setText(s.file().map(f -> f.getFileName().toString()).orElse("not saved yet"));
    }
}

package bivouac.desktop.frame;

import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Background;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What just happened, with the way to take it back; above it, until it is put away, what Bivouac itself could not do. */
final class FootStrip extends VBox {

    private final Label sentence = Ui.shortened("", "plain");
    private final Label file = Ui.label("", "quiet");
    private final Button back;
    private final HBox troubleRow;
    private final Label trouble = Ui.wrapped("", "trouble-text");
    private Optional<Background.Trouble> shown = Optional.empty();

    FootStrip(Work work) {
        sentence.setId("foot-sentence");
        trouble.setId("trouble");
        back = Ui.link("Take back", "take-back", work::undo);
        HBox.setHgrow(trouble, javafx.scene.layout.Priority.ALWAYS);
        troubleRow = Ui.styled(
                Ui.row(
                        12,
                        trouble,
                        Ui.link("Copy the details", "trouble-copy", this::copy),
                        Ui.link("Put away", "trouble-away", work::putTroubleAway)),
                "trouble");
        var row = Ui.styled(Ui.row(0, sentence, back, Ui.spring(), file), "foot");
        getChildren().addAll(troubleRow, row);
        showTrouble(Optional.empty());
    }

    void show(Situation s) {
        String text = s.foot().sentence();
        sentence.setText(text);
        back.setVisible(s.foot().canBeTakenBack());
        file.setText(s.file().map(f -> f.getFileName().toString()).orElse("not saved yet"));
        if (!shown.equals(s.trouble())) {
            showTrouble(s.trouble());
        }
    }

    private void showTrouble(Optional<Background.Trouble> other) {
        shown = other;
        trouble.setText(other.map(Background.Trouble::sentence).orElse(""));
        troubleRow.setVisible(other.isPresent());
        troubleRow.setManaged(other.isPresent());
    }

    private void copy() {
        var content = new ClipboardContent();
        content.putString(shown.map(Background.Trouble::details).orElse(""));
        Clipboard.getSystemClipboard().setContent(content);
    }
}

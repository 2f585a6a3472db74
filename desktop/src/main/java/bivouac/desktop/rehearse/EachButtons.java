package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import bivouac.machine.Scene;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;

/** The buttons of which there is one for each row, or for each open window (P5). */
final class EachButtons extends FlowPane {

    private static final int GAP = 8;

    private final String id;
    private final IntConsumer pressed;

    /**
     * @param id that of the first; the others have their number behind it
     * @param pressed gets the number of the row, from 1
     */
    EachButtons(String id, IntConsumer pressed) {
        super(GAP, GAP);
        this.id = id;
        this.pressed = pressed;
    }

    /** A button that stays where it was keeps the keyboard. */
    void show(List<Scene.SeenRow> rows) {
        if (rows.size() < getChildren().size()) {
            getChildren().remove(rows.size(), getChildren().size());
        }
        for (int i = getChildren().size(); i < rows.size(); i++) {
            int number = i + 1;
            Button button = Ui.button("", id + "-" + number, () -> pressed.accept(number), "secondary");
            button.setMnemonicParsing(false);
            button.setMinWidth(Region.USE_PREF_SIZE);
            getChildren().add(button);
        }
        for (int i = 0; i < rows.size(); i++) {
            var button = (Button) getChildren().get(i);
            button.setText(rows.get(i).text());
            button.setDisable(!rows.get(i).enabled());
        }
    }
}

package bivouac.desktop.widget;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** A few words side by side of which one is chosen. */
public final class Segments extends HBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final List<Button> buttons = new ArrayList<>();
    private final IntConsumer chosen;

    /** @param id begins the names of the buttons, which go on with their number from 0 */
    public Segments(String id, IntConsumer chosen, String... words) {
        super(4);
        setAlignment(Pos.CENTER_LEFT);
        this.chosen = chosen;
        for (int i = 0; i < words.length; i++) {
            int number = i;
            Button button = Ui.button(words[i], id + "-" + i, () -> choose(number), "segment");
            button.setMinWidth(USE_PREF_SIZE);
            buttons.add(button);
        }
        getChildren().addAll(buttons);
        mark(0);
    }

    /** Goes on in a further line where there is no room; for a column that is narrow. */
    public Segments inLines() {
        var lines = new FlowPane(4, 4);
        lines.getChildren().setAll(buttons);
        HBox.setHgrow(lines, Priority.ALWAYS);
        getChildren().setAll(lines);
        return this;
    }

    public void choose(int number) {
        mark(number);
        chosen.accept(number);
    }

    private void mark(int number) {
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).pseudoClassStateChanged(CHOSEN, i == number);
        }
    }

    public void name(int number, String words) {
        buttons.get(number).setText(words);
    }
}

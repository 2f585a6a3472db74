package frame;

import desk.EachRow;
import java.util.List;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;

/** The buttons of which there is one for each row, or for each open window (P5). */
public final class EachButton<T> extends FlowPane implements Each<T> {

    private static final int GAP = 8;

    private final EachRow<T> each;

    public EachButton(Face window) {
        super(GAP, GAP);
        this.each = new EachRow<>(window);
    }

    @Override
    public EachRow<T> each() {
        return each;
    }

    @Override
    public void rows(List<T> rows, Function<T, String> text) {
        each.show(rows, text);
        List<EachRow.Shown> shown = each.shown();
        if (shown.size() < getChildren().size()) {
            getChildren().remove(shown.size(), getChildren().size());
        }
        for (int i = getChildren().size(); i < shown.size(); i++) {
            int number = i;
            Button button = new Button();
            button.setMnemonicParsing(false);
            button.setOnAction(e -> each.press(number));
            getChildren().add(button);
        }
        for (int i = 0; i < shown.size(); i++) {
            Button button = (Button) getChildren().get(i);
            button.setText(shown.get(i).text());
            button.setDisable(!shown.get(i).enabled());
            button.setStyle(getStyle());
        }
    }

    @Override
    public void press(int number) {
        ((Button) getChildren().get(number - 1)).fire();
    }
}

package frame;

import java.util.List;
import javafx.scene.control.ComboBox;

/** One of a few texts, or none, in a list that drops down. */
public final class Choice extends ComboBox<String> implements Items {

    private final Chosen chosen;

    public Choice(List<String> items, String first) {
        chosen = new Chosen(items, first, false);
        refresh();
        valueProperty().addListener((v, before, now) -> chosen.byHand(now));
    }

    @Override
    public Chosen rules() {
        return chosen;
    }

    @Override
    public void show(List<String> items, String item) {
        if (!items.equals(getItems())) {
            getItems().setAll(items);
        }
        setValue(item.isEmpty() ? null : item);
    }

    @Override
    public void press(String item) {
        setValue(item);
    }
}

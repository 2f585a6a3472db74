package frame;

import desk.Fault;
import java.util.List;
import javafx.scene.control.ComboBox;

/** One of a few texts, or none (P4). */
public final class Choice extends ComboBox<String> {

    public Choice(List<String> items, String first) {
        getItems().setAll(items);
        setValue(items.contains(first) ? first : null);
    }

    /** What is chosen; fault X3 where nothing is. */
    public String chosen() {
        if (!anyChosen()) {
            throw new Fault("X3", "nothing is chosen");
        }
        return getValue();
    }

    public boolean anyChosen() {
        return getValue() != null;
    }

    public void choose(String item) {
        if (!item.isEmpty() && !getItems().contains(item)) {
            throw new Fault("X3", "“" + item + "” is no item");
        }
        setValue(item.isEmpty() ? null : item);
    }
}

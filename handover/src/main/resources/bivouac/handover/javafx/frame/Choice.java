package frame;

import desk.EachRow;
import desk.Fault;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;

/** One of a few texts, or none (P4); or of those of a list that it follows (P5). */
public final class Choice extends ComboBox<String> {

    private Supplier<List<String>> items;
    private String kept;
    private boolean setting;

    public Choice(List<String> items, String first) {
        this.items = () -> items;
        this.kept = first;
        refresh();
        valueProperty().addListener((v, before, now) -> {
            if (!setting) {
                kept = now == null ? "" : now;
            }
        });
    }

    /** Its items are those of a list, as it stands; what was chosen and is none of them any more counts as none. */
    public void follows(Supplier<List<String>> list) {
        items = () -> {
            List<String> all = list.get();
            return all.subList(0, Math.min(EachRow.MOST, all.size()));
        };
    }

    /** Shows what can be chosen now, and what is. */
    public void refresh() {
        setting = true;
        List<String> all = items.get();
        if (!all.equals(getItems())) {
            getItems().setAll(all);
        }
        setValue(all.contains(kept) ? kept : null);
        setting = false;
    }

    /** Whether it only shows what is chosen anyway. */
    boolean isSetting() {
        return setting;
    }

    /** What is chosen; fault X3 where nothing is. */
    public String chosen() {
        if (!anyChosen()) {
            throw new Fault("X3", "nothing is chosen");
        }
        return kept;
    }

    public boolean anyChosen() {
        return !kept.isEmpty() && items.get().contains(kept);
    }

    public void choose(String item) {
        if (!item.isEmpty() && !items.get().contains(item)) {
            throw new Fault("X3", "“" + item + "” is no item");
        }
        kept = item;
        refresh();
    }
}

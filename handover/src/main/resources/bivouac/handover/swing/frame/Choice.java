package frame;

import desk.Fault;
import java.util.List;
import java.util.Objects;
import javax.swing.JComboBox;

/** One of a few texts, or none (P4). */
public final class Choice extends Part {

    private final JComboBox<String> box;
    private final List<String> items;
    private String seen;

    public Choice(Face window, String name, List<String> items, String first) {
        this(window, name, items, first, new JComboBox<>(items.toArray(String[]::new)));
    }

    private Choice(Face window, String name, List<String> items, String first, JComboBox<String> box) {
        super(window, name, box);
        this.box = box;
        this.items = items;
        box.setSelectedItem(items.contains(first) ? first : null);
        seen = (String) box.getSelectedItem();
        box.addActionListener(e -> {
            if (!Objects.equals(seen, box.getSelectedItem())) {
                seen = (String) box.getSelectedItem();
                happens();
            }
        });
    }

    /** What is chosen; fault X3 where nothing is. */
    public String chosen() {
        if (!anyChosen()) {
            throw new Fault("X3", "nothing is chosen");
        }
        return (String) box.getSelectedItem();
    }

    public boolean anyChosen() {
        return box.getSelectedItem() != null;
    }

    public void choose(String item) {
        if (!item.isEmpty() && !items.contains(item)) {
            throw new Fault("X3", "“" + item + "” is no item");
        }
        box.setSelectedItem(item.isEmpty() ? null : item);
    }

    @Override
    public String content() {
        return anyChosen() ? chosen() : "";
    }
}

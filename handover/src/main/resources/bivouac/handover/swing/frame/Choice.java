package frame;

import desk.EachRow;
import desk.Fault;
import java.util.List;
import java.util.function.Supplier;
import javax.swing.DefaultComboBoxModel;
import javax.swing.JComboBox;

/** One of a few texts, or none (P4); or of those of a list that it follows (P5). */
public final class Choice extends Part {

    private final JComboBox<String> box;
    private Supplier<List<String>> items;
    private String kept;
    private boolean setting;

    public Choice(Face window, String name, List<String> items, String first) {
        this(window, name, items, first, new JComboBox<>());
    }

    private Choice(Face window, String name, List<String> items, String first, JComboBox<String> box) {
        super(window, name, box);
        this.box = box;
        this.items = () -> items;
        this.kept = first;
        refresh();
        box.addActionListener(e -> {
            String now = (String) box.getSelectedItem();
            if (!setting && now != null && !now.equals(content())) {
                kept = now;
                happens();
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
        if (!all.equals(shownItems())) {
            box.setModel(new DefaultComboBoxModel<>(all.toArray(String[]::new)));
        }
        box.setSelectedItem(all.contains(kept) ? kept : null);
        setting = false;
    }

    private List<String> shownItems() {
        return java.util.stream.IntStream.range(0, box.getItemCount())
                .mapToObj(box::getItemAt)
                .toList();
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

    /** As a person does. */
    public void press(String item) {
        box.setSelectedItem(item);
    }

    @Override
    public String content() {
        return anyChosen() ? kept : "";
    }
}

package frame;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javax.swing.DefaultComboBoxModel;
import javax.swing.JComboBox;
import javax.swing.JComponent;

/** The items of a choice in a list that drops down. */
final class DropDown implements Items {

    private final JComboBox<String> box = new JComboBox<>();

    @Override
    public JComponent component() {
        return box;
    }

    @Override
    public void show(List<String> items, String chosen) {
        List<String> shown =
                IntStream.range(0, box.getItemCount()).mapToObj(box::getItemAt).toList();
        if (!items.equals(shown)) {
            box.setModel(new DefaultComboBoxModel<>(items.toArray(String[]::new)));
        }
        box.setSelectedItem(chosen.isEmpty() ? null : chosen);
    }

    @Override
    public void whenChosen(Consumer<String> hears) {
        box.addActionListener(e -> {
            if (box.getSelectedItem() instanceof String now) {
                hears.accept(now);
            }
        });
    }

    @Override
    public void press(String item) {
        box.setSelectedItem(item);
    }

    @Override
    public void usable(boolean yes) {
        box.setEnabled(yes);
    }
}

package frame;

import java.awt.FlowLayout;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javax.swing.ButtonGroup;
import javax.swing.JComponent;
import javax.swing.JPanel;
import javax.swing.JRadioButton;

/** The items of a choice as radio buttons beside each other. */
final class RadioButtons implements Items {

    private final JPanel panel = new JPanel(new FlowLayout(FlowLayout.LEADING, 0, 0)) {
        private static final long serialVersionUID = 1L;

        /** The keyboard goes to what is chosen, else to the first. */
        @Override
        public boolean requestFocusInWindow() {
            return buttons.stream()
                    .filter(JRadioButton::isSelected)
                    .findFirst()
                    .or(() -> buttons.stream().findFirst())
                    .map(JRadioButton::requestFocusInWindow)
                    .orElse(false);
        }
    };
    private final transient List<JRadioButton> buttons = new ArrayList<>();
    private ButtonGroup group = new ButtonGroup();
    private List<String> shown = List.of();
    private Consumer<String> hears = item -> {};
    private boolean usable = true;

    @Override
    public JComponent component() {
        return panel;
    }

    @Override
    public void show(List<String> items, String chosen) {
        if (!items.equals(shown)) {
            shown = List.copyOf(items);
            group = new ButtonGroup();
            buttons.clear();
            panel.removeAll();
            items.forEach(this::add);
            panel.revalidate();
            panel.repaint();
        }
        group.clearSelection();
        if (shown.contains(chosen)) {
            buttons.get(shown.indexOf(chosen)).setSelected(true);
        }
    }

    private void add(String item) {
        JRadioButton button = new JRadioButton(item);
        button.putClientProperty("html.disable", true);
        button.setEnabled(usable);
        button.addActionListener(e -> hears.accept(item));
        group.add(button);
        buttons.add(button);
        panel.add(button);
    }

    @Override
    public void whenChosen(Consumer<String> other) {
        hears = other;
    }

    @Override
    public void press(String item) {
        buttons.get(shown.indexOf(item)).doClick();
    }

    @Override
    public void usable(boolean yes) {
        usable = yes;
        buttons.forEach(b -> b.setEnabled(yes));
    }
}

package frame;

import java.awt.Component;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javax.swing.BorderFactory;
import javax.swing.BoxLayout;
import javax.swing.JComponent;
import javax.swing.JPanel;
import javax.swing.JTabbedPane;

/** The items of a choice as pages; what stands on one is seen while it is chosen (P8). */
final class Pages implements Items {

    private final JTabbedPane tabs = new JTabbedPane();
    private final Map<String, JPanel> pages = new LinkedHashMap<>();
    private List<String> shown = List.of();
    private boolean building;

    @Override
    public JComponent component() {
        return tabs;
    }

    @Override
    public void show(List<String> items, String chosen) {
        if (!items.equals(shown)) {
            shown = List.copyOf(items);
            building = true;
            tabs.removeAll();
            items.forEach(item -> tabs.addTab(item, page(item)));
            building = false;
        }
        tabs.setSelectedIndex(shown.indexOf(chosen));
    }

    /** Where what stands on a page is laid out. */
    JPanel page(String item) {
        return pages.computeIfAbsent(item, i -> {
            JPanel page = new JPanel();
            page.setLayout(new BoxLayout(page, BoxLayout.Y_AXIS));
            page.setBorder(BorderFactory.createEmptyBorder(8, 8, 8, 8));
            return page;
        });
    }

    /** Whether anything stands on it. */
    boolean isTall() {
        return pages.values().stream().anyMatch(page -> page.getComponentCount() > 0);
    }

    /** Whether a component is seen as far as pages go: each that it stands on is chosen, and itself visible. */
    static boolean shows(Component component) {
        for (Component c = component; c.getParent() != null; c = c.getParent()) {
            if (c.getParent() instanceof JTabbedPane tabs && (!tabs.isVisible() || tabs.getSelectedComponent() != c)) {
                return false;
            }
        }
        return true;
    }

    @Override
    public void whenChosen(Consumer<String> hears) {
        tabs.addChangeListener(e -> {
            if (!building && tabs.getSelectedIndex() >= 0) {
                hears.accept(shown.get(tabs.getSelectedIndex()));
            }
        });
    }

    @Override
    public void press(String item) {
        tabs.setSelectedIndex(shown.indexOf(item));
    }

    @Override
    public void usable(boolean yes) {
        tabs.setEnabled(yes);
    }
}

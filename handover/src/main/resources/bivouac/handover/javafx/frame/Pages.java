package frame;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Tab;
import javafx.scene.control.TabPane;
import javafx.scene.layout.VBox;

/** The items of a choice as pages; what stands on one is seen while it is chosen (P8). */
public final class Pages extends TabPane implements Items {

    private static final String PAGE = "page";

    private final Chosen chosen;
    private final Map<String, VBox> pages = new LinkedHashMap<>();
    private List<String> shown = List.of();

    public Pages(List<String> items, String first) {
        chosen = new Chosen(items, first, true);
        setTabClosingPolicy(TabClosingPolicy.UNAVAILABLE);
        refresh();
        getSelectionModel().selectedItemProperty().addListener((v, before, now) -> {
            if (now != null) {
                chosen.byHand(now.getText());
            }
        });
    }

    @Override
    public Chosen rules() {
        return chosen;
    }

    @Override
    public void show(List<String> items, String item) {
        if (!items.equals(shown)) {
            shown = List.copyOf(items);
            getTabs().setAll(items.stream().map(i -> new Tab(i, page(i))).toList());
        }
        getSelectionModel().select(shown.indexOf(item));
    }

    /** Where what stands on a page is laid out. */
    VBox page(String item) {
        return pages.computeIfAbsent(item, i -> {
            VBox page = new VBox(8);
            page.setPadding(new Insets(8));
            page.getProperties().put(PAGE, (Stands) () -> isVisible() && i.equals(chosen.now()) && shows(this));
            return page;
        });
    }

    /** Whether anything stands on it. */
    boolean isTall() {
        return pages.values().stream().anyMatch(page -> !page.getChildren().isEmpty());
    }

    /** Whether a node is seen as far as pages go: each that it stands on is chosen. */
    static boolean shows(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n.getProperties().get(PAGE) instanceof Stands stands) {
                return stands.isShown();
            }
        }
        return true;
    }

    /** Whether a page is shown, with all that it stands on. */
    @FunctionalInterface
    private interface Stands {
        boolean isShown();
    }

    @Override
    public void press(String item) {
        getSelectionModel().select(shown.indexOf(item));
    }
}

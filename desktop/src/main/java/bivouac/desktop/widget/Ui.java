package bivouac.desktop.widget;

import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Short ways to make the nodes that every screen is made of. */
public final class Ui {

    private Ui() {}

    public static Label label(String text, String... styles) {
        var label = new Label(text);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** A label that takes the room it gets, cuts what does not fit, and then shows all of it in a tooltip. */
    public static Label shortened(String text, String... styles) {
        Label label = label(text, styles);
        label.setMinWidth(0);
        tellsAll(label, label::getText);
        return label;
    }

    /** Lets a label that is cut tell all when it is pointed at. The tooltip is made then: it costs more than the label. */
    public static void tellsAll(Label label, Supplier<String> all) {
        label.addEventHandler(
                MouseEvent.MOUSE_ENTERED,
                e -> label.setTooltip(label.isTextTruncated() ? new Tooltip(all.get()) : null));
    }

    /** A caption of a drawn window. @param size in words: how large it is, or that it stands in the status line */
    public static Label caption(String text, String size) {
        return wrapped(text, "desk-caption", "size-" + size.replace(' ', '-'));
    }

    public static Label wrapped(String text, String... styles) {
        Label label = label(text, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    public static HBox row(double gap, Node... nodes) {
        var row = new HBox(gap, nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    public static VBox column(double gap, Node... nodes) {
        return new VBox(gap, nodes);
    }

    /** Whether a node is another, or stands in it; nothing is in nothing. */
    public static boolean isInside(Node node, Node holder) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == holder) {
                return true;
            }
        }
        return false;
    }

    /** Words that end in a place to fill; the words of one column are equally wide. */
    public static HBox sentence(String words, double width, Node place) {
        HBox.setHgrow(place, Priority.ALWAYS);
        Label label = label(words, "plain");
        label.setPrefWidth(width);
        label.setMinWidth(width);
        return row(8, label, place);
    }

    /** Sets what stands in a cell, where it is another: setting it again would find its styles again. */
    public static void graphic(Labeled cell, Node node) {
        if (cell.getGraphic() != node) {
            cell.setGraphic(node);
        }
    }

    /**
     * Finds the styles and the places of what has changed now, and not while the next frame is drawn. New controls get
     * their nodes, and shortened texts their clips, only then; where that happens within a frame, the toolkit needs the
     * styles of those too, and paints one frame more, all of it, though nothing in it is new.
     */
    public static void settle(Parent changed) {
        if (changed.getScene() != null) {
            changed.applyCss();
            changed.layout();
        }
    }

    /** Shows a node, or puts it away so that it takes no room either. */
    public static void show(Node node, boolean yes) {
        node.setVisible(yes);
        node.setManaged(yes);
    }

    public static Region spring() {
        var spring = new Region();
        HBox.setHgrow(spring, Priority.ALWAYS);
        return spring;
    }

    public static <N extends Node> N styled(N node, String... styles) {
        node.getStyleClass().addAll(styles);
        return node;
    }

    /** A button that says what it does; {@code id} is for tests and help. */
    public static Button button(String text, String id, Runnable action, String... styles) {
        var button = new Button(text);
        button.setId(id);
        button.setOnAction(e -> action.run());
        button.getStyleClass().addAll(styles);
        return button;
    }

    /** Makes any region do something when clicked, or with Enter or Space; it takes the keyboard like a button. */
    public static <R extends Region> R pressable(R region, String id, String accessible, Runnable action) {
        region.setId(id);
        region.setAccessibleText(accessible);
        region.setAccessibleRole(AccessibleRole.BUTTON);
        region.setFocusTraversable(true);
        region.setOnMouseClicked(e -> {
            // a drag that ends where it began is none
            if (e.isStillSincePress()) {
                action.run();
            }
        });
        region.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                action.run();
                e.consume();
            }
        });
        return region;
    }

    /** Escape does something while the keyboard is in a region and nothing in it takes the key. */
    public static void onEscape(Region region, Runnable action) {
        region.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                action.run();
                e.consume();
            }
        });
    }

    /** As {@link #link}, and never cut: what stands beside it has room to give. */
    public static Button wholeLink(String text, String id, Runnable action) {
        Button link = link(text, id, action);
        link.setMinWidth(Region.USE_PREF_SIZE);
        return link;
    }

    /** Words that do something when pressed, underlined. */
    public static Button link(String text, String id, Runnable action) {
        return button(text, id, action, "words");
    }
}

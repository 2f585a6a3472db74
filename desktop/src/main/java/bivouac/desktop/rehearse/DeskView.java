package bivouac.desktop.rehearse;

import bivouac.design.FacedWindow;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/** The simulated desk: the open windows where they were dragged to, the topmost last. */
final class DeskView extends Pane {

    private final Consumer<Event> act;
    private final Consumer<String> say;
    private final Consumer<Integer> raise;
    private final Map<Sighting.Which, DeskWindow> windows = new HashMap<>();
    private final Map<Sighting.Which, Point2D> places = new HashMap<>();
    private final Node empty;
    private Scene shown;

    DeskView(Consumer<Event> act, Consumer<Integer> raise, Consumer<String> say, Runnable again) {
        this.act = act;
        this.raise = raise;
        this.say = say;
        getStyleClass().add("desk");
        setId("desk");
        empty = Ui.styled(
                Ui.column(8, Ui.label("", "strong"), Ui.button("Start again", "desk-start-again", again, "primary")),
                "desk-over");
        var clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
    }

    void show(Scene scene) {
        Node focused = getScene() == null ? null : getScene().getFocusOwner();
        shown = scene;
        var there = new HashSet<Sighting.Which>();
        var nodes = new ArrayList<Node>();
        for (Scene.OpenWindow window : inOrder(scene)) {
            if (!window.hidden()) {
                there.add(window.which());
                nodes.add(window(window));
            }
        }
        windows.keySet().retainAll(there);
        if (nodes.isEmpty()) {
            nodes.add(over(scene));
        }
        if (!getChildren().equals(nodes)) {
            getChildren().setAll(nodes);
        }
        boolean lost = focused == null || focused.getScene() == null || focused.isDisabled() || !focused.isVisible();
        if (lost || Ui.isInside(focused, this)) {
            Platform.runLater(() -> keepFocus(focused));
        }
    }

    /** Owned windows stand above their owners, whatever came to the front last (O5). */
    private static List<Scene.OpenWindow> inOrder(Scene scene) {
        var order = new ArrayList<Scene.OpenWindow>();
        var left = new ArrayList<>(scene.windows());
        while (!left.isEmpty()) {
            Scene.OpenWindow next = left.stream()
                    .filter(w -> w.owner().isEmpty()
                            || left.stream()
                                    .noneMatch(o -> o.which().equals(w.owner().get())))
                    .findFirst()
                    .orElse(left.getFirst());
            left.remove(next);
            order.add(next);
        }
        return order;
    }

    /** Whether the window that has the keyboard has a command with that shortcut. */
    boolean takes(KeyEvent key) {
        Node focused = getScene() == null ? null : getScene().getFocusOwner();
        return windows.values().stream().anyMatch(w -> Ui.isInside(focused, w) && w.hasShortcut(key));
    }

    private void keepFocus(Node focused) {
        DeskWindow top = topmost();
        if (top == null || !isVisible() || getScene() == null) {
            return;
        }
        DeskWindow holder = holder(focused);
        boolean front =
                holder != null && (holder == top || top.isOwnedBy(holder.shown().which()));
        boolean stays = front && focused.getScene() != null && !focused.isDisabled();
        // windows that change places leave the scene for a moment, and then lose the keyboard to another
        (stays ? focused : top.firstFocus()).requestFocus();
    }

    /** The window on the desk that a node stands in; null for none, or for one that is blocked. */
    private DeskWindow holder(Node node) {
        return windows.values().stream()
                .filter(w -> Ui.isInside(node, w) && w.shown().blockedBy().isEmpty())
                .findFirst()
                .orElse(null);
    }

    /** Gives the keyboard to the topmost window that takes it. */
    void focusTop() {
        DeskWindow top = topmost();
        if (top != null) {
            top.firstFocus().requestFocus();
        }
    }

    /** Puts the keyboard into the field that is to be edited. */
    void focusField(Event.Edit edit) {
        for (DeskWindow window : windows.values()) {
            if (window.shown().instance() == edit.instance()) {
                window.focusPart(edit.part());
            }
        }
    }

    private DeskWindow topmost() {
        DeskWindow top = null;
        for (Node node : getChildren()) {
            if (node instanceof DeskWindow w && w.shown().blockedBy().isEmpty()) {
                top = w;
            }
        }
        return top;
    }

    private DeskWindow window(Scene.OpenWindow window) {
        DeskWindow known = windows.get(window.which());
        if (known != null && known.shown().design() == window.design()) {
            known.update(window);
            return known;
        }
        var made = new DeskWindow(window, () -> shown.files(), act, () -> blocked(window.which()));
        windows.put(window.which(), made);
        Point2D place = places.computeIfAbsent(window.which(), w -> placeFor(window));
        made.relocate(place.getX(), place.getY());
        Dragging.by(made.titleBar(), made, p -> places.put(window.which(), p));
        made.setOnMousePressed(e -> {
            int instance = made.shown().instance();
            if (made.shown().blockedBy().isEmpty() && getChildren().getLast() != made) {
                Platform.runLater(() -> raise.accept(instance));
            }
        });
        return made;
    }

    /** A new window stands a little lower and to the right of its owner, or of the ones before it. */
    private Point2D placeFor(Scene.OpenWindow window) {
        Point2D from = window.owner().map(places::get).orElse(null);
        boolean modeless = window.design() instanceof FacedWindow f && f.of() == FacedWindow.Kind.CHILD;
        if (from != null && modeless) {
            return from.add(
                    300 + 24 * (window.which().serial() % 4),
                    170 + 30 * (window.which().serial() % 4));
        }
        if (from != null) {
            return from.add(24, 72);
        }
        int n = windows.size();
        return new Point2D(20 + 34 * (n % 8), 18 + 30 * (n % 8));
    }

    private void blocked(Sighting.Which which) {
        shown.windows().stream()
                .filter(w -> w.which().equals(which))
                .findFirst()
                .flatMap(Scene.OpenWindow::blockedBy)
                .ifPresent(b -> {
                    say.accept(which + " is " + b.words() + ".");
                    b.window().map(windows::get).ifPresent(Dragging::flash);
                });
    }

    private Node over(Scene scene) {
        String words = scene.killed()
                ? "The process was killed; nothing ran."
                : scene.ended()
                        .map(code -> "The application has ended with exit code " + code + ".")
                        .orElse("Nothing is to be seen, and the application still runs.");
        ((javafx.scene.control.Label) ((Pane) empty).getChildren().getFirst()).setText(words);
        ((Pane) empty)
                .getChildren()
                .getLast()
                .setVisible(scene.killed() || scene.ended().isPresent());
        empty.relocate(40, 40);
        return empty;
    }
}

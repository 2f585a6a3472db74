package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import javafx.scene.transform.Scale;

/** The simulated desk: the open windows where they were dragged to, the topmost last. */
final class DeskView extends Pane {

    /** As small as windows are drawn; what then still does not fit can be dragged into sight. */
    private static final double SMALLEST = 0.5;

    /** Room for the shadow of a window. */
    private static final double MARGIN = 12;

    private final Consumer<String> say;
    private final Consumer<Integer> raise;
    private final Map<Sighting.Which, DeskWindow> windows = new HashMap<>();
    private final Arrangement arrangement = new Arrangement();
    /** Windows that are to stand in the middle, as soon as their size is known. */
    private final List<DeskWindow> centring = new ArrayList<>();

    private final Pane area = new Pane();
    private final Scale zoom = new Scale(1, 1, 0, 0);
    private final HBox strip = new HBox(6);
    private final DeskWants wants;
    private final Node empty;
    private Scene shown;

    DeskView(Consumer<Event> act, Pictures pictures, Consumer<Integer> raise, Consumer<String> say, Runnable again) {
        this.wants = new DeskWants(() -> shown.files(), pictures, act, this::blocked, this::minimise, this::maximise);
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
        area.getTransforms().add(zoom);
        area.setPickOnBounds(false);
        strip.setPickOnBounds(false);
        getChildren().addAll(area, strip);
    }

    void show(Scene scene) {
        Node focused = getScene() == null ? null : getScene().getFocusOwner();
        arrangement.noteOpened(shown, scene);
        shown = scene;
        var there = new HashSet<Sighting.Which>();
        var nodes = new ArrayList<Node>();
        var away = new ArrayList<Node>();
        for (Scene.OpenWindow window : Arrangement.inOrder(scene)) {
            if (!window.hidden()) {
                there.add(window.which());
                Node node = window(window);
                if (arrangement.isMinimised(window)) {
                    away.add(chip(window));
                } else {
                    nodes.add(node);
                }
            }
        }
        windows.keySet().retainAll(there);
        if (there.isEmpty()) {
            nodes.add(over(scene));
        }
        stack(nodes);
        strip.getChildren().setAll(away);
        requestLayout();
        boolean lost = focused == null || focused.getScene() == null || focused.isDisabled() || !focused.isVisible();
        if (lost || Ui.isInside(focused, this)) {
            Platform.runLater(() -> keepFocus(focused));
        }
    }

    /** Windows that stay are not taken off the scene: that would cost their styles, and the keyboard. */
    private void stack(List<Node> nodes) {
        area.getChildren().removeIf(n -> !nodes.contains(n));
        nodes.stream().filter(n -> n.getParent() != area).forEach(area.getChildren()::add);
        if (!area.getChildren().equals(nodes)) {
            nodes.forEach(Node::toFront);
        }
    }

    /** Whether the window that has the keyboard has a command with that shortcut. */
    boolean takes(KeyEvent key) {
        Node focused = getScene() == null ? null : getScene().getFocusOwner();
        return windows.values().stream().anyMatch(w -> Ui.isInside(focused, w) && w.hasShortcut(key));
    }

    private void keepFocus(Node focused) {
        Optional<DeskWindow> top = topmost();
        if (top.isEmpty() || !isVisible() || getScene() == null) {
            return;
        }
        boolean stays = holder(focused)
                        .filter(h -> arrangement.keepsKeyboard(shown, h.shown().which()))
                        .isPresent()
                && focused.getScene() != null
                && !focused.isDisabled();
        // windows that change places leave the scene for a moment, and then lose the keyboard to another
        (stays ? focused : top.get().firstFocus()).requestFocus();
    }

    /** The window on the desk that a node stands in. */
    private Optional<DeskWindow> holder(Node node) {
        return windows.values().stream().filter(w -> Ui.isInside(node, w)).findFirst();
    }

    /** Gives the keyboard to the topmost window that takes it. */
    void focusTop() {
        topmost().ifPresent(top -> top.firstFocus().requestFocus());
    }

    /** Puts the keyboard into the field that is to be edited. */
    void focusField(Event.Edit edit) {
        for (DeskWindow window : windows.values()) {
            if (window.shown().instance() == edit.instance()) {
                window.focusPart(edit.part());
            }
        }
    }

    private Optional<DeskWindow> topmost() {
        return Optional.ofNullable(shown).flatMap(arrangement::usable).map(w -> windows.get(w.which()));
    }

    private DeskWindow window(Scene.OpenWindow window) {
        DeskWindow known = windows.get(window.which());
        if (known != null && known.shown().design() == window.design()) {
            known.update(window);
            return known;
        }
        var made = new DeskWindow(window, wants);
        windows.put(window.which(), made);
        Point2D place = arrangement.place(window, windows.size() - 1);
        made.relocate(place.getX(), place.getY());
        if (Arrangement.isCentred(window)) {
            centring.add(made);
        }
        Dragging.by(made.titleBar(), made, p -> arrangement.move(window.which(), p));
        made.setOnMousePressed(e -> {
            int instance = made.shown().instance();
            if (made.shown().blockedBy().isEmpty() && area.getChildren().getLast() != made) {
                Platform.runLater(() -> raise.accept(instance));
            }
        });
        return made;
    }

    /** A minimised window, at the foot of the desk. */
    private Node chip(Scene.OpenWindow window) {
        return Ui.button(window.title(), "minimised-" + window.which(), () -> restore(window), "secondary");
    }

    private void minimise(Sighting.Which which) {
        arrangement.minimise(which);
        show(shown);
    }

    private void restore(Scene.OpenWindow window) {
        arrangement.restore(window.which());
        raise.accept(window.instance());
        show(shown);
    }

    /** The whole desk, at the size at which it is drawn. */
    private void maximise(Sighting.Which which) {
        DeskWindow window = windows.get(which);
        window.maximise(getWidth() / zoom.getX(), getHeight() / zoom.getY());
        Point2D place = window.isMaximised() ? Point2D.ZERO : arrangement.place(window.shown(), 0);
        window.relocate(place.getX(), place.getY());
    }

    /** Draws the desk smaller where the windows need more room than there is, so that none is out of reach. */
    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        strip.setMaxWidth(getWidth());
        strip.resizeRelocate(8, getHeight() - strip.prefHeight(getWidth()) - 8, getWidth() - 16, strip.prefHeight(-1));
        centring.forEach(this::centre);
        centring.clear();
        double width = 0;
        double height = 0;
        for (Node node : area.getChildren()) {
            if (node instanceof DeskWindow w && !w.isMaximised()) {
                width = Math.max(width, w.getLayoutX() + w.prefWidth(-1) + MARGIN);
                height = Math.max(height, w.getLayoutY() + w.prefHeight(-1) + MARGIN);
            }
        }
        double room = getHeight() - (strip.getChildren().isEmpty() ? 0 : strip.prefHeight(-1) + 8);
        double fit = Math.min(1, Math.min(getWidth() / Math.max(1, width), room / Math.max(1, height)));
        double drawn = getWidth() <= 0 ? 1 : Math.max(SMALLEST, Math.floor(fit * 20) / 20);
        zoom.setX(drawn);
        zoom.setY(drawn);
    }

    private void centre(DeskWindow window) {
        var place = new Point2D(
                Math.max(0, Math.rint((getWidth() - window.prefWidth(-1)) / 2)),
                Math.max(0, Math.rint((getHeight() - window.prefHeight(-1)) / 2)));
        arrangement.move(window.shown().which(), place);
        window.relocate(place.getX(), place.getY());
    }

    private void blocked(Sighting.Which which) {
        shown.window(which).flatMap(Scene.OpenWindow::blockedBy).ifPresent(b -> {
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

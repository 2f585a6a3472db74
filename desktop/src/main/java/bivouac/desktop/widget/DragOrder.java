package bivouac.desktop.widget;

import java.util.Map;
import java.util.Optional;
import java.util.WeakHashMap;
import javafx.css.PseudoClass;
import javafx.event.EventHandler;
import javafx.geometry.Bounds;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/**
 * Things in an order that is changed by dragging: where one is let go over another, it comes before that one in its upper
 * half, behind it in its lower half. What may go where is decided by those who hear of it.
 *
 * @param <T> by what a thing is known
 */
public final class DragOrder<T> {

    private static final PseudoClass BEFORE = PseudoClass.getPseudoClass("drop-before");
    private static final PseudoClass BEHIND = PseudoClass.getPseudoClass("drop-behind");
    private static final PseudoClass DRAGGED = PseudoClass.getPseudoClass("dragged");

    /** Hears where a thing was let go. */
    public interface Dropped<T> {
        void on(T dragged, T there, boolean behind);
    }

    /** Where a thing is seen. */
    private record Place<T>(Node node, T thing) {

        boolean isUnder(MouseEvent e) {
            return node.getScene() != null && bounds().contains(e.getSceneX(), e.getSceneY());
        }

        boolean isBehind(MouseEvent e) {
            return e.getSceneY() > bounds().getCenterY();
        }

        private Bounds bounds() {
            return node.localToScene(node.getLayoutBounds());
        }
    }

    private final Dropped<T> dropped;
    /** Nodes that are drawn no more go by themselves, since some of them are kept from one drawing to the next. */
    private final Map<Node, T> places = new WeakHashMap<>();

    private Optional<Place<T>> over = Optional.empty();

    public DragOrder(Dropped<T> dropped) {
        this.dropped = dropped;
    }

    /** Makes a node one of the things: it can be dragged, and others be let go over it. */
    public void add(Node node, T thing) {
        addPlace(node, thing);
        node.setOnDragDetected(e -> {
            if (e.getButton() == MouseButton.PRIMARY) {
                begin(node, thing);
                e.consume();
            }
        });
    }

    /** Follows the pointer over the whole scene until the button is let go, whatever it is over then. */
    private void begin(Node node, T thing) {
        Scene scene = node.getScene();
        node.pseudoClassStateChanged(DRAGGED, true);
        scene.setCursor(Cursor.CLOSED_HAND);
        scene.addEventFilter(MouseEvent.ANY, new EventHandler<>() {
            @Override
            public void handle(MouseEvent e) {
                if (e.getEventType() == MouseEvent.MOUSE_DRAGGED) {
                    go(e, thing);
                } else if (e.getEventType() == MouseEvent.MOUSE_RELEASED) {
                    scene.removeEventFilter(MouseEvent.ANY, this);
                    scene.setCursor(null);
                    node.pseudoClassStateChanged(DRAGGED, false);
                    letGo(e, thing);
                }
            }
        });
    }

    /** Makes a node a place where things are let go, and which stays itself. */
    public void addPlace(Node node, T thing) {
        places.put(node, thing);
    }

    private void go(MouseEvent e, T thing) {
        over.ifPresent(DragOrder::unmark);
        over = places.entrySet().stream()
                .map(p -> new Place<>(p.getKey(), p.getValue()))
                .filter(p -> !p.thing().equals(thing) && p.isUnder(e))
                .findFirst();
        over.ifPresent(p -> {
            p.node().pseudoClassStateChanged(BEFORE, !p.isBehind(e));
            p.node().pseudoClassStateChanged(BEHIND, p.isBehind(e));
        });
    }

    private void letGo(MouseEvent e, T thing) {
        go(e, thing);
        Optional<Place<T>> there = over;
        over = Optional.empty();
        there.ifPresent(p -> {
            unmark(p);
            dropped.on(thing, p.thing(), p.isBehind(e));
        });
    }

    private static void unmark(Place<?> place) {
        place.node().pseudoClassStateChanged(BEFORE, false);
        place.node().pseudoClassStateChanged(BEHIND, false);
    }
}

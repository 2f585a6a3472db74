package bivouac.desktop.rehearse;

import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.util.Duration;

/** Moves a window of the desk by its title bar, and makes one flash. */
final class Dragging {

    private static final PseudoClass FLASH = PseudoClass.getPseudoClass("flash");

    private Dragging() {}

    static void by(Node handle, Node moved, Consumer<Point2D> place) {
        var start = new Point2D[1];
        handle.setOnMousePressed(
                e -> start[0] = new Point2D(e.getSceneX() - moved.getLayoutX(), e.getSceneY() - moved.getLayoutY()));
        handle.setOnMouseDragged(e -> {
            double x = Math.max(0, e.getSceneX() - start[0].getX());
            double y = Math.max(0, e.getSceneY() - start[0].getY());
            moved.relocate(x, y);
            place.accept(new Point2D(x, y));
        });
    }

    static void flash(Node node) {
        node.pseudoClassStateChanged(FLASH, true);
        var pause = new PauseTransition(Duration.millis(140));
        pause.setOnFinished(e -> node.pseudoClassStateChanged(FLASH, false));
        pause.play();
    }
}

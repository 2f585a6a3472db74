package bivouac.desktop.rehearse;

import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/** Moves a window of the desk by its title bar, draws it larger by its corner, and makes one flash. */
final class Dragging {

    private static final PseudoClass FLASH = PseudoClass.getPseudoClass("flash");

    private Dragging() {}

    /** Distances are told in the coordinates of what holds {@code moved}, however large that is drawn. */
    static void by(Node handle, Node moved, Consumer<Point2D> place) {
        var start = new Point2D[1];
        handle.setOnMousePressed(e -> start[0] = moved.getParent()
                .sceneToLocal(e.getSceneX(), e.getSceneY())
                .subtract(moved.getLayoutX(), moved.getLayoutY()));
        handle.setOnMouseDragged(e -> {
            if (start[0] == null) {
                return;
            }
            Point2D at =
                    moved.getParent().sceneToLocal(e.getSceneX(), e.getSceneY()).subtract(start[0]);
            var to = new Point2D(Math.max(0, at.getX()), Math.max(0, at.getY()));
            moved.relocate(to.getX(), to.getY());
            place.accept(to);
        });
    }

    /** Never smaller than {@code least}, nor than its contents need. */
    static void size(Node handle, Region sized, Point2D least) {
        var start = new Point2D[1];
        handle.setOnMousePressed(e -> {
            start[0] = new Point2D(sized.getWidth(), sized.getHeight())
                    .subtract(sized.sceneToLocal(e.getSceneX(), e.getSceneY()));
            e.consume();
        });
        handle.setOnMouseDragged(e -> {
            if (start[0] == null) {
                return;
            }
            Point2D to = sized.sceneToLocal(e.getSceneX(), e.getSceneY()).add(start[0]);
            sized.setPrefSize(
                    Math.max(to.getX(), Math.max(least.getX(), sized.minWidth(-1))),
                    Math.max(to.getY(), Math.max(least.getY(), sized.minHeight(-1))));
            e.consume();
        });
    }

    static void flash(Node node) {
        node.pseudoClassStateChanged(FLASH, true);
        var pause = new PauseTransition(Duration.millis(140));
        pause.setOnFinished(e -> node.pseudoClassStateChanged(FLASH, false));
        pause.play();
    }
}

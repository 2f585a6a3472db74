package bivouac.desktop.widget;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;

/** Scrolls to where the keyboard goes, so that Tab never leads out of sight. */
public final class Scrolling {

    private static final double AROUND = 12;

    private Scrolling() {}

    /** Makes a scroll pane follow the keyboard for as long as it is in a scene. */
    public static void follow(ScrollPane pane) {
        pane.sceneProperty().flatMap(Scene::focusOwnerProperty).subscribe(owner -> {
            if (owner != null && Ui.isInside(owner, pane.getContent())) {
                show(pane, owner);
            }
        });
    }

    private static void show(ScrollPane pane, Node node) {
        Bounds in = pane.getContent().sceneToLocal(node.localToScene(node.getLayoutBounds()));
        double all = pane.getContent().getLayoutBounds().getHeight();
        double seen = pane.getViewportBounds().getHeight();
        if (all <= seen) {
            return;
        }
        double at = pane.getVvalue() * (all - seen);
        double top = in.getMinY() - AROUND;
        double bottom = in.getMaxY() + AROUND;
        if (top < at) {
            pane.setVvalue(Math.clamp(top / (all - seen), 0, 1));
        } else if (bottom > at + seen) {
            pane.setVvalue(Math.clamp((bottom - seen) / (all - seen), 0, 1));
        }
    }
}

package bivouac.desktop.widget;

import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;

/** What is longer than its place is scrolled up and down, and to where the keyboard goes: Tab never leads out of sight. */
public final class Scrolling {

    private static final double AROUND = 12;

    private Scrolling() {}

    /** A pane that is as wide as its place, and scrolls up and down only. */
    public static ScrollPane down(Node content) {
        var pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        return pane;
    }

    /**
     * Makes a scroll pane follow the keyboard for as long as it is in a scene: also when what has it was made just now and
     * has no place yet, and when what stands around it grows or goes.
     */
    public static void follow(ScrollPane pane) {
        pane.sceneProperty().flatMap(Scene::focusOwnerProperty).subscribe(owner -> later(pane));
        pane.getContent().layoutBoundsProperty().addListener((o, was, is) -> later(pane));
        pane.viewportBoundsProperty().addListener((o, was, is) -> {
            if (was.getHeight() != is.getHeight()) {
                later(pane);
            }
        });
    }

    /** Once all has its place. */
    private static void later(ScrollPane pane) {
        Scene scene = pane.getScene();
        if (scene == null || !Ui.isInside(scene.getFocusOwner(), pane.getContent())) {
            return;
        }
        var once = new Runnable() {
            @Override
            public void run() {
                scene.removePostLayoutPulseListener(this);
                Node owner = scene.getFocusOwner();
                if (owner != null && pane.getScene() == scene && Ui.isInside(owner, pane.getContent())) {
                    show(pane, whole(owner, pane.getContent()));
                }
            }
        };
        scene.addPostLayoutPulseListener(once);
        Platform.requestNextPulse();
    }

    /** A line with what is offered and said under it. */
    private static Node whole(Node owner, Node content) {
        for (Node at = owner; at != content; at = at.getParent()) {
            if (at instanceof LineField) {
                return at;
            }
        }
        return owner;
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
        if (top < at || bottom - top > seen) {
            pane.setVvalue(Math.clamp(top / (all - seen), 0, 1));
        } else if (bottom > at + seen) {
            pane.setVvalue(Math.clamp((bottom - seen) / (all - seen), 0, 1));
        }
    }
}

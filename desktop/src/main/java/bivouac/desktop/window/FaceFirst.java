package bivouac.desktop.window;

import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;

/**
 * The face over the script. Neither half is fixed: the script takes what its steps need, and the face all else, so that
 * a face is seen whole wherever both have room.
 */
final class FaceFirst extends Region {

    /** What the script has at least, so that a next step can be typed and the one before is seen, in pixels. */
    static final double SCRIPT_LEAST = 132;

    /** What the script takes of a height in which the two have no room beside each other. */
    static final double SCRIPT_SHARE = 0.42;

    private final ScrollPane face;
    private final ScrollPane script;

    FaceFirst(ScrollPane face, ScrollPane script) {
        this.face = face;
        this.script = script;
        getChildren().addAll(face, script);
        setMinHeight(0);
        watch(face.getContent());
        watch(script.getContent());
    }

    /** A scroll pane does not ask to be laid out anew when only its content has another height. */
    private void watch(Node content) {
        content.layoutBoundsProperty().addListener((o, was, is) -> requestLayout());
    }

    /**
     * The height of the script, in pixels.
     *
     * @param all what there is
     * @param face what the face needs
     * @param script what the script needs
     */
    static double scriptHeight(double all, double face, double script) {
        double most = Math.max(all - face, all * SCRIPT_SHARE);
        return Math.min(all, Math.max(SCRIPT_LEAST, Math.min(script, most)));
    }

    private static double needs(ScrollPane pane, double width) {
        double inner = width - pane.getInsets().getLeft() - pane.getInsets().getRight();
        return pane.getContent().prefHeight(inner)
                + pane.getInsets().getTop()
                + pane.getInsets().getBottom();
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        double low = Math.rint(scriptHeight(height, needs(face, width), needs(script, width)));
        face.resizeRelocate(0, 0, width, height - low);
        script.resizeRelocate(0, height - low, width, low);
    }
}

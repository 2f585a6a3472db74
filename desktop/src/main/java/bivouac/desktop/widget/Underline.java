package bivouac.desktop.widget;

import javafx.geometry.Rectangle2D;
import javafx.scene.control.TextField;
import javafx.scene.control.skin.TextFieldSkin;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;

/** A field whose text can be underlined with a zigzag from one character to another, to show what is wrong in it. */
final class Underline extends StackPane {

    private static final double TOOTH = 3;

    private final TextField field;
    private final Path zigzag = new Path();
    private int from;
    private int to;

    Underline(TextField field) {
        this.field = field;
        zigzag.getStyleClass().add("zigzag");
        zigzag.setManaged(false);
        zigzag.setMouseTransparent(true);
        getChildren().addAll(field, zigzag);
    }

    /** Underlines the characters from {@code from} up to but without {@code to}; none if there are none between. */
    void show(int from, int to) {
        this.from = from;
        this.to = to;
        requestLayout();
    }

    /** Whether something is underlined. */
    boolean shows() {
        return from < to;
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        zigzag.getElements().clear();
        int last = Math.min(to, field.getLength());
        if (from < last && field.getSkin() instanceof TextFieldSkin skin) {
            draw(skin.getCharacterBounds(from), skin.getCharacterBounds(last - 1));
        }
    }

    private void draw(Rectangle2D first, Rectangle2D last) {
        double left = Math.max(first.getMinX(), field.snappedLeftInset());
        double right = Math.min(last.getMaxX(), field.getWidth() - field.snappedRightInset());
        double y = Math.min(last.getMaxY(), field.getHeight() - 3);
        boolean up = false;
        for (double x = left; x <= right; x += TOOTH, up = !up) {
            double at = y - (up ? 2 : 0);
            zigzag.getElements().add(x == left ? new MoveTo(x, at) : new LineTo(x, at));
        }
    }
}

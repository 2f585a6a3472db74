package bivouac.desktop.widget;

import bivouac.check.Finding;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Shape;

/** The shapes of the weights: filled diamond, outlined triangle, ring. Always shown with a count or a word. */
public final class Weights {

    private Weights() {}

    public static Node shape(Finding.Weight weight) {
        Shape shape =
                switch (weight) {
                    case WRONG -> new Polygon(5, 0, 10, 5, 5, 10, 0, 5);
                    case RISKY -> new Polygon(5, 0.5, 10, 9.5, 0, 9.5);
                    case HINT -> new Circle(4);
                };
        shape.getStyleClass().addAll("weight", weight.word());
        return shape;
    }
}

package bivouac.desktop.widget;

import bivouac.check.finding.Finding;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Shape;

/** The shapes of the weights: filled diamond, outlined triangle, ring. Always shown with a count or a word. */
public final class Weights {

    private Weights() {}

    /** The shape of a weight with how many findings have it. */
    public static List<Node> counted(Finding.Weight weight, long many) {
        return List.of(shape(weight), Ui.label(Long.toString(many), "weight-count", weight.word()));
    }

    /** The heaviest of several with how many are as heavy; nothing where there are none. */
    public static List<Node> heaviest(List<Finding.Weight> weights) {
        return weights.stream()
                .min(Finding.Weight::compareTo)
                .map(h -> counted(h, weights.stream().filter(h::equals).count()))
                .orElse(List.of());
    }

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

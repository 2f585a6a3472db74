package bivouac.desktop.widget;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/**
 * A layer of nodes of one kind that is drawn again and again. Nodes are used again instead of being made anew: what
 * costs in a node is finding its styles when it comes into a scene, not its text or its place.
 */
public final class Reused<N extends Region> extends Pane {

    private final Supplier<N> make;
    private final List<N> made = new ArrayList<>();
    private int used;

    public Reused(Supplier<N> make) {
        this.make = make;
        setPickOnBounds(false);
    }

    /** Begins to draw: no node is used yet. */
    public void begin() {
        used = 0;
    }

    /** A node to be placed and filled. */
    public N next() {
        if (used == made.size()) {
            N node = make.get();
            made.add(node);
            getChildren().add(node);
        }
        N node = made.get(used++);
        node.setVisible(true);
        return node;
    }

    /** Ends drawing: nodes that were not used are put away. */
    public void end() {
        for (int i = used; i < made.size(); i++) {
            made.get(i).setVisible(false);
        }
    }
}

package bivouac.desktop.widget;

import java.util.List;
import java.util.function.Supplier;
import javafx.collections.ObservableList;
import javafx.scene.Node;

/**
 * Nodes that stand one after the other. What stands before and behind a change is kept as it is, with its styles, its
 * focus and what was typed in it: finding the styles of new nodes costs more than all else in an edit.
 */
public final class DrawnList {

    /**
     * One of the nodes.
     *
     * @param says all that is seen of it, and all by which it changes the design; by its {@code equals} it is told
     *     whether the node can stay
     */
    public record Item(Object says, Supplier<? extends Node> draw) {}

    private final ObservableList<Node> nodes;
    private List<Object> said = List.of();

    /** @param nodes where they stand; nothing else may stand there */
    public DrawnList(ObservableList<Node> nodes) {
        this.nodes = nodes;
    }

    /** Shows these and no others, in this order. */
    public void show(List<Item> items) {
        List<Object> says = items.stream().map(Item::says).toList();
        int least = Math.min(says.size(), said.size());
        int before = 0;
        while (before < least && says.get(before).equals(said.get(before))) {
            before++;
        }
        int behind = 0;
        while (behind < least - before
                && says.get(says.size() - 1 - behind).equals(said.get(said.size() - 1 - behind))) {
            behind++;
        }
        List<? extends Node> others = items.subList(before, items.size() - behind).stream()
                .map(i -> i.draw().get())
                .toList();
        nodes.remove(before, said.size() - behind);
        nodes.addAll(before, others);
        said = says;
    }
}

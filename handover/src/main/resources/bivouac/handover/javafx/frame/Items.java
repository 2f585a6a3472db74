package frame;

import java.util.List;
import java.util.function.Supplier;

/** What shows the items of a choice: a list that drops down, radio buttons, or pages (P4, P8). */
public sealed interface Items permits Choice, RadioButtons, Pages {

    /** What is chosen, and of what. */
    Chosen rules();

    /** @param item what is chosen; empty for none */
    void show(List<String> items, String item);

    /** As a person does. */
    void press(String item);

    /** Shows what can be chosen now, and what is. */
    default void refresh() {
        rules().setting(() -> show(rules().items(), rules().now()));
    }

    /** Its items are those of a list, as it stands; what was chosen and is none of them any more counts as none (P5). */
    default void follows(Supplier<List<String>> list) {
        rules().follows(list);
    }

    /** What is chosen; fault X3 where nothing is. */
    default String chosen() {
        return rules().chosen();
    }

    default boolean anyChosen() {
        return !rules().now().isEmpty();
    }

    /** Chooses an item, or none where it is empty; fault X3 where it is no item. */
    default void choose(String item) {
        rules().choose(item);
        refresh();
    }
}

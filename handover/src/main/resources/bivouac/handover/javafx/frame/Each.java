package frame;

import desk.EachRow;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;

/** A part of which there is one for each row of a list, or for each open window (P5). */
interface Each<T> {

    EachRow<T> each();

    /** Shows these; what stands on one has no access key. */
    void rows(List<T> rows, Function<T, String> text);

    /** As a person does, by its number from 1. */
    void press(int number);

    /** What is done about the row of the one that is pressed. */
    default void onRow(Consumer<T> script) {
        each().onRow(script);
    }

    default void tickedWhen(Predicate<T> condition) {
        each().tickedWhen(condition);
    }

    default void enabledWhen(Predicate<T> condition) {
        each().enabledWhen(condition);
    }
}

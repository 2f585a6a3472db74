package bivouac.handover.meaning;

import bivouac.design.Type;
import java.util.List;

/**
 * One of the endings of a window or of a task, as the written program has it.
 *
 * @param of the shown name of the window or the task
 * @param task whether it is one of a task
 * @param gives what it gives, by expression names
 */
public record Outcome(String of, boolean task, String ending, List<Given> gives) {

    /** A value that an ending gives. */
    public record Given(String name, Type type) {}

    public Outcome {
        gives = List.copyOf(gives);
    }
}

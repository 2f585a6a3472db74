package bivouac.handover.meaning;

import bivouac.design.ScriptPlace;
import bivouac.design.Type;
import java.util.List;

/**
 * One of the endings of a window, of a task, or of a named script that answers, as the written program has it.
 *
 * @param of what it is an ending of
 * @param gives what it gives, by expression names
 */
public record Outcome(Source of, String ending, List<Given> gives) {

    /** What ends. */
    public sealed interface Source {

        /** @param name as it is shown */
        record OfWindow(String name) implements Source {}

        /** @param name as it is shown */
        record OfTask(String name) implements Source {}

        /** What the system may fail to do (O7). */
        record OfTrial() implements Source {}

        record OfScript(ScriptPlace.Named place) implements Source {}
    }

    /** A value that an ending gives. */
    public record Given(String name, Type type) {}

    public Outcome {
        gives = List.copyOf(gives);
    }
}

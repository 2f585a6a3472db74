package bivouac.closing;

import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.Map;
import java.util.Set;

/**
 * A step of a script <em>before closing</em> that waits for an ending, and what can come of each.
 *
 * @param path where it stands in the script; for one in a named script, the step that does that
 * @param own whether it stands in the script itself
 * @param outcomes by ending, what can come of it
 */
public record Decision(StepPath path, boolean own, Step.Branching step, Map<String, Set<Outcome>> outcomes) {

    /** What a request can come to. */
    public enum Outcome {
        /** It is refused: the window stays. */
        STAYS,
        /** It is agreed to. */
        CLOSES
    }

    public Decision {
        outcomes = Map.copyOf(outcomes);
    }

    /** Whether an ending can lead to the window staying. */
    public boolean canStay(String ending) {
        return outcomes.getOrDefault(ending, Set.of()).contains(Outcome.STAYS);
    }

    /** Whether no ending does. */
    public boolean alwaysCloses() {
        return outcomes.keySet().stream().noneMatch(this::canStay);
    }
}

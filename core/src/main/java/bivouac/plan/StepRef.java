package bivouac.plan;

import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;

/**
 * Which step of the design something came from; looked up only when a person is shown it.
 *
 * @param number of the step in its script, as people see it ({@link StepPath#number})
 */
public record StepRef(ScriptPlace place, StepPath path, int number) {
    @Override
    public String toString() {
        return place.words() + ", step " + number;
    }
}

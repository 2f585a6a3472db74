package bivouac.machine;

import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import java.util.Optional;

/** Which step of the design something came from; looked up only when a person is shown it. */
public record StepRef(ScriptPlace place, Optional<StepPath> path) {
    @Override
    public String toString() {
        return place.words() + path.map(p -> ", step " + (p.last() + 1)).orElse("");
    }
}

package bivouac.closing;

import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A script that closes a window, or ends the application, by its steps.
 *
 * @param place the script; a named one is told where it is done
 * @param closes the steps that do it, by their place in that script
 * @param endings the endings that they lead to, each once; none where the application is ended
 * @param before what happens in the script on the way there, each thing once, in its order
 */
public record Trigger(ScriptPlace place, List<StepPath> closes, List<String> endings, List<OnTheWay> before) {

    public Trigger {
        closes = List.copyOf(closes);
        endings = List.copyOf(endings);
        before = List.copyOf(before);
    }

    /** The questions that it asks. */
    public Set<String> asks() {
        return before.stream()
                .map(OnTheWay::asks)
                .flatMap(Optional::stream)
                .collect(Collectors.toCollection(java.util.LinkedHashSet::new));
    }
}

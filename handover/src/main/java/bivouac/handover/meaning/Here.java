package bivouac.handover.meaning;

import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import java.util.Map;
import java.util.Optional;

/**
 * Where an expression stands: in a script, with what the script has made so far, or on a window.
 *
 * @param place of the script
 * @param path of the step; empty for what stands on the window itself
 * @param locals the names that the script has made, each with what the written program calls it
 * @param kept the windows that the script keeps: by name, their shown names
 */
public record Here(ScriptPlace place, Optional<StepPath> path, Map<String, String> locals, Map<String, String> kept) {

    public Here {
        locals = Map.copyOf(locals);
        kept = Map.copyOf(kept);
    }

    /** On a window, or of the application. */
    public static Here on(ScriptPlace place) {
        return new Here(place, Optional.empty(), Map.of(), Map.of());
    }

    public Here at(StepPath other) {
        return new Here(place, Optional.of(other), locals, kept);
    }
}

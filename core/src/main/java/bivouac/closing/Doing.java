package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.Limits;
import bivouac.design.NamedScript;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Taken;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Goes into the named scripts that a script does, each once around itself (W7), and no further than a program does
 * ({@link Limits#MOST_DONE}): scripts that do others twice, which do others twice, would never come to an end.
 */
final class Doing {

    private final Design design;
    private final Optional<String> window;
    private final Set<String> around = new HashSet<>();
    private int done;

    /** @param window whose script it is; none for one of the application */
    Doing(Design design, Optional<String> window) {
        this.design = design;
        this.window = window;
    }

    /** The names of the scripts that are being done. */
    Set<String> around() {
        return Set.copyOf(around);
    }

    /**
     * What is made of the script that is done; {@code otherwise} where there is none, it is being done already, or too
     * much was.
     */
    <T> T into(Step.Do call, Function<NamedScript, T> make, T otherwise) {
        Optional<NamedScript> script = Taken.script(design, window, call);
        if (script.isEmpty() || done > Limits.MOST_DONE || !around.add(call.script())) {
            return otherwise;
        }
        done += 1 + Steps.count(script.get().script());
        T made = make.apply(script.get());
        around.remove(call.script());
        return made;
    }
}

package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.NamedScript;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Goes into the named scripts that a script does, each once around itself (W7). */
final class Doing {

    private final Design design;
    private final Optional<String> window;
    private final Set<String> around = new HashSet<>();

    /** @param window whose script it is; none for one of the application */
    Doing(Design design, Optional<String> window) {
        this.design = design;
        this.window = window;
    }

    /** What is made of the script that is done; {@code otherwise} where there is none, or it is being done already. */
    <T> T into(Step.Do call, Function<NamedScript, T> make, T otherwise) {
        Optional<NamedScript> script = ScriptPlace.routines(design, window)
                .script(call.script())
                .or(() -> design.application().routines().script(call.script()));
        if (script.isEmpty() || !around.add(call.script())) {
            return otherwise;
        }
        T made = make.apply(script.get());
        around.remove(call.script());
        return made;
    }
}

package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.Limits;
import bivouac.design.NamedScript;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
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
    private ScriptPlace place;
    private final Set<String> around = new HashSet<>();
    private int done;

    /** @param place where the script stands */
    Doing(Design design, ScriptPlace place) {
        this.design = design;
        this.place = place;
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
        Optional<ScriptPlace.Named> there = Done.place(design, place, call);
        Optional<NamedScript> script = there.flatMap(p -> Done.of(design, p));
        if (script.isEmpty() || done > Limits.MOST_DONE || !around.add(call.script())) {
            return otherwise;
        }
        done += 1 + Steps.count(script.get().script());
        ScriptPlace before = place;
        // in another window the names are those of that window (W12)
        place = call.in().isPresent() ? there.get() : before;
        T made = make.apply(script.get());
        place = before;
        around.remove(call.script());
        return made;
    }
}

package bivouac.check.known;

import bivouac.design.Design;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Where it is. Empty for the application as a whole.
 *
 * @param window shown name
 * @param part expression name of a part of the window
 * @param script the script, and the step in it
 * @param inner which of the step's scripts, where it is about the condition that leads into that
 */
public record Place(
        Optional<String> window,
        Optional<String> part,
        Optional<ScriptPlace> script,
        Optional<StepPath> step,
        OptionalInt inner) {

    public static final Place APPLICATION =
            new Place(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), OptionalInt.empty());

    public static Place window(String name) {
        return new Place(Optional.of(name), Optional.empty(), Optional.empty(), Optional.empty(), OptionalInt.empty());
    }

    public static Place part(String window, String part) {
        return new Place(
                Optional.of(window), Optional.of(part), Optional.empty(), Optional.empty(), OptionalInt.empty());
    }

    public static Place script(ScriptPlace script) {
        return new Place(
                script.ofWindow(), script.ofPart(), Optional.of(script), Optional.empty(), OptionalInt.empty());
    }

    public static Place step(ScriptPlace script, StepPath step) {
        return step(script, step, OptionalInt.empty());
    }

    /** @param inner the script of the step, where it is about what leads into that */
    public static Place step(ScriptPlace script, StepPath step, OptionalInt inner) {
        return new Place(script.ofWindow(), script.ofPart(), Optional.of(script), Optional.of(step), inner);
    }

    /** For reports: where to look in a design; no two places share their words. */
    public String words(Design design) {
        String base = script.map(ScriptPlace::words)
                .or(() -> window.map(w -> part.map(p -> w + ", " + p).orElse(w)))
                .orElse("application");
        return base
                + script.flatMap(place -> step.map(s -> ", step " + s.number(place.in(design))))
                        .orElse("");
    }
}

package bivouac.handover.meaning;

import bivouac.design.Design;
import bivouac.design.NamedScript;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Named scripts that run something in the background, or do one that does: who does them goes on when that has ended, since
 * their steps are done as if they stood there (W5, W7).
 */
public final class LateScripts {

    private final Design design;
    private final Map<ScriptPlace.Named, Boolean> known = new HashMap<>();

    LateScripts(Design design) {
        this.design = design;
    }

    /** The place of the script that is done by a name: of the window itself, or else of the application (W7). */
    public Optional<ScriptPlace.Named> find(Optional<String> window, String script) {
        return window.flatMap(w -> placeOf(Optional.of(w), script)).or(() -> placeOf(Optional.empty(), script));
    }

    private Optional<ScriptPlace.Named> placeOf(Optional<String> window, String script) {
        return named(window, script).map(s -> new ScriptPlace.Named(window, script));
    }

    private Optional<NamedScript> named(Optional<String> window, String script) {
        return ScriptPlace.routines(design, window).script(script);
    }

    /** Whether it is over only when something that it began has ended. */
    public boolean isLate(ScriptPlace.Named place) {
        Boolean told = known.get(place);
        if (told != null) {
            return told;
        }
        known.put(place, false); // one that does itself is a fault where it gets there
        boolean[] late = {false};
        named(place.window(), place.name())
                .ifPresent(s -> Steps.walk(s.script(), (path, step) -> late[0] |= isLate(place, step)));
        known.put(place, late[0]);
        return late[0];
    }

    private boolean isLate(ScriptPlace.Named in, Step step) {
        return switch (step) {
            case Step.RunTask run -> run.background();
            case Step.Do done ->
                find(in.window(), done.script()).filter(this::isLate).isPresent();
            case Step.Close _,
                    Step.If _,
                    Step.EndApplication _,
                    Step.Repeat _,
                    Step.Off _,
                    Step.Plain _,
                    Step.Branching _ -> false;
        };
    }
}

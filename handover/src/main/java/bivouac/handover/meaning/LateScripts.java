package bivouac.handover.meaning;

import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Named scripts that run something in the background, or do one that does: who does them goes on when that has ended, since
 * their steps are done as if they stood there (W5, W7). One that answers waits for all that it does (W11).
 */
public final class LateScripts {

    private final Design design;
    private final Map<ScriptPlace.Named, Boolean> known = new HashMap<>();
    private Optional<Set<ScriptPlace.Named>> elsewhere = Optional.empty();

    LateScripts(Design design) {
        this.design = design;
    }

    /** Whether it is over only when something that it began has ended. */
    public boolean isLate(ScriptPlace.Named place) {
        Boolean told = known.get(place);
        if (told != null) {
            return told;
        }
        known.put(place, false); // one that does itself is a fault where it gets there
        boolean[] late = {false};
        Done.of(design, place)
                .filter(script -> !script.answers())
                .ifPresent(s -> Steps.walk(s.script(), (path, step) -> late[0] |= isLate(place, step)));
        known.put(place, late[0]);
        return late[0];
    }

    /** Whether a script is done for one of another window, and so is called from outside its own (W12). */
    public boolean isDoneElsewhere(ScriptPlace.Named place) {
        if (elsewhere.isEmpty()) {
            var all = new HashSet<ScriptPlace.Named>();
            design.scripts()
                    .forEach((at, script) -> Steps.walk(script, (path, step) -> {
                        if (step instanceof Step.Do done && done.in().isPresent()) {
                            all.addAll(Done.places(design, at, done));
                        }
                    }));
            elsewhere = Optional.of(all);
        }
        return elsewhere.get().contains(place);
    }

    private boolean isLate(ScriptPlace.Named in, Step step) {
        return switch (step) {
            case Step.RunTask run -> run.background();
            case Step.Do done ->
                done.in().isEmpty()
                        && Done.place(design, in, done).filter(this::isLate).isPresent();
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

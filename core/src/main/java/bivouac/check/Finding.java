package bivouac.check;

import bivouac.design.Design;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import java.util.Optional;

/**
 * Something wrong or risky in a design.
 *
 * @param what what is wrong, one sentence with the names in it
 * @param why why it matters, one sentence
 */
public record Finding(Weight weight, Kind kind, String what, String why, Place place) {

    /** How heavy it is. */
    public enum Weight {
        WRONG,
        RISKY,
        HINT;

        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** The kinds of findings, for filters and tests; the word stands in reports. */
    public enum Kind {
        DEAD_TRIGGER,
        MISSING_BRANCH,
        NEVER_OPENED,
        NO_WAY_OUT,
        NAME_TWICE,
        NOT_HANDED_OVER,
        EXPRESSION,
        EMPTY_MESSAGE,
        DANGLING,
        /** A step that no run of its script reaches. */
        NEVER_RUN,
        /** A window that stays off the screen where it is wanted there. */
        STAYS_HIDDEN,
        MISPLACED_STEP,
        FILTER,
        MESSAGE,
        PART,
        UNGUARDED,
        NAMING,
        SUM
    }

    /**
     * Where it is. Empty for the application as a whole.
     *
     * @param window shown name
     * @param part expression name of a part of the window
     * @param script the script, and the step in it
     */
    public record Place(
            Optional<String> window, Optional<String> part, Optional<ScriptPlace> script, Optional<StepPath> step) {

        static final Place APPLICATION =
                new Place(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

        static Place window(String name) {
            return new Place(Optional.of(name), Optional.empty(), Optional.empty(), Optional.empty());
        }

        static Place part(String window, String part) {
            return new Place(Optional.of(window), Optional.of(part), Optional.empty(), Optional.empty());
        }

        static Place step(ScriptPlace script, StepPath step) {
            return new Place(script.ofWindow(), script.ofPart(), Optional.of(script), Optional.of(step));
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
}

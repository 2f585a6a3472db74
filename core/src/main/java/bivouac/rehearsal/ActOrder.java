package bivouac.rehearsal;

import bivouac.design.Quoted;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.Sighting.Which;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** One act is seen before another (E3): something is given back before its window has closed. */
public record ActOrder(Act first, Act then) implements Expectation {

    /** An act that can be told by what it was done to. */
    public sealed interface Act {

        /** What was done; no two of them begin with the same words. */
        enum Verb {
            OPENED("opened"),
            CLOSED("closed"),
            TAKEN("taken"),
            GIVEN_BACK("given back"),
            STARTED("started"),
            NOTED("noted");

            private final String words;

            Verb(String words) {
                this.words = words;
            }

            private Act read(LineReader in) {
                return switch (this) {
                    case OPENED, CLOSED -> new ToWindow(this, in.window());
                    case TAKEN, GIVEN_BACK, STARTED, NOTED -> new ToNamed(this, in.name());
                };
            }
        }

        /** Done to a window. */
        record ToWindow(Verb verb, Which window) implements Act {
            @Override
            public String toString() {
                return verb.words + " " + TrailFile.name(window);
            }
        }

        /** Done to a holding or a task; or a note, which has its text for a name. */
        record ToNamed(Verb verb, String name) implements Act {
            @Override
            public String toString() {
                return verb.words + " " + Quoted.of(name);
            }
        }

        record KeptSaved() implements Act {
            private static final String WORDS = "kept values saved";

            @Override
            public String toString() {
                return WORDS;
            }
        }

        /** The act that a sighting is; empty where it cannot be told by a name. */
        static Optional<Act> of(Sighting seen) {
            return switch (seen) {
                case Sighting.Opened(Which w, boolean waits) -> Optional.of(new ToWindow(Verb.OPENED, w));
                case Sighting.Asked a -> Optional.of(new ToWindow(Verb.OPENED, a.window()));
                case Sighting.Closed c -> Optional.of(new ToWindow(Verb.CLOSED, c.window()));
                case Sighting.Taken(String holding) -> Optional.of(new ToNamed(Verb.TAKEN, holding));
                case Sighting.GivenBack(String holding) -> Optional.of(new ToNamed(Verb.GIVEN_BACK, holding));
                case Sighting.TaskStarted(String task, var takes) -> Optional.of(new ToNamed(Verb.STARTED, task));
                case Sighting.Noted(String text) -> Optional.of(new ToNamed(Verb.NOTED, text));
                case Sighting.KeptSaved k -> Optional.of(new KeptSaved());
                default -> Optional.empty();
            };
        }

        /** Whether something is given back. */
        default boolean isGivingBack() {
            return this instanceof ToNamed(Verb verb, String name) && verb == Verb.GIVEN_BACK;
        }

        /** Reads an act. */
        static Optional<Act> read(LineReader in) {
            for (Verb verb : Verb.values()) {
                if (in.takes(verb.words)) {
                    return Optional.of(verb.read(in));
                }
            }
            return in.takes(KeptSaved.WORDS) ? Optional.of(new KeptSaved()) : Optional.empty();
        }
    }

    @Override
    public Optional<String> unmet(Scene scene, List<Sighting> seen, Predicate<NamedEvent> can) {
        int one = first(seen, first);
        int other = first(seen, then);
        if (one < 0 || other < 0) {
            return Optional.of((one < 0 ? first : then) + " was not seen");
        }
        return one < other ? Optional.empty() : Optional.of(then + " comes first");
    }

    private static int first(List<Sighting> seen, Act act) {
        for (int i = 0; i < seen.size(); i++) {
            if (Act.of(seen.get(i)).equals(Optional.of(act))) {
                return i;
            }
        }
        return -1;
    }

    @Override
    public String toString() {
        return "see " + first + " before " + then;
    }
}

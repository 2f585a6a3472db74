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

    /** An act that can be told by its name. */
    public sealed interface Act {
        /** Whether this was it. */
        boolean is(Sighting seen);

        record Opened(Which window) implements Act {
            @Override
            public boolean is(Sighting seen) {
                return seen instanceof Sighting.Opened(Which w, boolean waits) && w.equals(window)
                        || seen instanceof Sighting.Asked a && a.window().equals(window);
            }

            @Override
            public String toString() {
                return "opened" + TrailFile.of(window).substring(3);
            }
        }

        record Closed(Which window) implements Act {
            @Override
            public boolean is(Sighting seen) {
                return seen instanceof Sighting.Closed c && c.window().equals(window);
            }

            @Override
            public String toString() {
                return "closed" + TrailFile.of(window).substring(3);
            }
        }

        record Taken(String holding) implements Act {
            @Override
            public boolean is(Sighting seen) {
                return seen.equals(new Sighting.Taken(holding));
            }

            @Override
            public String toString() {
                return "taken " + Quoted.of(holding);
            }
        }

        record GivenBack(String holding) implements Act {
            @Override
            public boolean is(Sighting seen) {
                return seen.equals(new Sighting.GivenBack(holding));
            }

            @Override
            public String toString() {
                return "given back " + Quoted.of(holding);
            }
        }

        record Started(String task) implements Act {
            @Override
            public boolean is(Sighting seen) {
                return seen instanceof Sighting.TaskStarted s && s.task().equals(task);
            }

            @Override
            public String toString() {
                return "started " + Quoted.of(task);
            }
        }

        record Noted(String text) implements Act {
            @Override
            public boolean is(Sighting seen) {
                return seen.equals(new Sighting.Noted(text));
            }

            @Override
            public String toString() {
                return "noted " + Quoted.of(text);
            }
        }

        record KeptSaved() implements Act {
            @Override
            public boolean is(Sighting seen) {
                return seen instanceof Sighting.KeptSaved;
            }

            @Override
            public String toString() {
                return "kept values saved";
            }
        }

        /** The act that a sighting is; empty where it cannot be told by a name. */
        static Optional<Act> of(Sighting seen) {
            return switch (seen) {
                case Sighting.Opened(Which w, boolean waits) -> Optional.of(new Opened(w));
                case Sighting.Asked a -> Optional.of(new Opened(a.window()));
                case Sighting.Closed c -> Optional.of(new Closed(c.window()));
                case Sighting.Taken(String holding) -> Optional.of(new Taken(holding));
                case Sighting.GivenBack(String holding) -> Optional.of(new GivenBack(holding));
                case Sighting.TaskStarted(String task, var takes) -> Optional.of(new Started(task));
                case Sighting.Noted(String text) -> Optional.of(new Noted(text));
                case Sighting.KeptSaved k -> Optional.of(new KeptSaved());
                default -> Optional.empty();
            };
        }

        /** Reads an act. */
        static Optional<Act> read(LineReader in) {
            if (in.takes("opened")) {
                return Optional.of(new Opened(in.window()));
            }
            if (in.takes("closed")) {
                return Optional.of(new Closed(in.window()));
            }
            if (in.takes("taken")) {
                return Optional.of(new Taken(in.name()));
            }
            if (in.takes("given back")) {
                return Optional.of(new GivenBack(in.name()));
            }
            if (in.takes("started")) {
                return Optional.of(new Started(in.name()));
            }
            if (in.takes("noted")) {
                return Optional.of(new Noted(in.name()));
            }
            return in.takes("kept values saved") ? Optional.of(new KeptSaved()) : Optional.empty();
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
            if (act.is(seen.get(i))) {
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

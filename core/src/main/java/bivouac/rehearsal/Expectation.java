package bivouac.rehearsal;

import bivouac.design.Part;
import bivouac.design.Quoted;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.Sighting.Which;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Something that has to be seen after an event of a walkthrough: an act, or a part of the scene at rest (E3).
 * {@link #toString} is its line in the file.
 */
public sealed interface Expectation permits Expectation.OfScene, ActOrder, CannotHappen {

    /**
     * What was seen instead, in words; empty if this was seen.
     *
     * @param can whether an event is possible now
     */
    Optional<String> unmet(Scene scene, List<Sighting> seen, Predicate<NamedEvent> can);

    /** One for which it is enough to look at the scene, and at what was seen. */
    sealed interface OfScene extends Expectation
            permits Open,
                    NotOpen,
                    Blocked,
                    Hidden,
                    OwnedBy,
                    Title,
                    Shows,
                    Ticked,
                    Message,
                    Note,
                    Held,
                    ExitCode,
                    Saying,
                    PartQuality,
                    PartLook {
        Optional<String> unmet(Scene scene, List<Sighting> seen);

        @Override
        default Optional<String> unmet(Scene scene, List<Sighting> seen, Predicate<NamedEvent> can) {
            return unmet(scene, seen);
        }
    }

    record Open(Which window) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return Expectations.ofWindow(scene, window, open -> Optional.empty());
        }

        @Override
        public String toString() {
            return line(window, "open");
        }
    }

    record NotOpen(Which window) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return scene.window(window).isPresent() ? Optional.of(window + " is open") : Optional.empty();
        }

        @Override
        public String toString() {
            return line(window, "closed");
        }
    }

    record Blocked(Which window, boolean blocked) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return Expectations.ofWindow(
                    scene,
                    window,
                    open -> Expectations.unless(
                            open.blockedBy().isPresent() == blocked,
                            () -> window + " is "
                                    + open.blockedBy().map(Scene.Blocker::words).orElse("not blocked")));
        }

        @Override
        public String toString() {
            return line(window, blocked ? "blocked" : "free");
        }
    }

    /** It is off the screen, itself or with what owns it (C9). */
    record Hidden(Which window, boolean hidden) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return Expectations.ofWindow(
                    scene,
                    window,
                    open -> Expectations.unless(
                            open.hidden() == hidden, () -> window + (hidden ? " is to be seen" : " is hidden")));
        }

        @Override
        public String toString() {
            return line(window, hidden ? "hidden" : "shown");
        }
    }

    /** Which window owns it (O5); empty for none. */
    record OwnedBy(Which window, Optional<Which> owner) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return Expectations.ofWindow(
                    scene,
                    window,
                    open -> Expectations.unless(open.owner().equals(owner), () -> words(window, open.owner())));
        }

        static String words(Which window, Optional<Which> owner) {
            return window + owner.map(o -> " is owned by " + o).orElse(" has no owner");
        }

        @Override
        public String toString() {
            return owner.map(o -> line(window, "owned by " + TrailFile.name(o)))
                    .orElseGet(() -> line(window, "not owned"));
        }
    }

    record Title(Which window, String title) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return Expectations.ofWindow(scene, window, open -> differs(title, open.title()));
        }

        @Override
        public String toString() {
            return "see title " + Quoted.of(title) + TrailFile.of(window);
        }
    }

    /** The text that stands on a part or is typed in it; of a list, its rows as they are shown. */
    record Shows(Which window, String part, String text) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return Expectations.ofPart(scene, window, part, found -> differs(text, shown(found)));
        }

        /** What a part shows, as one text. */
        public static String shown(Scene.SeenPart part) {
            if (part.design() instanceof Part.Progress) {
                return Part.Progress.shown(part.done(), part.text());
            }
            if (!part.design().each().isOnce()) {
                return String.join(
                        "; ", part.each().stream().map(Scene.SeenRow::text).toList());
            }
            return part.rows().isEmpty()
                    ? part.text()
                    : String.join(
                            "; ",
                            part.rows().stream().map(r -> String.join(", ", r)).toList());
        }

        @Override
        public String toString() {
            return "see " + Quoted.of(text) + " in " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    record Ticked(Which window, String part, boolean ticked) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return Expectations.ofPart(
                    scene,
                    window,
                    part,
                    found -> Expectations.unless(
                            found.ticked() == ticked, () -> part + " is " + (ticked ? "not ticked" : "ticked")));
        }

        @Override
        public String toString() {
            return "see " + (ticked ? "ticked " : "unticked ") + Quoted.of(part) + TrailFile.of(window);
        }
    }

    /** The text of a message that was asked. */
    record Message(String text) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return among(seen, Sighting.Asked.class, Sighting.Asked::text, text, "no message");
        }

        @Override
        public String toString() {
            return "see message " + Quoted.of(text);
        }
    }

    record Note(String text) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return among(seen, Sighting.Noted.class, Sighting.Noted::text, text, "no note");
        }

        @Override
        public String toString() {
            return "see note " + Quoted.of(text);
        }
    }

    /** A holding that is held, or is not, by whomever. */
    record Held(String holding, boolean held) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            boolean is = scene.held().stream().anyMatch(h -> h.holding().equals(holding));
            return is == held ? Optional.empty() : Optional.of(words(holding, is));
        }

        static String words(String holding, boolean held) {
            return holding + (held ? " is held" : " is not held");
        }

        @Override
        public String toString() {
            return "see " + (held ? "held " : "not held ") + Quoted.of(holding);
        }
    }

    record ExitCode(long code) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return scene.ended().isEmpty()
                    ? Optional.of("the application runs")
                    : scene.ended().get() == code
                            ? Optional.empty()
                            : Optional.of("exit code " + scene.ended().get());
        }

        @Override
        public String toString() {
            return "see exit code " + code;
        }
    }

    /** What went to the error output at the end (D6). */
    record Saying(String text) implements OfScene {
        @Override
        public Optional<String> unmet(Scene scene, List<Sighting> seen) {
            return among(seen, Sighting.Ended.class, Sighting.Ended::saying, text, "the application did not end");
        }

        @Override
        public String toString() {
            return "see saying " + Quoted.of(text);
        }
    }

    /** Looks for a text among those of one kind of sighting. */
    private static <S extends Sighting> Optional<String> among(
            List<Sighting> seen, Class<S> kind, Function<S, String> text, String wanted, String nothing) {
        List<String> said =
                seen.stream().filter(kind::isInstance).map(kind::cast).map(text).toList();
        return said.contains(wanted)
                ? Optional.empty()
                : Optional.of(said.isEmpty() ? nothing : "“" + String.join("”, “", said) + "”");
    }

    private static Optional<String> differs(String wanted, String there) {
        return Expectations.unless(wanted.equals(there), () -> "“" + there + "”");
    }

    private static String line(Which window, String what) {
        return "see " + TrailFile.name(window) + " " + what;
    }
}

package bivouac.design;

import java.util.Optional;

/** When the application ends without being told (D1). */
public sealed interface DepartureRule {

    /** When the last window has closed. */
    record LastWindow() implements DepartureRule {
        private static final String WORDS = "when the last window has closed";
    }

    /** With a main window, by its shown name: a request to close it is the request for departure. */
    record WithWindow(String window) implements DepartureRule {
        private static final String WORDS = "with ";
    }

    /** Only by the step <em>end the application</em>, or the session ending. */
    record OnlyWhenTold() implements DepartureRule {
        private static final String WORDS = "only when told";
    }

    /** As people read it, and as it stands in the file. */
    default String words() {
        return switch (this) {
            case LastWindow l -> LastWindow.WORDS;
            case WithWindow(String window) -> WithWindow.WORDS + window;
            case OnlyWhenTold o -> OnlyWhenTold.WORDS;
        };
    }

    /** The rule that words say; none if they say no rule. */
    static Optional<DepartureRule> of(String words) {
        return switch (words) {
            case LastWindow.WORDS -> Optional.of(new LastWindow());
            case OnlyWhenTold.WORDS -> Optional.of(new OnlyWhenTold());
            default ->
                words.startsWith(WithWindow.WORDS)
                        ? Optional.of(new WithWindow(words.substring(WithWindow.WORDS.length())))
                        : Optional.empty();
        };
    }
}

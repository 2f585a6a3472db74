package bivouac.design;

import java.util.Optional;

/** Which open window a step means (R2). */
public sealed interface Target {

    /** The window whose script it is. */
    record Me() implements Target {}

    /** The window that owns the one whose script it is. */
    record Owner() implements Target {}

    /** The window whose script opened the one whose script it is. */
    record Opener() implements Target {}

    /** A main or single window, by its shown name. */
    record Single(String window) implements Target {}

    /** The instance of a window that is open once for each key, by that key; the window by its shown name. */
    record Keyed(String window, Expression key) implements Target {}

    /** Every open instance of a window, the newest first; by its shown name. */
    record Every(String window) implements Target {}

    /** An instance kept under a name by {@code open … as NAME} (O9). */
    record Kept(String name) implements Target {}

    /** The window meant, by its shown name, where the target or the place of its script says which; empty else. */
    default Optional<String> windowFrom(ScriptPlace place) {
        return switch (this) {
            case Me m -> place.ofWindow();
            case Single(String window) -> Optional.of(window);
            case Keyed(String window, Expression key) -> Optional.of(window);
            case Every(String window) -> Optional.of(window);
            case Owner o -> Optional.empty();
            case Opener o -> Optional.empty();
            case Kept k -> Optional.empty();
        };
    }
}

package bivouac.desktop.frame;

/**
 * Something a person can do, with its keys: what the key table runs, and what {@code Ctrl+K} finds.
 *
 * @param keys as {@code Ctrl+S}
 * @param ofTheDesign whether it stands in the menu under the design's name
 */
public record Command(String name, String keys, boolean ofTheDesign, Runnable action) {

    public Command(String name, String keys, Runnable action) {
        this(name, keys, false, action);
    }

    static Command ofDesign(String name, String keys, Runnable action) {
        return new Command(name, keys, true, action);
    }
}

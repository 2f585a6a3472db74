package bivouac.desktop.frame;

/**
 * Something a person can do, with its keys: what the key table runs, and what {@code Ctrl+K} finds.
 *
 * @param keys as {@code Ctrl+S}; empty for none
 */
public record Command(String name, String keys, Runnable action) {}

package bivouac.state;

/**
 * Something that is held.
 *
 * @param holding its number in the design
 * @param owner the window whose it is; null for the application
 */
public record Held(int holding, Inst owner) {}

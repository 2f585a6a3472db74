package bivouac.expression;

/**
 * What is wrong in an expression, in plain words.
 *
 * @param from where the wrong piece begins, counted in UTF-16 units of the source
 * @param to where it ends, exclusive; greater than {@code from} unless the source is empty
 */
public record Problem(String message, int from, int to) {}

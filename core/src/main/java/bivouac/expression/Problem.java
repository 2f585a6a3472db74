package bivouac.expression;

import java.util.Optional;

/**
 * What is wrong in an expression, in plain words.
 *
 * @param from where the wrong piece begins, counted in UTF-16 units of the source
 * @param to where it ends, exclusive; greater than {@code from} unless the source is empty
 * @param instead what was probably meant in place of that piece, where it can be told
 */
public record Problem(String message, int from, int to, Optional<String> instead) {

    /** One that needs a decision. */
    public Problem(String message, int from, int to) {
        this(message, from, to, Optional.empty());
    }

    /** The same at another place, and in other words. */
    public Problem moved(String words, int by) {
        return new Problem(words, from + by, to + by, instead);
    }

    /** The source with what was probably meant. */
    public Optional<String> mended(String source) {
        return instead.map(words -> source.substring(0, from) + words + source.substring(to));
    }
}

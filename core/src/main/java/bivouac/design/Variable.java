package bivouac.design;

import java.util.Optional;

/**
 * A value of the application or of a window's instance.
 *
 * @param starts its starting value; without one it starts as the empty value of its type
 * @param kept whether it outlives the run (D6); a window's own variable never does
 */
public record Variable(Name name, Type type, Optional<Expression> starts, boolean kept) {

    public static Variable of(String name, Type type, String starts) {
        return new Variable(Name.of(name), type, Optional.of(new Expression(starts)), false);
    }
}

package bivouac.design;

/**
 * A value named and said by an expression: handed over to a take, or given with an ending.
 *
 * @param name the expression name of the take or give
 */
public record Given(String name, Expression value) {
    public static Given of(String name, String value) {
        return new Given(name, new Expression(value));
    }
}

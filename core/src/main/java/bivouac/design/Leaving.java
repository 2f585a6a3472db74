package bivouac.design;

import java.util.List;

/**
 * How the application departs, once it is asked to (D2, D4).
 *
 * @param asked windows that are asked before all others, by their shown names and in this order
 * @param plan what is done when all windows have closed
 */
public record Leaving(List<String> asked, Script plan) {

    /** As the rules have it where nothing is said. */
    public static final Leaving USUAL = new Leaving(List.of(), Script.EMPTY);

    public Leaving {
        asked = List.copyOf(asked);
    }

    public Leaving asking(List<String> others) {
        return new Leaving(others, plan);
    }

    public Leaving planning(Script other) {
        return new Leaving(asked, other);
    }
}

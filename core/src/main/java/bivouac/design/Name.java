package bivouac.design;

import java.util.Objects;

/**
 * The two names of a window, part, take, give or variable (rule V5): the one that people read, in any script, and
 * the one that expressions use, in ASCII.
 *
 * @param shown what screens and documents show; never null, may be empty in an unfinished design
 * @param expression what expressions say; for a well-formed name an identifier that is no CEL keyword
 */
public record Name(String shown, String expression) {

    public Name {
        Objects.requireNonNull(shown, "shown");
        Objects.requireNonNull(expression, "expression");
    }

    /** A name whose expression name is the one proposed for {@code shown}. */
    public static Name of(String shown) {
        return new Name(shown, Names.propose(shown));
    }

    /** Whether the expression name is the one that would be proposed, so that a file need not say it. */
    public boolean isProposed() {
        return expression.equals(Names.propose(shown));
    }

    @Override
    public String toString() {
        return shown;
    }
}

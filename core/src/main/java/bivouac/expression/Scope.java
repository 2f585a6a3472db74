package bivouac.expression;

import bivouac.design.Type;
import java.util.Collection;
import java.util.Optional;

/**
 * What the names in an expression mean where it stands (V2).
 *
 * @param <E> from what their values are read when the expression is evaluated
 */
public interface Scope<E extends Surroundings> {

    /**
     * What a dotted name stands for: its type, and how to read it.
     *
     * @param mayFault whether reading it can be fault X3
     * @param origin what the scope itself knows of the name, for those who look through expressions
     */
    record Binding<E>(Type type, Reader<E> reader, boolean mayFault, Object origin) {
        public Binding(Type type, Reader<E> reader, boolean mayFault) {
            this(type, reader, mayFault, "");
        }
    }

    /** Reads one value; throws {@link EvaluationFault} where there is none. */
    @FunctionalInterface
    interface Reader<E> {
        Value read(E from);
    }

    /** What the whole dotted name stands for, if anything. */
    Optional<Binding<E>> find(String dotted);

    /** Whether a window is open, for {@code isOpen(NAME)}; empty if no one window has that name. */
    Optional<Binding<E>> isOpen(String window);

    /** Why a name that {@link #find} does not know means nothing here, where that can be told; continues a sentence. */
    default Optional<String> whyUnknown(String dotted) {
        return Optional.empty();
    }

    /** All names that {@link #find} knows, for completion and for saying what would fit. */
    Collection<String> names();
}

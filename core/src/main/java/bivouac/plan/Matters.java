package bivouac.plan;

import bivouac.expression.Compiled;
import bivouac.expression.Scope;
import bivouac.expression.Term;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Consumer;

/**
 * The cells that a rule or an expression can read. What is in no such cell is only seen: two situations that differ in
 * nothing else are the same state.
 */
final class Matters {

    private final Set<Cell> cells = new HashSet<>();

    void add(Cell cell) {
        cells.add(cell);
    }

    void add(Compiled<Reading> expression) {
        cellsOf(expression, cells::add);
    }

    boolean has(Cell cell) {
        return cells.contains(cell);
    }

    /** Every cell that evaluating an expression looks at. */
    static void cellsOf(Compiled<Reading> expression, Consumer<Cell> to) {
        expression.term().ifPresent(t -> cellsOf(t, to));
    }

    private static void cellsOf(Term<Reading> term, Consumer<Cell> to) {
        switch (term) {
            case Term.Name<Reading> name -> cellsOf(name.binding(), to);
            case Term.IsOpen<Reading> open -> cellsOf(open.binding(), to);
            default -> {
                // it looks at nothing but its pieces
            }
        }
        term.pieces().forEach(p -> cellsOf(p, to));
    }

    private static void cellsOf(Scope.Binding<Reading> binding, Consumer<Cell> to) {
        if (binding.origin() instanceof Access access) {
            access.cells().forEach(to);
        }
    }
}

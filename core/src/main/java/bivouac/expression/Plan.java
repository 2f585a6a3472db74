package bivouac.expression;

/** One planned piece of an expression. Plans are immutable and shared; what changes while one runs is in a run. */
@FunctionalInterface
interface Plan<E extends Surroundings> {

    Value evaluate(Run<E> run);

    /** One evaluation: where values are read, and the variables of {@code all}, {@code map} and so on. */
    final class Run<E extends Surroundings> {
        final E from;
        final Budget budget;
        final Value[] locals;

        private static final Value[] NONE = {};

        Run(E from, int locals) {
            this.from = from;
            this.budget = from.budget();
            this.locals = locals == 0 ? NONE : new Value[locals];
        }
    }
}

package bivouac.expression;

import java.util.HashMap;
import java.util.Map;

/** One planned piece of an expression. Plans are immutable and shared; what changes while one runs is in a run. */
@FunctionalInterface
interface Plan<E> {

    /** The most pieces that one evaluation may visit, so that no expression of a hostile design runs for ever. */
    int COST_LIMIT = 200_000;

    Value evaluate(Run<E> run);

    /** One evaluation: where values are read, the variables of {@code all}, {@code map} and so on, and what it cost. */
    final class Run<E> {
        final E from;
        private Map<String, Value> locals;
        private int cost;

        Run(E from) {
            this.from = from;
        }

        void spend() {
            if (++cost > COST_LIMIT) {
                throw new EvaluationFault("the expression takes more than " + COST_LIMIT + " steps");
            }
        }

        Value local(String name) {
            return locals.get(name);
        }

        Value localOrNone(String name) {
            return locals == null ? Value.NONE : locals.getOrDefault(name, Value.NONE);
        }

        void setLocal(String name, Value value) {
            if (locals == null) {
                locals = new HashMap<>();
            }
            locals.put(name, value);
        }
    }
}

package bivouac.expression;

import bivouac.design.Type;
import java.util.List;
import java.util.Optional;

/**
 * What became of an expression: a type and a plan to evaluate it, or what is wrong with it.
 *
 * @param type its type; absent if there are problems
 * @param problems in order of place
 * @param mayFault whether evaluating it can end in fault X3
 */
public record Compiled<E>(Optional<Type> type, Optional<Plan<E>> plan, List<Problem> problems, boolean mayFault) {

    public Compiled {
        problems = List.copyOf(problems);
    }

    static <E> Compiled<E> wrong(List<Problem> problems) {
        return new Compiled<>(Optional.empty(), Optional.empty(), problems, true);
    }

    public boolean isRight() {
        return problems.isEmpty();
    }

    /** The value in the given surroundings; {@link EvaluationFault} if there is none, or the expression is wrong. */
    public Value evaluate(E from) {
        if (plan.isEmpty()) {
            throw new EvaluationFault(problems.getFirst().message());
        }
        return plan.get().evaluate(new Plan.Run<>(from));
    }
}

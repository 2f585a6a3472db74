package bivouac.expression;

import bivouac.design.Type;
import java.util.List;
import java.util.Optional;

/**
 * What became of an expression: understood and planned, or what is wrong with it.
 *
 * @param term the expression as it is understood; absent if there are problems
 * @param problems in order of place
 */
public record Compiled<E extends Surroundings>(
        Optional<Term<E>> term, Optional<Planned<E>> planned, List<Problem> problems) {

    /** A plan and how many variables it needs. */
    record Planned<E extends Surroundings>(Plan<E> plan, int locals) {}

    public Compiled {
        problems = List.copyOf(problems);
    }

    static <E extends Surroundings> Compiled<E> of(Term<E> term) {
        var planner = new Planner<E>();
        Plan<E> plan = planner.plan(term);
        return new Compiled<>(Optional.of(term), Optional.of(new Planned<>(plan, planner.locals())), List.of());
    }

    static <E extends Surroundings> Compiled<E> wrong(List<Problem> problems) {
        return new Compiled<>(Optional.empty(), Optional.empty(), problems);
    }

    /** This expression as one that cannot stand where it does: evaluating it is a fault. */
    public Compiled<E> butWrong(Problem problem) {
        return wrong(List.of(problem));
    }

    /** Its type; absent if there are problems. */
    public Optional<Type> type() {
        return term.map(Term::type);
    }

    public boolean isRight() {
        return problems.isEmpty();
    }

    /** Whether evaluating it can end in a fault (X3), or take too much work (X6). */
    public boolean mayFault() {
        return term.map(Term::mayFault).orElse(true);
    }

    /**
     * The value in the given surroundings; {@link EvaluationFault} if there is none, or the expression is wrong,
     * {@link TooMuchWork} if it costs more than is left to spend there.
     */
    public Value evaluate(E from) {
        if (planned.isEmpty()) {
            throw new EvaluationFault(problems.getFirst().message());
        }
        return planned.get().plan().evaluate(new Plan.Run<>(from, planned.get().locals()));
    }
}

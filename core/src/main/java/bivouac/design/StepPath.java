package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where a step stands in a script: the step's number, then, as often as needed, the number of the script inside that
 * step ({@link Step#inner}) and of the step there. All count from 0.
 */
public record StepPath(List<Integer> numbers) {

    public StepPath {
        numbers = List.copyOf(numbers);
        if (numbers.size() % 2 == 0) {
            throw new IllegalArgumentException("A path ends with a step: " + numbers);
        }
    }

    public static StepPath of(Integer... numbers) {
        return new StepPath(List.of(numbers));
    }

    /** The path of step {@code number} in the inner script {@code inner} of the step here. */
    public StepPath into(int inner, int number) {
        var longer = new ArrayList<>(numbers);
        longer.add(inner);
        longer.add(number);
        return new StepPath(longer);
    }

    /** The path of step {@code number}: of a script itself, or of the inner script {@code inner} of the step around it. */
    public static StepPath in(Optional<StepPath> around, int inner, int number) {
        return around.map(a -> a.into(inner, number)).orElseGet(() -> of(number));
    }

    /** The path of the step {@code by} places further in the same script. */
    public StepPath next(int by) {
        var moved = new ArrayList<>(numbers);
        moved.set(moved.size() - 1, last() + by);
        return new StepPath(moved);
    }

    public int last() {
        return numbers.getLast();
    }

    /**
     * The number that people see before the step here: counted through the whole script from top to bottom, so that no
     * two steps of a script share one.
     */
    public int number(Script script) {
        Script at = script;
        int number = 0;
        for (int i = 0; ; i += 2) {
            List<Step> steps = at.steps();
            int here = Math.min(numbers.get(i), steps.size());
            number += 1 + Steps.count(new Script(steps.subList(0, here)));
            if (i == numbers.size() - 1 || here == steps.size()) {
                return number;
            }
            List<Step.Inner> inner = steps.get(here).inner();
            int into = Math.min(numbers.get(i + 1), inner.size());
            number += inner.subList(0, into).stream()
                    .mapToInt(s -> Steps.count(s.script()))
                    .sum();
            if (into == inner.size()) {
                return number;
            }
            at = inner.get(into).script();
        }
    }

    /** How deep it stands: 0 for a step of the script itself. */
    public int depth() {
        return numbers.size() / 2;
    }

    /** The step that this one stands in, if any. */
    public Optional<StepPath> outer() {
        return depth() == 0 ? Optional.empty() : Optional.of(new StepPath(numbers.subList(0, numbers.size() - 2)));
    }

    /** The step of {@code script} here, if there is one. */
    public Optional<Step> in(Script script) {
        Script at = script;
        for (int i = 0; ; i += 2) {
            int number = numbers.get(i);
            if (number < 0 || number >= at.steps().size()) {
                return Optional.empty();
            }
            Step step = at.steps().get(number);
            if (i == numbers.size() - 1) {
                return Optional.of(step);
            }
            int inner = numbers.get(i + 1);
            if (inner >= step.inner().size()) {
                return Optional.empty();
            }
            at = step.inner().get(inner).script();
        }
    }

    /** {@code script} with {@code step} put in here; what stood here and after moves on by one. */
    public Script insert(Script script, Step step) {
        return edit(script, 0, steps -> steps.add(Math.min(last(), steps.size()), step));
    }

    /** {@code script} with the step here replaced. */
    public Script replace(Script script, Step step) {
        return edit(script, 0, steps -> steps.set(last(), step));
    }

    /** {@code script} without the step here. */
    public Script remove(Script script) {
        return edit(script, 0, steps -> steps.remove(last()));
    }

    /**
     * {@code script} with the step here put where another path leads, before what stands there; as it is where there is no
     * step here, or where it would go into itself.
     */
    public Script moveTo(Script script, StepPath to) {
        Optional<Step> step = in(script);
        boolean intoItself = to.numbers.size() > numbers.size()
                && to.numbers.subList(0, numbers.size()).equals(numbers);
        if (step.isEmpty() || intoItself) {
            return script;
        }
        return to.without(this).insert(remove(script), step.get());
    }

    /** Where this path leads once the step at another one is gone. */
    private StepPath without(StepPath gone) {
        int at = gone.numbers.size() - 1;
        boolean beside = numbers.size() > at && numbers.subList(0, at).equals(gone.numbers.subList(0, at));
        if (!beside || numbers.get(at) <= gone.last()) {
            return this;
        }
        var moved = new ArrayList<>(numbers);
        moved.set(at, numbers.get(at) - 1);
        return new StepPath(moved);
    }

    private interface Change {
        void on(List<Step> steps);
    }

    private Script edit(Script script, int from, Change change) {
        var steps = new ArrayList<>(script.steps());
        if (from == numbers.size() - 1) {
            change.on(steps);
            return new Script(steps);
        }
        Step step = steps.get(numbers.get(from));
        var inside =
                new ArrayList<>(step.inner().stream().map(Step.Inner::script).toList());
        int inner = numbers.get(from + 1);
        inside.set(inner, edit(inside.get(inner), from + 2, change));
        steps.set(numbers.get(from), step.withInner(inside));
        return new Script(steps);
    }
}

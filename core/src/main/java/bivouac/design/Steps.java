package bivouac.design;

import java.util.function.BiConsumer;
import java.util.function.Predicate;

/** Walks over the steps of scripts. */
public final class Steps {

    private Steps() {}

    /** How many steps there are in a script, those inside others and those switched off included. */
    public static int count(Script script) {
        int steps = 0;
        for (Step step : script.steps()) {
            steps += 1 + inside(step);
        }
        return steps;
    }

    /** How many steps stand inside a step. */
    public static int inside(Step step) {
        return step.inner().stream().mapToInt(i -> count(i.script())).sum();
    }

    /** Whether some step that is switched on is so, those inside others included. */
    public static boolean any(Script script, Predicate<Step> so) {
        var there = new boolean[1];
        walk(script, (path, step) -> there[0] |= so.test(step));
        return there[0];
    }

    /** Whether nothing stands there, or only conditions under which nothing is done. */
    public static boolean isDead(Script script) {
        return !any(script, s -> !(s instanceof Step.If || s instanceof Step.Repeat));
    }

    /** Visits every step that is switched on, outer before inner, in reading order. */
    public static void walk(Script script, BiConsumer<StepPath, Step> visitor) {
        for (int i = 0; i < script.steps().size(); i++) {
            walk(StepPath.of(i), script.steps().get(i), visitor);
        }
    }

    private static void walk(StepPath path, Step step, BiConsumer<StepPath, Step> visitor) {
        if (step instanceof Step.Off) {
            return;
        }
        visitor.accept(path, step);
        var inner = step.inner();
        for (int i = 0; i < inner.size(); i++) {
            var steps = inner.get(i).script().steps();
            for (int n = 0; n < steps.size(); n++) {
                walk(path.into(i, n), steps.get(n), visitor);
            }
        }
    }
}

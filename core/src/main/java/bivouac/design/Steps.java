package bivouac.design;

import java.util.function.BiConsumer;

/** Walks over the steps of scripts. */
public final class Steps {

    private Steps() {}

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

package bivouac.design;

import java.util.List;

/** The steps run at a trigger, an opening, a close request or the start. */
public record Script(List<Step> steps) {

    public static final Script EMPTY = new Script(List.of());

    public Script {
        steps = List.copyOf(steps);
    }

    public static Script of(Step... steps) {
        return new Script(List.of(steps));
    }

    public boolean isEmpty() {
        return steps.isEmpty();
    }

    /** Whether nothing in it does anything: it is empty, or all its steps are switched off. */
    public boolean doesNothing() {
        return steps.stream().allMatch(s -> s instanceof Step.Off);
    }
}

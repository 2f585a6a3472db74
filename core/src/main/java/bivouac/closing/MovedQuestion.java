package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Target;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Moves a question from a trigger of a window to where every way meets it: before closing (C2), or before removing of a
 * list (P2). What led to the step in the trigger leads to the end there, and all else refuses.
 */
public final class MovedQuestion {

    private final Design design;
    private final ScriptPlace trigger;
    private final Predicate<Step> isGoal;
    private final Step refuses;
    /** The one step that the trigger is left with. */
    private Optional<Step> goal = Optional.empty();

    private MovedQuestion(Design design, ScriptPlace trigger, Predicate<Step> isGoal, Step refuses) {
        this.design = design;
        this.trigger = trigger;
        this.isGoal = isGoal;
        this.refuses = refuses;
    }

    /** The design with a question before closing; empty where that would change more than who is asked. */
    public static Optional<Design> beforeClosing(Design design, String window, ScriptPlace trigger) {
        boolean free = design.faced(window)
                .filter(f -> f.moment(FacedWindow.Moment.BEFORE_CLOSING).doesNothing())
                .isPresent();
        var place = new ScriptPlace.AtMoment(window, FacedWindow.Moment.BEFORE_CLOSING);
        return free
                ? new MovedQuestion(design, trigger, MovedQuestion::closes, new Step.StayOpen()).to(place)
                : Optional.empty();
    }

    /** The design with a question before a row of a list is removed; empty as for {@link #beforeClosing}. */
    public static Optional<Design> beforeRemoving(Design design, String window, String list, ScriptPlace trigger) {
        var place = new ScriptPlace.AtRow(window, list, Part.RowMoment.BEFORE_REMOVING);
        Predicate<Step> removes = s -> s instanceof Step.RemoveRow r && r.list().equals("me." + list);
        return place.in(design).doesNothing()
                ? new MovedQuestion(design, trigger, removes, new Step.KeepRow()).to(place)
                : Optional.empty();
    }

    /** A departure asks what closing asks (D2). */
    private static boolean closes(Step step) {
        return step instanceof Step.EndApplication e && e.refused().isEmpty()
                || step instanceof Step.Close c
                        && c.target() instanceof Target.Me
                        && c.gives().isEmpty()
                        && c.refused().isEmpty();
    }

    private Optional<Design> to(ScriptPlace place) {
        if (!trigger.ofWindow().equals(place.ofWindow())) {
            return Optional.empty();
        }
        Optional<List<Step>> moved = all(trigger.in(design).steps());
        return moved.filter(m -> goal.isPresent())
                .map(steps -> place.put(trigger.put(design, Script.of(goal.get())), new Script(steps)));
    }

    /** The steps as they stand there; empty where they cannot: nothing may follow what leads to the goal. */
    private Optional<List<Step>> all(List<Step> steps) {
        var moved = new ArrayList<Step>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            boolean last = i == steps.size() - 1;
            boolean decides = isGoal.test(step) || leadsThere(step);
            if (decides && !last) {
                return Optional.empty();
            }
            if (isGoal.test(step)) {
                return isTheOne(step) ? Optional.of(moved) : Optional.empty();
            }
            Optional<Step> one = decides ? inside(step) : Optional.of(step);
            if (one.isEmpty()) {
                return Optional.empty();
            }
            moved.add(one.get());
        }
        if (steps.isEmpty() || !leadsThere(steps.getLast())) {
            moved.add(refuses);
        }
        return Optional.of(moved);
    }

    private boolean isTheOne(Step step) {
        boolean same = goal.isEmpty() || goal.get().equals(step);
        goal = Optional.of(step);
        return same;
    }

    private boolean leadsThere(Step step) {
        return step.inner().stream()
                .flatMap(i -> i.script().steps().stream())
                .anyMatch(s -> isGoal.test(s) || leadsThere(s));
    }

    private Optional<Step> inside(Step step) {
        var scripts = new ArrayList<Script>();
        for (Step.Inner inner : step.inner()) {
            Optional<List<Step>> moved = all(inner.script().steps());
            if (moved.isEmpty()) {
                return Optional.empty();
            }
            scripts.add(new Script(moved.get()));
        }
        return Optional.of(whatDidNothingRefuses(step.withInner(scripts)));
    }

    /** An ending without a branch, or a condition that did not hold, did not lead there; so it refuses here. */
    private Step whatDidNothingRefuses(Step step) {
        return switch (step) {
            case Step.Branching branching -> {
                var branches = new ArrayList<>(branching.branches());
                design.endingsOf(trigger, branching).stream()
                        .filter(e -> !branching.answers(e.name()))
                        .forEach(e -> branches.add(new Step.Branch(e.name(), Script.of(refuses))));
                yield branching.withBranches(branches);
            }
            case Step.If choice
            when choice.otherwise().isEmpty() -> new Step.If(choice.cases(), Optional.of(Script.of(refuses)));
            case Step.Close _, Step.If _, Step.EndApplication _, Step.Repeat _, Step.Off _, Step.Plain _ -> step;
        };
    }
}

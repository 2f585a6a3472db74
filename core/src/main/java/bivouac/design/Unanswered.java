package bivouac.design;

import java.util.List;

/**
 * The endings that a step with branches leaves without one (W4), where there is something to decide. What lines a script
 * shows, what is asked when a rehearsal gets there, and what is a finding all go by this.
 *
 * @param ought whether it is nearly surely forgotten: it gives back what nobody takes, it is that something could not be
 *     done, or its sisters have their branches
 */
public record Unanswered(Ending ending, boolean ought) {

    /** The endings without a branch, in their order. Never a single ending that gives nothing: that decides nothing. */
    public static List<Unanswered> of(Design design, ScriptPlace place, Step.Branching step) {
        List<Ending> all = design.endingsOf(place, step);
        long own = all.stream().filter(e -> !isCouldNot(e)).count();
        boolean sisters = step.branches().stream().anyMatch(b -> !b.ending().equals(Ending.COULD_NOT.name()));
        return all.stream()
                .filter(e -> !step.answers(e.name()))
                .filter(e -> own > 1 || tells(e))
                .map(e -> new Unanswered(e, tells(e) || sisters))
                .toList();
    }

    /** Something comes back with it. */
    private static boolean tells(Ending ending) {
        return isCouldNot(ending) || !ending.gives().isEmpty();
    }

    private static boolean isCouldNot(Ending ending) {
        return ending.name().equals(Ending.COULD_NOT.name());
    }
}

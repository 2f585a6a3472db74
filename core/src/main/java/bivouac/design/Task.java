package bivouac.design;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Work of the application itself, which the design only names (W5): what it takes, and how it can end.
 *
 * @param usually the ending that a rehearsal takes by itself; absent where the person chooses each time
 * @param told what it has to do with people while it runs (W9, W10)
 */
public record Task(Name name, List<Take> takes, List<Outcome> outcomes, Optional<String> usually, Set<Told> told) {

    /** What passes between work and the people who wait for it. */
    public enum Told {
        /** It tells how far it is (W9). */
        PROGRESS("shows progress"),
        /** It can be asked to end before it is done (W10). */
        CANCEL("may be cancelled");

        private final String words;

        Told(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One way in which a task ends.
     *
     * @param samples what it gives in a rehearsal, in the scope of {@code app} and {@code takes}; typed once
     * @param writes the path of a file that is there from then on (C8), in the same scope
     */
    public record Outcome(Ending ending, List<Given> samples, Optional<Expression> writes) {
        public Outcome {
            samples = List.copyOf(samples);
        }

        public static Outcome of(String ending) {
            return new Outcome(Ending.of(ending), List.of(), Optional.empty());
        }
    }

    public Task {
        takes = List.copyOf(takes);
        outcomes = List.copyOf(outcomes);
        told = Collections.unmodifiableSet(told.isEmpty() ? EnumSet.noneOf(Told.class) : EnumSet.copyOf(told));
    }

    /** One that nobody hears of while it runs. */
    public Task(Name name, List<Take> takes, List<Outcome> outcomes, Optional<String> usually) {
        this(name, takes, outcomes, usually, Set.of());
    }

    public Task telling(Set<Told> others) {
        return new Task(name, takes, outcomes, usually, others);
    }

    public Task named(Name other) {
        return new Task(other, takes, outcomes, usually, told);
    }

    public Task taking(List<Take> others) {
        return new Task(name, others, outcomes, usually, told);
    }

    /** The same with other endings. */
    public Task ending(List<Outcome> others, Optional<String> usual) {
        return new Task(name, takes, others, usual, told);
    }

    /** One that is done or fails. */
    public static Task of(String name) {
        return new Task(Name.of(name), List.of(), List.of(Outcome.of("done"), Outcome.of("failed")), Optional.empty());
    }

    public boolean showsProgress() {
        return told.contains(Told.PROGRESS);
    }

    public boolean mayBeCancelled() {
        return told.contains(Told.CANCEL);
    }

    /** Whether it has the ending {@code cancelled} without one of that name having been written for it (W10). */
    public boolean isCancelledUnwritten() {
        return mayBeCancelled() && lacks(Ending.CANCELLED);
    }

    private boolean lacks(Ending unwritten) {
        return endings().stream().noneMatch(e -> e.name().equals(unwritten.name()));
    }

    /** Whether it can break in the way of all tasks (W8); one that has an ending of that name means something else by it. */
    public boolean canBreak() {
        return lacks(Ending.BROKE);
    }

    /** The endings that nobody wrote, in the order in which they stand behind the others: cancelled, broke. */
    public List<Ending> unwritten() {
        var all = new ArrayList<Ending>();
        if (isCancelledUnwritten()) {
            all.add(Ending.CANCELLED);
        }
        if (canBreak()) {
            all.add(Ending.BROKE);
        }
        return List.copyOf(all);
    }

    /** The endings that somebody wrote. */
    public List<Ending> endings() {
        return outcomes.stream().map(Outcome::ending).toList();
    }
}

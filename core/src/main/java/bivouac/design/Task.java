package bivouac.design;

import java.util.List;
import java.util.Optional;

/**
 * Work of the application itself, which the design only names (W5): what it takes, and how it can end.
 *
 * @param usually the ending that a rehearsal takes by itself; absent where the person chooses each time
 */
public record Task(Name name, List<Take> takes, List<Outcome> outcomes, Optional<String> usually) {

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
    }

    /** One that is done or fails. */
    public static Task of(String name) {
        return new Task(Name.of(name), List.of(), List.of(Outcome.of("done"), Outcome.of("failed")), Optional.empty());
    }

    /** Whether it can break in the way of all tasks (W8); one that has an ending of that name means something else by it. */
    public boolean canBreak() {
        return endings().stream().noneMatch(e -> e.name().equals(Ending.BROKE.name()));
    }

    /** The endings that somebody wrote. */
    public List<Ending> endings() {
        return outcomes.stream().map(Outcome::ending).toList();
    }
}

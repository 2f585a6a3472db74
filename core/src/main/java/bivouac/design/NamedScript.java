package bivouac.design;

import java.util.List;
import java.util.Optional;

/**
 * Steps that several scripts have in common; {@code do NAME} runs them as if they stood there (W7).
 *
 * @param endings how it can answer who does it (W11); none where it answers nothing
 */
public record NamedScript(Name name, List<Take> takes, List<Ending> endings, Script script) {

    public NamedScript {
        takes = List.copyOf(takes);
        endings = List.copyOf(endings);
    }

    /** One that answers nothing. */
    public NamedScript(Name name, List<Take> takes, Script script) {
        this(name, takes, List.of(), script);
    }

    public static NamedScript of(String name, Step... steps) {
        return new NamedScript(Name.of(name), List.of(), Script.of(steps));
    }

    public NamedScript taking(List<Take> others) {
        return new NamedScript(name, others, endings, script);
    }

    public NamedScript ending(List<Ending> others) {
        return new NamedScript(name, takes, others, script);
    }

    public NamedScript with(Script other) {
        return new NamedScript(name, takes, endings, other);
    }

    /** Whether who does it is answered, and so waits for all that it runs (W11). */
    public boolean answers() {
        return !endings.isEmpty();
    }

    public Optional<Ending> ending(String ending) {
        return endings.stream().filter(e -> e.name().equals(ending)).findFirst();
    }
}

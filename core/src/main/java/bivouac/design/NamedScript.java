package bivouac.design;

import java.util.List;

/** Steps that several scripts have in common; {@code do NAME} runs them as if they stood there (W7). */
public record NamedScript(Name name, List<Take> takes, Script script) {

    public NamedScript {
        takes = List.copyOf(takes);
    }

    public static NamedScript of(String name, Step... steps) {
        return new NamedScript(Name.of(name), List.of(), Script.of(steps));
    }

    public NamedScript taking(List<Take> others) {
        return new NamedScript(name, others, script);
    }

    public NamedScript with(Script other) {
        return new NamedScript(name, takes, other);
    }
}

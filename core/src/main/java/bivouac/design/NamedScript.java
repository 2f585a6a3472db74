package bivouac.design;

import java.util.List;

/** Steps that several scripts have in common; {@code do NAME} runs them as if they stood there (W7). */
public record NamedScript(Name name, List<Take> takes, Script script) {

    /** The script of the application by this name is done where work breaks and its step does not say what then (W8). */
    public static final String WHEN_WORK_BREAKS = "when work breaks";

    /** What that one may take, by expression name: which task broke, and why, each a text. */
    public static final String TASK = "task";

    public static final String REASON = "reason";

    public NamedScript {
        takes = List.copyOf(takes);
    }

    /** What it is handed where work breaks (W8): which task, and why, where it takes them as texts. */
    public List<Given> told(Expression task, Expression reason) {
        return takes.stream()
                .filter(t -> t.type() == Type.TEXT)
                .map(t -> t.name().expression())
                .filter(t -> t.equals(TASK) || t.equals(REASON))
                .map(t -> new Given(t, t.equals(TASK) ? task : reason))
                .toList();
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

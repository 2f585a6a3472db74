package bivouac.explore;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How far an exploration went, as sentences: never <em>completely</em> where it was not. */
public final class Told {

    /** As many bounds, or values, are named one by one. */
    private static final int MOST_NAMED = 6;

    private Told() {}

    /** Whether it is complete, or what it is bounded by; in one line that begins with a small letter. */
    public static String outcome(Explored explored) {
        if (explored.isComplete()) {
            return "explored completely";
        }
        var by = new ArrayList<String>();
        switch (explored.outcome()) {
            case DONE -> {
                // only by what was not followed
            }
            case STOPPED -> by.add("being stopped");
            case OUT_OF_TIME -> by.add("time");
            case OUT_OF_STEPS -> by.add(String.format(Locale.ROOT, "%,d steps", explored.steps()));
            case OUT_OF_MEMORY -> by.add("memory");
        }
        if (explored.isCutShort() && explored.outcome() != Explored.Outcome.OUT_OF_TIME) {
            by.add("time");
        }
        by.addAll(explored.boundedBy());
        return "bounded by " + named(by);
    }

    /**
     * How far it is so that something is not found: <em>complete</em>, where every situation was met; <em>within 8 events</em>;
     * <em>as written</em>, where nothing was explored.
     */
    public static String scope(Optional<Explored> explored) {
        return explored.map(e -> e.isComplete()
                        ? "complete"
                        : e.outcome() == Explored.Outcome.DONE || e.depth() < 2
                                ? "within bounds"
                                : "within " + counted(e.depth() - 1, "event", "events"))
                .orElse("as written");
    }

    /** How much was met, and how long it took. */
    public static String counts(Explored explored) {
        return String.format(
                Locale.ROOT,
                "%s in %.2f s",
                counted(explored.situations(), "situation", "situations"),
                explored.seconds());
    }

    /** How far an exploration is that goes on. */
    public static String progress(int situations, int depth) {
        return String.format(Locale.ROOT, "exploring: %,d situations, %d events from the start", situations, depth);
    }

    /** What is known although it did not come to its end; empty where it did. */
    public static String depth(Explored explored) {
        return explored.outcome() == Explored.Outcome.DONE || explored.depth() < 2
                ? ""
                : "every way of up to " + counted(Math.max(0, explored.depth() - 1), "event", "events")
                        + " was looked at";
    }

    /** What became of a promise, in words before its sentence. */
    public static String answer(Explored explored, Promises.Answer answer) {
        return switch (answer) {
            case Promises.Answer.Kept kept ->
                kept.completely() ? "kept completely" : "kept within a bound (" + outcome(explored) + ")";
            case Promises.Answer.Broken broken ->
                broken.trail().isEmpty()
                        ? "broken at the start"
                        : "broken in " + counted(broken.trail().size(), "event", "events");
            case Promises.Answer.Unclear u -> "not understood";
        };
    }

    /** What counts as one value; empty for nothing. */
    public static String folded(Explored explored) {
        List<String> names = explored.question().folded();
        return names.isEmpty() ? "" : "as one value each: " + named(names);
    }

    private static String counted(int number, String one, String many) {
        return String.format(Locale.ROOT, "%,d %s", number, number == 1 ? one : many);
    }

    private static String named(List<String> names) {
        int more = names.size() - MOST_NAMED;
        return more > 1
                ? String.join("; ", names.subList(0, MOST_NAMED)) + "; and " + more + " more"
                : String.join("; ", names);
    }
}

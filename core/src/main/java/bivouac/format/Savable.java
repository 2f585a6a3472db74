package bivouac.format;

import bivouac.design.Design;
import bivouac.design.Given;
import bivouac.design.Limits;
import bivouac.design.Manner;
import bivouac.design.PretendFiles;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Walkthrough;
import bivouac.design.Window;
import java.util.ArrayDeque;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Whether a design can be saved and read again as it is: within {@link Limits}, and nothing in it that a file has no
 * place for. Asked before a change is taken, before a design is written and after one is read, so that nobody ever makes
 * what would be lost. What was looked at once is known by its identity, so asking after each edit costs what the edit
 * touched.
 */
public final class Savable {

    /** Beyond so many characters a design is laid out for real to be measured. */
    private static final long SURELY_SMALL = Limits.LARGEST_FILE / 4;

    /** What laying out adds to a value at the most: quotes, a comma, a line break, and its indent. */
    private static final int AROUND_A_VALUE = 12;

    private Map<Object, Weight> known = new IdentityHashMap<>();

    /**
     * A piece of a design.
     *
     * @param wrong why it cannot be saved
     */
    private record Weight(long values, long characters, Optional<String> wrong) {}

    /** Why a design cannot be saved, in a sentence; empty if it can. */
    public Optional<String> why(Design design) {
        Map<Object, Weight> now = new IdentityHashMap<>();
        var pieces = new java.util.ArrayList<Weight>();
        pieces.add(weigh(now, design.application(), () -> ofApplication(design)));
        for (Window window : design.windows()) {
            pieces.add(weigh(now, window, () -> ofWindow(window)));
        }
        for (Walkthrough walkthrough : design.walkthroughs()) {
            pieces.add(weigh(
                    now,
                    walkthrough,
                    () -> weight(DesignFormat.write(walkthrough), "the walkthrough “" + walkthrough.name() + "”")));
        }
        known = now;
        Optional<String> wrong =
                pieces.stream().flatMap(p -> p.wrong().stream()).findFirst();
        return wrong.isPresent() ? wrong : tooLarge(design, pieces);
    }

    private Weight weigh(Map<Object, Weight> now, Object piece, java.util.function.Supplier<Weight> weigh) {
        Weight weight = known.get(piece);
        Weight known = weight == null ? weigh.get() : weight;
        now.put(piece, known);
        return known;
    }

    private static Optional<String> tooLarge(Design design, List<Weight> pieces) {
        long values = pieces.stream().mapToLong(Weight::values).sum();
        long characters = pieces.stream().mapToLong(Weight::characters).sum();
        if (values > Limits.MOST_VALUES - 10) {
            return Optional.of("The design would have more than two million values, and could not be read again.");
        }
        if (characters + values * AROUND_A_VALUE < SURELY_SMALL) {
            return Optional.empty();
        }
        long bytes = DesignFormat.write(design).getBytes(java.nio.charset.StandardCharsets.UTF_8).length;
        return bytes <= Limits.LARGEST_FILE
                ? Optional.empty()
                : Optional.of("The design would have more than " + (Limits.LARGEST_FILE >> 20)
                        + " MB, and could not be read again.");
    }

    private static Weight ofApplication(Design design) {
        var alone = new Design(design.application(), List.of());
        Optional<String> wrong =
                scripts(alone).or(() -> paths(design.application().files()));
        return wrong.isPresent()
                ? new Weight(0, 0, wrong)
                : weight(DesignFormat.write(design.application()), "the application");
    }

    private static Weight ofWindow(Window window) {
        var alone = new Design(NOTHING, List.of(window));
        Optional<String> wrong = scripts(alone);
        return wrong.isPresent()
                ? new Weight(0, 0, wrong)
                : weight(WindowFormat.write(window), window.name().shown());
    }

    private static final bivouac.design.Application NOTHING =
            Design.startingWith("").application().starting(Script.EMPTY);

    // Scripts

    private static Optional<String> scripts(Design design) {
        for (Map.Entry<ScriptPlace, Script> script : ScriptPlace.all(design).entrySet()) {
            Optional<String> wrong = script(script.getKey().words(), script.getValue());
            if (wrong.isPresent()) {
                return wrong;
            }
        }
        return Optional.empty();
    }

    private record Inside(Step step, int deep) {}

    /** With a stack of its own, since what is too deep may be much too deep. */
    private static Optional<String> script(String place, Script script) {
        var open = new ArrayDeque<Inside>();
        script.steps().forEach(s -> open.push(new Inside(s, 1)));
        while (!open.isEmpty()) {
            Inside at = open.pop();
            if (at.deep() > Limits.DEEPEST_STEPS) {
                return Optional.of(place + ": steps stand more than " + Limits.DEEPEST_STEPS
                        + " deep inside each other; let a step of its own, or a window's script, do a part of it.");
            }
            Optional<String> twice = twice(place, at.step());
            if (twice.isPresent()) {
                return twice;
            }
            at.step().inner().forEach(i -> i.script().steps().forEach(s -> open.push(new Inside(s, at.deep() + 1))));
        }
        return Optional.empty();
    }

    /** A file has one place for each ending's branch, and one for each value by its name. */
    private static Optional<String> twice(String place, Step step) {
        Step inside = step instanceof Step.Off(Step kept) ? kept : step;
        if (inside instanceof Step.Branching branching) {
            Optional<String> ending =
                    twice(branching.branches().stream().map(Step.Branch::ending).toList());
            if (ending.isPresent()) {
                return Optional.of(
                        place + ": a step has two branches for “" + ending.get() + "”; put what they do into one.");
            }
        }
        List<Given> left =
                inside instanceof Step.Open open && open.manner() instanceof Manner.InPlace(String e, var gives)
                        ? gives
                        : List.of();
        return twice(left.stream().map(Given::name).toList())
                .or(() ->
                        twice(inside.pieces().givens().stream().map(Given::name).toList()))
                .map(name -> place + ": a step says two values for “" + name + "”; keep one.");
    }

    private static Optional<String> twice(List<String> names) {
        Set<String> seen = new HashSet<>();
        return names.stream().filter(n -> !seen.add(n)).findFirst();
    }

    private static Optional<String> paths(PretendFiles files) {
        return java.util.stream.Stream.concat(files.paths().stream(), files.unreadable().stream())
                .filter(p -> !PretendFiles.isPath(p))
                .findFirst()
                .map(p -> "“" + p
                        + "” is no path of a pretend file; it begins with a slash, and has no two beside each other.");
    }

    // What is written

    private static Weight weight(JsonOut.Members written, String what) {
        var measure = new JsonOut.Measure();
        measure.add(written, 0);
        Optional<String> wrong = measure.longest() > Limits.LONGEST_TEXT
                ? Optional.of("A text of " + what + " would have more than a million characters.")
                : measure.deepest() > JsonReader.DEEPEST - 3
                        ? Optional.of("Something in " + what + " would be nested too deep to be read again.")
                        : Optional.empty();
        return new Weight(measure.values(), measure.characters(), wrong);
    }
}

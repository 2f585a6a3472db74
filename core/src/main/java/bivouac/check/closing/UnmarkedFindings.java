package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Variable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Rows that are changed where nothing says that something is unsaved then, although other changes of the same list say so: what
 * was changed is lost, and nobody is asked.
 */
public final class UnmarkedFindings {

    private final List<Finding> found;
    private final Design design;
    private final String window;
    private final Part.ListOfRows list;

    /** A step that changes rows of the list. */
    private record Change(ScriptPlace place, StepPath path, Step step) {}

    private UnmarkedFindings(List<Finding> found, Design design, String window, Part.ListOfRows list) {
        this.found = found;
        this.design = design;
        this.window = window;
        this.list = list;
    }

    public static void into(List<Finding> found, Design design) {
        neverSet(found, design);
        for (var w : design.windows()) {
            if (w instanceof FacedWindow face) {
                face.parts().stream().filter(Part.ListOfRows.class::isInstance).forEach(p -> new UnmarkedFindings(
                                found, design, face.name().shown(), (Part.ListOfRows) p)
                        .list());
            }
        }
    }

    /** A question before closing that is never asked: what it asks about is never so. */
    private static void neverSet(List<Finding> found, Design design) {
        for (var w : design.windows()) {
            if (w instanceof FacedWindow face) {
                var place = new ScriptPlace.AtMoment(face.name().shown(), FacedWindow.Moment.BEFORE_CLOSING);
                Steps.walk(place.in(design), (path, step) -> {
                    if (step instanceof Step.If choice) {
                        String asked =
                                choice.cases().getFirst().condition().source().strip();
                        mark(design, face, asked)
                                .filter(v -> v.starts()
                                        .filter(e -> !e.source().strip().equals("false"))
                                        .isEmpty())
                                .filter(v -> isNeverYes(design, face, asked))
                                .ifPresent(v -> found.add(neverSet(design, place, path, asked)));
                    }
                });
            }
        }
    }

    /** The value that says that something is unsaved, if that alone is asked. */
    private static Optional<Variable> mark(Design design, FacedWindow face, String asked) {
        Stream<Variable> own = face.variables().stream()
                .filter(v -> asked.equals("me." + v.name().expression()));
        Stream<Variable> shared = design.application().variables().stream()
                .filter(v -> asked.equals("app." + v.name().expression()));
        return Stream.concat(own, shared).filter(Variable::saysUnsaved).findFirst();
    }

    private static boolean isNeverYes(Design design, FacedWindow face, String asked) {
        boolean isOwn = asked.startsWith("me.");
        String member = asked.substring(asked.indexOf('.') + 1);
        return design.scripts().entrySet().stream()
                .noneMatch(script -> Steps.any(
                        script.getValue(),
                        s -> s instanceof Step.SetValue(String to, var value)
                                        && !value.source().strip().equals("false")
                                        && (isOwn ? to.endsWith("." + member) : to.equals(asked))
                                || s instanceof Step.SetIn in && in.member().equals(member)
                                || s instanceof Step.KeptValues));
    }

    private static Finding neverSet(Design design, ScriptPlace place, StepPath path, String asked) {
        String window = place.ofWindow().orElseThrow();
        Place at = Place.step(place, path);
        // where something is changed in it, it can be said
        var says = new ArrayList<bivouac.check.ways.Repair>();
        design.scripts()
                .forEach((in, script) -> Steps.walk(script, (p, step) -> {
                    boolean changes = step instanceof Step.AddRow
                            || step instanceof Step.ChangeRow
                            || step instanceof Step.RemoveRow;
                    if (changes && says.isEmpty() && in.ofWindow().equals(Optional.of(window))) {
                        says.add(new StepRepair.Write(
                                in,
                                p.next(1),
                                new Step.SetValue(asked, new Expression("true")),
                                "Set it where rows change",
                                "“set " + asked + " ← true” is written behind " + in.words() + ", step "
                                        + p.number(script) + "; write it wherever else something changes."));
                    }
                }));
        if (says.isEmpty()) {
            says.add(new StepRepair.RemoveStep(place, path));
        }
        return new Finding(
                Weight.RISKY,
                Kind.UNSAVED_LOST,
                at.words(design) + ": “" + asked + "” is asked, and nothing ever sets it to yes.",
                "So nobody is asked, and what was changed is lost; set it where something changes.",
                at,
                List.copyOf(says));
    }

    private void list() {
        List<String> marks = marks();
        if (marks.isEmpty()) {
            return;
        }
        var changes = new ArrayList<Change>();
        design.scripts().forEach((place, script) -> {
            if (place.ofWindow().equals(Optional.of(window)) && !place.isAt(FacedWindow.Moment.OPENED)) {
                Steps.walk(script, (path, step) -> {
                    if (changes(step)) {
                        changes.add(new Change(place, path, step));
                    }
                });
            }
        });
        marks.forEach(mark -> mark(mark, changes));
    }

    private void mark(String mark, List<Change> changes) {
        List<Change> unmarked = changes.stream().filter(c -> !isMarked(c, mark)).toList();
        // one script that says so is the habit that the others are held against
        if (unmarked.isEmpty() || unmarked.size() == changes.size() && !isSaidBeforeRemoving(mark)) {
            return;
        }
        unmarked.forEach(c -> found.add(new Finding(
                Weight.RISKY,
                Kind.UNSAVED_LOST,
                Place.step(c.place(), c.path()).words(design) + ": " + list.displayName() + " changes, and “" + mark
                        + "” is not set, as other changes of it do.",
                "What was changed is not saved and nobody is asked about it; say there that it is unsaved.",
                Place.step(c.place(), c.path()),
                List.of(new StepRepair.Write(
                        c.place(),
                        c.path().next(1),
                        new Step.SetValue(mark, new Expression("true")),
                        "Set " + mark,
                        "“set " + mark + " ← true” is written behind the step.")))));
    }

    private boolean changes(Step step) {
        String path = "me." + list.name().expression();
        return switch (step) {
            case Step.AddRow a -> a.list().equals(path);
            case Step.ChangeRow c -> c.list().equals(path);
            case Step.RemoveRow r -> r.list().equals(path);
            case Step.Close _,
                    Step.If _,
                    Step.EndApplication _,
                    Step.Repeat _,
                    Step.Off _,
                    Step.Plain _,
                    Step.Branching _ -> false;
        };
    }

    /** The script says it somewhere, whether it is so or no more; or before removing says it, for what removes. */
    private boolean isMarked(Change change, String mark) {
        Script script = change.place().in(design);
        return sets(script, mark)
                || Steps.any(script, s -> s instanceof Step.Do)
                || change.step() instanceof Step.RemoveRow r && !r.unasked() && isSaidBeforeRemoving(mark);
    }

    private boolean isSaidBeforeRemoving(String mark) {
        return sets(list.at(Part.RowMoment.BEFORE_REMOVING), mark);
    }

    private static boolean sets(Script script, String mark) {
        return Steps.any(
                script, s -> s instanceof Step.SetValue set && set.path().equals(mark));
    }

    /** The values that say that something is unsaved. */
    private List<String> marks() {
        Stream<String> shared = design.application().variables().stream()
                .filter(Variable::saysUnsaved)
                .map(v -> "app." + v.name().expression());
        Stream<String> own = design.faced(window).stream()
                .flatMap(f -> f.variables().stream())
                .filter(Variable::saysUnsaved)
                .map(v -> "me." + v.name().expression());
        return Stream.concat(shared, own).toList();
    }
}

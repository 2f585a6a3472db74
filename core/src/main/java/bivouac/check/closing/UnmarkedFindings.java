package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.NamedValue;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
        for (var w : design.windows()) {
            if (w instanceof FacedWindow face) {
                face.parts().stream().filter(Part.ListOfRows.class::isInstance).forEach(p -> new UnmarkedFindings(
                                found, design, face.name().shown(), (Part.ListOfRows) p)
                        .list());
            }
        }
    }

    private void list() {
        List<String> marks = marks();
        if (marks.isEmpty()) {
            return;
        }
        String changed = "me." + list.name().expression();
        var changes = new ArrayList<Change>();
        design.scripts().forEach((place, script) -> {
            if (place.ofWindow().equals(Optional.of(window)) && !place.isAt(FacedWindow.Moment.OPENED)) {
                Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.OfRows rows && rows.list().equals(changed)) {
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
        return NamedValue.in(design, Optional.of(window))
                .filter(v -> v.variable().saysUnsaved())
                .map(NamedValue::path)
                .toList();
    }
}

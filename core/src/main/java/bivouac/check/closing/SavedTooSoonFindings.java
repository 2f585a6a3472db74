package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.NamedValue;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Task;
import bivouac.design.Variable;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A value that says what is unsaved, set to no before the work that saves has come to its end: where that fails, nobody is
 * asked any more, and what was to be saved is gone.
 */
public final class SavedTooSoonFindings {

    private final List<Finding> found;
    private final Design design;

    private SavedTooSoonFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design) {
        var findings = new SavedTooSoonFindings(found, design);
        design.scripts()
                .forEach((place, script) ->
                        Steps.walk(script, (path, step) -> findings.step(place, script, path, step)));
    }

    private void step(ScriptPlace place, Script script, StepPath path, Step step) {
        if (!(step instanceof Step.SetValue(String what, var to))) {
            return;
        }
        String value = to.source().strip();
        boolean settled = value.equals("false") && says(place, what.strip(), Variable::saysUnsaved)
                || value.equals("true") && says(place, what.strip(), Variable::saysSaved);
        if (!settled) {
            return;
        }
        task(script, path)
                .flatMap(run -> failing(run, what.strip()))
                .ifPresent(task -> found.add(new Finding(
                        Weight.WRONG,
                        Kind.UNSAVED_LOST,
                        Place.step(place, path).words(design) + ": “" + what.strip() + "” is set to "
                                + (value.equals("true") ? "yes" : "no") + " before “" + task
                                + "” has run, which can fail.",
                        "Where it fails, nobody is asked about it any more; set it where the task ends as it should.",
                        Place.step(place, path),
                        List.of(new StepRepair.RemoveStep(place, path)))));
    }

    private boolean says(ScriptPlace place, String path, Predicate<Variable> what) {
        return NamedValue.in(design, place.ofWindow()).anyMatch(v -> v.path().equals(path) && what.test(v.variable()));
    }

    /** The first task that runs after a step on the same way, before the value is looked at again. */
    private static Optional<Step.RunTask> task(Script script, StepPath path) {
        for (int by = 1; ; by++) {
            Optional<Step> next = path.next(by).in(script);
            if (next.isEmpty()) {
                return path.outer()
                        .filter(o -> o.in(script)
                                .filter(Step.Repeat.class::isInstance)
                                .isEmpty())
                        .flatMap(o -> task(script, o));
            }
            switch (next.get()) {
                case Step.RunTask run -> {
                    return Optional.of(run);
                }
                case Step.SetValue set -> {
                    // what else is set says nothing of it
                }
                case Step.Note n -> {
                    // nor does a note
                }
                case Step.Off o -> {
                    // it does nothing
                }
                case Step.Close _, Step.If _, Step.EndApplication _, Step.Repeat _, Step.Plain _, Step.Branching _ -> {
                    return Optional.empty();
                }
            }
        }
    }

    /** The task's name, if it can end as it should not, and nothing sets the value to yes again there. */
    private Optional<String> failing(Step.RunTask run, String path) {
        Optional<Task> task = design.application().task(run.task());
        return task.filter(t -> t.endings().stream()
                        .map(Ending::name)
                        .filter(Said.FAILED::by)
                        .anyMatch(e -> run.branches().stream()
                                .filter(b -> b.ending().equals(e))
                                .noneMatch(b -> Steps.any(b.script(), s -> sets(s, path)))))
                .map(t -> t.name().shown());
    }

    private static boolean sets(Step step, String path) {
        return step instanceof Step.SetValue(String what, var to)
                && what.strip().equals(path);
    }
}

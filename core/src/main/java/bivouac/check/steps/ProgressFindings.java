package bivouac.check.steps;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.ProgressRepair;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Task;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Work that tells how far it is, or that can be cancelled, and nobody sees it or can do it; and the other way round (W9, W10). */
public final class ProgressFindings {

    private final List<Finding> found;
    private final Design design;
    private final List<Shown> parts;
    /** The windows in whose scripts a task is run, by task. */
    private final Map<String, String> runIn = new LinkedHashMap<>();

    /** The tasks that some step cancels. */
    private final Set<String> cancelled = new HashSet<>();

    private ProgressFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
        this.parts = parts(design);
    }

    public static void into(List<Finding> found, Design design) {
        var findings = new ProgressFindings(found, design);
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    findings.step(place, path, step);
                    if (step instanceof Step.RunTask run) {
                        place.ofWindow().ifPresent(w -> findings.runIn.putIfAbsent(run.task(), w));
                    }
                }));
        findings.parts.forEach(findings::part);
        design.application().tasks().forEach(findings::task);
    }

    private record Shown(String window, Part.Progress part) {}

    private static List<Shown> parts(Design design) {
        return design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(FacedWindow.class::cast)
                .flatMap(w -> w.parts().stream()
                        .filter(Part.Progress.class::isInstance)
                        .map(p -> new Shown(w.name().shown(), (Part.Progress) p)))
                .toList();
    }

    private void step(ScriptPlace place, StepPath path, Step step) {
        if (step instanceof Step.CancelTask(String name)) {
            cancelled.add(name);
            cancel(place, path, name);
        } else if (step instanceof Step.StopTask(String name)
                && design.application().task(name).isEmpty()) {
            noTask(place, path, "stops", name);
        }
    }

    private void cancel(ScriptPlace place, StepPath path, String name) {
        Optional<Task> task = design.application().task(name);
        if (task.isEmpty()) {
            noTask(place, path, "cancels", name);
        } else if (!task.get().mayBeCancelled()) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.PROGRESS,
                    place.words() + " cancels “" + name + "”, which cannot be cancelled.",
                    "The step does nothing (W10); say of the task that it may be cancelled.",
                    Place.step(place, path),
                    List.of(new ProgressRepair.Tell(name, Task.Told.CANCEL), new StepRepair.RemoveStep(place, path))));
        }
    }

    private void noTask(ScriptPlace place, StepPath path, String verb, String name) {
        found.add(new Finding(
                Weight.WRONG,
                Kind.DANGLING,
                place.words() + " " + verb + " “" + name + "”, and there is no task of that name.",
                "The step does nothing.",
                Place.step(place, path),
                List.of(new StepRepair.RemoveStep(place, path))));
    }

    private void part(Shown shown) {
        Part.Progress part = shown.part();
        String what = part.displayName() + " on " + shown.window();
        Place place = Place.part(shown.window(), part.name().expression());
        Optional<Task> task = design.application().task(part.task());
        if (task.isEmpty()) {
            var ways = new ArrayList<Repair>();
            design.application().tasks().stream()
                    .filter(Task::showsProgress)
                    .map(t -> new ProgressRepair.ShowWork(
                            shown.window(), part.name().expression(), t.name().shown()))
                    .forEach(ways::add);
            ways.add(new RemovalRepair.RemovePart(shown.window(), part.name().expression(), part.displayName()));
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.DANGLING,
                    what
                            + (part.task().isEmpty()
                                    ? " shows the work of no task."
                                    : " shows the work of “" + part.task() + "”, and there is no task of that name."),
                    "It stays empty; write for example: progress Writing of write register.",
                    place,
                    ways));
        } else if (task.get().told().isEmpty()) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.PROGRESS,
                    what + " shows “" + part.task() + "”, which tells nothing of how far it is.",
                    "It stays empty (W9); say of the task that it shows progress.",
                    place,
                    List.of(new ProgressRepair.Tell(part.task(), Task.Told.PROGRESS))));
        }
    }

    private void task(Task task) {
        String name = task.name().shown();
        boolean shown = parts.stream().anyMatch(p -> p.part().task().equals(name));
        if (shown || task.told().isEmpty()) {
            return;
        }
        List<Repair> ways = Optional.ofNullable(runIn.get(name))
                .<List<Repair>>map(w -> List.of(new ProgressRepair.AddProgress(w, name)))
                .orElse(List.of());
        if (task.mayBeCancelled() && !cancelled.contains(name)) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.PROGRESS,
                    "“" + name + "” may be cancelled, and nobody can.",
                    "No window shows its progress, which is where it is cancelled, and no step cancels it (W10).",
                    Place.APPLICATION,
                    ways));
        } else if (task.showsProgress()) {
            found.add(new Finding(
                    Weight.HINT,
                    Kind.PROGRESS,
                    "“" + name + "” shows progress, and no window has a part for it.",
                    "What it tells is seen nowhere (W9).",
                    Place.APPLICATION,
                    ways));
        }
    }
}

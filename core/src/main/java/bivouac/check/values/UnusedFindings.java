package bivouac.check.values;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.HandedRepair;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.ReadyMade;
import bivouac.design.Script;
import bivouac.design.Sources;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.WaysIn;
import bivouac.design.Window;
import bivouac.plan.Cell;
import bivouac.plan.Cells;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Values that nothing reads, tasks that nothing runs, and what is not there yet. */
public final class UnusedFindings {

    private final List<Finding> found;
    private final Program program;
    private final Design design;

    private UnusedFindings(List<Finding> found, Program program) {
        this.found = found;
        this.program = program;
        this.design = program.design();
    }

    public static void into(List<Finding> found, Program program) {
        var findings = new UnusedFindings(found, program);
        findings.steps();
        findings.values();
        Map<String, List<WaysIn.WayIn>> waysIn = WaysIn.of(program.design()).stream()
                .collect(Collectors.groupingBy(w -> w.open().window()));
        for (Window window : program.design().windows()) {
            List<WaysIn.WayIn> ways = waysIn.getOrDefault(window.name().shown(), List.of());
            window.endings().forEach(e -> findings.given(window, e, ways));
        }
    }

    private void steps() {
        Set<String> run = new HashSet<>();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    switch (step) {
                        case Step.RunTask task -> run.add(task.task());
                        case Step.NotThereYet n ->
                            found.add(new Finding(
                                    Weight.HINT,
                                    Kind.NOT_THERE_YET,
                                    Place.step(place, path).words(design) + ": not there yet.",
                                    "It says so when it is reached; write what happens when it is there.",
                                    Place.step(place, path)));
                        case Step.Close _,
                                Step.If _,
                                Step.EndApplication _,
                                Step.Repeat _,
                                Step.Off _,
                                Step.Plain _,
                                Step.Branching _ -> {
                            // uses nothing that could be left over
                        }
                    }
                }));
        design.application().tasks().stream()
                .map(Task::name)
                .filter(n -> !run.contains(n.shown()))
                .forEach(n -> found.add(new Finding(
                        Weight.HINT,
                        Kind.UNUSED,
                        "Nothing runs the task “" + n + "”.",
                        "Write run " + n + " where it is meant.",
                        Place.APPLICATION,
                        List.of(new RemovalRepair.RemoveTask(n.shown())))));
    }

    private void values() {
        Application app = design.application();
        Cells cells = program.cells();
        for (int i = 0; i < app.variables().size(); i++) {
            Variable v = app.variables().get(i);
            if (!cells.matters(new Cell.OfApplication(i))) {
                unused(
                        "Nothing reads app." + v.name().expression() + ".",
                        v.kept()
                                ? "It is kept for the next run, and means nothing there either."
                                : "What is put into it is never seen again.",
                        Place.APPLICATION,
                        new RemovalRepair.RemoveValue(Optional.empty(), v.name().expression()));
            }
        }
        for (WindowPlan plan : program.windows()) {
            String window = plan.window().name().shown();
            for (int i = 0; i < plan.variables().size(); i++) {
                Variable v = plan.variables().get(i);
                boolean keeps = v.type() instanceof Type.WindowOf;
                if (!keeps && !cells.matters(new Cell.OfWindow(plan.number, plan.variableSlot(i)))) {
                    unused(
                            window + ": nothing reads me." + v.name().expression() + ".",
                            "What is put into it is never seen again.",
                            Place.window(window),
                            new RemovalRepair.RemoveValue(
                                    Optional.of(window), v.name().expression()));
                }
            }
            for (int i = 0; i < plan.window().takes().size(); i++) {
                if (!cells.matters(new Cell.OfWindow(plan.number, plan.takeSlot(i)))) {
                    unused(
                            window + " takes “" + plan.window().takes().get(i).name() + "”, and nothing reads it.",
                            "Openers hand it over for nothing.",
                            Place.window(window),
                            new HandedRepair.RemoveTake(
                                    window, plan.window().takes().get(i).name().expression()));
                }
            }
        }
    }

    private void unused(String what, String why, Place place, Repair... repairs) {
        found.add(new Finding(Weight.HINT, Kind.UNUSED, what, why, place, List.of(repairs)));
    }

    /** What an ending gives, where all who wait for it write what happens then and none of them reads any of it (W4). */
    private void given(Window window, Ending ending, List<WaysIn.WayIn> ways) {
        List<WaysIn.WayIn> waiting =
                ways.stream().filter(w -> w.open().answers(ending.name())).toList();
        List<String> names =
                ending.gives().stream().map(g -> g.name().expression()).toList();
        if (waiting.isEmpty() || names.isEmpty() || waiting.stream().anyMatch(w -> reads(w, names))) {
            return;
        }
        WaysIn.WayIn first = waiting.getFirst();
        found.add(new Finding(
                window instanceof ReadyMade ? Weight.RISKY : Weight.HINT,
                Kind.UNUSED,
                window.name() + " gives " + String.join(", ", names) + " with “" + ending.name()
                        + "”, and nothing that opens it reads " + (names.size() == 1 ? "it." : "any of it."),
                "What a person chose or typed there is lost (W4); use it in the branch, or do not give it.",
                Place.step(first.place(), first.path()),
                List.of(
                        window instanceof ReadyMade
                                ? new StepRepair.RemoveStep(first.place(), first.path())
                                : new HandedRepair.GiveNoMore(window.name().shown(), ending.name(), names))));
    }

    /** Whether any of what an opening gave is read in its script, or anywhere by a name of its own (O9). */
    private boolean reads(WaysIn.WayIn way, List<String> names) {
        return reads(way.place().in(design), "result", names)
                || way.open()
                        .as()
                        .filter(as -> design.scripts().values().stream().anyMatch(s -> reads(s, as, names)))
                        .isPresent();
    }

    private boolean reads(Script script, String of, List<String> names) {
        String any = names.stream().map(Pattern::quote).collect(Collectors.joining("|"));
        var read = Pattern.compile("\\b" + Pattern.quote(of) + "\\.(?:" + any + ")\\b");
        return Sources.of(design, script).stream()
                .anyMatch(source -> read.matcher(source).find());
    }
}

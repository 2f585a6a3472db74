package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.plan.Cell;
import bivouac.plan.Cells;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Values that nothing reads, tasks that nothing runs, and what is not there yet. */
final class UnusedFindings {

    private final List<Finding> found;
    private final Program program;
    private final Design design;

    private UnusedFindings(List<Finding> found, Program program) {
        this.found = found;
        this.program = program;
        this.design = program.design();
    }

    static void into(List<Finding> found, Program program) {
        var findings = new UnusedFindings(found, program);
        findings.steps();
        findings.values();
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
                        default -> {
                            // uses nothing that could be left over
                        }
                    }
                }));
        design.application().tasks().stream()
                .map(Task::name)
                .filter(n -> !run.contains(n.shown()))
                .forEach(n -> unused(
                        "Nothing runs the task “" + n + "”.",
                        "Write run " + n + " where it is meant.",
                        Place.APPLICATION));
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
                        Place.APPLICATION);
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
                            Place.window(window));
                }
            }
            for (int i = 0; i < plan.window().takes().size(); i++) {
                if (!cells.matters(new Cell.OfWindow(plan.number, plan.takeSlot(i)))) {
                    unused(
                            window + " takes “" + plan.window().takes().get(i).name() + "”, and nothing reads it.",
                            "Openers hand it over for nothing.",
                            Place.window(window));
                }
            }
        }
    }

    private void unused(String what, String why, Place place) {
        found.add(new Finding(Weight.HINT, Kind.UNUSED, what, why, place));
    }
}

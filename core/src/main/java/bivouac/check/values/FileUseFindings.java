package bivouac.check.values;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.design.Design;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Task;
import java.util.List;
import java.util.Optional;

/** The path of a dialog that opens, given to what writes, and of one that saves, given to what reads. */
public final class FileUseFindings {

    private final List<Finding> found;
    private final Design design;

    private FileUseFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design) {
        var findings = new FileUseFindings(found, design);
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.Open open
                            && design.window(open.window()).orElse(null) instanceof FileDialog dialog) {
                        findings.dialog(place, path, open, dialog);
                    }
                }));
    }

    private void dialog(ScriptPlace place, StepPath path, Step.Open open, FileDialog dialog) {
        for (int i = 0; i < open.branches().size(); i++) {
            int inner = i;
            // only what stands in the branch itself has this result; one inside has another (W4)
            var steps = open.branches().get(i).script().steps();
            for (int n = 0; n < steps.size(); n++) {
                if (steps.get(n) instanceof Step.RunTask run) {
                    StepPath at = path.into(inner, n);
                    design.application()
                            .task(run.task())
                            .filter(t -> run.handOver().stream().anyMatch(g -> isPath(g, open)))
                            .ifPresent(t -> task(place, at, dialog, t));
                }
            }
        }
    }

    private static boolean isPath(Given given, Step.Open open) {
        String source = given.value().source().strip();
        return source.equals("result.path")
                || open.as().filter(as -> source.equals(as + ".path")).isPresent();
    }

    private void task(ScriptPlace place, StepPath path, FileDialog dialog, Task task) {
        boolean writes = task.outcomes().stream().anyMatch(o -> o.writes().isPresent());
        boolean gives = task.endings().stream()
                .filter(e -> !Said.FAILED.by(e.name()))
                .anyMatch(e -> !e.gives().isEmpty());
        Optional<String> wrong =
                switch (dialog.asks()) {
                    case ONE, SEVERAL ->
                        writes
                                ? Optional.of("“" + task.name() + "” writes to the file that “" + dialog.name()
                                        + "” asks for to be opened.")
                                : Optional.empty();
                    case SAVE ->
                        !writes && gives
                                ? Optional.of("“" + task.name() + "” reads the file that “" + dialog.name()
                                        + "” asks for to be saved.")
                                : Optional.empty();
                    case FOLDER -> Optional.empty();
                };
        wrong.ifPresent(what -> found.add(new Finding(
                Weight.RISKY,
                Kind.MESSAGE,
                Place.step(place, path).words(design) + ": " + what,
                dialog.asks() == FileDialog.Asks.SAVE
                        ? "A save dialog asks for a name that may be new, and asks to replace what is there (C8)."
                        : "What is there is written over without the question that a save dialog asks (C8).",
                Place.step(place, path))));
    }
}

package bivouac.check.values;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.texts.PartFindings;
import bivouac.check.ways.StepRepair;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Target;
import bivouac.expression.Term;
import bivouac.expression.Value;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import java.util.List;
import java.util.Optional;

/** Steps that mean an owner or opener where there is none (O5, R2), and texts longer than the field that takes them (P4). */
public final class WhomFindings {

    private final List<Finding> found;
    private final Program program;

    private WhomFindings(List<Finding> found, Program program) {
        this.found = found;
        this.program = program;
    }

    public static void into(List<Finding> found, Program program) {
        var findings = new WhomFindings(found, program);
        program.design()
                .scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> findings.step(place, path, step)));
    }

    private void step(ScriptPlace place, StepPath path, Step step) {
        switch (step) {
            case Step.Close close -> target(place, path, close.target());
            case Step.Reach reach -> target(place, path, reach.target());
            case Step.SetValue set -> length(place, path, set);
            case Step.If _, Step.EndApplication _, Step.Repeat _, Step.Off _, Step.Plain _, Step.Branching _ -> {
                // it means nobody else
            }
        }
    }

    private void target(ScriptPlace place, StepPath path, Target target) {
        Optional<WindowPlan> me = place.ofWindow().flatMap(program::window);
        Optional<String> none =
                switch (target) {
                    case Target.Owner o
                    when me.filter(m -> program.ownersOf(m).isEmpty()).isPresent() -> Optional.of("owner");
                    case Target.Opener o
                    when me.filter(m -> program.openersOf(m).isEmpty()).isPresent() -> Optional.of("opener");
                    default -> Optional.empty();
                };
        none.ifPresent(word -> found.add(new Finding(
                Weight.WRONG,
                Kind.DANGLING,
                Place.step(place, path).words(program.design()) + ": "
                        + place.ofWindow().orElseThrow() + " has no " + word + ".",
                word.equals("owner")
                        ? "Only a window that says so is owned, by the one whose script opens it (O5); name the window itself."
                        : "No script of a window opens it (O1); name the window itself.",
                Place.step(place, path),
                List.of(new StepRepair.RemoveStep(place, path)))));
    }

    /** What a field cannot hold is cut off without a word. */
    private void length(ScriptPlace place, StepPath path, Step.SetValue set) {
        Optional<Part.TextField> field = place.ofWindow()
                .flatMap(program.design()::faced)
                .filter(f -> set.path().strip().startsWith("me."))
                .flatMap(f -> f.part(set.path().strip().substring(3)))
                .filter(Part.TextField.class::isInstance)
                .map(Part.TextField.class::cast)
                .filter(f -> f.longest().isPresent());
        field.ifPresent(f -> {
            int longest = f.longest().orElseThrow();
            Optional<String> text = program.compileAt(place, path, set.value())
                    .term()
                    .filter(t -> t instanceof Term.Constant<?> c && c.value() instanceof Value.Text)
                    .map(t -> ((Term.Constant<?>) t).value().shown());
            text.filter(t -> t.length() > longest)
                    .ifPresent(t -> found.add(new Finding(
                            Weight.WRONG,
                            Kind.PART,
                            Place.step(place, path).words(program.design()) + ": “" + t + "” has " + t.length()
                                    + " characters, and " + f.displayName() + " takes " + longest + ".",
                            "The rest would be cut off (P4); let the field take more, or say less.",
                            Place.step(place, path),
                            List.of(PartFindings.takingMore(place.ofWindow().orElseThrow(), f, t.length())))));
        });
    }
}

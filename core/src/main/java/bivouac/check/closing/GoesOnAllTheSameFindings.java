package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.GoesOn;
import bivouac.check.known.Place;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Target;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What goes on though a person was told that it cannot, or said that it shall not: a check that warns, and closes with the
 * bad value all the same; a file dialog that is left, and what it was to save is thrown away.
 */
public final class GoesOnAllTheSameFindings {

    private final List<Finding> found;
    private final Design design;
    private final ScriptPlace place;
    private final Script script;
    private final GoesOn goesOn;

    private GoesOnAllTheSameFindings(List<Finding> found, Design design, ScriptPlace place, Script script) {
        this.found = found;
        this.design = design;
        this.place = place;
        this.script = script;
        this.goesOn = new GoesOn(design, place);
    }

    public static void into(List<Finding> found, Design design) {
        design.scripts().forEach((place, script) -> {
            // before closing is read as a whole, with what comes of each answer
            if (!place.isAt(FacedWindow.Moment.BEFORE_CLOSING)) {
                var findings = new GoesOnAllTheSameFindings(found, design, place, script);
                Steps.walk(script, findings::step);
            }
        });
    }

    private void step(StepPath path, Step step) {
        switch (step) {
            case Step.If choice -> checks(path, choice);
            case Step.Open open ->
                design.window(open.window())
                        .filter(w -> w instanceof FileDialog || w instanceof Picker)
                        .ifPresent(w -> left(path, open, w));
            case Step.RunTask r -> {
                // what a task that failed leads to is told with its endings
            }
            case Step.TakeHolding t -> {
                // has findings of its own
            }
            case Step.Do d -> {
                // the script that it does is looked at by itself
            }
            case Step.GiveBack g -> {
                // is held no more either way
            }
            case Step.Close c -> {
                // ends what is looked at
            }
            case Step.EndApplication e -> {
                // ends what is looked at
            }
            case Step.Repeat r -> {
                // what is in it is looked at by itself
            }
            case Step.Off o -> {
                // does nothing
            }
            case Step.Plain p -> {
                // tells and asks nobody
            }
        }
    }

    /** A case that only warns, and what stands behind the check is done with the value that was warned of. */
    private void checks(StepPath path, Step.If choice) {
        Optional<Step> acts = actsAfter(path);
        if (acts.isEmpty()) {
            return;
        }
        for (int i = 0; i < choice.cases().size(); i++) {
            Step.If.Case one = choice.cases().get(i);
            Optional<String> box = warning(one);
            if (box.isPresent() && goesOn.after(one.script()) && isOnlyWarning(one.script())) {
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.CLOSES_ALL_THE_SAME,
                        Place.step(place, path).words(design) + ": “" + box.get() + "” warns, and then "
                                + does(acts.get()) + " all the same.",
                        "Who is warned takes it that nothing was done; let what follows stand in the else of the check.",
                        Place.step(place, path),
                        List.of(new StepRepair.IntoElse(place, path))));
                return;
            }
        }
    }

    /** What a condition asks that finds something missing: an information there is a warning all the same. */
    private static final Pattern FINDS_MISSING =
            Pattern.compile("blank\\(|==\\s*\"\"|!\\s*is(Number|Whole|Date)\\(|!\\s*[\\w.]+\\.(given|any\\w+)");

    /** A message of one answer that warns. */
    private Optional<String> warning(Step.If.Case one) {
        boolean checks = FINDS_MISSING.matcher(one.condition().source()).find();
        return one.script().steps().stream()
                .filter(s -> !(s instanceof Step.Off || s instanceof Step.Note))
                .findFirst()
                .filter(Step.Open.class::isInstance)
                .flatMap(s -> design.window(((Step.Open) s).window()))
                .filter(w -> w instanceof MessageBox box
                        && box.answers().size() == 1
                        && (checks
                                || box.severity() == MessageBox.Severity.WARNING
                                || box.severity() == MessageBox.Severity.ERROR))
                .map(w -> w.name().shown());
    }

    /** Nothing but the message, and where the keyboard goes: what else is done may put the value right. */
    private static boolean isOnlyWarning(Script script) {
        return script.steps().stream()
                .allMatch(s -> s instanceof Step.Open
                        || s instanceof Step.Off
                        || s instanceof Step.Note
                        || s instanceof Step.Focus);
    }

    /** A file dialog or picker that is left without an answer, behind which the window closes or the application ends. */
    private void left(StepPath path, Step.Open open, Window asked) {
        boolean does = open.branches().stream()
                .filter(b -> !b.ending().equals(WaysOut.CANCELLED))
                .anyMatch(b -> !b.script().doesNothing());
        Script cancelled = open.branches().stream()
                .filter(b -> b.ending().equals(WaysOut.CANCELLED))
                .map(Step.Branch::script)
                .findFirst()
                .orElse(Script.EMPTY);
        Optional<Step> ends = actsAfter(path).filter(s -> s instanceof Step.Close || s instanceof Step.EndApplication);
        if (does && cancelled.doesNothing() && ends.isPresent()) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.CLOSES_ALL_THE_SAME,
                    Place.step(place, path).words(design) + ": where “" + asked.name() + "” is left, "
                            + does(ends.get()) + " all the same.",
                    "Who leaves it has kept nothing, and what was to be kept is gone; close in the branch where it was chosen.",
                    Place.step(place, path)));
        }
    }

    /** The first step behind one, on its way, that closes, ends or gives something on. */
    private Optional<Step> actsAfter(StepPath path) {
        for (int by = 1; ; by++) {
            Optional<Step> next = path.next(by).in(script);
            if (next.isEmpty()) {
                return path.outer().flatMap(this::actsAfter);
            }
            if (isFinal(next.get())) {
                return next;
            }
            boolean passes = next.get() instanceof Step.Off
                    || next.get() instanceof Step.Note
                    || next.get() instanceof Step.SetValue
                    || next.get() instanceof Step.AddRow
                    || next.get() instanceof Step.ChangeRow
                    || next.get() instanceof Step.Focus;
            if (!passes) {
                return Optional.empty();
            }
        }
    }

    private static boolean isFinal(Step step) {
        return step instanceof Step.Close close && (close.target() instanceof Target.Me)
                || step instanceof Step.EndApplication
                || step instanceof Step.Open open && open.manner() instanceof Manner.InPlace;
    }

    private String does(Step step) {
        return switch (step) {
            case Step.Close c -> place.ofWindow().orElse("the window") + " closes";
            case Step.EndApplication e -> "the application ends";
            case Step.Open o -> o.window() + " opens in its place";
            case Step.If _, Step.Repeat _, Step.Off _, Step.Plain _, Step.Branching _ -> "it goes on";
        };
    }
}

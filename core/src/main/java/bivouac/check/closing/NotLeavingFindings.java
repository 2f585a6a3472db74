package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.StepRepair;
import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Target;
import java.util.List;
import java.util.Optional;

/**
 * What is to leave and does not: a button that says that a window is done with and never closes it, an answer that says to throw
 * away, at which the window stays. Only words tell of both, so they are hints.
 */
public final class NotLeavingFindings {

    private final List<Finding> found;
    private final Design design;

    private NotLeavingFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design) {
        var findings = new NotLeavingFindings(found, design);
        design.scripts().forEach((place, script) -> {
            if (place instanceof ScriptPlace.AtPart at) {
                findings.button(at, script);
            }
            if (place.isAt(FacedWindow.Moment.BEFORE_CLOSING)) {
                Steps.walk(script, (path, step) -> findings.answers(place, path, step));
            }
        });
    }

    private void button(ScriptPlace.AtPart place, Script script) {
        boolean isMain = design.faced(place.window())
                .filter(f -> f.of() == FacedWindow.Kind.MAIN)
                .isPresent();
        Optional<String> text = design.faced(place.window())
                .flatMap(f -> f.part(place.part()))
                .filter(Part.Button.class::isInstance)
                .map(Part::displayName)
                .filter(Said.FINISHES::by);
        if (isMain || text.isEmpty() || script.doesNothing() || Steps.any(script, NotLeavingFindings::leads)) {
            return;
        }
        found.add(new Finding(
                Weight.HINT,
                Kind.DEAD_TRIGGER,
                place.words() + ": “" + text.get() + "” does not close " + place.window() + ".",
                "Who presses it takes the window to be done with; close it there, or call the button what it does.",
                Place.script(place),
                List.of(new StepRepair.Write(
                        place,
                        StepPath.of(script.steps().size()),
                        new Step.Close(new Target.Me(), Optional.empty(), List.of(), Script.EMPTY),
                        "Close the window",
                        "A step that closes it is written at the end."))));
    }

    /** It closes, ends, opens another in its place, stops a task, or does what may do one of these. */
    private static boolean leads(Step step) {
        return step instanceof Step.Close
                || step instanceof Step.EndApplication
                || step instanceof Step.StopTask
                || step instanceof Step.Do
                || step instanceof Step.NotThereYet
                || step instanceof Step.Reach
                || step instanceof Step.Open o && o.manner() instanceof Manner.InPlace;
    }

    private void answers(ScriptPlace place, StepPath path, Step step) {
        if (!(step instanceof Step.Open open)
                || !(design.window(open.window()).orElse(null) instanceof MessageBox box)) {
            return;
        }
        for (Step.Branch branch : open.branches()) {
            boolean stays = branch.script().steps().stream()
                    .filter(s -> !(s instanceof Step.Off || s instanceof Step.Note))
                    .findFirst()
                    .filter(Step.StayOpen.class::isInstance)
                    .isPresent();
            box.answers().stream()
                    .filter(a -> stays && a.ending().equals(branch.ending()) && Said.DESTROYS.by(a.text()))
                    .forEach(a -> found.add(new Finding(
                            Weight.HINT,
                            Kind.CLOSES_ALL_THE_SAME,
                            Place.step(place, path).words(design) + ": at “" + AccessKey.without(a.text()) + "” in “"
                                    + box.name() + "” "
                                    + place.ofWindow().orElseThrow() + " stays open.",
                            "Who answers so wants it to go, and nothing to be kept; leave the branch empty.",
                            Place.step(place, path),
                            List.of(new StepRepair.EmptyBranch(place, path, branch.ending())))));
        }
    }
}

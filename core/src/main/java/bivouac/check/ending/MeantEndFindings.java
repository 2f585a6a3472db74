package bivouac.check.ending;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.StepRepair;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Target;
import bivouac.design.WaysIn;
import bivouac.design.Window;
import java.util.List;
import java.util.Optional;

/** Closing where ending was meant, and the other way round, told from what stands on the trigger (D1). */
public final class MeantEndFindings {

    private static final String DIFFERENT = "Closing a window and ending the application are different acts (D1).";

    private final List<Finding> found;
    private final Design design;
    private final ScriptPlace place;
    private final FacedWindow face;
    private final String text;

    private MeantEndFindings(
            List<Finding> found, Design design, ScriptPlace.AtPart place, FacedWindow face, Part part) {
        this.found = found;
        this.design = design;
        this.place = place;
        this.face = face;
        this.text = part.displayName();
    }

    public static void into(List<Finding> found, Design design) {
        design.scripts().forEach((place, script) -> {
            if (place instanceof ScriptPlace.AtPart at) {
                design.faced(at.window()).ifPresent(face -> face.part(at.part())
                        .ifPresent(part -> new MeantEndFindings(found, design, at, face, part).script(script)));
            }
        });
    }

    private void script(Script script) {
        boolean ends = Steps.any(script, s -> s instanceof Step.EndApplication || s instanceof Step.Do);
        boolean leads = ends || script.doesNothing() || Steps.any(script, MeantEndFindings::leads);
        if (saysThatItEnds() && !leads) {
            found.add(new Finding(
                    Weight.HINT,
                    Kind.WRONG_END,
                    place.words() + ": “" + text + "” does not end the application.",
                    "Who presses it takes the application to end; write that it ends, or call it what it does.",
                    Place.script(place),
                    List.of(new StepRepair.Write(
                            place,
                            StepPath.of(script.steps().size()),
                            Step.EndApplication.plain(),
                            "End the application",
                            "A step that ends it is written at the end."))));
        }
        Steps.walk(script, (path, step) -> {
            switch (step) {
                case Step.Close close -> closes(path, close, ends);
                case Step.EndApplication end -> ends(path);
                case Step.Branching b -> {
                    // asks, and what is done then is looked at by itself
                }
                case Step.If i -> {
                    // what is in it is looked at by itself
                }
                case Step.Repeat r -> {
                    // what is in it is looked at by itself
                }
                case Step.Off o -> {
                    // does nothing
                }
                case Step.Plain p -> {
                    // neither closes nor ends
                }
            }
        });
    }

    private static boolean leads(Step step) {
        return step instanceof Step.Close
                || step instanceof Step.NotThereYet
                || step instanceof Step.Open o && o.manner() instanceof bivouac.design.Manner.InPlace;
    }

    private void closes(StepPath path, Step.Close close, boolean endsToo) {
        boolean me = close.target() instanceof Target.Me;
        if (saysThatItEnds() && !endsToo) {
            if (me && isOneOfMany(face)) {
                wrong(
                        path,
                        "“" + text + "” closes this one of many " + face.name() + ", and the others stay.",
                        DIFFERENT,
                        true);
            } else if (me && !departs()) {
                wrong(
                        path,
                        "“" + text + "” closes only " + face.name() + ", and the application goes on.",
                        DIFFERENT,
                        true);
            } else if (me) {
                staysOpen()
                        .ifPresent(other -> wrong(
                                path,
                                "“" + text + "” closes only " + face.name() + "; " + other
                                        + " can stay open, and the application with it.",
                                DIFFERENT,
                                true));
            } else if (!endsAll(close.target())) {
                wrong(path, "“" + text + "” closes only others, and the application goes on.", DIFFERENT, true);
            }
        } else if (close.target() instanceof Target.Owner && Said.CLOSES.by(text)) {
            wrong(
                    path,
                    "“" + text + "” closes the owner of " + face.name() + ", and with it more than this window.",
                    "Who presses “" + text + "” on a window expects that window to close.",
                    false);
        } else if (!me && endsAll(close.target()) && !saysWhatGoes()) {
            wrong(
                    path,
                    "“" + text + "” on " + face.name() + " closes the window with which the application ends.",
                    "Who presses it does not expect all the others to go (D1).",
                    false);
        }
    }

    private void ends(StepPath path) {
        boolean isOnItsOwn =
                face.of() == FacedWindow.Kind.CHILD || face.of() == FacedWindow.Kind.MAIN && isOneOfMany(face);
        boolean closing = Said.CLOSES.by(text) && (face.of() != FacedWindow.Kind.MAIN || isOneOfMany(face))
                || Said.STAYS.by(text) && isOnItsOwn;
        if (closing || isAskedByWindows() && !Said.ENDS.by(text) && !Said.LEAVES.by(text)) {
            wrong(
                    path,
                    "“" + text + "” on " + face.name() + " ends the whole application.",
                    "Who closes a window does not expect the others to go (D1).",
                    false);
        }
    }

    /** Words for the end; on the one main window also those that elsewhere leave only what they stand on. */
    private boolean saysThatItEnds() {
        return Said.ENDS.by(text)
                || face.of() == FacedWindow.Kind.MAIN && !isOneOfMany(face) && departs() && Said.LEAVES_ALL.by(text);
    }

    private boolean saysWhatGoes() {
        return Said.ENDS.by(text) || Said.LEAVES.by(text) || Said.CLOSES.by(text);
    }

    /** A window that can stay open when this one has closed: no dialog, and not owned. */
    private Optional<String> staysOpen() {
        if (!(design.application().departure() instanceof DepartureRule.LastWindow)) {
            return Optional.empty();
        }
        return design.windows().stream()
                .filter(w -> w instanceof FacedWindow f
                        && f != face
                        && f.of() != FacedWindow.Kind.DIALOG
                        && !f.owned()
                        && isOpenedAlongside(f))
                .map(w -> w.name().shown())
                .findFirst();
    }

    private boolean isOpenedAlongside(Window window) {
        return WaysIn.into(design, window.name().shown()).stream()
                .anyMatch(w -> w.open().ownedBy().isEmpty() && design.goesOnBeside(w.open()));
    }

    /** Whether closing that ends the application, with the window that it is tied to. */
    private boolean endsAll(Target target) {
        return design.application().departure() instanceof DepartureRule.WithWindow(String name)
                && target.windowFrom(place).filter(name::equals).isPresent();
    }

    private void wrong(StepPath path, String what, String why, boolean ends) {
        Place at = Place.step(place, path);
        found.add(new Finding(
                Weight.RISKY,
                Kind.WRONG_END,
                at.words(design) + ": " + what,
                why,
                at,
                List.of(new StepRepair.Instead(place, path, ends))));
    }

    private static boolean isOneOfMany(FacedWindow face) {
        return !(face.instancesOrUsual() instanceof Instances.Single);
    }

    /** A dialog that the start opens before all windows may end what has not begun. */
    private boolean isAskedByWindows() {
        return face.of() == FacedWindow.Kind.DIALOG
                && WaysIn.into(design, face.name().shown()).stream()
                        .anyMatch(w -> w.place().ofWindow().isPresent());
    }

    /** Whether closing the window ends the application, now or when it is the last. */
    private boolean departs() {
        return switch (design.application().departure()) {
            case DepartureRule.WithWindow(String name) ->
                name.equals(face.name().shown());
            case DepartureRule.LastWindow l -> face.of() == FacedWindow.Kind.MAIN && !isOneOfMany(face);
            case DepartureRule.OnlyWhenTold o -> false;
        };
    }
}

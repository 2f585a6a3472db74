package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.closing.Triggers;
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
import java.util.List;
import java.util.Optional;

/** The end of the application: one that never comes, one that is meant and not said, and what it tells who started it. */
final class EndFindings {

    private final List<Finding> found;
    private final Design design;

    private EndFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    static void into(List<Finding> found, Design design, Triggers triggers) {
        var findings = new EndFindings(found, design);
        findings.neverEnds(triggers);
        findings.codes();
        design.scripts().forEach(findings::meant);
        design.scripts().forEach(findings::afterClosing);
        design.scripts().forEach(findings::beforeClosing);
    }

    private void neverEnds(Triggers triggers) {
        boolean onlyTold = design.application().departure() instanceof DepartureRule.OnlyWhenTold;
        if (onlyTold
                && !design.windows().isEmpty()
                && triggers.to(new Triggers.Goal.Ending()).isEmpty()) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.NEVER_ENDS,
                    "The application ends only when told, and nothing tells it to.",
                    "It goes on when its last window has closed (D1, X5); write end the application somewhere, or let it"
                            + " end with its last window.",
                    Place.APPLICATION,
                    List.of(new DesignRepair.EndsWithLastWindow())));
        }
    }

    /** D6: a start that failed and ends with code 0 tells whoever started it that all is well. */
    private void codes() {
        var start = new ScriptPlace.Start();
        Script script = start.in(design);
        Steps.walk(script, (path, step) -> {
            if (step instanceof Step.EndApplication end && isAfterFailure(path, script)) {
                boolean zero =
                        end.code().map(c -> c.source().strip().equals("0")).orElse(true);
                if (zero) {
                    found.add(new Finding(
                            Weight.RISKY,
                            Kind.EXIT_CODE,
                            Place.step(start, path).words(design) + ": a start that failed ends with code 0.",
                            "Whoever started the application takes that for success (D6); give it another code.",
                            Place.step(start, path),
                            List.of(new StepRepair.EndWithCode(start, path))));
                }
            }
        });
    }

    private static boolean isAfterFailure(StepPath path, Script script) {
        Optional<StepPath> outer = path.outer();
        if (outer.isEmpty()) {
            return false;
        }
        int inner = path.numbers().get(path.numbers().size() - 2);
        boolean failed = outer.get()
                .in(script)
                .filter(s -> s instanceof Step.Branching b
                        && Said.FAILED.by(b.branches().get(inner).ending()))
                .isPresent();
        return failed || isAfterFailure(outer.get(), script);
    }

    /** Closing where ending was meant, and the other way round, told from what stands on the trigger. */
    private void meant(ScriptPlace place, Script script) {
        Optional<FacedWindow> face = place.ofWindow().flatMap(design::faced);
        Optional<Part> part =
                place instanceof ScriptPlace.AtPart at ? face.flatMap(f -> f.part(at.part())) : Optional.empty();
        if (part.isEmpty()) {
            return;
        }
        String text = part.get().displayName();
        Steps.walk(script, (path, step) -> {
            switch (step) {
                case Step.Close close
                when Said.ENDS.by(text)
                        && close.target() instanceof Target.Me
                        && !departs(face.get())
                        && !isOneOfMany(face.get()) ->
                    wrongEnd(
                            place,
                            path,
                            "“" + text + "” closes only " + face.get().name() + ", and the application goes on.",
                            "Closing a window and ending the application are different acts (D1).",
                            true);
                case Step.EndApplication end
                when Said.CLOSES.by(text) && face.get().of() != FacedWindow.Kind.MAIN
                        || isAskedByWindows(face.get()) && !Said.ENDS.by(text) && !Said.LEAVES.by(text) ->
                    wrongEnd(
                            place,
                            path,
                            "“" + text + "” on " + face.get().name() + " ends the whole application.",
                            "Who closes a window does not expect the others to go (D1).",
                            false);
                case Step.Close close
                when Said.CLOSES.by(text) && close.target() instanceof Target.Owner ->
                    wrongClose(
                            place,
                            path,
                            "“" + text + "” closes the owner of " + face.get().name()
                                    + ", and with it more than this window.",
                            "Who presses “" + text + "” on a window expects that window to close.");
                case Step.Close close
                when Said.ENDS.by(text) && close.target() instanceof Target.Me && isOneOfMany(face.get()) ->
                    wrongEnd(
                            place,
                            path,
                            "“" + text + "” closes this one of many "
                                    + face.get().name() + ", and the others stay.",
                            "Closing a window and ending the application are different acts (D1).",
                            true);
                default -> {
                    // neither closes nor ends
                }
            }
        });
    }

    private static boolean isOneOfMany(FacedWindow face) {
        return !(face.instancesOrUsual() instanceof Instances.Single);
    }

    private void wrongClose(ScriptPlace place, StepPath path, String what, String why) {
        Place at = Place.step(place, path);
        found.add(new Finding(
                Weight.RISKY,
                Kind.WRONG_END,
                at.words(design) + ": " + what,
                why,
                at,
                List.of(new StepRepair.Instead(place, path, false))));
    }

    private void wrongEnd(ScriptPlace place, StepPath path, String what, String why, boolean ends) {
        found.add(new Finding(
                Weight.RISKY,
                Kind.WRONG_END,
                Place.step(place, path).words(design) + ": " + what,
                why,
                Place.step(place, path),
                List.of(new StepRepair.Instead(place, path, ends))));
    }

    /** A dialog that the start opens before all windows may end what has not begun. */
    private boolean isAskedByWindows(FacedWindow face) {
        return face.of() == FacedWindow.Kind.DIALOG
                && WaysIn.into(design, face.name().shown()).stream()
                        .anyMatch(w -> w.place().ofWindow().isPresent());
    }

    /** Whether closing the window ends the application, now or when it is the last. */
    private boolean departs(FacedWindow face) {
        return switch (design.application().departure()) {
            case DepartureRule.WithWindow(String name) ->
                name.equals(face.name().shown());
            case DepartureRule.LastWindow l -> face.of() == FacedWindow.Kind.MAIN && !isOneOfMany(face);
            case DepartureRule.OnlyWhenTold o -> false;
        };
    }

    /** C2, W5: what a script that is asked whether its window may close does not have to do, or does otherwise. */
    private void beforeClosing(ScriptPlace place, Script script) {
        boolean before = place.isAt(FacedWindow.Moment.BEFORE_CLOSING);
        if (!before && !place.isAt(FacedWindow.Moment.AFTER_CLOSING) && !(place instanceof ScriptPlace.Plan)) {
            return;
        }
        Steps.walk(script, (path, step) -> {
            Place at = Place.step(place, path);
            if (before && step instanceof Step.Close close && closesItself(place, close)) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.MISPLACED_STEP,
                        at.words(design) + ": it closes the window that is being asked whether it may close.",
                        "A window that is asked gets no second request (C3); what does not refuse lets it close.",
                        at,
                        List.of(new StepRepair.RemoveStep(place, path))));
            }
            if (step instanceof Step.RunTask run && run.background()) {
                found.add(new Finding(
                        Weight.HINT,
                        Kind.MISPLACED_STEP,
                        at.words(design) + ": “" + run.task()
                                + "” is to run in the background, and is waited for there.",
                        "Before and after closing, and in the departure plan, tasks run in the foreground (W5).",
                        at,
                        List.of(new StepRepair.InForeground(place, path))));
            }
        });
    }

    private static boolean closesItself(ScriptPlace place, Step.Close close) {
        return switch (close.target()) {
            case Target.Me m -> true;
            case Target.Single(String window) -> place.ofWindow().equals(Optional.of(window));
            case Target.Every(String window) -> place.ofWindow().equals(Optional.of(window));
            case Target.Owner o -> false;
            case Target.Opener o -> false;
            case Target.Keyed k -> false;
            case Target.Kept k -> false;
        };
    }

    /** C5, D4: what these scripts may not do any more. */
    private void afterClosing(ScriptPlace place, Script script) {
        boolean after = place.isAt(FacedWindow.Moment.AFTER_CLOSING);
        boolean plan = place instanceof ScriptPlace.Plan;
        if (!after && !plan) {
            return;
        }
        Steps.walk(script, (path, step) -> {
            Optional<String> wrong =
                    switch (step) {
                        case Step.Open o when after -> Optional.of("opens " + o.window());
                        case Step.Close c when after -> Optional.of("closes a window");
                        case Step.Reach r when after -> Optional.of(r.how().words() + " moves a window");
                        case Step.EndApplication e when after -> Optional.of("ends the application");
                        default -> Optional.empty();
                    };
            wrong.ifPresent(w -> found.add(new Finding(
                    Weight.WRONG,
                    Kind.MISPLACED_STEP,
                    Place.step(place, path).words(design) + ": a script after closing " + w + ".",
                    "Nothing can be stopped any more then, and it is fault X10 (C5); do it before closing.",
                    Place.step(place, path),
                    List.of(new StepRepair.RemoveStep(place, path)))));
        });
    }
}

package bivouac.check.ending;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.StepRepair;
import bivouac.closing.Triggers;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Target;
import java.util.List;
import java.util.Optional;

/** The end of the application: one that never comes, one that is meant and not said, and what it tells who started it. */
public final class EndFindings {

    private final List<Finding> found;
    private final Design design;

    private EndFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design, Triggers triggers) {
        var findings = new EndFindings(found, design);
        findings.neverEnds(triggers);
        findings.codes();
        design.scripts().forEach(findings::inPlace);
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

    /** D6: what a start that ends tells whoever started it: a code, and why. */
    private void codes() {
        var start = new ScriptPlace.Start();
        Script script = start.in(design);
        Steps.walk(script, (path, step) -> {
            if (step instanceof Step.EndApplication end
                    && end.code().filter(c -> !c.source().strip().equals("0")).isPresent()
                    && end.saying().isEmpty()
                    && !isTold(path, script)) {
                found.add(new Finding(
                        Weight.HINT,
                        Kind.EXIT_CODE,
                        Place.step(start, path).words(design) + ": a start that failed ends, and says nothing of why.",
                        "Who started it sees nothing at all (D6); say it in a message, or behind “saying”.",
                        Place.step(start, path),
                        List.of(new StepRepair.SaySomething(start, path))));
            }
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

    /** Whether a message stands before a step, on the way that leads to it. */
    private boolean isTold(StepPath path, Script script) {
        for (int before = 1; before <= path.last(); before++) {
            boolean tells = path.next(-before)
                    .in(script)
                    .filter(s -> s instanceof Step.Open o
                            && design.window(o.window())
                                    .filter(MessageBox.class::isInstance)
                                    .isPresent())
                    .isPresent();
            if (tells) {
                return true;
            }
        }
        return path.outer().filter(o -> isTold(o, script)).isPresent();
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

    /** D1, O8: a window that opens in place of the one with which the application ends. */
    private void inPlace(ScriptPlace place, Script script) {
        String of = place.ofWindow().orElse("");
        if (!(design.application().departure() instanceof DepartureRule.WithWindow(String name)) || !name.equals(of)) {
            return;
        }
        Steps.walk(script, (path, step) -> {
            if (step instanceof Step.Open open && open.manner() instanceof Manner.InPlace) {
                Place at = Place.step(place, path);
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.WRONG_END,
                        at.words(design) + ": “" + open.window() + "” opens in place of " + of
                                + ", with which the application ends.",
                        "Closing " + of + " is asking for the end (D1), so that nothing is there to open it in; open it"
                                + " beside, or let the application end with its last window.",
                        at,
                        List.of(new StepRepair.Beside(place, path), new DesignRepair.EndsWithLastWindow())));
            }
        });
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
                        case Step.Close _,
                                Step.If _,
                                Step.EndApplication _,
                                Step.Repeat _,
                                Step.Off _,
                                Step.Plain _,
                                Step.Branching _ -> Optional.empty();
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

package bivouac.check.steps;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.GoesOn;
import bivouac.check.known.Place;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Routines;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Timer;
import bivouac.design.Window;
import bivouac.design.WorkBreaking;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What can be found on timers, named scripts, and the departure: what nothing starts, does, or can be done. */
public final class RoutineFindings {

    private final Design design;
    private final List<Finding> found;
    private final Set<String> started = new HashSet<>();
    private final Set<String> done = new HashSet<>();

    private RoutineFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    switch (step) {
                        case Step.TurnTimer(Step.TurnTimer.How how, String timer)
                        when how == Step.TurnTimer.How.START -> started.add(timer);
                        case Step.Do call -> done.add(call.script());
                        case Step.Open open
                        when place instanceof ScriptPlace.Plan && !isWaitedFor(open.manner()) ->
                            found.add(new Finding(
                                    Weight.WRONG,
                                    Kind.MISPLACED_STEP,
                                    "The departure plan opens " + open.window() + " without waiting for it.",
                                    "All windows have closed by then; opening one that nothing waits for is a fault"
                                            + " (X10). Let it wait.",
                                    Place.step(place, path),
                                    List.of(new ClosingRepair.WaitForApplication(place, path))));
                        case Step.Close _,
                                Step.If _,
                                Step.EndApplication _,
                                Step.Repeat _,
                                Step.Off _,
                                Step.Plain _,
                                Step.Branching _ -> {
                            // nothing of these
                        }
                    }
                }));
    }

    public static void into(List<Finding> found, Design design) {
        var findings = new RoutineFindings(found, design);
        // nothing does it: the rule does (W8)
        WorkBreaking.answer(design).ifPresent(answer -> findings.done.add(WorkBreaking.ANSWER));
        findings.of(Optional.empty(), design.application().routines());
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                findings.of(Optional.of(face.name().shown()), face.routines());
            }
        }
        findings.askedFirst();
        findings.dropped();
    }

    private boolean isWaitedFor(Manner manner) {
        return manner instanceof Manner.WaitsForOwner || manner instanceof Manner.WaitsForApplication;
    }

    private void of(Optional<String> window, Routines routines) {
        Place place = window.map(Place::window).orElse(Place.APPLICATION);
        String whose = window.map(w -> w + ": ").orElse("");
        for (Timer timer : routines.timers()) {
            if (timer.fires().doesNothing()) {
                var fires = new ScriptPlace.OfTimer(window, timer.name().shown());
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.DEAD_TRIGGER,
                        whose + "the timer “" + timer.name() + "” does nothing when it fires.",
                        "Whatever it waits for, nothing happens then; write what does.",
                        Place.script(fires),
                        List.of(new StepRepair.NotThereYet(fires))));
            }
            if (!started.contains(timer.name().shown())) {
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.NEVER_RUN,
                        whose + "nothing starts the timer “" + timer.name() + "”.",
                        "It never fires (V4); write start timer " + timer.name() + " where it is to begin.",
                        place,
                        List.of(new StepRepair.StartTimer(
                                window.<ScriptPlace>map(w -> new ScriptPlace.AtMoment(w, FacedWindow.Moment.OPENED))
                                        .orElseGet(ScriptPlace.Start::new),
                                timer.name().shown()))));
            }
        }
        routines.scripts().stream()
                .filter(NamedScript::answers)
                .forEach(s -> answers(s, new ScriptPlace.Named(window, s.name().shown()), whose, place));
        routines.scripts()
                .forEach(s -> Outside.of(window, s.name().shown()).ifPresent(what -> outside(what, s, window, whose)));
        routines.scripts().stream()
                .filter(s -> !done.contains(s.name().shown())
                        && Outside.of(window, s.name().shown()).isEmpty())
                .forEach(s -> found.add(new Finding(
                        Weight.RISKY,
                        Kind.NEVER_RUN,
                        whose + "nothing does “" + s.name() + "”.",
                        "Its steps are never run (W7); write do " + s.name() + " where they are meant.",
                        place,
                        List.of(new RemovalRepair.RemoveScript(window, s.name().shown())))));
    }

    /** F1: who opens a file by a double click elsewhere drops one on a window, too. */
    private void dropped() {
        boolean opens = Outside.FILES_OPENED.answer(design, Optional.empty()).isPresent();
        boolean drops = design.windows().stream().map(w -> w.name().shown()).anyMatch(w -> Outside.FILES_DROPPED
                .answer(design, Optional.of(w))
                .isPresent());
        if (opens && !drops) {
            found.add(new Finding(
                    Weight.HINT,
                    Kind.NOT_DROPPED,
                    "Files are opened from outside, and none can be dropped on a window.",
                    "“" + Outside.FILES_OPENED.script()
                            + "” answers what the system hands over; who drops a file on a window"
                            + " means the same. Type “take dropped files” where its scripts are (F1).",
                    Place.script(Outside.FILES_OPENED.in(Optional.empty())),
                    List.of()));
        }
    }

    /** F1: what nothing hands a script it cannot read, and nobody waits for its answer. */
    private void outside(Outside what, NamedScript script, Optional<String> window, String whose) {
        Place place = Place.script(what.in(window));
        what.notHanded(script)
                .forEach(take -> found.add(new Finding(
                        Weight.WRONG,
                        Kind.NOT_HANDED_OVER,
                        whose + "nothing hands “" + script.name() + "” its " + take.name() + ".",
                        "It is done by what comes from outside (F1), which hands it "
                                + what.take().name() + ", a " + what.take().type() + ", and nothing else.",
                        place,
                        List.of())));
        if (script.answers()) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.UNUSED,
                    whose + "nobody waits for what “" + script.name() + "” ends as.",
                    "What comes from outside begins it (F1) and goes on with no branch; take its endings away.",
                    place,
                    List.of()));
        }
        boolean hasNoFile = window.flatMap(design::faced)
                .filter(f -> f.fileTakes().isEmpty() && f.fileVariables().isEmpty())
                .isPresent();
        if (what.isOfOpenFile() && hasNoFile) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.NEVER_RUN,
                    whose + "“" + script.name() + "” is never done: the window has no file open.",
                    "A file that a window has open stands in a take or a value of its own of the type file (F3).",
                    place,
                    List.of()));
        }
    }

    /** W11: what a script says that it can end as, it ends as somewhere, and it ends as something whatever it does. */
    private void answers(NamedScript script, ScriptPlace.Named at, String whose, Place place) {
        var returned = new HashSet<String>();
        Steps.walk(script.script(), (path, step) -> {
            if (step instanceof Step.Return back) {
                returned.add(back.ending());
            }
        });
        script.endings().stream()
                .map(Ending::name)
                .filter(e -> !returned.contains(e))
                .forEach(e -> found.add(new Finding(
                        Weight.RISKY,
                        Kind.UNUSED,
                        whose + "the script “" + script.name() + "” never ends as “" + e + "”.",
                        "Who answers that is never run (W11); write return " + e + " where it is meant.",
                        Place.script(at),
                        List.of(new RemovalRepair.RemoveAnswer(at, e)))));
        if (!returned.isEmpty() && new GoesOn(design, at).after(script.script())) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.MISSING_BRANCH,
                    whose + "the script “" + script.name() + "” can reach its end without saying how it ended.",
                    "Who does it goes on behind its step then, in none of the branches (W11).",
                    Place.script(at),
                    script.endings().stream()
                            .filter(e -> e.gives().isEmpty())
                            .map(e -> (Repair) new StepRepair.ReturnAtTheEnd(at, e.name()))
                            .toList()));
        }
    }

    private void askedFirst() {
        for (String name : design.application().leaving().asked()) {
            if (design.window(name).isEmpty()) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.DANGLING,
                        "“" + name
                                + "” is to be asked first when the application departs, and there is no such window.",
                        "The others are asked in the order of the design (D2).",
                        Place.APPLICATION,
                        List.of(new RemovalRepair.NotAskedFirst(name))));
            }
        }
    }
}

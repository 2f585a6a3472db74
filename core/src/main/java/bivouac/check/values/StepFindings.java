package bivouac.check.values;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.Fitting;
import bivouac.check.ways.HandedRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Unanswered;
import bivouac.design.Variable;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.expression.Proposed;
import bivouac.plan.Program;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What can be found on single steps: windows that are not there, endings without a branch, values not handed over. */
public final class StepFindings {

    private StepFindings() {}

    public static void into(List<Finding> found, Program program) {
        Design design = program.design();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    switch (step) {
                        case Step.Open open -> open(found, program, open, place, path);
                        case Step.RunTask run -> run(found, program, run, place, path);
                        case Step.TakeHolding take -> take(found, design, take, place, path);
                        case Step.GiveBack back -> giveBack(found, design, back, place, path);
                        case Step.Do call -> done(found, design, call, place, path);
                        case Step.TurnTimer turn
                        when !isThere(design, place, r -> r.timer(turn.timer()).isPresent()) ->
                            found.add(dangling(
                                    place,
                                    path,
                                    place.words() + ": there is no timer “" + turn.timer() + "” to "
                                            + turn.how()
                                                    .words()
                                                    .substring(
                                                            0,
                                                            turn.how().words().indexOf(' ')) + ".",
                                    "."));
                        case Step.StayOpen stay
                        when !place.isAt(FacedWindow.Moment.BEFORE_CLOSING)
                                && !isDoneBy(design, place, p -> p.isAt(FacedWindow.Moment.BEFORE_CLOSING)) ->
                            found.add(misplaced(
                                    place,
                                    path,
                                    "“stay open” refuses nothing here.",
                                    "Only the script before closing is asked (C2); move the step there."));
                        case Step.KeepRow keep
                        when !place.isAt(Part.RowMoment.BEFORE_REMOVING)
                                && !isDoneBy(design, place, p -> p.isAt(Part.RowMoment.BEFORE_REMOVING)) ->
                            found.add(misplaced(
                                    place,
                                    path,
                                    "“keep the row” keeps nothing here.",
                                    "Only a list's script before removing is asked (P2); move the step there."));
                        case Step.Close close -> ending(found, program, close, place, path);
                        case Step.KeptValues kept
                        when design.application().variables().stream().noneMatch(Variable::kept) ->
                            found.add(new Finding(
                                    Weight.RISKY,
                                    Kind.UNUSED,
                                    Place.step(place, path).words(design) + ": “"
                                            + kept.how().words() + "”, and no value of the application is kept.",
                                    "Nothing outlives the run (D6); mark the values that are to be kept.",
                                    Place.step(place, path),
                                    List.of(new StepRepair.RemoveStep(place, path))));
                        case Step.If _, Step.EndApplication _, Step.Repeat _, Step.Off _, Step.Plain _ -> {
                            // its expressions are checked where they are compiled
                        }
                    }
                }));
    }

    /** W7: the steps of a named script stand where it is done, by whatever way round. */
    private static boolean isDoneBy(Design design, ScriptPlace place, Predicate<ScriptPlace> asking) {
        if (!(place instanceof ScriptPlace.Named named)) {
            return false;
        }
        var done = new HashSet<String>();
        var waiting = new ArrayDeque<Script>();
        design.scripts().forEach((p, script) -> {
            if (asking.test(p)) {
                waiting.add(script);
            }
        });
        while (!waiting.isEmpty()) {
            Steps.walk(waiting.poll(), (path, step) -> {
                if (step instanceof Step.Do call && done.add(call.script())) {
                    design.scripts().forEach((p, script) -> {
                        if (p instanceof ScriptPlace.Named n && n.name().equals(call.script())) {
                            waiting.add(script);
                        }
                    });
                }
            });
        }
        return done.contains(named.name());
    }

    /** Whether the window whose script it is has it, or else the application. */
    private static boolean isThere(Design design, ScriptPlace place, Predicate<Routines> has) {
        return has.test(ScriptPlace.routines(design, place.ofWindow()))
                || has.test(design.application().routines());
    }

    private static Finding misplaced(ScriptPlace place, StepPath path, String what, String why) {
        return new Finding(
                Weight.RISKY,
                Kind.MISPLACED_STEP,
                place.words() + ": " + what,
                why,
                Place.step(place, path),
                List.of(new StepRepair.RemoveStep(place, path)));
    }

    /** A close step that names no ending leads to the usual one, whose values it has to give as well (C1, C6). */
    private static void ending(
            List<Finding> found, Program program, Step.Close close, ScriptPlace place, StepPath path) {
        Design design = program.design();
        Optional<Window> closes = close.target().windowFrom(place).flatMap(design::window);
        Optional<Ending> ending = closes.flatMap(w -> close.ending()
                .or(() -> w instanceof FacedWindow face ? Optional.of(WaysOut.usualEnding(face)) : Optional.empty())
                .flatMap(w::ending));
        ending.ifPresent(e -> {
            List<Ending.Give> left = e.gives().stream()
                    .filter(g -> close.gives().stream()
                            .noneMatch(v -> v.name().equals(g.name().expression())))
                    .toList();
            String missing = left.stream().map(g -> g.name().shown()).collect(Collectors.joining(", "));
            if (!left.isEmpty()) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.NOT_HANDED_OVER,
                        place.words() + ": “" + e.name() + "” gives " + missing + ", and this step does not say what.",
                        "Whoever waits reads a value that is not there (X3).",
                        Place.step(place, path),
                        left.stream()
                                .flatMap(g -> say(program, place, path, g.name(), g.type()).stream())
                                .toList()));
            }
        });
    }

    /** The step says a value of that name, or an empty one. */
    private static Optional<Repair> say(Program program, ScriptPlace place, StepPath path, Name name, Type type) {
        return Fitting.value(program, place, path, name, type)
                .map(v -> new HandedRepair.Say(place, path, name.expression(), v));
    }

    private static void open(List<Finding> found, Program program, Step.Open open, ScriptPlace place, StepPath path) {
        Design design = program.design();
        Optional<Window> window = design.window(open.window());
        if (window.isEmpty()) {
            String what = open.window().isBlank()
                    ? place.words() + ": the step opens no window yet."
                    : place.words() + " opens “" + open.window() + "”, and there is no window of that name.";
            List<Repair> repairs = new ArrayList<>();
            if (!open.window().isBlank()) {
                repairs.add(new DesignRepair.MakeWindow(
                        open.window(),
                        open.manner().isWaiting() ? FacedWindow.Kind.DIALOG : FacedWindow.Kind.CHILD,
                        open.branches().stream().map(Step.Branch::ending).toList()));
            }
            repairs.add(new StepRepair.RemoveStep(place, path));
            found.add(dangling(place, path, what, ".", repairs));
            return;
        }
        var opened = new Led(window.get().name().shown(), "opens", window.get().takes(), design.endingsOf(place, open));
        notHandedOver(found, program, opened, open.handOver(), place, path);
        branches(found, design, opened, open, place, path);
    }

    /** What a step leads to: a window that it opens, or a task that it runs. */
    private record Led(String name, String verb, List<Take> takes, List<Ending> endings) {}

    private static void run(List<Finding> found, Program program, Step.RunTask run, ScriptPlace place, StepPath path) {
        Design design = program.design();
        Optional<Task> task = design.application().task(run.task());
        if (task.isEmpty()) {
            String what = place.words() + " runs “" + run.task() + "”, and there is no task of that name.";
            found.add(dangling(place, path, what, "; type run new " + run.task() + "."));
            return;
        }
        var ran = new Led(task.get().name().shown(), "runs", task.get().takes(), design.branchesOf(place, run));
        notHandedOver(found, program, ran, run.handOver(), place, path);
        branches(found, design, ran, run, place, path);
    }

    private static void done(List<Finding> found, Design design, Step.Do call, ScriptPlace place, StepPath path) {
        Optional<NamedScript> script = Done.script(design, place, call);
        if (script.isEmpty()) {
            String what = place.words() + " does “" + call.script() + "”, and there is no script of that name.";
            found.add(dangling(place, path, what, "."));
            return;
        }
        var does = new Led(
                script.get().name().shown(), "does", List.of(), script.get().endings());
        branches(found, design, does, call, place, path);
        if (call.isEvery()) {
            notStopping(found, call, does, place, path);
        }
    }

    /** W12: of a script that is done in every window, an ending leads into a branch only where it is the last. */
    private static void notStopping(List<Finding> found, Step.Do call, Led does, ScriptPlace place, StepPath path) {
        does.endings().stream()
                .map(Ending::name)
                .filter(call::answers)
                .filter(e -> !call.until().contains(e))
                .forEach(e -> found.add(new Finding(
                        Weight.RISKY,
                        Kind.NEVER_RUN,
                        place.words() + ": the steps under “when " + e + "” are never run.",
                        "Only an ending at which the other windows are left has a branch; write until " + e
                                + ", or do it in “" + does.name() + "” itself (W12).",
                        Place.step(place, path),
                        List.of(new StepRepair.Until(place, path, e)))));
    }

    private static void take(
            List<Finding> found, Design design, Step.TakeHolding take, ScriptPlace place, StepPath path) {
        Optional<Holding> holding = design.application().holding(take.holding());
        if (holding.isEmpty()) {
            found.add(noHolding(place, "takes", take.holding(), path));
        } else if (holding.get().mayFail()) {
            couldNot(found, take, take.holding() + " could not be taken", place, path);
        }
    }

    private static void giveBack(
            List<Finding> found, Design design, Step.GiveBack back, ScriptPlace place, StepPath path) {
        Optional<Holding> holding = design.application().holding(back.holding());
        if (holding.isEmpty()) {
            found.add(noHolding(place, "gives back", back.holding(), path));
        } else if (holding.get().mayStay()) {
            couldNot(found, back, back.holding() + " could not be given back", place, path);
        }
    }

    private static void couldNot(
            List<Finding> found, Step.Branching step, String what, ScriptPlace place, StepPath path) {
        if (!step.answers(Ending.COULD_NOT.name())) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.MISSING_BRANCH,
                    place.words() + " does not say what happens when " + what + ".",
                    "It may fail, and is then a fault (X1); write when could not.",
                    Place.step(place, path),
                    List.of(new StepRepair.AddBranch(place, path, Ending.COULD_NOT.name()))));
        }
    }

    private static Finding noHolding(ScriptPlace place, String does, String holding, StepPath path) {
        String what = place.words() + " " + does + " “" + holding + "”, and there is no holding of that name.";
        return dangling(place, path, what, "; type take new " + holding + ".");
    }

    /** A step that names what is not there. */
    private static Finding dangling(ScriptPlace place, StepPath path, String what, String remedy) {
        return dangling(place, path, what, remedy, List.of(new StepRepair.RemoveStep(place, path)));
    }

    private static Finding dangling(
            ScriptPlace place, StepPath path, String what, String remedy, List<? extends Repair> repairs) {
        return new Finding(
                Weight.WRONG,
                Kind.DANGLING,
                what,
                "The rehearsal stops with a fault when it gets there" + remedy,
                Place.step(place, path),
                List.copyOf(repairs));
    }

    private static void notHandedOver(
            List<Finding> found, Program program, Led led, List<Given> handOver, ScriptPlace place, StepPath path) {
        for (Take take : led.takes()) {
            boolean given =
                    handOver.stream().anyMatch(g -> g.name().equals(take.name().expression()));
            if (take.byDefault().isEmpty() && !given) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.NOT_HANDED_OVER,
                        place.words() + " " + led.verb() + " " + led.name() + " without handing over “" + take.name()
                                + "”.",
                        led.name() + " takes a " + take.type() + " that has no default (O2).",
                        Place.step(place, path),
                        Stream.concat(
                                        say(program, place, path, take.name(), take.type()).stream(),
                                        Proposed.empty(take.type()).stream()
                                                .map(v -> new HandedRepair.Default(
                                                        place, path, take.name().expression(), v)))
                                .toList()));
            }
        }
    }

    private static void branches(
            List<Finding> found, Design design, Led led, Step.Branching open, ScriptPlace place, StepPath path) {
        List<Ending> endings = led.endings();
        for (Step.Branch branch : open.branches()) {
            boolean known = endings.stream().anyMatch(e -> e.name().equals(branch.ending()));
            if (!known && !branch.ending().equals(WaysOut.CLOSED)) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.DANGLING,
                        place.words() + ": " + led.name() + " has no ending “" + branch.ending() + "”.",
                        "The steps under it are never run.",
                        Place.step(place, path),
                        List.of(new StepRepair.RemoveBranch(place, path, branch.ending()))));
            }
        }
        Unanswered.of(design, place, open).stream().filter(Unanswered::ought).forEach(u -> {
            Ending ending = u.ending();
            String why = ending.gives().isEmpty()
                    ? "Its other endings are answered; write what happens then, or “nothing, on purpose”."
                    : "It gives values back that nobody uses; write what happens then.";
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.MISSING_BRANCH,
                    place.words() + " does not say what happens when " + led.name() + " ends " + ending.name() + ".",
                    why,
                    Place.step(place, path),
                    List.of(answering(place, path, ending.name()))));
        });
    }

    /** An answer whose words say that all stays as it was refuses, where something can be refused. */
    private static Repair answering(ScriptPlace place, StepPath path, String ending) {
        boolean asked = place.isAt(FacedWindow.Moment.BEFORE_CLOSING) || place.isAt(Part.RowMoment.BEFORE_REMOVING);
        return asked && Said.KEEPS_THE_ROW.by(ending)
                ? new ClosingRepair.RefuseWhen(place, path, ending)
                : new StepRepair.AddBranch(place, path, ending);
    }
}

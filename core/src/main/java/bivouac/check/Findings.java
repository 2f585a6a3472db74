package bivouac.check;

import bivouac.check.closing.AnswerFindings;
import bivouac.check.closing.ClosingFindings;
import bivouac.check.closing.GoesOnAllTheSameFindings;
import bivouac.check.closing.NeverSetFindings;
import bivouac.check.closing.NotLeavingFindings;
import bivouac.check.closing.QuestionFindings;
import bivouac.check.closing.RefusalFindings;
import bivouac.check.closing.SameDoneFindings;
import bivouac.check.closing.SavedTooSoonFindings;
import bivouac.check.closing.UnaskedFindings;
import bivouac.check.closing.UnmarkedFindings;
import bivouac.check.closing.UnsavedFindings;
import bivouac.check.closing.WayFindings;
import bivouac.check.ending.DepartureFindings;
import bivouac.check.ending.EndFindings;
import bivouac.check.ending.HoldingFindings;
import bivouac.check.ending.MeantEndFindings;
import bivouac.check.ending.UnansweredStartFindings;
import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Beside;
import bivouac.check.known.MessageRules;
import bivouac.check.known.Place;
import bivouac.check.situations.ExploredFindings;
import bivouac.check.steps.DeadStepFindings;
import bivouac.check.steps.HiddenFindings;
import bivouac.check.steps.ProgressFindings;
import bivouac.check.steps.RepeatFindings;
import bivouac.check.steps.RoutineFindings;
import bivouac.check.steps.StaysDisabledFindings;
import bivouac.check.steps.WorkBreaksFindings;
import bivouac.check.texts.NameFindings;
import bivouac.check.texts.PictureFindings;
import bivouac.check.texts.WindowFindings;
import bivouac.check.values.BroughtBackFindings;
import bivouac.check.values.FileUseFindings;
import bivouac.check.values.GuardFindings;
import bivouac.check.values.StepFindings;
import bivouac.check.values.UnusedFindings;
import bivouac.check.values.WhomFindings;
import bivouac.check.ways.ExpressionRepair;
import bivouac.check.ways.Fitting;
import bivouac.check.ways.ReadyMadeRepair;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.closing.Closings;
import bivouac.closing.Triggers;
import bivouac.design.Design;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.explore.Explored;
import bivouac.expression.Problem;
import bivouac.plan.Program;
import bivouac.plan.Trouble;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Everything that can be found in a design without acting it out, in the order of the design. Never throws for a wrong
 * design, and never stops at the first.
 */
public final class Findings {

    private Findings() {}

    /** The findings, parted into open and accepted ones. */
    public static Checked checked(Program program, Beside beside) {
        return Checked.of(program.design(), of(program, beside), false);
    }

    /** The same, with what the situations of the program show. */
    public static Checked checked(Program program, Beside beside, Explored explored) {
        return Checked.of(
                program.design(), ExploredFindings.with(program, of(program, beside), explored), explored.isComplete());
    }

    public static List<Finding> of(Program program) {
        return of(program, Beside.UNKNOWN);
    }

    /** As {@link #of(Program)}, with the pictures that lie beside the design looked at. */
    public static List<Finding> of(Program program, Beside beside) {
        Design design = program.design();
        var found = new ArrayList<Finding>();
        NameFindings.into(found, design);
        WindowFindings.into(found, design);
        StepFindings.into(found, program);
        RoutineFindings.into(found, design);
        WorkBreaksFindings.into(found, design);
        ProgressFindings.into(found, design);
        ClosingFindings.into(found, program);
        var triggers = new Triggers(design);
        Closings closings = Closings.of(program, triggers);
        UnaskedFindings.into(found, design, closings);
        UnsavedFindings.into(found, design, closings);
        RefusalFindings.into(found, design, closings);
        QuestionFindings.into(found, design, triggers);
        AnswerFindings.into(found, design);
        WayFindings.into(found, design);
        EndFindings.into(found, design, triggers);
        MeantEndFindings.into(found, design);
        NotLeavingFindings.into(found, design);
        DepartureFindings.into(found, design);
        SavedTooSoonFindings.into(found, design);
        FileUseFindings.into(found, design);
        BroughtBackFindings.into(found, design);
        GoesOnAllTheSameFindings.into(found, design);
        SameDoneFindings.into(found, design);
        NeverSetFindings.into(found, design);
        UnmarkedFindings.into(found, design);
        StaysDisabledFindings.into(found, design);
        UnansweredStartFindings.into(found, design);
        HoldingFindings.into(found, design);
        DeadStepFindings.into(found, design);
        RepeatFindings.into(found, design);
        UnusedFindings.into(found, program);
        WhomFindings.into(found, program);
        HiddenFindings.into(found, design);
        GuardFindings.into(found, program);
        PictureFindings.into(found, design, beside);
        messages(found, design);
        expressions(found, program);
        found.sort(java.util.Comparator.comparing(Finding::weight));
        return List.copyOf(found);
    }

    /** Of the house rules only those whose breaking can harm are findings; the rest is for the Messages screen. */
    private static void messages(List<Finding> found, Design design) {
        for (MessageRules.Kept kept : MessageRules.of(design)) {
            if (kept.rule() == MessageRules.Rule.QUESTION || kept.rule() == MessageRules.Rule.SAFE_DEFAULT) {
                kept.differ()
                        .forEach(r -> found.add(new Finding(
                                Weight.RISKY,
                                Kind.MESSAGE,
                                r.box() + ": " + r.sentence(),
                                kept.rule() == MessageRules.Rule.QUESTION
                                        ? "A person cannot tell what the buttons answer."
                                        : "Enter is pressed without reading; let it be the answer that loses nothing.",
                                Place.window(r.box()),
                                r.repair().stream()
                                        .<Repair>map(p -> new ReadyMadeRepair.ChangeBox(r.box(), r.rule(), p.words()))
                                        .toList())));
            }
        }
    }

    /** One name that is wrong several times in an expression is told once. */
    private record Told(Place place, String what) {}

    private static void expressions(List<Finding> found, Program program) {
        Set<Told> told = new HashSet<>();
        for (Trouble trouble : program.troubles()) {
            Place place =
                    switch (trouble.where()) {
                        case Trouble.Where.InStep(var ref, var inner) -> Place.step(ref.place(), ref.path(), inner);
                        case Trouble.Where.OnWindow(String window, String part) ->
                            part.isEmpty() ? Place.window(window) : Place.part(window, part);
                        case Trouble.Where.InApplication a -> Place.APPLICATION;
                        case Trouble.Where.InPromise p -> Place.APPLICATION;
                    };
            String what = words(place, trouble, program.design()) + ": "
                    + sentence(trouble.problem().message());
            if (!told.add(new Told(place, what))) {
                continue;
            }
            boolean promised = trouble.where() instanceof Trouble.Where.InPromise;
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.EXPRESSION,
                    what,
                    promised
                            ? "It is not checked before it can be understood."
                            : "The rehearsal stops with a fault when it gets there.",
                    place,
                    meant(program.design(), place, trouble)));
        }
    }

    /** What was probably meant; else a step that cannot be done does nothing until it is mended. */
    private static List<Repair> meant(Design design, Place place, Trouble trouble) {
        Problem problem = trouble.problem();
        if (problem.instead().isPresent()) {
            String instead = problem.instead().get();
            return List.of(new ExpressionRepair(
                    place, trouble.source(), problem.from(), problem.to(), instead, "Write " + instead));
        }
        if (place.script().isEmpty() || place.step().isEmpty()) {
            return design.promises().stream()
                    .filter(p -> trouble.where() instanceof Trouble.Where.InPromise
                            && trouble.what().contains("“" + p.sentence() + "”"))
                    .<Repair>map(RemovalRepair.RemovePromise::new)
                    .toList();
        }
        ScriptPlace script = place.script().get();
        StepPath path = place.step().get();
        List<Repair> strangers = Fitting.strangers(design, script, path, trouble.what());
        return strangers.isEmpty() ? List.of(new StepRepair.SwitchOff(script, path)) : strangers;
    }

    private static String sentence(String message) {
        return message.endsWith("?") ? message : message + ".";
    }

    /** Where it is, and where that is no step, which of the texts and expressions there. */
    private static String words(Place place, Trouble trouble, Design design) {
        String words = place.words(design);
        return trouble.where() instanceof Trouble.Where.InStep ? words : words + ", " + trouble.what();
    }
}

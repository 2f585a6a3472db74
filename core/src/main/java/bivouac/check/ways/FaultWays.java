package bivouac.check.ways;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.Manner;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Target;
import bivouac.design.Window;
import bivouac.machine.Fault;
import bivouac.plan.StepRef;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Ways to put right a fault that can be reached (X1 to X10): what asks before the step, and that it goes. */
public final class FaultWays {

    private final Design design;

    public FaultWays(Design design) {
        this.design = design;
    }

    public List<Repair> of(Fault fault) {
        Optional<StepRef> where = fault.where();
        if (where.isEmpty()) {
            return fault.rule() == Fault.Rule.X5 ? unseen() : List.of();
        }
        ScriptPlace place = where.get().place();
        StepPath path = where.get().path();
        return path.in(place.in(design))
                .map(step -> Stream.concat(
                                asking(fault.rule(), place, path, step).stream(),
                                Stream.of(new StepRepair.RemoveStep(place, path)))
                        .toList())
                .orElse(List.of());
    }

    private List<Repair> unseen() {
        return design.application().departure() instanceof DepartureRule.OnlyWhenTold
                ? List.of(new DesignRepair.EndsWithLastWindow())
                : List.of();
    }

    private List<Repair> asking(Fault.Rule rule, ScriptPlace place, StepPath path, Step step) {
        return switch (rule) {
            case X1 -> List.of(new StepRepair.AddBranch(place, path, Ending.COULD_NOT.name()));
            case X2 -> awaited(place, path, step);
            case X3 -> open(place, path, step);
            case X6 -> once(step);
            case X7 ->
                step instanceof Step.Open open
                        ? name(open.window())
                                .<Repair>map(n -> new StepRepair.OnlyIf(place, path, "!isOpen(" + n + ")"))
                                .stream()
                                .toList()
                        : List.of();
            case X8 ->
                step instanceof Step.RunTask run
                        ? List.of(new StepRepair.Write(
                                place,
                                path,
                                new Step.StopTask(run.task()),
                                "Stop it first",
                                run.task() + " is stopped if it still runs, and then begins again."))
                        : List.of();
            case X11 ->
                List.of(
                        new DesignRepair.SayWhenWorkBreaks(),
                        new StepRepair.AddBranch(place, path, Ending.BROKE.name()));
            case X4, X5, X9, X10 -> List.of();
        };
    }

    /** While nothing else can be used, whoever waits stays. */
    private static List<Repair> awaited(ScriptPlace place, StepPath path, Step step) {
        return switch (step) {
            case Step.Open open
            when open.manner() instanceof Manner.WaitsForOwner ->
                List.of(new ClosingRepair.WaitForApplication(place, path));
            case Step.RunTask run when run.background() -> List.of(new StepRepair.InForeground(place, path));
            case Step.Close _,
                    Step.If _,
                    Step.EndApplication _,
                    Step.Repeat _,
                    Step.Off _,
                    Step.Plain _,
                    Step.Branching _ -> List.of();
        };
    }

    /** Of a window of which there is one only can be asked whether it is open. */
    private List<Repair> open(ScriptPlace place, StepPath path, Step step) {
        boolean isNeeded = step instanceof Step.Let || step instanceof Step.If || step instanceof Step.Repeat;
        return isNeeded
                ? List.of()
                : named(step).stream()
                        .<Repair>map(n -> new StepRepair.OnlyIf(place, path, "isOpen(" + n + ")"))
                        .toList();
    }

    private List<String> named(Step step) {
        var names = new ArrayList<String>();
        Optional<Target> target = step.pieces().target();
        target.filter(Target.Single.class::isInstance)
                .flatMap(t -> name(((Target.Single) t).window()))
                .ifPresent(names::add);
        List<String> sources =
                step.pieces().expressions().stream().map(Expression::source).toList();
        design.windows().stream()
                .filter(w -> names.isEmpty())
                .flatMap(w -> name(w.name().shown()).stream())
                .filter(n -> sources.stream().anyMatch(s -> Pattern.compile("(?<![\\w.])" + Pattern.quote(n) + "\\.")
                        .matcher(s)
                        .find()))
                .forEach(names::add);
        return names;
    }

    /** What isOpen calls a window, which can be asked where there is one only. */
    private Optional<String> name(String window) {
        return design.faced(window).filter(f -> f.isOneOnly()).map(Window::name).map(n -> n.expression());
    }

    private List<Repair> once(Step step) {
        return step instanceof Step.Open open
                        && design.faced(open.window())
                                .filter(f -> !f.isOneOnly())
                                .isPresent()
                ? List.of(new DesignRepair.OneAtATime(open.window(), Optional.empty()))
                : List.of();
    }
}

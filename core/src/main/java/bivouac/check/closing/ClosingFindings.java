package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Manner;
import bivouac.design.Picker;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Target;
import bivouac.design.WaysIn;
import bivouac.design.Window;
import bivouac.plan.Program;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Steps behind the one that closes their own window. They run only where that is refused (W6); so where nothing can
 * refuse, they never run.
 */
public final class ClosingFindings {

    private final Program program;
    private final Design design;
    private final List<Finding> found;

    private ClosingFindings(List<Finding> found, Program program) {
        this.found = found;
        this.program = program;
        this.design = program.design();
    }

    public static void into(List<Finding> found, Program program) {
        var findings = new ClosingFindings(found, program);
        program.design().scripts().forEach((place, script) -> {
            if (place.ofWindow().isPresent() && !place.isAt(FacedWindow.Moment.BEFORE_CLOSING)) {
                findings.script(place, script);
            }
        });
    }

    private void script(ScriptPlace place, Script script) {
        Steps.walk(script, (path, step) -> {
            if (step instanceof Step.Close close && closesItself(close, place)) {
                after(path, script)
                        .filter(next -> !isLater(path, script) && nothingRefuses(close, place, path))
                        .ifPresent(next -> found.add(finding(place, script, path, next)));
            }
        });
    }

    private static Finding finding(ScriptPlace place, Script script, StepPath close, StepPath next) {
        String window = place.ofWindow().orElseThrow();
        return new Finding(
                Weight.RISKY,
                Kind.NEVER_RUN,
                place.words() + ": step " + next.number(script) + " is never run, since step " + close.number(script)
                        + " closes " + window + " and nothing can refuse that.",
                "A script ends where its window closes (W6); put what is still to be done before that step.",
                Place.step(place, next),
                List.of(new StepRepair.RemoveStep(place, next)));
    }

    private static boolean closesItself(Step.Close close, ScriptPlace place) {
        return close.target() instanceof Target.Me
                || close.target() instanceof Target.Single(String name)
                        && place.ofWindow().filter(name::equals).isPresent();
    }

    /** The next step of the same script that is switched on. */
    private static Optional<StepPath> after(StepPath path, Script script) {
        for (int by = 1; ; by++) {
            StepPath next = path.next(by);
            Optional<Step> step = next.in(script);
            if (step.isEmpty()) {
                return Optional.empty();
            }
            if (!(step.get() instanceof Step.Off)) {
                return Optional.of(next);
            }
        }
    }

    /** A branch that runs later may run while something asks its window, and then C3 refuses. */
    private static boolean isLater(StepPath path, Script script) {
        return path.outer()
                .map(outer -> outer.in(script)
                                .filter(s -> s instanceof Step.RunTask run && run.background()
                                        || s instanceof Step.Open open && open.manner() instanceof Manner.Alongside)
                                .isPresent()
                        || isLater(outer, script))
                .orElse(false);
    }

    private boolean nothingRefuses(Step.Close close, ScriptPlace place, StepPath path) {
        String window = place.ofWindow().orElseThrow();
        boolean valuesHold = close.gives().stream()
                .noneMatch(g -> program.compileAt(place, path, g.value()).mayFault());
        return valuesHold
                && (isEndOfAll(window)
                        ? design.windows().stream().noneMatch(this::canRefuse)
                        : !canRefuse(window) && mayOwn(window).stream().noneMatch(this::canRefuse));
    }

    private boolean isEndOfAll(String window) {
        return design.application().departure() instanceof bivouac.design.DepartureRule.WithWindow(String name)
                && name.equals(window);
    }

    private boolean canRefuse(String window) {
        return design.window(window).filter(this::canRefuse).isPresent();
    }

    /** It asks something, or is a file dialog or picker, which cannot be taken away (C3). */
    private boolean canRefuse(Window window) {
        return switch (window) {
            case FacedWindow face ->
                !face.moment(FacedWindow.Moment.BEFORE_CLOSING).doesNothing();
            case FileDialog dialog -> true;
            case Picker picker -> true;
            case bivouac.design.MessageBox box -> false;
        };
    }

    /** What a window may come to own, and what that may own: what its scripts open, or say that it owns (O5). */
    private Set<String> mayOwn(String window) {
        var owned = new HashSet<String>();
        var open = new java.util.ArrayDeque<>(List.of(window));
        List<WaysIn.WayIn> ways = WaysIn.of(design);
        while (!open.isEmpty()) {
            String owner = open.poll();
            ways.stream()
                    .filter(w -> w.open().ownedBy().isPresent()
                            || w.place().ofWindow().filter(owner::equals).isPresent())
                    .map(w -> w.open().window())
                    .filter(owned::add)
                    .forEach(open::add);
        }
        return owned;
    }
}

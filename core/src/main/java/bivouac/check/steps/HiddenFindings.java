package bivouac.check.steps;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Target;
import bivouac.design.WaysIn;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A window that is brought back while its owner is hidden stays hidden with it (C9, O3), and nobody sees it. */
public final class HiddenFindings {

    private final Design design;
    private final List<WaysIn.WayIn> ways;

    private HiddenFindings(Design design) {
        this.design = design;
        this.ways = WaysIn.of(design);
    }

    public static void into(List<Finding> found, Design design) {
        var findings = new HiddenFindings(design);
        Set<String> hidden = findings.hidden();
        if (!hidden.isEmpty()) {
            design.scripts()
                    .forEach((place, script) -> Steps.walk(script, (path, step) -> findings.broughtBack(step, place)
                            .ifPresent(window -> findings.hiddenOwner(window, place, hidden)
                                    .ifPresent(owner -> found.add(finding(place, window, owner, path))))));
        }
    }

    private static Finding finding(ScriptPlace place, String window, String owner, bivouac.design.StepPath path) {
        return new Finding(
                Weight.RISKY,
                Kind.STAYS_HIDDEN,
                place.words() + ": " + window + " stays hidden if its owner " + owner + " is hidden then.",
                "An owned window is on the screen only with its owner (C9); show " + owner + " first.",
                Place.step(place, path),
                List.of(new StepRepair.Write(
                        place,
                        path,
                        new Step.Reach(Step.Reach.How.SHOW, new Target.Single(owner)),
                        "Show " + owner + " first",
                        owner + " is shown before it.")));
    }

    /** The windows that some step hides. */
    private Set<String> hidden() {
        var hidden = new HashSet<String>();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.Reach(Step.Reach.How how, Target target) && how == Step.Reach.How.HIDE) {
                        target.windowFrom(place).ifPresent(hidden::add);
                        if (target instanceof Target.Owner || target instanceof Target.Opener) {
                            place.ofWindow().ifPresent(w -> hidden.addAll(openers(w)));
                        }
                    }
                }));
        return hidden;
    }

    private Set<String> openers(String window) {
        var openers = new HashSet<String>();
        ways.stream()
                .filter(w -> w.open().window().equals(window))
                .forEach(w -> w.place().ofWindow().ifPresent(openers::add));
        return openers;
    }

    /** The window that a step may bring back or show. */
    private Optional<String> broughtBack(Step step, ScriptPlace place) {
        return switch (step) {
            case Step.Open open ->
                design.faced(open.window())
                        .filter(f -> !(f.instancesOrUsual() instanceof Instances.Many))
                        .map(f -> f.name().shown());
            case Step.Reach(Step.Reach.How how, Target target)
            when how != Step.Reach.How.HIDE && !(target instanceof Target.Me) -> target.windowFrom(place);
            case Step.Close _,
                    Step.If _,
                    Step.EndApplication _,
                    Step.Repeat _,
                    Step.Off _,
                    Step.Plain _,
                    Step.Branching _ -> Optional.empty();
        };
    }

    /** An owner of the window that may be hidden while this script runs: not its own, nor one that is hidden with it. */
    private Optional<String> hiddenOwner(String window, ScriptPlace place, Set<String> hidden) {
        boolean ownable = design.faced(window)
                .filter(f -> f.owned() && f.of() != FacedWindow.Kind.MAIN)
                .isPresent();
        return !ownable
                ? Optional.empty()
                : openers(window).stream()
                        .filter(hidden::contains)
                        .filter(owner ->
                                !place.ofWindow().filter(w -> isWith(w, owner)).isPresent())
                        .sorted()
                        .findFirst();
    }

    /** Whether the scripts of {@code window} run only while {@code owner} is to be seen: it is that, or owned by it. */
    private boolean isWith(String window, String owner) {
        return window.equals(owner)
                || design.faced(window).filter(FacedWindow::owned).isPresent()
                        && openers(window).equals(Set.of(owner));
    }
}

package bivouac.check.values;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.DesignRepair;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FacedWindow.Moment;
import bivouac.design.Instances;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Sources;
import bivouac.design.Take;
import bivouac.design.WaysIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A window that is brought back with other values (O3), and looks at them only when it opens: what it shows is what it was
 * handed first.
 */
public final class BroughtBackFindings {

    private BroughtBackFindings() {}

    public static void into(List<Finding> found, Design design) {
        design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(FacedWindow.class::cast)
                .filter(f -> !(f.instancesOrUsual() instanceof Instances.Many))
                .filter(f -> f.moment(Moment.BROUGHT_BACK).doesNothing())
                .forEach(f -> face(found, design, f));
    }

    private static void face(List<Finding> found, Design design, FacedWindow face) {
        Optional<String> key =
                face.instancesOrUsual() instanceof Instances.OneForEach(String k) ? Optional.of(k) : Optional.empty();
        String name = face.name().shown();
        Script opened = face.moment(Moment.OPENED);
        face.takes().stream()
                .map(Take::name)
                .map(n -> n.expression())
                .filter(n -> !key.equals(Optional.of(n)))
                .filter(n -> reads(design, opened, n))
                .filter(n -> isHandedDifferently(design, name, n))
                .findFirst()
                .ifPresent(take -> found.add(new Finding(
                        Weight.RISKY,
                        Kind.NOT_HANDED_OVER,
                        name + " looks at takes." + take
                                + " only when it opens; brought back with another, it shows the first.",
                        "Bringing back runs “brought back” and not “opened” (O3); do there what is done with it.",
                        Place.script(new ScriptPlace.AtMoment(name, Moment.BROUGHT_BACK)),
                        List.of(new DesignRepair.AsWhenOpened(name)))));
    }

    private static boolean reads(Design design, Script script, String take) {
        var read = Pattern.compile("(?<![\\w.])takes\\." + Pattern.quote(take) + "\\b");
        return Sources.of(design, script).stream().anyMatch(s -> read.matcher(s).find());
    }

    /** Whether what is handed over can be something else the second time: it is no constant, or differs between openers. */
    private static boolean isHandedDifferently(Design design, String window, String take) {
        var sources = new ArrayList<String>();
        WaysIn.into(design, window).forEach(w -> w.open().handOver().stream()
                .filter(g -> g.name().equals(take))
                .forEach(g -> sources.add(g.value().source().strip())));
        return sources.stream().distinct().count() > 1
                || sources.stream().anyMatch(s -> s.matches(".*[A-Za-z_]\\.[A-Za-z_].*"));
    }
}

package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.HandedRepair;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysIn;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.expression.Proposed;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Ways out that lead to an ending which gives something, and do not give it: the opener is told what nobody said. And
 * endings that a window says it has, to which nothing leads.
 */
public final class WayFindings {

    private WayFindings() {}

    public static void into(List<Finding> found, Design design) {
        Set<String> awaited = WaysIn.of(design).stream()
                .flatMap(w -> w.open().branches().stream().map(b -> key(w.open().window(), b.ending())))
                .collect(Collectors.toSet());
        Set<String> reached = reached(design);
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                byEnding(face).forEach((ending, ways) -> found.add(finding(face, ending, ways)));
                String name = face.name().shown();
                face.said().stream()
                        .flatMap(List::stream)
                        .map(Ending::name)
                        .filter(e -> !reached.contains(key(name, e)) && !reached.contains(key("", e)))
                        .forEach(e -> found.add(unreached(name, e, awaited.contains(key(name, e)))));
            }
        }
    }

    private static String key(String window, String ending) {
        return window + "\n" + ending;
    }

    /** Windows with the endings that some step or way leads to; of a step that may mean any window, without its name. */
    private static Set<String> reached(Design design) {
        var reached = new HashSet<String>();
        design.windows().stream().filter(FacedWindow.class::isInstance).forEach(w -> {
            for (Way way : Way.values()) {
                if (WaysOut.of((FacedWindow) w, way) instanceof WayOut.LeadsTo leads) {
                    reached.add(key(w.name().shown(), leads.ending()));
                }
            }
        });
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    String own = place.ofWindow().orElse("");
                    if (step instanceof Step.Close close) {
                        String window = close.target().windowFrom(place).orElse("");
                        close.ending()
                                .or(() -> design.faced(window).map(WaysOut::usualEnding))
                                .ifPresent(e -> reached.add(key(window, e)));
                    } else if (step instanceof Step.Open open && open.manner() instanceof Manner.InPlace in) {
                        reached.add(key(own, in.ending()));
                    }
                }));
        return reached;
    }

    private static Finding unreached(String window, String ending, boolean awaited) {
        return new Finding(
                awaited ? Weight.RISKY : Weight.HINT,
                Kind.NEVER_RUN,
                window + " never ends with “" + ending + "”: no step and no way out leads to it.",
                awaited
                        ? "What its openers do then is never done (W4); let something lead to it, or take the ending away."
                        : "Its openers have to answer it all the same (W4); let something lead to it, or take it away.",
                Place.window(window),
                List.of(new RemovalRepair.RemoveEnding(window, ending)));
    }

    private static Map<Ending, List<Way>> byEnding(FacedWindow face) {
        var all = new LinkedHashMap<Ending, List<Way>>();
        for (Way way : Way.values()) {
            boolean isOne = way != Way.OWNER_CLOSING || face.of() != FacedWindow.Kind.MAIN;
            if (isOne && WaysOut.of(face, way) instanceof WayOut.LeadsTo leads) {
                face.ending(leads.ending())
                        .filter(e -> !missing(e, leads.gives()).isEmpty())
                        .ifPresent(e ->
                                all.computeIfAbsent(e, n -> new ArrayList<>()).add(way));
            }
        }
        return all;
    }

    private static List<String> missing(Ending ending, List<Given> gives) {
        return ending.gives().stream()
                .map(t -> t.name())
                .filter(n -> gives.stream().noneMatch(g -> g.name().equals(n.expression())))
                .map(n -> n.shown())
                .toList();
    }

    private static Finding finding(FacedWindow face, Ending ending, List<Way> ways) {
        String window = face.name().shown();
        String which = ways.stream().map(w -> "the " + w.words()).collect(Collectors.joining(", "));
        WayOut.LeadsTo first = (WayOut.LeadsTo) WaysOut.of(face, ways.getFirst());
        Optional<String> empty = face.endings().stream()
                .filter(e -> e.gives().isEmpty())
                .map(Ending::name)
                .findFirst();
        return new Finding(
                Weight.RISKY,
                Kind.GIVES_NOTHING,
                window + ": " + which + (ways.size() == 1 ? " leads" : " lead") + " to “" + ending.name()
                        + "” without giving " + String.join(", ", missing(ending, first.gives())) + ".",
                "Who opened it takes that for chosen (W4), and reads a value that is not there (X3); lead to an ending that"
                        + " gives nothing, or say what it gives.",
                Place.window(window),
                empty
                        .<Repair>map(e -> new ClosingRepair.LeadTo(window, List.copyOf(ways), e))
                        .or(() -> said(window, ending, ways))
                        .stream()
                        .toList());
    }

    /** The empty values of what the ending gives; none where one of them has none. */
    private static Optional<Repair> said(String window, Ending ending, List<Way> ways) {
        List<Given> values = ending.gives().stream()
                .flatMap(
                        g -> Proposed.empty(g.type()).map(v -> Given.of(g.name().expression(), v)).stream())
                .toList();
        return values.size() == ending.gives().size()
                ? Optional.of(new HandedRepair.WaysGive(window, ways, values))
                : Optional.empty();
    }
}

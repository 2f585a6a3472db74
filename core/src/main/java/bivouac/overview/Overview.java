package bivouac.overview;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.WaysIn;
import bivouac.design.Window;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What the Overview shows, without any node: cards in tiers, rows that open something, lines between them. A window
 * stands one tier right of the first thing that opens it; message boxes, file dialogs and pickers are folded into the rows that open them.
 */
public record Overview(List<Card> cards, List<Line> lines, List<String> unopened) {

    /** @param tier from 0; windows that nothing opens stand in the first */
    public record Card(FacedWindow window, String about, int tier, List<Row> rows) {}

    /**
     * A trigger that opens something.
     *
     * @param folded message boxes, file dialogs and pickers that it opens
     * @param back windows that it opens which stand in no tier further right
     */
    public record Row(ScriptPlace place, String name, String kind, List<Folded> folded, List<Back> back) {}

    public record Folded(ReadyMade box) {}

    public record Back(Window window, Manner manner) {}

    /** A line from a row of a card to another card; {@code row} is -1 for the start wall. */
    public record Line(int from, int row, int to, Manner manner, List<Tag> endings) {}

    /** An ending that comes back; unused if no opener has a branch for it. */
    public record Tag(String ending, boolean used) {}

    /** The number of the card of a window; none where it has no card. */
    public OptionalInt number(Optional<String> window) {
        return IntStream.range(0, cards.size())
                .filter(i ->
                        window.equals(Optional.of(cards.get(i).window().name().shown())))
                .findFirst();
    }

    /** The endings that come back from a card; used only if every opener has a branch for it. */
    public List<Tag> comingBack(int card) {
        List<Line> into =
                lines.stream().filter(l -> l.to() == card && l.from() >= 0).toList();
        return into.isEmpty()
                ? List.of()
                : into.getFirst().endings().stream()
                        .map(tag -> new Tag(tag.ending(), into.stream().allMatch(l -> l.endings()
                                .contains(new Tag(tag.ending(), true)))))
                        .toList();
    }

    public static Overview of(Design design) {
        List<FacedWindow> faces = design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(FacedWindow.class::cast)
                .toList();
        Map<String, Map<ScriptPlace, Script>> scripts = byWindow(design);
        Map<String, Integer> tiers = tiers(design, faces, scripts);
        var ordered = new ArrayList<>(faces);
        ordered.sort(Comparator.comparingInt(f -> tiers.get(f.name().shown())));
        Map<String, Integer> numbers = new LinkedHashMap<>();
        ordered.forEach(f -> numbers.put(f.name().shown(), numbers.size()));
        var lines = new ArrayList<Line>();
        var cards = new ArrayList<Card>();
        for (Step.Open open : opens(design.application().start())) {
            line(design, lines, -1, -1, open, numbers, -1, tiers);
        }
        for (FacedWindow face : ordered) {
            cards.add(card(
                    design,
                    face,
                    tiers,
                    numbers,
                    lines,
                    scripts.getOrDefault(face.name().shown(), Map.of())));
        }
        Set<String> opened = new LinkedHashSet<>();
        WaysIn.of(design).forEach(w -> opened.add(w.open().window()));
        return new Overview(
                List.copyOf(cards),
                List.copyOf(lines),
                design.windows().stream()
                        .map(w -> w.name().shown())
                        .filter(n -> !opened.contains(n))
                        .toList());
    }

    private static Map<String, Integer> tiers(
            Design design, List<FacedWindow> faces, Map<String, Map<ScriptPlace, Script>> scripts) {
        Map<String, Integer> tiers = new LinkedHashMap<>();
        var open = new ArrayDeque<String>();
        opens(design.application().start()).forEach(o -> reach(design, o.window(), 0, tiers, open));
        while (!open.isEmpty()) {
            String from = open.poll();
            scripts.getOrDefault(from, Map.of()).forEach((place, script) -> opens(script)
                    .forEach(o -> reach(design, o.window(), tiers.get(from) + 1, tiers, open)));
        }
        faces.forEach(f -> tiers.putIfAbsent(f.name().shown(), 0));
        return tiers;
    }

    private static void reach(
            Design design, String window, int tier, Map<String, Integer> tiers, ArrayDeque<String> open) {
        if (design.faced(window).isPresent() && tiers.putIfAbsent(window, tier) == null) {
            open.add(window);
        }
    }

    private static Map<String, Map<ScriptPlace, Script>> byWindow(Design design) {
        Map<String, Map<ScriptPlace, Script>> all = new LinkedHashMap<>();
        design.scripts().forEach((place, script) -> place.ofWindow()
                .ifPresent(
                        w -> all.computeIfAbsent(w, n -> new LinkedHashMap<>()).put(place, script)));
        return all;
    }

    private static List<Step.Open> opens(Script script) {
        var opens = new ArrayList<Step.Open>();
        Steps.walk(script, (path, step) -> {
            if (step instanceof Step.Open o) {
                opens.add(o);
            }
        });
        return opens;
    }

    private static Card card(
            Design design,
            FacedWindow face,
            Map<String, Integer> tiers,
            Map<String, Integer> numbers,
            List<Line> lines,
            Map<ScriptPlace, Script> scripts) {
        String name = face.name().shown();
        var rows = new ArrayList<Row>();
        scripts.forEach((place, script) -> {
            List<Step.Open> opens = opens(script);
            if (opens.isEmpty()) {
                return;
            }
            var folded = new ArrayList<Folded>();
            var back = new ArrayList<Back>();
            for (Step.Open open : opens) {
                switch (design.window(open.window()).orElse(null)) {
                    case ReadyMade ready -> folded.add(new Folded(ready));
                    case FacedWindow target
                    when tiers.get(open.window()) > tiers.get(name) ->
                        line(design, lines, numbers.get(name), rows.size(), open, numbers, tiers.get(name), tiers);
                    case FacedWindow target -> back.add(new Back(target, open.manner()));
                    case null -> {
                        // a finding says that it is not there
                    }
                }
            }
            rows.add(new Row(
                    place,
                    place.ownWords(design, Part::displayName),
                    rowKind(face, place),
                    folded.stream().distinct().toList(),
                    back));
        });
        return new Card(face, about(face), tiers.get(name), List.copyOf(rows));
    }

    private static void line(
            Design design,
            List<Line> lines,
            int from,
            int row,
            Step.Open open,
            Map<String, Integer> numbers,
            int tier,
            Map<String, Integer> tiers) {
        Integer to = numbers.get(open.window());
        if (to == null || tiers.get(open.window()) <= tier) {
            return;
        }
        var tags = design.window(open.window()).orElseThrow().endings().stream()
                .map(Ending::name)
                .map(e -> new Tag(e, open.answers(e)))
                .toList();
        lines.add(new Line(from, row, to, open.manner(), tags));
    }

    private static String rowKind(FacedWindow face, ScriptPlace place) {
        return place.ofPart().map(p -> face.part(p).map(Part::kind).orElse("")).orElse("any way out");
    }

    private static String about(FacedWindow face) {
        return face.kind() + ", " + face.instancesOrUsual().words();
    }
}

package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.ways.PartRepair;
import bivouac.check.ways.Repair;
import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Shortcut;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.plan.PartPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** What is wrong with parts of which there is one for each row, or for each open window (P5). */
final class EachFindings {

    private static final Pattern MENTIONS_ROW = Pattern.compile("\\{[^}]*\\b" + Each.ROW + "\\b[^}]*}");

    private final List<Finding> found;
    private final FacedWindow face;
    private final Part part;

    private EachFindings(List<Finding> found, FacedWindow face, Part part) {
        this.found = found;
        this.face = face;
        this.part = part;
    }

    static void into(List<Finding> found, FacedWindow face, Part part) {
        if (!part.each().isOnce()) {
            var findings = new EachFindings(found, face, part);
            findings.text();
            findings.wayOut();
            if (part instanceof Part.Button b && b.isDefault()) {
                findings.byDefault(b);
            } else if (part instanceof Part.MenuCommand m) {
                findings.command(m);
            }
        }
    }

    /** All keys that choose one of them. */
    static List<String> shortcuts(Part.MenuCommand m) {
        return m.each().isOnce() || !Each.countsOn(m.shortcut())
                ? List.of(m.shortcut())
                : IntStream.rangeClosed(1, Each.SHORTCUTS)
                        .mapToObj(n -> Each.shortcut(m.shortcut(), n))
                        .toList();
    }

    private void text() {
        String text = PartPlan.content(part);
        if (part.each() instanceof Each.OfRows && !MENTIONS_ROW.matcher(text).find()) {
            add(
                    Weight.RISKY,
                    where() + " says “" + text + "” for each row.",
                    "Nobody could tell them apart; mention the row in its text: {row}, or {row.guest}.");
        }
    }

    private void wayOut() {
        for (Way way : List.of(Way.CLOSE_BOX, Way.ESCAPE)) {
            if (face.waysOut().get(way) instanceof WayOut.AsPressing(String name)
                    && name.equals(part.name().expression())) {
                add(
                        Weight.WRONG,
                        way.words() + " of " + face.name() + " presses " + part.displayName()
                                + ", of which there is one for each.",
                        "Which of them is not said, so it leads nowhere (P5); let it lead somewhere else.");
            }
        }
    }

    private void byDefault(Part.Button b) {
        var plain = new Part.Button(b.name(), b.text(), false, b.each(), b.pressed(), b.traits());
        add(
                Weight.WRONG,
                where() + " is the default button, and there is one for each.",
                "Which of them Enter presses is not said (P5).",
                change(plain, "Let Enter press none", "Enter then presses none of them."));
    }

    private void command(Part.MenuCommand m) {
        if (m.ticking()) {
            add(
                    Weight.RISKY,
                    where() + " carries a tick of its own, and there is one for each.",
                    "A tick that choosing turns over belongs to none of them, and is not there (P5); say which carry one:"
                            + " ticked when row == app.file.",
                    change(m.ticking(false), "Take the tick away", "None of them then carries a tick by that."));
        }
        if (Shortcut.isOne(m.shortcut()) && !Each.countsOn(m.shortcut())) {
            var ways = new ArrayList<Repair>();
            countedOn(m).ifPresent(ways::add);
            ways.add(PartFindings.withoutShortcut(face.name().shown(), m));
            add(
                    Weight.WRONG,
                    m.shortcut() + " of " + m.displayName() + " on " + face.name()
                            + " chooses none, since there is one for each.",
                    "A shortcut that ends with 1 is that of the first, and counts on to the ninth (P5).",
                    ways.toArray(Repair[]::new));
        }
    }

    private Optional<Repair> countedOn(Part.MenuCommand m) {
        int plus = m.shortcut().lastIndexOf('+');
        String first = m.shortcut().substring(0, Math.max(0, plus)) + "+1";
        return plus < 0
                ? Optional.empty()
                : Optional.of(change(
                        m.withShortcut(first), "Count from " + first, "The first nine then have a shortcut each."));
    }

    private String where() {
        return part.displayName() + " on " + face.name();
    }

    private Repair change(Part after, String words, String about) {
        return new PartRepair.Change(face.name().shown(), part, after, words, about);
    }

    private void add(Weight weight, String what, String why, Repair... repairs) {
        found.add(PartFindings.finding(weight, face.name().shown(), part, what, why, repairs));
    }
}

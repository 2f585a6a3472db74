package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.PartRepair;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Shortcut;
import bivouac.expression.Texts;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Stream;

/** What is wrong with single parts: shortcuts, choices, lists, links. */
public final class PartFindings {

    private PartFindings() {}

    public static void into(List<Finding> found, FacedWindow face) {
        String window = face.name().shown();
        AccessKeyFindings.into(found, face);
        PageFindings.into(found, face);
        Map<String, Part> shortcuts = new HashMap<>();
        for (Part part : face.parts()) {
            EachFindings.into(found, face, part);
            switch (part) {
                case Part.MenuCommand m -> {
                    shortcut(found, window, m, shortcuts);
                    editing(found, face, m);
                }
                case Part.Choice c -> choice(found, window, c);
                case Part.ListOfRows l -> list(found, window, l);
                case Part.Link l -> link(found, window, l);
                case Part.TextField t
                when t.longest().isPresent()
                        && t.starts().length() > t.longest().getAsInt() ->
                    found.add(finding(
                            Weight.WRONG,
                            window,
                            t,
                            t.displayName() + " on " + window + " starts with "
                                    + t.starts().length() + " characters, and takes "
                                    + t.longest().getAsInt() + ".",
                            "A field never holds more than its longest length (P4).",
                            takingMore(window, t, t.starts().length())));
                case Part.Caption _,
                        Part.TextField _,
                        Part.ValueField _,
                        Part.Picture _,
                        Part.Progress _,
                        Part.TickBox _,
                        Part.Button _ -> {
                    // nothing of its own to look at
                }
            }
        }
    }

    private static void shortcut(List<Finding> found, String window, Part.MenuCommand m, Map<String, Part> before) {
        if (m.shortcut().isEmpty()) {
            return;
        }
        if (!Shortcut.isOne(m.shortcut())) {
            found.add(finding(
                    Weight.WRONG,
                    window,
                    m,
                    "“" + m.shortcut() + "” of " + m.displayName() + " on " + window + " is no shortcut.",
                    "No keys would choose it; write for example Ctrl+S, Ctrl+Shift+S or F5.",
                    withoutShortcut(window, m)));
        }
        for (String keys : EachFindings.shortcuts(m)) {
            Part other = before.putIfAbsent(keys.toLowerCase(Locale.ROOT), m);
            if (other != null) {
                found.add(twice(window, m, other, keys));
                return;
            }
        }
    }

    /** P6: it acts on a field, and does nothing where there is none. */
    private static void editing(List<Finding> found, FacedWindow face, Part.MenuCommand m) {
        boolean anyField =
                face.parts().stream().anyMatch(p -> p instanceof Part.TextField || p instanceof Part.ValueField);
        if (m.does().isPresent() && !anyField) {
            found.add(
                    finding(
                            Weight.RISKY,
                            face.name().shown(),
                            m,
                            m.displayName() + " on " + face.name() + " does nothing: the window has no field.",
                            "It acts on the field that has the keyboard (P6); put a field on the window, or take the command away."));
        }
    }

    private static Finding twice(String window, Part.MenuCommand m, Part other, String keys) {
        return finding(
                Weight.WRONG,
                window,
                m,
                keys + " on " + window + " means both " + other.displayName() + " and " + m.displayName() + ".",
                "Only the first would ever be chosen; give one another shortcut.",
                withoutShortcut(window, m));
    }

    private static void choice(List<Finding> found, String window, Part.Choice c) {
        if (c.follows().isPresent()) {
            return; // what it holds is known only when it is open
        }
        if (c.items().isEmpty()) {
            found.add(finding(
                    Weight.WRONG,
                    window,
                    c,
                    c.displayName() + " on " + window + " offers nothing to choose.",
                    "A choice without items can never hold one; list them, for example: single, double."));
        } else if (!c.starts().isEmpty() && !c.items().contains(c.starts())) {
            found.add(finding(
                    Weight.WRONG,
                    window,
                    c,
                    c.displayName() + " on " + window + " starts with “" + c.starts()
                            + "”, which is none of its items.",
                    c.isPages()
                            ? "A choice holds only its items (P4), so its first page would be shown."
                            : "A choice holds only its items (P4), so nothing would be chosen.",
                    new PartRepair.Change(
                            window,
                            c,
                            c.startingWith(""),
                            c.isPages() ? "Start with the first" : "Start with none",
                            c.displayName()
                                    + (c.isPages()
                                            ? " then starts with its first page."
                                            : " then starts with nothing chosen."))));
        }
    }

    private static void list(List<Finding> found, String window, Part.ListOfRows l) {
        if (l.columns().isEmpty()) {
            found.add(finding(
                    Weight.WRONG,
                    window,
                    l,
                    l.displayName() + " on " + window + " has no columns.",
                    "Its rows could hold nothing; write them, for example: guest: text, nights: whole."));
        }
        for (int r = 0; r < l.first().size(); r++) {
            int cells = l.first().get(r).size();
            if (cells != l.columns().size()) {
                found.add(finding(
                        Weight.WRONG,
                        window,
                        l,
                        "Row " + (r + 1) + " of " + l.displayName() + " on " + window + " has " + cells
                                + (cells == 1 ? " cell" : " cells") + ", and the list has "
                                + l.columns().size() + (l.columns().size() == 1 ? " column." : " columns."),
                        "What is missing starts empty, and what is too much is never seen.",
                        new PartRepair.Change(
                                window,
                                l,
                                l.starting(fitting(l)),
                                "Fit the rows",
                                "Cells that are missing are added empty, and those that are too many go.")));
            }
            for (int c = 0; c < Math.min(l.columns().size(), l.first().get(r).size()); c++) {
                String text = l.first().get(r).get(c);
                var column = l.columns().get(c);
                if (Texts.as(column.type(), text).isEmpty()) {
                    found.add(finding(
                            Weight.WRONG,
                            window,
                            l,
                            "Row " + (r + 1) + " of " + l.displayName() + " on " + window + " holds “" + text
                                    + "”, and " + column.name() + " is a " + column.type() + ".",
                            "It would start with another value than what is written."));
                }
            }
        }
    }

    private static void link(List<Finding> found, String window, Part.Link l) {
        if (l.address().isBlank() && l.followed().doesNothing()) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.DEAD_TRIGGER,
                    l.displayName() + " on " + window + " leads nowhere.",
                    "Give it an address, or write what happens when it is followed.",
                    Place.part(window, l.name().expression()),
                    List.of(
                            new StepRepair.NotThereYet(
                                    new ScriptPlace.AtPart(window, l.name().expression())),
                            new RemovalRepair.RemovePart(window, l.name().expression(), l.displayName()))));
        }
    }

    public static Repair takingMore(String window, Part.TextField t, int length) {
        return new PartRepair.Change(
                window,
                t,
                new Part.TextField(
                        t.name(), t.label(), t.starts(), OptionalInt.of(length), t.entry(), t.changed(), t.traits()),
                "Let it take " + length,
                t.displayName() + " then takes " + length + " characters.");
    }

    static Repair withoutShortcut(String window, Part.MenuCommand m) {
        return new PartRepair.Change(
                window, m, m.withShortcut(""), "Take the shortcut away", m.displayName() + " then has no shortcut.");
    }

    private static List<List<String>> fitting(Part.ListOfRows l) {
        int columns = l.columns().size();
        return l.first().stream()
                .map(row -> Stream.concat(row.stream(), Stream.generate(() -> ""))
                        .limit(columns)
                        .toList())
                .toList();
    }

    static Finding finding(Weight weight, String window, Part part, String what, String why, Repair... repairs) {
        return new Finding(
                weight, Kind.PART, what, why, Place.part(window, part.name().expression()), List.of(repairs));
    }
}

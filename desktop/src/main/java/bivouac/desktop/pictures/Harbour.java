package bivouac.desktop.pictures;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A made-up harbour office with about sixty windows, for the picture of the overview from far away. */
final class Harbour {

    /** What the office keeps lists of, each with what one of them is called and the windows of its own. */
    private record Desk(String list, String one, List<String> more) {}

    private static final List<Desk> DESKS = List.of(
            new Desk("Berths", "Berth", List.of("Berth plan", "Depths")),
            new Desk("Ships", "Ship", List.of("Ship papers")),
            new Desk("Pilots", "Pilot", List.of("Watch bill")),
            new Desk("Cargo", "Load", List.of("Weighing", "Customs form")),
            new Desk("Tides", "Tide", List.of("Tide curve")),
            new Desk("Dues", "Bill", List.of("Reminders", "Payments")),
            new Desk("Crews", "Crew", List.of("Shore leave")),
            new Desk("Stores", "Barrel", List.of()),
            new Desk("Signals", "Signal", List.of("Flag book")));

    private Harbour() {}

    static Design design() {
        var windows = new ArrayList<Window>();
        var buttons = new ArrayList<Row>();
        for (Desk desk : DESKS) {
            buttons.add(opens(desk.list(), new Manner.Alongside()));
            windows.addAll(windows(desk));
        }
        buttons.add(opens("Log of the day", new Manner.Alongside()));
        buttons.add(opens("About the office", new Manner.WaitsForApplication()));
        windows.addFirst(FacedWindow.of(FacedWindow.Kind.MAIN, "Harbour").withRows(buttons));
        windows.add(FacedWindow.of(FacedWindow.Kind.CHILD, "Log of the day"));
        windows.add(FacedWindow.of(FacedWindow.Kind.DIALOG, "About the office"));
        var application = new Application(
                "Harbour of Vellin",
                Application.About.NOTHING,
                List.of(),
                Script.of(Step.Open.of("Harbour", new Manner.Alongside())),
                new DepartureRule.WithWindow("Harbour"));
        return new Design(application, windows);
    }

    /** A list, one of what is in it, a dialog for a new one, a question before one goes, and more. */
    private static List<Window> windows(Desk desk) {
        String made = "New " + desk.one().toLowerCase(java.util.Locale.ROOT);
        String question = desk.one() + " goes";
        var rows = new ArrayList<Row>();
        rows.add(opens(desk.one(), new Manner.Alongside()));
        rows.add(opens(made, new Manner.WaitsForOwner()));
        desk.more().forEach(m -> rows.add(opens(m, new Manner.Alongside())));
        Window list = FacedWindow.of(FacedWindow.Kind.CHILD, desk.list()).withRows(rows);
        Window one = FacedWindow.of(FacedWindow.Kind.CHILD, desk.one())
                .withRows(List.of(
                        opens(desk.one() + " history", new Manner.Alongside()),
                        opens(
                                question,
                                new Manner.WaitsForApplication(),
                                new Step.Branch("remove", Script.of(new Step.Note(desk.one() + " removed."))),
                                new Step.Branch("keep", Script.EMPTY))));
        Window history = FacedWindow.of(FacedWindow.Kind.CHILD, desk.one() + " history");
        Window asks = new MessageBox(
                Name.of(question),
                question,
                MessageBox.Severity.QUESTION,
                "Does it go?",
                List.of(),
                Stream.of("Remove", "Keep").map(MessageBox.Answer::of).toList(),
                Optional.of("keep"),
                Optional.of("keep"));
        return Stream.concat(
                        Stream.of(list, one, FacedWindow.of(FacedWindow.Kind.DIALOG, made), history, asks),
                        desk.more().stream().map(m -> FacedWindow.of(FacedWindow.Kind.CHILD, m)))
                .toList();
    }

    private static Row opens(String window, Manner manner, Step.Branch... branches) {
        return Row.of(Part.Button.of(window + " button", window)
                .triggering(Script.of(Step.Open.of(window, manner, branches))));
    }
}

package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Every window of a design against every way of closing it (C1).
 *
 * @param rows in the order of the design
 * @param ending the scripts that end the application, and what they do before
 */
public record Closings(List<Row> rows, List<Trigger> ending) {

    public Closings {
        rows = List.copyOf(rows);
        ending = List.copyOf(ending);
    }

    /**
     * How one window closes.
     *
     * @param triggers the scripts that close it by a step: its own, and those of others
     * @param before what is done before it closes, whatever the way
     * @param cells one for each column
     */
    public record Row(Window window, List<Trigger> triggers, BeforeClosing before, List<Cell> cells) {
        public Row {
            triggers = List.copyOf(triggers);
            cells = List.copyOf(cells);
        }

        public Cell cell(Column column) {
            return cells.get(column.ordinal());
        }

        /** What other ways to the same ending do, and this one does not; empty where it does all of it, or is no way. */
        public List<OnTheWay> missing(Column column) {
            if (column == Column.CLOSE_STEP || !(cell(column) instanceof Cell.Leads here)) {
                return List.of();
            }
            Set<OnTheWay> all = new LinkedHashSet<>(here.unasked() ? before.things() : List.of());
            triggers.stream()
                    .filter(t -> t.endings().stream().anyMatch(here.endings()::contains))
                    .forEach(t -> all.addAll(t.before()));
            all.removeAll(here.things());
            return List.copyOf(all);
        }

        /** Whether it closes in the same ways as another one, so that the two can be shown as one. */
        public boolean closesLike(Row other) {
            return window.kind().equals(other.window.kind()) && cells.equals(other.cells);
        }
    }

    /** A way of closing, as a column. */
    public enum Column {
        CLOSE_STEP("close step", "a part's, or another's"),
        CLOSE_BOX("close box", "in the title bar"),
        ESCAPE("Escape", "in the window"),
        OWNER_CLOSING("owner closing", "when its owner goes"),
        DEPARTURE("departure", "the application ends"),
        SESSION_ENDING("session ending", "the system ends");

        private final String words;
        private final String about;

        Column(String words, String about) {
            this.words = words;
            this.about = about;
        }

        public String words() {
            return words;
        }

        public String about() {
            return about;
        }

        /** The way that it is; none for a step. */
        public Optional<Way> way() {
            return this == CLOSE_STEP ? Optional.empty() : Optional.of(Way.values()[ordinal() - 1]);
        }

        public static Column of(Way way) {
            return values()[way.ordinal() + 1];
        }
    }

    /** What stands where a window and a way of closing it meet. */
    public sealed interface Cell {

        /** It cannot be closed so. */
        record NoWay(Why why) implements Cell {}

        /** It does what pressing a part of it does. */
        record AsPressing(String part) implements Cell {}

        /**
         * It closes.
         *
         * @param endings where it leads
         * @param unasked whether what is done before closing is left out (C2)
         * @param things what is asked, checked, run and given back on the way, in that order
         */
        record Leads(List<String> endings, boolean unasked, List<OnTheWay> things) implements Cell {
            public Leads {
                endings = List.copyOf(endings);
                things = List.copyOf(things);
            }
        }
    }

    /** Why a window cannot be closed in a way. */
    public enum Why {
        NO_WAY_OUT("no way out"),
        NEVER_OWNED("never owned"),
        OWNER_BLOCKED("its owner is blocked"),
        REFUSES("stays, and refuses");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static Closings of(Program program) {
        return of(program, new Triggers(program.design()));
    }

    public static Closings of(Program program, Triggers triggers) {
        Design design = program.design();
        var holdings = new Held(design);
        var rows = new ArrayList<Row>();
        for (Window window : design.windows()) {
            rows.add(
                    switch (window) {
                        case FacedWindow face -> face(program, face, triggers, holdings);
                        case MessageBox box ->
                            ready(
                                    box,
                                    box.answers().stream()
                                            .map(MessageBox.Answer::ending)
                                            .toList(),
                                    box.escapeEnding());
                        case FileDialog dialog ->
                            taken(dialog, List.of(FileDialog.CHOSEN, FileDialog.CANCELLED), FileDialog.CANCELLED);
                        case Picker picker -> taken(picker, List.of(Picker.PICKED, Picker.CANCELLED), Picker.CANCELLED);
                    });
        }
        return new Closings(rows, triggers.to(new Triggers.Goal.Ending()));
    }

    public Optional<Row> row(String window) {
        return rows.stream()
                .filter(r -> r.window().name().shown().equals(window))
                .findFirst();
    }

    private static Row face(Program program, FacedWindow face, Triggers all, Held held) {
        Design design = program.design();
        String name = face.name().shown();
        BeforeClosing before = BeforeClosing.of(design, face);
        List<OnTheWay> back = held.by(name);
        List<Trigger> triggers = all.to(new Triggers.Goal.Closing(name));
        var cells = new ArrayList<Cell>();
        cells.add(closeStep(triggers, before, back));
        boolean owned =
                program.window(name).filter(p -> !program.ownersOf(p).isEmpty()).isPresent();
        for (Way way : Way.values()) {
            cells.add(
                    way == Way.OWNER_CLOSING && !owned
                            ? new Cell.NoWay(Why.NEVER_OWNED)
                            : cell(WaysOut.of(face, way), before, back));
        }
        return new Row(face, triggers, before, cells);
    }

    private static Cell closeStep(List<Trigger> triggers, BeforeClosing before, List<OnTheWay> back) {
        if (triggers.isEmpty()) {
            return new Cell.NoWay(Why.NO_WAY_OUT);
        }
        Set<String> endings = new LinkedHashSet<>();
        var first = new ArrayList<OnTheWay>();
        triggers.forEach(t -> {
            endings.addAll(t.endings());
            first.addAll(t.before());
        });
        first.addAll(before.things());
        return new Cell.Leads(List.copyOf(endings), false, inOrder(first, back));
    }

    private static Cell cell(WayOut out, BeforeClosing before, List<OnTheWay> back) {
        return switch (out) {
            case WayOut.Absent a -> new Cell.NoWay(Why.NO_WAY_OUT);
            case WayOut.AsPressing(String part) -> new Cell.AsPressing(part);
            case WayOut.LeadsTo l ->
                new Cell.Leads(
                        List.of(l.ending()), l.unasked(), inOrder(l.unasked() ? List.of() : before.things(), back));
        };
    }

    /** Asked, checked, run, given back: so that the same thing stands at the same height in a whole row. */
    private static List<OnTheWay> inOrder(List<OnTheWay> first, List<OnTheWay> back) {
        var all = new ArrayList<OnTheWay>();
        List.of(OnTheWay.Asks.class, OnTheWay.Checks.class, OnTheWay.Runs.class, OnTheWay.Saves.class)
                .forEach(kind ->
                        first.stream().filter(kind::isInstance).distinct().forEach(all::add));
        all.addAll(back);
        return all;
    }

    /** C7: never asked, and taken away with its escape ending where the departure or the session takes its owner. */
    private static Row ready(Window box, List<String> endings, Optional<String> escape) {
        Cell escapes = escape.<Cell>map(e -> leads(List.of(e))).orElse(new Cell.NoWay(Why.NO_WAY_OUT));
        Cell taken = leads(escape.map(List::of).orElse(List.of()));
        return new Row(
                box,
                List.of(),
                new BeforeClosing(List.of(), List.of()),
                List.of(leads(endings), escapes, escapes, new Cell.NoWay(Why.OWNER_BLOCKED), taken, taken));
    }

    /** C3: a file dialog or picker cannot be taken away, and refuses for its owner. */
    private static Row taken(Window dialog, List<String> endings, String cancelled) {
        Cell cancels = leads(List.of(cancelled));
        Cell refuses = new Cell.NoWay(Why.REFUSES);
        return new Row(
                dialog,
                List.of(),
                new BeforeClosing(List.of(), List.of()),
                List.of(leads(endings), cancels, cancels, new Cell.NoWay(Why.OWNER_BLOCKED), refuses, refuses));
    }

    private static Cell leads(List<String> endings) {
        return new Cell.Leads(endings, false, List.of());
    }
}

package bivouac.desktop.departure;

import bivouac.closing.Departing;
import bivouac.closing.OnTheWay;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.ScriptPlace;
import bivouac.design.Window;
import bivouac.desktop.widget.DepartureChoice;
import bivouac.desktop.widget.DragOrder;
import bivouac.desktop.widget.Drawn;
import bivouac.desktop.widget.DrawnList;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.TokenFlow;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Work;
import bivouac.rehearsal.DepartureTried;
import bivouac.sentence.ScriptLines;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The lane from what asks for the end to the exit code: a column for each station, a row for each thing that happens. */
final class DepartureLane extends HBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Work work;
    /** Windows of the asking order, dragged. */
    private final DragOrder<String> order = new DragOrder<>(this::drop);

    private final Column askers = new Column("Asked for by", "any one of these", 168);
    private final Column asked =
            new Column("Who is asked, in order", "if they are open; owned ones with their owner", 268);
    private final Column closing = new Column("Windows close", "owned first, no refusing", 196);
    private final Column plan = new Column("The plan", "in order", 262);
    private final Column givenBack = new Column("Given back", "last taken first", 128);
    private final Column kept = new Column("Kept", "for next time", 112);
    private final VBox exit = Ui.styled(Ui.column(6), "departure-exit");
    private final Drawn exitDrawn = new Drawn();

    private Departing departing;
    private Design design;
    private int asker;

    /** A station: its head, and rows that are kept while they say the same. */
    private static final class Column extends VBox {

        private final DrawnList rows;

        Column(String head, String about, double width) {
            super(Ui.label(head, "strong"), Ui.wrapped(about, "small"));
            getStyleClass().add("departure-column");
            var card = Ui.styled(new VBox(), "departure-card");
            rows = new DrawnList(card.getChildren());
            VBox.setMargin(card, new Insets(8, 0, 0, 0));
            getChildren().add(card);
            setPrefWidth(width);
            setMinWidth(width - 24);
        }

        /** @param none what is said where there are no rows */
        void show(List<DrawnList.Item> items, String none) {
            rows.show(items.isEmpty() ? List.of(new DrawnList.Item(none, () -> quiet(none))) : items);
        }
    }

    DepartureLane(Work work) {
        this.work = work;
        getStyleClass().add("departure-lane");
        closing.getStyleClass().add("after-gate");
        exit.setMinWidth(128);
        exit.setPrefWidth(148);
        getChildren()
                .setAll(askers, asked, Ui.styled(new Region(), "departure-gate"), closing, plan, givenBack, kept, exit);
    }

    void show(Departing other, Design of) {
        departing = other;
        design = of;
        asker = Math.min(asker, departing.askers().size() - 1);
        askers.show(askers(), "");
        asked.show(asked(), "Nobody: the design has no windows.");
        closing.show(closing(), "Nothing to close.");
        plan.show(steps(), "Nothing to do before it ends. Type the first step below: save, run, take…");
        givenBack.show(
                departing.givenBack().stream()
                        .map(h -> h.name().shown())
                        .map(h -> new DrawnList.Item(
                                h, () -> row(Ui.wrapped(h, "strong"), Ui.label("if it was taken", "small"))))
                        .toList(),
                "Nothing is held by the application.");
        kept.show(
                departing.kept().stream()
                        .map(v -> v.name().shown())
                        .map(v -> new DrawnList.Item(v, () -> row(Ui.wrapped(v, "strong"))))
                        .toList(),
                "No value is kept.");
        exitDrawn.ifOther(departing.codes(), this::drawExit);
    }

    /** What asks for the departure that is looked at. */
    Departing.Asker asker() {
        return departing.askers().get(asker);
    }

    /** The id of the row of what asks for it. */
    String askerId() {
        return "asker-" + asker;
    }

    private static VBox row(Node... nodes) {
        return Ui.styled(Ui.column(2, nodes), "departure-row");
    }

    private static Node quiet(String words) {
        return row(Ui.wrapped(words, "quiet"));
    }

    private List<DrawnList.Item> askers() {
        var rows = new ArrayList<DrawnList.Item>();
        for (int i = 0; i < departing.askers().size(); i++) {
            int number = i;
            String words = DepartureTried.words(departing.askers().get(i));
            rows.add(new DrawnList.Item(List.of(number, words, number == asker), () -> askerRow(number, words)));
        }
        var rule = design.application().departure();
        rows.add(new DrawnList.Item(
                List.of(rule, DepartureChoice.choices(design)),
                () -> row(
                        Ui.label("It ends", "small"),
                        new DepartureChoice(() -> work.now().design(), "departure-rule", work::change))));
        return rows;
    }

    private Node askerRow(int number, String words) {
        var row = Ui.styled(Ui.column(0, Ui.wrapped(words, "plain")), "departure-row", "departure-asker");
        Ui.pressable(row, "asker-" + number, "asked for by " + words, () -> {
            asker = number;
            askers.show(askers(), "");
            lookup("#" + askerId()).requestFocus();
        });
        row.pseudoClassStateChanged(CHOSEN, number == asker);
        return row;
    }

    private List<DrawnList.Item> asked() {
        var rows = new ArrayList<DrawnList.Item>();
        int number = 1;
        long roots = departing.asked().stream().filter(a -> a.depth() == 0).count();
        for (Departing.Asked one : departing.asked()) {
            int stop = number++;
            boolean canMove = one.depth() == 0 && roots > 1;
            List<OnTheWay> things = one.unasked() ? List.of() : one.before().things();
            Window window = one.window();
            rows.add(new DrawnList.Item(
                    List.of(window.name(), window.kind(), stop, one.depth(), one.unasked(), things, canMove),
                    () -> askedRow(one, things, stop, canMove)));
        }
        if (!rows.isEmpty() && !design.application().leaving().asked().isEmpty()) {
            rows.add(new DrawnList.Item(
                    "as by itself", () -> row(Ui.link("As by itself", "asking-order-usual", this::asByItself))));
        }
        return rows;
    }

    private void asByItself() {
        Design now = work.now().design();
        work.change(
                now.with(now.application().leaving(now.application().leaving().asking(List.of()))),
                "asking order as by itself");
    }

    private Node askedRow(Departing.Asked one, List<OnTheWay> things, int number, boolean canMove) {
        String name = one.window().name().shown();
        var head = Ui.row(6, stop(number), new Mark(one.window()), Ui.shortened(name, "strong"), Ui.spring());
        var row = Ui.styled(Ui.column(1, head), "departure-row");
        if (canMove) {
            head.getChildren()
                    .addAll(
                            sign("↑", "asked-earlier-" + name, name + " is asked earlier", () -> move(name, -1)),
                            sign("↓", "asked-later-" + name, name + " is asked later", () -> move(name, 1)));
        }
        things.forEach(t -> row.getChildren().add(said(t)));
        if (things.isEmpty()) {
            row.getChildren().add(indented(Ui.label(one.unasked() ? "goes unasked" : "asks nothing", "small")));
        }
        VBox.setMargin(row, new Insets(0, 0, 0, 14 * one.depth()));
        Ui.pressable(
                row,
                "asked-" + name,
                "asked: " + name,
                () -> work.goTo(Chosen.script(new ScriptPlace.AtMoment(name, FacedWindow.Moment.BEFORE_CLOSING))));
        if (one.depth() == 0) {
            order.add(row, name);
            row.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
                if (e.isAltDown() && (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN)) {
                    move(name, e.getCode() == KeyCode.UP ? -1 : 1);
                    e.consume();
                }
            });
        }
        return row;
    }

    private static Node sign(String sign, String id, String accessible, Runnable action) {
        var button = Ui.button(sign, id, action, "order-button");
        button.setAccessibleText(accessible);
        button.setFocusTraversable(false);
        return button;
    }

    private static Node indented(Node node) {
        var row = Ui.row(0, node);
        row.setPadding(new Insets(0, 0, 0, 26));
        return row;
    }

    private static Node said(OnTheWay thing) {
        String words =
                switch (thing) {
                    case OnTheWay.Asks(String window) -> "asks " + window;
                    case OnTheWay.Checks(String condition) -> "checks " + condition;
                    case OnTheWay.Runs(String task) -> "runs " + task;
                    case OnTheWay.Saves s -> "saves kept values";
                    case OnTheWay.GivesBack(String holding) -> "gives back " + holding;
                };
        return indented(Ui.shortened(words, "plain"));
    }

    private static Node stop(int number) {
        return Ui.label(Integer.toString(number), "departure-stop");
    }

    private void move(String window, int by) {
        work.change(
                Departing.moved(work.now().program(), window, by),
                window + " is asked " + (by < 0 ? "earlier" : "later"));
    }

    private void drop(String window, String other, boolean behind) {
        Design moved = Departing.moved(work.now().program(), window, other, behind);
        if (moved != work.now().design()) {
            work.change(moved, window + " is asked " + (behind ? "after " : "before ") + other);
        }
    }

    private List<DrawnList.Item> closing() {
        var rows = new ArrayList<DrawnList.Item>();
        int number = departing.asked().size() + 1;
        for (Departing.Asked one : ownedFirst(departing.asked())) {
            int stop = number++;
            Window window = one.window();
            rows.add(new DrawnList.Item(List.of(window.name(), window.kind(), stop, one.back()), () -> {
                var head = Ui.row(
                        6,
                        stop(stop),
                        new Mark(window),
                        Ui.shortened(window.name().shown(), "plain"));
                var row = Ui.styled(Ui.column(1, head), "departure-row");
                one.back().forEach(t -> row.getChildren().add(said(t)));
                return row;
            }));
        }
        return rows;
    }

    /** C5: what is owned closes before what owns it. */
    static List<Departing.Asked> ownedFirst(List<Departing.Asked> asked) {
        var all = new ArrayList<Departing.Asked>();
        var above = new ArrayDeque<Departing.Asked>();
        for (Departing.Asked one : asked) {
            while (!above.isEmpty() && above.peek().depth() >= one.depth()) {
                all.add(above.pop());
            }
            above.push(one);
        }
        all.addAll(above);
        return all;
    }

    private List<DrawnList.Item> steps() {
        var rows = new ArrayList<DrawnList.Item>();
        for (ScriptLines.Line line : ScriptLines.of(design, new ScriptPlace.Plan())) {
            rows.add(new DrawnList.Item(List.of(line, TokenFlow.kinds(line.tokens(), design)), () -> {
                var flow = new TokenFlow(line.tokens(), design);
                VBox.setMargin(flow, new Insets(0, 0, 0, 12 * line.indent()));
                return row(flow);
            }));
        }
        return rows;
    }

    private void drawExit() {
        exit.getChildren()
                .setAll(
                        Ui.label("Exit code", "strong"),
                        Ui.label("the last one given", "small"),
                        Ui.row(6, Ui.label("0", "value"), Ui.label("as planned", "plain")));
        departing.codes().forEach(c -> exit.getChildren()
                .add(Ui.row(
                        6, Ui.label(c.code(), "value"), Ui.shortened(c.place().words(), "plain"))));
        exit.getChildren().add(Ui.row(6, Ui.label("1", "value"), Ui.label("after a fault", "plain")));
    }
}

package bivouac.desktop.departure;

import bivouac.closing.Departing;
import bivouac.closing.OnTheWay;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.ScriptPlace;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.DepartureChoice;
import bivouac.desktop.widget.DragOrder;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.TokenFlow;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.window.ScriptPane;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.rehearsal.DepartureTried;
import bivouac.sentence.ScriptLines;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The Departure screen: from what asks for the end, over who is asked, to the exit code; below, the plan and a kill. */
public final class DepartureView implements ScreenView {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Work work;
    private final BorderPane root = new BorderPane();
    private final HBox lane = Ui.styled(new HBox(), "departure-lane");
    private final KilledHere killed = new KilledHere();
    /** Windows of the asking order, dragged. */
    private final DragOrder<String> order = new DragOrder<>(this::drop);

    private final VBox planBox = Ui.styled(Ui.column(6), "departure-plan");
    private final ScriptPane plan;
    private Departing departing;
    private int asker;
    private Situation shown;

    public DepartureView(Work work) {
        this.work = work;
        plan = new ScriptPane(work);
        var play = Ui.button("Play this departure", "play-departure", this::play, "primary");
        root.setTop(Ui.styled(
                Ui.row(
                        10,
                        Ui.label("The end of the application", "strong"),
                        Ui.label("left of the gate one refusal calls it off; right of it nothing can", "quiet"),
                        Ui.spring(),
                        play),
                "screen-bar"));
        var script = Scrolling.down(plan);
        VBox.setVgrow(script, Priority.ALWAYS);
        planBox.getChildren()
                .addAll(
                        Ui.row(
                                8,
                                Ui.label("The plan", "head"),
                                Ui.label("a failing step stops none after it", "quiet")),
                        script);
        HBox.setHgrow(planBox, Priority.ALWAYS);
        var below = Ui.styled(new HBox(killed, planBox), "departure-below");
        below.setPrefHeight(300);
        var along = Scrolling.down(lane);
        // the gate and the end reach down to the foot, however little there is to close
        lane.minHeightProperty().bind(along.heightProperty().subtract(4));
        root.setCenter(along);
        root.setBottom(below);
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        boolean same = shown != null && shown.program() == s.program();
        shown = s;
        if (!s.isCompiled()) {
            return;
        }
        if (!same || departing == null) {
            departing = Departing.of(s.program());
            draw();
        }
        plan.show(s, new ScriptPlace.Plan());
    }

    private void draw() {
        Refocus focus = Refocus.of(root);
        order.clear();
        asker = Math.min(asker, departing.askers().size() - 1);
        lane.getChildren()
                .setAll(
                        column("Asked for by", "any one of these", 168, askers()),
                        column("Who is asked, in order", "if they are open; owned ones with their owner", 268, asked()),
                        Ui.styled(new Region(), "departure-gate"),
                        Ui.styled(column("Windows close", "owned first, no refusing", 196, closing()), "after-gate"),
                        column("The plan", "in order", 262, steps()),
                        column("Given back", "last taken first", 128, givenBack()),
                        column("Kept", "for next time", 112, kept()),
                        exit());
        killed.show(shown.design(), departing);
        focus.restore(root, false);
    }

    private Node column(String head, String about, double width, List<? extends Node> rows) {
        var column = Ui.styled(Ui.column(0, Ui.label(head, "strong"), Ui.wrapped(about, "small")), "departure-column");
        var card = Ui.styled(new VBox(), "departure-card");
        card.getChildren().addAll(rows);
        VBox.setMargin(card, new Insets(8, 0, 0, 0));
        column.getChildren().add(card);
        column.setPrefWidth(width);
        column.setMinWidth(width - 24);
        return column;
    }

    private static Node row(Node... nodes) {
        var row = Ui.styled(Ui.column(2, nodes), "departure-row");
        return row;
    }

    private static Node quiet(String words) {
        return row(Ui.wrapped(words, "quiet"));
    }

    private List<Node> askers() {
        var rows = new java.util.ArrayList<Node>();
        for (int i = 0; i < departing.askers().size(); i++) {
            int number = i;
            String words = DepartureTried.words(departing.askers().get(i));
            var row = Ui.styled(Ui.column(0, Ui.wrapped(words, "plain")), "departure-row", "departure-asker");
            Ui.pressable(row, "asker-" + i, "asked for by " + words, () -> {
                asker = number;
                draw();
            });
            row.pseudoClassStateChanged(CHOSEN, i == asker);
            rows.add(row);
        }
        rows.add(row(
                Ui.label("It ends", "small"),
                new DepartureChoice(() -> work.now().design(), "departure-rule", work::change)));
        return rows;
    }

    private List<Node> asked() {
        var rows = new java.util.ArrayList<Node>();
        int number = 1;
        for (Departing.Asked asked : departing.asked()) {
            rows.add(askedRow(asked, number++));
        }
        if (rows.isEmpty()) {
            rows.add(quiet("Nobody: the design has no windows."));
        }
        if (!shown.design().application().leaving().asked().isEmpty()) {
            rows.add(row(Ui.link("As by itself", "asking-order-usual", this::asByItself)));
        }
        return rows;
    }

    private void asByItself() {
        Design now = work.now().design();
        work.change(
                now.with(now.application().leaving(now.application().leaving().asking(List.of()))),
                "asking order as by itself");
    }

    private Node askedRow(Departing.Asked asked, int number) {
        FacedWindow window = asked.window();
        String name = window.name().shown();
        var head = Ui.row(6, stop(number), new Mark(window), Ui.shortened(name, "strong"), Ui.spring());
        var row = Ui.styled(Ui.column(1, head), "departure-row");
        boolean canMove = asked.depth() == 0
                && departing.asked().stream().filter(a -> a.depth() == 0).count() > 1;
        if (canMove) {
            head.getChildren()
                    .addAll(
                            sign("↑", "asked-earlier-" + name, name + " is asked earlier", () -> move(name, -1)),
                            sign("↓", "asked-later-" + name, name + " is asked later", () -> move(name, 1)));
        }
        List<OnTheWay> things = asked.unasked() ? List.of() : asked.before().things();
        things.forEach(t -> row.getChildren().add(said(t)));
        if (things.isEmpty()) {
            row.getChildren().add(indented(Ui.label(asked.unasked() ? "goes unasked" : "asks nothing", "small")));
        }
        VBox.setMargin(row, new Insets(0, 0, 0, 14 * asked.depth()));
        Ui.pressable(
                row,
                "asked-" + name,
                "asked: " + name,
                () -> work.goTo(Chosen.script(new ScriptPlace.AtMoment(name, FacedWindow.Moment.BEFORE_CLOSING))));
        if (asked.depth() == 0) {
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

    private List<Node> closing() {
        var rows = new java.util.ArrayList<Node>();
        int number = departing.asked().size() + 1;
        for (Departing.Asked asked : owned()) {
            var row = Ui.styled(
                    Ui.column(
                            1,
                            Ui.row(
                                    6,
                                    stop(number++),
                                    new Mark(asked.window()),
                                    Ui.shortened(asked.window().name().shown(), "plain"))),
                    "departure-row");
            asked.back().forEach(t -> row.getChildren().add(said(t)));
            rows.add(row);
        }
        return rows.isEmpty() ? List.of(quiet("Nothing to close.")) : rows;
    }

    /** C5: what is owned closes before what owns it. */
    private List<Departing.Asked> owned() {
        var all = new java.util.ArrayList<Departing.Asked>();
        var above = new java.util.ArrayDeque<Departing.Asked>();
        for (Departing.Asked asked : departing.asked()) {
            while (!above.isEmpty() && above.peek().depth() >= asked.depth()) {
                all.add(above.pop());
            }
            above.push(asked);
        }
        all.addAll(above);
        return all;
    }

    private List<Node> steps() {
        var rows = new java.util.ArrayList<Node>();
        for (ScriptLines.Line line : ScriptLines.of(departing.plan(), shown.design())) {
            var flow = new TokenFlow(line.tokens(), shown.design());
            VBox.setMargin(flow, new Insets(0, 0, 0, 12 * line.indent()));
            rows.add(row(flow));
        }
        return rows.isEmpty()
                ? List.of(quiet("Nothing to do before it ends. Type the first step below: save, run, take…"))
                : rows;
    }

    private List<Node> givenBack() {
        var rows = departing.givenBack().stream()
                .map(h -> row(Ui.wrapped(h.name().shown(), "strong"), Ui.label("if it was taken", "small")))
                .toList();
        return rows.isEmpty() ? List.of(quiet("Nothing is held by the application.")) : rows;
    }

    private List<Node> kept() {
        var rows = departing.kept().stream()
                .map(v -> row(Ui.wrapped(v.name().shown(), "strong")))
                .toList();
        return rows.isEmpty() ? List.of(quiet("No value is kept.")) : rows;
    }

    private Node exit() {
        var wall = Ui.styled(
                Ui.column(6, Ui.label("Exit code", "strong"), Ui.label("the last one given", "small")),
                "departure-exit");
        wall.getChildren().add(Ui.row(6, Ui.label("0", "value"), Ui.label("as planned", "plain")));
        departing.codes().forEach(c -> wall.getChildren()
                .add(Ui.row(
                        6, Ui.label(c.code(), "value"), Ui.shortened(c.place().words(), "plain"))));
        wall.getChildren().add(Ui.row(6, Ui.label("1", "value"), Ui.label("after a fault", "plain")));
        wall.setMinWidth(128);
        wall.setPrefWidth(148);
        return wall;
    }

    private void play() {
        work.rehearseDeparture(departing.askers().get(asker));
    }

    @Override
    public boolean takes(KeyEvent key) {
        return ScreenView.moves(key, root, "departure-row") || ScreenView.moves(key, root, "step-line");
    }

    @Override
    public void focus() {
        Node first = Refocus.find(root, "asker-" + asker);
        if (first != null) {
            first.requestFocus();
        }
    }
}

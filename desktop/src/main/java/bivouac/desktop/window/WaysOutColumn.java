package bivouac.desktop.window;

import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Way;
import bivouac.design.Window;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The right column: the ways out by ending, where each leads, and what every opener does then. */
final class WaysOutColumn {

    private static final double NAME = 100;
    private static final double WIDE_NAME = 170;

    private final Work work;
    private final Situation s;
    private final Window window;
    private final WaysOutState state;

    WaysOutColumn(Work work, Situation s, Window window) {
        this.work = work;
        this.s = s;
        this.window = window;
        this.state = WaysOutState.of(s.design(), window);
    }

    /** All that the cards say, and all by which they change the window; where it is the same they need no drawing. */
    List<Object> says() {
        var says = new ArrayList<Object>(
                List.of(window.name(), window.kind(), state, s.chosen().script()));
        if (window instanceof FacedWindow face) {
            says.addAll(List.of(
                    face.endings(),
                    s.rowTypes(),
                    face.waysOut(),
                    face.parts().stream()
                            .filter(Part.Button.class::isInstance)
                            .map(Part::name)
                            .toList(),
                    face.moments(),
                    face.routines(),
                    face.instancesOrUsual()));
        }
        return List.copyOf(says);
    }

    List<Node> cards() {
        var cards = new ArrayList<Node>();
        if (window instanceof FacedWindow face) {
            cards.add(endings(face));
        }
        for (WaysOutState.Group group : state.groups()) {
            cards.add(group(window, group));
        }
        if (!state.absent().isEmpty()) {
            var card = card();
            card.getChildren().add(Ui.label("Leads to no ending by itself", "card-head"));
            state.absent().forEach(r -> card.getChildren().add(row(window, r)));
            cards.add(card);
        }
        if (window instanceof FacedWindow face) {
            cards.add(moments(s, face));
            cards.add(routines(s, face));
        }
        return cards;
    }

    private static VBox card() {
        return Ui.styled(Ui.column(0), "card");
    }

    private Node endings(FacedWindow face) {
        String name = face.name().shown();
        var line = new TextLine(
                "endings", "Endings", work.now().rowTypes().named(Declarations.endings(face.endings())), text -> {
                    try {
                        var endings =
                                Declarations.readEndings(work.now().rowTypes().whole(text));
                        work.change(
                                work.now().design().changingFace(name, f -> f.ending(endings)),
                                "endings of " + name + " changed");
                        return "";
                    } catch (Declarations.Wrong e) {
                        work.say(e.getMessage());
                        return e.getMessage();
                    }
                });
        line.getStyleClass().add("dense");
        return Ui.column(2, Ui.label("Endings, and what each gives", "card-head-small"), line);
    }

    private Node group(Window window, WaysOutState.Group group) {
        var card = card();
        var head = Ui.styled(Ui.row(6, Ui.label(group.ending().name(), "ending")), "card-head-row");
        if (group.ending().gives().isEmpty()) {
            head.getChildren().add(Ui.label("gives nothing", "quiet"));
        } else {
            head.getChildren().add(Ui.label("gives", "quiet"));
            group.ending().gives().forEach(g -> head.getChildren()
                    .add(Ui.label(g.name().expression(), "value")));
        }
        card.getChildren().add(head);
        if (group.rows().isEmpty()) {
            card.getChildren()
                    .add(Ui.styled(
                            Ui.wrapped("No way leads here yet. A step does: close with "
                                    + group.ending().name()),
                            "row-note"));
        } else {
            card.getChildren()
                    .add(Ui.styled(
                            window instanceof FacedWindow
                                    ? Ui.row(
                                            0,
                                            column("Way out", NAME),
                                            column("asks first", 82),
                                            column("leads to", 100))
                                    : Ui.row(0, column("Way out", WIDE_NAME), column("asks first", 82)),
                            "table-head"));
        }
        group.rows().forEach(r -> card.getChildren().add(row(window, r)));
        if (!group.receivers().isEmpty()) {
            var does = Ui.styled(Ui.column(3, Ui.label("What each opener does then", "card-head-small")), "receivers");
            group.receivers().forEach(r -> does.getChildren().add(receiver(r)));
            card.getChildren().add(does);
        }
        return card;
    }

    private static Label column(String text, double width) {
        Label label = Ui.label(text, "table-column");
        label.setPrefWidth(width);
        return label;
    }

    private Node row(Window window, WaysOutState.Row row) {
        var name = Ui.shortened(row.name(), "plain");
        boolean narrow = window instanceof FacedWindow;
        name.setPrefWidth(narrow ? NAME : WIDE_NAME);
        name.setMinWidth(narrow ? NAME : WIDE_NAME);
        var line = Ui.styled(Ui.row(0, name), "table-row");
        if (row.way().isPresent() && window instanceof FacedWindow face) {
            var asks = Ui.shortened(row.asks(), row.asks().equals("nothing") ? "quiet" : "plain");
            HBox.setHgrow(asks, javafx.scene.layout.Priority.ALWAYS);
            asks.setMaxWidth(Double.MAX_VALUE);
            line.getChildren().addAll(asks, choice(face, row.way().get()));
        } else {
            line.getChildren().add(Ui.shortened(row.asks(), row.asks().equals("nothing") ? "quiet" : "plain"));
            row.place().ifPresent(p -> line.setOnMouseClicked(e -> work.goTo(Chosen.script(p))));
        }
        return line;
    }

    private Node choice(FacedWindow face, Way way) {
        var choice = new WayChoice(work, face, way, "way-" + way.words());
        choice.setPrefWidth(128);
        choice.setMinWidth(128);
        return choice;
    }

    private Node receiver(WaysOutState.Receiver receiver) {
        var who = Ui.shortened(receiver.opener(), "strong");
        who.setPrefWidth(84);
        who.setMinWidth(84);
        var row = Ui.row(6, who, Ui.shortened(receiver.does(), "plain"));
        row.setOnMouseClicked(e -> work.goTo(Chosen.script(receiver.place())));
        return row;
    }

    /** Its named scripts and timers. */
    private Node routines(Situation s, FacedWindow face) {
        String name = face.name().shown();
        var pane = new RoutinesPane(
                work,
                face.routines(),
                r -> work.change(
                        work.now().design().changingFace(name, f -> f.with(r)),
                        "scripts and timers of " + name + " changed"));
        var card = card();
        card.getChildren()
                .addAll(
                        padded(Ui.label("Its scripts", "strong")),
                        padded(pane.scripts("window-scripts")),
                        padded(Ui.label("Its timers", "strong")),
                        padded(pane.timers("window-timers")),
                        RoutinesPane.links(work, s, ScriptPlace.routines(Optional.of(name), face.routines())));
        return card;
    }

    private static Node padded(Node node) {
        var row = Ui.styled(Ui.row(0, node), "card-line");
        HBox.setHgrow(node, Priority.ALWAYS);
        return row;
    }

    private Node moments(Situation s, FacedWindow face) {
        var card = card();
        for (FacedWindow.Moment moment : FacedWindow.Moment.values()) {
            if (moment == FacedWindow.Moment.BROUGHT_BACK && face.instancesOrUsual() instanceof Instances.Many) {
                continue;
            }
            var place = new ScriptPlace.AtMoment(face.name().shown(), moment);
            int steps = face.moment(moment).steps().size();
            String words = Character.toUpperCase(moment.words().charAt(0))
                    + moment.words().substring(1);
            boolean chosen = s.chosen().script().equals(Optional.of(place));
            var name = Ui.label(words, "strong");
            name.setPrefWidth(110);
            card.getChildren()
                    .add(Ui.styled(
                            Ui.row(
                                    6,
                                    name,
                                    Ui.label(steps == 0 ? "empty" : steps == 1 ? "1 step" : steps + " steps", "quiet"),
                                    Ui.spring(),
                                    Ui.wholeLink(
                                            chosen ? "shown" : steps == 0 ? "Add a step" : "Show",
                                            "moment-" + moment.words(),
                                            () -> work.goTo(Chosen.script(place)))),
                            "table-row"));
        }
        return card;
    }
}

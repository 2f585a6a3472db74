package bivouac.desktop.window;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.design.WaysIn;
import bivouac.design.Window;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The left column: a card for each place that opens the window, with what it hands over. */
final class WaysInColumn {

    private final Work work;
    private final Situation s;
    private final Window window;
    private final List<WaysIn.WayIn> ways;

    WaysInColumn(Work work, Situation s, Window window) {
        this.work = work;
        this.s = s;
        this.window = window;
        this.ways = WaysIn.into(s.design(), window.name().shown());
    }

    /** All that the cards say; where it is the same they need no drawing. */
    List<Object> says() {
        Design design = s.design();
        return List.of(
                window.name(),
                window.kind(),
                window.takes(),
                ways,
                ways.stream().map(w -> trigger(design, w.place())).toList(),
                ways.stream()
                        .map(w -> w.place().ofWindow().flatMap(design::window).map(Window::kind))
                        .toList(),
                s.findings().stream()
                        .filter(f -> ways.stream().anyMatch(w -> isAt(f, w)))
                        .toList());
    }

    private static boolean isAt(Finding f, WaysIn.WayIn way) {
        return f.place().script().equals(Optional.of(way.place()))
                && f.place().step().equals(Optional.of(way.path()));
    }

    List<Node> cards() {
        if (ways.isEmpty()) {
            return List.of(Ui.styled(
                    Ui.wrapped("Nothing opens " + window.name()
                            + " yet. Choose a button of another window, and type: open " + window.name()),
                    "empty"));
        }
        return ways.stream().map(this::card).toList();
    }

    private Node card(WaysIn.WayIn way) {
        Design design = s.design();
        var head = Ui.row(8);
        way.place()
                .ofWindow()
                .flatMap(design::window)
                .ifPresentOrElse(
                        opener -> head.getChildren()
                                .addAll(
                                        new Mark(opener),
                                        Ui.shortened(opener.name().shown(), "strong")),
                        () -> head.getChildren().addAll(Mark.ofApplication(), Ui.label("Start", "strong")));
        var lines = Ui.column(4, head, Ui.shortened(trigger(design, way.place()), "quiet"));
        boolean waits = way.open().manner().isWaiting() || window instanceof bivouac.design.MessageBox;
        lines.getChildren()
                .add(Ui.row(
                        6,
                        Ui.styled(new javafx.scene.layout.Region(), waits ? "waits-line" : "alongside-line"),
                        Ui.label(manner(way.open().manner()), "plain")));
        for (Take take : window.takes()) {
            lines.getChildren().add(take(take, way));
        }
        s.findings().stream().filter(f -> isAt(f, way)).forEach(f -> lines.getChildren()
                .add(finding(f)));
        return Ui.pressable(
                Ui.styled(lines, "card-button"),
                "way-in-" + way.place().words(),
                way.place().words() + " opens this window",
                () -> work.goTo(Chosen.script(way.place())));
    }

    static String trigger(Design design, ScriptPlace place) {
        return place instanceof ScriptPlace.Start
                ? "start script"
                : place.ownWords(design, part -> part.kind() + " " + part.displayName());
    }

    private static String manner(Manner manner) {
        return switch (manner) {
            case Manner.WaitsForOwner w -> "waits, for its owner";
            case Manner.WaitsForApplication w -> "waits, for the application";
            case Manner.Alongside a -> "alongside";
            case Manner.InPlace i -> "in place";
        };
    }

    private static Node take(Take take, WaysIn.WayIn way) {
        var name = Ui.label(take.name().expression(), "value");
        Optional<Given> given = way.open().handOver().stream()
                .filter(g -> g.name().equals(take.name().expression()))
                .findFirst();
        Node value = given.map(g -> (Node) Ui.shortened(g.value().source(), "expression"))
                .orElseGet(() -> Ui.label(
                        take.byDefault().map(d -> "its default, " + d).orElse("nothing is handed over"), "quiet"));
        return Ui.row(6, name, Ui.label("←", "between"), value);
    }

    private static Node finding(Finding f) {
        var words = Ui.wrapped(f.what(), "problem-text");
        var row = Ui.row(8, Weights.shape(f.weight()), words);
        javafx.scene.layout.HBox.setHgrow(words, javafx.scene.layout.Priority.ALWAYS);
        return Ui.styled(new VBox(row), "finding-box", f.weight().word());
    }
}

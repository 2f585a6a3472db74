package bivouac.desktop.closings;

import bivouac.check.finding.Finding;
import bivouac.check.ways.Repair;
import bivouac.closing.Closings;
import bivouac.closing.Closings.Cell;
import bivouac.closing.Closings.Column;
import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Way;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.TokenFlow;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.window.WayChoice;
import bivouac.desktop.window.WaysOutState;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.ScriptLines;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What a chosen square means: what is found about it, where it leads, the scripts it runs, and who is told. */
final class ClosingPanel extends VBox {

    private static final PseudoClass SKIPPED = PseudoClass.getPseudoClass("skipped");

    private final Work work;

    ClosingPanel(Work work) {
        super(12);
        this.work = work;
        getStyleClass().add("closing-panel");
        setPrefWidth(284);
        setMinWidth(284);
    }

    void show(Situation s, Closings.Row row, Column column) {
        Window window = row.window();
        getChildren().clear();
        var name = Ui.shortened(window.name().shown(), "head");
        HBox.setHgrow(name, Priority.SOMETIMES);
        getChildren()
                .add(Ui.row(8, new Mark(window), name, Ui.label("by", "quiet"), Ui.label(column.words(), "strong")));
        about(s, window).forEach(f -> getChildren().add(found(f)));
        getChildren()
                .add(Ui.button(
                        "Rehearse this closing",
                        "rehearse-closing",
                        () -> work.rehearseClosing(row, column),
                        "secondary"));
        if (window instanceof FacedWindow face) {
            column.way().ifPresent(way -> leads(face, way, row.cell(column)));
            scripts(s, face, row, column);
        } else {
            getChildren()
                    .add(Ui.wrapped(
                            "It is never asked, and runs no script of its own; who opened it goes on in the branch of its"
                                    + " ending.",
                            "quiet"));
        }
        then(s, window, row.cell(column));
    }

    private static List<Finding> about(Situation s, Window window) {
        return ClosingsState.about(s.findings(), window.name().shown());
    }

    private Node found(Finding finding) {
        var card = Ui.styled(
                Ui.column(
                        6,
                        Ui.row(
                                6,
                                Weights.shape(finding.weight()),
                                Ui.label(finding.weight().word(), "weight-word")),
                        Ui.wrapped(finding.what(), "strong"),
                        Ui.wrapped(finding.why(), "quiet")),
                "closing-finding",
                finding.weight().word());
        for (int i = 0; i < finding.repairs().size(); i++) {
            Repair repair = finding.repairs().get(i);
            card.getChildren()
                    .add(Ui.button(
                            repair.words(),
                            "closing-repair-" + i,
                            () -> work.putRight(finding, repair),
                            i == 0 ? "primary" : "secondary"));
        }
        return card;
    }

    /** Where the way leads, and whether it asks: edited here. */
    private void leads(FacedWindow face, Way way, Cell cell) {
        boolean never = cell instanceof Cell.NoWay(var why) && why == Closings.Why.NEVER_OWNED;
        if (never) {
            return;
        }
        var choice = new WayChoice(work, face, way, "closing-leads");
        var words = Ui.label("leads to", "plain");
        words.setMinWidth(Region.USE_PREF_SIZE);
        var row = Ui.row(8, words, choice);
        getChildren().add(row);
        if (cell instanceof Cell.Leads leads) {
            var asked = new CheckBox("asks first, like the others");
            asked.setId("closing-asks");
            asked.setSelected(!leads.unasked());
            asked.setOnAction(e -> work.change(
                    work.now()
                            .design()
                            .changingFace(
                                    face.name().shown(),
                                    f -> f.leaving(way, WaysOut.asking(f, way, !asked.isSelected()))),
                    way.words() + " of " + face.name() + (asked.isSelected() ? " asked first" : " unasked")));
            getChildren().add(asked);
        }
    }

    private void scripts(Situation s, FacedWindow face, Closings.Row row, Column column) {
        if (column == Column.CLOSE_STEP) {
            row.triggers().forEach(t -> script(s, t.place(), "When " + t.place().words(), "runs first", false));
        }
        boolean skips = row.cell(column) instanceof Cell.Leads l && l.unasked();
        var before = new ScriptPlace.AtMoment(face.name().shown(), FacedWindow.Moment.BEFORE_CLOSING);
        var after = new ScriptPlace.AtMoment(face.name().shown(), FacedWindow.Moment.AFTER_CLOSING);
        script(s, before, "Before closing", skips ? "skipped here" : "may refuse", skips);
        script(s, after, "After closing", "runs, cannot refuse", false);
    }

    private void script(Situation s, ScriptPlace place, String title, String about, boolean skipped) {
        Script script = place.in(s.design());
        var lines = Ui.styled(Ui.column(2), "closing-script");
        lines.pseudoClassStateChanged(SKIPPED, skipped);
        for (ScriptLines.Line line : ScriptLines.of(s.design(), place)) {
            var flow = new TokenFlow(line.tokens(), s.design());
            VBox.setMargin(flow, new Insets(0, 0, 0, 12 * line.indent()));
            lines.getChildren().add(flow);
        }
        if (script.isEmpty()) {
            lines.getChildren().add(Ui.label("nothing", "quiet"));
        }
        getChildren()
                .add(Ui.column(
                        4,
                        Ui.row(
                                6,
                                Ui.shortened(title, "strong"),
                                Ui.spring(),
                                Ui.label(about, skipped ? "problem-text" : "quiet"),
                                Ui.link(
                                        script.isEmpty() ? "Write" : "Edit",
                                        "closing-edit-" + place.words(),
                                        () -> work.goTo(Chosen.script(place)))),
                        lines));
    }

    private static Label unshortened(String text) {
        Label label = Ui.label(text, "plain");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    /** What becomes of the ending. */
    private void then(Situation s, Window window, Cell cell) {
        List<String> endings = cell instanceof Cell.Leads l ? l.endings() : List.of();
        if (endings.isEmpty()) {
            return;
        }
        var state = WaysOutState.of(s.design(), window);
        var lines = Ui.column(4, Ui.label("Then", "strong"));
        for (String ending : endings) {
            lines.getChildren().add(Ui.row(6, Ui.label(ending, "ending")));
            Optional<WaysOutState.Group> group = state.groups().stream()
                    .filter(g -> g.ending().name().equals(ending))
                    .findFirst();
            group.ifPresent(g -> g.receivers().forEach(r -> lines.getChildren()
                    .add(Ui.row(6, unshortened(r.opener()), Ui.shortened(r.does(), "quiet")))));
        }
        getChildren().add(lines);
    }
}

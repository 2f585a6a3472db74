package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import bivouac.rehearsal.Comparison;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Trail;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** This way of the rehearsal beside another that was gone: where they part, and what differs at their ends. */
final class WaysPane extends VBox {

    private final Work work;
    private final Runnable close;
    private int chosen;

    WaysPane(Work work, Runnable close) {
        super(10);
        this.work = work;
        this.close = close;
        setId("ways");
        getStyleClass().add("ways-pane");
    }

    void show(Rehearsal rehearsal) {
        Refocus focus = Refocus.of(this);
        fill(rehearsal);
        focus.restore(this, false);
    }

    private void fill(Rehearsal rehearsal) {
        List<Trail> others = rehearsal.otherWays();
        if (others.isEmpty()) {
            getChildren().setAll(head(), Ui.wrapped("There is one way only. Go back and try another.", "quiet"));
            return;
        }
        chosen = Math.min(chosen, others.size() - 1);
        Trail other = others.get(chosen);
        Comparison compared = Comparison.of(rehearsal, other);
        var columns = Ui.row(
                16,
                column(
                        "This way",
                        "way-here",
                        rehearsal.name(),
                        compared.here(),
                        n -> work.rehearse(rehearsal.named(n))),
                column(
                        "The other way",
                        "way-there",
                        other.name(),
                        compared.there(),
                        n -> work.rehearse(rehearsal.naming(other, n))));
        columns.setAlignment(javafx.geometry.Pos.TOP_LEFT);
        String parting = compared.parting() == 0
                ? "They part at the start."
                : "They part after event " + compared.parting() + ".";
        var body = Ui.column(
                12,
                Ui.label(parting, "strong"),
                columns,
                Ui.label("What differs at their ends", "strong"),
                differences(compared));
        var scroll = Scrolling.down(body);
        scroll.getStyleClass().add("seen-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .setAll(
                        head(),
                        Ui.row(
                                8,
                                choice(rehearsal, others),
                                Ui.button(
                                        "Go that way",
                                        "ways-go",
                                        () -> work.rehearse(rehearsal.onWay(other)),
                                        "secondary")),
                        scroll);
    }

    private Node head() {
        return Ui.row(
                8,
                Ui.label("Ways beside each other", "overlay-title"),
                Ui.spring(),
                Ui.button("Close", "ways-close", close, "secondary"));
    }

    private Node choice(Rehearsal rehearsal, List<Trail> others) {
        var choice = new ChoiceBox<String>();
        choice.setId("ways-choice");
        choice.setAccessibleText("The other way");
        others.forEach(o -> choice.getItems().add(Comparison.name(rehearsal, o)));
        choice.getSelectionModel().select(chosen);
        choice.setOnAction(e -> {
            chosen = choice.getSelectionModel().getSelectedIndex();
            show(rehearsal);
        });
        return choice;
    }

    /** What happened on a way, under the name that a person gives it. */
    private static Node column(String title, String id, String name, List<String> lines, Consumer<String> named) {
        var field = new TextLine(id, "Name of " + title.toLowerCase(Locale.ROOT), name, n -> {
            if (!n.strip().equals(name)) {
                named.accept(n.strip());
            }
            return "";
        });
        field.setPromptText("give it a name");
        var column = Ui.column(4, Ui.label(title, "group-name"), field);
        lines.forEach(l -> column.getChildren().add(Ui.wrapped(l, "plain")));
        if (lines.isEmpty()) {
            column.getChildren().add(Ui.label("nothing more", "quiet"));
        }
        HBox.setHgrow(column, Priority.ALWAYS);
        column.setPrefWidth(300);
        return column;
    }

    private static Node differences(Comparison compared) {
        var grid = new GridPane(16, 4);
        int row = 0;
        for (Comparison.Difference d : compared.differs()) {
            Label what = Ui.wrapped(d.what(), "plain");
            what.setPrefWidth(180);
            Label here = Ui.wrapped(d.here(), "plain");
            here.setPrefWidth(230);
            Label there = Ui.wrapped(d.there(), "plain");
            there.setPrefWidth(230);
            grid.addRow(row++, what, here, there);
        }
        return compared.differs().isEmpty() ? Ui.label("Nothing: both lead to the same.", "fine") : grid;
    }
}

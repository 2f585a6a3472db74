package bivouac.desktop.overview;

import bivouac.check.Finding;
import bivouac.design.Ending;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.ShareBar;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Situation;
import bivouac.rehearsal.Covered;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;

/** A window's card: roof line, title, and a row for each trigger that opens something. */
final class WindowCard extends Pane {

    private static final double HEAD = 46;
    private static final double ROW = 28;
    private static final double FOLDED = 38;
    private static final double FOLDED_LABEL = 76;
    private static final double BACK = 26;

    WindowCard(OverviewState.Card card, Situation s, double width, Runnable choose, Runnable enter) {
        String name = card.window().name().shown();
        var body = Ui.styled(new VBox(head(card, s, name)), "overview-card");
        for (OverviewState.Row row : card.rows()) {
            body.getChildren().add(row(row));
        }
        body.setPrefWidth(width);
        body.setPrefHeight(height(card));
        var roof = new SVGPath();
        roof.setContent(Mark.roof(card.window(), width));
        roof.getStyleClass().add("roof");
        getChildren().addAll(body, roof);
        setId("card-" + name);
        getStyleClass().add("card-holder");
        setFocusTraversable(true);
        setAccessibleText(card.window().kind() + " " + name);
        pseudoClassStateChanged(
                PseudoClass.getPseudoClass("chosen"), s.chosen().window().equals(Optional.of(name)));
        setOnMouseClicked(e -> {
            requestFocus();
            if (e.getClickCount() == 2) {
                enter.run();
            } else {
                choose.run();
            }
        });
        setOnKeyPressed(e -> {
            switch (e.getCode()) {
                case ENTER -> {
                    enter.run();
                    e.consume();
                }
                case SPACE -> {
                    choose.run();
                    e.consume();
                }
                default -> {
                    // other keys are the frame's
                }
            }
        });
    }

    private static Node head(OverviewState.Card card, Situation s, String name) {
        var title = Ui.row(6, Ui.shortened(name, "strong"), Ui.spring());
        List<Finding.Weight> weights = s.findings().stream()
                .filter(f -> f.place().window().equals(Optional.of(name)))
                .map(Finding::weight)
                .toList();
        weights.stream().min(Finding.Weight::compareTo).ifPresent(heaviest -> title.getChildren()
                .addAll(
                        Weights.shape(heaviest),
                        Ui.label(
                                Long.toString(weights.stream()
                                        .filter(heaviest::equals)
                                        .count()),
                                "weight-count",
                                heaviest.word())));
        Covered.Share share = s.rehearsed().covered().share(name);
        var about = Ui.shortened(card.about(), "small");
        about.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(about, Priority.ALWAYS);
        var second = Ui.row(6, about);
        if (share.met() > 0) {
            second.getChildren().add(new ShareBar(share));
        }
        var head = Ui.styled(Ui.column(0, title, second), "overview-head");
        head.setMinHeight(HEAD);
        head.setMaxHeight(HEAD);
        return head;
    }

    private static Node row(OverviewState.Row row) {
        var all = Ui.styled(new VBox(row.folded().isEmpty() ? plain(row) : foldedRow(row)), "overview-row");
        for (OverviewState.Back back : row.back()) {
            var chip = Ui.styled(
                    Ui.row(
                            5,
                            new Mark(back.window()),
                            Ui.shortened(back.window().name().shown(), "plain")),
                    "back-chip");
            boolean waits = back.manner().isWaiting();
            var stub = Ui.row(
                    6, Ui.styled(new javafx.scene.layout.Region(), waits ? "waits-line" : "alongside-line"), chip);
            stub.setMinHeight(BACK);
            all.getChildren().add(stub);
        }
        return all;
    }

    private static Node plain(OverviewState.Row row) {
        var line = Ui.row(6, Ui.shortened(row.name(), "plain"), Ui.spring(), Ui.label(row.kind(), "small"));
        line.setMinHeight(ROW);
        line.setMaxHeight(ROW);
        return line;
    }

    /** The trigger at the left; at the right what it opens, each with its endings in one line. */
    private static Node foldedRow(OverviewState.Row row) {
        var name = Ui.shortened(row.name(), "plain");
        name.setMinWidth(FOLDED_LABEL);
        name.setMaxWidth(FOLDED_LABEL);
        var opened = new VBox();
        row.folded().forEach(f -> opened.getChildren().add(folded(f)));
        HBox.setHgrow(opened, Priority.ALWAYS);
        var line = Ui.row(6, name, opened);
        line.setAlignment(Pos.TOP_LEFT);
        HBox.setMargin(name, new Insets(3, 0, 0, 0));
        return line;
    }

    private static Node folded(OverviewState.Folded folded) {
        var name = Ui.row(
                5, new Mark(folded.box()), Ui.shortened(folded.box().name().shown(), "plain"));
        String endings = folded.box().endings().stream().map(Ending::name).collect(Collectors.joining(" · "));
        var column = Ui.column(0, name, Ui.shortened(endings, "small"));
        column.setMinHeight(FOLDED);
        column.setMaxHeight(FOLDED);
        column.getStyleClass().add("folded");
        return column;
    }

    /** How high a card is, and where its rows are: known before it is drawn, so that the layout need not wait. */
    static OverviewLayout.CardSize size(OverviewState.Card card, double width) {
        var rows = new ArrayList<Double>();
        double y = HEAD;
        for (OverviewState.Row row : card.rows()) {
            rows.add(y + ROW / 2);
            y += height(row);
        }
        return new OverviewLayout.CardSize(width, height(card), List.copyOf(rows));
    }

    private static double height(OverviewState.Card card) {
        return HEAD + 2 + card.rows().stream().mapToDouble(WindowCard::height).sum();
    }

    private static double height(OverviewState.Row row) {
        double first = row.folded().isEmpty() ? ROW : FOLDED * row.folded().size();
        return 1 + first + BACK * row.back().size();
    }
}

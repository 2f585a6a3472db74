package bivouac.desktop.overview;

import bivouac.design.Ending;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.ShareBar;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.overview.CardPlan;
import bivouac.overview.Overview;
import bivouac.overview.RoofLine;
import bivouac.rehearsal.Covered;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;

/** A window's card: roof line, title, and a row for each trigger that opens something. */
final class WindowCard extends Pane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final String window;

    /** All that is seen of a card, but where it stands and whether it is chosen. */
    static List<?> says(Overview.Card card, Situation s, double width) {
        String name = card.window().name().shown();
        return List.of(
                name,
                card.window().kind(),
                RoofLine.over(card.window(), width),
                card.about(),
                card.rows(),
                s.weights().getOrDefault(name, List.of()),
                s.rehearsed().covered().share(name),
                width,
                CardPlan.height(card));
    }

    WindowCard(Overview.Card card, Situation s, double width, Runnable choose, Runnable enter) {
        String name = card.window().name().shown();
        window = name;
        var body = Ui.styled(new VBox(head(card, s, name)), "overview-card");
        for (Overview.Row row : card.rows()) {
            body.getChildren().add(row(row, width));
        }
        body.setPrefWidth(width);
        body.setPrefHeight(CardPlan.height(card));
        var roof = new SVGPath();
        roof.setContent(RoofLine.over(card.window(), width));
        roof.getStyleClass().add("roof");
        getChildren().addAll(body, roof);
        setId("card-" + name);
        getStyleClass().add("card-holder");
        setFocusTraversable(true);
        setAccessibleText(card.window().kind() + " " + name);
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

    void choose(Chosen chosen) {
        pseudoClassStateChanged(CHOSEN, chosen.window().equals(Optional.of(window)));
    }

    private static Node head(Overview.Card card, Situation s, String name) {
        var title = Ui.row(6, Ui.shortened(name, "strong"), Ui.spring());
        title.getChildren().addAll(Weights.heaviest(s.weights().getOrDefault(name, List.of())));
        Covered.Share share = s.rehearsed().covered().share(name);
        var about = Ui.shortened(card.about(), "small");
        about.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(about, Priority.ALWAYS);
        var second = Ui.row(6, about);
        if (share.met() > 0) {
            second.getChildren().add(new ShareBar(share));
        }
        var head = Ui.styled(Ui.column(0, title, second), "overview-head");
        head.setMinHeight(CardPlan.HEAD);
        head.setMaxHeight(CardPlan.HEAD);
        return head;
    }

    /** One line for each thing that is opened; the trigger stands before the first. */
    private static Node row(Overview.Row row, double width) {
        var lines = new ArrayList<Node>();
        row.folded().forEach(f -> lines.add(folded(f, width)));
        row.back().forEach(b -> lines.add(back(b)));
        if (lines.isEmpty()) {
            lines.add(Ui.row(0, Ui.spring(), Ui.label(row.kind(), "small")));
        }
        var all = Ui.styled(new VBox(), "overview-row");
        for (int i = 0; i < lines.size(); i++) {
            var trigger = Ui.shortened(i == 0 ? row.name() : "", "plain");
            trigger.setMinWidth(CardPlan.TRIGGER);
            trigger.setMaxWidth(CardPlan.TRIGGER);
            HBox.setHgrow(lines.get(i), Priority.ALWAYS);
            var line = Ui.row(6, trigger, lines.get(i));
            line.setMinHeight(CardPlan.ROW);
            line.setMaxHeight(CardPlan.ROW);
            all.getChildren().add(line);
        }
        return all;
    }

    /** It waits, so a short line of that manner leads to it; its endings are one strip, since it is folded. */
    private static Node folded(Overview.Folded folded, double width) {
        var name = Ui.row(
                5,
                Ui.styled(new Region(), "waits-dash"),
                new Mark(folded.box()),
                Ui.shortened(folded.box().name().shown(), "plain"));
        String endings = folded.box().endings().stream().map(Ending::name).collect(Collectors.joining(" · "));
        if (width < CardPlan.WIDE) {
            Tooltip.install(name, new Tooltip(endings));
            return name;
        }
        name.setMinWidth(CardPlan.ASKED);
        name.setMaxWidth(CardPlan.ASKED);
        return Ui.row(6, name, Ui.styled(Ui.shortened(endings), "endings-strip"));
    }

    private static Node back(Overview.Back back) {
        return Ui.row(
                5,
                Ui.styled(new Region(), back.manner().isWaiting() ? "waits-dash" : "alongside-dash"),
                new Mark(back.window()),
                Ui.styled(Ui.shortened(back.window().name().shown()), "back-chip"));
    }
}

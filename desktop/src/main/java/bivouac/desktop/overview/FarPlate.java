package bivouac.desktop.overview;

import bivouac.check.finding.Finding;
import bivouac.desktop.widget.ShareBar;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.overview.Overview;
import bivouac.overview.RoofLine;
import bivouac.rehearsal.Covered;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.shape.SVGPath;

/** A window seen from further away: its roof line and name where there is room for them, and what is found in it. */
final class FarPlate extends Pane {

    private boolean tipped;

    /** @param weights of the findings in the window */
    FarPlate(
            Overview.Card card,
            FarPlan.Plate place,
            FarPlan.Spacing spacing,
            List<Finding.Weight> weights,
            Covered.Share share) {
        String name = card.window().name().shown();
        boolean named = spacing != FarPlan.Spacing.MAP;
        var body = new HBox(4);
        if (named) {
            body.getChildren().addAll(Ui.shortened(name, "plate-name"), Ui.spring());
        }
        body.setAlignment(Pos.CENTER_LEFT);
        body.setPadding(new Insets(0, 5, 0, 6));
        body.setPrefSize(place.width(), place.height());
        body.setMinWidth(place.width());
        body.setMaxSize(place.width(), place.height());
        Ui.styled(body, "plate-body");
        long folded = card.rows().stream()
                .flatMap(r -> r.folded().stream())
                .distinct()
                .count();
        boolean roomy = place.width() >= FarPlan.Spacing.ROOMY.narrowest;
        if (roomy && folded > 0) {
            body.getChildren().add(Ui.label("+" + folded, "small"));
        }
        List<Node> found = Weights.heaviest(weights);
        body.getChildren().addAll(roomy ? found : found.stream().limit(1).toList());
        if (roomy && share.met() > 0) {
            body.getChildren().add(new ShareBar(share));
        }
        getChildren().add(body);
        if (named) {
            var roof = new SVGPath();
            roof.setContent(RoofLine.over(card.window(), place.width()));
            roof.getStyleClass().add("roof");
            getChildren().add(roof);
        }
        getStyleClass()
                .addAll(
                        "far-plate",
                        switch (spacing) {
                            case ROOMY -> "roomy";
                            case DENSE -> "dense";
                            case MAP -> "map";
                        },
                        card.window().of().name().toLowerCase(Locale.ROOT));
        setId("card-" + name);
        setFocusTraversable(true);
        String behind = folded == 0 ? "" : ", " + folded + " folded behind it";
        setAccessibleText(card.window().kind() + " " + name + behind + ", " + ShareBar.words(share));
        // a tip is a window of its own: hundreds at once would be felt
        addEventHandler(MouseEvent.MOUSE_ENTERED, e -> {
            if (!tipped) {
                tipped = true;
                Tooltip.install(this, new Tooltip(name + ": " + card.about() + behind));
            }
        });
        relocate(place.x(), place.y());
    }
}

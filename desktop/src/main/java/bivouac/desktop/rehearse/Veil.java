package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** What lies over a blocked window: a hatch at its title and rim, what it shows paler and still to be read, and by whom. */
final class Veil extends StackPane {

    private static final double TITLE = 30;
    private static final double RIM = 9;

    private final Label words = Ui.label("", "blocked-label");
    private final Button cancel;

    /** @param cancelled the work that the window shows, and that blocks it, is asked to end (W10) */
    Veil(Runnable pressed, Runnable cancelled) {
        cancel = Ui.button("Cancel", "veil-cancel", cancelled, "secondary");
        var rim = new BorderPane();
        rim.setTop(hatch(RIM, TITLE));
        rim.setBottom(hatch(RIM, RIM));
        rim.setLeft(hatch(RIM, RIM));
        rim.setRight(hatch(RIM, RIM));
        rim.setCenter(Ui.styled(new Region(), "veil-pale"));
        var foot = Ui.styled(Ui.row(6, words, cancel), "veil-foot");
        foot.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        getChildren().addAll(rim, foot);
        StackPane.setAlignment(foot, Pos.BOTTOM_LEFT);
        getStyleClass().add("veil");
        setOnMousePressed(e -> {
            pressed.run();
            e.consume();
        });
    }

    private static Region hatch(double width, double height) {
        var hatch = Ui.styled(new Region(), "veil-hatch");
        hatch.setMinSize(width, height);
        hatch.setPrefSize(width, height);
        return hatch;
    }

    /** @param why who blocks it, in words */
    void say(String why) {
        words.setText(why);
    }

    /** @param yes whether that can be asked for now */
    void offerCancel(boolean yes) {
        Ui.show(cancel, yes);
    }

    Node cancel() {
        return cancel;
    }
}

package bivouac.desktop.widget;

import bivouac.rehearsal.Covered;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** How much of something was rehearsed: a bar filled from the left, and the number for those who point at it. */
public final class ShareBar extends StackPane {

    private static final double WIDTH = 16;
    private static final double HEIGHT = 6;

    public ShareBar(Covered.Share share) {
        var fill = new Region();
        fill.getStyleClass().add("share-fill");
        fill.setMinSize(WIDTH * share.part(), HEIGHT);
        fill.setMaxSize(WIDTH * share.part(), HEIGHT);
        getStyleClass().add("share-bar");
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().add(fill);
        setAccessibleRole(AccessibleRole.TEXT);
        setAccessibleText(words(share));
        Tooltip.install(this, new Tooltip(words(share)));
    }

    /** As screens say it. */
    public static String words(Covered.Share share) {
        return share.met() + " of " + share.all() + " rehearsed";
    }
}

package bivouac.desktop.widget;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Rows of a drawn window in the frame of their group. */
public final class Groups {

    private static final double GAP = 8;

    private Groups() {}

    /** The one row itself where there is no group, else all of them in a titled frame. */
    public static Node framed(String group, List<? extends Node> rows) {
        if (group.isEmpty() && rows.size() == 1) {
            return rows.getFirst();
        }
        var inside = new VBox(GAP);
        inside.getChildren().addAll(rows);
        VBox.setVgrow(inside, Priority.ALWAYS);
        return Ui.styled(Ui.column(4, Ui.label(group, "group-title"), inside), "group-frame");
    }
}

package bivouac.desktop.departure;

import bivouac.closing.Departing;
import bivouac.design.Design;
import bivouac.desktop.widget.Ui;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Goes along the departure to where the process is killed, and says what that leaves behind (D7). */
final class KilledHere extends VBox {

    private Design design;
    private Departing departing;
    private int at;

    KilledHere() {
        super(6);
        getStyleClass().add("departure-killed");
        setPrefWidth(560);
        setMinWidth(420);
    }

    void show(Design of, Departing other) {
        design = of;
        departing = other;
        draw();
    }

    private void draw() {
        List<LeftBehind.Point> points = LeftBehind.points(design, departing);
        at = Math.clamp(at, 0, points.size() - 1);
        LeftBehind.Point point = points.get(at);
        var earlier = Ui.button("‹", "killed-earlier", () -> go(-1), "secondary");
        earlier.setAccessibleText("killed earlier");
        earlier.setDisable(at == 0);
        var later = Ui.button("›", "killed-later", () -> go(1), "secondary");
        later.setAccessibleText("killed later");
        later.setDisable(at == points.size() - 1);
        getChildren()
                .setAll(Ui.row(
                        6,
                        Ui.label("killed here", "killed-mark"),
                        Ui.shortened(point.words(), "strong"),
                        Ui.spring(),
                        Ui.label(at + 1 + " of " + points.size(), "small"),
                        earlier,
                        later));
        LeftBehind.of(design, departing, point).lines().forEach(line -> getChildren()
                .add(line(line)));
        getChildren().add(Ui.wrapped("Nothing runs, nothing is asked, and there is no exit code (D7).", "quiet"));
    }

    private static Node line(LeftBehind.Line line) {
        var what = Ui.label(line.what(), "quiet");
        what.setMinWidth(76);
        var left = Ui.wrapped(line.left(), "plain");
        left.setPrefWidth(190);
        left.setMinWidth(190);
        var next = Ui.wrapped("→ " + line.next(), "plain");
        HBox.setHgrow(next, Priority.ALWAYS);
        var row = Ui.row(8, what, left, next);
        row.setAlignment(Pos.TOP_LEFT);
        return Ui.styled(row, "killed-line");
    }

    private void go(int by) {
        at += by;
        Node focused = getScene() == null ? null : getScene().getFocusOwner();
        draw();
        Node again = focused == null || focused.getId() == null ? null : lookup("#" + focused.getId());
        if (again != null) {
            again.requestFocus();
        }
    }
}

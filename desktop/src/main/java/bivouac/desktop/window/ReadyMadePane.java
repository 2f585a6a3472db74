package bivouac.desktop.window;

import bivouac.design.ReadyMade;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What the drawings of message boxes, file dialogs and pickers share: the frame, the lines under it, one edit. */
final class ReadyMadePane {

    private ReadyMadePane() {}

    /** A window's frame with a title that is edited in it. */
    static Region frame(Node title, Pane body) {
        title.getStyleClass().add("face-title");
        HBox.setHgrow(title, Priority.ALWAYS);
        body.getStyleClass().add("desk-body");
        var window = Ui.styled(
                new VBox(Ui.styled(Ui.row(8, title, Ui.styled(Ui.label("✕"), "close-sign")), "desk-title-bar"), body),
                "desk-window",
                "drawn");
        window.setMaxWidth(400);
        return window;
    }

    /** A button that is only drawn. */
    static Node shape(String text, String style) {
        var button = Ui.button(text, "", () -> {}, style);
        button.setMouseTransparent(true);
        button.setFocusTraversable(false);
        return button;
    }

    /** A sentence about the window that ends in a place to fill. */
    static Node line(String words, Node place) {
        return Ui.sentence(words, 128, place);
    }

    /** Changes the window, and says so; empty, as a line that was taken answers. */
    static String change(Work work, ReadyMade from, ReadyMade to, String what) {
        String name = from.name().shown();
        work.change(work.now().design().changing(name, w -> to), what + " of " + name + " changed");
        return "";
    }
}

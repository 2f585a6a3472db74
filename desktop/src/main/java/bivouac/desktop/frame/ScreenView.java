package bivouac.desktop.frame;

import bivouac.desktop.widget.Refocus;
import bivouac.desktop.work.Situation;
import java.util.concurrent.CompletableFuture;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** A screen. It is drawn from situations, and does what a person asks through the work. */
public interface ScreenView {

    Parent node();

    /** Draws a situation; called for each new one while the screen is the one shown. */
    void show(Situation situation);

    /** Done when what was shown last is drawn whole; at once, unless a screen lays out on another thread. */
    default CompletableFuture<Void> drawn() {
        return CompletableFuture.completedFuture(null);
    }

    /** Whether a key means something where the keyboard is on this screen, and is not the frame's then. */
    default boolean takes(KeyEvent key) {
        return false;
    }

    /** Goes on to the next thing of a screen that goes from one to the other, or back. */
    default void step(int steps) {
        // most screens show all that they have at once
    }

    /** Whether a key moves something up or down in the list that has the keyboard: then it is the list's. */
    static boolean moves(KeyEvent key, Node root, String rows) {
        Node focused = root.getScene() == null ? null : root.getScene().getFocusOwner();
        boolean moves = key.isAltDown() && (key.getCode() == KeyCode.UP || key.getCode() == KeyCode.DOWN);
        return moves && focused != null && focused.getStyleClass().contains(rows);
    }

    /** Puts the keyboard on the node of an id, and shows what it stands in first, if it is not shown. */
    default void focus(String id) {
        Node found = Refocus.find(node(), id);
        if (found != null) {
            found.requestFocus();
        }
    }

    /** Puts the keyboard where a person begins on this screen. */
    void focus();

    /** Puts it where a person begins who went to something by a link; what it stands in is shown for that. */
    default void focusGone() {
        focus();
    }
}

package bivouac.desktop.widget;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextInputControl;

/**
 * Keeps the keyboard where it was while a screen is drawn anew: the node of the same id gets it again, with what was
 * typed and not yet taken, and the caret. What was typed is put back only into the place that it was typed for: a node of
 * the same id may be about something else by then.
 *
 * @param id of the node that had the keyboard; empty for none below the root
 */
public record Refocus(String id, String typed, int anchor, int caret) {

    public static final Refocus NOTHING = new Refocus("", "", 0, 0);

    public static Refocus of(Parent root) {
        Node owner = root.getScene() == null ? null : root.getScene().getFocusOwner();
        for (Node at = owner; at != null; at = at.getParent()) {
            if (at == root && owner.getId() != null) {
                return owner instanceof TextInputControl t
                        ? new Refocus(owner.getId(), t.getText(), t.getAnchor(), t.getCaretPosition())
                        : new Refocus(owner.getId(), "", 0, 0);
            }
        }
        return NOTHING;
    }

    /** @param keepText whether the screen is about the very same still, and what was typed is put back, since it was not taken */
    public void restore(Parent root, boolean keepText) {
        if (id.isEmpty()) {
            return;
        }
        Node found = find(root, id);
        if (found == null) {
            return;
        }
        found.requestFocus();
        if (found instanceof TextInputControl t) {
            if (keepText) {
                t.setText(typed);
            }
            t.selectRange(Math.min(anchor, t.getLength()), Math.min(caret, t.getLength()));
        }
    }

    /** The node of an id, whatever signs are in it. What was just made gets its skin first, or it could not be found. */
    public static Node find(Parent root, String id) {
        root.applyCss();
        return search(root, id);
    }

    private static Node search(Parent root, String id) {
        if (id.equals(root.getId())) {
            return root;
        }
        for (Node child : root.getChildrenUnmodifiable()) {
            Node found = child instanceof Parent p ? search(p, id) : id.equals(child.getId()) ? child : null;
            if (found != null) {
                return found;
            }
        }
        return null;
    }
}

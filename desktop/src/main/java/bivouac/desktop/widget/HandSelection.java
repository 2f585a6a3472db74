package bivouac.desktop.widget;

import javafx.application.Platform;
import javafx.scene.control.IndexRange;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/**
 * What is selected in a field by a hand, or by whoever says so here. JavaFX selects all of a field that gets the keyboard, and
 * nothing of one that loses it; that is put back.
 */
public final class HandSelection {

    private final TextInputControl field;
    private IndexRange kept;
    /** Whether it has just got the keyboard, and nothing was done in it yet. */
    private boolean arrived;

    private boolean setting;

    public HandSelection(TextInputControl field) {
        this.field = field;
        this.kept = field.getSelection();
        field.addEventFilter(InputEvent.ANY, e -> arrived &= !isByHand(e));
        field.focusedProperty().subscribe(is -> arrived = is);
        field.selectionProperty().subscribe((was, is) -> {
            if (setting || field.isFocused() && !isOfArriving(is)) {
                kept = is;
            } else if (!is.equals(kept)) {
                arrived = false;
                Platform.runLater(this::putBack);
            }
        });
    }

    private boolean isOfArriving(IndexRange is) {
        return arrived && is.getLength() == field.getLength();
    }

    private static boolean isByHand(InputEvent e) {
        return e.getEventType() == MouseEvent.MOUSE_PRESSED || e.getEventType() == KeyEvent.KEY_PRESSED;
    }

    private void putBack() {
        if (kept.getEnd() <= field.getLength() && !field.getSelection().equals(kept)) {
            select(kept.getStart(), kept.getEnd());
        }
    }

    /** The places as JavaFX counts them. */
    public IndexRange get() {
        return kept;
    }

    public void select(int from, int to) {
        setting = true;
        field.selectRange(from, to);
        setting = false;
        kept = new IndexRange(from, to);
    }

    /** Does something to the field as a hand does. */
    public void with(Runnable does) {
        setting = true;
        does.run();
        setting = false;
        kept = field.getSelection();
    }
}

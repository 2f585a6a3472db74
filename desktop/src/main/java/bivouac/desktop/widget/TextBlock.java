package bivouac.desktop.widget;

import javafx.scene.TraversalDirection;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Several lines edited in place: taken with Ctrl+Enter or when the keyboard leaves them, put back with Escape. */
public final class TextBlock extends TextArea {

    private final Taking taking;

    public TextBlock(String id, String accessible, String text, TextLine.Taker taker) {
        super(text);
        setId(id);
        setAccessibleText(accessible);
        getStyleClass().addAll("in-place", "dense");
        setPrefRowCount(Math.clamp(text.lines().count(), 2, 8));
        setWrapText(true);
        taking = new Taking(this, taker);
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    }

    private void pressed(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER && e.isControlDown()) {
            taking.take();
            e.consume();
        } else if (e.getCode() == KeyCode.TAB) {
            requestFocusTraversal(e.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
            e.consume();
        }
    }
}

package bivouac.desktop.window;

import bivouac.desktop.window.TextLine.Taker;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Several lines edited in place: taken with Ctrl+Enter or when the keyboard leaves them, put back with Escape. */
final class TextBlock extends TextArea {

    private String before;
    private final Taker taker;

    TextBlock(String id, String accessible, String text, Taker taker) {
        super(text);
        this.before = text;
        this.taker = taker;
        setId(id);
        setAccessibleText(accessible);
        getStyleClass().addAll("in-place", "dense");
        setPrefRowCount(Math.clamp(text.lines().count(), 2, 8));
        setWrapText(true);
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        focusedProperty().subscribe((was, is) -> {
            if (was && !is) {
                take();
            }
        });
    }

    private void pressed(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER && e.isControlDown()) {
            take();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE && !getText().equals(before)) {
            setText(before);
            e.consume();
        } else if (e.getCode() == KeyCode.TAB) {
            requestFocusTraversal(
                    e.isShiftDown() ? javafx.scene.TraversalDirection.PREVIOUS : javafx.scene.TraversalDirection.NEXT);
            e.consume();
        }
    }

    private void take() {
        if (!getText().equals(before)) {
            String was = before;
            before = getText();
            before = taker.take(before).isEmpty() ? before : was;
        }
    }
}

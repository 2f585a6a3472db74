package bivouac.desktop.window;

import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;

/** A text edited in place: taken with Enter or when the keyboard leaves it, put back with Escape. */
final class TextLine extends TextField {

    /** Takes a text; answers why it cannot be taken, or an empty text. */
    interface Taker {
        String take(String text);
    }

    private String before;
    private final Taker taker;

    TextLine(String id, String accessible, String text, Taker taker) {
        super(text);
        this.before = text;
        this.taker = taker;
        setId(id);
        setAccessibleText(accessible);
        getStyleClass().add("in-place");
        setOnAction(e -> take());
        focusedProperty().subscribe((was, is) -> {
            if (was && !is) {
                take();
            }
        });
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE && !getText().equals(before)) {
                setText(before);
                e.consume();
            }
        });
    }

    private void take() {
        if (!getText().equals(before)) {
            String was = before;
            // before it is taken: that draws the screen anew, and so the keyboard leaves this line a second time
            before = getText();
            String why = taker.take(before);
            before = why.isEmpty() ? before : was;
            pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("wrong"), !why.isEmpty());
        }
    }
}

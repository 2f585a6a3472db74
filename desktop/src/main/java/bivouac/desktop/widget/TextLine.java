package bivouac.desktop.widget;

import javafx.scene.Scene;
import javafx.scene.control.TextField;

/** A text edited in place: taken with Enter or when the keyboard leaves it, put back with Escape. */
public final class TextLine extends TextField {

    /** Takes a text; answers why it cannot be taken, or an empty text. */
    public interface Taker {
        String take(String text);
    }

    /** Takes what is typed where the keyboard is, if it is such a text; done before what keys ask for. */
    public static void settle(Scene scene) {
        Taking.settle(scene);
    }

    private final Taking taking;

    public TextLine(String id, String accessible, String text, Taker taker) {
        super(text);
        setId(id);
        setAccessibleText(accessible);
        getStyleClass().add("in-place");
        taking = new Taking(this, taker);
        setOnAction(e -> taking.take());
    }

    /** Of a text of which spaces around it are no part: they are dropped, and to type only such changes nothing. */
    public TextLine trimmed() {
        taking.trim();
        return this;
    }
}

package bivouac.desktop.widget;

import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** How a text edited in place is taken: when the keyboard leaves it or on request, and put back with Escape. */
final class Taking {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextInputControl control;
    private final TextLine.Taker taker;
    private String before;
    private boolean trims;

    Taking(TextInputControl control, TextLine.Taker taker) {
        this.control = control;
        this.taker = taker;
        this.before = control.getText();
        control.getProperties().put(Taking.class, this);
        control.focusedProperty().subscribe((was, is) -> {
            if (was && !is) {
                take();
            }
        });
        control.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE && !control.getText().equals(before)) {
                control.setText(before);
                e.consume();
            }
        });
    }

    /**
     * Takes what is typed where the keyboard is: before anything that is asked for by keys is done, so that undo undoes
     * it too, and nothing is done to what was there before it was typed.
     */
    static void settle(Scene scene) {
        if (scene != null
                && scene.getFocusOwner() instanceof TextInputControl typing
                && typing.getProperties().get(Taking.class) instanceof Taking taking) {
            taking.take();
        }
    }

    /** What is taken from now on has no spaces around it. */
    void trim() {
        trims = true;
    }

    void take() {
        if (trims) {
            control.setText(control.getText().strip());
        }
        if (!control.getText().equals(before)) {
            String was = before;
            // before it is taken: that draws the screen anew, and so the keyboard leaves this text a second time
            before = control.getText();
            String why = taker.take(before);
            before = why.isEmpty() ? before : was;
            control.pseudoClassStateChanged(WRONG, !why.isEmpty());
        }
    }
}

package frame;

import javax.swing.JScrollPane;
import javax.swing.JTextArea;

/** A text of several lines. */
public final class TextArea extends TextPart {

    public TextArea(Face window, String name) {
        super(window, name, new JTextArea(5, 30));
        JTextArea area = (JTextArea) component();
        area.setLineWrap(true);
        area.setWrapStyleWord(true);
        showIn(new JScrollPane(area));
    }

    @Override
    boolean isTall() {
        return true;
    }
}

package frame;

import java.awt.Color;
import javax.swing.BorderFactory;
import javax.swing.JTextArea;
import javax.swing.UIManager;

/** Text to be read, of one line or several. Nothing in it is taken for markup. */
final class Prose {

    private Prose() {}

    static JTextArea of(String text) {
        JTextArea prose = new JTextArea(text);
        prose.setEditable(false);
        prose.setFocusable(false);
        prose.setOpaque(false);
        prose.setBackground(new Color(0, 0, 0, 0));
        prose.setBorder(BorderFactory.createEmptyBorder());
        prose.setFont(UIManager.getFont("Label.font"));
        return prose;
    }

    /** One that is broken where it is too wide. */
    static JTextArea wrapped(String text, int columns) {
        JTextArea prose = of(text);
        prose.setColumns(columns);
        prose.setLineWrap(true);
        prose.setWrapStyleWord(true);
        return prose;
    }
}

package frame;

import java.awt.Color;
import java.awt.Cursor;
import javax.swing.BorderFactory;
import javax.swing.JButton;

/** A text that leads somewhere when it is pressed. */
public final class Link extends Part {

    private final JButton button = (JButton) component();

    public Link(Face window, String name) {
        super(window, name, new JButton());
        button.putClientProperty("html.disable", true);
        button.setContentAreaFilled(false);
        button.setBorder(BorderFactory.createEmptyBorder());
        button.setForeground(new Color(0x1a56b0));
        button.setCursor(Cursor.getPredefinedCursor(Cursor.HAND_CURSOR));
        button.addActionListener(e -> happens());
    }

    public String text() {
        return button.getText();
    }

    public void text(String other) {
        button.setText(other);
    }

    public void press() {
        button.doClick(0);
    }

    @Override
    public String content() {
        return text();
    }
}

package frame;

import javax.swing.JPasswordField;
import javax.swing.JTextField;
import javax.swing.text.JTextComponent;

/** A text that a person can change. */
public final class TextField extends TextPart {

    private static final int COLUMNS = 20;

    private TextField(Face window, String name, JTextComponent field) {
        super(window, name, field);
    }

    public static TextField of(Face window, String name) {
        return new TextField(window, name, new JTextField(COLUMNS));
    }

    /** One whose characters cannot be read. */
    public static TextField hidden(Face window, String name) {
        return new TextField(window, name, new JPasswordField(COLUMNS));
    }
}

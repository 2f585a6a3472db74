package frame;

import javax.swing.JButton;

public final class Button extends Pressed {

    public Button(Face window, String name) {
        super(window, name, new JButton());
    }

    /** Enter presses it. */
    public void isDefault() {
        window.root().setDefaultButton((JButton) component());
    }
}

package frame;

import javax.swing.JCheckBox;

/** A yes or no that a person can tick. */
public final class TickBox extends Pressed {

    public TickBox(Face window, String name) {
        super(window, name, new JCheckBox());
    }
}

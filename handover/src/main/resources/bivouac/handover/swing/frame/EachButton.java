package frame;

import java.awt.GridLayout;
import javax.swing.AbstractButton;
import javax.swing.JButton;
import javax.swing.JPanel;

/** The buttons of which there is one for each row, or for each open window (P5). */
public final class EachButton<T> extends EachPart<T> {

    /** So many stand beside each other. */
    private static final int BESIDE = 4;

    private static final int GAP = 6;

    public EachButton(Face window, String name) {
        super(window, name, new JPanel());
    }

    @Override
    AbstractButton make(int number) {
        return new JButton();
    }

    @Override
    void arrange() {
        JPanel panel = (JPanel) component();
        panel.setLayout(new GridLayout(0, Math.clamp(buttons().size(), 1, BESIDE), GAP, GAP));
        panel.removeAll();
        buttons().forEach(panel::add);
        panel.revalidate();
        panel.repaint();
    }
}

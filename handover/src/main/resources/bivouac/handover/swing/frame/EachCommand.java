package frame;

import desk.EachRow;
import java.util.List;
import javax.swing.AbstractButton;
import javax.swing.JCheckBoxMenuItem;
import javax.swing.JMenuItem;
import javax.swing.JPanel;

/** The commands of a menu of which there is one for each row, or for each open window (P5). */
public final class EachCommand<T> extends EachPart<T> implements InMenu {

    private final boolean ticks;
    private final String shortcut;
    private Runnable arranges = () -> {};

    /**
     * @param ticks whether they can carry a tick
     * @param shortcut of the first, as {@code Ctrl+1}; empty for none
     */
    public EachCommand(Face window, String name, boolean ticks, String shortcut) {
        super(window, name, new JPanel());
        this.ticks = ticks;
        this.shortcut = shortcut;
    }

    @Override
    AbstractButton make(int number) {
        JMenuItem item = ticks ? new JCheckBoxMenuItem() : new JMenuItem();
        String keys = EachRow.shortcut(shortcut, number);
        if (!keys.isEmpty()) {
            item.setAccelerator(MenuCommand.keys(keys));
        }
        return item;
    }

    @Override
    void arrange() {
        arranges.run();
    }

    @Override
    public List<JMenuItem> items() {
        return buttons().stream().map(JMenuItem.class::cast).toList();
    }

    @Override
    public void whenOthers(Runnable other) {
        arranges = other;
    }
}

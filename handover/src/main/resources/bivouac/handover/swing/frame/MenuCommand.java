package frame;

import java.util.List;
import javax.swing.AbstractButton;
import javax.swing.JButton;
import javax.swing.JCheckBoxMenuItem;
import javax.swing.JMenuItem;
import javax.swing.JToggleButton;
import javax.swing.KeyStroke;

/** A command in a menu. */
public sealed class MenuCommand extends Pressed implements InMenu permits EditCommand {

    protected MenuCommand(Face window, String name, JMenuItem item) {
        super(window, name, item);
    }

    public static MenuCommand of(Face window, String name) {
        return new MenuCommand(window, name, new JMenuItem());
    }

    /** One that carries a tick, which choosing it turns over. */
    public static MenuCommand ticking(Face window, String name) {
        return new MenuCommand(window, name, new JCheckBoxMenuItem());
    }

    /** @param keys as {@code Ctrl+Shift+S} */
    public final void shortcut(String keys) {
        item().setAccelerator(keys(keys));
    }

    static KeyStroke keys(String keys) {
        int last = keys.lastIndexOf('+');
        String modifiers = last < 0
                ? ""
                : keys.substring(0, last).toLowerCase(java.util.Locale.ROOT).replace('+', ' ');
        String key = keys.substring(last + 1).toUpperCase(java.util.Locale.ROOT);
        return KeyStroke.getKeyStroke(modifiers + " " + key);
    }

    /** The same command in a row of tools: usable, ticked and pressed as the one in the menu (P8). */
    final AbstractButton tool() {
        JMenuItem item = item();
        AbstractButton tool = item instanceof JCheckBoxMenuItem ? new JToggleButton() : new JButton();
        tool.setModel(item.getModel());
        tool.putClientProperty("html.disable", true);
        tool.setFocusable(false); // the field that has the keyboard keeps it
        tool.setText(item.getText());
        item.addPropertyChangeListener(AbstractButton.TEXT_CHANGED_PROPERTY, e -> tool.setText(item.getText()));
        tool.setVisible(visible());
        besides = tool;
        return tool;
    }

    @Override
    public final List<JMenuItem> items() {
        return List.of(item());
    }

    JMenuItem item() {
        return (JMenuItem) component();
    }
}

package frame;

import desk.EachRow;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCombination;

/**
 * The commands of a menu of which there is one for each row, or for each open window (P5). It stands in the menu itself,
 * unseen, and they stand behind it.
 */
public final class EachCommand<T> extends MenuItem implements Each<T> {

    private final EachRow<T> each;
    private final boolean ticks;
    private final String shortcut;
    private final List<MenuItem> items = new ArrayList<>();
    private boolean shown = true;

    /**
     * @param ticks whether they can carry a tick
     * @param shortcut of the first, as {@code Ctrl+1}; empty for none
     */
    public EachCommand(Face window, boolean ticks, String shortcut) {
        this.each = new EachRow<>(window);
        this.ticks = ticks;
        this.shortcut = shortcut;
        setVisible(false);
    }

    @Override
    public EachRow<T> each() {
        return each;
    }

    /** Whether they are to be seen; this itself never is. */
    void shown(boolean yes) {
        shown = yes;
        items.forEach(item -> item.setVisible(yes));
    }

    boolean isShown() {
        return shown;
    }

    @Override
    public void rows(List<T> rows, Function<T, String> text) {
        each.show(rows, text);
        int count = each.shown().size();
        List<MenuItem> menu = getParentMenu().getItems();
        while (items.size() > count) {
            menu.remove(items.removeLast());
        }
        for (int i = items.size(); i < count; i++) {
            MenuItem item = make(i);
            menu.add(menu.indexOf(this) + 1 + i, item);
            items.add(item);
        }
        for (int i = 0; i < count; i++) {
            show(items.get(i), each.shown().get(i));
        }
    }

    private MenuItem make(int number) {
        MenuItem item = ticks ? new CheckMenuItem() : new MenuItem();
        item.setMnemonicParsing(false);
        item.setOnAction(e -> each.press(number));
        item.setVisible(shown);
        String keys = EachRow.shortcut(shortcut, number);
        if (!keys.isEmpty()) {
            item.setAccelerator(KeyCombination.keyCombination(keys));
        }
        return item;
    }

    private static void show(MenuItem item, EachRow.Shown seen) {
        item.setText(seen.text());
        item.setDisable(!seen.enabled());
        if (item instanceof CheckMenuItem tick) {
            tick.setSelected(seen.ticked());
        }
    }

    @Override
    public void press(int number) {
        MenuItem item = items.get(number - 1);
        if (item.isDisable()) {
            throw new IllegalStateException("row " + number + " cannot be chosen");
        }
        item.fire();
    }
}

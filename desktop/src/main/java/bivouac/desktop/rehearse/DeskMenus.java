package bivouac.desktop.rehearse;

import bivouac.design.AccessKey;
import bivouac.design.Each;
import bivouac.design.Editing;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;

/** The menu bar of a window on the desk; its commands are those of the scene when a menu is opened. */
final class DeskMenus extends HBox {

    private final Consumer<Event> act;
    private final Consumer<Editing> edit;
    /** Fills the menus that follow a list. */
    private final List<Runnable> follow = new ArrayList<>();

    private Scene.OpenWindow shown;

    DeskMenus(FacedWindow face, Scene.OpenWindow shown, Consumer<Event> act, Consumer<Editing> edit) {
        super(2);
        this.edit = edit;
        this.act = act;
        this.shown = shown;
        getStyleClass().add("desk-menus");
        int number = 0;
        for (Menu menu : face.menus()) {
            int first = number;
            number += menu.commands().size();
            var button = new MenuButton(Mnemonics.of(menu.text()));
            button.setMnemonicParsing(true);
            button.setId("menu-" + AccessKey.without(menu.text()));
            button.getStyleClass().add("desk-menu");
            Runnable fill = () -> button.getItems().setAll(items(menu, first));
            button.setOnShowing(e -> fill.run());
            fill.run();
            if (menu.commands().stream().anyMatch(c -> !c.each().isOnce())) {
                follow.add(() -> {
                    if (!button.isShowing()) {
                        fill.run(); // one without any cannot be opened
                    }
                });
            }
            getChildren().add(button);
        }
    }

    /** Takes another scene; a menu that is open shows it when it is opened again. */
    void update(Scene.OpenWindow window) {
        shown = window;
        follow.forEach(Runnable::run);
    }

    /** @param first the number of the menu's first command among the parts of the window */
    private List<MenuItem> items(Menu menu, int first) {
        var items = new ArrayList<MenuItem>();
        for (int i = 0; i < menu.commands().size(); i++) {
            Part.MenuCommand command = menu.commands().get(i);
            Scene.SeenPart part = shown.parts().get(first + i);
            if (command.separated() && !items.isEmpty()) {
                items.add(new SeparatorMenuItem());
            }
            if (command.each().isOnce()) {
                items.add(once(command, part));
            } else {
                items.addAll(each(command, part));
            }
        }
        return items;
    }

    private MenuItem once(Part.MenuCommand command, Scene.SeenPart part) {
        MenuItem item = item(AccessKey.without(command.text()), command.ticking(), part.ticked());
        item.setId("command-" + command.name().expression());
        item.setOnAction(e -> command.does()
                .ifPresentOrElse(edit, () -> act.accept(new Event.Press(shown.instance(), part.number()))));
        item.setDisable(!part.enabled());
        item.setVisible(part.visible());
        shortcut(item, command.shortcut());
        return item;
    }

    private List<MenuItem> each(Part.MenuCommand command, Scene.SeenPart part) {
        var items = new ArrayList<MenuItem>();
        boolean ticks = part.each().stream().anyMatch(Scene.SeenRow::ticked);
        for (int i = 0; i < part.each().size(); i++) {
            Scene.SeenRow row = part.each().get(i);
            int number = i + 1;
            MenuItem item = item(row.text(), ticks, row.ticked());
            item.setMnemonicParsing(false);
            item.setId("command-" + command.name().expression() + "-" + number);
            item.setOnAction(e -> act.accept(new Event.PressRow(shown.instance(), part.number(), number)));
            item.setDisable(!row.enabled());
            item.setVisible(part.visible());
            shortcut(item, Each.shortcut(command.shortcut(), number));
            items.add(item);
        }
        return items;
    }

    private static MenuItem item(String text, boolean ticks, boolean ticked) {
        if (!ticks) {
            return new MenuItem(text);
        }
        var item = new CheckMenuItem(text);
        item.setSelected(ticked);
        return item;
    }

    private static void shortcut(MenuItem item, String keys) {
        if (!keys.isEmpty()) {
            item.setAccelerator(Shortcuts.shown(keys));
        }
    }
}

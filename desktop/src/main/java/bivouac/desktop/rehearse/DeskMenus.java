package bivouac.desktop.rehearse;

import bivouac.design.AccessKey;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;

/** The menu bar of a window on the desk; its commands are those of the scene when a menu is opened. */
final class DeskMenus extends HBox {

    private final Supplier<Scene.OpenWindow> shown;

    DeskMenus(FacedWindow face, Supplier<Scene.OpenWindow> shown, Consumer<Event> act) {
        super(2);
        this.shown = shown;
        getStyleClass().add("desk-menus");
        int number = 0;
        for (Menu menu : face.menus()) {
            var button = new MenuButton(Mnemonics.of(menu.text()));
            button.setMnemonicParsing(true);
            button.setId("menu-" + AccessKey.without(menu.text()));
            button.getStyleClass().add("desk-menu");
            for (Part.MenuCommand command : menu.commands()) {
                int part = number++;
                String text = AccessKey.without(command.text());
                var item = command.ticking() ? new CheckMenuItem(text) : new MenuItem(text);
                item.setId("command-" + command.name().expression());
                item.setOnAction(e -> act.accept(new Event.Press(shown.get().instance(), part)));
                item.setUserData(part);
                if (!command.shortcut().isEmpty()) {
                    item.setAccelerator(Shortcuts.shown(command.shortcut()));
                }
                if (command.separated() && !button.getItems().isEmpty()) {
                    button.getItems().add(new SeparatorMenuItem());
                }
                button.getItems().add(item);
            }
            button.showingProperty().subscribe(open -> {
                if (open) {
                    enableItems(button);
                }
            });
            getChildren().add(button);
        }
    }

    private void enableItems(MenuButton button) {
        for (MenuItem item : button.getItems()) {
            if (item.getUserData() instanceof Integer number) {
                Scene.SeenPart part = shown.get().parts().get(number);
                item.setDisable(!part.enabled());
                item.setVisible(part.visible());
                if (item instanceof CheckMenuItem tick) {
                    tick.setSelected(part.ticked());
                }
            }
        }
    }
}

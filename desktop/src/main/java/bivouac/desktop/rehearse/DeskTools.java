package bivouac.desktop.rehearse;

import bivouac.design.AccessKey;
import bivouac.design.Editing;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;

/** The row of tools of a window: commands of its menus, once more as buttons (P8). */
final class DeskTools extends FlowPane {

    private final Map<Integer, ButtonBase> buttons = new HashMap<>();
    private Scene.OpenWindow shown;

    DeskTools(FacedWindow face, Consumer<Event> act, Consumer<Editing> edit) {
        super(2, 2);
        getStyleClass().add("desk-tools");
        List<Part> parts = face.parts();
        for (Part.MenuCommand command : face.tools()) {
            int number = parts.indexOf(command);
            ButtonBase button = command.ticking() ? new ToggleButton() : Ui.button("", "", () -> {});
            button.setText(AccessKey.without(command.text()));
            button.setMnemonicParsing(false);
            button.setId("tool-" + command.name().expression());
            button.getStyleClass().add("desk-tool");
            // as in a row of tools everywhere, the field that has the keyboard keeps it
            button.setFocusTraversable(false);
            button.setOnAction(e -> {
                command.does().ifPresentOrElse(edit, () -> act.accept(new Event.Press(shown.instance(), number)));
                update(shown);
            });
            buttons.put(number, button);
            getChildren().add(button);
        }
    }

    void update(Scene.OpenWindow window) {
        shown = window;
        buttons.forEach((number, button) -> {
            Scene.SeenPart part = window.parts().get(number);
            button.setDisable(!part.enabled());
            Ui.show(button, part.visible());
            if (button instanceof ToggleButton tick) {
                tick.setSelected(part.ticked());
            }
        });
    }
}

package bivouac.desktop.widget;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.RadioMenuItem;
import javafx.stage.Window;

/** One of a few, whose list opens at what is chosen, so that Enter at once changes nothing. */
public class Choice<T> extends ChoiceBox<T> {

    @Override
    public void show() {
        super.show();
        Platform.runLater(this::light);
    }

    private void light() {
        Window.getWindows().stream()
                .filter(w -> w instanceof ContextMenu menu && menu.getOwnerNode() == this)
                .flatMap(w -> ((ContextMenu) w).getItems().stream())
                .filter(i -> i instanceof RadioMenuItem radio && radio.isSelected())
                .findFirst()
                .map(i -> i.getStyleableNode())
                .ifPresent(Node::requestFocus);
    }
}

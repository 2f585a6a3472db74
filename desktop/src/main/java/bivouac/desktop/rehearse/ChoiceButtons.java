package bivouac.desktop.rehearse;

import bivouac.design.Part;
import bivouac.desktop.widget.Ui;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.Node;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;

/** A choice that shows all its items at once: as radio buttons, or as the tabs of pages (P8). */
final class ChoiceButtons extends FlowPane {

    private final Part.Choice part;
    private final IntConsumer choose;
    private final ToggleGroup group = new ToggleGroup();
    private List<String> items = List.of();
    private boolean readOnly;

    /** @param choose takes the place of the item that a person chooses, from 0 */
    ChoiceButtons(Part.Choice part, IntConsumer choose) {
        super(part.isPages() ? 2 : 14, 4);
        this.part = part;
        this.choose = choose;
        getStyleClass().add(part.isPages() ? "desk-tabs" : "desk-radio-buttons");
        setPrefWrapLength(200);
    }

    /** Shows what can be chosen now, and what is; with nothing chosen it is an empty text. */
    void show(List<String> now, String chosen) {
        if (!now.equals(items)) {
            items = List.copyOf(now);
            getChildren().setAll(items.stream().map(this::button).toList());
        }
        group.selectToggle(items.contains(chosen) ? (ToggleButton) getChildren().get(items.indexOf(chosen)) : null);
    }

    private Node button(String item) {
        ToggleButton button = part.isPages() ? Ui.styled(new ToggleButton(item), "desk-tab") : new RadioButton(item);
        button.setMnemonicParsing(false);
        button.setId("item-" + part.name().expression() + "-" + item);
        button.setToggleGroup(group);
        // a press chooses, and never takes a choice away; the scene then says what is chosen
        button.setOnAction(e -> {
            boolean wasChosen = !button.isSelected();
            if (wasChosen) {
                button.setSelected(true);
            } else {
                choose.accept(items.indexOf(item));
            }
        });
        usable(button);
        return button;
    }

    void setReadOnly(boolean now) {
        readOnly = now;
        getChildren().forEach(this::usable);
    }

    private void usable(Node button) {
        button.setMouseTransparent(readOnly);
        button.setFocusTraversable(!readOnly);
    }

    /** Where the keyboard goes first: to what is chosen, else to the first item. */
    Node first() {
        return group.getSelectedToggle() instanceof Node chosen
                ? chosen
                : getChildren().isEmpty() ? this : getChildren().getFirst();
    }
}

package frame;

import java.util.List;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;

/** The items of a choice as radio buttons beside each other. */
public final class RadioButtons extends FlowPane implements Items {

    private final Chosen chosen;
    private final ToggleGroup group = new ToggleGroup();
    private List<String> shown = List.of();

    public RadioButtons(List<String> items, String first) {
        super(14, 4);
        chosen = new Chosen(items, first, false);
        refresh();
        group.selectedToggleProperty().addListener((v, before, now) -> {
            if (now instanceof RadioButton button) {
                chosen.byHand(button.getText());
            }
        });
    }

    @Override
    public Chosen rules() {
        return chosen;
    }

    @Override
    public void show(List<String> items, String item) {
        if (!items.equals(shown)) {
            shown = List.copyOf(items);
            getChildren().setAll(items.stream().map(this::button).toList());
        }
        group.selectToggle(shown.contains(item) ? button(shown.indexOf(item)) : null);
    }

    private RadioButton button(String item) {
        RadioButton button = new RadioButton(item);
        button.setMnemonicParsing(false);
        button.setToggleGroup(group);
        return button;
    }

    private RadioButton button(int number) {
        return (RadioButton) getChildren().get(number);
    }

    @Override
    public void press(String item) {
        button(shown.indexOf(item)).fire();
    }

    /** The keyboard goes to what is chosen, else to the first. */
    @Override
    public void requestFocus() {
        if (!shown.isEmpty()) {
            button(Math.max(0, shown.indexOf(chosen.now()))).requestFocus();
        }
    }
}

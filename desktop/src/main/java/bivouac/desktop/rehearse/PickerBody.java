package bivouac.desktop.rehearse;

import bivouac.design.Picker;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** A picker on the desk: a value typed, or one of a few pressed, and what it looks like. */
final class PickerBody implements DeskBody {

    private static final List<String> COLOURS = List.of(
            "#20302b", "#2f5d50", "#6b7a2a", "#a87407", "#c8551f", "#a3283f", "#5b3a6e", "#23678a", "#8a8f98",
            "#f6f3ec");
    private static final List<String> FONTS =
            List.of("Inter 10", "Inter 12", "Inter 16", "JetBrains Mono 10", "JetBrains Mono 12");

    private final Picker picker;
    private final Consumer<Event> act;
    private final TextField value = new TextField();
    private final Label sample = new Label();
    private final Label problem = Ui.wrapped("", "problem");
    private final Region node;
    private Scene.OpenWindow shown;

    PickerBody(Scene.OpenWindow window, Picker picker, Consumer<Event> act) {
        this.picker = picker;
        this.act = act;
        this.shown = window;
        value.setId("picker-value");
        value.setAccessibleText(picker.of().word());
        value.setPromptText(example());
        HBox.setHgrow(value, Priority.ALWAYS);
        value.textProperty().subscribe(this::showSample);
        value.setText(window.text());
        var label = Ui.label(
                Character.toUpperCase(picker.of().word().charAt(0))
                        + picker.of().word().substring(1),
                "desk-label");
        label.setLabelFor(value);
        var buttons = Ui.styled(
                Ui.row(
                        6,
                        Ui.button("Pick", "picker-pick", this::enter, "primary"),
                        Ui.button(
                                "Cancel",
                                "picker-cancel",
                                () -> act.accept(new Event.Escape(shown.instance())),
                                "secondary")),
                "box-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        node = Ui.styled(Ui.column(8, Ui.row(8, label, value), few(), sample, problem, buttons), "desk-body");
        node.setPrefWidth(372);
        showSample();
    }

    private String example() {
        return switch (picker.of()) {
            case FONT -> "Inter 12";
            case COLOUR -> "#2f5d50";
            case DATE -> "2026-11-23";
        };
    }

    private Node few() {
        var few = new FlowPane(6, 6);
        switch (picker.of()) {
            case COLOUR -> COLOURS.forEach(c -> few.getChildren().add(swatch(c)));
            case FONT -> FONTS.forEach(f -> few.getChildren().add(offer(f)));
            case DATE -> {
                // a date is typed
            }
        }
        return few;
    }

    private Node swatch(String colour) {
        Button button = offer("");
        button.setId("colour-" + colour.substring(1));
        button.setAccessibleText("colour " + colour);
        button.getStyleClass().add("swatch");
        // a colour that the person picks is data, and so the one place where code sets one
        button.setStyle("-fx-background-color: " + colour + ";");
        button.setOnAction(e -> value.setText(colour));
        return button;
    }

    private Button offer(String text) {
        return Ui.button(text, "offer-" + text, () -> value.setText(text), "secondary");
    }

    private String typed() {
        String text = value.getText().strip();
        return picker.of() == Picker.Of.COLOUR ? text.toLowerCase(Locale.ROOT) : text;
    }

    private void showSample() {
        boolean right = picker.of().accepts(typed());
        sample.setText(right && picker.of() != Picker.Of.DATE ? "Ridge and valley 1234" : "");
        sample.setStyle(
                switch (picker.of()) {
                    case COLOUR -> Looks.style("", typed());
                    case FONT -> Looks.style(typed(), "");
                    case DATE -> "";
                });
        sample.setManaged(!sample.getText().isEmpty());
        problem.setText("");
        problem.setManaged(false);
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public void update(Scene.OpenWindow window) {
        shown = window;
    }

    @Override
    public Optional<Node> firstFocus() {
        return Optional.of(value);
    }

    @Override
    public void enter() {
        if (picker.of().accepts(typed())) {
            act.accept(new Event.Pick(shown.instance(), typed()));
        } else {
            problem.setText(
                    "“" + value.getText() + "” is no " + picker.of().word() + "; write for example " + example() + ".");
            problem.setManaged(true);
        }
    }
}

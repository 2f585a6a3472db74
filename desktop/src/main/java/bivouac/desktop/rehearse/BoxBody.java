package bivouac.desktop.rehearse;

import bivouac.design.MessageBox;
import bivouac.desktop.widget.Severities;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** A message box on the desk: icon, text, buttons. */
final class BoxBody implements DeskBody {

    private final Consumer<Event> act;
    private final List<Button> answers = new ArrayList<>();
    private final Label text = Ui.wrapped("", "box-text");
    private final Region node;
    private Scene.OpenWindow shown;

    BoxBody(Scene.OpenWindow window, MessageBox box, Consumer<Event> act) {
        this.act = act;
        this.shown = window;
        var buttons = Ui.styled(Ui.row(6), "box-buttons");
        for (int i = 0; i < box.answers().size(); i++) {
            Button button = button(box, i);
            answers.add(button);
            buttons.getChildren().add(button);
        }
        buttons.setAlignment(Pos.CENTER_RIGHT);
        HBox.setHgrow(text, javafx.scene.layout.Priority.ALWAYS);
        var line = Ui.row(14, Severities.icon(box.severity()), text);
        line.setAlignment(Pos.TOP_LEFT);
        node = Ui.styled(Ui.column(14, line, buttons), "desk-body");
        node.setMinWidth(320);
        node.setMaxWidth(380);
    }

    private Button button(MessageBox box, int number) {
        MessageBox.Answer answer = box.answers().get(number);
        var button = Ui.button(
                Mnemonics.of(answer.text()),
                "answer-" + answer.ending(),
                () -> act.accept(new Event.Answer(shown.instance(), number)));
        button.setMnemonicParsing(true);
        boolean isDefault = box.byDefault().map(answer.ending()::equals).orElse(false);
        button.getStyleClass().add(isDefault ? "primary" : "secondary");
        return button;
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public void update(Scene.OpenWindow window) {
        shown = window;
        text.setText(window.text());
    }

    @Override
    public Optional<Node> firstFocus() {
        int number = Machine.defaultButton(shown).orElse(0);
        return answers.isEmpty() ? Optional.empty() : Optional.of(answers.get(Math.min(number, answers.size() - 1)));
    }

    @Override
    public void enter() {
        Machine.defaultButton(shown).ifPresent(n -> act.accept(new Event.Answer(shown.instance(), n)));
    }
}

package bivouac.desktop.window;

import bivouac.design.Expression;
import bivouac.design.Picker;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;

/** A picker, drawn in outline, with what it picks and what it begins with. */
final class PickerPane {

    private final Work work;

    PickerPane(Work work) {
        this.work = work;
    }

    Node draw(Picker picker) {
        var title = new TextLine("face-title", "Title", picker.title(), t -> take(picker, picker.titled(t), "title"));
        var buttons = Ui.row(6, ReadyMadePane.shape("Pick", "primary"), ReadyMadePane.shape("Cancel", "secondary"));
        buttons.setAlignment(Pos.CENTER_RIGHT);
        String first = picker.starts().map(e -> "first " + e.source()).orElse("nothing picked first");
        var body = Ui.column(10, Ui.label("A " + picker.of().word() + ", " + first, "quiet"), buttons);
        return Ui.column(14, ReadyMadePane.frame(title, body), settings(picker));
    }

    private Node settings(Picker picker) {
        var of = new ChoiceBox<String>();
        of.setId("picker-of");
        of.setAccessibleText("What is picked");
        for (Picker.Of one : Picker.Of.values()) {
            of.getItems().add("a " + one.word());
        }
        of.setValue("a " + picker.of().word());
        of.setOnAction(e -> take(
                picker, picker.picking(Picker.Of.of(of.getValue().substring(2)).orElseThrow()), "kind"));
        var starts = new TextLine(
                "picker-starts",
                "What is picked first",
                picker.starts().map(Expression::source).orElse(""),
                t -> take(
                        picker,
                        picker.startingWith(t.isBlank() ? Optional.empty() : Optional.of(new Expression(t.strip()))),
                        "first value"));
        starts.setPromptText("nothing; or takes.now, app.colour");
        return Ui.styled(
                Ui.column(6, ReadyMadePane.line("It picks", of), ReadyMadePane.line("It begins with", starts)),
                "part-pane");
    }

    private String take(Picker from, Picker to, String what) {
        return ReadyMadePane.change(work, from, to, what);
    }
}

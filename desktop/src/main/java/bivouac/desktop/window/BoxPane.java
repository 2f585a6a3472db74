package bivouac.desktop.window;

import bivouac.design.ButtonSet;
import bivouac.design.MessageBox;
import bivouac.design.WindowFrame;
import bivouac.desktop.widget.Severities;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** A message box, drawn as it will look, with its texts edited in the drawing. */
final class BoxPane {

    private static final String NONE = "no button";

    private final Work work;

    private static final String OWN = "names of its own";

    BoxPane(Work work) {
        this.work = work;
    }

    Node draw(MessageBox box) {
        var title = new TextLine("face-title", "Title", box.title(), t -> change(box, b -> b.titled(t), "title"));
        var text = new TextLine("box-text", "Text", box.text(), t -> change(box, b -> b.saying(t), "text"));
        text.setPromptText("What does it say?");
        HBox.setHgrow(text, Priority.ALWAYS);
        var buttons = Ui.row(6);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        for (MessageBox.Answer answer : box.answers()) {
            buttons.getChildren().add(answer(box, answer));
        }
        var window =
                ReadyMadePane.frame(title, Ui.column(14, Ui.row(14, Severities.icon(box.severity()), text), buttons));
        return Ui.column(14, window, settings(box));
    }

    private static Node answer(MessageBox box, MessageBox.Answer answer) {
        boolean enter = box.byDefault().equals(Optional.of(answer.ending()));
        boolean escape = box.escapeEnding().equals(Optional.of(answer.ending()));
        var button = new Button(bivouac.design.AccessKey.without(answer.text()));
        button.getStyleClass().add(enter ? "primary" : "secondary");
        button.setMouseTransparent(true);
        button.setFocusTraversable(false);
        String keys = enter && escape ? "Enter, Esc" : enter ? "Enter" : escape ? "Esc" : "";
        var column = Ui.column(0, button, keys.isEmpty() ? Ui.label(" ", "no-key") : Ui.label(keys, "key-tab"));
        column.setAlignment(Pos.TOP_CENTER);
        return column;
    }

    private Node settings(MessageBox box) {
        var answers = new TextLine("box-answers", "Buttons", Declarations.answers(box), t -> {
            try {
                var all = Declarations.readAnswers(t, box);
                return change(box, b -> b.answering(all, kept(all, b.byDefault()), kept(all, b.escape())), "buttons");
            } catch (Declarations.Wrong e) {
                work.say(e.getMessage());
                return e.getMessage();
            }
        });
        var severity = new ChoiceBox<String>();
        severity.setId("box-severity");
        for (var s : MessageBox.Severity.values()) {
            severity.getItems().add(s.word());
        }
        severity.setValue(box.severity().word());
        severity.setOnAction(e -> change(
                box,
                b -> b.of(MessageBox.Severity.valueOf(severity.getValue().toUpperCase(java.util.Locale.ROOT))),
                "severity"));
        return Ui.styled(
                Ui.column(
                        6,
                        ReadyMadePane.line("Its buttons are", answers),
                        ReadyMadePane.line("A ready set", sets(box)),
                        ReadyMadePane.line("It is of severity", severity),
                        ReadyMadePane.line(
                                "Enter presses",
                                key(
                                        box,
                                        "box-default",
                                        box.byDefault(),
                                        (b, e) -> b.answering(b.answers(), e, b.escape()))),
                        ReadyMadePane.line(
                                "Escape leads to",
                                key(
                                        box,
                                        "box-escape",
                                        box.escape(),
                                        (b, e) -> b.answering(b.answers(), b.byDefault(), e))),
                        ReadyMadePane.line("It stands", place(box))),
                "part-pane");
    }

    private Node place(MessageBox box) {
        var choice = new ChoiceBox<String>();
        choice.setId("box-place");
        choice.setAccessibleText("Where it stands");
        MessageBox.PLACES.forEach(p -> choice.getItems().add(p.words()));
        choice.setValue(box.place().words());
        choice.setOnAction(
                e -> WindowFrame.Place.of(choice.getValue()).ifPresent(p -> change(box, b -> b.standing(p), "place")));
        return choice;
    }

    private Node sets(MessageBox box) {
        var choice = new ChoiceBox<String>();
        choice.setId("box-set");
        choice.setAccessibleText("Ready sets of buttons");
        choice.getItems().add(OWN);
        for (ButtonSet set : ButtonSet.values()) {
            choice.getItems().add(set.words());
        }
        choice.setValue(ButtonSet.of(box).map(ButtonSet::words).orElse(OWN));
        choice.setOnAction(e -> {
            int chosen = choice.getSelectionModel().getSelectedIndex();
            if (chosen > 0) {
                change(box, ButtonSet.values()[chosen - 1]::on, "buttons");
            }
        });
        return choice;
    }

    private static Optional<String> kept(List<MessageBox.Answer> answers, Optional<String> ending) {
        return ending.filter(e -> answers.stream().anyMatch(a -> a.ending().equals(e)));
    }

    private interface Key {
        MessageBox with(MessageBox box, Optional<String> ending);
    }

    private Node key(MessageBox box, String id, Optional<String> now, Key key) {
        var choice = new ChoiceBox<String>();
        choice.setId(id);
        choice.getItems().add(NONE);
        box.answers().forEach(a -> choice.getItems().add(a.ending()));
        choice.setValue(now.orElse(NONE));
        choice.setOnAction(e ->
                change(box, b -> key.with(b, Optional.of(choice.getValue()).filter(v -> !v.equals(NONE))), "keys"));
        return choice;
    }

    private String change(MessageBox box, UnaryOperator<MessageBox> edit, String what) {
        return ReadyMadePane.change(work, box, edit.apply(box), what);
    }
}

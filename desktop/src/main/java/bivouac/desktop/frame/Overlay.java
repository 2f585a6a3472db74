package bivouac.desktop.frame;

import bivouac.desktop.widget.Ui;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A question over the whole tool: one at a time, the keyboard stays in it, Escape leaves it. */
public final class Overlay extends StackPane {

    private Node before;

    public Overlay() {
        getStyleClass().add("overlay");
        setVisible(false);
        setPickOnBounds(true);
    }

    public boolean isOpen() {
        return isVisible();
    }

    /** One of the answers of a question. */
    public record Choice(String text, String id, Runnable action) {}

    /** Asks for one line of text. */
    public void prompt(String title, String explanation, String start, Consumer<String> done) {
        var field = new TextField(start);
        field.setId("prompt-field");
        field.setAccessibleText(title);
        Runnable finish = () -> {
            if (!field.getText().isBlank()) {
                close();
                done.accept(field.getText().strip());
            }
        };
        field.setOnAction(e -> finish.run());
        var ok = Ui.button("Go on", "prompt-ok", finish, "primary");
        var cancel = Ui.button("Cancel", "prompt-cancel", this::close, "secondary");
        open(card(title, explanation, field, List.of(cancel, ok)), field, this::close);
        field.selectAll();
    }

    /** Asks a question; the first choice is the default one, Escape takes the last. */
    public void ask(String title, String explanation, List<Choice> choices) {
        ask(title, explanation, choices, choices.getLast().action());
    }

    /** As {@link #ask(String, String, List)}, with what Escape does. */
    public void ask(String title, String explanation, List<Choice> choices, Runnable escape) {
        ask(title, explanation, Optional.empty(), choices, escape);
    }

    /** As {@link #ask(String, String, List, Runnable)}, with something to look at before answering. */
    public void ask(String title, String explanation, Optional<Node> look, List<Choice> choices, Runnable escape) {
        var buttons = choices.stream()
                .map(c -> (Node) Ui.button(
                        c.text(),
                        c.id(),
                        () -> {
                            close();
                            c.action().run();
                        },
                        c == choices.getFirst() ? "primary" : "secondary"))
                .toList();
        VBox card = card(title, explanation, look.orElse(null), buttons);
        look.ifPresent(l -> card.getStyleClass().add("wide"));
        open(card, buttons.getFirst(), () -> {
            close();
            escape.run();
        });
    }

    private static VBox card(String title, String explanation, Node field, List<Node> buttons) {
        var card = Ui.styled(Ui.column(12, Ui.label(title, "overlay-title")), "overlay-card");
        if (!explanation.isEmpty()) {
            card.getChildren().add(Ui.wrapped(explanation, "plain"));
        }
        if (field != null) {
            card.getChildren().add(field);
        }
        var row = Ui.row(8, buttons.toArray(Node[]::new));
        row.setAlignment(Pos.CENTER_RIGHT);
        card.getChildren().add(row);
        return card;
    }

    /** Opens with any content; {@code escape} is what Escape does. */
    public void open(VBox card, Node focus, Runnable escape) {
        before = getScene() == null ? null : getScene().getFocusOwner();
        card.setMaxHeight(VBox.USE_PREF_SIZE);
        StackPane.setAlignment(card, Pos.TOP_CENTER);
        getChildren().setAll(card);
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                escape.run();
                e.consume();
            } else if (e.getCode() == KeyCode.ENTER
                    && getScene().getFocusOwner() instanceof javafx.scene.control.Button b) {
                b.fire();
                e.consume();
            }
        });
        setVisible(true);
        applyCss();
        layout();
        focus.requestFocus();
    }

    public void close() {
        setVisible(false);
        getChildren().clear();
        removeEventHandler(KeyEvent.KEY_PRESSED, getOnKeyPressed());
        if (before != null && before.getScene() != null) {
            before.requestFocus();
        }
    }
}

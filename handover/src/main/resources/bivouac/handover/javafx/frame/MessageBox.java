package frame;

import desk.Desk;
import desk.Ending;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/**
 * A message box (C7). It is drawn by the program itself: the toolkit's own cannot be taken away, and not every button may
 * close it.
 *
 * @param <A> its answers
 */
public final class MessageBox<A extends Enum<A> & Ending> extends Question<A> {

    /**
     * @param buttons what stands on each, in the order of the answers
     * @param usual the answer of Enter; null for none
     * @param escape the answer of close box and Escape; null for none
     */
    public MessageBox(
            Desk desk,
            String name,
            String icon,
            String title,
            String text,
            List<A> answers,
            List<String> buttons,
            A usual,
            A escape) {
        super(desk, name, text, answers, escape);
        stage.setTitle(title);
        stage.setResizable(false);
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMaxWidth(380);
        HBox bar = new HBox(8);
        bar.setAlignment(Pos.CENTER_RIGHT);
        for (A answer : answers) {
            Button button = new Button(buttons.get(answers.indexOf(answer)));
            button.setDefaultButton(answer == usual);
            button.setOnAction(e -> answer(answer));
            bar.getChildren().add(button);
        }
        Label sign = new Label(icon);
        sign.setStyle("-fx-font-size: 24");
        content.getChildren().addAll(icon.isEmpty() ? label : new HBox(12, sign, label), bar);
    }
}

package bivouac.desktop.messages;

import bivouac.check.known.MessageRules;
import bivouac.design.AccessKey;
import bivouac.design.ButtonOrder;
import bivouac.design.MessageBox;
import bivouac.desktop.widget.Severities;
import bivouac.desktop.widget.TextBlock;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A message box as it will look, edited in the drawing, with where it is used and what is unlike its siblings. */
final class MessageCard extends VBox {

    static final double WIDTH = 292;

    /** A button is as wide as its text: a letter is about so wide, and so much is around it. */
    private static final double LETTER = 7;

    private static final double AROUND = 18;

    /** About as many fit on a line of the text. */
    private static final int CHARACTERS = 32;

    private static final PseudoClass DIFFERS = PseudoClass.getPseudoClass("differs");

    private final Work work;
    private final MessageBox box;

    MessageCard(Work work, MessagesState.Card card, ButtonOrder order) {
        this.work = work;
        this.box = card.box();
        setId("message-" + box.name().shown());
        getStyleClass().add("message-card");
        setMinWidth(WIDTH);
        setMaxWidth(WIDTH);
        setSpacing(6);
        getChildren().addAll(drawing(order), under(card));
        card.remarks().forEach(r -> getChildren().add(remark(r)));
        pseudoClassStateChanged(DIFFERS, !card.remarks().isEmpty());
    }

    private Node drawing(ButtonOrder order) {
        var title = new TextLine(
                id("title"), "Title of " + box.name(), box.title(), t -> change(b -> b.titled(t), "title"));
        title.getStyleClass().add("face-title");
        HBox.setHgrow(title, Priority.ALWAYS);
        var text =
                new TextBlock(id("text"), "Text of " + box.name(), box.text(), t -> change(b -> b.saying(t), "text"));
        text.setPromptText("What does it say?");
        text.setPrefRowCount(Math.clamp(1 + box.text().length() / CHARACTERS, 2, 6));
        HBox.setHgrow(text, Priority.ALWAYS);
        var buttons = Ui.row(6, Ui.spring());
        buttons.setAlignment(Pos.TOP_RIGHT);
        order.of(box).forEach(a -> buttons.getChildren().add(answer(a)));
        var body = Ui.styled(
                Ui.column(12, Ui.row(14, Severities.icon(box.severity()), text), buttons), "desk-body", "message-body");
        return Ui.styled(
                new VBox(Ui.styled(Ui.row(8, title, Ui.styled(Ui.label("✕"), "close-sign")), "desk-title-bar"), body),
                "desk-window",
                "drawn");
    }

    private String id(String what) {
        return "message-" + what + "-" + box.name().shown();
    }

    private Node answer(MessageBox.Answer answer) {
        boolean enter = box.byDefault().equals(Optional.of(answer.ending()));
        boolean escape = box.escapeEnding().equals(Optional.of(answer.ending()));
        String shown = AccessKey.without(answer.text());
        var text =
                new TextLine(id("answer-" + answer.ending()), "Button " + shown, answer.text(), t -> rename(answer, t));
        text.getStyleClass().addAll("answer-line", enter ? "primary" : "secondary");
        text.setPrefWidth(AROUND + LETTER * answer.text().length());
        text.setMinWidth(Region.USE_PREF_SIZE);
        text.setAlignment(Pos.CENTER);
        String keys = enter && escape ? "Enter, Esc" : enter ? "Enter" : escape ? "Esc" : "";
        var column = Ui.column(0, text, keys.isEmpty() ? Ui.label(" ", "no-key") : Ui.label(keys, "key-tab"));
        column.setAlignment(Pos.TOP_CENTER);
        return column;
    }

    /** The text of a button changes; the ending that it is keeps its name, so that no branch is lost. */
    private String rename(MessageBox.Answer answer, String text) {
        if (text.isBlank()) {
            return "A button needs a text.";
        }
        var answers = new ArrayList<>(box.answers());
        answers.replaceAll(a -> a.equals(answer) ? new MessageBox.Answer(text.strip(), a.ending()) : a);
        return change(b -> b.answering(answers, b.byDefault(), b.escape()), "buttons");
    }

    private String change(UnaryOperator<MessageBox> edit, String what) {
        String name = box.name().shown();
        work.change(work.now().design().changing(name, w -> edit.apply(box)), what + " of " + name + " changed");
        return "";
    }

    private Node under(MessagesState.Card card) {
        var lines = Ui.column(1);
        var name = Ui.link(
                box.name().shown(),
                "message-open-" + box.name().shown(),
                () -> work.goTo(Chosen.window(box.name().shown())));
        List<MessagesState.Use> uses = card.usedAt();
        String used = uses.isEmpty()
                ? "nothing opens it"
                : uses.size() == 1 ? "from " + uses.getFirst().words() : "from " + uses.size() + " places";
        lines.getChildren().add(Ui.row(8, name, Ui.shortened(used, "quiet")));
        card.follows().forEach(f -> lines.getChildren().add(Ui.shortened(f, "small")));
        return lines;
    }

    private Node remark(MessageRules.Remark remark) {
        var words = Ui.wrapped(remark.sentence(), "problem-text");
        HBox.setHgrow(words, Priority.ALWAYS);
        var column = Ui.column(2, words);
        remark.repair().ifPresent(r -> column.getChildren()
                .add(Ui.link(
                        r.words(),
                        "repair-" + remark.rule() + "-" + remark.box(),
                        () -> change(r.edit(), r.words().toLowerCase(java.util.Locale.ROOT) + ","))));
        return Ui.styled(
                Ui.row(8, Weights.shape(bivouac.check.finding.Finding.Weight.RISKY), column), "finding-box", "risky");
    }
}

package bivouac.desktop.messages;

import bivouac.check.known.MessageRules;
import bivouac.design.ButtonOrder;
import bivouac.desktop.frame.Drawing;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.NewWindow;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Messages screen: all message boxes by severity, and at the right what they have in common. */
public final class MessagesView implements ScreenView {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass POINTED = PseudoClass.getPseudoClass("pointed");

    private final Work work;
    private final Drawing.Keeper keeper;
    private final BorderPane root = new BorderPane();
    private final Label count = Ui.label("", "strong");
    private final ChoiceBox<String> order = new ChoiceBox<>();
    private final VBox groups = Ui.styled(Ui.column(20), "messages");
    private final VBox rules = Ui.styled(Ui.column(4), "message-rules");
    private Optional<MessageRules.Rule> pointed = Optional.empty();
    private Situation shown;

    public MessagesView(Work work, Drawing.Keeper keeper) {
        this.work = work;
        this.keeper = keeper;
        order.setId("button-order");
        order.setAccessibleText("Order of the buttons");
        for (ButtonOrder one : ButtonOrder.values()) {
            order.getItems().add("Buttons " + one.words());
        }
        order.getSelectionModel().selectFirst();
        order.setOnAction(e -> draw());
        root.setTop(Ui.styled(
                Ui.row(
                        10,
                        count,
                        Ui.spring(),
                        order,
                        Ui.button("Save as a picture…", "messages-picture", this::picture, "secondary")),
                "screen-bar"));
        var scroll = Scrolling.down(groups);
        scroll.getStyleClass().add("face-scroll");
        Scrolling.follow(scroll);
        root.setCenter(scroll);
        var side = Scrolling.down(rules);
        side.getStyleClass().add("message-side");
        root.setRight(side);
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        boolean same = shown != null && shown.design() == s.design();
        shown = s;
        if (!same) {
            draw();
        }
    }

    private void draw() {
        Refocus focus = Refocus.of(root);
        var state = MessagesState.of(shown.design());
        count.setText(state.count() == 1 ? "1 message box" : state.count() + " message boxes");
        groups.getChildren().clear();
        ButtonOrder now =
                ButtonOrder.values()[Math.max(0, order.getSelectionModel().getSelectedIndex())];
        for (MessagesState.Group group : state.groups()) {
            groups.getChildren().add(group(group, now));
        }
        if (state.groups().isEmpty()) {
            groups.getChildren().add(empty());
        }
        drawRules(state);
        focus.restore(root, false);
    }

    private Node empty() {
        return Ui.styled(
                Ui.column(
                        10,
                        Ui.wrapped("No message box yet. In any script type: message `Saved.`, or: ask `Save first?`"),
                        Ui.button("Make one", "messages-make", this::make, "primary")),
                "empty");
    }

    private void make() {
        NewWindow.all().stream()
                .filter(k -> k.words().equals("message box"))
                .findFirst()
                .ifPresent(kind -> work.change(
                        shown.design().adding(kind.named(bivouac.design.Name.of("Message"))), "message box added"));
    }

    private Node group(MessagesState.Group group, ButtonOrder now) {
        var cards = new FlowPane(16, 16);
        cards.setPrefWrapLength(3 * MessageCard.WIDTH + 2 * 16);
        for (MessagesState.Card card : group.cards()) {
            var node = new MessageCard(work, card, now);
            node.pseudoClassStateChanged(
                    POINTED,
                    pointed.isPresent()
                            && card.remarks().stream()
                                    .anyMatch(r -> Optional.of(r.rule()).equals(pointed)));
            cards.getChildren().add(node);
        }
        HBox.setHgrow(cards, Priority.ALWAYS);
        var label = Ui.column(
                0,
                Ui.label(group.title(), "strong"),
                Ui.label(Integer.toString(group.cards().size()), "quiet"));
        label.setMinWidth(96);
        label.setMaxWidth(96);
        return Ui.styled(new HBox(label, cards), "message-group");
    }

    private void drawRules(MessagesState state) {
        rules.getChildren().setAll(Ui.label("What they have in common", "head"));
        for (MessageRules.Kept kept : state.rules()) {
            int all = kept.keep().size() + kept.differ().size();
            var line = Ui.column(
                    1,
                    Ui.wrapped(kept.words(), "plain"),
                    Ui.label(
                            kept.differ().isEmpty() ? "all " + all : kept.keep().size() + " of " + all,
                            kept.differ().isEmpty() ? "fine" : "weight-count",
                            "risky"));
            var pressable = Ui.pressable(
                    Ui.styled(line, "message-rule"),
                    "rule-" + kept.rule(),
                    kept.words() + ", " + kept.keep().size() + " of " + all,
                    () -> point(kept.rule()));
            pressable.pseudoClassStateChanged(CHOSEN, pointed.equals(Optional.of(kept.rule())));
            rules.getChildren().add(pressable);
        }
        rules.getChildren()
                .add(Ui.wrapped(
                        state.rules().isEmpty() ? "Nothing to compare yet." : "Choose a line to see those that differ.",
                        "quiet"));
    }

    private void point(MessageRules.Rule rule) {
        pointed = pointed.equals(Optional.of(rule)) ? Optional.empty() : Optional.of(rule);
        draw();
    }

    /** All boxes as one picture, to lay beside the running program. */
    private void picture() {
        var parameters = new SnapshotParameters();
        keeper.keep(
                new Drawing.Points(groups.snapshot(parameters, null)),
                shown.design().application().name() + " messages");
    }

    @Override
    public void focus() {
        Node first = groups.lookup(".answer-line");
        Node make = Refocus.find(root, "messages-make");
        if (make != null) {
            make.requestFocus();
        } else if (first != null) {
            groups.lookup(".text-field").requestFocus();
        }
    }
}

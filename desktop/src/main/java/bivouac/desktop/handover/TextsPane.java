package bivouac.desktop.handover;

import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Ui;
import bivouac.handover.wording.TextChanges;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.BorderPane;

/** What a file of texts would change in the design, looked at before it is taken. */
final class TextsPane extends BorderPane {

    private final Button take;
    private final Button leave;

    TextsPane(TextChanges changes, String name, Runnable taken, Runnable left) {
        setId("texts-changes");
        int count = changes.changes().size();
        leave = Ui.button("Leave all as it is", "texts-leave", left, "secondary");
        leave.setMinWidth(USE_PREF_SIZE);
        take = Ui.button(count == 1 ? "Take 1 text" : "Take " + count + " texts", "texts-take", taken, "primary");
        take.setMinWidth(USE_PREF_SIZE);
        Ui.show(take, count > 0);
        setTop(Ui.styled(
                Ui.row(12, Ui.shortened(said(changes, name), "strong"), Ui.spring(), leave, take), "compared-bar"));
        var all = Ui.styled(Ui.column(10), "compared-cards");
        changes.notTaken().forEach(sentence -> all.getChildren()
                .add(Ui.styled(
                        Ui.column(4, Ui.label("Cannot be taken", "small"), Ui.wrapped(sentence, "problem")),
                        "compared-card")));
        changes.changes().forEach(c -> all.getChildren().add(card(c)));
        setCenter(Scrolling.down(all));
        Ui.onEscape(this, left);
    }

    /** In one sentence what the file would do. */
    static String said(TextChanges changes, String name) {
        int count = changes.changes().size();
        int not = changes.notTaken().size();
        String others = count == 0 ? "no text" : count == 1 ? "1 text" : count + " texts";
        return name + " changes " + others + (not == 0 ? "." : "; " + not + " cannot be taken.");
    }

    private static Node card(TextChanges.Change change) {
        return Ui.styled(
                Ui.column(
                        4,
                        Ui.label(change.now().where(), "small"),
                        Ui.wrapped(change.now().text(), "quiet"),
                        Ui.wrapped(change.after(), "strong")),
                "compared-card");
    }

    /** Puts the keyboard where the answer is given. */
    void begin() {
        (take.isVisible() ? take : leave).requestFocus();
    }
}

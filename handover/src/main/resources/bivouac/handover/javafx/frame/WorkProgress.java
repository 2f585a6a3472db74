package frame;

import desk.Desk;
import desk.WorkShown;
import javafx.event.EventTarget;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How far the work of a task is: a bar, a line of text, and where it may be cancelled a button for that (W9, W10). */
public final class WorkProgress extends HBox implements WorkShown {

    private final Desk desk;
    private final String task;
    private final ProgressBar bar = new ProgressBar(0);
    private final Label line = new Label();
    private final Cancel cancel = new Cancel();
    private int done;

    private static final class Cancel extends Button {}

    /** @param cancelText what stands on the button; empty where the work cannot be cancelled */
    @SuppressWarnings("this-escape")
    public WorkProgress(Face window, String task, String cancelText) {
        super(8);
        this.desk = window.desk();
        this.task = task;
        bar.setMaxWidth(Double.MAX_VALUE);
        cancel.setMnemonicParsing(true);
        cancel.setText(cancelText);
        cancel.setVisible(!cancelText.isEmpty());
        cancel.setManaged(!cancelText.isEmpty());
        cancel.setDisable(true);
        cancel.setOnAction(e -> desk.cancel(window, this));
        VBox both = new VBox(2, bar, line);
        HBox.setHgrow(both, Priority.ALWAYS);
        HBox.setHgrow(this, Priority.ALWAYS);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(both, cancel);
    }

    /** Whether it is the button of one of these, which hears a person while all else is blocked (B3). */
    static boolean isCancel(EventTarget target) {
        for (Node at = target instanceof Node node ? node : null; at != null; at = at.getParent()) {
            if (at instanceof Cancel) {
                return true;
            }
        }
        return false;
    }

    @Override
    public String task() {
        return task;
    }

    @Override
    public void told(int now, String said) {
        done = now;
        bar.setProgress(now / 100.0);
        line.setText(said);
    }

    @Override
    public void cancellable(boolean yes) {
        cancel.setDisable(!yes);
    }

    /** How much is done, from 0 to 100. */
    public long done() {
        return done;
    }

    public String text() {
        return line.getText();
    }

    /** As a person does: nothing happens where it cannot be used. */
    public void cancel() {
        if (isVisible()) {
            cancel.fire();
        }
    }

    String content() {
        return done + " %" + (text().isEmpty() ? "" : " " + text()) + (desk.canCancel(this) ? " [cancel]" : "");
    }
}

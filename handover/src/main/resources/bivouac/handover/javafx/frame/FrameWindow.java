package frame;

import desk.Desk;
import desk.DeskWindow;
import desk.Outside;
import java.net.URL;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.image.Image;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

/** A window on a stage. Its events pass the desk's gate; the stage's own modality is not used (B7). */
public abstract class FrameWindow extends DeskWindow {

    protected final Stage stage = new Stage();
    protected final VBox content = new VBox(8);

    @SuppressWarnings("this-escape")
    protected FrameWindow(Desk desk, String name, Object key) {
        super(desk, name, key);
        content.setStyle("-fx-padding: 12");
        VBox root = new VBox(content);
        stage.setScene(new Scene(root));
        stage.addEventFilter(InputEvent.ANY, e -> {
            if (desk.blocked(this) && !isCancelling(e)) {
                e.consume();
            }
        });
        stage.setOnCloseRequest(e -> {
            e.consume();
            closeBox();
        });
        // before the field that has the focus, which may keep it for itself
        stage.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE && !e.isConsumed() && !hasOpenList()) {
                escape();
                e.consume();
            }
        });
    }

    /** All that a person can do while work is waited for: ask it to end, where this window shows it (B3, W10). */
    private boolean isCancelling(InputEvent e) {
        return desk.isCancelling(this)
                && (WorkProgress.isCancel(e.getTarget())
                        || e instanceof KeyEvent key && key.getCode() == KeyCode.ESCAPE);
    }

    /** An open list takes Escape before its window does. */
    private boolean hasOpenList() {
        Node focused = stage.getScene().getFocusOwner();
        return focused instanceof ComboBoxBase<?> box && box.isShowing();
    }

    protected final VBox root() {
        return (VBox) stage.getScene().getRoot();
    }

    public final Stage stage() {
        return stage;
    }

    /** The picture that stands for it; one that cannot be read is none. */
    protected final void icon(String file) {
        URL found = FrameWindow.class.getResource("/" + file);
        if (found != null) {
            stage.getIcons().add(new Image(found.toString()));
        }
    }

    @Override
    protected void show() {
        if (owner() instanceof FrameWindow above) {
            stage.initOwner(above.stage);
        }
        if (hears(Outside.FILES_DROPPED)) {
            takesFiles();
        }
        stage.sizeToScene();
        stage.show();
    }

    /** Files can be dropped anywhere on it (F2). */
    private void takesFiles() {
        stage.getScene().setOnDragOver(e -> {
            if (e.getDragboard().hasFiles() && !desk.blocked(this)) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        stage.getScene().setOnDragDropped(e -> {
            boolean any = e.getDragboard().hasFiles();
            if (any) {
                List<String> files = e.getDragboard().getFiles().stream()
                        .map(f -> f.getAbsolutePath())
                        .toList();
                desk.filesDropped(this, files);
            }
            e.setDropCompleted(any);
        });
    }

    @Override
    protected void toFront() {
        stage.toFront();
        stage.requestFocus();
    }

    @Override
    protected void leaveScreen() {
        stage.hide();
    }

    @Override
    protected void showHidden(boolean hidden) {
        if (hidden) {
            stage.hide();
        } else if (!stage.isShowing()) {
            stage.show();
        }
    }

    public final void title(String other) {
        stage.setTitle(other);
    }

    @Override
    public String title() {
        return stage.getTitle() == null ? "" : stage.getTitle();
    }
}

package bivouac.desktop.rehearse;

import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One window on the desk: frame, veil and keys. It shows what the scene says, and turns what a person does into events. */
final class DeskWindow extends StackPane {

    private final Consumer<Event> act;
    private final Label title = Ui.shortened("", "desk-title");
    private final Button closeBox = new Button("✕");
    private final VBox frame = new VBox();
    private final StackPane veil = new StackPane();
    private final Label blocked = Ui.label("", "blocked-label");
    private final HBox titleBar;
    private final DeskBody body;
    private Scene.OpenWindow shown;

    /** @param files the pretend files that are there, for file dialogs */
    DeskWindow(Scene.OpenWindow window, Supplier<List<String>> files, Consumer<Event> act, Runnable onBlocked) {
        this.act = act;
        this.shown = window;
        closeBox.getStyleClass().add("close-box");
        closeBox.setId("close-box");
        closeBox.setFocusTraversable(false);
        closeBox.setAccessibleText("close box");
        closeBox.setOnAction(e -> act.accept(new Event.CloseBox(shown.instance())));
        titleBar = Ui.styled(Ui.row(8, title, Ui.spring(), closeBox), "desk-title-bar");
        frame.getStyleClass().add("desk-window");
        frame.getChildren().add(titleBar);
        body = body(window, files, act);
        VBox.setVgrow(body.node(), Priority.ALWAYS);
        frame.getChildren().add(body.node());
        veil.getStyleClass().add("veil");
        veil.getChildren().add(blocked);
        veil.setOnMousePressed(e -> {
            onBlocked.run();
            e.consume();
        });
        StackPane.setAlignment(blocked, Pos.BOTTOM_LEFT);
        getChildren().addAll(frame, veil);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        setId("desk-" + window.which());
        update(window);
    }

    private static DeskBody body(Scene.OpenWindow window, Supplier<List<String>> files, Consumer<Event> act) {
        return switch (window.design()) {
            case FacedWindow face -> new FaceBody(window, face, act);
            case MessageBox box -> new BoxBody(window, box, act);
            case FileDialog dialog -> new FileDialogBody(window, dialog, files, act);
            case Picker picker -> new PickerBody(window, picker, act);
        };
    }

    Node titleBar() {
        return titleBar;
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE && shown.hasEscape()) {
            act.accept(new Event.Escape(shown.instance()));
            e.consume();
        } else if (e.getCode() == KeyCode.F4 && e.isAltDown() && shown.hasCloseBox()) {
            act.accept(new Event.CloseBox(shown.instance()));
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            Node focused = getScene() == null ? null : getScene().getFocusOwner();
            if (focused instanceof Button b && b != closeBox) {
                b.fire();
            } else {
                body.enter();
            }
            e.consume();
        } else {
            shortcut(e);
        }
    }

    boolean hasShortcut(KeyEvent e) {
        return shown.parts().stream()
                .anyMatch(p -> p.design() instanceof Part.MenuCommand m && Shortcuts.matches(m.shortcut(), e));
    }

    private void shortcut(KeyEvent e) {
        for (Scene.SeenPart part : shown.parts()) {
            if (part.design() instanceof Part.MenuCommand m && Shortcuts.matches(m.shortcut(), e)) {
                act.accept(new Event.Press(shown.instance(), part.number()));
                e.consume();
                return;
            }
        }
    }

    /** Shows the window as it is in another scene. */
    void update(Scene.OpenWindow window) {
        shown = window;
        title.setText(window.title());
        closeBox.setVisible(window.hasCloseBox());
        body.update(window);
        boolean isBlocked = window.blockedBy().isPresent();
        veil.setVisible(isBlocked);
        blocked.setText(window.blockedBy().map(Scene.Blocker::words).orElse(""));
        frame.setDisable(isBlocked);
    }

    /** Where the keyboard goes when the window gets it: the default answer, the first field, else the first button. */
    Node firstFocus() {
        return body.firstFocus().orElse(closeBox);
    }

    /** An owned window stands above its owner, which can have the keyboard all the same (O5). */
    boolean isOwnedBy(Sighting.Which which) {
        return shown.owner().filter(which::equals).isPresent();
    }

    void focusPart(int number) {
        body.focusPart(number);
    }

    Scene.OpenWindow shown() {
        return shown;
    }
}

package bivouac.desktop.rehearse;

import bivouac.design.Each;
import bivouac.design.Editing;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One window on the desk: frame, veil and keys. It shows what the scene says, and turns what a person does into events. */
final class DeskWindow extends StackPane {

    private static final double ICON = 16;

    private final Consumer<Event> act;
    private final Label title = Ui.shortened("", "desk-title");
    private final Button closeBox = new Button("✕");
    private final VBox frame = new VBox();
    private final Veil veil;
    private final HBox titleBar;
    private final DeskBody body;
    private Scene.OpenWindow shown;
    /** Where it is drawn larger; null for a window of one size. */
    private Region corner;

    private boolean maximised;
    private Point2D before;

    DeskWindow(Scene.OpenWindow window, DeskWants wants) {
        this.act = event -> {
            tellBefore(event);
            wants.act().accept(event);
        };
        this.shown = window;
        closeBox.getStyleClass().add("close-box");
        closeBox.setId("close-box");
        closeBox.setFocusTraversable(false);
        closeBox.setAccessibleText("close box");
        closeBox.setOnAction(e -> act.accept(new Event.CloseBox(shown.instance())));
        title.setId("title-" + window.which());
        titleBar = Ui.styled(Ui.row(8, title, Ui.spring()), "desk-title-bar");
        frame(window, wants);
        titleBar.getChildren().add(closeBox);
        frame.getStyleClass().add("desk-window");
        frame.getChildren().add(titleBar);
        body = body(window, wants.acting(act));
        VBox.setVgrow(body.node(), Priority.ALWAYS);
        frame.getChildren().add(body.node());
        veil = new Veil(() -> wants.blocked().accept(shown.which()), this::cancel);
        var shadow = Ui.styled(new Region(), "desk-shadow");
        shadow.setMouseTransparent(true);
        // as a picture: three large round shapes for each window are what painting the desk takes longest for
        shadow.setCache(true);
        getChildren().addAll(shadow, frame, veil);
        if (corner != null) {
            getChildren().add(2, corner);
        }
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        setId("desk-" + window.which());
        update(window);
    }

    /** What the frame says of a window: its icon, whether it stays on top, and what can be done with its size. */
    private void frame(Scene.OpenWindow window, DeskWants wants) {
        if (!(window.design() instanceof FacedWindow face)) {
            return;
        }
        var told = face.frame();
        wants.pictures().of(told.icon()).ifPresent(image -> {
            ImageView icon = Pictures.view(image);
            icon.setFitHeight(ICON);
            icon.setFitWidth(ICON);
            icon.setPreserveRatio(true);
            titleBar.getChildren().addFirst(icon);
        });
        if (told.onTop()) {
            titleBar.getChildren().add(Ui.label("stays on top", "quiet"));
        }
        if (told.minimises()) {
            titleBar.getChildren().add(titleButton("–", "minimise", wants.minimise()));
        }
        if (told.maximises() && face.resizable()) {
            titleBar.getChildren().add(titleButton("□", "maximise", wants.maximise()));
        }
        if (face.resizable()) {
            corner = Ui.styled(new Region(), "desk-corner");
            corner.setId("corner-" + window.which());
            corner.setMaxSize(ICON, ICON);
            StackPane.setAlignment(corner, Pos.BOTTOM_RIGHT);
            Dragging.size(
                    corner, this, new Point2D(told.least().width(), told.least().height()));
        }
    }

    private Button titleButton(String glyph, String word, Consumer<Sighting.Which> act) {
        var button = Ui.button(glyph, word + "-" + shown.which(), () -> act.accept(shown.which()), "close-box");
        button.setFocusTraversable(false);
        button.setAccessibleText(word);
        return button;
    }

    /** Takes all the room there is, or goes back to the size before. */
    void maximise(double width, double height) {
        maximised = !maximised;
        if (maximised) {
            before = new Point2D(getPrefWidth(), getPrefHeight());
            setPrefSize(width, height);
        } else {
            setPrefSize(before.getX(), before.getY());
        }
    }

    boolean isMaximised() {
        return maximised;
    }

    /** What is done otherwise than by typing is done after what was selected before. */
    private void tellBefore(Event event) {
        if (!(event instanceof Event.Edit) && !(event instanceof Event.SelectText)) {
            body.tell();
        }
    }

    private static DeskBody body(Scene.OpenWindow window, DeskWants wants) {
        Consumer<Event> act = wants.act();
        return switch (window.design()) {
            case FacedWindow face -> new FaceBody(window, face, wants);
            case MessageBox box -> new BoxBody(window, box, act);
            case FileDialog dialog -> new FileDialogBody(window, dialog, wants.files(), act);
            case Picker picker -> new PickerBody(window, picker, act);
        };
    }

    Node titleBar() {
        return titleBar;
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE && (shown.hasEscape() || isCancelling())) {
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

    /** The part by which the work that it shows can be asked to end; the first, where there are several. */
    private Optional<Scene.SeenPart> cancelled() {
        return shown.parts().stream()
                .filter(p -> p.cancels() && p.visible() && p.enabled())
                .findFirst();
    }

    /** W10: that is all that can be done on it. */
    private boolean isCancelling() {
        return shown.blockedBy().isPresent() && cancelled().isPresent();
    }

    private void cancel() {
        cancelled().ifPresent(p -> act.accept(new Event.Cancel(shown.instance(), p.number())));
    }

    boolean hasShortcut(KeyEvent e) {
        return command(e).isPresent() || editing(e).isPresent();
    }

    /** What the keys choose, where they are the shortcut of a command. */
    private Optional<Event> command(KeyEvent e) {
        return shown.parts().stream().flatMap(p -> command(p, e).stream()).findFirst();
    }

    private Optional<Event> command(Scene.SeenPart part, KeyEvent e) {
        if (!(part.design() instanceof Part.MenuCommand m) || m.does().isPresent()) {
            return Optional.empty();
        }
        if (m.each().isOnce()) {
            return Optional.<Event>of(new Event.Press(shown.instance(), part.number()))
                    .filter(p -> Shortcuts.matches(m.shortcut(), e));
        }
        return IntStream.rangeClosed(1, part.each().size())
                .filter(row -> Shortcuts.matches(Each.shortcut(m.shortcut(), row), e))
                .<Event>mapToObj(row -> new Event.PressRow(shown.instance(), part.number(), row))
                .findFirst();
    }

    /** What the keys do to a field; those that every field knows reach it by themselves (P6). */
    private Optional<Editing> editing(KeyEvent e) {
        return shown.parts().stream()
                .filter(p -> p.enabled() && p.visible())
                .map(Scene.SeenPart::design)
                .filter(d -> d instanceof Part.MenuCommand m && Shortcuts.matches(m.shortcut(), e))
                .flatMap(d -> ((Part.MenuCommand) d).does().stream())
                .findFirst();
    }

    private void shortcut(KeyEvent e) {
        editing(e).filter(d -> !Shortcuts.matches(d.shortcut(), e)).ifPresent(d -> {
            body.edit(d);
            e.consume();
        });
        command(e).ifPresent(event -> {
            act.accept(event);
            e.consume();
        });
    }

    /** Shows the window as it is in another scene. */
    void update(Scene.OpenWindow window) {
        shown = window;
        title.setText(window.title());
        closeBox.setVisible(window.hasCloseBox());
        body.update(window);
        boolean isBlocked = window.blockedBy().isPresent();
        veil.setVisible(isBlocked);
        veil.say(window.blockedBy().map(Scene.Blocker::words).orElse(""));
        frame.setDisable(isBlocked);
        veil.offerCancel(isBlocked && cancelled().isPresent());
    }

    /** Where the keyboard goes when the window gets it: the default answer, the first field, else the first button. */
    Node firstFocus() {
        return isCancelling() ? veil.cancel() : body.firstFocus().orElse(closeBox);
    }

    void focusPart(int number) {
        body.focusPart(number);
    }

    Scene.OpenWindow shown() {
        return shown;
    }
}

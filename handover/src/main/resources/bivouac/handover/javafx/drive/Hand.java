package drive;

import desk.DeskWindow;
import desk.Loop;
import desk.Values;
import frame.Face;
import frame.FieldSelection;
import frame.FileDialog;
import frame.FrameWindow;
import frame.FxLoop;
import frame.Items;
import frame.MessageBox;
import frame.Picker;
import frame.RowTable;
import frame.WorkProgress;
import java.util.List;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.WindowEvent;

/** What a hand does to the windows of JavaFX, without pointer and keyboard. */
final class Hand {

    private Hand() {}

    /** Once for all trails. */
    static void startToolkit() {
        try {
            Platform.startup(() -> Platform.setImplicitExit(false));
        } catch (IllegalStateException runsAlready) {
            Platform.setImplicitExit(false);
        }
        FileDialog.standIn(true);
    }

    static void later(Runnable what) {
        Platform.runLater(what);
    }

    static Loop loop() {
        return new FxLoop();
    }

    private static Object part(DeskWindow window, String name) {
        return ((Face) window).part(name);
    }

    private static RowTable<?> table(DeskWindow window, String name) {
        return (RowTable<?>) part(window, name);
    }

    static void press(DeskWindow window, String name) {
        pressed(part(window, name));
    }

    private static void pressed(Object part) {
        switch (part) {
            case ButtonBase button -> button.fire();
            case CheckMenuItem command
            when !command.isDisable() -> {
                command.setSelected(!command.isSelected()); // as the menu does before it tells
                command.fire();
            }
            case MenuItem command when !command.isDisable() -> command.fire();
            default -> throw new IllegalStateException(part + " cannot be pressed");
        }
    }

    static void tick(DeskWindow window, String name) {
        if (part(window, name) instanceof CheckBox box) {
            box.fire();
        } else {
            press(window, name);
        }
    }

    static void type(DeskWindow window, String name, String text) {
        TextInputControl field = (TextInputControl) part(window, name);
        if (field.isDisabled() || !field.isEditable()) {
            throw new IllegalStateException("nothing can be typed here");
        }
        field.replaceText(0, field.getLength(), text);
        selectText(window, name, (int) Values.size(field.getText()), (int) Values.size(field.getText()));
    }

    static void selectText(DeskWindow window, String name, int from, int to) {
        FieldSelection.of((Node) part(window, name)).select(from, to);
    }

    static void choose(DeskWindow window, String name, String item) {
        ((Items) part(window, name)).press(item);
    }

    static void pressRow(DeskWindow window, String name, int row) {
        ((Face) window).pressRow(name, row);
    }

    static void cancel(DeskWindow window, String name) {
        ((WorkProgress) ((Face) window).part(name)).cancel();
    }

    static void select(DeskWindow window, String name, List<Integer> rows) {
        table(window, name).select(rows);
    }

    static void activate(DeskWindow window, String name) {
        activated(table(window, name));
    }

    private static void activated(RowTable<?> table) {
        Event.fireEvent(
                table,
                new MouseEvent(
                        MouseEvent.MOUSE_CLICKED,
                        0,
                        0,
                        0,
                        0,
                        MouseButton.PRIMARY,
                        2,
                        false,
                        false,
                        false,
                        false,
                        true,
                        false,
                        false,
                        true,
                        false,
                        true,
                        null));
    }

    static void delete(DeskWindow window, String name) {
        key(table(window, name), KeyCode.DELETE);
    }

    static void closeBox(DeskWindow window) {
        var stage = ((FrameWindow) window).stage();
        Event.fireEvent(stage, new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    static void escape(DeskWindow window) {
        key(focused((FrameWindow) window), KeyCode.ESCAPE);
    }

    static void enter(DeskWindow window) {
        defaultButton((FrameWindow) window).fire();
    }

    static void answer(DeskWindow window, String words) {
        ((MessageBox<?>) window).answer(words);
    }

    static void pick(DeskWindow window, String value) {
        ((Picker<?>) window).pick(value);
    }

    static void chooseFiles(DeskWindow window, List<String> paths, String filter) {
        ((FileDialog) window).choose(paths, filter);
    }

    static void takeOffScreen(DeskWindow window) {
        ((FrameWindow) window).stage().hide();
    }

    private static EventTarget focused(FrameWindow window) {
        var owner = window.stage().getScene().getFocusOwner();
        return owner == null ? window.stage() : owner;
    }

    private static void key(EventTarget target, KeyCode code) {
        Event.fireEvent(target, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
    }

    private static Button defaultButton(FrameWindow window) {
        return window.stage().getScene().getRoot().lookupAll(".button").stream()
                .filter(Button.class::isInstance)
                .map(Button.class::cast)
                .filter(Button::isDefaultButton)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no default button"));
    }
}

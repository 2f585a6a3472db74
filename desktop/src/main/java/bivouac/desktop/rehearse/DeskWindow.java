package bivouac.desktop.rehearse;

import bivouac.design.AccessKey;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.desktop.widget.Severities;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One window on the desk, with real controls. It shows what the scene says, and turns what a person does into events. */
final class DeskWindow extends StackPane {

    private final Consumer<Event> act;
    private final Label title = Ui.shortened("", "desk-title");
    private final Button closeBox = new Button("✕");
    private final Map<Integer, Region> controls = new HashMap<>();
    private final Map<Integer, Node> fieldLabels = new HashMap<>();
    private final List<Button> answers = new ArrayList<>();
    private final Label boxText = Ui.wrapped("", "box-text");
    private final VBox frame = new VBox();
    private final StackPane veil = new StackPane();
    private final Label blocked = Ui.label("", "blocked-label");
    private final HBox titleBar;
    private Scene.OpenWindow shown;
    private boolean updating;

    DeskWindow(Scene.OpenWindow window, Consumer<Event> act, Runnable onBlocked) {
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
        frame.getChildren()
                .add(
                        switch (window.design()) {
                            case FacedWindow face -> face(face);
                            case MessageBox box -> box(box);
                        });
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
                Machine.defaultButton(shown).ifPresent(this::pressNumber);
            }
            e.consume();
        } else {
            shortcut(e);
        }
    }

    private void pressNumber(int number) {
        act.accept(
                shown.design() instanceof MessageBox
                        ? new Event.Answer(shown.instance(), number)
                        : new Event.Press(shown.instance(), number));
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

    private Region box(MessageBox box) {
        var buttons = Ui.styled(Ui.row(6), "box-buttons");
        for (int i = 0; i < box.answers().size(); i++) {
            int number = i;
            var button = Ui.button(
                    mnemonic(box.answers().get(i).text()),
                    "answer-" + box.answers().get(i).ending(),
                    () -> act.accept(new Event.Answer(shown.instance(), number)));
            button.setMnemonicParsing(true);
            boolean isDefault =
                    box.byDefault().map(box.answers().get(i).ending()::equals).orElse(false);
            button.getStyleClass().add(isDefault ? "primary" : "secondary");
            answers.add(button);
            buttons.getChildren().add(button);
        }
        buttons.setAlignment(Pos.CENTER_RIGHT);
        HBox.setHgrow(boxText, Priority.ALWAYS);
        var text = Ui.row(14, Severities.icon(box.severity()), boxText);
        text.setAlignment(Pos.TOP_LEFT);
        var body = Ui.styled(Ui.column(14, text, buttons), "desk-body");
        frame.setMinWidth(320);
        frame.setMaxWidth(380);
        return body;
    }

    private Region face(FacedWindow face) {
        var body = Ui.styled(Ui.column(8), "desk-body");
        if (!face.menus().isEmpty()) {
            frame.getChildren().add(menus(face));
        }
        int number = face.menus().stream().mapToInt(m -> m.commands().size()).sum();
        for (var row : face.rows()) {
            var line = Ui.row(8);
            for (Part part : row.parts()) {
                line.getChildren().addAll(nodes(part, number++));
            }
            if (row.parts().stream().allMatch(Part.Button.class::isInstance)) {
                line.setAlignment(Pos.CENTER_RIGHT);
            }
            body.getChildren().add(line);
        }
        if (face.rows().isEmpty()) {
            body.getChildren().add(Ui.label("This window has no parts yet.", "quiet"));
        }
        frame.setPrefWidth(Math.max(face.size().width(), face.of() == FacedWindow.Kind.MAIN ? 400 : 320));
        frame.setMinHeight(Math.max(face.size().height(), 96));
        VBox.setVgrow(body, Priority.ALWAYS);
        return body;
    }

    private Node menus(FacedWindow face) {
        var bar = Ui.styled(Ui.row(2), "desk-menus");
        int number = 0;
        for (Menu menu : face.menus()) {
            var button = new MenuButton(mnemonic(menu.text()));
            button.setMnemonicParsing(true);
            button.setId("menu-" + AccessKey.without(menu.text()));
            button.getStyleClass().add("desk-menu");
            for (Part.MenuCommand command : menu.commands()) {
                int part = number++;
                var item = new MenuItem(AccessKey.without(command.text())
                        + (command.shortcut().isEmpty() ? "" : "    " + command.shortcut()));
                item.setId("command-" + command.name().expression());
                item.setOnAction(e -> act.accept(new Event.Press(shown.instance(), part)));
                button.getItems().add(item);
            }
            button.showingProperty().subscribe(open -> {
                if (open) {
                    enableItems(button, menu, face);
                }
            });
            bar.getChildren().add(button);
        }
        return bar;
    }

    private void enableItems(MenuButton button, Menu menu, FacedWindow face) {
        int first = face.parts().indexOf(menu.commands().getFirst());
        for (int i = 0; i < button.getItems().size(); i++) {
            Scene.SeenPart part = shown.parts().get(first + i);
            button.getItems().get(i).setDisable(!part.enabled());
            button.getItems().get(i).setVisible(part.visible());
        }
    }

    private List<Node> nodes(Part part, int number) {
        return switch (part) {
            case Part.Caption c -> List.of(keep(number, Ui.wrapped("", "desk-caption")));
            case Part.TextField f -> field(number, f.label());
            case Part.NumberField f -> field(number, f.label());
            case Part.TickBox b -> {
                var box = new CheckBox();
                box.setMnemonicParsing(true);
                box.setOnAction(e -> act.accept(new Event.Tick(shown.instance(), number)));
                yield List.of(keep(number, box));
            }
            case Part.Button b -> {
                var button = Ui.button(
                        "",
                        "",
                        () -> act.accept(new Event.Press(shown.instance(), number)),
                        b.isDefault() ? "primary" : "secondary");
                button.setMnemonicParsing(true);
                yield List.of(keep(number, button));
            }
            case Part.MenuCommand m -> List.of();
        };
    }

    private List<Node> field(int number, String text) {
        var field = new TextField();
        HBox.setHgrow(field, Priority.ALWAYS);
        field.textProperty().subscribe((was, is) -> {
            if (!updating) {
                act.accept(new Event.Edit(shown.instance(), number, is));
            }
        });
        var label = Ui.label(AccessKey.without(text), "desk-label");
        label.setLabelFor(field);
        fieldLabels.put(number, label);
        return List.of(label, keep(number, field));
    }

    private Region keep(int number, Region control) {
        controls.put(number, control);
        return control;
    }

    /** Shows the window as it is in another scene. */
    void update(Scene.OpenWindow window) {
        updating = true;
        shown = window;
        title.setText(window.title());
        closeBox.setVisible(window.hasCloseBox());
        boxText.setText(window.text());
        window.parts().forEach(this::update);
        boolean isBlocked = window.blockedBy().isPresent();
        veil.setVisible(isBlocked);
        blocked.setText(window.blockedBy().map(Scene.Blocker::words).orElse(""));
        frame.setDisable(isBlocked);
        updating = false;
    }

    private void update(Scene.SeenPart part) {
        Region control = controls.get(part.number());
        if (control == null) {
            return;
        }
        control.setId("part-" + part.design().name().expression());
        switch (control) {
            case TextField field -> {
                if (!field.getText().equals(part.text())) {
                    field.setText(part.text());
                    field.end();
                }
            }
            case CheckBox box -> {
                box.setText(mnemonic(part.text()));
                box.setSelected(part.ticked());
            }
            case Button button -> button.setText(mnemonic(part.text()));
            case Label label -> label.setText(part.text());
            default -> throw new IllegalStateException("no control of a part: " + control);
        }
        control.setDisable(!part.enabled());
        show(control, part.visible());
        Node label = fieldLabels.get(part.number());
        if (label != null) {
            show(label, part.visible());
        }
    }

    private static void show(Node node, boolean visible) {
        node.setVisible(visible);
        node.setManaged(visible);
    }

    /** JavaFX marks access keys with an underscore. */
    private static String mnemonic(String text) {
        String safe = text.replace("_", "__");
        var out = new StringBuilder();
        for (int i = 0; i < safe.length(); i++) {
            char c = safe.charAt(i);
            if (c == '&' && i + 1 < safe.length()) {
                out.append(safe.charAt(i + 1) == '&' ? "&" : "_" + safe.charAt(i + 1));
                i++;
            } else {
                out.append(c);
            }
        }
        return out.toString();
    }

    /** Where the keyboard goes when the window gets it: the default answer, the first field, else the first button. */
    Node firstFocus() {
        if (shown.design() instanceof MessageBox) {
            int number = Machine.defaultButton(shown).orElse(0);
            return answers.isEmpty() ? this : answers.get(Math.min(number, answers.size() - 1));
        }
        return controls.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> (Node) e.getValue())
                .filter(n -> !(n instanceof Label) && !n.isDisabled() && n.isVisible())
                .findFirst()
                .orElse(closeBox);
    }

    void focusPart(int number) {
        Region control = controls.get(number);
        if (control != null) {
            control.requestFocus();
        }
    }

    Scene.OpenWindow shown() {
        return shown;
    }
}

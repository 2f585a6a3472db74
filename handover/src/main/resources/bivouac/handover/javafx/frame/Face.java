package frame;

import desk.Desk;
import desk.Values;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextFormatter;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.TitledPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToolBar;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A window with parts. Each part has the name that the design gives it; the developer's tests find it by that. */
public abstract class Face extends FrameWindow {

    private static final String FILE = "file";
    private static final String FONT = "font";
    private static final String COLOUR = "colour";
    private static final String CHANGED = "changed";

    private final Map<String, Object> parts = new LinkedHashMap<>();
    private final Map<Object, Runnable> scripts = new HashMap<>();
    /** The field that has the keyboard, or had it last. */
    private TextInputControl last;

    protected Face(Desk desk, String name, Object key) {
        super(desk, name, key);
    }

    /** Names a part, and makes what a person changes in it an event, with a script or without. */
    protected final <P> P part(String name, P part) {
        parts.put(name, part);
        switch (part) {
            case TextInputControl field -> {
                onChange(field.textProperty(), part);
                field.focusedProperty().addListener((v, before, now) -> last = now ? field : last);
            }
            case Items items -> items.rules().whenByHand(() -> happens(part));
            case CheckBox box -> onChange(box.selectedProperty(), part);
            case RowTable<?> table ->
                table.getSelectionModel()
                        .getSelectedIndices()
                        .addListener((javafx.collections.ListChangeListener<Integer>) c -> happens(part));
            case Button button -> button.setOnAction(e -> happens(part));
            case Hyperlink link -> link.setOnAction(e -> happens(part));
            case EachCommand<?> each -> {} // those that it stands for are pressed
            case MenuItem command -> command.setOnAction(e -> happens(part));
            case WorkProgress progress -> shows(progress);
            default -> {}
        }
        return part;
    }

    private void onChange(ObservableValue<?> value, Object part) {
        value.addListener((v, before, now) -> happens(part));
    }

    /** A change made by a script is none: the desk is not at rest then (P2). */
    private void happens(Object part) {
        if (part instanceof Node node) {
            changed(node, true);
        }
        desk.event(this, scripts.getOrDefault(part, () -> {}));
    }

    /** What it starts with nobody has changed. */
    @Override
    protected void show() {
        parts.values().forEach(part -> {
            if (part instanceof Node node) {
                changed(node, false);
            }
        });
        super.show();
    }

    /** Whether a person has changed a part since a script has said that it is not (P1). */
    public static boolean isChanged(Node part) {
        return part.getProperties().containsKey(CHANGED);
    }

    public static void changed(Node part, boolean byHand) {
        if (byHand) {
            part.getProperties().put(CHANGED, CHANGED);
        } else {
            part.getProperties().remove(CHANGED);
        }
    }

    /** What is done when a part is pressed, chosen, changed, followed, or a row of it selected. */
    protected final void on(Object part, Runnable script) {
        scripts.put(part, script);
    }

    /** What is done when one row is activated: a double click, or Enter. */
    protected final void onActivated(RowTable<?> table, Runnable script) {
        Runnable activated = () -> {
            if (table.selectedNumber() != 0) {
                desk.event(this, script);
            }
        };
        table.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                activated.run();
            }
        });
        table.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                activated.run();
                e.consume();
            }
        });
    }

    /** The Delete key removes what is selected. */
    protected final void onDelete(RowTable<?> table, Runnable script) {
        table.addEventHandler(javafx.scene.input.KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.DELETE && table.anySelected()) {
                desk.event(this, script);
                e.consume();
            }
        });
    }

    // Laying out

    protected final void menus(Menu... menus) {
        root().getChildren().addFirst(new MenuBar(menus));
    }

    protected final <M extends MenuItem> M command(String name, M command, String shortcut) {
        command.setMnemonicParsing(true);
        if (!shortcut.isEmpty()) {
            command.setAccelerator(KeyCombination.keyCombination(shortcut));
        }
        return part(name, command);
    }

    /** A command that does to the field that had the keyboard last what every field can (P6). */
    protected final MenuItem editing(String name, Editing what, String shortcut) {
        MenuItem command = command(name, new MenuItem(), shortcut);
        command.setOnAction(e -> edit(what));
        return command;
    }

    private void edit(Editing what) {
        if (last == null || last.isDisabled()) {
            return;
        }
        last.requestFocus();
        FieldSelection.with(last, () -> {
            switch (what) {
                case UNDO -> last.undo();
                case REDO -> last.redo();
                case CUT -> last.cut();
                case COPY -> last.copy();
                case PASTE -> last.paste();
                case SELECT_ALL -> last.selectAll();
            }
        });
    }

    /** What is selected in a field (P7). */
    public static FieldSelection selection(Node field) {
        return FieldSelection.of(field);
    }

    protected final void row(Node... nodes) {
        content.getChildren().add(line(nodes));
    }

    protected final void group(String title, Pane... rows) {
        content.getChildren().add(framed(title, rows));
    }

    protected static Region framed(String title, Pane... rows) {
        TitledPane pane = new TitledPane(title, new VBox(8, rows));
        pane.setCollapsible(false);
        return pane;
    }

    /** What stands on a page; laid out before the pages are (P8). */
    protected static void page(Pages pages, String item, Region... rows) {
        pages.page(item).getChildren().addAll(rows);
    }

    /** The line at the foot of the window (P8). */
    protected final void statusLine(Node... nodes) {
        HBox foot = new HBox(16, nodes);
        foot.setPadding(new Insets(4, 12, 4, 12));
        root().getChildren().add(foot);
    }

    /** Commands of the menus, once more in a row of tools: usable, ticked and pressed as they are there (P8). */
    protected final void tools(MenuItem... commands) {
        ToolBar bar = new ToolBar();
        for (MenuItem command : commands) {
            ButtonBase tool = command instanceof CheckMenuItem ? new ToggleButton() : new Button();
            if (command instanceof CheckMenuItem ticked) {
                ((ToggleButton) tool).selectedProperty().bindBidirectional(ticked.selectedProperty());
                tool.setOnAction(e -> ticked.getOnAction().handle(e)); // the tick has been turned over
            } else {
                tool.setOnAction(e -> command.fire());
            }
            tool.setMnemonicParsing(true);
            tool.textProperty().bind(command.textProperty());
            tool.disableProperty().bind(command.disableProperty());
            tool.visibleProperty().bind(command.visibleProperty());
            tool.managedProperty().bind(command.visibleProperty());
            tool.setFocusTraversable(false); // the field that has the keyboard keeps it
            bar.getItems().add(tool);
        }
        root().getChildren().add(1, bar); // under the menus
    }

    protected static HBox line(Node... nodes) {
        HBox line = new HBox(8, nodes);
        if (Stream.of(nodes).anyMatch(Face::isTall)) {
            VBox.setVgrow(line, Priority.ALWAYS);
        } else {
            line.setAlignment(Pos.BASELINE_LEFT);
        }
        for (Node node : nodes) {
            if (node instanceof RowTable<?>
                    || node instanceof WorkProgress
                    || node instanceof EachButton<?>
                    || node instanceof Pages
                    || node instanceof RadioButtons) {
                HBox.setHgrow(node, Priority.ALWAYS);
            }
        }
        return line;
    }

    /** What takes the height that is left; its label stands at its top. */
    private static boolean isTall(Node node) {
        return node instanceof RowTable<?>
                || node instanceof TextArea
                || node instanceof Pages pages && pages.isTall()
                || node instanceof HBox both && both.getChildren().stream().anyMatch(Face::isTall);
    }

    /** A field behind its label, whose access key leads to it. */
    protected static Node labelled(String text, Node field) {
        Label label = new Label(text);
        label.setMnemonicParsing(true);
        label.setLabelFor(field);
        label.setMinWidth(90);
        HBox both = new HBox(8, label, field);
        if (!isTall(field)) {
            both.setAlignment(Pos.BASELINE_LEFT);
        }
        HBox.setHgrow(field, Priority.ALWAYS);
        HBox.setHgrow(both, Priority.ALWAYS);
        both.visibleProperty().bind(field.visibleProperty());
        return both;
    }

    /** No more characters than it holds (P4). */
    protected static void longest(TextInputControl field, int most) {
        field.setTextFormatter(new TextFormatter<>(change -> {
            int over = (int) Values.size(change.getControlNewText()) - most;
            if (over > 0 && change.isAdded()) {
                String text = change.getText();
                change.setText(Values.cut(text, Math.max(0, (int) Values.size(text) - over)));
                int end = change.getRangeStart() + change.getText().length();
                change.selectRange(end, end);
            }
            return change;
        }));
    }

    /** A picture's file, beside the program; what cannot be read shows nothing. */
    public static void picture(ImageView view, String file) {
        if (!file.equals(view.getProperties().put(FILE, file))) {
            java.net.URL found = file.isEmpty() ? null : Face.class.getResource("/" + file);
            view.setImage(found == null ? null : new Image(found.toString()));
        }
    }

    public static String picture(ImageView view) {
        return (String) view.getProperties().getOrDefault(FILE, "");
    }

    public static void enabled(Object part, boolean yes) {
        if (part instanceof Each<?> each) {
            each.each().enabled(yes);
        } else if (part instanceof Node node) {
            node.setDisable(!yes);
        } else {
            ((MenuItem) part).setDisable(!yes);
        }
    }

    public static boolean isEnabled(Object part) {
        if (part instanceof Each<?> each) {
            return each.each().isEnabled();
        }
        return part instanceof Node node ? !node.isDisable() : !((MenuItem) part).isDisable();
    }

    public static void visible(Object part, boolean yes) {
        if (part instanceof EachCommand<?> each) {
            each.shown(yes);
        } else if (part instanceof Node node) {
            node.setVisible(yes);
        } else {
            ((MenuItem) part).setVisible(yes);
        }
    }

    public static boolean isVisible(Object part) {
        if (part instanceof EachCommand<?> each) {
            return each.isShown();
        }
        return part instanceof Node node ? node.isVisible() : ((MenuItem) part).isVisible();
    }

    /** A read-only part takes no change from a person; scripts change it. */
    public static void readOnly(Node part, boolean yes) {
        if (part instanceof TextInputControl field) {
            field.setEditable(!yes);
        } else {
            part.setMouseTransparent(yes);
            part.setFocusTraversable(!yes);
        }
    }

    public static boolean isReadOnly(Node part) {
        return part instanceof TextInputControl field ? !field.isEditable() : part.isMouseTransparent();
    }

    /** A font as pickers give it: a family and a size. */
    public static void font(Node part, String font) {
        part.getProperties().put(FONT, font);
        int space = font.lastIndexOf(' ');
        style(part, "-fx-font-family", space < 0 ? "" : '"' + font.substring(0, space) + '"');
        style(part, "-fx-font-size", space < 0 ? "" : font.substring(space + 1) + "px");
    }

    public static String font(Node part) {
        return (String) part.getProperties().getOrDefault(FONT, "");
    }

    public static void colour(Node part, String colour) {
        part.getProperties().put(COLOUR, colour);
        style(part, "-fx-text-fill", colour);
    }

    public static String colour(Node part) {
        return (String) part.getProperties().getOrDefault(COLOUR, "");
    }

    /** A text with {@code &} before its access key, as JavaFX has it, and back. */
    public static String mnemonic(String text) {
        return text.replace("_", "__").replaceAll("&(.)", "_$1");
    }

    public static String marked(String text) {
        return text.replace("__", "\0").replace('_', '&').replace('\0', '_');
    }

    /** A text of the application, with its values. */
    public static String text(String key, Object... values) {
        return Texts.text(key, values);
    }

    private static void style(Node part, String property, String value) {
        String others = java.util.Arrays.stream(part.getStyle().split(";"))
                .filter(s -> !s.isBlank() && !s.strip().startsWith(property + ":"))
                .collect(Collectors.joining(";"));
        part.setStyle(value.isEmpty() ? others : others + ";" + property + ": " + value);
    }

    // For those who drive and compare

    /** A part by its name. */
    public final Object part(String name) {
        Object part = parts.get(name);
        if (part == null) {
            throw new IllegalArgumentException(name() + " has no part " + name);
        }
        return part;
    }

    /** As a person does with one of those of which there is one for each row, by its number from 1. */
    public final void pressRow(String name, int row) {
        ((Each<?>) part(name)).press(row);
    }

    @Override
    public List<String> seen() {
        List<String> lines = new ArrayList<>();
        parts.forEach((name, part) -> lines.add(name + ": " + content(part)
                + (isEnabled(part) || part instanceof Each<?> ? "" : " [disabled]")
                + (isVisible(part) && !(part instanceof Node node && !Pages.shows(node)) ? "" : " [invisible]")));
        return lines;
    }

    private String content(Object part) {
        return switch (part) {
            case Each<?> each -> each.each().content();
            case TextInputControl field -> field.getText();
            case Items items -> items.anyChosen() ? items.chosen() : "";
            case RowTable<?> table ->
                table.rows().stream().map(Values::shown).collect(Collectors.joining(" | ")) + " selected "
                        + table.selectedNumbers();
            case CheckBox box -> plain(box.getText()) + (box.isSelected() ? " [ticked]" : "");
            case CheckMenuItem item -> plain(item.getText()) + (item.isSelected() ? " [ticked]" : "");
            case MenuItem item -> plain(item.getText());
            case Label label -> label.getText();
            case Labeled other -> plain(other.getText());
            case ImageView view -> picture(view);
            case WorkProgress progress -> progress.content();
            default -> part.toString();
        };
    }

    /** Without the sign of an access key. */
    private static String plain(String text) {
        return text.replaceAll("_(.)", "$1");
    }
}

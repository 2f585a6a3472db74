package bivouac.desktop.rehearse;

import bivouac.design.AccessKey;
import bivouac.design.Editing;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.desktop.widget.Groups;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.PasswordField;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.image.Image;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A main window, child window or dialog on the desk: its menus and parts as real controls. */
final class FaceBody implements DeskBody {

    private static final PseudoClass DRAWN = PseudoClass.getPseudoClass("drawn");

    private final Consumer<Event> act;
    private final DeskTexts texts;
    private final Pictures pictures;
    private final Map<Integer, Region> controls = new HashMap<>();
    private final Map<Integer, Node> fieldLabels = new HashMap<>();
    private final Region node;
    private final Map<Row.Page, Region> pages = new HashMap<>();
    /** The frames of groups, each with its lines. */
    private final Map<Node, List<HBox>> frames = new HashMap<>();

    private Optional<DeskMenus> menus = Optional.empty();
    private Optional<DeskTools> tools = Optional.empty();
    private Scene.OpenWindow shown;
    private boolean updating;

    FaceBody(Scene.OpenWindow window, FacedWindow face, DeskWants wants) {
        this.act = wants.act();
        this.texts = new DeskTexts(() -> shown, act);
        this.pictures = wants.pictures();
        this.shown = window;
        var body = face(face);
        VBox.setVgrow(body, Priority.ALWAYS);
        var all = new VBox();
        Optional<Node> foot = foot(face);
        if (!face.menus().isEmpty()) {
            var bar = new DeskMenus(face, shown, act, texts::edit);
            menus = Optional.of(bar);
            all.getChildren().add(bar);
            if (!face.tools().isEmpty()) {
                var row = new DeskTools(face, act, texts::edit);
                tools = Optional.of(row);
                all.getChildren().add(row);
            }
        }
        all.getChildren().add(body);
        foot.ifPresent(all.getChildren()::add);
        all.setPrefWidth(Math.max(face.size().width(), face.of() == FacedWindow.Kind.MAIN ? 400 : 320));
        all.setMinHeight(Math.max(face.size().height(), 96));
        node = all;
    }

    private Region face(FacedWindow face) {
        var body = Ui.styled(Ui.column(8), "desk-body");
        List<Row> filled =
                face.bodyRows().stream().filter(r -> !r.parts().isEmpty()).toList();
        for (List<Row> run : Row.runs(filled)) {
            var lines = run.stream()
                    .map(row -> line(row, number(face, row.parts().getFirst())))
                    .toList();
            Node node = Groups.framed(run.getFirst().group(), lines);
            if (!run.getFirst().group().isEmpty()) {
                frames.put(node, lines);
            }
            if (run.stream().flatMap(r -> r.parts().stream()).anyMatch(FaceBody::grows)) {
                VBox.setVgrow(node, Priority.ALWAYS);
            }
            Pane into = face.pageOf(run.getFirst())
                    .map(pages::get)
                    .map(Pane.class::cast)
                    .orElse(body);
            into.getChildren().add(node);
            face.pagesIn(run).forEach(page -> into.getChildren().add(page(page)));
        }
        if (face.rows().isEmpty()) {
            body.getChildren().add(Ui.label("This window has no parts yet.", "quiet"));
        }
        return body;
    }

    private static int number(FacedWindow face, Part first) {
        List<Part> parts = face.parts();
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i) == first) {
                return i;
            }
        }
        throw new IllegalArgumentException("no part of the window: " + first);
    }

    /** The line at the foot, with what stands in it side by side. */
    private Optional<Node> foot(FacedWindow face) {
        if (face.statusLine().isEmpty()) {
            return Optional.empty();
        }
        var foot = Ui.styled(Ui.row(16), "desk-foot");
        face.statusLine().forEach(p -> foot.getChildren().addAll(nodes(p, number(face, p))));
        return Optional.of(foot);
    }

    /** What stands on a page; seen while that is chosen (P8). */
    private Region page(Row.Page page) {
        var box = Ui.styled(Ui.column(8), "desk-page");
        VBox.setVgrow(box, Priority.ALWAYS);
        pages.put(page, box);
        return box;
    }

    private HBox line(Row row, int first) {
        var line = Ui.row(8);
        int number = first;
        for (Part part : row.parts()) {
            line.getChildren().addAll(nodes(part, number++));
        }
        if (row.isButtons()) {
            line.setAlignment(Pos.CENTER_RIGHT);
        }
        if (row.parts().stream().anyMatch(FaceBody::grows)) {
            VBox.setVgrow(line, Priority.ALWAYS);
            line.setFillHeight(true);
            // the label of something tall stands where it begins
            line.setAlignment(Pos.TOP_LEFT);
        }
        return line;
    }

    /** What takes the room that a larger window gives. */
    private static boolean grows(Part part) {
        return part instanceof Part.ListOfRows
                || part instanceof Part.TextField f && f.entry() == Part.Entry.SEVERAL_LINES;
    }

    private List<Node> nodes(Part part, int number) {
        return switch (part) {
            case Part.Caption c -> List.of(keep(number, Ui.caption("", c.size().word())));
            case Part.Picture p -> List.of(keep(number, Ui.label("", "desk-picture")));
            case Part.Link l -> {
                var link = new Hyperlink();
                link.getStyleClass().add("desk-link");
                link.setOnAction(e -> act.accept(new Event.Press(shown.instance(), number)));
                yield List.of(keep(number, link));
            }
            case Part.TextField f -> field(number, f.label(), input(f.entry()));
            case Part.ValueField f -> field(number, f.label(), new TextField());
            case Part.Choice c -> choice(number, c);
            case Part.ListOfRows l -> {
                var rows = new RowsControl(l, new RowActs(number));
                HBox.setHgrow(rows, Priority.ALWAYS);
                yield labelled(number, l.label(), rows);
            }
            case Part.Progress p -> {
                var progress = new ProgressControl(
                        "cancel-" + p.name().expression(),
                        () -> act.accept(new Event.Cancel(shown.instance(), number)));
                HBox.setHgrow(progress, Priority.ALWAYS);
                yield labelled(number, p.label(), progress);
            }
            case Part.TickBox b -> {
                var box = new CheckBox();
                box.setMnemonicParsing(true);
                box.setOnAction(e -> act.accept(new Event.Tick(shown.instance(), number)));
                yield List.of(keep(number, box));
            }
            case Part.Button b
            when !b.each().isOnce() -> {
                var each = new EachButtons(
                        "part-" + b.name().expression(),
                        row -> act.accept(new Event.PressRow(shown.instance(), number, row)));
                HBox.setHgrow(each, Priority.ALWAYS);
                yield List.of(keep(number, each));
            }
            case Part.Button b -> {
                var button = Ui.button(
                        "",
                        "",
                        () -> act.accept(new Event.Press(shown.instance(), number)),
                        b.isDefault() ? "primary" : "secondary");
                button.setMnemonicParsing(true);
                // what stands on it is never cut; the field beside it gives way
                button.setMinWidth(Region.USE_PREF_SIZE);
                yield List.of(keep(number, button));
            }
            case Part.MenuCommand m -> List.of();
        };
    }

    private static TextInputControl input(Part.Entry entry) {
        return switch (entry) {
            case ONE_LINE -> new TextField();
            case HIDDEN -> new PasswordField();
            case SEVERAL_LINES -> {
                var area = new TextArea();
                area.setPrefRowCount(3);
                area.setWrapText(true);
                yield area;
            }
        };
    }

    private List<Node> field(int number, String text, TextInputControl field) {
        HBox.setHgrow(field, Priority.ALWAYS);
        texts.add(number, field);
        return labelled(number, text, field);
    }

    private List<Node> choice(int number, Part.Choice part) {
        if (part.drawn() != Part.ChoiceLook.LIST) {
            var buttons = new ChoiceButtons(part, item -> act.accept(new Event.Select(shown.instance(), number, item)));
            HBox.setHgrow(buttons, Priority.ALWAYS);
            return part.label().isBlank() && part.isPages()
                    ? List.of(keep(number, buttons))
                    : labelled(number, part.label(), buttons);
        }
        var box = new ComboBox<String>();
        box.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(box, Priority.ALWAYS);
        box.getSelectionModel().selectedIndexProperty().subscribe((was, is) -> {
            if (!updating && is.intValue() >= 0) {
                act.accept(new Event.Select(shown.instance(), number, is.intValue()));
            }
        });
        return labelled(number, part.label(), box);
    }

    private List<Node> labelled(int number, String text, Region control) {
        boolean tall = control instanceof TextArea || control instanceof RowsControl;
        if (text.isBlank() && tall) { // it stands by itself, with no other field to stand in line with
            return List.of(keep(number, control));
        }
        var label = Ui.label(AccessKey.without(text), "desk-label");
        label.setLabelFor(control);
        fieldLabels.put(number, label);
        return List.of(label, keep(number, control));
    }

    private Region keep(int number, Region control) {
        controls.put(number, control);
        return control;
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public void update(Scene.OpenWindow window) {
        updating = true;
        shown = window;
        menus.ifPresent(m -> m.update(window));
        tools.ifPresent(m -> m.update(window));
        window.parts().forEach(this::update);
        frames.forEach((frame, lines) -> Ui.show(
                frame, lines.stream().flatMap(l -> l.getChildren().stream()).anyMatch(Node::isVisible)));
        updating = false;
    }

    private void update(Scene.SeenPart part) {
        Region control = controls.get(part.number());
        if (control == null) {
            return;
        }
        control.setId("part-" + part.design().name().expression());
        switch (control) {
            case TextInputControl field -> texts.show(part);
            case ComboBox<?> box -> choose(box, part);
            case ChoiceButtons buttons -> {
                buttons.show(part.items(), part.text());
                pages.forEach((page, box) -> {
                    if (page.pages().equals(part.design().name().expression())) {
                        Ui.show(box, part.visible() && page.item().equals(part.text()));
                    }
                });
            }
            case RowsControl rows -> rows.show(part.rows(), part.selected());
            case ProgressControl progress -> progress.show(part);
            case EachButtons each -> each.show(part.each());
            case Hyperlink link -> link.setText(AccessKey.without(part.text()));
            case CheckBox box -> {
                box.setText(Mnemonics.of(part.text()));
                box.setSelected(part.ticked());
            }
            case Button button -> button.setText(Mnemonics.of(part.text()));
            case Label label when part.design() instanceof Part.Picture -> picture(label, part.text());
            case Label label -> label.setText(part.text());
            default -> throw new IllegalStateException("no control of a part: " + control);
        }
        control.setDisable(!part.enabled());
        control.setStyle(Looks.style(part.font(), part.colour()));
        setReadOnly(control, part.readOnly());
        Ui.show(control, part.visible());
        Node label = fieldLabels.get(part.number());
        if (label != null) {
            Ui.show(label, part.visible());
        }
    }

    /** Its items can be others, where it follows a list (P5). */
    @SuppressWarnings("unchecked")
    private static void choose(ComboBox<?> box, Scene.SeenPart part) {
        var items = ((ComboBox<String>) box).getItems();
        if (!items.equals(part.items())) {
            items.setAll(part.items());
        }
        box.getSelectionModel().select(part.items().indexOf(part.text()));
    }

    /** A field still takes the keyboard, to be read and copied; what is ticked or chosen does not. */
    private static void setReadOnly(Region control, boolean readOnly) {
        switch (control) {
            case TextInputControl field -> field.setEditable(!readOnly);
            case CheckBox box -> {
                box.setMouseTransparent(readOnly);
                box.setFocusTraversable(!readOnly);
            }
            case ComboBox<?> box -> {
                box.setMouseTransparent(readOnly);
                box.setFocusTraversable(!readOnly);
            }
            case ChoiceButtons buttons -> buttons.setReadOnly(readOnly);
            default -> {
                // nothing else is changed by a person
            }
        }
    }

    /** The picture, as large as it is; without one, the name of its file. */
    private void picture(Label label, String file) {
        Optional<ReadOnlyObjectProperty<Image>> image = pictures.of(file);
        label.setGraphic(image.map(Pictures::view).orElse(null));
        label.setText(image.isPresent() ? "" : file.isBlank() ? "(no picture)" : file);
        label.pseudoClassStateChanged(DRAWN, image.isPresent());
    }

    /** What a person does with the rows of a list, as events. */
    private final class RowActs implements RowsControl.Acts {
        private final int part;

        RowActs(int part) {
            this.part = part;
        }

        @Override
        public void select(List<Integer> rows) {
            act.accept(new Event.SelectRows(shown.instance(), part, rows));
        }

        @Override
        public void activate() {
            act.accept(new Event.ActivateRow(shown.instance(), part));
        }

        @Override
        public void remove() {
            act.accept(new Event.RemoveRows(shown.instance(), part));
        }
    }

    @Override
    public Optional<Node> firstFocus() {
        return controls.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> (Node) e.getValue())
                .map(n -> n instanceof RowsControl rows ? rows.list() : n)
                .map(n -> n instanceof ChoiceButtons buttons ? buttons.first() : n)
                .filter(n -> !(n instanceof Label)
                        && !(n instanceof ProgressControl)
                        && !(n instanceof EachButtons)
                        && !n.isDisabled()
                        && n.isVisible())
                .findFirst();
    }

    @Override
    public void enter() {
        for (Region control : controls.values()) {
            if (control instanceof RowsControl rows && rows.enter()) {
                return;
            }
        }
        Machine.defaultButton(shown).ifPresent(n -> act.accept(new Event.Press(shown.instance(), n)));
    }

    @Override
    public void edit(Editing what) {
        texts.edit(what);
    }

    @Override
    public void tell() {
        texts.tell();
    }

    @Override
    public void focusPart(int number) {
        Region control = controls.get(number);
        if (control != null) {
            control.requestFocus();
        }
    }
}

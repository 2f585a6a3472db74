package bivouac.desktop.window;

import bivouac.design.AccessKey;
import bivouac.design.Each;
import bivouac.design.Part;
import bivouac.desktop.widget.Ui;
import bivouac.sentence.Declarations;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** A part as the Window screen draws it. */
final class DrawnPart {

    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final int ROWS_SHOWN = 4;

    private DrawnPart() {}

    /** Some way on, so that it can be told from a line. */
    private static Node progress(Part.Progress part) {
        var bar = new ProgressBar(0.4);
        bar.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(bar, Priority.ALWAYS);
        String of = part.task().isBlank() ? "of no task yet" : "of " + part.task();
        var words = Ui.label(of, "quiet");
        words.setMinWidth(Region.USE_PREF_SIZE);
        var row = Ui.row(8, bar, words);
        String label = AccessKey.without(part.label());
        if (!label.isEmpty()) {
            row.getChildren().addFirst(Ui.label(label, "desk-label"));
        }
        return row;
    }

    /** What it looks like; it takes no part in anything. */
    static Node of(Part part) {
        Node look =
                switch (part) {
                    case Part.Caption c ->
                        Ui.caption(
                                c.text().isBlank() ? "(empty caption)" : c.text(),
                                c.size().word());
                    case Part.Picture p ->
                        Ui.label(p.file().isBlank() ? "(no picture yet)" : "picture " + p.file(), "desk-picture");
                    case Part.Link l -> Ui.label(AccessKey.without(l.text()), "desk-link");
                    case Part.TextField f when f.entry() == Part.Entry.SEVERAL_LINES -> area(f);
                    case Part.TextField f -> field(f.label(), f.starts());
                    case Part.ValueField f -> field(f.label(), f.starts());
                    case Part.ListOfRows l -> rows(l);
                    case Part.Progress p -> progress(p);
                    case Part.Choice c ->
                        switch (c.drawn()) {
                            case LIST -> field(c.label(), chosen(c) + "  ▾");
                            case RADIO_BUTTONS -> items(c, "○ ", "◉ ", "plain");
                            case PAGES -> items(c, "", "", "desk-tab");
                        };
                    case Part.TickBox b -> {
                        var box = new CheckBox(AccessKey.without(b.text()));
                        box.setSelected(b.ticked());
                        yield box;
                    }
                    case Part.Button b -> {
                        var button = new Button(b.each().after(b.text()));
                        button.getStyleClass().add(b.isDefault() ? "primary" : "secondary");
                        if (b.each().isOnce()) { // of what there is one for each is said as far as there is room
                            button.setMinWidth(Region.USE_PREF_SIZE);
                        }
                        yield button;
                    }
                    case Part.MenuCommand m -> {
                        Label keys = Ui.label(m.shortcut(), m.shortcut().isEmpty() ? "quiet" : "key");
                        keys.setMinWidth(Region.USE_PREF_SIZE); // a long text gives way
                        yield Ui.styled(
                                Ui.row(
                                        6,
                                        Ui.label(
                                                (m.ticking() ? "✓ " : "")
                                                        + m.each().after(m.text()),
                                                "plain"),
                                        Ui.spring(),
                                        keys),
                                "face-command");
                    }
                };
        look.setMouseTransparent(true);
        look.setFocusTraversable(false);
        return look;
    }

    /** All items beside each other, the one that it starts with told apart. */
    private static Node items(Part.Choice c, String other, String chosen, String style) {
        var flow = new FlowPane(c.isPages() ? 2 : 12, 4);
        flow.getStyleClass().add(c.isPages() ? "desk-tabs" : "desk-radio-buttons");
        List<String> all = c.follows()
                .map(list -> List.of(new Each.OfRows(list.source()).words()))
                .orElse(c.items());
        for (String item : all) {
            boolean first = item.equals(c.usual());
            var label = Ui.label((first ? chosen : other) + item, style);
            label.pseudoClassStateChanged(SELECTED, first);
            flow.getChildren().add(label);
        }
        String label = AccessKey.without(c.label());
        HBox.setHgrow(flow, Priority.ALWAYS);
        return label.isEmpty() && c.isPages() ? Ui.row(0, flow) : Ui.row(8, Ui.label(label, "desk-label"), flow);
    }

    private static String chosen(Part.Choice c) {
        return !c.starts().isEmpty()
                ? c.starts()
                : c.follows()
                        .map(list -> new Each.OfRows(list.source()).words())
                        .orElse(String.join(" · ", c.items()));
    }

    private static Node rows(Part.ListOfRows l) {
        var table = Ui.styled(Ui.column(0), "drawn-list");
        table.getChildren()
                .add(Ui.shortened(
                        l.columns().isEmpty() ? "no columns yet" : Declarations.columns(l.columns()), "group-name"));
        l.first().stream().limit(ROWS_SHOWN).forEach(r -> table.getChildren()
                .add(Ui.shortened(String.join("   ", r), "plain")));
        if (l.first().size() > ROWS_SHOWN) {
            table.getChildren().add(Ui.label("and " + (l.first().size() - ROWS_SHOWN) + " more", "quiet"));
        }
        HBox.setHgrow(table, Priority.ALWAYS);
        return Ui.row(8, Ui.label(AccessKey.without(l.label()), "desk-label"), table);
    }

    private static Node area(Part.TextField f) {
        var area = new TextArea(f.starts());
        area.setPrefRowCount(2);
        area.setFocusTraversable(false);
        HBox.setHgrow(area, Priority.ALWAYS);
        return Ui.row(8, Ui.label(AccessKey.without(f.label()), "desk-label"), area);
    }

    private static Node field(String label, String starts) {
        var field = new TextField(starts);
        field.setFocusTraversable(false);
        HBox.setHgrow(field, Priority.ALWAYS);
        var row = Ui.row(8, Ui.label(AccessKey.without(label), "desk-label"), field);
        row.setMaxWidth(Double.MAX_VALUE);
        return row;
    }
}

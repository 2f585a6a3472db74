package bivouac.desktop.closings;

import bivouac.closing.Closings;
import bivouac.closing.Closings.Column;
import bivouac.design.Window;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Ui;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;

/** The table of windows and ways; arrow keys go from square to square. */
final class ClosingsTable extends GridPane {

    /** How wide the names of the windows are. */
    static final double NAMES = 156;

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass MARKED = PseudoClass.getPseudoClass("marked");
    private static final PseudoClass NO_WAY = PseudoClass.getPseudoClass("no-way");

    private final BiConsumer<Window, Column> choose;
    private final Runnable open;

    /** @param open goes to the script of the chosen square */
    ClosingsTable(BiConsumer<Window, Column> choose, Runnable open) {
        this.choose = choose;
        this.open = open;
        getStyleClass().add("closings");
        getColumnConstraints().setAll(columns());
    }

    private static List<ColumnConstraints> columns() {
        var all = new java.util.ArrayList<ColumnConstraints>();
        all.add(new ColumnConstraints(NAMES));
        for (int i = 0; i < Column.values().length; i++) {
            var column = new ColumnConstraints();
            column.setPercentWidth(-1);
            column.setHgrow(Priority.ALWAYS);
            column.setMinWidth(0);
            column.setPrefWidth(130);
            column.setFillWidth(true);
            all.add(column);
        }
        return all;
    }

    /** The heads of the columns, to stand above what scrolls. */
    static GridPane heads() {
        var heads = new GridPane();
        heads.getStyleClass().add("closings-heads");
        heads.getColumnConstraints().setAll(columns());
        heads.add(head("Window", "before closing"), 0, 0);
        for (Column column : Column.values()) {
            heads.add(head(column.words(), column.about()), column.ordinal() + 1, 0);
        }
        return heads;
    }

    private static Node head(String words, String about) {
        return Ui.styled(Ui.column(0, Ui.label(words, "strong"), Ui.shortened(about, "small")), "closings-head");
    }

    void show(ClosingsState state, Optional<String> window, Column column) {
        getChildren().clear();
        int row = 0;
        for (ClosingsState.Line line : state.lines()) {
            switch (line) {
                case ClosingsState.Line.Heading(String text, String about) -> {
                    var heading = Ui.styled(
                            Ui.row(8, Ui.label(text, "strong"), Ui.label(about, "small")), "closings-heading");
                    add(heading, 0, row, Column.values().length + 1, 1);
                }
                case ClosingsState.Line.Row r -> {
                    add(name(r), 0, row);
                    for (ClosingsState.Square square : r.squares()) {
                        boolean chosen = square.column() == column && isOf(r, window);
                        add(square(r, square, chosen), square.column().ordinal() + 1, row);
                    }
                }
            }
            row++;
        }
    }

    private static boolean isOf(ClosingsState.Line.Row row, Optional<String> window) {
        return row.alike().stream()
                .anyMatch(r -> window.equals(Optional.of(r.window().name().shown())));
    }

    private static Node name(ClosingsState.Line.Row row) {
        Window window = row.first().window();
        int more = row.alike().size() - 1;
        String under = more == 0 ? row.asks() : "and " + more + " more alike";
        var words = Ui.column(0, Ui.shortened(window.name().shown(), "strong"));
        if (!under.isEmpty()) {
            words.getChildren().add(Ui.shortened(under, "small"));
        }
        var name = Ui.styled(Ui.row(8, new Mark(window), words), "closings-name");
        if (more > 0) {
            javafx.scene.control.Tooltip.install(
                    name,
                    new javafx.scene.control.Tooltip(row.alike().stream()
                            .map(Closings.Row::window)
                            .map(w -> w.name().shown())
                            .collect(Collectors.joining(", "))));
        }
        return name;
    }

    private Node square(ClosingsState.Line.Row row, ClosingsState.Square square, boolean chosen) {
        Window window = row.first().window();
        var cell = new VBox(1);
        cell.getStyleClass().add("closings-cell");
        if (!square.quiet().isEmpty()) {
            cell.getChildren().add(Ui.wrapped(square.quiet(), "small"));
        }
        square.lines().forEach(said -> cell.getChildren().add(line(said)));
        square.endings().forEach(tag -> cell.getChildren().add(tag(tag)));
        if (!square.unmet().isEmpty()) {
            cell.getChildren().add(Ui.shortened("○ " + square.unmet(), "closings-unmet"));
        }
        String about = window.name().shown() + " by " + square.column().words();
        Ui.pressable(cell, id(window, square.column()), about, () -> choose.accept(window, square.column()));
        cell.pseudoClassStateChanged(CHOSEN, chosen);
        cell.pseudoClassStateChanged(MARKED, square.isMarked());
        cell.pseudoClassStateChanged(
                NO_WAY, !square.quiet().isEmpty() && square.endings().isEmpty());
        cell.addEventFilter(KeyEvent.KEY_PRESSED, e -> key(e, cell, chosen));
        cell.setMaxHeight(Double.MAX_VALUE);
        return cell;
    }

    static String id(Window window, Column column) {
        return "closing-" + window.name().shown() + "-" + column.words();
    }

    private static Node line(ClosingsState.Said said) {
        Region sign = said.missing()
                ? Ui.row(
                        0,
                        bivouac.desktop.widget.Weights.shape(
                                said.sign() == ClosingsState.Sign.ASKS
                                        ? bivouac.check.Finding.Weight.WRONG
                                        : bivouac.check.Finding.Weight.RISKY))
                : sign(said.sign());
        sign.setMinWidth(14);
        return Ui.row(4, sign, Ui.shortened(said.text(), said.missing() ? "missing" : "line"));
    }

    /** A speech mark, a tick, a play sign, a disk's slot, an arrow back: each is named in the legend too. */
    static Region sign(ClosingsState.Sign sign) {
        var path = new SVGPath();
        path.setContent(
                switch (sign) {
                    case ASKS -> "M1,1 H11 V8 H6 L3,11 V8 H1 Z";
                    case CHECKS -> "M1,6 L4,9 L10,2";
                    case RUNS -> "M2,1 L10,6 L2,11 Z";
                    case SAVES -> "M1,7 V11 H11 V7 M6,1 V8 M3,5 L6,8 L9,5";
                    case GIVES_BACK -> "M11,2 V7 H2 M5,4 L2,7 L5,10";
                });
        path.getStyleClass().add("closings-sign");
        var box = Ui.row(0, path);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private static Node tag(ClosingsState.Tag tag) {
        var row = Ui.row(5, Ui.label(tag.ending(), "ending"));
        if (!tag.who().isEmpty()) {
            row.getChildren().add(Ui.shortened(tag.who(), "small"));
        }
        return row;
    }

    private void key(KeyEvent e, Node cell, boolean chosen) {
        int down = e.getCode() == KeyCode.DOWN ? 1 : e.getCode() == KeyCode.UP ? -1 : 0;
        int right = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        if (down != 0 || right != 0) {
            go(GridPane.getRowIndex(cell), GridPane.getColumnIndex(cell), down, right);
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && chosen) {
            open.run();
            e.consume();
        }
    }

    /** To the next square in a direction; headings are passed over. */
    private void go(int row, int column, int down, int right) {
        for (int n = 1; n <= getChildren().size(); n++) {
            int wantedRow = row + n * down;
            int wantedColumn = column + n * right;
            Optional<Node> there = getChildren().stream()
                    .filter(c -> GridPane.getRowIndex(c) == wantedRow && GridPane.getColumnIndex(c) == wantedColumn)
                    .filter(Node::isFocusTraversable)
                    .findFirst();
            if (there.isPresent()) {
                there.get().requestFocus();
                return;
            }
        }
    }
}

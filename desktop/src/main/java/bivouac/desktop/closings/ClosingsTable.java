package bivouac.desktop.closings;

import bivouac.closing.Closings.Column;
import bivouac.design.Window;
import bivouac.desktop.widget.DrawnList;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Ui;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;

/** The table of windows and ways; arrow keys go from square to square. */
final class ClosingsTable extends VBox {

    /** How wide the names of the windows are. */
    static final double NAMES = 156;

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass MARKED = PseudoClass.getPseudoClass("marked");
    private static final PseudoClass NO_WAY = PseudoClass.getPseudoClass("no-way");

    private final BiConsumer<Window, Column> choose;
    private final Runnable open;
    private final DrawnList rows = new DrawnList(getChildren());
    private Optional<String> chosen = Optional.empty();

    /** @param open goes to the script of the chosen square */
    ClosingsTable(BiConsumer<Window, Column> choose, Runnable open) {
        this.choose = choose;
        this.open = open;
        getStyleClass().add("closings");
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
        rows.show(state.lines().stream().map(this::item).toList());
        mark(false);
        chosen = state.lines().stream()
                .filter(ClosingsState.Line.Row.class::isInstance)
                .map(ClosingsState.Line.Row.class::cast)
                .filter(r -> isOf(r, window))
                .map(r -> id(r.first().window(), column))
                .findFirst();
        mark(true);
    }

    private void mark(boolean yes) {
        chosen.flatMap(this::square).ifPresent(s -> s.pseudoClassStateChanged(CHOSEN, yes));
    }

    private DrawnList.Item item(ClosingsState.Line line) {
        return switch (line) {
            case ClosingsState.Line.Heading h -> new DrawnList.Item(h, () -> heading(h));
            case ClosingsState.Line.Row r -> {
                List<String> names = names(r);
                yield new DrawnList.Item(
                        List.of(names, r.first().window().kind(), r.asks(), r.squares()), () -> row(r, names));
            }
        };
    }

    private static Node heading(ClosingsState.Line.Heading heading) {
        return Ui.styled(
                Ui.row(8, Ui.label(heading.text(), "strong"), Ui.label(heading.about(), "small")), "closings-heading");
    }

    private Node row(ClosingsState.Line.Row r, List<String> names) {
        var grid = new GridPane();
        grid.getColumnConstraints().setAll(columns());
        grid.add(name(r, names), 0, 0);
        for (ClosingsState.Square square : r.squares()) {
            grid.add(square(r.first().window(), square), square.column().ordinal() + 1, 0);
        }
        return grid;
    }

    private static List<String> names(ClosingsState.Line.Row row) {
        return row.alike().stream().map(r -> r.window().name().shown()).toList();
    }

    private static boolean isOf(ClosingsState.Line.Row row, Optional<String> window) {
        return window.filter(names(row)::contains).isPresent();
    }

    private static Node name(ClosingsState.Line.Row row, List<String> names) {
        Window window = row.first().window();
        int more = names.size() - 1;
        String under = more == 0 ? row.asks() : "and " + more + " more alike";
        var words = Ui.column(0, Ui.shortened(window.name().shown(), "strong"));
        if (!under.isEmpty()) {
            words.getChildren().add(Ui.shortened(under, "small"));
        }
        var name = Ui.styled(Ui.row(8, new Mark(window), words), "closings-name");
        if (more > 0) {
            Tooltip.install(name, new Tooltip(String.join(", ", names)));
        }
        return name;
    }

    private Node square(Window window, ClosingsState.Square square) {
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
        cell.pseudoClassStateChanged(MARKED, square.isMarked());
        cell.pseudoClassStateChanged(
                NO_WAY, !square.quiet().isEmpty() && square.endings().isEmpty());
        cell.addEventFilter(KeyEvent.KEY_PRESSED, e -> key(e, cell));
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
                                        ? bivouac.check.finding.Finding.Weight.WRONG
                                        : bivouac.check.finding.Finding.Weight.RISKY))
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

    private void key(KeyEvent e, Node cell) {
        int down = e.getCode() == KeyCode.DOWN ? 1 : e.getCode() == KeyCode.UP ? -1 : 0;
        int right = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        if (down != 0 || right != 0) {
            go(getChildren().indexOf(cell.getParent()), GridPane.getColumnIndex(cell), down, right);
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && chosen.equals(Optional.of(cell.getId()))) {
            open.run();
            e.consume();
        }
    }

    /** To the next square in a direction; headings are passed over. */
    private void go(int row, int column, int down, int right) {
        int toRow = row + down;
        int toColumn = column + right;
        while (toRow >= 0 && toRow < getChildren().size() && toColumn >= 0 && toColumn <= Column.values().length) {
            Optional<Node> there = square(toRow, toColumn);
            if (there.isPresent()) {
                there.get().requestFocus();
                return;
            }
            toRow += down;
            toColumn += right;
        }
    }

    private Optional<Node> square(int row, int column) {
        return getChildren().get(row) instanceof GridPane line
                ? line.getChildren().stream()
                        .filter(c -> GridPane.getColumnIndex(c) == column)
                        .filter(Node::isFocusTraversable)
                        .findFirst()
                : Optional.empty();
    }

    private Optional<Node> square(String id) {
        return getChildren().stream()
                .filter(GridPane.class::isInstance)
                .flatMap(line -> ((GridPane) line).getChildren().stream())
                .filter(c -> id.equals(c.getId()))
                .findFirst();
    }
}

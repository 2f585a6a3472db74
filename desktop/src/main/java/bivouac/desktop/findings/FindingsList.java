package bivouac.desktop.findings;

import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The findings as lines: what they have in common, how heavy, what, and where. */
final class FindingsList extends ListView<FindingsList.Line> {

    private static final PseudoClass FIRST = PseudoClass.getPseudoClass("first");

    /** @param group the title of what it stands under, at the first of these only */
    record Line(String group, int count, FindingsState.Row row, String where) {}

    private static final double LINE = 26;
    /** More than these scroll, so that what is to be done stays in sight. */
    private static final int MOST_LINES = 13;

    private boolean filling;

    FindingsList(Consumer<FindingsState.Row> choose, Runnable first) {
        setId("findings-list");
        setAccessibleText("Findings");
        getStyleClass().add("findings-list");
        setFixedCellSize(LINE);
        setCellFactory(l -> new Cell());
        getSelectionModel().selectedItemProperty().subscribe(line -> {
            if (line != null && !filling) {
                choose.accept(line.row());
            }
        });
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                first.run();
                e.consume();
            }
        });
    }

    void show(FindingsState state, String chosen, java.util.function.Function<FindingsState.Row, String> where) {
        List<Line> lines = new ArrayList<>();
        state.groups().forEach(g -> {
            for (int i = 0; i < g.rows().size(); i++) {
                FindingsState.Row row = g.rows().get(i);
                lines.add(new Line(i == 0 ? g.title() : "", g.rows().size(), row, where.apply(row)));
            }
        });
        double height = Math.min(lines.size(), MOST_LINES) * LINE + 2;
        setPrefHeight(height);
        setMinHeight(Math.min(height, 4 * LINE));
        filling = true;
        if (!lines.equals(getItems())) {
            getItems().setAll(lines);
        }
        lines.stream().filter(l -> l.row().what().equals(chosen)).findFirst().ifPresent(l -> {
            getSelectionModel().select(l);
            scrollTo(Math.max(0, lines.indexOf(l) - 3));
        });
        filling = false;
    }

    private static final class Cell extends ListCell<Line> {
        Cell() {
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Line line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            boolean nothing = empty || line == null;
            setGraphic(nothing ? null : graphic(line));
            setId(nothing ? null : "finding-" + line.row().what());
            pseudoClassStateChanged(FIRST, !nothing && !line.group().isEmpty());
        }

        private static HBox graphic(Line line) {
            var cause = Ui.shortened(line.group(), "strong");
            var head = Ui.row(6, cause);
            if (!line.group().isEmpty()) {
                head.getChildren().add(Ui.label(Integer.toString(line.count()), "quiet"));
            }
            head.setMinWidth(180);
            head.setMaxWidth(180);
            var what = Ui.shortened(line.row().what(), "plain");
            HBox.setHgrow(what, Priority.ALWAYS);
            what.setMaxWidth(Double.MAX_VALUE);
            var where = Ui.shortened(line.where(), "quiet");
            where.setMinWidth(150);
            where.setMaxWidth(150);
            var row = Ui.row(8, head);
            line.row().finding().ifPresent(f -> row.getChildren().add(Weights.shape(f.weight())));
            row.getChildren().addAll(what, where);
            row.setPrefWidth(0);
            return row;
        }
    }
}

package bivouac.desktop.rehearse;

import bivouac.design.Part;
import bivouac.desktop.widget.Ui;
import java.util.List;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A list with columns and rows on the desk; only the rows in sight have controls, however many there are. */
final class RowsControl extends VBox {

    private static final double ROW = 24;
    private static final int SHOWN = 5;

    private final ListView<List<String>> list = new ListView<>();
    private final Part.ListOfRows part;
    private final Acts acts;
    private List<List<String>> rows = List.of();
    private boolean updating;

    /** Told what the person does; rows are numbered from 1. */
    interface Acts {
        void select(List<Integer> rows);

        void activate();

        void remove();
    }

    RowsControl(Part.ListOfRows part, Acts acts) {
        this.part = part;
        this.acts = acts;
        getStyleClass().add("rows-control");
        var head = Ui.styled(new HBox(), "rows-head");
        part.columns().forEach(c -> head.getChildren().add(cell(c.name(), "group-name")));
        list.setFixedCellSize(ROW);
        list.setPrefHeight(ROW * SHOWN + 4);
        list.setAccessibleText(part.displayName());
        list.setPlaceholder(Ui.label("No row yet.", "quiet"));
        list.setCellFactory(l -> new Row());
        list.getSelectionModel().setSelectionMode(part.several() ? SelectionMode.MULTIPLE : SelectionMode.SINGLE);
        list.getSelectionModel().getSelectedIndices().addListener((ListChangeListener<Integer>) change -> select());
        list.addEventFilter(KeyEvent.KEY_PRESSED, this::press);
        list.setOnMouseClicked(click -> {
            if (click.getClickCount() == 2 && !selection().isEmpty()) {
                acts.activate();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(head, list);
    }

    private void select() {
        List<Integer> now = selection();
        if (!updating && (part.several() || !now.isEmpty())) {
            acts.select(now);
        }
    }

    private List<Integer> selection() {
        return list.getSelectionModel().getSelectedIndices().stream()
                .map(i -> i + 1)
                .sorted()
                .toList();
    }

    /** Enter activates the selected row, where that does something; answers whether it did. */
    boolean enter() {
        boolean activates = list.isFocused()
                && !part.at(Part.RowMoment.ACTIVATED).isEmpty()
                && selection().size() == 1;
        if (activates) {
            acts.activate();
        }
        return activates;
    }

    private void press(KeyEvent key) {
        if (key.getCode() == KeyCode.DELETE && part.byHand() && !selection().isEmpty()) {
            key.consume();
            acts.remove();
        }
    }

    void show(List<List<String>> all, List<Integer> selected) {
        updating = true;
        if (!all.equals(rows)) {
            rows = all;
            list.getItems().setAll(all);
        }
        if (!selection().equals(selected)) {
            list.getSelectionModel().clearSelection();
            selected.forEach(row -> list.getSelectionModel().select(row - 1));
        }
        updating = false;
    }

    /** What takes the keyboard. */
    ListView<List<String>> list() {
        return list;
    }

    private static Label cell(String text, String style) {
        Label cell = Ui.shortened(text, style);
        cell.setMaxWidth(Double.MAX_VALUE);
        cell.setPrefWidth(80);
        HBox.setHgrow(cell, Priority.ALWAYS);
        return cell;
    }

    private static final class Row extends ListCell<List<String>> {
        @Override
        protected void updateItem(List<String> row, boolean empty) {
            super.updateItem(row, empty);
            if (empty || row == null) {
                setGraphic(null);
                setId(null);
                return;
            }
            var cells = new HBox();
            row.forEach(text -> cells.getChildren().add(cell(text, "plain")));
            setGraphic(cells);
            setId("row-" + (getIndex() + 1));
        }
    }
}

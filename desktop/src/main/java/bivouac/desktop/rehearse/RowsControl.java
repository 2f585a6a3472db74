package bivouac.desktop.rehearse;

import bivouac.design.Part;
import bivouac.desktop.widget.Ui;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A list with columns and rows on the desk; only the rows in sight have controls, however many there are. */
final class RowsControl extends VBox {

    private static final double ROW = 24;
    private static final int SHOWN = 5;

    private final ListView<List<String>> list = new ListView<>();
    private List<List<String>> rows = List.of();
    private boolean updating;

    /** @param select told the number of a row that the person selects, from 1 */
    RowsControl(Part.ListOfRows part, IntConsumer select) {
        getStyleClass().add("rows-control");
        var head = Ui.styled(new HBox(), "rows-head");
        part.columns().forEach(c -> head.getChildren().add(cell(c.name(), "group-name")));
        list.setFixedCellSize(ROW);
        list.setPrefHeight(ROW * SHOWN + 4);
        list.setAccessibleText(part.displayName());
        list.setPlaceholder(Ui.label("No row yet.", "quiet"));
        list.setCellFactory(l -> new Row());
        list.getSelectionModel().selectedIndexProperty().subscribe((was, is) -> {
            if (!updating && is.intValue() >= 0) {
                select.accept(is.intValue() + 1);
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(head, list);
    }

    void show(List<List<String>> all, int selected) {
        updating = true;
        if (!all.equals(rows)) {
            rows = all;
            list.getItems().setAll(all);
        }
        if (selected == 0) {
            list.getSelectionModel().clearSelection();
        } else {
            list.getSelectionModel().select(selected - 1);
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

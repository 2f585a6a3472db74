package frame;

import desk.Fault;
import desk.Row;
import desk.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;

/** A list with columns (P1, P2). Rows are values: changing one puts another in its place. */
public final class RowTable<R extends Row> extends TableView<R> {

    public RowTable(List<String> columns, boolean several, List<R> first) {
        for (int i = 0; i < columns.size(); i++) {
            int number = i;
            TableColumn<R, String> column = new TableColumn<>(columns.get(i));
            column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(
                    Values.shown(cell.getValue().values().get(number))));
            column.setSortable(false);
            getColumns().add(column);
        }
        getSelectionModel().setSelectionMode(several ? SelectionMode.MULTIPLE : SelectionMode.SINGLE);
        setPrefHeight(160);
        getItems().setAll(first);
    }

    public List<R> rows() {
        return List.copyOf(getItems());
    }

    /** Other rows; what was selected by its place stays so, where there is such a place. */
    public void rows(List<R> rows) {
        List<Integer> selected = selectedNumbers();
        getItems().setAll(rows);
        select(selected.stream().filter(n -> n <= rows.size()).toList());
    }

    public boolean anySelected() {
        return !getSelectionModel().isEmpty();
    }

    /** The numbers of the selected rows, from 1. */
    public List<Integer> selectedNumbers() {
        return getSelectionModel().getSelectedIndices().stream()
                .filter(n -> n >= 0 && n < getItems().size())
                .map(n -> n + 1)
                .sorted()
                .distinct()
                .toList();
    }

    /** The number of the one selected row, from 1; 0 where none, or more than one, is. */
    public long selectedNumber() {
        List<Integer> all = selectedNumbers();
        return all.size() == 1 ? all.getFirst() : 0;
    }

    public void selectNumber(long number) {
        if (number < 0 || number > getItems().size()) {
            throw new Fault("X3", "there is no row " + number);
        }
        select(number == 0 ? List.of() : List.of((int) number));
    }

    public void select(List<Integer> numbers) {
        if (numbers.equals(selectedNumbers())) {
            return;
        }
        if (numbers.isEmpty()) {
            getSelectionModel().clearSelection();
        } else if (numbers.size() == 1) {
            getSelectionModel().clearAndSelect(numbers.getFirst() - 1);
        } else {
            int[] rest = numbers.stream().skip(1).mapToInt(n -> n - 1).toArray();
            getSelectionModel().clearSelection();
            getSelectionModel().selectIndices(numbers.getFirst() - 1, rest);
        }
    }

    /** The one selected row; fault X3 where none, or more than one, is. */
    public R selected() {
        if (selectedNumber() == 0) {
            throw new Fault("X3", anySelected() ? "more than one row is selected" : "no row is selected");
        }
        return getItems().get((int) selectedNumber() - 1);
    }

    public List<R> allSelected() {
        return selectedNumbers().stream().map(n -> getItems().get(n - 1)).toList();
    }

    public void add(R row) {
        getItems().add(row);
    }

    /** Puts another row in the place of the selected one. */
    public void change(UnaryOperator<R> other) {
        R before = selected();
        replace((int) selectedNumber(), other.apply(before));
    }

    private void replace(int number, R row) {
        List<Integer> selected = selectedNumbers();
        getItems().set(number - 1, row);
        select(selected);
    }

    /** Removes the selected rows for which {@code may} agrees, the first asked first (P2). */
    public void removeSelected(Predicate<R> may) {
        List<R> left = new ArrayList<>(allSelected());
        if (left.isEmpty()) {
            throw new Fault("X3", "no row is selected");
        }
        for (R row : left) {
            if (may.test(row)) {
                remove(row);
            }
        }
    }

    private void remove(R row) {
        int at = at(row);
        if (at < 0) {
            return;
        }
        List<Integer> selected = selectedNumbers().stream()
                .filter(n -> n != at + 1)
                .map(n -> n > at + 1 ? n - 1 : n)
                .toList();
        getSelectionModel().clearSelection();
        getItems().remove(at);
        select(selected);
    }

    private int at(R row) {
        for (int i = 0; i < getItems().size(); i++) {
            if (getItems().get(i) == row) {
                return i;
            }
        }
        return -1;
    }
}

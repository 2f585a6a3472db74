package frame;

import desk.Fault;
import desk.Row;
import desk.Values;
import java.awt.Dimension;
import java.awt.event.ActionEvent;
import java.awt.event.MouseAdapter;
import java.awt.event.MouseEvent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javax.swing.AbstractAction;
import javax.swing.JComponent;
import javax.swing.JScrollPane;
import javax.swing.JTable;
import javax.swing.KeyStroke;
import javax.swing.ListSelectionModel;
import javax.swing.table.AbstractTableModel;

/** A list with columns (P1, P2). Rows are values: changing one puts another in its place. */
public final class RowTable<R extends Row> extends Part {

    private final JTable table;
    private final Model<R> model;
    private List<Integer> seen = List.of();

    public RowTable(Face window, String name, List<String> columns, boolean several, List<R> first) {
        this(window, name, several, new Model<>(columns, first));
    }

    private RowTable(Face window, String name, boolean several, Model<R> model) {
        super(window, name, new JTable(model));
        this.model = model;
        this.table = (JTable) component();
        table.setSelectionMode(
                several ? ListSelectionModel.MULTIPLE_INTERVAL_SELECTION : ListSelectionModel.SINGLE_SELECTION);
        table.setPreferredScrollableViewportSize(new Dimension(380, 130));
        table.getTableHeader().setReorderingAllowed(false);
        table.getSelectionModel().addListSelectionListener(e -> {
            if (!e.getValueIsAdjusting() && !seen.equals(selectedNumbers())) {
                seen = selectedNumbers();
                happens();
            }
        });
        showIn(new JScrollPane(table));
    }

    /** What the table shows. */
    @SuppressWarnings("serial")
    private static final class Model<R extends Row> extends AbstractTableModel {
        private final List<String> columns;
        private final List<R> rows;

        Model(List<String> columns, List<R> first) {
            this.columns = columns;
            this.rows = new ArrayList<>(first);
        }

        @Override
        public int getRowCount() {
            return rows.size();
        }

        @Override
        public int getColumnCount() {
            return columns.size();
        }

        @Override
        public String getColumnName(int column) {
            return columns.get(column);
        }

        @Override
        public Object getValueAt(int row, int column) {
            return Values.shown(rows.get(row).values().get(column));
        }
    }

    @Override
    boolean isTall() {
        return true;
    }

    public List<R> rows() {
        return List.copyOf(model.rows);
    }

    /** Other rows; what was selected by its place stays so, where there is such a place. */
    public void rows(List<R> rows) {
        List<Integer> selected = selectedNumbers();
        model.rows.clear();
        model.rows.addAll(rows);
        model.fireTableDataChanged();
        select(selected.stream().filter(n -> n <= rows.size()).toList());
    }

    public boolean anySelected() {
        return table.getSelectedRowCount() > 0;
    }

    /** The numbers of the selected rows, from 1. */
    public List<Integer> selectedNumbers() {
        return Arrays.stream(table.getSelectedRows()).mapToObj(n -> n + 1).toList();
    }

    /** The number of the one selected row, from 1; 0 where none, or more than one, is. */
    public long selectedNumber() {
        List<Integer> all = selectedNumbers();
        return all.size() == 1 ? all.getFirst() : 0;
    }

    public void selectNumber(long number) {
        if (number < 0 || number > model.rows.size()) {
            throw new Fault("X3", "there is no row " + number);
        }
        select(number == 0 ? List.of() : List.of((int) number));
    }

    public void select(List<Integer> numbers) {
        if (numbers.equals(selectedNumbers())) {
            return;
        }
        ListSelectionModel selection = table.getSelectionModel();
        selection.setValueIsAdjusting(true); // one change, however many rows
        selection.clearSelection();
        numbers.forEach(n -> selection.addSelectionInterval(n - 1, n - 1));
        selection.setValueIsAdjusting(false);
    }

    /** The one selected row; fault X3 where none, or more than one, is. */
    public R selected() {
        if (selectedNumber() == 0) {
            throw new Fault("X3", anySelected() ? "more than one row is selected" : "no row is selected");
        }
        return model.rows.get((int) selectedNumber() - 1);
    }

    public List<R> allSelected() {
        return selectedNumbers().stream().map(n -> model.rows.get(n - 1)).toList();
    }

    public void add(R row) {
        model.rows.add(row);
        model.fireTableRowsInserted(model.rows.size() - 1, model.rows.size() - 1);
    }

    /** Puts another row in the place of the selected one. */
    public void change(UnaryOperator<R> other) {
        R row = other.apply(selected());
        int at = (int) selectedNumber() - 1;
        model.rows.set(at, row);
        model.fireTableRowsUpdated(at, at);
    }

    /** Removes the selected rows for which {@code may} agrees, the first asked first (P2). */
    public void removeSelected(Predicate<R> may) {
        List<R> left = allSelected();
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
        for (int at = 0; at < model.rows.size(); at++) {
            if (model.rows.get(at) == row) {
                model.rows.remove(at);
                model.fireTableRowsDeleted(at, at);
                seen = selectedNumbers();
                return;
            }
        }
    }

    // What a person does

    /** What is done when one row is activated: a double click, or Enter. */
    public void onActivated(Runnable script) {
        Runnable activated = () -> {
            if (selectedNumber() != 0 && usable()) {
                happens(script);
            }
        };
        table.addMouseListener(new MouseAdapter() {
            @Override
            public void mouseClicked(MouseEvent e) {
                if (e.getClickCount() == 2) {
                    activated.run();
                }
            }
        });
        key("ENTER", activated);
    }

    /** The Delete key removes what is selected. */
    public void onDelete(Runnable script) {
        key("DELETE", () -> {
            if (anySelected() && usable()) {
                happens(script);
            }
        });
    }

    @SuppressWarnings("serial")
    private void key(String key, Runnable what) {
        table.getInputMap(JComponent.WHEN_ANCESTOR_OF_FOCUSED_COMPONENT).put(KeyStroke.getKeyStroke(key), key);
        table.getActionMap().put(key, new AbstractAction() {
            @Override
            public void actionPerformed(ActionEvent e) {
                what.run();
            }
        });
    }

    @Override
    public String content() {
        return rows().stream().map(Values::shown).collect(Collectors.joining(" | ")) + " selected " + selectedNumbers();
    }
}

package bivouac.plan;

import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Type;
import bivouac.expression.EvaluationFault;
import bivouac.expression.Texts;
import bivouac.expression.Value;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What {@code me.LIST} is (P1): its rows, and which of them are selected.
 *
 * @param list how messages call it
 * @param window the number of its window
 * @param rows the slot of the rows
 * @param selected the slot of the numbers of the selected rows, from 1 and in order
 */
public record Rows(Part.ListOfRows list, int window, int rows, int selected) {

    Cell rowsCell() {
        return new Cell.OfWindow(window, rows);
    }

    Cell selectedCell() {
        return new Cell.OfWindow(window, selected);
    }

    public List<Value> all(Instance inst) {
        return inst.value(rows) instanceof Value.Items(List<Value> all) ? all : List.of();
    }

    private static List<Value> items(Value value) {
        return value instanceof Value.Items(List<Value> all) ? all : List.of();
    }

    /** The numbers of the selected rows, in order. */
    public List<Integer> selection(Instance inst) {
        return items(inst.value(selected)).stream()
                .map(n -> (int) ((Value.Whole) n).value())
                .toList();
    }

    public void select(Instance inst, List<Integer> numbers) {
        inst.set(
                selected,
                numbers.isEmpty()
                        ? Value.NONE
                        : new Value.Items(numbers.stream()
                                .<Value>map(n -> new Value.Whole(n))
                                .toList()));
    }

    /** The number of the one selected row; 0 where none, or more than one, is. */
    public int theOne(Instance inst) {
        List<Integer> numbers = selection(inst);
        return numbers.size() == 1 ? numbers.getFirst() : 0;
    }

    /** Gives a new instance the rows that the list starts with. */
    public void start(Instance inst, LocalDate today) {
        inst.set(
                rows,
                new Value.Items(list.first().stream().map(r -> typed(r, today)).toList()));
    }

    /** A row of texts as a row of values; what is no value of its column becomes what that type starts with. */
    private Value typed(List<String> texts, LocalDate today) {
        Map<String, Value> columns = new LinkedHashMap<>();
        for (int i = 0; i < list.columns().size(); i++) {
            Type.Column column = list.columns().get(i);
            Optional<Value> typed = i < texts.size() ? Texts.as(column.type(), texts.get(i)) : Optional.empty();
            columns.put(column.name(), typed.orElseGet(() -> Value.startOf(column.type(), today)));
        }
        return new Value.Row(columns);
    }

    /** Adds a row at the end. */
    public void add(Instance inst, Map<String, Value> columns) {
        var all = new ArrayList<>(all(inst));
        all.add(new Value.Row(columns));
        inst.set(rows, new Value.Items(all));
    }

    /** Changes columns of a row; fault X3 if it is gone. */
    public void change(Instance inst, int number, Map<String, Value> columns) {
        Map<String, Value> changed = new LinkedHashMap<>(row(inst, number).columns());
        changed.putAll(columns);
        var all = new ArrayList<>(all(inst));
        all.set(number - 1, new Value.Row(changed));
        inst.set(rows, new Value.Items(all));
    }

    /** Takes a row away; what is selected beside it stays so. */
    public void remove(Instance inst, int number) {
        var all = new ArrayList<>(all(inst));
        all.remove(number - 1);
        inst.set(rows, new Value.Items(all));
        select(
                inst,
                selection(inst).stream()
                        .filter(n -> n != number)
                        .map(n -> n > number ? n - 1 : n)
                        .toList());
    }

    /** The row of that number; fault X3 if there is none. */
    private Value.Row row(Instance inst, int number) {
        if (number < 1 || number > all(inst).size()) {
            throw new EvaluationFault("the row of " + list.name().shown() + " is not there any more");
        }
        return (Value.Row) all(inst).get(number - 1);
    }

    /** The number of the one selected row; fault X3 where none, or more than one, is. */
    public int selectedOne(Instance inst) {
        int number = theOne(inst);
        if (number == 0) {
            boolean several = !selection(inst).isEmpty();
            throw new EvaluationFault(
                    several
                            ? "more than one row of " + list.name().shown() + " is selected"
                            : "no row of " + list.name().shown() + " is selected");
        }
        return number;
    }

    /** The names under which the list is read and set. */
    public void accesses(PartPlan.Whose whose, Map<String, Access> all) {
        var type = new Type.ListOf(list.row());
        all.put(
                ".rows",
                Access.plain(
                        type, rowsCell(), in -> whose.in(in).value(rows), (in, v) -> set(in, whose.in(in), items(v))));
        all.put(
                ".anySelected",
                Access.following(
                        Type.YESNO,
                        List.of(selectedCell()),
                        in -> Value.of(!selection(whose.in(in)).isEmpty())));
        all.put(
                ".selectedNumber",
                Access.following(Type.WHOLE, List.of(selectedCell()), in -> new Value.Whole(theOne(whose.in(in))))
                        .settable((in, v) -> selectByStep(whose.in(in), v)));
        if (list.several()) {
            all.put(
                    ".allSelected",
                    Access.following(type, List.of(rowsCell(), selectedCell()), in -> allSelected(whose.in(in))));
        }
        whole(".selected", List.of(rowsCell(), selectedCell()), whose, in -> selectedOne(whose.in(in)), all);
        columns(".selected.", List.of(rowsCell(), selectedCell()), whose, in -> selectedOne(whose.in(in)), all);
    }

    private Value allSelected(Instance inst) {
        List<Value> rowsNow = all(inst);
        return new Value.Items(
                selection(inst).stream().map(n -> rowsNow.get(n - 1)).toList());
    }

    private interface Number {
        int in(Reading reading);
    }

    /** The whole row as a value; setting it changes all its columns. */
    private void whole(String name, List<Cell> cells, PartPlan.Whose whose, Number number, Map<String, Access> all) {
        all.put(
                name,
                Access.following(list.row(), cells, in -> row(whose.in(in), number.in(in)))
                        .settable((in, v) -> change(whose.in(in), number.in(in), ((Value.Row) v).columns()))
                        .thatMayFault());
    }

    private void columns(
            String prefix, List<Cell> cells, PartPlan.Whose whose, Number number, Map<String, Access> all) {
        for (Type.Column column : list.columns()) {
            all.put(
                    prefix + column.name(),
                    Access.following(column.type(), cells, in -> row(whose.in(in), number.in(in))
                                    .column(column.name())
                                    .orElse(Value.NONE))
                            .settable((in, v) -> change(whose.in(in), number.in(in), Map.of(column.name(), v)))
                            .thatMayFault());
        }
    }

    /** {@code row.COLUMN} in the scripts of a list (V2): the row that the script is about, wherever it stands now. */
    public static Map<String, Access> ofScript(WindowPlan window, ScriptPlace place) {
        var all = new LinkedHashMap<String, Access>();
        place.ofPart().flatMap(window::part).flatMap(PartPlan::rowsOf).ifPresent(rows -> {
            List<Cell> cells = List.of(rows.rowsCell(), new Cell.OfScript(ScriptPlan.ROW));
            rows.whole("row", cells, Reading::me, in -> in.local(ScriptPlan.ROW), all);
            rows.columns("row.", cells, Reading::me, in -> in.local(ScriptPlan.ROW), all);
        });
        return all;
    }

    /** Other rows; those selected stay so while there are rows of their numbers. */
    private void set(Reading in, Instance inst, List<Value> others) {
        inst.set(rows, new Value.Items(others));
        select(inst, selection(inst).stream().filter(n -> n <= others.size()).toList());
        in.rowsEnd(inst, list, others.size());
    }

    private void selectByStep(Instance inst, Value value) {
        long number = value instanceof Value.Whole(long n) ? n : 0;
        if (number < 0 || number > all(inst).size()) {
            throw new EvaluationFault(list.name().shown() + " has no row " + number);
        }
        select(inst, number == 0 ? List.of() : List.of((int) number));
    }

    /** Every row's number. */
    public List<Integer> numbers(Instance inst) {
        return IntStream.rangeClosed(1, all(inst).size()).boxed().toList();
    }
}

package bivouac.machine;

import bivouac.design.Part;
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

/**
 * What {@code me.LIST} is (P1): its rows, and what is selected.
 *
 * @param rows the slot of the rows
 * @param selected the slot of the selected row's number
 */
record Rows(String name, int rows, int selected) {

    static List<Value> of(Value value) {
        return value instanceof Value.Items(List<Value> rows) ? rows : List.of();
    }

    /** A row of texts as a row of values; what is no value of its column becomes what that type starts with. */
    static Value typed(Part.ListOfRows list, List<String> texts, LocalDate today) {
        Map<String, Value> columns = new LinkedHashMap<>();
        for (int i = 0; i < list.columns().size(); i++) {
            Type.Column column = list.columns().get(i);
            Optional<Value> typed = i < texts.size() ? Texts.as(column.type(), texts.get(i)) : Optional.empty();
            columns.put(column.name(), typed.orElseGet(() -> Value.startOf(column.type(), today)));
        }
        return new Value.Row(columns);
    }

    /** The names under which a list is read and set. */
    void accesses(PartPlan.Whose whose, Part.ListOfRows list, Map<String, Access> all) {
        all.put(
                ".rows",
                new Access(
                        new Type.ListOf(new Type.RowOf(list.columns())),
                        in -> whose.in(in).value(rows),
                        Optional.of((in, v) -> set(whose.in(in), of(v))),
                        false));
        all.put(
                ".anySelected",
                new Access(Type.YESNO, in -> Value.of(whose.in(in).get(selected) > 0), Optional.empty(), false));
        all.put(
                ".selectedNumber",
                new Access(
                        Type.WHOLE,
                        in -> new Value.Whole(whose.in(in).get(selected)),
                        Optional.of((in, v) -> select(whose.in(in), v)),
                        false));
        for (Type.Column column : list.columns()) {
            all.put(
                    ".selected." + column.name(),
                    new Access(
                            column.type(),
                            in -> row(whose.in(in)).columns().get(column.name()),
                            Optional.of((in, v) -> change(whose.in(in), column.name(), v)),
                            true));
        }
    }

    /** Other rows; a row that is selected stays so while there is one of its number. */
    private void set(Inst inst, List<Value> all) {
        inst.set(rows, new Value.Items(all));
        if (inst.get(selected) > all.size()) {
            inst.set(selected, 0);
        }
    }

    private void select(Inst inst, Value value) {
        long number = value instanceof Value.Whole(long n) ? n : 0;
        if (number < 0 || number > of(inst.value(rows)).size()) {
            throw new EvaluationFault(name + " has no row " + number);
        }
        inst.set(selected, (int) number);
    }

    private Value.Row row(Inst inst) {
        int number = inst.get(selected);
        if (number == 0) {
            throw new EvaluationFault("no row of " + name + " is selected");
        }
        return (Value.Row) of(inst.value(rows)).get(number - 1);
    }

    private void change(Inst inst, String column, Value value) {
        Map<String, Value> columns = new LinkedHashMap<>(row(inst).columns());
        columns.put(column, value);
        var all = new ArrayList<>(of(inst.value(rows)));
        all.set(inst.get(selected) - 1, new Value.Row(columns));
        inst.set(rows, new Value.Items(all));
    }
}

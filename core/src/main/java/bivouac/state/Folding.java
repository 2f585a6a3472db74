package bivouac.state;

import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.plan.Cell;
import bivouac.plan.Deciding;
import bivouac.plan.PartPlan;
import bivouac.plan.Program;
import bivouac.plan.Range;
import bivouac.plan.WindowPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which cells of a program are folded where every situation is looked at: those on whose values nothing depends
 * ({@link Deciding}). All values of such a cell count as one, so a state does not keep them; of a list the number of its
 * rows is kept.
 */
public final class Folding {

    /** As many rows as a folded list can have; where situations are bounded, that is said before. */
    private static final int MOST_ROWS = 64;

    private static final LocalDate SOME_DAY = LocalDate.of(2000, 1, 1);

    private final Deciding deciding;
    private final Map<Cell, Value> folded = new LinkedHashMap<>();
    /** By folded cell: the value that is told from all others, since it is none. */
    private final Map<Cell, Value> kept = new HashMap<>();

    private final Map<Cell, List<Value>> lists = new HashMap<>();
    private final Map<Cell, Map<String, Value>> partly = new HashMap<>();
    private final List<String> names = new ArrayList<>();
    private final boolean readsToday;

    public Folding(Program program, Deciding deciding) {
        this.deciding = deciding;
        boolean dates = deciding.has(Cell.OfRun.TODAY);
        for (int i = 0; i < program.variables().size(); i++) {
            var variable = program.variables().get(i);
            var cell = new Cell.OfApplication(i);
            fold(program, cell, variable.type(), "app." + variable.name().expression());
            dates |= deciding.has(cell) && holdsDate(variable.type());
        }
        for (WindowPlan window : program.windows()) {
            dates |= window(program, window);
        }
        this.readsToday = dates;
    }

    private boolean window(Program program, WindowPlan plan) {
        String name = plan.window().name().shown();
        boolean dates = false;
        for (int i = 0; i < plan.window().takes().size(); i++) {
            var take = plan.window().takes().get(i);
            Cell cell = new Cell.OfWindow(plan.number, plan.takeSlot(i));
            fold(program, cell, take.type(), name + ", takes " + take.name().shown());
            dates |= deciding.has(cell) && holdsDate(take.type());
        }
        for (int i = 0; i < plan.variables().size(); i++) {
            var variable = plan.variables().get(i);
            Cell cell = new Cell.OfWindow(plan.number, plan.variableSlot(i));
            fold(program, cell, variable.type(), name + ", " + variable.name().shown());
            dates |= deciding.has(cell) && holdsDate(variable.type());
        }
        for (PartPlan part : plan.parts()) {
            dates |= part(program, part, name + ", " + part.part.displayName());
        }
        return dates;
    }

    private boolean part(Program program, PartPlan part, String name) {
        if (part.rowsOf().isPresent()) {
            List<Type.Column> columns = part.rowsOf().get().list().columns();
            List<Type.Column> deciding = this.deciding.columns(part);
            if (deciding.isEmpty()) {
                lists.put(part.cell(), rows(columns));
                names.add(name);
            } else {
                Map<String, Value> others = new LinkedHashMap<>();
                columns.stream()
                        .filter(c -> !deciding.contains(c))
                        .forEach(c -> others.put(c.name(), Value.startOf(c.type(), SOME_DAY)));
                others.keySet().forEach(c -> names.add(name + ", " + c));
                partly.put(part.cell(), others);
            }
            return deciding.stream().anyMatch(c -> holdsDate(c.type()));
        }
        if (part.part instanceof Part.Choice choice && choice.follows().isPresent()) {
            return false; // whether it is an item is known only with the list
        }
        if (part.part instanceof Part.Choice choice && !choice.items().isEmpty()) {
            choice(program, part.cell(), choice, name);
            return false;
        }
        boolean ticks = part.part instanceof Part.TickBox || part.isTicking();
        fold(program, part.cell(), ticks ? Type.Plain.YESNO : Type.TEXT, name);
        return false;
    }

    /** Whether anything is chosen is kept: reading a choice in which nothing is, is a fault. */
    private void choice(Program program, Cell cell, Part.Choice choice, String name) {
        if (!deciding.has(cell)) {
            folded.put(cell, Value.of(choice.items().getFirst()));
            kept.put(cell, Value.EMPTY);
            if (program.cells().matters(cell)) {
                names.add(name);
            }
        }
    }

    private static List<Value> rows(List<Type.Column> columns) {
        Value row = Value.startOf(new Type.RowOf(columns), SOME_DAY);
        var counts = new ArrayList<Value>();
        for (int n = 0; n <= MOST_ROWS; n++) {
            counts.add(new Value.Items(java.util.Collections.nCopies(n, row)));
        }
        return counts;
    }

    private void fold(Program program, Cell cell, Type type, String name) {
        Value value = Value.startOf(type, SOME_DAY);
        Range range = program.cells().range(cell);
        boolean single = range instanceof Range.Few few && few.values().size() <= 1;
        boolean flag = range instanceof Range.Flag || range instanceof Range.FixedFlag;
        if (!deciding.has(cell) && !flag && !value.equals(Value.NONE)) {
            folded.put(cell, value);
            kept.put(cell, Value.NONE);
            if (!single && program.cells().matters(cell)) {
                names.add(name);
            }
        }
    }

    static boolean holdsDate(Type type) {
        return switch (type) {
            case Type.Plain plain -> plain == Type.Plain.DATE;
            case Type.ListOf(Type of) -> holdsDate(of);
            case Type.RowOf(var columns) -> columns.stream().anyMatch(c -> holdsDate(c.type()));
            case Type.ChoiceOf c -> false;
            case Type.Unknown u -> false;
            case Type.WindowOf w -> false;
        };
    }

    /** Whether it makes a difference which day it is. */
    boolean readsToday() {
        return readsToday;
    }

    /** What stands for all values of a cell, if it is folded. */
    Optional<Value> value(Cell cell) {
        return Optional.ofNullable(folded.get(cell));
    }

    /** The one value of a folded cell that is kept beside that: the one that is none. */
    Value none(Cell cell) {
        return kept.getOrDefault(cell, Value.NONE);
    }

    /** What stands for all rows of a list, by how many there are; none where it is not folded. */
    List<Value> rows(Cell cell) {
        return lists.getOrDefault(cell, List.of());
    }

    /** What stands for all values of some columns of a list, by their names; none where no column is folded. */
    Map<String, Value> columns(Cell cell) {
        return partly.getOrDefault(cell, Map.of());
    }

    /** All values that stand for others. */
    List<Value> values() {
        var all = new ArrayList<>(folded.values());
        lists.values().forEach(all::addAll);
        return all;
    }

    /** What is folded although something shows it, in words: for reports. */
    public List<String> names() {
        return List.copyOf(names);
    }
}

package bivouac.plan;

import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.Window;
import bivouac.expression.Compiled;
import bivouac.expression.Value;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;

/** What the cells of a program can hold, and which of them matter: found by looking through all of it once. */
public final class Cells {

    private final Program program;
    private final Ranges ranges = new Ranges();
    private final Matters matters = new Matters();

    Cells(Program program, Collection<Compiled<Reading>> expressions) {
        this.program = program;
        expressions.forEach(matters::add);
        List<Variable> variables = program.design().application().variables();
        for (int i = 0; i < variables.size(); i++) {
            starts(
                    new Cell.OfApplication(i),
                    program.startOf(i),
                    variables.get(i).type());
        }
        program.windows().forEach(this::window);
        for (int i = 0; i < program.scriptCount(); i++) {
            script(program.script(i));
        }
        program.windows().forEach(w -> w.parts().forEach(p -> p.edits(ranges, matters)));
        ranges.follow();
    }

    /** A cell that begins with what is said, or with what its type starts with. */
    private void starts(Cell cell, Optional<Compiled<Reading>> said, Type type) {
        ranges.start(cell, type);
        said.ifPresent(e -> ranges.flow(e, Ranges.NO_SCRIPT, cell, type));
    }

    private void window(WindowPlan plan) {
        Window window = plan.window();
        for (int i = 0; i < window.takes().size(); i++) {
            Take take = window.takes().get(i);
            Cell cell = cell(plan, plan.takeSlot(i));
            ranges.few(cell, Value.NONE, Value.of(take.name().shown()));
            starts(cell, plan.takeDefault(i), take.type());
        }
        for (int i = 0; i < plan.variables().size(); i++) {
            starts(
                    cell(plan, plan.variableSlot(i)),
                    plan.variableStart(i),
                    plan.variables().get(i).type());
        }
        plan.parts().forEach(p -> {
            p.ranges(ranges);
            p.matters(matters);
        });
        plan.titleRange(ranges);
        plan.fileSlots().forEach(slot -> matters.add(cell(plan, slot)));
        plan.timers().forEach(t -> {
            ranges.flag(cell(plan, t.slot()), false);
            ranges.isSet(cell(plan, t.slot()));
            matters.add(cell(plan, t.slot()));
        });
        if (plan.keySlot() >= 0) {
            matters.add(cell(plan, plan.keySlot()));
        }
        if (plan.cannotBeTakenAway()) {
            // where a file dialog begins, and what a picker shows first, is among what can be chosen
            matters.add(cell(plan, WindowPlan.TEXT));
        }
        for (Way way : Way.values()) {
            if (plan.wayOut(way) instanceof WindowPlan.WayPlan.Leads leads) {
                given(plan, leads.ending(), leads.gives(), Ranges.NO_SCRIPT);
            }
        }
    }

    private void given(WindowPlan plan, int ending, List<Op.Hand> gives, int script) {
        gives.forEach(hand ->
                ranges.flow(hand.value(), script, new Ranges.Give(plan.number, ending, hand.index()), hand.type()));
    }

    static Cell cell(WindowPlan plan, int slot) {
        return new Cell.OfWindow(plan.number, slot);
    }

    private void script(ScriptPlan script) {
        int number = script.number();
        if (script.isBeforeClosing() || script.isAfterClosing()) {
            Object way = Ranges.in(number, ScriptPlan.WAY);
            ranges.few(way, Value.of(Way.CLOSE_STEP));
            Arrays.stream(Way.values()).forEach(w -> ranges.few(way, Value.of(w.words())));
            Object ending = Ranges.in(number, ScriptPlan.ENDING);
            ranges.few(ending, Value.EMPTY);
            script.of().ifPresent(p -> p.endings().forEach(e -> ranges.few(ending, Value.of(e.name()))));
        } else {
            ranges.any(Ranges.in(number, ScriptPlan.ROW));
        }
        script.each().ifPresent(e -> {
            Object row = Ranges.in(number, EachPlan.ROW);
            ranges.any(row);
            e.decides().forEach(list -> ranges.feed(list, Ranges.NO_SCRIPT, row));
        });
        script.ops().forEach(op -> op(op, script));
    }

    private void op(Op op, ScriptPlan script) {
        int number = script.number();
        switch (op) {
            case Op.Set set -> sets(set.access(), set.value(), number);
            case Op.SetIn set -> sets(set.access(), set.value(), number);
            case Op.Let let ->
                ranges.flow(
                        let.value(),
                        number,
                        Ranges.in(number, let.slot()),
                        let.value().type().orElse(Type.TEXT));
            case Op.Open open -> opens(open, script);
            case Op.Close close -> closes(close, script);
            case Op.GiveBack back -> ranges.any(Ranges.in(number, back.resultSlot()));
            case Op.TakeHolding take -> ranges.any(Ranges.in(number, take.resultSlot()));
            case Op.RunTask task -> {
                task.handOver()
                        .forEach(h -> ranges.flow(
                                h.value(), number, Ranges.in(number, task.takesSlot() + h.index()), h.type()));
                for (int i = 0; i < task.results(); i++) {
                    ranges.few(Ranges.in(number, task.resultSlot() + i), Value.NONE);
                }
                task.outcomes().forEach(o -> o.gives().forEach(h -> {
                    Object to = Ranges.in(number, task.resultSlot() + h.index());
                    ranges.start(to, h.type());
                    ranges.flow(h.value(), number, to, h.type());
                }));
            }
            case Op.AddRow add -> rows(add.list(), add.values(), number);
            case Op.ChangeRow change -> rows(change.list(), change.values(), number);
            case Op.DoIn done -> done.scripts().forEach(s -> handed(done, program.script(s), number));
            case Op.Answer answer ->
                answer.gives()
                        .forEach(h -> ranges.flow(
                                h.value(), number, new Ranges.Returned(number, answer.ending(), h.index()), h.type()));
            case Op.Return back -> {
                for (int i = 0; i < back.results(); i++) {
                    ranges.few(Ranges.in(number, back.resultSlot() + i), Value.NONE);
                }
                back.gives()
                        .forEach(h -> ranges.flow(
                                h.value(), number, Ranges.in(number, back.resultSlot() + h.index()), h.type()));
            }
            case Op.Answered answered -> answers(answered, number);
            case Op.End _, Op.Plain _, Op.Course _ -> {
                // it keeps nothing in a cell
            }
        }
    }

    /** W12: what it takes lies where its run begins with it. */
    private void handed(Op.DoIn done, ScriptPlan of, int script) {
        done.handOver()
                .forEach(h -> ranges.flow(
                        h.value(), script, Ranges.in(of.number(), ScriptPlan.FIRST_FREE + h.index()), h.type()));
    }

    private void answers(Op.Answered answered, int script) {
        for (ScriptPlace.Named from : answered.scripts()) {
            answered.branches().keySet().forEach(ending -> {
                for (int i = 0; i < answered.results().get(ending); i++) {
                    Object give = new Ranges.Returned(program.script(from).number(), ending, i);
                    ranges.few(give, Value.NONE);
                    ranges.copy(give, Ranges.in(script, answered.resultSlot() + i));
                }
            });
        }
    }

    /** A list can hold any rows; which list is meant is known only when it is run, but for its name. */
    private void rows(ListIn list, List<Op.Hand> values, int script) {
        for (WindowPlan window : program.windows()) {
            window.part(list.part())
                    .flatMap(PartPlan::rowsOf)
                    .ifPresent(rows -> values.forEach(v -> ranges.feed(v.value(), script, rows.rowsCell(), v.name())));
        }
    }

    private void sets(Access access, Compiled<Reading> value, int script) {
        if (access.placed()) {
            access.cells().forEach(matters::add);
            access.cells().forEach(from -> access.cells().forEach(to -> ranges.copy(from, to)));
        }
        access.cells().stream()
                .filter(c -> !(c instanceof Cell.OfScript))
                .forEach(c -> ranges.flow(value, script, c, access.type()));
    }

    private void opens(Op.Open open, ScriptPlan script) {
        WindowPlan plan = program.windows().get(open.window());
        open.handOver()
                .forEach(h -> ranges.flow(h.value(), script.number(), cell(plan, plan.takeSlot(h.index())), h.type()));
        if (open.how() instanceof Op.How.InPlace(int ending, var gives)
                && script.of().isPresent()) {
            given(script.of().get(), ending, gives, script.number());
        }
        if (open.couldNot() >= 0) {
            ranges.any(Ranges.in(script.number(), open.resultSlot()));
        }
        open.branches().keySet().forEach(ending -> {
            int count = plan.ending(ending).gives().size();
            for (int i = 0; i < count; i++) {
                Object from = new Ranges.Give(plan.number, ending, i);
                Object to = Ranges.in(script.number(), open.resultSlot() + i);
                ranges.few(from, Value.NONE);
                if (plan.isReadyMade()) {
                    ranges.any(from);
                }
                ranges.copy(from, to);
            }
        });
    }

    private void closes(Op.Close close, ScriptPlan script) {
        if (close.whom().window() >= 0 && !close.gives().isEmpty()) {
            WindowPlan plan = program.windows().get(close.whom().window());
            int ending = plan.endingNumber(close.ending().orElse(plan.usualEnding()));
            given(plan, ending, close.gives(), script.number());
        }
    }

    /** What arrives where. */
    Ranges ranges() {
        return ranges;
    }

    /** What a cell of the application or of a window can hold. */
    public Range range(Cell cell) {
        return ranges.of(cell);
    }

    /** What a slot of a script can hold. */
    public Range rangeIn(int script, int slot) {
        return ranges.of(Ranges.in(script, slot));
    }

    /** Whether a rule or an expression can read a cell. */
    public boolean matters(Cell cell) {
        return matters.has(cell);
    }

    /** All values that some cell with few of them can hold, each once. */
    public List<Value> constants() {
        var all = new LinkedHashSet<Value>();
        ranges.constants(all);
        return List.copyOf(all);
    }
}

package bivouac.expression;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;

/** Turns understood expressions into plans: constants are made once, and each piece does one thing. */
final class Planner<E extends Surroundings> {

    private final List<String> locals = new ArrayList<>();
    private int most;

    /** How many variables an evaluation holds at once. */
    int locals() {
        return most;
    }

    Plan<E> plan(Term<E> term) {
        Plan<E> plan =
                switch (term) {
                    case Term.Constant<E>(Value value, var type) -> run -> value;
                    case Term.Name<E> name -> name(name);
                    case Term.Local<E>(String name, var type) -> local(name);
                    case Term.Column<E>(var row, String name, var type) -> column(plan(row), name);
                    case Term.IsOpen<E>(String window, var binding) ->
                        run -> binding.reader().read(run.from);
                    case Term.Call<E> call -> call(call);
                    case Term.Decides<E>(boolean on, var left, var right) -> decides(plan(left), plan(right), on);
                    case Term.Choice<E> choice -> choice(choice);
                    case Term.Items<E> items -> items(items);
                    case Term.Row<E> row -> row(row);
                    case Term.Each<E> each -> each(each);
                };
        return run -> {
            run.budget.spend(1);
            return plan.evaluate(run);
        };
    }

    private Plan<E> name(Term.Name<E> name) {
        Scope.Reader<E> reader = name.binding().reader();
        return run -> {
            Value value = reader.read(run.from);
            if (value instanceof Value.None) {
                throw new EvaluationFault(name.dotted() + " has no value here");
            }
            return value;
        };
    }

    private Plan<E> local(String name) {
        int slot = locals.lastIndexOf(name);
        return run -> run.locals[slot];
    }

    private Plan<E> column(Plan<E> row, String name) {
        return run -> row.evaluate(run) instanceof Value.Row values
                ? values.column(name).orElseThrow(() -> new EvaluationFault("the row has no column " + name))
                : Calls.noRow();
    }

    private Plan<E> call(Term.Call<E> call) {
        Function function = call.function();
        Plan<E> first = plan(call.arguments().getFirst());
        if (call.arguments().size() == 1) {
            return run -> Calls.one(function, first.evaluate(run), run.budget);
        }
        Plan<E> second = plan(call.arguments().get(1));
        if (call.arguments().size() == 3) {
            Plan<E> third = plan(call.arguments().get(2));
            return run -> {
                Value a = first.evaluate(run);
                Value b = second.evaluate(run);
                return Calls.three(function, a, b, third.evaluate(run), run.budget);
            };
        }
        return run -> {
            Value left = first.evaluate(run);
            return Calls.two(function, left, second.evaluate(run), run.budget);
        };
    }

    /** CEL's own rule: the side that decides wins even where the other faults. */
    private Plan<E> decides(Plan<E> left, Plan<E> right, boolean on) {
        return run -> {
            EvaluationFault held;
            try {
                if (Calls.yes(left.evaluate(run)) == on) {
                    return Value.of(on);
                }
                held = null;
            } catch (EvaluationFault fault) {
                held = fault;
            }
            if (Calls.yes(right.evaluate(run)) == on) {
                return Value.of(on);
            }
            if (held != null) {
                throw held;
            }
            return Value.of(!on);
        };
    }

    private Plan<E> choice(Term.Choice<E> choice) {
        Plan<E> condition = plan(choice.condition());
        Plan<E> yes = plan(choice.yes());
        Plan<E> no = plan(choice.no());
        return run ->
                (Calls.yes(condition.evaluate(run)) ? yes : no).evaluate(run).as(choice.type());
    }

    private Plan<E> items(Term.Items<E> items) {
        List<Plan<E>> plans = items.items().stream().map(this::plan).toList();
        return run -> {
            var values = new ArrayList<Value>(plans.size());
            for (Plan<E> plan : plans) {
                values.add(plan.evaluate(run));
            }
            return Calls.list(values, run.budget).as(items.type());
        };
    }

    private Plan<E> row(Term.Row<E> row) {
        List<Plan<E>> plans = row.values().stream().map(this::plan).toList();
        return run -> {
            var columns = new LinkedHashMap<String, Value>();
            for (int i = 0; i < plans.size(); i++) {
                columns.put(row.names().get(i), plans.get(i).evaluate(run));
            }
            return new Value.Row(columns);
        };
    }

    private Plan<E> each(Term.Each<E> each) {
        Plan<E> range = plan(each.range());
        int slot = locals.size();
        locals.add(each.variable());
        most = Math.max(most, locals.size());
        List<Plan<E>> bodies = each.bodies().stream().map(this::plan).toList();
        locals.removeLast();
        return switch (each.how()) {
            case ALL -> run -> decided(run, Calls.items(range.evaluate(run)), slot, bodies.getFirst(), false);
            case EXISTS -> run -> decided(run, Calls.items(range.evaluate(run)), slot, bodies.getFirst(), true);
            case EXISTS_ONE ->
                run -> Value.of(kept(run, Calls.items(range.evaluate(run)), slot, bodies.getFirst())
                                .size()
                        == 1);
            case FILTER ->
                run -> Calls.list(kept(run, Calls.items(range.evaluate(run)), slot, bodies.getFirst()), run.budget);
            case MAP -> run -> mapped(run, Calls.items(range.evaluate(run)), slot, bodies);
            case SORT_BY ->
                run -> {
                    List<Value> items = Calls.items(range.evaluate(run));
                    return Calls.sorted(items, Calls.items(mapped(run, items, slot, bodies)), run.budget);
                };
        };
    }

    /** As {@link #decides}, over all items. */
    private static <E extends Surroundings> Value decided(
            Plan.Run<E> run, List<Value> items, int slot, Plan<E> asks, boolean on) {
        EvaluationFault held = null;
        for (Value item : items) {
            run.locals[slot] = item;
            try {
                if (Calls.yes(asks.evaluate(run)) == on) {
                    return Value.of(on);
                }
            } catch (EvaluationFault fault) {
                held = held == null ? fault : held;
            }
        }
        if (held != null) {
            throw held;
        }
        return Value.of(!on);
    }

    private static <E extends Surroundings> List<Value> kept(
            Plan.Run<E> run, List<Value> items, int slot, Plan<E> asks) {
        var kept = new ArrayList<Value>();
        for (Value item : items) {
            run.locals[slot] = item;
            if (Calls.yes(asks.evaluate(run))) {
                kept.add(item);
            }
        }
        return kept;
    }

    private static <E extends Surroundings> Value mapped(
            Plan.Run<E> run, List<Value> items, int slot, List<Plan<E>> bodies) {
        List<Value> from = bodies.size() > 1 ? kept(run, items, slot, bodies.getFirst()) : items;
        var made = new ArrayList<Value>(from.size());
        for (Value item : from) {
            run.locals[slot] = item;
            made.add(bodies.getLast().evaluate(run));
        }
        return Calls.list(made, run.budget);
    }
}

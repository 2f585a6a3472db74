package bivouac.expression;

import dev.cel.common.CelAbstractSyntaxTree;
import dev.cel.common.ast.CelConstant;
import dev.cel.common.ast.CelExpr;
import dev.cel.common.ast.CelReference;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Turns a checked tree into plans: names are bound once, constants are made once, and each piece does one thing. */
final class Planner<E> {

    private static final Set<String> NEVER_FAULT = Set.of(
            "!_",
            "_==_",
            "_!=_",
            "_<_",
            "_<=_",
            "_>_",
            "_>=_",
            "blank",
            "isWhole",
            "isNumber",
            "isDate",
            "shown",
            "string",
            "year",
            "days",
            "fileName",
            "fileExtension",
            "isOpen",
            "size",
            "contains",
            "startsWith",
            "endsWith",
            "@in");

    private final CelAbstractSyntaxTree tree;
    private final Map<String, Scope.Reader<E>> readers;
    private final Set<String> locals = new HashSet<>();
    private boolean mayFault;

    Planner(CelAbstractSyntaxTree tree, Map<String, Scope.Reader<E>> readers) {
        this.tree = tree;
        this.readers = readers;
    }

    Plan<E> plan() {
        return plan(tree.getExpr());
    }

    /** Whether something planned can fault by itself; reading a name is judged by who knows the scope. */
    boolean mayFault() {
        return mayFault;
    }

    private Plan<E> plan(CelExpr e) {
        Plan<E> plan =
                switch (e.getKind()) {
                    case CONSTANT -> constant(e.constant());
                    case IDENT -> name(e, e.ident().name());
                    case SELECT -> select(e);
                    case CALL -> call(e.call());
                    case LIST -> list(e.list());
                    case COMPREHENSION -> comprehension(e.comprehension());
                    case NOT_SET, STRUCT, MAP ->
                        throw new IllegalArgumentException("A map or message is no value here");
                };
        return run -> {
            run.spend();
            return plan.evaluate(run);
        };
    }

    private Plan<E> constant(CelConstant constant) {
        Value value =
                switch (constant.getKind()) {
                    case BOOLEAN_VALUE -> Value.of(constant.booleanValue());
                    case INT64_VALUE -> new Value.Whole(constant.int64Value());
                    case DOUBLE_VALUE -> new Value.Number(constant.doubleValue());
                    case STRING_VALUE -> Value.of(constant.stringValue());
                    default -> throw new IllegalArgumentException("Bytes and null are no values here");
                };
        return run -> value;
    }

    private Plan<E> name(CelExpr e, String written) {
        if (locals.contains(written)) {
            return run -> run.local(written);
        }
        String name = tree.getReference(e.id()).map(CelReference::name).orElse(written);
        Scope.Reader<E> reader = readers.get(name);
        if (reader == null) {
            throw new IllegalArgumentException("“" + name + "” is no value");
        }
        return run -> {
            Value value = reader.read(run.from);
            if (value instanceof Value.None) {
                throw new EvaluationFault(name + " has no value here");
            }
            return value;
        };
    }

    private Plan<E> select(CelExpr e) {
        var reference = tree.getReference(e.id());
        if (reference.isPresent() && !reference.get().name().isEmpty()) {
            return name(e, reference.get().name());
        }
        mayFault = true;
        Plan<E> row = plan(e.select().operand());
        String column = e.select().field();
        return run -> {
            if (row.evaluate(run) instanceof Value.Row(var columns) && columns.containsKey(column)) {
                return columns.get(column);
            }
            throw new EvaluationFault("the row has no column " + column);
        };
    }

    private Plan<E> call(CelExpr.CelCall call) {
        var plans = new ArrayList<Plan<E>>();
        call.target().ifPresent(t -> plans.add(plan(t)));
        call.args().forEach(a -> plans.add(plan(a)));
        return switch (call.function()) {
            case "_?_:_" ->
                run -> plans.get(Calls.yes(plans.get(0).evaluate(run)) ? 1 : 2).evaluate(run);
            case "_&&_" -> shortCut(plans, false);
            case "_||_" -> shortCut(plans, true);
            default -> strict(call.function(), List.copyOf(plans));
        };
    }

    private Plan<E> strict(String function, List<Plan<E>> plans) {
        mayFault |= !NEVER_FAULT.contains(function);
        return run -> {
            var values = new ArrayList<Value>(plans.size());
            for (Plan<E> plan : plans) {
                values.add(plan.evaluate(run));
            }
            return Calls.call(function, values);
        };
    }

    /** CEL's own rule: the side that decides wins even where the other faults. */
    private Plan<E> shortCut(List<Plan<E>> plans, boolean deciding) {
        return run -> {
            EvaluationFault held = null;
            for (Plan<E> plan : plans) {
                try {
                    if (Calls.yes(plan.evaluate(run)) == deciding) {
                        return Value.of(deciding);
                    }
                } catch (EvaluationFault fault) {
                    held = held == null ? fault : held;
                }
            }
            if (held != null) {
                throw held;
            }
            return Value.of(!deciding);
        };
    }

    private Plan<E> list(CelExpr.CelList list) {
        List<Plan<E>> plans = list.elements().stream().map(this::plan).toList();
        return run -> new Value.Items(plans.stream().map(p -> p.evaluate(run)).toList());
    }

    private Plan<E> comprehension(CelExpr.CelComprehension c) {
        Plan<E> range = plan(c.iterRange());
        Plan<E> start = plan(c.accuInit());
        boolean newItem = locals.add(c.iterVar());
        boolean newSum = locals.add(c.accuVar());
        Plan<E> condition = plan(c.loopCondition());
        Plan<E> step = plan(c.loopStep());
        Plan<E> result = plan(c.result());
        if (newItem) {
            locals.remove(c.iterVar());
        }
        if (newSum) {
            locals.remove(c.accuVar());
        }
        return run -> {
            Value before = run.localOrNone(c.accuVar());
            Value beforeItem = run.localOrNone(c.iterVar());
            List<Value> items = Calls.items(range.evaluate(run));
            run.setLocal(c.accuVar(), start.evaluate(run));
            for (Value item : items) {
                run.setLocal(c.iterVar(), item);
                if (!Calls.yes(condition.evaluate(run))) {
                    break;
                }
                run.setLocal(c.accuVar(), step.evaluate(run));
            }
            Value found = result.evaluate(run);
            run.setLocal(c.accuVar(), before);
            run.setLocal(c.iterVar(), beforeItem);
            return found;
        };
    }
}

package bivouac.plan;

import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.expression.Problem;
import java.util.List;
import java.util.Optional;

/** Plans the steps that add, change and remove rows of lists. */
final class RowPlanner {

    private final ScriptPlanner script;
    private final Linker linker;

    RowPlanner(ScriptPlanner script, Linker linker) {
        this.script = script;
        this.linker = linker;
    }

    void plan(Step.AddRow step, StepRef ref, ScriptPlanner.Names names) {
        list(step.list(), ref, names).ifPresent(list -> {
            List<Type.Column> columns = columns(step.list(), names);
            script.add(new Op.AddRow(ref, list, columns, values(step.list(), columns, step.values(), ref, names)));
        });
    }

    void plan(Step.ChangeRow step, StepRef ref, ScriptPlanner.Names names) {
        list(step.list(), ref, names).ifPresent(list -> {
            List<Type.Column> columns = columns(step.list(), names);
            script.add(new Op.ChangeRow(ref, list, values(step.list(), columns, step.values(), ref, names)));
        });
    }

    void plan(Step.RemoveRow step, StepRef ref, ScriptPlanner.Names names) {
        list(step.list(), ref, names).ifPresent(list -> script.add(new Op.RemoveRow(ref, list, step.unasked())));
    }

    private List<Type.Column> columns(String list, ScriptPlanner.Names names) {
        Type rows =
                script.scope(names).access(list.strip() + ".rows").orElseThrow().type();
        return ((Type.RowOf) ((Type.ListOf) rows).of()).columns();
    }

    private List<Op.Hand> values(
            String list, List<Type.Column> columns, List<Given> values, StepRef ref, ScriptPlanner.Names names) {
        var places = columns.stream()
                .map(c -> new ScriptPlanner.Place(new Name(c.name(), c.name()), c.type()))
                .toList();
        return script.hands(places, values, list + " has no column", ref, names);
    }

    /** The list that is named; reports and breaks the step if there is none. */
    private Optional<ListIn> list(String name, StepRef ref, ScriptPlanner.Names names) {
        Optional<ListIn> list = script.scope(names).list(name.strip());
        if (list.isEmpty()) {
            String why = name.isBlank() ? "no list is named here" : "“" + name + "” is no list here";
            linker.report(
                    ScriptPlanner.spot(ref, "list"), name, List.of(new Problem(why, 0, Math.max(1, name.length()))));
            script.add(new Op.Broken(ref, why));
        }
        return list;
    }
}

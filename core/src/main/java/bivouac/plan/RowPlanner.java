package bivouac.plan;

import bivouac.design.Given;
import bivouac.design.Step;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;

/** Plans the steps that add, change and remove rows of lists. */
final class RowPlanner {

    private final ScriptPlanner script;

    RowPlanner(ScriptPlanner script) {
        this.script = script;
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
        return script.handing(ref, names, list + " has no column")
                .said(columns.stream().map(Handing.Place::new).toList(), values);
    }

    /** The list that is named; reports and breaks the step if there is none. */
    private Optional<ListIn> list(String name, StepRef ref, ScriptPlanner.Names names) {
        Optional<ListIn> list = script.scope(names).list(name.strip());
        if (list.isEmpty()) {
            Scopes.At scope = script.scope(names);
            Optional<String> near =
                    ScriptPlanner.near(name, scope, n -> scope.list(n).isPresent());
            String why = name.isBlank()
                    ? "no list is named here"
                    : "“" + name + "” is no list here" + ScriptPlanner.asking(near);
            script.broken(ref, "list", name, why, near);
        }
        return list;
    }
}

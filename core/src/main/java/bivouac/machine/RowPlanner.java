package bivouac.machine;

import bivouac.design.Given;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.expression.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Plans the steps that add and remove rows of lists. */
final class RowPlanner {

    private final ScriptPlanner script;
    private final Linker linker;

    RowPlanner(ScriptPlanner script, Linker linker) {
        this.script = script;
        this.linker = linker;
    }

    void plan(Step.AddRow step, StepRef ref, ScriptPlanner.Names names) {
        Optional<Access> rows = rows(step.list(), ref, names);
        if (rows.isEmpty()) {
            return;
        }
        List<Type.Column> columns = ((Type.RowOf) ((Type.ListOf) rows.get().type()).of()).columns();
        var values = new ArrayList<Op.Hand>();
        for (Given given : step.values()) {
            int index = columns.stream().map(Type.Column::name).toList().indexOf(given.name());
            if (index < 0) {
                linker.report(
                        ScriptPlanner.spot(ref, given.name()),
                        given.value().source(),
                        List.of(new Problem(step.list() + " has no column “" + given.name() + "”", 0, 1)));
            } else {
                Type type = columns.get(index).type();
                values.add(new Op.Hand(
                        index,
                        given.name(),
                        type,
                        linker.typed(ScriptPlanner.spot(ref, given.name()), given.value(), type, script.scope(names))));
            }
        }
        script.add(new Op.AddRow(ref, rows.get(), columns, List.copyOf(values)));
    }

    void plan(Step.RemoveRow step, StepRef ref, ScriptPlanner.Names names) {
        rows(step.list(), ref, names)
                .ifPresent(rows -> script.add(new Op.RemoveRow(
                        ref,
                        rows,
                        script.scope(names)
                                .access(step.list().strip() + ".selectedNumber")
                                .orElseThrow())));
    }

    /** The rows of the list that is named; reports and breaks the step if there is none. */
    private Optional<Access> rows(String list, StepRef ref, ScriptPlanner.Names names) {
        Optional<Access> rows = script.scope(names).access(list.strip() + ".rows");
        if (rows.isEmpty()) {
            String why = list.isBlank() ? "no list is named here" : "“" + list + "” is no list here";
            linker.report(
                    ScriptPlanner.spot(ref, "list"), list, List.of(new Problem(why, 0, Math.max(1, list.length()))));
            script.add(new Op.Broken(ref, why));
        }
        return rows;
    }
}

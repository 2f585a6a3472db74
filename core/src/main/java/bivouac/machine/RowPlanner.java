package bivouac.machine;

import bivouac.design.Name;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.expression.Problem;
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
        var places = columns.stream()
                .map(c -> new ScriptPlanner.Place(new Name(c.name(), c.name()), c.type()))
                .toList();
        List<Op.Hand> values = script.hands(places, step.values(), step.list() + " has no column", ref, names);
        script.add(new Op.AddRow(ref, rows.get(), columns, values));
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

package bivouac.format;

import bivouac.design.Task;
import java.util.EnumSet;
import java.util.Set;

/** Tasks in files. */
final class TaskFormat {

    private TaskFormat() {}

    static Task read(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var task = new Task(
                f.name(),
                f.list("takes", WindowFormat::take),
                f.list("endings", TaskFormat::outcome),
                f.optionalText("usually"),
                told(f));
        f.done();
        return task;
    }

    private static Set<Task.Told> told(Fields f) throws Unreadable {
        var all = EnumSet.noneOf(Task.Told.class);
        for (Task.Told told : Task.Told.values()) {
            if (f.yes(told.words(), false)) {
                all.add(told);
            }
        }
        return all;
    }

    private static Task.Outcome outcome(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var outcome = new Task.Outcome(WindowFormat.ending(f), StepFormat.givens(f, "samples"), f.expression("writes"));
        f.done();
        return outcome;
    }

    static JsonOut.Members write(Task task) {
        var out = new JsonOut.Members();
        WindowFormat.write(out, task.name());
        out.list("takes", task.takes(), WindowFormat::write)
                .list("endings", task.outcomes(), TaskFormat::write)
                .put("usually", task.usually());
        task.told().forEach(told -> out.putUnless(false, told.words(), true));
        return out;
    }

    private static Object write(Task.Outcome outcome) {
        JsonOut.Members out = WindowFormat.write(outcome.ending());
        StepFormat.write(out, "samples", outcome.samples());
        return out.put("writes", outcome.writes());
    }
}

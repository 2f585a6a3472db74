package bivouac.format;

import bivouac.design.Task;

/** Tasks in files. */
final class TaskFormat {

    private TaskFormat() {}

    static Task read(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var task = new Task(
                f.name(),
                f.list("takes", WindowFormat::take),
                f.list("endings", TaskFormat::outcome),
                f.optionalText("usually"));
        f.done();
        return task;
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
        return out.list("takes", task.takes(), WindowFormat::write)
                .list("endings", task.outcomes(), TaskFormat::write)
                .put("usually", task.usually());
    }

    private static Object write(Task.Outcome outcome) {
        JsonOut.Members out = WindowFormat.write(outcome.ending());
        StepFormat.write(out, "samples", outcome.samples());
        return out.put("writes", outcome.writes());
    }
}

package bivouac.handover.tk;

import bivouac.design.Task;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.python.PyLines;
import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyWorld;

/** The program as its tests start it: tasks end as the trail says, with the samples of the design. */
final class TkWalkthroughs {

    private final PyWorld world;
    private final TkWork work;

    TkWalkthroughs(PyWorld world) {
        this.world = world;
        this.work = new TkWork(world);
    }

    String program() {
        var out = new PyLines();
        out.add("class Program:").inside(driven()).add("").add("");
        out.add("class Samples:").inside(samples()).add("").add("");
        var nothing = new PyLines().add("\"\"\"Holdings that are there.\"\"\"");
        work.alwaysThere(nothing);
        return out.add("class Nothing:").inside(nothing).toString();
    }

    private PyLines driven() {
        String application = world.application();
        return new PyLines()
                .add("\"\"\"The application, driven by a trail.\"\"\"")
                .blank()
                .add("def start(self, driver, loop, work, kept, today, ended):")
                .inside(new PyLines()
                        .add("self.samples = Samples()")
                        .add("self.app = application." + application
                                + "(loop, work, self.samples, Nothing(), kept, today, ended)")
                        .add("self.samples.app = self.app")
                        .add("driver.watch(self.app.desk)")
                        .add("self.app.start()"))
                .blank()
                .add("def ending(self, other):")
                .inside(new PyLines()
                        .add("\"\"\"How the task that is called next is to end.\"\"\"")
                        .add("self.samples.ending = other"))
                .blank()
                .add("def day_passes(self, now):")
                .inside("self.app.day_passes(now)");
    }

    private PyLines samples() {
        var body = new PyLines()
                .add("\"\"\"Tasks that end as they are told to.\"\"\"")
                .blank()
                .add("app = None")
                .add("ending = \"\"");
        for (Task task : world.meanings().program().design().application().tasks()) {
            String shown = task.name().shown();
            var cases = new PyLines();
            Outcomes.sampled(task).forEach(e -> cases.add("case " + PyNames.literal(e) + ":")
                    .inside("return " + work.sample(task, e, "self.app")));
            body.blank().add("def " + world.methodOfTask(shown) + "(self" + TkWork.called(world, task) + "):");
            var lines = new PyLines();
            if (!task.endings().isEmpty()) {
                lines.add("match self.ending:").inside(cases);
            }
            body.inside(lines.add("raise ValueError(self.ending)"));
        }
        return body;
    }
}

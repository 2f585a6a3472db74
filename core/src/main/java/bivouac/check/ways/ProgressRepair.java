package bivouac.check.ways;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Names;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Task;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;

/** Ways to let work be seen and cancelled (W9, W10). */
public sealed interface ProgressRepair extends Repair {

    /** A task shows progress, or may be cancelled. */
    record Tell(String task, Task.Told what) implements ProgressRepair {
        @Override
        public String words() {
            return switch (what) {
                case PROGRESS -> "Let it show progress";
                case CANCEL -> "Let it be cancelled";
            };
        }

        @Override
        public String about() {
            return "“" + task + "” then " + what.words() + ".";
        }

        @Override
        public Design in(Design design) {
            Application app = design.application();
            return design.with(app.working(app.tasks().stream()
                    .map(t -> t.name().shown().equals(task) ? t.telling(with(t)) : t)
                    .toList()));
        }

        private EnumSet<Task.Told> with(Task of) {
            EnumSet<Task.Told> all = EnumSet.of(what);
            all.addAll(of.told());
            return all;
        }
    }

    /** A progress shows the work of a task. */
    record ShowWork(String window, String part, String task) implements ProgressRepair {
        @Override
        public String words() {
            return "Show " + task;
        }

        @Override
        public String about() {
            return "It then shows how far “" + task + "” is.";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(window, f -> f.part(part)
                    .filter(Part.Progress.class::isInstance)
                    .map(Part.Progress.class::cast)
                    .map(p -> f.changingPart(part, p.showing(task)))
                    .orElse(f));
        }
    }

    /** A window gets a part that shows the work of a task, below its other parts. */
    record AddProgress(String window, String task) implements ProgressRepair {
        @Override
        public String words() {
            return "Show it on " + window;
        }

        @Override
        public String about() {
            return "A progress of “" + task + "” is added to " + window + ".";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(window, f -> {
                var rows = new ArrayList<>(f.rows());
                String name = design.application().names().name("progress", task);
                Part made =
                        Part.Progress.of(Names.freeName(name, f.memberNames()).shown(), "", task);
                rows.add(Row.of(made));
                return f.withRows(List.copyOf(rows));
            });
        }
    }
}

package bivouac.rehearsal;

import bivouac.design.Part;
import bivouac.design.Task;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import java.util.Comparator;
import java.util.Optional;

/** How work that shows progress goes on in a rehearsal: by hand ten of a hundred at a time, or by itself to its usual ending (W9). */
public final class Onward {

    private static final int STRIDE = 10;

    private Onward() {}

    /** Whether it tells how far it is, and a window shows it. */
    public static boolean isShown(Scene scene, Scene.Working work) {
        return work.tells() && shown(scene, work).isPresent();
    }

    /** The part that shows it: one of the window whose work it is, if that has one. */
    private static Optional<Scene.SeenPart> shown(Scene scene, Scene.Working work) {
        return scene.windows().stream()
                .sorted(Comparator.comparing(
                        w -> work.of().filter(w.which()::equals).isEmpty()))
                .flatMap(w -> w.parts().stream())
                .filter(p -> p.design() instanceof Part.Progress shows
                        && shows.task().equals(work.task()))
                .findFirst();
    }

    /** The next that it tells; empty where it tells nothing, nothing shows it, or all is done. */
    public static Optional<Event.TaskTells> tells(Scene scene, Scene.Working work) {
        return shown(scene, work)
                .filter(p -> work.tells() && p.done() < Part.Progress.WHOLE)
                .map(p ->
                        new Event.TaskTells(work.place(), Math.min(Part.Progress.WHOLE, p.done() + STRIDE), p.text()));
    }

    /** What comes next where nobody does anything: it tells, and when all is done it ends as it usually does. */
    public static Event next(Machine machine, Scene scene, Scene.Working work) {
        return tells(scene, work)
                .<Event>map(tells -> tells)
                .orElseGet(() -> new Event.TaskEnds(work.place(), usual(machine, work)));
    }

    private static int usual(Machine machine, Scene.Working work) {
        return machine.program()
                .design()
                .application()
                .task(work.task())
                .flatMap(Task::usually)
                .map(work.endings()::indexOf)
                .filter(work.now()::contains)
                .orElseGet(() -> work.now().stream().findFirst().orElse(0));
    }
}

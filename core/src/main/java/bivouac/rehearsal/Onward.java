package bivouac.rehearsal;

import bivouac.design.Part;
import bivouac.design.Task;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/** How work that shows progress goes on in a rehearsal: by hand ten of a hundred at a time, or by itself to its usual ending (W9). */
public final class Onward {

    private static final int STRIDE = 10;

    private Onward() {}

    /** How far work is that a window shows; 0 where none does. */
    public static int done(Scene scene, Scene.Working work) {
        return shown(scene, work).mapToInt(Scene.SeenPart::done).max().orElse(0);
    }

    private static Stream<Scene.SeenPart> shown(Scene scene, Scene.Working work) {
        return scene.windows().stream()
                .sorted(Comparator.comparing(
                        w -> work.of().filter(w.which()::equals).isEmpty()))
                .flatMap(w -> w.parts().stream())
                .filter(p -> p.design() instanceof Part.Progress shows
                        && shows.task().equals(work.task()))
                .limit(1);
    }

    /** The next that it tells; empty where it tells nothing, or all is done. */
    public static Optional<Event.TaskTells> tells(Scene scene, Scene.Working work) {
        int next = Math.min(Part.Progress.WHOLE, done(scene, work) + STRIDE);
        return work.tells() && next > done(scene, work)
                ? Optional.of(new Event.TaskTells(work.place(), next, line(scene, work)))
                : Optional.empty();
    }

    private static String line(Scene scene, Scene.Working work) {
        return shown(scene, work).map(Scene.SeenPart::text).findFirst().orElse("");
    }

    /** What comes next where nobody does anything: it tells, and when all is done it ends as it usually does. */
    public static Event next(Machine machine, Scene scene, Scene.Working work) {
        Optional<Event> tells = tells(scene, work).map(t -> t);
        return tells.orElseGet(() -> new Event.TaskEnds(work.place(), usual(machine, work)));
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

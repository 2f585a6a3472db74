package bivouac.rehearsal;

import bivouac.design.Part;
import bivouac.machine.Scene;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What an event does to lists, and to parts that show how far work is: no act of E3, and yet what a person sees first. */
final class PartChanges {

    private PartChanges() {}

    /** Whether a scene has parts of which something could be said. */
    static boolean canBe(Scene scene) {
        return scene.windows().stream()
                .flatMap(w -> w.parts().stream())
                .anyMatch(p -> p.design() instanceof Part.ListOfRows || p.design() instanceof Part.Progress);
    }

    /** In words, for the windows that are open before and after: of lists first. */
    static List<String> words(Scene before, Scene after) {
        var rows = new ArrayList<String>();
        Set<String> work = new LinkedHashSet<>();
        for (Scene.OpenWindow window : before.windows()) {
            after.window(window.which())
                    .filter(w -> w.instance() == window.instance())
                    .ifPresent(w -> window.parts().forEach(p -> {
                        Scene.SeenPart then = w.parts().get(p.number());
                        if (p.design() instanceof Part.ListOfRows) {
                            rows(p, then, rows);
                        } else if (p.design() instanceof Part.Progress shows) {
                            work(shows, p, then, after, work);
                        }
                    }));
        }
        rows.addAll(work);
        return List.copyOf(rows);
    }

    private static void rows(Scene.SeenPart before, Scene.SeenPart after, List<String> into) {
        int more = after.rows().size() - before.rows().size();
        String list = before.design().displayName();
        if (more > 0) {
            into.add((more == 1 ? "a row more in " : more + " rows more in ") + list);
        } else if (more < 0) {
            into.add((more == -1 ? "a row of " : -more + " rows of ") + list + (more == -1 ? " goes" : " go"));
        } else if (!before.rows().equals(after.rows())) {
            into.add("a row of " + list + " changes");
        }
    }

    private static void work(
            Part.Progress part, Scene.SeenPart before, Scene.SeenPart after, Scene then, Set<String> into) {
        boolean goesOn = then.tasks().stream().anyMatch(t -> t.task().equals(part.task()));
        if (before.cancels() && !after.cancels() && goesOn) {
            into.add("asks " + part.task() + " to end");
        }
        if (before.done() != after.done() || !before.text().equals(after.text())) {
            into.add(part.displayName() + " shows " + Part.Progress.shown(after.done(), after.text()));
        }
    }
}

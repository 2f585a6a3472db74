package bivouac.rehearsal;

import bivouac.design.Part;
import bivouac.machine.Scene;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;

/** What an event does to the parts that show how far work is: no act of E3, and yet all that is seen of it (W9, W10). */
final class ProgressChanges {

    private ProgressChanges() {}

    /** In words, for the windows that are open before and after. */
    static List<String> words(Scene before, Scene after) {
        var all = new LinkedHashSet<String>();
        for (Scene.OpenWindow window : before.windows()) {
            after.window(window.which())
                    .filter(w -> w.instance() == window.instance())
                    .ifPresent(w -> window.parts().stream()
                            .filter(p -> p.design() instanceof Part.Progress)
                            .forEach(p -> words(p, w.parts().get(p.number()), after, all)));
        }
        return new ArrayList<>(all);
    }

    private static void words(Scene.SeenPart before, Scene.SeenPart after, Scene then, LinkedHashSet<String> into) {
        String task = ((Part.Progress) before.design()).task();
        boolean goesOn = then.tasks().stream().anyMatch(t -> t.task().equals(task));
        if (before.cancels() && !after.cancels() && goesOn) {
            into.add("asks " + task + " to end");
        }
        if (before.done() != after.done() || !before.text().equals(after.text())) {
            into.add(before.design().displayName() + " shows " + Part.Progress.shown(after.done(), after.text()));
        }
    }
}

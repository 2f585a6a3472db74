package bivouac.rehearsal;

import bivouac.design.Part;
import bivouac.machine.Scene;
import java.util.ArrayList;
import java.util.List;

/** What an event does to the rows of lists: no act of E3, and yet what a person sees first. */
final class RowChanges {

    private RowChanges() {}

    /** In words, for the lists of windows that are open before and after. */
    static List<String> words(Scene before, Scene after) {
        var all = new ArrayList<String>();
        for (Scene.OpenWindow window : before.windows()) {
            after.window(window.which())
                    .filter(w -> w.instance() == window.instance())
                    .ifPresent(w -> window.parts().stream()
                            .filter(p -> p.design() instanceof Part.ListOfRows)
                            .forEach(p -> words(p, w.parts().get(p.number()), all)));
        }
        return List.copyOf(all);
    }

    private static void words(Scene.SeenPart before, Scene.SeenPart after, List<String> into) {
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
}

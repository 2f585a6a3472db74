package bivouac.rehearsal;

import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Two ways of a rehearsal beside each other.
 *
 * @param parting the last event that they have in common; 0 for the start
 * @param here what happened after it on this way, in words
 * @param there what happened after it on the other
 * @param differs what is to be seen otherwise at their ends
 */
public record Comparison(int parting, List<String> here, List<String> there, List<Difference> differs) {

    public Comparison {
        here = List.copyOf(here);
        there = List.copyOf(there);
        differs = List.copyOf(differs);
    }

    /** One thing that differs: what it is, and how it is seen on both ways. */
    public record Difference(String what, String here, String there) {}

    /** Compares the trail of a rehearsal, to its end, with another way that was gone. */
    public static Comparison of(Rehearsal rehearsal, Trail way) {
        List<Moment> other = way.moments();
        List<Moment> own = rehearsal.moments();
        int common = parting(own, other);
        Machine machine = rehearsal.machine();
        Design design = machine.program().design();
        return new Comparison(
                common,
                words(design, own, common),
                words(design, other, common),
                differences(
                        machine.scene(own.getLast().state()),
                        machine.scene(other.getLast().state())));
    }

    /** What a way is called: by the person, else after the first event that only it has. */
    public static String name(Rehearsal rehearsal, Trail way) {
        return way.name().isBlank() ? usualName(rehearsal, way.moments()) : way.name();
    }

    private static String usualName(Rehearsal rehearsal, List<Moment> other) {
        int common = parting(rehearsal.moments(), other);
        List<String> own = words(rehearsal.machine().program().design(), other, common);
        String first = own.isEmpty() ? "nothing more" : own.getFirst();
        return (common == 0 ? "from the start" : "after event " + common) + ": " + first;
    }

    /** The last event that two trails have in common. */
    private static int parting(List<Moment> one, List<Moment> other) {
        int common = 0;
        while (common + 1 < one.size()
                && common + 1 < other.size()
                && one.get(common + 1).event().equals(other.get(common + 1).event())) {
            common++;
        }
        return common;
    }

    private static List<String> words(Design design, List<Moment> trail, int after) {
        return trail.subList(after + 1, trail.size()).stream()
                .map(m -> TrailWords.line(design, m.event().orElseThrow()).toString())
                .toList();
    }

    private static List<Difference> differences(Scene here, Scene there) {
        var all = new ArrayList<Difference>();
        if (!here.ended().equals(there.ended()) || here.killed() != there.killed()) {
            all.add(new Difference("The application", runs(here), runs(there)));
        }
        differ(all, "What is held", held(here), held(there));
        for (Scene.OpenWindow window : here.windows()) {
            Optional<Scene.OpenWindow> other = there.window(window.which());
            if (other.isEmpty()) {
                all.add(new Difference(window.which().toString(), "open", "not open"));
            } else {
                windows(all, window, other.get());
            }
        }
        for (Scene.OpenWindow window : there.windows()) {
            if (here.window(window.which()).isEmpty()) {
                all.add(new Difference(window.which().toString(), "not open", "open"));
            }
        }
        return all;
    }

    private static void windows(List<Difference> all, Scene.OpenWindow here, Scene.OpenWindow there) {
        String name = here.which().toString();
        differ(all, name + ", title", here.title(), there.title());
        differ(all, name, blocked(here), blocked(there));
        for (int i = 0; i < Math.min(here.parts().size(), there.parts().size()); i++) {
            Scene.SeenPart a = here.parts().get(i);
            Scene.SeenPart b = there.parts().get(i);
            differ(all, name + ", " + a.design().displayName(), seen(a), seen(b));
        }
    }

    private static void differ(List<Difference> all, String what, String here, String there) {
        if (!here.equals(there)) {
            all.add(new Difference(what, here, there));
        }
    }

    private static String seen(Scene.SeenPart part) {
        if (!part.visible()) {
            return "not to be seen";
        }
        String text = AccessKey.without(Expectation.Shows.shown(part));
        return (text.isEmpty() ? "empty" : "“" + text + "”")
                + (part.ticked() ? ", ticked" : "")
                + (part.enabled() ? "" : ", not to be used");
    }

    private static String blocked(Scene.OpenWindow window) {
        return window.blockedBy().map(Scene.Blocker::words).orElse("free");
    }

    private static String held(Scene scene) {
        return scene.held().isEmpty()
                ? "nothing"
                : scene.held().stream().map(Scene.Held::toString).collect(Collectors.joining("; "));
    }

    private static String runs(Scene scene) {
        return scene.killed()
                ? "was killed"
                : scene.ended().map(c -> "has ended with exit code " + c).orElse("runs");
    }
}

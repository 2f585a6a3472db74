package bivouac.rehearsal;

import bivouac.design.AccessKey;
import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.machine.Scene;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The scene at rest as lines (E3), in which two implementations of the rules can be compared: each window by name, with its
 * title, owner, whether it is hidden or blocked, and what each of its parts shows.
 */
public final class SceneLines {

    private SceneLines() {}

    /** The windows by their names, each with its parts in the order of the design. */
    public static List<String> of(Scene scene) {
        var lines = new ArrayList<String>();
        scene.windows().stream()
                .sorted(Comparator.comparing(w -> w.which().toString()))
                .forEach(w -> window(lines, w));
        return List.copyOf(lines);
    }

    private static void window(List<String> lines, Scene.OpenWindow w) {
        lines.add("| " + w.which() + ": " + w.title()
                + w.owner().map(o -> ", owned by " + o).orElse("")
                + (w.hidden() ? ", hidden" : "")
                + (w.blockedBy().isPresent() ? ", blocked" : ""));
        parts(w).forEach(p -> lines.add("|   " + p));
    }

    /** What each part of a window shows, a line each; nothing of a message box, which says its text when it is asked. */
    public static List<String> parts(Scene.OpenWindow w) {
        return w.design() instanceof ReadyMade
                ? List.of()
                : w.parts().stream()
                        .map(p -> p.design().name().expression() + ": " + content(p)
                                + (p.enabled() ? "" : " [disabled]")
                                + (p.visible() ? "" : " [invisible]"))
                        .toList();
    }

    private static String content(Scene.SeenPart part) {
        if (!part.design().each().isOnce()) {
            return part.each().stream().map(SceneLines::row).collect(Collectors.joining(" | "));
        }
        return switch (part.design()) {
            case Part.ListOfRows l ->
                part.rows().stream().map(r -> String.join(", ", r)).collect(Collectors.joining(" | ")) + " selected "
                        + part.selected();
            case Part.Progress p -> Part.Progress.shown(part.done(), part.text()) + (part.cancels() ? " [cancel]" : "");
            case Part.Button b -> AccessKey.without(part.text());
            case Part.TickBox b -> AccessKey.without(part.text()) + (part.ticked() ? " [ticked]" : "");
            case Part.MenuCommand m -> AccessKey.without(part.text()) + (part.ticked() ? " [ticked]" : "");
            case Part.Caption _, Part.TextField _, Part.ValueField _, Part.Choice _, Part.Link _, Part.Picture _ ->
                part.text();
        };
    }

    private static String row(Scene.SeenRow row) {
        return row.text() + (row.ticked() ? " [ticked]" : "") + (row.enabled() ? "" : " [disabled]");
    }
}

package bivouac.handover.meaning;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Where an expression stands: in a script, with what the script has made so far, or on a window.
 *
 * @param place of the script
 * @param path of the step; empty for what stands on the window itself
 * @param locals the names that the script has made, each with what the written program calls it
 * @param kept the windows that the script keeps: by name, their shown names
 * @param items what is done with each item of a list around it calls the item, and what the written program does
 */
public record Here(
        ScriptPlace place,
        Optional<StepPath> path,
        Map<String, String> locals,
        Map<String, String> kept,
        Map<String, String> items) {

    public Here {
        locals = Map.copyOf(locals);
        kept = Map.copyOf(kept);
        items = Map.copyOf(items);
    }

    public Here(ScriptPlace place, Optional<StepPath> path, Map<String, String> locals, Map<String, String> kept) {
        this(place, path, locals, kept, Map.of());
    }

    /** Inside of what is done with each item: in an expression it may hide a name, in a program it may not. */
    Here with(String item) {
        Set<String> taken = new HashSet<>(locals.values());
        taken.addAll(items.values());
        String free = item;
        for (int i = 2; taken.contains(free); i++) {
            free = item + i;
        }
        Map<String, String> more = new HashMap<>(items);
        more.put(item, free);
        return new Here(place, path, locals, kept, more);
    }

    /** On a window, or of the application. */
    public static Here on(ScriptPlace place) {
        return new Here(place, Optional.empty(), Map.of(), Map.of());
    }

    /** In what is said of each of those of which a part stands for one, as its script sees it before its first step (P5). */
    public static Here ofEach(String window, Part part) {
        var place = new ScriptPlace.AtPart(window, part.name().expression());
        return ofEach(place, part).at(StepPath.of(0));
    }

    /** At the beginning of a script: where its part is there for each row, that is {@code row}, in all languages. */
    public static Here of(Design design, ScriptPlace place) {
        return place.ofWindow()
                .flatMap(design::faced)
                .flatMap(f -> place.ofPart().flatMap(f::part))
                .filter(p -> !p.each().isOnce())
                .map(p -> ofEach(place, p))
                .orElseGet(() -> on(place));
    }

    private static Here ofEach(ScriptPlace place, Part part) {
        Map<String, String> kept =
                part.each() instanceof Each.OfWindows(String shown) ? Map.of(Each.ROW, shown) : Map.of();
        return new Here(place, Optional.empty(), Map.of(Each.ROW, Each.ROW), kept);
    }

    public Here at(StepPath other) {
        return new Here(place, Optional.of(other), locals, kept, items);
    }
}

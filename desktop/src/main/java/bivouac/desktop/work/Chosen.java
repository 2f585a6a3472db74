package bivouac.desktop.work;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import java.util.Optional;

/**
 * What is chosen: the application or a window, and on it a part or a moment whose script is shown.
 *
 * @param window shown name; empty for the application
 * @param script the script shown, if one is chosen
 */
public record Chosen(Optional<String> window, Optional<ScriptPlace> script) {

    public static final Chosen APPLICATION = new Chosen(Optional.empty(), Optional.of(new ScriptPlace.Start()));

    public static Chosen window(String name) {
        return new Chosen(Optional.of(name), Optional.empty());
    }

    public static Chosen script(ScriptPlace place) {
        return new Chosen(place.ofWindow(), Optional.of(place));
    }

    /** What of this is still there in a design; the first window, or the application, where it is not. */
    public Chosen in(Design design) {
        if (window.isEmpty()) {
            return script.filter(s -> isThere(s, design)).isPresent() ? this : APPLICATION;
        }
        if (design.window(window.get()).isEmpty()) {
            return design.windows().isEmpty()
                    ? APPLICATION
                    : window(design.windows().getFirst().name().shown());
        }
        boolean there = script.map(s -> isThere(s, design)).orElse(true);
        return there ? this : window(window.get());
    }

    private static boolean isThere(ScriptPlace place, Design design) {
        return switch (place) {
            case ScriptPlace.Start s -> true;
            case ScriptPlace.Plan p -> true;
            case ScriptPlace.Named n ->
                ScriptPlace.routines(design, n.window()).script(n.name()).isPresent();
            case ScriptPlace.OfTimer t ->
                ScriptPlace.routines(design, t.window()).timer(t.name()).isPresent();
            case ScriptPlace.AtMoment m -> design.faced(m.window()).isPresent();
            case ScriptPlace.AtPart p ->
                design.faced(p.window())
                        .flatMap((FacedWindow f) -> f.part(p.part()))
                        .isPresent();
            case ScriptPlace.AtRow r ->
                design.faced(r.window())
                        .flatMap((FacedWindow f) -> f.part(r.part()))
                        .filter(Part.ListOfRows.class::isInstance)
                        .isPresent();
        };
    }

    /** The chosen part's expression name. */
    public Optional<String> part() {
        return script.flatMap(ScriptPlace::ofPart);
    }
}

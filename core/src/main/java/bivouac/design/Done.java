package bivouac.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Which named script a step does, as far as the design alone tells (W7, W12). */
public final class Done {

    private Done() {}

    /** The script, where there is one. */
    public static Optional<NamedScript> script(Design design, ScriptPlace place, Step.Do step) {
        return place(design, place, step).flatMap(p -> of(design, p));
    }

    /** Where it stands: in the window itself, else in the application; or in the window that is named. */
    public static Optional<ScriptPlace.Named> place(Design design, ScriptPlace place, Step.Do step) {
        return places(design, place, step).stream().findFirst();
    }

    /** All places where it can stand: several only where the window that is named is an owner or opener. */
    public static List<ScriptPlace.Named> places(Design design, ScriptPlace place, Step.Do step) {
        if (step.in().isPresent()) {
            return windows(design, place, step.in().get(), step.script()).stream()
                    .map(w -> new ScriptPlace.Named(Optional.of(w), step.script()))
                    .toList();
        }
        return Stream.of(place.ofWindow(), Optional.<String>empty())
                .map(w -> new ScriptPlace.Named(w, step.script()))
                .filter(p -> of(design, p).isPresent())
                .limit(1)
                .toList();
    }

    /** The script at a place. */
    public static Optional<NamedScript> of(Design design, ScriptPlace.Named place) {
        return ScriptPlace.routines(design, place.window()).script(place.name());
    }

    /** The windows that have it and can be meant; who owns and who opens a window is known only to who has looked at all. */
    private static List<String> windows(Design design, ScriptPlace place, Target target, String script) {
        Stream<String> all =
                switch (target) {
                    case Target.Owner o -> others(design, place);
                    case Target.Opener o -> others(design, place);
                    case Target.Kept(String name) -> kept(design, place, name);
                    case Target.Me _, Target.Single _, Target.Keyed _, Target.Every _ ->
                        target.windowFrom(place).stream();
                };
        return all.filter(w -> of(design, new ScriptPlace.Named(Optional.of(w), script))
                        .isPresent())
                .toList();
    }

    private static Stream<String> others(Design design, ScriptPlace place) {
        return design.windows().stream().map(w -> w.name().shown()).filter(w -> !place.ofWindow()
                .equals(Optional.of(w)));
    }

    /** O9: what its part stands for, a variable of the window, else what a step before opens under that name. */
    private static Stream<String> kept(Design design, ScriptPlace place, String name) {
        var all = new ArrayList<String>();
        if (name.equals(Each.ROW)) {
            Each.windowAt(design, place).ifPresent(all::add);
        }
        place.ofWindow().flatMap(design::faced).stream()
                .flatMap(f -> f.variables().stream())
                .filter(v -> v.name().expression().equals(name))
                .filter(v -> v.type() instanceof Type.WindowOf)
                .forEach(v -> all.add(((Type.WindowOf) v.type()).window()));
        Steps.walk(place.in(design), (path, step) -> {
            if (step instanceof Step.Open open && open.as().equals(Optional.of(name))) {
                all.add(open.window());
            }
        });
        return all.stream();
    }

    /** Whether doing the script at {@code from} does, by whatever way round, one of those that are being done already. */
    public static boolean leadsBack(Design design, ScriptPlace.Named from, Set<ScriptPlace.Named> already) {
        return leadsBack(design, from, already, new HashSet<>());
    }

    private static boolean leadsBack(
            Design design, ScriptPlace.Named from, Set<ScriptPlace.Named> already, Set<ScriptPlace.Named> seen) {
        if (already.contains(from)) {
            return true;
        }
        if (!seen.add(from)) {
            return false;
        }
        var next = new ArrayList<ScriptPlace.Named>();
        Steps.walk(from.in(design), (path, step) -> {
            if (step instanceof Step.Do done) {
                place(design, from, done).ifPresent(next::add);
            }
        });
        return next.stream().anyMatch(n -> leadsBack(design, n, already, seen));
    }
}

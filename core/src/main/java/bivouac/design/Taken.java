package bivouac.design;

import java.util.List;
import java.util.Optional;

/** The names under which what a step says is taken: by a window, a task, a named script, an ending, a row. */
public final class Taken {

    private Taken() {}

    /** In their order; none where nothing is known of what the step means. */
    public static List<String> names(Design design, ScriptPlace place, Step step) {
        return switch (step) {
            case Step.Open o ->
                design.window(o.window()).map(w -> names(w.takes())).orElse(List.of());
            case Step.RunTask r ->
                design.application().task(r.task()).map(t -> names(t.takes())).orElse(List.of());
            case Step.Do d ->
                Done.script(design, place, d).map(s -> names(s.takes())).orElse(List.of());
            case Step.Return r -> returned(design, place, r);
            case Step.Close c -> given(design, place, c);
            case Step.Off(Step kept) -> names(design, place, kept);
            case Step.AddRow a -> columns(design, place, a.list());
            case Step.ChangeRow c -> columns(design, place, c.list());
            case Step.TakeHolding t -> List.of();
            case Step.GiveBack g -> List.of();
            case Step.If i -> List.of();
            case Step.Repeat r -> List.of();
            case Step.EndApplication e -> List.of();
            case Step.Plain p -> List.of();
        };
    }

    private static List<String> returned(Design design, ScriptPlace place, Step.Return step) {
        return Optional.of(place)
                .filter(ScriptPlace.Named.class::isInstance)
                .flatMap(p -> Done.of(design, (ScriptPlace.Named) p))
                .flatMap(s -> s.ending(step.ending()))
                .map(e -> e.gives().stream().map(g -> g.name().expression()).toList())
                .orElse(List.of());
    }

    private static List<String> given(Design design, ScriptPlace place, Step.Close close) {
        return close.target().windowFrom(place).flatMap(design::faced).stream()
                .flatMap(f -> f.ending(close.ending().orElse(WaysOut.usualEnding(f))).stream())
                .flatMap(e -> e.gives().stream())
                .map(g -> g.name().expression())
                .toList();
    }

    private static List<String> columns(Design design, ScriptPlace place, String list) {
        String part = list.strip().startsWith("me.") ? list.strip().substring(3) : "";
        return place.ofWindow().flatMap(design::faced).flatMap(f -> f.part(part)).stream()
                .filter(Part.ListOfRows.class::isInstance)
                .flatMap(p -> ((Part.ListOfRows) p).columns().stream())
                .map(Type.Column::name)
                .toList();
    }

    private static List<String> names(List<Take> takes) {
        return takes.stream().map(t -> t.name().expression()).toList();
    }
}

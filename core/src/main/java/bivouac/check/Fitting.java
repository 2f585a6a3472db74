package bivouac.check;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Nearest;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.WaysOut;
import bivouac.expression.Expressions;
import bivouac.expression.Proposed;
import bivouac.plan.Program;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What a script could say for a value that is wanted of it, and what it says that nobody wants. */
final class Fitting {

    private Fitting() {}

    /** A value of that name and type that the script knows; else the empty value of the type, where it has one. */
    static Optional<String> value(Program program, ScriptPlace place, StepPath path, Name wanted, Type type) {
        return program.namesAt(place, path).stream()
                .filter(n -> last(n).equals(wanted.expression()))
                .filter(n -> program.compileAt(place, path, new Expression(n))
                        .type()
                        .filter(t -> Expressions.fits(t, type))
                        .isPresent())
                .min(Comparator.comparingInt(String::length).thenComparing(n -> n))
                .or(() -> Proposed.empty(type));
    }

    /** The ways to put right a value that a step says, and that nothing takes under its name. */
    static List<Repair> strangers(Design design, ScriptPlace place, StepPath path, String name) {
        Optional<Step> step = path.in(place.in(design));
        List<String> said = step.map(Fitting::said).orElse(List.of());
        List<String> taken = step.map(s -> taken(design, place, s)).orElse(List.of());
        if (!said.contains(name) || taken.contains(name)) {
            return List.of();
        }
        List<String> free = taken.stream().filter(t -> !said.contains(t)).toList();
        Optional<String> near = Nearest.to(name, free)
                .or(() -> free.stream().filter(f -> free.size() == 1).findFirst());
        return Stream.concat(
                        near.stream().<Repair>map(n -> new HandedRepair.SayAs(place, path, name, Optional.of(n))),
                        Stream.of(new HandedRepair.SayAs(place, path, name, Optional.empty())))
                .toList();
    }

    private static List<String> said(Step step) {
        List<Given> values =
                switch (step) {
                    case Step.Open o -> o.handOver();
                    case Step.RunTask r -> r.handOver();
                    case Step.Do d -> d.handOver();
                    case Step.Close c -> c.gives();
                    default -> List.of();
                };
        return values.stream().map(Given::name).toList();
    }

    private static List<String> taken(Design design, ScriptPlace place, Step step) {
        return switch (step) {
            case Step.Open o ->
                design.window(o.window()).map(w -> takes(w.takes())).orElse(List.of());
            case Step.RunTask r ->
                design.application().task(r.task()).map(t -> takes(t.takes())).orElse(List.of());
            case Step.Do d ->
                ScriptPlace.routines(design, place.ofWindow())
                        .script(d.script())
                        .or(() -> design.application().routines().script(d.script()))
                        .map(s -> takes(s.takes()))
                        .orElse(List.of());
            case Step.Close c ->
                c.target().windowFrom(place).flatMap(design::faced).stream()
                        .flatMap(f -> f.ending(c.ending().orElse(WaysOut.usualEnding(f))).stream())
                        .flatMap(e -> e.gives().stream())
                        .map(g -> g.name().expression())
                        .toList();
            default -> List.of();
        };
    }

    private static List<String> takes(List<Take> takes) {
        return takes.stream().map(t -> t.name().expression()).toList();
    }

    private static String last(String dotted) {
        return dotted.substring(dotted.lastIndexOf('.') + 1);
    }
}

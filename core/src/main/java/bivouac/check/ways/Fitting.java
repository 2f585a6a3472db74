package bivouac.check.ways;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Nearest;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Taken;
import bivouac.design.Type;
import bivouac.expression.Expressions;
import bivouac.expression.Proposed;
import bivouac.plan.Program;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What a script could say for a value that is wanted of it, and what it says that nobody wants. */
public final class Fitting {

    private Fitting() {}

    /** A value of that name and type that the script knows; else the empty value of the type, where it has one. */
    public static Optional<String> value(Program program, ScriptPlace place, StepPath path, Name wanted, Type type) {
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
    public static List<Repair> strangers(Design design, ScriptPlace place, StepPath path, String name) {
        Optional<Step> step = path.in(place.in(design));
        List<String> said = step.map(Fitting::said).orElse(List.of());
        List<String> taken = step.map(s -> Taken.names(design, place, s)).orElse(List.of());
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
        return step.pieces().givens().stream().map(Given::name).toList();
    }

    private static String last(String dotted) {
        return dotted.substring(dotted.lastIndexOf('.') + 1);
    }
}

package bivouac.check;

import bivouac.design.Expression;
import bivouac.design.Name;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.design.Type;
import bivouac.expression.Expressions;
import bivouac.expression.Proposed;
import bivouac.plan.Program;
import java.util.Comparator;
import java.util.Optional;

/** What a script could say for a value that is wanted of it. */
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

    private static String last(String dotted) {
        return dotted.substring(dotted.lastIndexOf('.') + 1);
    }
}

package bivouac.check.known;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Type;
import bivouac.expression.Function;
import bivouac.expression.Term;
import bivouac.expression.Value;
import bivouac.plan.Program;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * Parts whose text no person types, and that scripts set to whole numbers only: to read one as a number needs no question.
 * A text that begins as something else, or is set anywhere to what may be something else, is none of them.
 */
public final class NumbersOnly {

    /** By window, the parts, each by its expression name. */
    private final Map<String, Set<String>> parts = new HashMap<>();

    public static NumbersOnly in(Program program) {
        var all = new NumbersOnly();
        Design design = program.design();
        for (var window : design.windows()) {
            if (window instanceof FacedWindow face) {
                var numbers = new HashSet<String>();
                face.parts().stream()
                        .filter(p -> isNumber(textOf(p)))
                        .forEach(p -> numbers.add(p.name().expression()));
                all.parts.put(face.name().shown(), numbers);
            }
        }
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> all.read(program, place, path, step)));
        return all;
    }

    /** Whether {@code me.NAME} in scripts of a window always holds a whole number. */
    public boolean has(String window, String dotted) {
        return dotted.startsWith("me.") && parts.getOrDefault(window, Set.of()).contains(dotted.substring(3));
    }

    /** What stands on a part that only scripts change, expressions in braces included; empty for one that a person changes. */
    public static String textOf(Part part) {
        if (!part.each().isOnce()) {
            return ""; // it is one thing for this row, and another for that
        }
        return switch (part) {
            case Part.Caption c -> c.text();
            case Part.Link l -> l.text();
            case Part.Button b -> b.text();
            case Part.MenuCommand m -> m.text();
            case Part.TickBox t -> t.text();
            case Part.Picture p -> "";
            case Part.Progress p -> "";
            case Part.TextField f -> "";
            case Part.ValueField f -> "";
            case Part.Choice c -> "";
            case Part.ListOfRows l -> "";
        };
    }

    private static boolean isNumber(String text) {
        return text.strip().matches("-?[0-9]{1,18}");
    }

    private void read(Program program, ScriptPlace place, StepPath path, Step step) {
        if (step instanceof Step.SetValue(String what, Expression to)) {
            String value = Facts.Values.of(what);
            if (!isWhole(program, place, path, to)) {
                forget(value, place);
            }
        } else if (step instanceof Step.SetIn(String member, var in, Expression to)
                && !isWhole(program, place, path, to)) {
            parts.values().forEach(p -> p.remove(member));
        }
    }

    private void forget(String value, ScriptPlace place) {
        String member = Facts.Values.member(value);
        if (Facts.Values.whose(value).equals("me")) {
            place.ofWindow()
                    .ifPresent(w -> parts.getOrDefault(w, new HashSet<>()).remove(member));
        } else {
            // another window's, whichever it is
            parts.values().forEach(p -> p.remove(member));
        }
    }

    private static boolean isWhole(Program program, ScriptPlace place, StepPath path, Expression to) {
        return program.compileAt(place, path, to)
                .term()
                .filter(t -> switch (t) {
                    case Term.Constant<?>(Value.Text(String text), Type type) -> isNumber(text);
                    case Term.Call<?> c ->
                        c.function() == Function.SHOWN
                                && c.arguments().size() == 1
                                && c.arguments().getFirst().type() == Type.WHOLE;
                    default -> false;
                })
                .isPresent();
    }
}

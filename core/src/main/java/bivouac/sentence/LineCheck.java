package bivouac.sentence;

import bivouac.design.Expression;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.expression.Compiled;
import bivouac.expression.Problem;
import bivouac.plan.Program;
import java.util.Optional;

/** Checks the expression at the end of a line while it is typed. */
public final class LineCheck {

    private LineCheck() {}

    /**
     * What is wrong with the expression that the line ends in, in plain words and where in the line; empty if nothing
     * is, or there is none.
     */
    public static Optional<Problem> problem(Program program, ScriptPlace place, StepPath at, String line) {
        int from = expressionFrom(line);
        String expression = from < 0 ? "" : line.substring(from).stripTrailing();
        if (expression.isBlank()) {
            return Optional.empty();
        }
        Compiled<?> compiled = program.compileAt(place, at, new Expression(expression));
        if (compiled.isRight()) {
            return Optional.empty();
        }
        Problem first = compiled.problems().getFirst();
        return Optional.of(first.moved(sentence(first.message()), from));
    }

    private static String sentence(String message) {
        String begun = Character.toUpperCase(message.charAt(0)) + message.substring(1);
        return begun.endsWith("?") ? begun : begun + ".";
    }

    /** Where the expression begins that a line ends in; -1 for none. */
    private static int expressionFrom(String line) {
        int begin = line.length() - line.stripLeading().length();
        int typed = line.lastIndexOf("<-");
        int arrow = Math.max(line.lastIndexOf('←') + 1, typed < 0 ? 0 : typed + 2);
        int from = -1;
        if (arrow > 0) {
            from = arrow;
        } else {
            String lower = StepTyping.lower(line.substring(begin));
            for (String word : new String[] {"else if ", "if "}) {
                if (from < 0 && lower.startsWith(word)) {
                    from = begin + word.length();
                }
            }
        }
        while (from >= 0 && from < line.length() && Character.isWhitespace(line.charAt(from))) {
            from++;
        }
        return from;
    }
}

package bivouac.sentence;

import bivouac.design.Expression;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.expression.Compiled;
import bivouac.machine.Program;
import java.util.Optional;

/** Checks the expression at the end of a line while it is typed. */
public final class LineCheck {

    private LineCheck() {}

    /** What is wrong with the expression that the line ends in, in plain words; empty if nothing is, or there is none. */
    public static Optional<String> problem(Program program, ScriptPlace place, StepPath at, String line) {
        return expression(line)
                .filter(e -> !e.isBlank())
                .map(e -> program.compileAt(place, at, new Expression(e)))
                .filter(c -> !c.isRight())
                .map(LineCheck::first);
    }

    private static String first(Compiled<?> compiled) {
        String message = compiled.problems().getFirst().message();
        String sentence = Character.toUpperCase(message.charAt(0)) + message.substring(1);
        return sentence.endsWith("?") ? sentence : sentence + ".";
    }

    private static Optional<String> expression(String line) {
        String lower = StepTyping.lower(line.stripLeading());
        int arrow = line.lastIndexOf('←');
        if (arrow >= 0) {
            return Optional.of(line.substring(arrow + 1).strip());
        }
        for (String word : new String[] {"else if ", "if "}) {
            if (lower.startsWith(word)) {
                return Optional.of(line.stripLeading().substring(word.length()).strip());
            }
        }
        return Optional.empty();
    }
}

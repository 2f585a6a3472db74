package bivouac.overview;

import bivouac.closing.Departing;
import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.ScriptPlace;
import bivouac.plan.Program;
import bivouac.sentence.ScriptLines;
import bivouac.sentence.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What the two walls of an overview say where nobody can press anything: before the first window, and after the last.
 *
 * @param title what is told
 * @param lines in order; those of a script stand in by blanks
 */
public record WallWords(String title, List<String> lines) {

    public WallWords {
        lines = List.copyOf(lines);
    }

    /** The values there are, the tasks, and the start script. */
    public static List<WallWords> ofStart(Design design) {
        Application app = design.application();
        var said = new ArrayList<WallWords>();
        said.add(orNone(
                "First values",
                app.variables().stream()
                        .map(v -> v.name().shown()
                                + v.starts()
                                        .map(Expression::source)
                                        .map(e -> " = " + e)
                                        .orElse(""))
                        .toList(),
                "none"));
        List<String> tasks = app.tasks().stream().map(t -> t.name().shown()).toList();
        if (!tasks.isEmpty()) {
            said.add(new WallWords("Tasks", tasks));
        }
        said.add(orNone(
                "Start script",
                ScriptLines.of(design, new ScriptPlace.Start()).stream()
                        .map(WallWords::line)
                        .toList(),
                "empty: nothing will be seen"));
        return List.copyOf(said);
    }

    private static String line(ScriptLines.Line line) {
        return "  ".repeat(line.indent()) + Token.words(line.tokens());
    }

    /** What asks for the end, who is asked, the plan, and what is left after it. */
    public static List<WallWords> ofDeparture(Program program) {
        Departing departing = Departing.of(program);
        var asked = departing.asked().stream().map(Departing::named);
        return List.of(
                new WallWords(
                        "Asked for",
                        List.of(program.design().application().departure().words(), "session ending")),
                new WallWords(
                        "Who is asked",
                        Stream.concat(asked, Stream.of("one refusal stops it")).toList()),
                new WallWords("The plan", List.of(departing.planInShort())),
                new WallWords("Given back", List.of(departing.givenBackInShort())),
                new WallWords("Kept for next time", List.of(departing.keptInShort())),
                new WallWords("Exit code", departing.codesInShort()));
    }

    private static WallWords orNone(String title, List<String> lines, String none) {
        return new WallWords(title, lines.isEmpty() ? List.of(none) : lines);
    }
}

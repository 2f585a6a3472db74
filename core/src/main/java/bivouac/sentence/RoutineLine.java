package bivouac.sentence;

import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Names;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.Take;
import bivouac.design.Timer;
import java.util.List;

/**
 * Named scripts and timers as typed lines, and back: {@code tidy taking days: whole = 3 ends done; failed giving why: text}, {@code clock every 60},
 * {@code warning once after 5}. A line that names one which is there keeps what that does.
 */
public final class RoutineLine {

    private static final String EVERY = " every ";
    private static final String ONCE = " once after ";
    private static final String TAKING = " taking ";
    private static final String ENDS = " ends ";

    private RoutineLine() {}

    public static String write(NamedScript script) {
        return script.name().shown()
                + (script.takes().isEmpty() ? "" : TAKING + Declarations.takes(script.takes()))
                + (script.answers() ? ENDS + Declarations.endings(script.endings()) : "");
    }

    public static String write(Timer timer) {
        return timer.name().shown()
                + (timer.once() ? ONCE : EVERY)
                + timer.every().source();
    }

    /** Reads a named script from its line. */
    public static NamedScript script(String line, Routines known) throws Declarations.Wrong {
        int ends = line.indexOf(ENDS);
        String head = ends < 0 ? line : line.substring(0, ends);
        int taking = head.indexOf(TAKING);
        String name = (taking < 0 ? head : head.substring(0, taking)).strip();
        if (name.isEmpty()) {
            throw new Declarations.Wrong("A script needs a name, for example: tidy taking days: whole = 3.");
        }
        var before = known.script(name);
        List<Take> takes = taking < 0
                ? List.of()
                : Declarations.readTakes(
                        head.substring(taking + TAKING.length()),
                        before.map(NamedScript::takes).orElse(List.of()));
        List<Ending> endings = ends < 0 ? List.of() : Declarations.readEndings(line.substring(ends + ENDS.length()));
        return before.map(b -> b.taking(takes).ending(endings))
                .orElseGet(() -> new NamedScript(
                        named(
                                name,
                                known.scripts().stream().map(NamedScript::name).toList()),
                        takes,
                        endings,
                        Script.EMPTY));
    }

    /** Reads a timer from its line. */
    public static Timer timer(String line, Routines known) throws Declarations.Wrong {
        boolean once = line.contains(ONCE);
        String word = once ? ONCE : EVERY;
        int at = line.indexOf(word);
        String name = at < 0 ? "" : line.substring(0, at).strip();
        String length = at < 0 ? "" : line.substring(at + word.length()).strip();
        if (name.isEmpty() || length.isEmpty()) {
            throw new Declarations.Wrong(
                    "A timer needs a name and how many seconds it takes, for example: clock every 60,"
                            + " or: warning once after 5.");
        }
        Timer timer = known.timer(name)
                .orElseGet(() -> new Timer(
                        named(name, known.timers().stream().map(Timer::name).toList()),
                        new Expression(length),
                        once,
                        Script.EMPTY));
        return new Timer(timer.name(), new Expression(length), once, timer.fires());
    }

    private static Name named(String shown, List<Name> taken) {
        return Names.freeName(shown, taken);
    }
}

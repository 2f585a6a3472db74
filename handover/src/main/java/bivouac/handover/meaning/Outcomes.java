package bivouac.handover.meaning;

import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.MessageBox;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Picker;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.design.WorkBreaking;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** The endings that the windows and tasks of a written program have. */
public final class Outcomes {

    private final Design design;

    /** The tasks of which some step says what happens when the work breaks (W8). */
    private final Set<String> answered = new HashSet<>();

    Outcomes(Design design) {
        this.design = design;
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.RunTask run && WorkBreaking.isAnswered(design, run)) {
                        answered.add(run.task());
                    }
                }));
    }

    /** What the application does where work breaks, done in its own place (W8). */
    public static Script whenWorkBreaks(NamedScript answer) {
        return Script.of(new Step.Do(
                WorkBreaking.ANSWER,
                WorkBreaking.handed(
                        answer,
                        new Expression("takes." + WorkBreaking.TASK),
                        new Expression("takes." + WorkBreaking.REASON))));
    }

    /** What answers something from outside, done by what hears of it (F1). */
    public static Script fromOutside(Outside what, NamedScript answer) {
        String take = what.take().name().expression();
        return Script.of(new Step.Do(
                what.script(),
                what.handed(answer) < 0 ? List.of() : List.of(new Given(take, new Expression("takes." + take)))));
    }

    /** How what is handed is called in what hears of it: all the files, or the one. */
    public static Map<String, String> handed(Outside what, String files, String file) {
        String take = what.take().name().expression();
        return Map.of("takes." + take, what.isOfOpenFile() ? file : files);
    }

    /** C1: the built-in ending too, where a way leads there that the window does not name. */
    public List<Outcome> ofWindow(String shown) {
        Window window = design.window(shown).orElseThrow();
        return names(window).stream()
                .map(name -> new Outcome(new Outcome.Source.OfWindow(shown), name, gives(window, name)))
                .toList();
    }

    /** @throws java.util.NoSuchElementException where the window has no such ending */
    public Outcome ofWindow(String shown, String ending) {
        return whereOfWindow(shown, ending).orElseThrow();
    }

    /** The ending of a window, if it has one of that name; a branch for another is a finding, and never run. */
    public Optional<Outcome> whereOfWindow(String shown, String ending) {
        return find(ofWindow(shown), ending);
    }

    /** The endings that work can say itself, by name: its own, and where it may be cancelled that it was (W10). */
    public static List<String> sampled(Task task) {
        return Stream.concat(task.endings().stream(), cancelled(task))
                .map(Ending::name)
                .distinct()
                .toList();
    }

    private static Stream<Ending> cancelled(Task task) {
        return task.isCancelledUnwritten() ? Stream.of(Ending.CANCELLED) : Stream.of();
    }

    /** The endings of a task; that its work broke is one where some step says what happens then (W8). */
    public List<Outcome> ofTask(String shown) {
        Task task = design.application().task(shown).orElseThrow();
        Stream<Ending> own = Stream.concat(task.endings().stream(), cancelled(task));
        return Stream.concat(own, answered.contains(shown) ? Stream.of(Ending.BROKE) : Stream.of())
                .map(e -> new Outcome(new Outcome.Source.OfTask(shown), e.name(), givenBy(Stream.of(e))))
                .toList();
    }

    /** @throws java.util.NoSuchElementException where the task has no such ending */
    public Outcome ofTask(String shown, String ending) {
        return whereOfTask(shown, ending).orElseThrow();
    }

    /** The same of a task. */
    public Optional<Outcome> whereOfTask(String shown, String ending) {
        return find(ofTask(shown), ending);
    }

    /** The endings of a named script (W11), each once; none where it answers nothing. */
    public List<Outcome> ofScript(ScriptPlace.Named place) {
        return Done.of(design, place).map(NamedScript::endings).orElse(List.of()).stream()
                .map(e -> new Outcome(new Outcome.Source.OfScript(place), e.name(), givenBy(Stream.of(e))))
                .toList();
    }

    /** The same of a script. */
    public Optional<Outcome> whereOfScript(ScriptPlace.Named place, String ending) {
        return find(ofScript(place), ending);
    }

    private static Optional<Outcome> find(List<Outcome> all, String ending) {
        return all.stream().filter(o -> o.ending().equals(ending)).findFirst();
    }

    private static List<String> names(Window window) {
        var all = new ArrayList<>(window.endings().stream().map(Ending::name).toList());
        if (window instanceof FacedWindow face) {
            for (Way way : Way.values()) {
                if (WaysOut.of(face, way) instanceof WayOut.LeadsTo l) {
                    all.add(l.ending());
                }
            }
            all.add(WaysOut.usualEnding(face));
        }
        return all.stream().distinct().toList();
    }

    private static List<Outcome.Given> gives(Window window, String ending) {
        return switch (window) {
            case MessageBox box -> List.of();
            case FileDialog dialog ->
                ending.equals(FileDialog.CHOSEN)
                        ? List.of(
                                new Outcome.Given("path", Type.TEXT),
                                new Outcome.Given("paths", new Type.ListOf(Type.TEXT)),
                                new Outcome.Given("filter", Type.TEXT))
                        : List.of();
            case Picker picker ->
                ending.equals(Picker.PICKED)
                        ? List.of(new Outcome.Given("value", picker.of().type()))
                        : List.of();
            case FacedWindow face ->
                givenBy(face.endings().stream()
                        .filter(e -> e.name().equals(ending))
                        .limit(1));
        };
    }

    private static List<Outcome.Given> givenBy(Stream<Ending> endings) {
        return endings.flatMap(e -> e.gives().stream())
                .map(g -> new Outcome.Given(g.name().expression(), g.type()))
                .toList();
    }
}

package bivouac.handover.tk;

import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.ScriptPlace;
import bivouac.design.Task;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import bivouac.handover.python.PyExpressions;
import bivouac.handover.python.PyLines;
import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyView;
import bivouac.handover.python.PyWorld;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What the developer fills in: tasks and holdings as protocols, how tasks end, and what is there to begin with. */
final class TkWork {

    private final PyWorld world;
    private final Design design;

    TkWork(PyWorld world) {
        this.world = world;
        this.design = world.meanings().program().design();
    }

    /** The class of an ending; one whose name does not say its ending in words says them itself. */
    static PyLines ending(PyWorld world, Outcome outcome, String name) {
        var body = new PyLines();
        String words = name.replaceAll("(?<=.)(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
        if (!words.equals(outcome.ending())) {
            // without a type it is no field of the dataclass
            body.add("WORDS = " + PyNames.literal(outcome.ending()));
        }
        outcome.gives()
                .forEach(g -> body.add(world.names().beside(g.name(), Set.of("words", "gives")) + ": "
                        + world.types().of(g.type())));
        return new PyLines()
                .add("@dataclass(frozen=True)")
                .add("class " + name + "(Ending):")
                .inside(body);
    }

    /** The class that holds what a named script answers who does it (W11). */
    static PyLines answers(PyWorld world, ScriptPlace.Named script) {
        var body = new PyLines()
                .add("\"\"\"How “" + PyNames.comment(script.name()) + "” ends; None where it reaches its end.\"\"\"");
        for (Outcome outcome :
                world.outcomes().ofScript(script).stream().distinct().toList()) {
            body.blank().all(ending(world, outcome, world.endingOf(outcome)));
        }
        return new PyLines()
                .add("class " + world.answersOf(script) + ":")
                .inside(body)
                .blank();
    }

    static String parameters(PyWorld world, Task task) {
        return task.takes().stream()
                .map(t -> ", " + world.names().parameter(t.name().expression()) + ": "
                        + world.types().of(t.type()))
                .collect(Collectors.joining());
    }

    /** What the work is called with: what it takes, behind what it tells and is told by, where it does or is (W9, W10). */
    static String called(PyWorld world, Task task) {
        return (task.told().isEmpty() ? "" : ", progress") + parameters(world, task);
    }

    static String names(PyWorld world, Task task) {
        return task.takes().stream()
                .map(t -> world.names().parameter(t.name().expression()))
                .collect(Collectors.joining(", "));
    }

    /** How tasks end, and what they are, for those who carry them out. */
    String tasks() {
        var out = new PyLines();
        for (Task task : design.application().tasks()) {
            String shown = task.name().shown();
            var body = new PyLines().add("\"\"\"How “" + PyNames.comment(shown) + "” ends.\"\"\"");
            for (Outcome outcome :
                    world.outcomes().ofTask(shown).stream().distinct().toList()) {
                body.blank().all(ending(world, outcome, world.endingOf(outcome)));
            }
            out.add("class " + world.taskClass(shown) + ":")
                    .inside(body)
                    .add("")
                    .add("");
        }
        var body = new PyLines()
                .add(
                        "\"\"\"Each task says how it ended; one that raises has broken (W8). They are called on a thread that is not Tk's.\"\"\"");
        for (Task task : design.application().tasks()) {
            body.blank()
                    .add("def " + world.methodOfTask(task.name().shown()) + "(self" + called(world, task) + "):")
                    .inside("...");
        }
        return out.add("class Tasks(Protocol):").inside(body).toString();
    }

    String holdings() {
        var body = new PyLines()
                .add("\"\"\"Takes and gives back. What may fail answers Done() or CouldNot(reason).\"\"\"");
        for (Holding h : design.application().holdings()) {
            for (boolean take : new boolean[] {true, false}) {
                body.blank()
                        .add("def " + world.methodOfHolding(h.name().shown(), take) + "(self):")
                        .inside("...");
            }
        }
        return new PyLines().add("class Holdings(Protocol):").inside(body).toString();
    }

    String ownTasks() {
        var body = new PyLines();
        for (Task task : design.application().tasks()) {
            String ending = task.usually()
                    .orElse(
                            task.endings().isEmpty()
                                    ? ""
                                    : task.endings().getFirst().name());
            body.blank().add("def " + world.methodOfTask(task.name().shown()) + "(self" + called(world, task) + "):");
            body.inside(ending.isEmpty() ? "raise NotImplementedError" : "return " + sample(task, ending, ""));
        }
        return new PyLines().add("class OwnTasks(tasks.Tasks):").inside(body).toString();
    }

    String ownHoldings() {
        var body = new PyLines();
        alwaysThere(body);
        return new PyLines()
                .add("class OwnHoldings(holdings.Holdings):")
                .inside(body)
                .toString();
    }

    /** Methods of holdings that are always taken and given back. */
    void alwaysThere(PyLines body) {
        for (Holding h : design.application().holdings()) {
            for (boolean take : new boolean[] {true, false}) {
                boolean may = take ? h.mayFail() : h.mayStay();
                body.blank().add("def " + world.methodOfHolding(h.name().shown(), take) + "(self):");
                body.inside(may ? new PyLines().add("return Done()") : new PyLines());
            }
        }
    }

    /**
     * What a task gives in a rehearsal, with the values of its takes where a sample reads them.
     *
     * @param app how the application is reached; empty where it is not
     */
    String sample(Task task, String ending, String app) {
        String shown = task.name().shown();
        Outcome outcome = world.outcomes().ofTask(shown, ending);
        Map<String, Say> samples = world.meanings().samples(shown, ending);
        var view = PyView.ofParameters(app);
        String today = app.isEmpty() ? "datetime.date.today()" : app + ".today";
        List<String> gives = outcome.gives().stream()
                .map(g -> Optional.ofNullable(samples.get(g.name()))
                        .filter(s -> !app.isEmpty() || !Says.readsApplication(s))
                        .map(s -> new PyExpressions(world, view).write(s, g.type()))
                        .orElseGet(() -> world.types().start(g.type(), today)))
                .toList();
        return "tasks." + world.taskClass(shown) + "." + world.endingOf(outcome) + "(" + String.join(", ", gives) + ")";
    }
}

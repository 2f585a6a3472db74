package bivouac.sentence;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Routines;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads the typed steps about the application's own work: tasks, and holdings. */
final class WorkTyping {

    private static final List<String> RUN_WORDS = List.of(" in the background", " as ", " handing ");

    /** A step, and the design in which what it names is there. */
    record Made(Design design, Step step, String what) {}

    private final Design design;

    WorkTyping(Design design) {
        this.design = design;
    }

    /** The step, if the line begins one of these. */
    Optional<Step> read(Words words) {
        if (words.take("do")) {
            return Optional.of(done(words));
        }
        if (words.take("return")) {
            String ending = words.longestOf(endings(), List.of(" giving "));
            return Optional.of(new Step.Return(ending, words.take("giving") ? words.givens() : List.of()));
        }
        for (Step.TurnTimer.How how : Step.TurnTimer.How.values()) {
            if (words.take(how.words())) {
                return Optional.of(new Step.TurnTimer(how, words.rest()));
            }
        }
        if (words.take("run")) {
            return Optional.of(run(words));
        }
        if (words.take("cancel task")) {
            return Optional.of(new Step.CancelTask(task(words, List.of())));
        }
        if (words.take("stop task")) {
            return Optional.of(new Step.StopTask(task(words, List.of())));
        }
        if (words.take("take")) {
            return Optional.of(Step.TakeHolding.of(holding(words)));
        }
        if (words.take("give back")) {
            return Optional.of(new Step.GiveBack(holding(words)));
        }
        return Optional.empty();
    }

    /** {@code do save in every Text until cancelled as s handing at ← app.at}. */
    private Step.Do done(Words words) {
        String script = words.longestOf(
                routines()
                        .flatMap(r -> r.scripts().stream())
                        .map(s -> s.name().shown())
                        .toList(),
                List.of(" in ", " until ", " as ", " handing "));
        Optional<Target> in = words.take("in")
                ? Optional.of(new TargetTyping(design, " until ", " as ", " handing ").read(words))
                : Optional.empty();
        var until = new ArrayList<String>();
        while (words.take(until.isEmpty() ? "until" : "or")) {
            until.add(words.longestOf(endings(), List.of(" or ", " as ", " handing ")));
        }
        Optional<String> as = words.take("as") ? Optional.of(words.word()) : Optional.empty();
        List<Given> hands = words.take("handing") ? words.givens() : List.of();
        return new Step.Do(script, in, until, hands, as, List.of());
    }

    private List<String> endings() {
        return routines()
                .flatMap(r -> r.scripts().stream())
                .flatMap(s -> s.endings().stream())
                .map(Ending::name)
                .toList();
    }

    /** Those of the application and of all windows: a name that is known anywhere may hold blanks. */
    private Stream<Routines> routines() {
        return Stream.concat(
                Stream.of(design.application().routines()),
                design.windows().stream().filter(FacedWindow.class::isInstance).map(w -> ((FacedWindow) w).routines()));
    }

    private Step.RunTask run(Words words) {
        String name = task(words, RUN_WORDS);
        boolean background = words.take("in the background");
        boolean mayBeStopped = background && (words.take(", may be stopped") || words.take("may be stopped"));
        Optional<String> as = words.take("as") ? Optional.of(words.word()) : Optional.empty();
        List<Given> hands = words.take("handing") ? words.givens() : List.of();
        return new Step.RunTask(name, background, mayBeStopped, hands, as, List.of());
    }

    private String task(Words words, List<String> ends) {
        return words.longestOf(tasks(design), ends);
    }

    /** The names of the tasks that there are. */
    static List<String> tasks(Design design) {
        return design.application().tasks().stream().map(t -> t.name().shown()).toList();
    }

    /** The names of the holdings that there are. */
    static List<String> holdings(Design design) {
        return design.application().holdings().stream()
                .map(h -> h.name().shown())
                .toList();
    }

    private String holding(Words words) {
        return words.longestOf(holdings(design), List.of());
    }

    /** {@code run new NAME}: makes the task where it is noticed to be missing; it is done, or fails. */
    Made runNew(String typed) {
        Application app = design.application();
        Name name = Names.freeName(typed, app.tasks().stream().map(Task::name).toList());
        var tasks = new ArrayList<>(app.tasks());
        tasks.add(Task.of(name.shown()));
        return new Made(design.with(app.working(tasks)), Step.RunTask.of(name.shown()), "task " + name);
    }

    /** {@code take new NAME}: makes the holding where it is noticed to be missing. */
    Made takeNew(String typed) {
        Application app = design.application();
        Name name =
                Names.freeName(typed, app.holdings().stream().map(Holding::name).toList());
        var holdings = new ArrayList<>(app.holdings());
        holdings.add(Holding.of(name.shown()));
        return new Made(design.with(app.withHoldings(holdings)), Step.TakeHolding.of(name.shown()), "holding " + name);
    }
}

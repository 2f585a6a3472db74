package bivouac.handover.python;

import bivouac.design.Type;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Words;
import bivouac.handover.script.Act;
import bivouac.handover.script.Asked;
import bivouac.handover.script.Handed;
import bivouac.handover.script.Whom;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What acts call, in Python: windows, what is handed over, what is asked and tried. */
public record PyCalls(PyWorld world, PyView view) {

    private static final String NO_WINDOW = "None";

    PyExpressions expressions() {
        return new PyExpressions(world, view);
    }

    String write(Say say, Type wanted) {
        return expressions().write(say, wanted);
    }

    /** What is handed over, in order; what gets no value is what its type starts with. */
    public List<String> handed(List<Handed> all) {
        return all.stream()
                .map(h -> h.value().map(s -> write(s, h.type())).orElseGet(() -> world.types()
                        .start(h.type(), view.today())))
                .toList();
    }

    private String arguments(List<Handed> handed, String... before) {
        var all = new ArrayList<>(List.of(before));
        all.addAll(handed(handed));
        return String.join(", ", all);
    }

    /** A text, with its values. */
    public String words(Words words) {
        return switch (words) {
            case Words.None n -> "\"\"";
            case Words.Shown(Say value) ->
                expressions().write(new Say.Call(bivouac.expression.Function.SHOWN, List.of(value), Type.TEXT));
            case Words.Keyed(String key, var values) ->
                "text(" + PyNames.literal(key)
                        + values.stream()
                                .map(v -> ", " + expressions().write(v))
                                .collect(Collectors.joining()) + ")";
        };
    }

    // Windows

    /** The window that is meant, or None where it is not open. */
    String foundOrNone(Whom whom) {
        return switch (whom.whose()) {
            case Say.Whose.TheOnly t ->
                view.desk() + ".find(" + expressions().reached(whom.window().orElseThrow()) + ")";
            case Say.Whose.Keyed(Say key) ->
                view.desk() + ".find(" + expressions().reached(whom.window().orElseThrow()) + ", "
                        + expressions().write(key) + ")";
            default -> found(whom);
        };
    }

    /** The window that is meant; fault X3 where it is not open. */
    String found(Whom whom) {
        return switch (whom.whose()) {
            case Say.Whose.Owner o -> "self.owner";
            case Say.Whose.Opener o -> "self.opener";
            case Say.Whose.KeptByScript(String local) -> local;
            case Say.Whose.KeptByWindow(String of, String variable) -> "self." + world.member(variable);
            default -> expressions().window(whom.whose(), whom.window().orElse(""));
        };
    }

    private String owner(Optional<Whom> owner) {
        return owner.map(this::found).orElse(NO_WINDOW);
    }

    /** A call without its last bracket. */
    String opened(Act.Open open) {
        return expressions().reached(open.window()) + ".open("
                + arguments(open.handed(), view.app(), view.self(), owner(open.owner()));
    }

    String openedInPlace(Act.OpenInPlace open) {
        String owner = open.ownedAlike() ? "self.owner" : NO_WINDOW;
        String type = expressions().reached(open.window());
        return open.readyMade()
                ? type + ".ask("
                        + arguments(open.handed(), view.app(), NO_WINDOW, owner, "Manner.WAITS_FOR_APPLICATION") + ")"
                : type + ".open(" + arguments(open.handed(), view.app(), NO_WINDOW, owner) + ")";
    }

    String triedInPlace(Act.TryInPlace tried) {
        Act.Trial.Opening trial = tried.trial();
        String isThere = trial.unlessThere()
                ? expressions().reached(trial.window()) + ".find(" + arguments(trial.handed(), view.app())
                        + ") is not None"
                : "False";
        return view.desk() + ".in_place_if_it_can(self, " + ending(tried.open().ending()) + ", "
                + PyNames.literal(trial.what()) + ", lambda: " + isThere + ", lambda: "
                + openedInPlace(tried.open()) + ")";
    }

    String asked(Asked asked) {
        return switch (asked) {
            case Asked.Window(String window, var owner, boolean forOwner, var handed) ->
                expressions().reached(window) + ".ask("
                        + arguments(
                                handed,
                                view.app(),
                                view.self(),
                                owner(owner),
                                forOwner ? "Manner.WAITS_FOR_OWNER" : "Manner.WAITS_FOR_APPLICATION")
                        + ")";
            case Asked.Task(String task, boolean mayBreak, var handed) ->
                view.app() + "." + world.methodRunning(task, mayBreak) + "(" + arguments(handed, view.self()) + ")";
            case Asked.Script(var script, var handed) ->
                script(new Act.DoScript(script.window(), script.name(), handed, false, Optional.empty())) + ")";
            case Asked.ScriptIn in ->
                view.desk() + ".do_in("
                        + expressions()
                                .window(in.whom().whose(), in.script().window().orElseThrow()) + ", "
                        + done(in, in.each()) + ")";
            case Asked.ScriptInEvery every -> {
                String until = every.until().isEmpty()
                        ? ""
                        : ", lambda " + every.answer() + ": isinstance(" + every.answer() + ", " + types(every.until())
                                + ")";
                yield view.desk() + ".do_in_every("
                        + expressions().reached(every.script().window().orElseThrow()) + ", "
                        + done(every, every.each()) + until + ")";
            }
            case Asked.Came(String local) -> local;
        };
    }

    private String types(List<Outcome> until) {
        List<String> all = until.stream().map(this::reached).toList();
        return all.size() == 1 ? all.getFirst() : "(" + String.join(", ", all) + ")";
    }

    /** What is done with the window in which a script is done (W12). */
    private String done(Asked.Answering asked, String each) {
        var all = new ArrayList<>(handed(asked.handed()));
        asked.step().ifPresent(s -> {
            all.add(step(s));
            all.add("lambda: None");
        });
        return "lambda " + each + ": " + each + "."
                + world.methodOfScript(asked.script().window(), asked.script().name()) + "("
                + String.join(", ", all) + ")";
    }

    /** The class or constant of an ending, as it is called here. */
    String reached(Outcome outcome) {
        return outcome.of() instanceof Outcome.Source.OfScript(var script)
                        && script.window().isEmpty()
                ? view.app() + "." + world.answersOf(script) + "." + world.endingOf(outcome)
                : world.reached(outcome, view.window());
    }

    /** What a named script answers; nothing where it has reached its end. */
    String returned(Act.Return back) {
        return back.outcome()
                .map(o -> reached(o) + "(" + String.join(", ", handed(back.gives())) + ")")
                .orElse("None");
    }

    /** What makes an ending, when its values are wanted. */
    String ending(Optional<Act.Ending> ending) {
        return ending.map(this::ending).orElse("lambda: self.ending_for(Way.CLOSE_STEP)");
    }

    String ending(Act.Ending ending) {
        String type = world.reached(world.outcomes().ofWindow(ending.window(), ending.name()), view.window());
        return ending.gives().isEmpty()
                ? type
                : "lambda: " + type + "(" + String.join(", ", handed(ending.gives())) + ")";
    }

    // What may fail

    /** A call that answers {@code Done} or {@code CouldNot}. */
    String attempted(Act.Trial trial) {
        return switch (trial) {
            case Act.Trial.Opening o ->
                view.desk() + ".attempt(" + view.self() + ", " + PyNames.literal(trial.what()) + ", Done)";
            case Act.Trial.Holding(String holding, boolean take) -> holding(holding, take);
        };
    }

    /** Under which condition it is tried at all, with what follows it. */
    String condition(Act.Trial trial) {
        return trial instanceof Act.Trial.Opening(String window, var handed, boolean unlessThere) && unlessThere
                ? expressions().reached(window) + ".find(" + arguments(handed, view.app()) + ") is None and "
                : "";
    }

    String holding(String holding, boolean take) {
        return view.app() + "." + world.methodOfHolding(holding, take) + "("
                + (world.isOfApplication(holding) ? NO_WINDOW : view.self()) + ")";
    }

    /** A call without its last bracket. */
    String background(Act.Background run) {
        return view.app() + "." + world.methodRunning(run.task(), run.mayBreak()) + "_in_background("
                + arguments(run.handed(), view.self(), step(run.step()));
    }

    String step(Act.StepName step) {
        return PyNames.literal(step.known()) + (step.furtherUp() ? " + step" : "");
    }

    /** A call without its last bracket: what follows may be handed over too. */
    String script(Act.DoScript script) {
        var all = new ArrayList<String>();
        if (script.window().isEmpty()) {
            all.add(view.self());
        }
        all.addAll(handed(script.handed()));
        script.later().ifPresent(l -> all.add(step(l.step())));
        return (script.window().isEmpty() ? view.app() : "self") + "."
                + world.methodOfScript(script.window(), script.script()) + "(" + String.join(", ", all);
    }

    String timer(Act.Turn turn) {
        return (turn.window().isPresent() ? "self" : view.app()) + "."
                + world.methodOfTimer(turn.window(), turn.timer(), turn.start() ? "start" : "stop") + "()";
    }
}

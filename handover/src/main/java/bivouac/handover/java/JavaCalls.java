package bivouac.handover.java;

import bivouac.design.Type;
import bivouac.handover.braces.Spelling;
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

/**
 * What acts call, in Java: windows, what is handed over, what is asked and tried.
 *
 * @param self the window whose script it is, as it is called there; {@code null} in a script of the application
 */
public record JavaCalls(JavaWorld world, String self) {

    static final String NO_WINDOW = "null";

    JavaExpressions expressions() {
        return new JavaExpressions(world);
    }

    String write(Say say, Type wanted) {
        return expressions().write(say, wanted);
    }

    List<String> handed(List<Handed> all) {
        return all.stream()
                .map(h -> h.value().map(s -> write(s, h.type())).orElseGet(() -> world.types()
                        .start(h.type())))
                .toList();
    }

    private String arguments(List<Handed> handed, String... before) {
        var all = new ArrayList<>(List.of(before));
        all.addAll(handed(handed));
        return String.join(", ", all);
    }

    private String application() {
        return world.app().isEmpty() ? "this" : "app";
    }

    /** A text, with its values. */
    public String words(Words words) {
        return switch (words) {
            case Words.None n -> "\"\"";
            case Words.Shown(Say value) ->
                expressions().write(new Say.Call(bivouac.expression.Function.SHOWN, List.of(value), Type.TEXT));
            case Words.Keyed(String key, var values) ->
                "text(" + Spelling.literal(key)
                        + values.stream()
                                .map(v -> ", " + expressions().write(v))
                                .collect(Collectors.joining()) + ")";
        };
    }

    // Windows

    /** The window that is meant; fault X3 where it is not open. */
    String found(Whom whom) {
        return switch (whom.whose()) {
            case Say.Whose.Me m -> self;
            case Say.Whose.Owner o -> "owner()";
            case Say.Whose.Opener o -> "opener()";
            case Say.Whose.TheOnly t ->
                world.desk() + ".the(" + world.classOf(whom.window().orElseThrow()) + ".class)";
            case Say.Whose.Keyed(Say key) ->
                world.desk() + ".the(" + world.classOf(whom.window().orElseThrow()) + ".class, "
                        + expressions().key(key) + ")";
            case Say.Whose.KeptByScript(String local) -> local;
            case Say.Whose.KeptByWindow(String of, String variable) -> world.variable(of, variable);
        };
    }

    /** The window that is meant, or null where it is not open. */
    String foundOrNone(Whom whom) {
        return switch (whom.whose()) {
            case Say.Whose.TheOnly t ->
                world.desk() + ".find(" + world.classOf(whom.window().orElseThrow()) + ".class, null).orElse(null)";
            case Say.Whose.Keyed(Say key) ->
                world.desk() + ".find(" + world.classOf(whom.window().orElseThrow()) + ".class, "
                        + expressions().key(key) + ").orElse(null)";
            default -> found(whom);
        };
    }

    /** What finds a window whose members are set, with its point. */
    String base(Whom whom, String window) {
        return whom.isMe() ? "" : world.base(whom.whose(), window);
    }

    String owner(Optional<Whom> owner) {
        return owner.map(this::found).orElse(NO_WINDOW);
    }

    String opened(Act.Open open) {
        return world.classOf(open.window()) + ".open("
                + arguments(open.handed(), application(), self, owner(open.owner()));
    }

    String openedInPlace(Act.OpenInPlace open) {
        String owner = open.ownedAlike() ? "owner()" : NO_WINDOW;
        String type = world.classOf(open.window());
        return open.readyMade()
                ? type + ".ask("
                        + arguments(open.handed(), application(), NO_WINDOW, owner, "Manner.WAITS_FOR_APPLICATION")
                        + ")"
                : type + ".open(" + arguments(open.handed(), application(), NO_WINDOW, owner) + ")";
    }

    String triedInPlace(Act.TryInPlace tried) {
        Act.Trial.Opening trial = tried.trial();
        String isThere = trial.unlessThere()
                ? world.classOf(trial.window()) + ".find(" + arguments(trial.handed(), application()) + ").isPresent()"
                : "false";
        return world.desk() + ".inPlace(this, " + ending(tried.open().ending()) + ", " + Spelling.literal(trial.what())
                + ", () -> " + isThere + ", () -> " + openedInPlace(tried.open()) + ")";
    }

    String asked(Asked asked) {
        return switch (asked) {
            case Asked.Window(String window, var owner, boolean forOwner, var handed) ->
                world.classOf(window) + ".ask("
                        + arguments(
                                handed,
                                application(),
                                self,
                                owner(owner),
                                forOwner ? "Manner.WAITS_FOR_OWNER" : "Manner.WAITS_FOR_APPLICATION")
                        + ")";
            case Asked.Task(String task, boolean mayBreak, var handed) ->
                world.app() + world.methodRunning(task, mayBreak) + "(" + arguments(handed, self) + ")";
            case Asked.Script(var script, var handed) ->
                script(new Act.DoScript(script.window(), script.name(), handed, false, Optional.empty())) + ")";
            case Asked.ScriptIn in -> {
                String found = base(in.whom(), in.script().window().orElseThrow());
                String window = found.isEmpty() ? self : found.substring(0, found.length() - 1);
                yield world.desk() + ".doIn(" + window + ", " + done(in, in.each()) + ")";
            }
            case Asked.ScriptInEvery every -> {
                String until = every.until().isEmpty() ? "" : ", " + until(every.until(), every.answer());
                yield world.desk() + ".doInEvery("
                        + world.classOf(every.script().window().orElseThrow()) + ".class, "
                        + done(every, every.each()) + until + ")";
            }
            case Asked.Came(String local) -> local;
        };
    }

    /** At which answers the windows that are left are not done any more. */
    private String until(List<Outcome> all, String answer) {
        return all.size() == 1
                ? form(all.getFirst()).type() + ".class::isInstance"
                : all.stream()
                        .map(o -> answer + " instanceof " + form(o).type())
                        .collect(Collectors.joining(" || ", answer + " -> ", ""));
    }

    /** What is done with each window in which a script is done (W12). */
    private String done(Asked.Answering asked, String each) {
        var all = new ArrayList<>(handed(asked.handed()));
        asked.step().ifPresent(s -> {
            all.add(step(s));
            all.add("() -> {}");
        });
        String call = each + "."
                + world.methodOfScript(asked.script().window(), asked.script().name()) + "(" + String.join(", ", all)
                + ")";
        // of two that are called alike, a type says which is meant
        return "(" + world.classOf(asked.script().window().orElseThrow()) + " " + each + ") -> " + call;
    }

    JavaWorld.Form form(Outcome outcome) {
        return switch (outcome.of()) {
            case Outcome.Source.OfWindow(String window) -> world.ending(window, outcome.ending());
            case Outcome.Source.OfTask(String task) -> world.taskEnding(task, outcome.ending());
            case Outcome.Source.OfScript(var script) -> world.answer(script, outcome.ending());
            case Outcome.Source.OfTrial t -> throw new IllegalStateException("what is tried has a form of its own");
        };
    }

    /** What a named script answers; nothing where it has reached its end. */
    String returned(Act.Return back) {
        return back.outcome()
                .map(o -> "new " + form(o).type() + "(" + String.join(", ", handed(back.gives())) + ")")
                .orElse("null");
    }

    /** What makes an ending, when its values are wanted. */
    String ending(Optional<Act.Ending> ending) {
        return ending.map(this::ending).orElse("() -> endingFor(Way.CLOSE_STEP)");
    }

    String ending(Act.Ending ending) {
        String type = world.ending(ending.window(), ending.name()).type();
        return ending.gives().isEmpty()
                ? type + "::new"
                : "() -> new " + type + "(" + String.join(", ", handed(ending.gives())) + ")";
    }

    // What may fail

    String attempted(Act.Trial trial) {
        return switch (trial) {
            case Act.Trial.Opening(String window, var handed, boolean unlessThere) -> {
                String there = unlessThere
                        ? world.classOf(window) + ".find(" + arguments(handed, application()) + ").isEmpty() && "
                        : "";
                yield there + world.desk() + ".attempt(" + self + ", " + Spelling.literal(trial.what())
                        + ", Tried.Done::new)";
            }
            case Act.Trial.Holding(String holding, boolean take) -> holding(holding, take);
        };
    }

    String holding(String holding, boolean take) {
        return world.app() + world.methodOfHolding(holding, take) + "("
                + (world.isOfApplication(holding) ? NO_WINDOW : self) + ")";
    }

    String background(Act.Background run) {
        return world.app() + world.methodRunning(run.task(), run.mayBreak()) + "InBackground("
                + arguments(run.handed(), self, step(run.step()));
    }

    String step(Act.StepName step) {
        return Spelling.literal(step.known()) + (step.furtherUp() ? " + step" : "");
    }

    /** Without its last bracket: what follows may be handed over too. */
    String script(Act.DoScript script) {
        var all = new ArrayList<String>();
        if (script.window().isEmpty()) {
            all.add(self);
        }
        all.addAll(handed(script.handed()));
        script.later().ifPresent(l -> all.add(step(l.step())));
        return (script.window().isEmpty() ? world.app() : "") + world.methodOfScript(script.window(), script.script())
                + "(" + String.join(", ", all);
    }

    String timer(Act.Turn turn) {
        return (turn.window().isPresent() ? "" : world.app()) + (turn.start() ? "start" : "stop")
                + Spelling.upper(world.methodOfTimer(turn.window(), turn.timer())) + "()";
    }
}

package bivouac.handover.csharp;

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

/** What acts call, in C#: windows, what is handed over, what is asked and tried. */
public record CsCalls(CsWorld world, CsView view) {

    static final String NO_WINDOW = "null";

    CsExpressions expressions() {
        return new CsExpressions(world, view);
    }

    String write(Say say, Type wanted) {
        return expressions().write(say, wanted);
    }

    List<String> handed(List<Handed> all) {
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
                "Texts.Of(" + Spelling.literal(key)
                        + values.stream()
                                .map(v -> ", " + expressions().write(v))
                                .collect(Collectors.joining()) + ")";
        };
    }

    // Windows

    /** The window that is meant; fault X3 where it is not open. */
    String found(Whom whom) {
        return switch (whom.whose()) {
            case Say.Whose.Me m -> view.self();
            case Say.Whose.Owner o -> "Owner";
            case Say.Whose.Opener o -> "Opener";
            case Say.Whose.TheOnly t -> "Desk.The<" + type(whom) + ">()";
            case Say.Whose.Keyed(Say key) ->
                "Desk.The<" + type(whom) + ">(" + expressions().key(key) + ")";
            case Say.Whose.KeptByScript(String local) -> local;
            case Say.Whose.KeptByWindow(String of, String variable) -> world.member(variable);
        };
    }

    private String type(Whom whom) {
        return world.classOf(whom.window().orElseThrow());
    }

    /** The window that is meant, or null where it is not open. */
    String foundOrNone(Whom whom) {
        return switch (whom.whose()) {
            case Say.Whose.TheOnly t -> "Desk.Find<" + type(whom) + ">()";
            case Say.Whose.Keyed(Say key) ->
                "Desk.Find<" + type(whom) + ">(" + expressions().key(key) + ")";
            default -> found(whom);
        };
    }

    /** What finds a window whose members are set, with its point. */
    String base(Whom whom, String window) {
        return whom.isMe() ? "" : expressions().base(whom.whose(), window);
    }

    private String owner(Optional<Whom> owner) {
        return owner.map(this::found).orElse(NO_WINDOW);
    }

    String opened(Act.Open open) {
        return world.classOf(open.window()) + ".Open("
                + arguments(open.handed(), view.application(), view.self(), owner(open.owner()));
    }

    String openedInPlace(Act.OpenInPlace open) {
        String owner = open.ownedAlike() ? "Owner" : NO_WINDOW;
        String type = world.classOf(open.window());
        return open.readyMade()
                ? type + ".Ask("
                        + arguments(open.handed(), view.application(), NO_WINDOW, owner, "Manner.WaitsForApplication")
                        + ")"
                : type + ".Open(" + arguments(open.handed(), view.application(), NO_WINDOW, owner) + ")";
    }

    String triedInPlace(Act.TryInPlace tried) {
        Act.Trial.Opening trial = tried.trial();
        String isThere = trial.unlessThere()
                ? world.classOf(trial.window()) + ".Find(" + arguments(trial.handed(), view.application()) + ") != null"
                : "false";
        return "Desk.InPlace(this, " + ending(tried.open().ending()) + ", " + Spelling.literal(trial.what())
                + ", () => " + isThere + ", () => " + openedInPlace(tried.open()) + ")";
    }

    String asked(Asked asked) {
        return switch (asked) {
            case Asked.Window(String window, var owner, boolean forOwner, var handed) ->
                world.classOf(window) + ".Ask("
                        + arguments(
                                handed,
                                view.application(),
                                view.self(),
                                owner(owner),
                                forOwner ? "Manner.WaitsForOwner" : "Manner.WaitsForApplication")
                        + ")";
            case Asked.Task(String task, boolean mayBreak, var handed) ->
                view.app() + world.methodRunning(task, mayBreak) + "(" + arguments(handed, view.self()) + ")";
            case Asked.Script(var script, var handed) ->
                script(new Act.DoScript(script.window(), script.name(), handed, false, Optional.empty())) + ")";
            case Asked.ScriptIn in -> {
                String found = base(in.whom(), in.script().window().orElseThrow());
                String window = found.isEmpty() ? view.self() : found.substring(0, found.length() - 1);
                yield "Desk.DoIn(" + window + ", " + done(in, in.each()) + ")";
            }
            case Asked.ScriptInEvery every -> {
                String until = every.until().isEmpty()
                        ? ""
                        : ", " + every.answer() + " => "
                                + every.until().stream()
                                        .map(o -> every.answer() + " is " + reached(o))
                                        .collect(Collectors.joining(" || "));
                String type = world.classOf(every.script().window().orElseThrow());
                yield "Desk.DoInEvery((" + type + " " + every.each() + ") => " + called(every, every.each()) + until
                        + ")";
            }
            case Asked.Came(String local) -> local;
        };
    }

    /** What is done with the window in which a script is done (W12). */
    private String done(Asked.Answering asked, String each) {
        return each + " => " + called(asked, each);
    }

    private String called(Asked.Answering asked, String each) {
        var all = new ArrayList<>(handed(asked.handed()));
        asked.step().ifPresent(s -> {
            all.add(step(s));
            all.add("() => { }");
        });
        return each + "."
                + world.methodOfScript(asked.script().window(), asked.script().name()) + "(" + String.join(", ", all)
                + ")";
    }

    /** What a named script answers; nothing where it has reached its end. */
    String returned(Act.Return back) {
        return back.outcome()
                .map(o -> "new " + reached(o) + "(" + String.join(", ", handed(back.gives())) + ")")
                .orElse("null");
    }

    /** What makes an ending, when its values are wanted. */
    String ending(Optional<Act.Ending> ending) {
        return ending.map(this::ending).orElse("() => EndingFor(Way.CloseStep)");
    }

    String ending(Act.Ending ending) {
        return "() => new " + reached(world.outcomes().ofWindow(ending.window(), ending.name())) + "("
                + String.join(", ", handed(ending.gives())) + ")";
    }

    String reached(Outcome outcome) {
        return world.reached(outcome, view.window());
    }

    // What may fail

    String attempted(Act.Trial trial) {
        return switch (trial) {
            case Act.Trial.Opening(String window, var handed, boolean unlessThere) -> {
                String there = unlessThere
                        ? world.classOf(window) + ".Find(" + arguments(handed, view.application()) + ") == null && "
                        : "";
                yield there + "Desk.Attempt(" + view.self() + ", " + Spelling.literal(trial.what())
                        + ", () => new Tried.Done())";
            }
            case Act.Trial.Holding(String holding, boolean take) -> holding(holding, take);
        };
    }

    String holding(String holding, boolean take) {
        return view.app() + world.methodOfHolding(holding, take) + "("
                + (world.isOfApplication(holding) ? NO_WINDOW : view.self()) + ")";
    }

    /** Not closed: what is done then follows. */
    String background(Act.Background run) {
        return view.app() + world.methodRunning(run.task(), run.mayBreak()) + "InBackground("
                + arguments(run.handed(), view.self(), step(run.step()));
    }

    String step(Act.StepName step) {
        return Spelling.literal(step.known()) + (step.furtherUp() ? " + step" : "");
    }

    /** Not closed: what follows may be handed over too. */
    String script(Act.DoScript script) {
        var all = new ArrayList<String>();
        if (script.window().isEmpty()) {
            all.add(view.self());
        }
        all.addAll(handed(script.handed()));
        script.later().ifPresent(l -> all.add(step(l.step())));
        return (script.window().isEmpty() ? view.app() : "") + world.methodOfScript(script.window(), script.script())
                + "(" + String.join(", ", all);
    }

    String timer(Act.Turn turn) {
        return (turn.window().isPresent() ? "" : view.app()) + (turn.start() ? "Start" : "Stop")
                + world.timer(turn.window(), turn.timer()) + "()";
    }
}

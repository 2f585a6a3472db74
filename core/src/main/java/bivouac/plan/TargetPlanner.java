package bivouac.plan;

import bivouac.design.FacedWindow;
import bivouac.design.Target;
import bivouac.expression.Compiled;
import java.util.Optional;

/** Whom the targets of steps mean at one place of a script, and why one can mean nobody there (R2). */
final class TargetPlanner {

    private final ScriptPlanner script;
    private final Program program;
    private final Linker linker;
    private final Optional<WindowPlan> me;

    TargetPlanner(ScriptPlanner script, Program program, Linker linker, Optional<WindowPlan> me) {
        this.script = script;
        this.program = program;
        this.linker = linker;
        this.me = me;
    }

    /** Whom a target means, as far as that is known here. */
    Whom whom(Target target, StepRef ref, ScriptPlanner.Names names) {
        Optional<WindowPlan> window = window(target, names);
        Optional<KeptAt> keptAt = target instanceof Target.Kept(String name)
                ? script.scope(names).kept(name).map(Scopes.Kept::at)
                : Optional.empty();
        Optional<Compiled<Reading>> key = target instanceof Target.Keyed(String name, var expression)
                ? window.map(w -> linker.typed(
                        ScriptPlanner.spot(ref, "key of " + name), expression, w.keyType(), script.scope(names)))
                : Optional.empty();
        return new Whom(target, window.map(w -> w.number).orElse(-1), keptAt, key);
    }

    /** Why a target can never be reached from here; empty if it can. */
    Optional<String> wrong(Target target, ScriptPlanner.Names names) {
        return switch (target) {
            case Target.Me m when me.isEmpty() -> Optional.of("a script of the application has no window of its own");
            case Target.Kept(String name)
            when script.scope(names).kept(name).isEmpty() -> Optional.of("nothing is kept as “" + name + "” here");
            case Target.Single(String name)
            when program.window(name).isEmpty() -> Optional.of("there is no window “" + name + "”");
            case Target.Single(String name)
            when window(target, names).isEmpty() ->
                Optional.of("several “" + name + "” can be open, and the name alone does not say which; keep the one"
                        + " that is meant with “open … as NAME”");
            case Target.Keyed(String name, var key)
            when program.window(name).isEmpty() -> Optional.of("there is no window “" + name + "”");
            case Target.Keyed(String name, var key)
            when program.window(name).orElseThrow().keySlot() < 0 ->
                Optional.of("“" + name + "” has no key: it is not open once for each of something");
            case Target.Every(String name)
            when program.window(name).isEmpty() -> Optional.of("there is no window “" + name + "”");
            default -> Optional.empty();
        };
    }

    /** The window that a target means, where that is known before it is run. */
    Optional<WindowPlan> window(Target target, ScriptPlanner.Names names) {
        if (target instanceof Target.Opener) {
            me.ifPresent(WindowPlan::useOpener);
        }
        return switch (target) {
            case Target.Me m -> me;
            case Target.Owner o -> Optional.empty();
            case Target.Opener o -> Optional.empty();
            case Target.Single(String name) ->
                program.window(name)
                        .filter(p -> p.face().map(FacedWindow::isOneOnly).orElse(false));
            case Target.Keyed(String name, var key) -> program.window(name);
            case Target.Every(String name) -> program.window(name);
            case Target.Kept(String name) -> script.scope(names).kept(name).map(Scopes.Kept::window);
        };
    }
}

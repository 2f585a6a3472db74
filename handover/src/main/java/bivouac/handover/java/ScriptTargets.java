package bivouac.handover.java;

import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Say;
import bivouac.plan.WindowPlan;
import java.util.List;
import java.util.Optional;

/** Which window a step means (R2), as the written program finds it. */
abstract class ScriptTargets extends ScriptWriting {

    ScriptTargets(ScriptOf of) {
        super(of);
    }

    /** The one window that a target can be, by its shown name; empty where it can be several. */
    Optional<String> windowOf(Target target) {
        Optional<WindowPlan> me = place.ofWindow().flatMap(meanings.program()::window);
        List<WindowPlan> all =
                switch (target) {
                    case Target.Kept(String name) ->
                        meanings.keptWindow(name, here).stream().toList();
                    case Target.Owner o -> me.map(meanings.program()::ownersOf).orElse(List.of());
                    case Target.Opener o ->
                        me.map(meanings.program()::openersOf).orElse(List.of());
                    default ->
                        target.windowFrom(place).flatMap(meanings.program()::window).stream()
                                .toList();
                };
        return all.size() == 1 ? Optional.of(all.getFirst().window().name().shown()) : Optional.empty();
    }

    /** The window that is meant; fault X3 where it is not open. */
    String found(Target target) {
        return switch (target) {
            case Target.Me m -> self;
            case Target.Owner o -> "owner()";
            case Target.Opener o -> "opener()";
            case Target.Single(String window) -> world.desk() + ".the(" + world.classOf(window) + ".class)";
            case Target.Keyed(String window, var key) ->
                world.desk() + ".the(" + world.classOf(window) + ".class, " + key(window, key) + ")";
            case Target.Kept(String name) -> kept(name);
            case Target.Every e -> throw new NotHandedOver(where() + ": every window cannot be one.");
        };
    }

    String key(String window, bivouac.design.Expression key) {
        Say say = say(key);
        return say.type() == Type.WHOLE
                ? "(long) " + expressions().write(say)
                : expressions().write(say);
    }

    String kept(String name) {
        String local = here.locals().get(name);
        if (local != null) {
            used.add(local);
            return local;
        }
        return world.variable(place.ofWindow().orElseThrow(), name);
    }

    /** The window that is meant, or null where it is not open. */
    String foundOrNone(Target target) {
        return switch (target) {
            case Target.Single(String window) ->
                world.desk() + ".find(" + world.classOf(window) + ".class, null).orElse(null)";
            case Target.Keyed(String window, var key) ->
                world.desk() + ".find(" + world.classOf(window) + ".class, " + key(window, key) + ").orElse(null)";
            default -> found(target);
        };
    }

    boolean reach(Step.Reach.How how, Target target) {
        String method =
                switch (how) {
                    case BRING_TO_FRONT -> "bringToFront";
                    case HIDE -> "hide";
                    case SHOW -> "show";
                };
        if (target instanceof Target.Every(String window)) {
            return line(world.desk() + ".every(" + world.classOf(window) + ".class).forEach(" + world.desk() + "::"
                    + method + ");");
        }
        return line(world.desk() + "." + method + "(" + foundOrNone(target) + ");");
    }

    /** What finds a window whose members are set, with its point. */
    String member(Target in, String window) {
        return switch (in) {
            case Target.Me m -> "";
            case Target.Owner o -> "owner(" + world.classOf(window) + ".class).";
            case Target.Opener o -> "opener(" + world.classOf(window) + ".class).";
            case Target.Kept(String name) -> world.desk() + ".there(" + kept(name) + ").";
            default -> found(in) + ".";
        };
    }
}

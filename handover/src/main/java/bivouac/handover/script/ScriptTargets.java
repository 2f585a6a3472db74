package bivouac.handover.script;

import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import bivouac.plan.WindowPlan;
import java.util.List;
import java.util.Optional;

/** Which window a step means (R2), and which of its parts. */
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

    Whom whom(Target target) {
        Say.Whose whose =
                switch (target) {
                    case Target.Me m -> new Say.Whose.Me();
                    case Target.Owner o -> new Say.Whose.Owner();
                    case Target.Opener o -> new Say.Whose.Opener();
                    case Target.Single s -> new Say.Whose.TheOnly();
                    case Target.Keyed(String window, var key) -> new Say.Whose.Keyed(say(key));
                    case Target.Kept(String name) ->
                        meanings.kept(name, here)
                                .orElseThrow(
                                        () -> new NotHandedOver(where() + ": no window is kept as “" + name + "”."));
                    case Target.Every e -> throw new NotHandedOver(where() + ": every window cannot be one.");
                };
        Says.local(whose).ifPresent(used::add);
        return new Whom(whose, windowOf(target));
    }

    /** Whom a member is of, and which window that is. */
    Whom whom(Say.Member member) {
        if (member.windows().size() > 1) {
            throw new NotHandedOver(where() + ": what is set can be of several windows; name the window.");
        }
        Says.local(member.whose()).ifPresent(used::add);
        return new Whom(member.whose(), Optional.of(member.windows().getFirst()));
    }

    Say named(String dotted) {
        return meanings.of(new Expression(dotted), here)
                .orElseThrow(() -> new NotHandedOver(where() + ": “" + dotted + "” means nothing here."));
    }

    /** The part that a dotted name means. */
    Act.PartOf partOf(String dotted, String member) {
        if (named(dotted + member) instanceof Say.Member m
                && m.windows().size() == 1
                && m.what() instanceof Say.What.OfPart(Part part, String of)) {
            return new Act.PartOf(whom(m), m.windows().getFirst(), part);
        }
        throw new NotHandedOver(where() + ": “" + dotted + "” can be of several windows; name the window.");
    }

    boolean reach(Step.Reach.How how, Target target) {
        return act(
                target instanceof Target.Every(String window)
                        ? new Act.ReachEvery(how, window, names.passing("each"))
                        : new Act.Reach(how, whom(target)));
    }
}

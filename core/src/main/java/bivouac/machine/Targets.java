package bivouac.machine;

import bivouac.design.Target;
import bivouac.expression.Value;
import bivouac.plan.KeptAt;
import bivouac.plan.Whom;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import bivouac.state.Keys;
import java.util.List;
import java.util.Optional;

/** Which open window a step means (R2). */
final class Targets {

    private final Run run;

    Targets(Run run) {
        this.run = run;
    }

    /** The window meant, of several the first; empty if it is not open, or there is none. */
    Optional<Inst> find(Whom whom, Frame.OfScript frame) {
        Inst inst =
                switch (whom.target()) {
                    case Target.Keyed k -> keyed(whom, frame);
                    case Target.Every e -> every(whom).stream().findFirst().orElse(null);
                    case Target.Me m -> frame.me;
                    case Target.Owner o -> frame.me == null ? null : frame.me.owner;
                    case Target.Opener o -> frame.me == null ? null : frame.me.opener;
                    case Target.Kept k -> kept(whom.keptAt().orElseThrow(), frame);
                    case Target.Single(String name) ->
                        run.program.window(name).flatMap(run::theOneOf).orElse(null);
                };
        return Optional.ofNullable(inst).filter(i -> !i.gone);
    }

    private static Inst kept(KeptAt at, Frame.OfScript frame) {
        return switch (at) {
            case KeptAt.InScript(int slot) -> frame.kept[slot];
            case KeptAt.InWindow(int number) -> frame.me.kept[number];
        };
    }

    private Inst keyed(Whom whom, Frame.OfScript frame) {
        WindowPlan plan = run.program.windows().get(whom.window());
        Value key = whom.key().orElseThrow().evaluate(run.here(frame)).as(plan.keyType());
        return run.instances.stream()
                .filter(i -> i.plan == plan && i.value(plan.keySlot()).equals(key))
                .findFirst()
                .orElse(null);
    }

    /** R2: all open instances, the newest first, or by key where there is one. */
    List<Inst> every(Whom whom) {
        WindowPlan plan = run.program.windows().get(whom.window());
        List<Inst> open = run.instances.stream().filter(i -> i.plan == plan).toList();
        return plan.keySlot() < 0
                ? open.reversed()
                : open.stream().sorted(Keys::compare).toList();
    }
}

package bivouac.machine;

import bivouac.design.Target;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.Optional;

/** Which open window a step means (R2). */
final class Targets {

    private final Run run;

    Targets(Run run) {
        this.run = run;
    }

    /**
     * The window meant; empty if it is not open, or there is none.
     *
     * @param keptSlot where a kept instance is, if the target says so
     */
    Optional<Inst> find(Target target, int keptSlot, Frame.OfScript frame) {
        Inst inst =
                switch (target) {
                    case Target.Me m -> frame.me;
                    case Target.Owner o -> frame.me == null ? null : frame.me.owner;
                    case Target.Opener o -> frame.me == null ? null : frame.me.opener;
                    case Target.Kept k -> frame.kept[keptSlot];
                    case Target.Single(String name) ->
                        run.program.window(name).flatMap(run::theOneOf).orElse(null);
                };
        return Optional.ofNullable(inst).filter(i -> !i.gone);
    }
}

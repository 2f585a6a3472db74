package bivouac.sentence;

import bivouac.design.Manner;
import bivouac.design.Step;
import java.util.ArrayList;

/** What a step that is typed anew keeps of the one that it replaces. */
final class KeptInside {

    private KeptInside() {}

    /** A step that is typed anew keeps the scripts inside the one that it replaces, where it can hold them. */
    static Step of(Step before, Step after) {
        return switch (after) {
            case Step.Open o
            when before instanceof Step.Open b ->
                new Step.Open(
                        o.window(), keep(b.manner(), o.manner()), b.ownedBy(), o.handOver(), o.as(), b.branches());
            case Step.Do d when before instanceof Step.Do b -> d.withBranches(b.branches());
            case Step.RunTask r when before instanceof Step.RunTask b -> r.withBranches(b.branches());
            case Step.GiveBack g when before instanceof Step.GiveBack b -> g.withBranches(b.branches());
            case Step.TakeHolding t when before instanceof Step.TakeHolding b -> t.withBranches(b.branches());
            case Step.Repeat r when before instanceof Step.Repeat b -> b;
            case Step.If i
            when before instanceof Step.If b -> {
                var cases = new ArrayList<>(b.cases());
                cases.set(
                        0,
                        new Step.If.Case(
                                i.cases().getFirst().condition(),
                                cases.getFirst().script()));
                yield new Step.If(cases, b.otherwise());
            }
            case Step.Close c
            when before instanceof Step.Close b -> new Step.Close(c.target(), c.ending(), c.gives(), b.refused());
            case Step.EndApplication e
            when before instanceof Step.EndApplication b -> new Step.EndApplication(e.code(), e.saying(), b.refused());
            case Step.Close _,
                    Step.If _,
                    Step.EndApplication _,
                    Step.Repeat _,
                    Step.Off _,
                    Step.Plain _,
                    Step.Branching _ -> after;
        };
    }

    private static Manner keep(Manner before, Manner after) {
        return before instanceof Manner.InPlace && after instanceof Manner.InPlace ? before : after;
    }
}

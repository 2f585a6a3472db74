package bivouac.machine;

import bivouac.design.Ending;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.expression.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plans the steps that open windows: manner, hand-over, and a branch for each ending (O1 to O9, W2, W3). */
final class OpenPlanner {

    private final ScriptPlanner script;
    private final Program program;
    private final Linker linker;
    private final Optional<WindowPlan> me;

    OpenPlanner(ScriptPlanner script, Program program, Linker linker, Optional<WindowPlan> me) {
        this.script = script;
        this.program = program;
        this.linker = linker;
        this.me = me;
    }

    ScriptPlanner.Names plan(Step.Open open, StepRef ref, StepPath path, ScriptPlanner.Names names) {
        Optional<WindowPlan> found = program.window(open.window());
        if (found.isEmpty()) {
            String why =
                    open.window().isBlank() ? "no window is named here" : "there is no window “" + open.window() + "”";
            script.add(new Op.Broken(ref, why));
            for (int i = 0; i < open.branches().size(); i++) {
                script.skip(open.branches().get(i).script(), path, i, names);
            }
            return names;
        }
        WindowPlan window = found.get();
        int resultSlot = script.allocate(Math.max(
                1,
                window.endings().stream().mapToInt(e -> e.gives().size()).max().orElse(0)));
        int keptSlot = open.as().isPresent() ? script.allocate(1) : -1;
        int at = script.add(new Op.Broken(ref, ""));
        open.ownedBy().ifPresent(t -> script.target(t, names));
        var hands = handOver(open, window, ref, names);
        Op.How how = how(open.manner(), window, ref, names);
        var branches = new LinkedHashMap<Integer, Integer>();
        var jumps = new ArrayList<Integer>();
        int couldNot = -1;
        for (int i = 0; i < open.branches().size(); i++) {
            Step.Branch branch = open.branches().get(i);
            int ending = window.endingNumber(branch.ending());
            ScriptPlanner.Names inside = names;
            if (ending == 0 && branch.ending().equals(Ending.COULD_NOT.name()) && window.mayFail()) {
                couldNot = script.here();
                inside = inside.with(Scopes.results("result", Ending.COULD_NOT.gives(), resultSlot));
            }
            if (ending > 0) {
                branches.putIfAbsent(ending, script.here());
                List<Ending.Give> gives = window.ending(ending).gives();
                inside = inside.with(Scopes.results("result", gives, resultSlot));
                if (open.as().isPresent()) {
                    inside = inside.with(Scopes.results(open.as().get(), gives, resultSlot));
                }
            }
            script.steps(branch.script(), Optional.of(path), i, inside);
            jumps.add(script.add(how instanceof Op.How.Alongside ? new Op.Finish() : new Op.Jump(-1)));
        }
        int after = script.here();
        script.set(
                at,
                new Op.Open(
                        ref,
                        window.number,
                        how,
                        open.ownedBy(),
                        hands,
                        resultSlot,
                        keptSlot,
                        Map.copyOf(branches),
                        couldNot,
                        after));
        script.patch(jumps, after);
        return open.as().isPresent() ? names.keeping(open.as().get(), new ScriptPlanner.Kept(keptSlot, window)) : names;
    }

    private List<Op.Hand> handOver(Step.Open open, WindowPlan window, StepRef ref, ScriptPlanner.Names names) {
        var places = window.window().takes().stream()
                .map(t -> new ScriptPlanner.Place(t.name(), t.type()))
                .toList();
        return script.hands(places, open.handOver(), open.window() + " takes no", ref, names);
    }

    private Op.How how(Manner manner, WindowPlan window, StepRef ref, ScriptPlanner.Names names) {
        return switch (manner) {
            case Manner.WaitsForOwner w -> new Op.How.WaitsForOwner();
            case Manner.WaitsForApplication w -> new Op.How.WaitsForApplication();
            case Manner.Alongside a -> window.isReadyMade() ? new Op.How.WaitsForApplication() : new Op.How.Alongside();
            case Manner.InPlace(String name, List<Given> gives) -> {
                if (me.isEmpty()) {
                    linker.report(
                            ScriptPlanner.spot(ref, "in place"),
                            "",
                            List.of(new Problem("a script of the application has no window to make room", 0, 1)));
                    yield new Op.How.Alongside();
                }
                String wanted = name.isEmpty() ? ScriptPlanner.usualEnding(me.get()) : name;
                int ending = me.get().endingNumber(wanted);
                yield new Op.How.InPlace(
                        ending, ending == 0 ? List.of() : script.gives(me.get().ending(ending), gives, ref, names));
            }
        };
    }
}

package bivouac.plan;

import bivouac.design.Ending;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Target;
import bivouac.expression.Problem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plans the steps that open windows: manner, hand-over, and a branch for each ending (O1 to O9, W2, W3). */
final class OpenPlanner {

    /** Where the branch for <em>could not</em> is kept beside the endings, which count from 1. */
    private static final int COULD_NOT = 0;

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
        var planner = new BranchPlanner(script, open, path, names);
        if (found.isEmpty()) {
            planner.missing(ref, "window", open.window());
            return names;
        }
        Optional<String> wrongOwner = open.ownedBy()
                .flatMap(t -> t instanceof Target.Every
                        ? Optional.of("only one window can own another, and “every” names several")
                        : script.targets().wrong(t, names));
        if (wrongOwner.isPresent()) {
            planner.broken(ref, "owned by", wrongOwner.get());
            return names;
        }
        WindowPlan window = found.get();
        Optional<String> wrongKeep = wrongKeep(open);
        if (wrongKeep.isPresent()) {
            planner.broken(ref, "as", wrongKeep.get());
            return names;
        }
        int resultSlot = script.allocate(Math.max(
                1,
                window.endings().stream().mapToInt(e -> e.gives().size()).max().orElse(0)));
        Optional<KeptAt> keptAt = open.as().map(this::keptAs);
        int at = script.add(new Op.Broken(ref, ""));
        Optional<Whom> ownedBy = open.ownedBy().map(t -> script.targets().whom(t, ref, names));
        var hands = handOver(open, window, ref, names);
        Op.How how = how(open.manner(), window, ref, names);
        var branches = new LinkedHashMap<Integer, Integer>();
        int after = planner.plan(branch -> end(how, window, branch), branch -> {
            int ending = window.endingNumber(branch.ending());
            if (isCouldNot(window, branch)) {
                branches.put(COULD_NOT, script.here());
                return planner.giving(Ending.COULD_NOT, Optional.empty(), resultSlot);
            }
            if (ending == 0) {
                return names;
            }
            branches.putIfAbsent(ending, script.here());
            return planner.giving(window.ending(ending), open.as(), resultSlot);
        });
        int couldNot = branches.getOrDefault(COULD_NOT, -1);
        branches.remove(COULD_NOT);
        script.set(
                at,
                new Op.Open(
                        ref,
                        window.number,
                        how,
                        ownedBy,
                        hands,
                        resultSlot,
                        keptAt,
                        Map.copyOf(branches),
                        couldNot,
                        after));
        return keptAt.isPresent() && keptAt.get() instanceof KeptAt.InScript
                ? names.keeping(open.as().orElseThrow(), new Scopes.Kept(keptAt.get(), window))
                : names;
    }

    private Optional<String> wrongKeep(Step.Open open) {
        return open.as()
                .flatMap(name -> me.flatMap(m -> m.keep(name)))
                .filter(k -> !k.window().equals(open.window()))
                .map(k -> "“" + k.name() + "” keeps a " + k.window() + ", and this opens " + open.window());
    }

    /** O9: in a variable of the window of that name, else for the rest of the script. */
    private KeptAt keptAs(String name) {
        return me.flatMap(m -> m.keep(name))
                .<KeptAt>map(k -> new KeptAt.InWindow(k.number()))
                .orElseGet(() -> new KeptAt.InScript(script.allocate(1)));
    }

    /** W3: the branches of an opening alongside run by themselves, but that it could not open is known at once (O7). */
    private static Op end(Op.How how, WindowPlan window, Step.Branch branch) {
        return how instanceof Op.How.Alongside && !isCouldNot(window, branch) ? new Op.Finish() : new Op.Jump(-1);
    }

    /** Whether a branch is for that the window could not open, and not for an ending of that name. */
    private static boolean isCouldNot(WindowPlan window, Step.Branch branch) {
        return window.mayFail()
                && branch.ending().equals(Ending.COULD_NOT.name())
                && window.endingNumber(branch.ending()) == 0;
    }

    private List<Op.Hand> handOver(Step.Open open, WindowPlan window, StepRef ref, ScriptPlanner.Names names) {
        return script.handing(ref, names, open.window() + " takes no")
                .said(window.window().takes().stream().map(Handing.Place::new).toList(), open.handOver());
    }

    private Op.How how(Manner manner, WindowPlan window, StepRef ref, ScriptPlanner.Names names) {
        return switch (manner) {
            case Manner.WaitsForOwner w -> new Op.How.WaitsForOwner();
            case Manner.WaitsForApplication w -> new Op.How.WaitsForApplication();
            case Manner.Alongside a -> alongside(window);
            case Manner.InPlace(String name, List<Given> gives) -> {
                if (me.isEmpty()) {
                    linker.report(
                            ScriptPlanner.spot(ref, "in place"),
                            "",
                            List.of(new Problem("a script of the application has no window to make room", 0, 1)));
                    yield alongside(window);
                }
                String wanted = name.isEmpty() ? me.get().usualEnding() : name;
                int ending = me.get().endingNumber(wanted);
                yield new Op.How.InPlace(
                        ending, ending == 0 ? List.of() : script.gives(me.get().ending(ending), gives, ref, names));
            }
        };
    }

    /** C7, C8: what is ready-made is always waited for. */
    private static Op.How alongside(WindowPlan window) {
        return window.isReadyMade() ? new Op.How.WaitsForApplication() : new Op.How.Alongside();
    }
}

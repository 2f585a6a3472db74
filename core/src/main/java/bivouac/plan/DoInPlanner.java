package bivouac.plan;

import bivouac.design.Done;
import bivouac.design.Ending;
import bivouac.design.NamedScript;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Target;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Plans {@code do NAME in WINDOW}: scripts of other windows, which stand above this one until they are done (W12). */
final class DoInPlanner {

    private final ScriptPlanner script;
    private final Program program;
    private final Linker linker;

    DoInPlanner(ScriptPlanner script, Program program, Linker linker) {
        this.script = script;
        this.program = program;
        this.linker = linker;
    }

    /** Of which windows it can be a script, and what that is like: alike in all of them (R1). */
    private record Meant(List<ScriptPlace.Named> places, NamedScript like) {}

    void plan(Step.Do step, StepRef ref, StepPath path, Optional<WindowPlan> me, ScriptPlanner.Names names) {
        var planner = new BranchPlanner(script, step, path, names);
        Target target = step.in().orElseThrow();
        Optional<String> wrong = script.targets().wrong(target, names);
        List<WindowPlan> windows = wrong.isPresent() ? List.of() : windows(target, me, names);
        List<ScriptPlace.Named> places = windows.stream()
                .map(w -> new ScriptPlace.Named(Optional.of(w.window().name().shown()), step.script()))
                .toList();
        Optional<String> why = wrong.or(() -> why(step, places));
        if (why.isPresent()) {
            planner.broken(ref, "do", why.get());
            return;
        }
        NamedScript like = Done.of(program.design(), places.getFirst()).orElseThrow();
        if (places.stream().anyMatch(p -> script.isDoneBy(p))) {
            linker.once(ref, "do", DoPlanner.itself(step));
            script.add(new Op.Broken(ref, DoPlanner.itself(step)));
            planner.skipBranches();
            return;
        }
        plan(step, ref, target, new Meant(places, like), planner, names);
    }

    private void plan(
            Step.Do step, StepRef ref, Target target, Meant meant, BranchPlanner planner, ScriptPlanner.Names names) {
        NamedScript like = meant.like();
        Optional<List<Op.Hand>> hands = hands(step, ref, like, names);
        if (hands.isEmpty()) {
            planner.skipBranches();
            return;
        }
        script.add(new Op.DoIn(ref, script.targets().whom(target, ref, names), meant.places(), hands.get()));
        List<String> endings = like.endings().stream().map(Ending::name).toList();
        strangers(step, ref, like, endings);
        int resultSlot = script.allocate(Returning.results(like));
        int at = script.add(new Op.Broken(ref, ""));
        Map<Integer, Integer> branches = new LinkedHashMap<>();
        List<Integer> ends = step.branches().isEmpty() ? List.of() : List.of(script.add(new Op.Jump(-1)));
        int after = planner.plan(b -> new Op.Jump(-1), branch -> {
            int number = endings.indexOf(branch.ending());
            if (number < 0) {
                return planner.outside();
            }
            branches.putIfAbsent(number, script.here());
            script.add(new Op.Into(ref, step.branches().indexOf(branch)));
            return planner.giving(like.endings().get(number), step.as(), resultSlot);
        });
        script.patch(ends, after);
        Set<Integer> until = step.until().stream().map(endings::indexOf).collect(Collectors.toSet());
        var results = like.endings().stream().map(e -> e.gives().size()).toList();
        script.set(
                at,
                new Op.Answered(
                        ref, step.isEvery(), until, meant.places(), Map.copyOf(branches), results, resultSlot, after));
    }

    private void strangers(Step.Do step, StepRef ref, NamedScript like, List<String> endings) {
        for (String until : step.until()) {
            String why =
                    !step.isEvery() ? DoPlanner.UNTIL_WITHOUT_EVERY : like.name() + " has no ending “" + until + "”";
            if (!step.isEvery() || !endings.contains(until)) {
                linker.report(ScriptPlanner.spot(ref, "until"), until, Linker.whole(why, until));
            }
        }
    }

    private Optional<List<Op.Hand>> hands(Step.Do step, StepRef ref, NamedScript like, ScriptPlanner.Names names) {
        Handing handing = script.handing(ref, names, step.script() + " takes no");
        handing.strangers(like.takes(), step.handOver());
        var hands = new ArrayList<Op.Hand>();
        for (int i = 0; i < like.takes().size(); i++) {
            Take take = like.takes().get(i);
            Optional<Op.Hand> hand = handing.orDefault(i, take, step.handOver());
            if (hand.isEmpty()) {
                script.broken(ref, "do", "", DoPlanner.hasToBeHanded(step, take));
                return Optional.empty();
            }
            hands.add(hand.get());
        }
        return Optional.of(List.copyOf(hands));
    }

    private List<WindowPlan> windows(Target target, Optional<WindowPlan> me, ScriptPlanner.Names names) {
        Optional<WindowPlan> only = script.targets().window(target, names);
        return switch (target) {
            case Target.Owner o -> me.map(program::ownersOf).orElse(List.of());
            case Target.Opener o -> me.map(program::openersOf).orElse(List.of());
            case Target.Me _, Target.Single _, Target.Keyed _, Target.Every _, Target.Kept _ ->
                only.stream().toList();
        };
    }

    /** Why it can be done in none of them; empty if it can. */
    private Optional<String> why(Step.Do step, List<ScriptPlace.Named> places) {
        if (places.isEmpty()) {
            return Optional.of("there is no window that can be meant here");
        }
        Optional<ScriptPlace.Named> without = places.stream()
                .filter(p -> Done.of(program.design(), p).isEmpty())
                .findFirst();
        if (without.isPresent()) {
            return without.map(p -> p.window().orElseThrow() + " has no script “" + step.script() + "”");
        }
        return places.stream()
                                .map(p -> Done.of(program.design(), p).orElseThrow())
                                .map(s -> List.of(s.takes(), s.endings()))
                                .distinct()
                                .count()
                        > 1
                ? Optional.of("several windows can be meant, and their “" + step.script()
                        + "” take or answer different things")
                : Optional.empty();
    }
}

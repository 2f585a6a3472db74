package bivouac.closing;

import bivouac.closing.Decision.Outcome;
import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.Ending;
import bivouac.design.NamedScript;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Reads a script <em>before closing</em> from its end: what can come of a step is known when that of what follows is.
 * Whether a condition holds is not asked; both ways can be gone.
 */
final class Outcomes {

    private final Design design;
    private final ScriptPlace place;
    private final Doing doing;
    /** What can come of each answer of the named script that is read, by its ending (W11). */
    private Map<String, Set<Outcome>> returns = Map.of();

    private final List<Decision> decisions = new ArrayList<>();
    /** The step of the script itself, while a named script that it does is read. */
    private Optional<StepPath> done = Optional.empty();

    /** @param place where the script stands */
    Outcomes(Design design, ScriptPlace place) {
        this.design = design;
        this.place = place;
        this.doing = new Doing(design, place);
    }

    /** The decisions of the script, from its beginning. */
    List<Decision> of(Script script) {
        from(script.steps(), 0, Optional.empty(), 0, EnumSet.of(Outcome.CLOSES));
        return decisions.reversed();
    }

    /** What can come of the steps from one on, where {@code after} can come of what follows them. */
    private Set<Outcome> from(List<Step> steps, int at, Optional<StepPath> outer, int inner, Set<Outcome> after) {
        Set<Outcome> now = after;
        for (int i = steps.size() - 1; i >= at; i--) {
            StepPath path = StepPath.in(outer, inner, i);
            now = step(steps.get(i), path, now);
        }
        return now;
    }

    private Set<Outcome> all(Script script, StepPath path, int inner, Set<Outcome> rest) {
        return from(script.steps(), 0, Optional.of(path), inner, rest);
    }

    private Set<Outcome> step(Step step, StepPath path, Set<Outcome> rest) {
        return switch (step) {
            case Step.StayOpen stay -> EnumSet.of(Outcome.STAYS);
            case Step.Off off -> rest;
            // it comes to what the repeated steps come to by another way
            case Step.Again again -> EnumSet.noneOf(Outcome.class);
            case Step.If choice -> choice(choice, path, rest);
            case Step.Repeat(Script inside) -> all(inside, path, 0, rest);
            case Step.Do call when call.in().isEmpty() -> done(call, path, rest);
            case Step.Return(String ending, var gives) -> returns.getOrDefault(ending, rest);
            case Step.Open open when design.goesOnBeside(open) -> rest;
            case Step.RunTask run -> branching(run, path, rest);
            case Step.Branching branching -> branching(branching, path, rest);
            case Step.Close _, Step.EndApplication _, Step.Plain _ -> rest;
        };
    }

    private Set<Outcome> choice(Step.If choice, StepPath path, Set<Outcome> rest) {
        Set<Outcome> all = EnumSet.noneOf(Outcome.class);
        for (int i = choice.inner().size() - 1; i >= 0; i--) {
            all.addAll(all(choice.inner().get(i).script(), path, i, rest));
        }
        if (choice.otherwise().isEmpty()) {
            all.addAll(rest);
        }
        return all;
    }

    private Set<Outcome> branching(Step.Branching step, StepPath path, Set<Outcome> rest) {
        var outcomes = new LinkedHashMap<String, Set<Outcome>>();
        for (Ending ending : design.endingsMet(place, step)) {
            outcomes.put(ending.name(), rest);
        }
        for (int i = step.branches().size() - 1; i >= 0; i--) {
            Step.Branch branch = step.branches().get(i);
            outcomes.replace(branch.ending(), all(branch.script(), path, i, rest));
        }
        decisions.add(new Decision(done.orElse(path), done.isEmpty(), step, outcomes));
        Set<Outcome> all = EnumSet.noneOf(Outcome.class);
        outcomes.values().forEach(all::addAll);
        return outcomes.isEmpty() ? rest : all;
    }

    private Set<Outcome> done(Step.Do call, StepPath path, Set<Outcome> rest) {
        var answered = new HashMap<String, Set<Outcome>>();
        for (int i = call.branches().size() - 1; i >= 0; i--) {
            Step.Branch branch = call.branches().get(i);
            answered.put(branch.ending(), all(branch.script(), path, i, rest));
        }
        Map<String, Set<Outcome>> before = returns;
        Optional<StepPath> outside = done;
        Done.script(design, place, call)
                .map(NamedScript::endings)
                .orElse(List.of())
                .forEach(e -> answered.putIfAbsent(e.name(), rest));
        returns = answered;
        done = Optional.of(done.orElse(path));
        Set<Outcome> all = doing.into(call, named -> from(named.script().steps(), 0, Optional.empty(), 0, rest), rest);
        done = outside;
        returns = before;
        return all;
    }
}

package bivouac.check.ways;

import bivouac.design.Design;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** A design with one step changed; the same design where the step has gone meanwhile. */
public final class Changed {

    private Changed() {}

    static Design step(Design design, ScriptPlace place, StepPath path, UnaryOperator<Step> edit) {
        Script script = place.in(design);
        Optional<Step> step = path.in(script);
        return step.map(s -> place.put(design, path.replace(script, edit.apply(s))))
                .orElse(design);
    }

    static Design branches(Design design, ScriptPlace place, StepPath path, UnaryOperator<List<Step.Branch>> edit) {
        return step(
                design, place, path, s -> s instanceof Step.Branching b ? b.withBranches(edit.apply(b.branches())) : s);
    }

    /** With another script in the branches of an ending. */
    static Design branch(Design design, ScriptPlace place, StepPath path, String ending, Script script) {
        return branches(design, place, path, all -> all.stream()
                .map(b -> b.ending().equals(ending) ? new Step.Branch(ending, script) : b)
                .toList());
    }
}

package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Typed lines that go on with the step before: {@code when}, {@code else if} and {@code else}. */
final class BranchTyping {

    private final Design design;
    private final ScriptPlace place;
    private final StepPath at;

    BranchTyping(Design design, ScriptPlace place, StepPath at) {
        this.design = design;
        this.place = place;
        this.at = at;
    }

    /** A branch for an ending of the step before. */
    Typed when(Words words) {
        Script script = place.in(design);
        Optional<StepPath> holder = Holder.branching(design, place, at);
        if (holder.isEmpty()) {
            return new Typed.Unfinished(
                    "“when” follows a step that opens a window, runs a task, does a script that answers, or"
                            + " takes what may fail.");
        }
        var open = (Step.Branching) holder.get().in(script).orElseThrow();
        List<String> endings =
                design.branchesOf(place, open).stream().map(e -> e.name()).toList();
        String ending = words.longestOf(endings, List.of(" nothing"));
        boolean nothing = words.take("nothing");
        if (!words.isEmpty()) {
            return StepTyping.tooMuch(words);
        }
        if (!endings.contains(ending)) {
            return new Typed.Unfinished(noEnding(ending, endings));
        }
        if (open.answers(ending)) {
            return intoBranch(holder.get(), open, ending);
        }
        var branches = new ArrayList<>(open.branches());
        branches.add(new Step.Branch(ending, Script.EMPTY));
        Design changed = place.put(design, holder.get().replace(script, open.withBranches(branches)));
        StepPath next = nothing ? at : holder.get().into(branches.size() - 1, 0);
        return new Typed.Done(changed, "branch for " + ending + " added", next);
    }

    private static String noEnding(String ending, List<String> endings) {
        String there = endings.isEmpty()
                ? "it has none that a branch could be written for."
                : "there " + (endings.size() == 1 ? "is " : "are ") + String.join(", ", endings) + ".";
        return ending.isEmpty()
                ? "Say which ending: " + there
                : "The step above does not end in “" + ending + "”; " + there;
    }

    /** The branch is there: its next step is typed. */
    private Typed intoBranch(StepPath holder, Step.Branching open, String ending) {
        int number = open.branches().stream().map(Step.Branch::ending).toList().indexOf(ending);
        int end = open.branches().get(number).script().steps().size();
        return new Typed.Done(
                design, "the branch for " + ending + " is there; its next step", holder.into(number, end));
    }

    /** One more case of the step before, or what is done in all others. */
    Typed otherwise(Optional<String> condition) {
        Script script = place.in(design);
        Optional<StepPath> holder = Holder.before(
                script, at, s -> s instanceof Step.If i && i.otherwise().isEmpty());
        if (holder.isEmpty()) {
            return new Typed.Unfinished("“else” follows an “if” that has none yet.");
        }
        if (condition.filter(String::isBlank).isPresent()) {
            return new Typed.Unfinished("Say when: else if me.name == \"\".");
        }
        var choice = (Step.If) holder.get().in(script).orElseThrow();
        var cases = new ArrayList<>(choice.cases());
        condition.ifPresent(c -> cases.add(new Step.If.Case(new Expression(c), Script.EMPTY)));
        var changed = new Step.If(cases, condition.isPresent() ? Optional.empty() : Optional.of(Script.EMPTY));
        int inner = condition.isPresent() ? cases.size() - 1 : cases.size();
        return new Typed.Done(
                place.put(design, holder.get().replace(script, changed)),
                condition.isPresent() ? "else if added" : "else added",
                holder.get().into(inner, 0));
    }
}

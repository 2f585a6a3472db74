package bivouac.plan;

import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Type;
import bivouac.expression.Compiled;
import bivouac.expression.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plans the steps that lead a script's course: if, let, repeat and again. */
final class CoursePlanner {

    private final ScriptPlanner script;
    private final Linker linker;
    /** Where each repeat around the step being planned begins, the innermost last. */
    private final List<Integer> repeats = new ArrayList<>();

    CoursePlanner(ScriptPlanner script, Linker linker) {
        this.script = script;
        this.linker = linker;
    }

    void plan(Step.If choice, StepRef ref, StepPath path, ScriptPlanner.Names names) {
        var jumps = new ArrayList<Integer>();
        for (int i = 0; i < choice.cases().size(); i++) {
            Step.If.Case one = choice.cases().get(i);
            var condition =
                    linker.typed(ScriptPlanner.condition(ref, i), one.condition(), Type.YESNO, script.scope(names));
            int test = script.add(new Op.Jump(-1));
            script.add(new Op.Into(ref, i));
            script.steps(one.script(), Optional.of(path), i, names);
            jumps.add(script.add(new Op.Jump(-1)));
            script.set(test, new Op.JumpUnless(ref, condition, script.here()));
        }
        choice.otherwise().ifPresent(s -> {
            script.add(new Op.Into(ref, choice.cases().size()));
            script.steps(s, Optional.of(path), choice.cases().size(), names);
        });
        script.patch(jumps, script.here());
    }

    /** The name means the value in all that follows in this script. */
    ScriptPlanner.Names let(String name, bivouac.design.Expression value, StepRef ref, ScriptPlanner.Names names) {
        Compiled<Reading> compiled = linker.untyped(ScriptPlanner.spot(ref, "let " + name), value, script.scope(names));
        Optional<Type> type = compiled.type();
        boolean usable = bivouac.design.Names.isUsable(name);
        if (!usable) {
            linker.report(
                    ScriptPlanner.spot(ref, "let"),
                    name,
                    List.of(new Problem("“" + name + "” is no name for expressions", 0, 1)));
        }
        if (!usable || type.isEmpty()) {
            script.add(new Op.Broken(ref, "“" + name + "” gets no value here"));
            return names;
        }
        int slot = script.allocate(1);
        script.add(new Op.Let(ref, name, slot, type.get(), compiled));
        return names.with(Map.of(name, Scopes.local(type.get(), slot)));
    }

    /** The steps of another script are planned: no repeat is around them. */
    List<Integer> outside() {
        var before = List.copyOf(repeats);
        repeats.clear();
        return before;
    }

    void backIn(List<Integer> before) {
        repeats.clear();
        repeats.addAll(before);
    }

    /** W7: reaching the end leaves it. */
    void repeat(Script inside, StepPath path, ScriptPlanner.Names names) {
        repeats.add(script.here());
        script.steps(inside, Optional.of(path), 0, names);
        repeats.removeLast();
    }

    void again(StepRef ref) {
        if (repeats.isEmpty()) {
            String why = "“again” stands in no “repeat”";
            linker.report(ScriptPlanner.spot(ref, "again"), "again", List.of(new Problem(why, 0, 1)));
            script.add(new Op.Broken(ref, why));
        } else {
            script.add(new Op.Again(ref, repeats.getLast()));
        }
    }
}

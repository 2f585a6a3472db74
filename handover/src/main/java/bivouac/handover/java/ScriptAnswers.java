package bivouac.handover.java;

import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Type;
import bivouac.handover.meaning.Here;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Calls whose result is looked at: a branch for each ending that has one (W4). */
abstract class ScriptAnswers extends ScriptRows {

    ScriptAnswers(ScriptOf of) {
        super(of);
    }

    /** A branch, and how its ending is written. */
    record Answer(JavaWorld.Form form, Step.Branch branch, StepPath at) {}

    /** A call whose result is looked at, as far as there are branches for it. */
    boolean answers(String call, List<Answer> branches, List<JavaWorld.Form> all, Optional<String> as, Script whole) {
        List<Answer> written = branches.stream()
                .filter(a -> !a.branch().script().doesNothing())
                .toList();
        if (written.isEmpty()) {
            return line(call + ";");
        }
        if (written.size() == 1 && all.size() > 1) {
            Body body = body(written.getFirst(), as, whole);
            JavaWorld.Form form = written.getFirst().form();
            out.add("if (" + call + (form.constant() ? " == " + form.type() : " instanceof " + body.pattern()) + ") {");
            out.all(body.lines()).add("}");
            return true;
        }
        if (all.size() == 1) {
            Body body = body(written.getFirst(), as, whole);
            if (!body.reads()) {
                if (call.endsWith(")")) {
                    out.add(call + ";");
                }
                out.all(body.lines());
                return body.goesOn();
            }
        }
        boolean[] goesOn = {false};
        out.add("switch (" + call + ") {");
        for (JavaWorld.Form form : all) {
            Optional<Answer> answer =
                    written.stream().filter(a -> a.form().equals(form)).findFirst();
            if (answer.isEmpty()) {
                out.add("case " + (form.constant() ? simple(form.type()) : pattern(form, Map.of())) + " -> {}");
                goesOn[0] = true;
            } else {
                Body body = body(answer.get(), as, whole);
                goesOn[0] |= body.goesOn();
                writeCase((form.constant() ? simple(form.type()) : body.pattern()), body);
            }
        }
        out.add("}");
        return goesOn[0];
    }

    void writeCase(String pattern, Body body) {
        if (body.lines().isEmpty()) {
            out.add("case " + pattern + " -> {}");
        } else if (body.lines().size() == 1 && isExpression(body.lines().only())) {
            out.add("case " + pattern + " -> " + body.lines().only());
        } else {
            out.add("case " + pattern + " -> {").all(body.lines()).add("}");
        }
    }

    /** Whether a line is a call or an assignment, and no declaration, return or comment. */
    static boolean isExpression(String line) {
        return line.endsWith(";") && line.matches("(?!return|continue|throw|new )[\\w.]+( = |\\().*");
    }

    static String simple(String constant) {
        return constant.substring(constant.lastIndexOf('.') + 1);
    }

    /** @param reads whether something of what the ending gives is read */
    record Body(String pattern, Lines lines, boolean goesOn, boolean reads) {}

    /** What is done at an ending, with its values under names of their own. */
    Body body(Answer answer, Optional<String> as, Script whole) {
        Here before = here;
        Lines outside = out;
        out = new Lines();
        var bound = new HashMap<String, String>();
        var locals = new HashMap<>(before.locals());
        locals.keySet().removeIf(k -> k.startsWith("result."));
        for (JavaWorld.Form.Component c : answer.form().components()) {
            String name = names.member(c.name());
            bound.put(c.name(), name);
            locals.put("result." + c.name(), name);
            as.ifPresent(a -> locals.put(a + "." + c.name(), name));
        }
        here = new Here(place, before.path(), locals, before.kept());
        boolean goesOn = steps(answer.branch().script(), answer.at(), whole);
        Lines lines = out;
        out = outside;
        here = before;
        bound.values().removeIf(n -> !used.contains(n));
        return new Body(pattern(answer.form(), bound), lines, goesOn, !bound.isEmpty());
    }

    /** A record pattern: what is not read has no name. */
    String pattern(JavaWorld.Form form, Map<String, String> bound) {
        return form.type()
                + form.components().stream()
                        .map(c -> bound.containsKey(c.name())
                                ? world.types().of(c.type()) + " " + bound.get(c.name())
                                : "_")
                        .collect(Collectors.joining(", ", "(", ")"));
    }

    interface Writes {
        boolean write();
    }

    boolean tried(
            String attempt,
            String condition,
            String what,
            Optional<Integer> couldNot,
            List<Step.Branch> branches,
            StepPath path,
            Script whole,
            Writes then) {
        if (couldNot.isEmpty()) {
            String reason = names.member("reason");
            out.add("if (" + condition + attempt + " instanceof Tried.CouldNot(String " + reason + ")) {");
            out.add("throw " + world.desk() + ".failed(" + what + ", " + reason + ");")
                    .add("}");
            return then.write();
        }
        var form =
                new JavaWorld.Form("Tried.CouldNot", false, List.of(new JavaWorld.Form.Component("reason", Type.TEXT)));
        Body body = body(
                new Answer(form, branches.get(couldNot.get()), path.into(couldNot.get(), 0)), Optional.empty(), whole);
        out.add("if (" + condition + attempt + " instanceof " + body.pattern() + ") {");
        out.all(body.lines());
        Lines outside = out;
        out = new Lines();
        boolean goesOn = then.write();
        Lines otherwise = out;
        out = outside;
        if (!otherwise.isEmpty()) {
            out.add("} else {").all(otherwise);
        }
        out.add("}");
        return body.goesOn() || goesOn;
    }
}

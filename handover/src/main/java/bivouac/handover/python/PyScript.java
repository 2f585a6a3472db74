package bivouac.handover.python;

import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.handover.meaning.Say;
import bivouac.handover.script.Act;
import bivouac.handover.script.Asked;
import bivouac.handover.script.Block;
import bivouac.handover.script.Handed;
import bivouac.handover.script.Whom;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Spells the acts of a script as the body of a method in Python. */
public final class PyScript {

    private final PyWorld world;
    private final PyView view;
    private final PyCalls calls;
    private final boolean asked;
    private final boolean repeated;
    private final Set<String> known;
    private PyLines out = new PyLines();

    /** @param asked whether it answers: whether a window may close, or a row be removed */
    public PyScript(PyWorld world, PyView view, boolean asked) {
        this.world = world;
        this.view = view;
        this.calls = new PyCalls(world, view);
        this.asked = asked;
        this.repeated = false;
        this.known = new LinkedHashSet<>();
    }

    /**
     * Inside another one, with the locals that have a value there.
     *
     * @param repeated whether it stands in a loop, where a local can have another value before something has ended
     */
    private PyScript(PyScript around, boolean asked, boolean repeated) {
        this.world = around.world;
        this.view = around.view;
        this.calls = around.calls;
        this.asked = asked;
        this.repeated = repeated;
        this.known = new LinkedHashSet<>(around.known);
    }

    /** The body of the method. */
    public PyLines write(Block block) {
        block.acts().forEach(this::write);
        return out;
    }

    private PyLines inside(Block block) {
        return inside(block, List.of());
    }

    /** @param bound what else has a value there */
    private PyLines inside(Block block, Collection<String> bound) {
        var script = new PyScript(this, asked, repeated);
        script.known.addAll(bound);
        return script.write(block);
    }

    private void write(Act act) {
        switch (act) {
            case Act.SetOfApplication(String variable, Say value, Type type) ->
                out.add(view.app() + "." + world.ofApplication(variable) + " = " + calls.write(value, type));
            case Act.SetOfWindow(var whom, String window, var what, Say value, Type type) ->
                out.add(found(whom, window) + calls.expressions().member(what) + " = " + calls.write(value, type));
            case Act.SetOfEvery(String window, var what, Say value, String each, String held) -> {
                out.add(held + " = " + calls.expressions().write(value));
                out.add("for " + each + " in " + every(window) + ":");
                out.inside(each + calls.expressions().member(what) + " = " + held);
            }
            case Act.Let(String local, Say value) -> {
                known.add(local);
                out.add(local + " = " + calls.expressions().write(value));
            }
            case Act.AddRow(var list, var row) -> out.add(part(list) + ".add(" + row(list, calls.handed(row)) + ")");
            case Act.ChangeRow(var list, String before, var row) ->
                out.add(part(list) + ".change(lambda " + before + ": "
                        + row(list, row.stream().map(c -> column(before, c)).toList()) + ")");
            case Act.RemoveRows(var list, boolean isAsked) ->
                out.add(part(list) + ".remove_selected(" + (isAsked ? "" : "unasked=True") + ")");
            case Act.Choose choose -> choose(choose.flat());
            case Act.Repeat(String label, Block block) -> repeat(block);
            case Act.Again a -> out.add("continue");
            case Act.Over o -> out.add(asked ? "return True" : "return");
            case Act.Refuse r -> out.add("return False");
            case Act.RefuseFurtherUp r -> out.add("raise " + view.desk() + ".stay_open()");
            case Act.DoScript script -> doScript(script);
            case Act.Return back -> out.add("return " + calls.returned(back));
            case Act.Finish f -> out.add("then()");
            case Act.Ask(var what) -> out.add(calls.asked(what));
            case Act.AskForOne(var what, var branch) -> one(calls.asked(what), branch);
            case Act.AskForAll(var what, var branches) -> all(calls.asked(what), branches);
            case Act.Open open -> open(open);
            case Act.OpenInPlace open ->
                out.add(view.desk() + ".in_place(self, " + calls.ending(open.ending()) + ", lambda: "
                        + calls.openedInPlace(open) + ")");
            case Act.TryInPlace tried -> tryInPlace(tried);
            case Act.CloseMe(var ending) -> out.add("self.close(" + calls.ending(ending) + ")");
            case Act.Close close -> {
                String with = close.ending().map(e -> ", " + calls.ending(e)).orElse("");
                doing(view.desk() + ".close(" + calls.foundOrNone(close.whom()) + with + ")", "not ", close.refused());
            }
            case Act.CloseEvery(String window, var refused) ->
                doing(view.desk() + ".close_every(" + calls.expressions().reached(window) + ")", "not ", refused);
            case Act.Reach(var how, var whom) ->
                out.add(view.desk() + "." + method(how) + "(" + calls.foundOrNone(whom) + ")");
            case Act.ReachEvery(var how, String window, String each) -> {
                out.add("for " + each + " in " + every(window) + ":");
                out.inside(view.desk() + "." + method(how) + "(" + each + ")");
            }
            case Act.Focus(var part) -> out.add(part(part) + ".focus()");
            case Act.Try(var trial, String reason) -> {
                out.add("if " + calls.condition(trial) + "(" + reason + " := why_not(" + calls.attempted(trial)
                        + ")) is not None:");
                out.inside("raise " + view.desk() + ".failed(" + PyNames.literal(trial.what()) + ", " + reason + ")");
            }
            case Act.TryOr tryOr -> tryOr(tryOr);
            case Act.Background run -> ended(calls.background(run), run.ended());
            case Act.CancelTask(String task) -> out.add(view.desk() + ".cancel_task(" + PyNames.literal(task) + ")");
            case Act.StopTask(String task) -> out.add(view.desk() + ".stop_task(" + PyNames.literal(task + " ") + ")");
            case Act.Holding(String holding, boolean take) -> out.add(calls.holding(holding, take));
            case Act.Turn turn -> out.add(calls.timer(turn));
            case Act.Note(var words) -> out.add(view.desk() + ".note(" + calls.words(words) + ")");
            case Act.KeptValues(var how) ->
                out.add(view.app() + (how == Step.KeptValues.How.SAVE ? ".save_kept_now()" : ".load_kept()"));
            case Act.End(var code, var saying, var calledOff) ->
                doing(
                        view.desk() + ".end("
                                + code.map(c -> calls.expressions().write(c)).orElse("None") + ", "
                                + calls.words(saying) + ")",
                        "",
                        calledOff);
        }
    }

    private static String method(Step.Reach.How how) {
        return switch (how) {
            case BRING_TO_FRONT -> "bring_to_front";
            case HIDE -> "hide";
            case SHOW -> "show";
        };
    }

    private String every(String window) {
        return view.desk() + ".every(" + calls.expressions().reached(window) + ")";
    }

    /** A call, and what is done where its answer, after the sign, is yes. */
    private void doing(String call, String sign, Optional<Block> then) {
        if (then.isEmpty()) {
            out.add(call);
        } else {
            out.add("if " + sign + call + ":").inside(inside(then.get()));
        }
    }

    private void choose(Act.Choose choose) {
        String begins = "if ";
        for (Act.Case one : choose.cases()) {
            out.add(begins + calls.write(one.condition(), Type.YESNO) + ":").inside(inside(one.block()));
            begins = "elif ";
        }
        choose.otherwise().ifPresent(o -> out.add("else:").inside(inside(o)));
    }

    private void repeat(Block block) {
        PyLines lines = new PyScript(this, asked, true).write(block);
        if (block.goesOn()) {
            lines.add("break");
        }
        out.add("while True:").inside(lines);
    }

    // Rows

    private String found(Whom whom, String window) {
        return calls.expressions().window(whom.whose(), window);
    }

    private String part(Act.PartOf part) {
        return found(part.whom(), part.window()) + "."
                + world.member(part.part().name().expression());
    }

    private String row(Act.PartOf list, List<String> values) {
        var columns = ((bivouac.design.Part.ListOfRows) list.part()).columns();
        return world.types().of(new Type.RowOf(columns)) + "(" + String.join(", ", values) + ")";
    }

    private String column(String before, Handed column) {
        return column.value()
                .map(v -> calls.write(v, column.type()))
                .orElseGet(() -> before + "." + world.types().column(column.name()));
    }

    // Answers

    private void open(Act.Open open) {
        String kept =
                switch (open.keep()) {
                    case Act.Keep.Nowhere n -> "";
                    case Act.Keep.InVariable(String window, String variable) ->
                        "self." + world.member(variable) + " = ";
                    case Act.Keep.InLocal(String local) -> local + " = ";
                };
        String call = kept + calls.opened(open);
        open.ended().ifPresentOrElse(e -> ended(call, e), () -> out.add(call + ")"));
        if (open.keep() instanceof Act.Keep.InLocal(String local)) {
            known.add(local);
        }
    }

    /** A call that is not closed yet, and what is done with how it ends later on. */
    private void ended(String call, Act.Ended ended) {
        String function = "when_" + ended.result();
        PyLines body = new PyScript(this, false, repeated).write(ended.block());
        out.add("").add("def " + function + "(" + ended.result() + bound(body) + "):");
        out.inside(body);
        out.add("").add(call + ", " + function + ")");
    }

    private void doScript(Act.DoScript script) {
        String call = calls.script(script);
        Optional<Act.Later> later = script.later();
        if (script.waited()) {
            out.add(view.desk() + ".waiting_for_all(lambda: " + call + ", lambda: None))");
        } else if (later.isEmpty()) {
            out.add(call + ")");
        } else if (later.get().isFinish()) {
            out.add(call + ", then)");
        } else if (later.get().block().isEmpty()) {
            out.add(call + ", lambda: None)");
        } else {
            String function = later.get().name();
            PyLines body = new PyScript(this, false, repeated).write(later.get().block());
            out.add("").add("def " + function + "(" + bound(body).replaceFirst("^, ", "") + "):");
            out.inside(body);
            out.add("").add(call + ", " + function + ")");
        }
    }

    /** In a loop, what is read later is bound now: the local can have another value by then. */
    private String bound(PyLines body) {
        if (!repeated) {
            return "";
        }
        String text = body.toString();
        return known.stream()
                .filter(k ->
                        Pattern.compile("(?<![.\\w])" + k + "\\b").matcher(text).find())
                .map(k -> ", " + k + "=" + k)
                .collect(Collectors.joining());
    }

    private void one(String call, Asked.Branch branch) {
        String type = calls.reached(branch.outcome());
        if (world.isConstant(branch.outcome())) {
            out.add("if " + call + " is " + type + ":").inside(inside(branch.block()));
        } else if (branch.bound().isEmpty()) {
            out.add("if isinstance(" + call + ", " + type + "):").inside(inside(branch.block()));
        } else {
            all(call, List.of(branch));
        }
    }

    private void all(String call, List<Asked.Branch> branches) {
        var cases = new PyLines();
        for (Asked.Branch branch : branches) {
            if (!branch.block().isEmpty()) {
                cases.add("case " + pattern(branch) + ":")
                        .inside(inside(branch.block(), branch.bound().values()));
            }
        }
        out.add("match " + call + ":").inside(cases);
    }

    /** What an ending gives, as far as it is read. */
    private String pattern(Asked.Branch branch) {
        String type = calls.reached(branch.outcome());
        if (world.isConstant(branch.outcome())) {
            return type;
        }
        Map<String, String> bound = branch.bound();
        return type + "("
                + (bound.isEmpty()
                        ? ""
                        : branch.outcome().gives().stream()
                                .map(g -> bound.getOrDefault(g.name(), "_"))
                                .collect(Collectors.joining(", ")))
                + ")";
    }

    private void tryInPlace(Act.TryInPlace tried) {
        String asked = "why_not(" + calls.triedInPlace(tried) + ")";
        String why = tried.reason().map(r -> "(" + r + " := " + asked + ")").orElse(asked);
        out.add("if " + why + " is not None:");
        out.inside(tried.couldNot()
                .map(block -> inside(block, tried.reason().stream().toList()))
                .orElseGet(() -> new PyLines()
                        .add("raise " + view.desk() + ".failed("
                                + PyNames.literal(tried.trial().what()) + ", "
                                + tried.reason().orElseThrow() + ")")));
    }

    private void tryOr(Act.TryOr tryOr) {
        String condition = calls.condition(tryOr.trial());
        String attempted = "why_not(" + calls.attempted(tryOr.trial()) + ")";
        String tried =
                tryOr.reason().map(r -> "(" + r + " := " + attempted + ")").orElse(attempted);
        out.add("if " + condition + tried + " is not None:")
                .inside(inside(tryOr.couldNot(), tryOr.reason().stream().toList()));
        if (!tryOr.then().isEmpty()) {
            out.add("else:").inside(inside(tryOr.then()));
        }
    }
}

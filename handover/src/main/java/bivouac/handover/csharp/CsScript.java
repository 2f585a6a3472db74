package bivouac.handover.csharp;

import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Say;
import bivouac.handover.script.Act;
import bivouac.handover.script.Asked;
import bivouac.handover.script.Block;
import bivouac.handover.script.Handed;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Spells the acts of a script as the body of a method in C#. */
public final class CsScript {

    private final CsWorld world;
    private final CsCalls calls;
    private final CsNames names;
    private final boolean answers;
    private final Lines out = new Lines();

    /**
     * @param names gives names to what the language needs beside the locals of the script
     * @param answers whether the method answers: whether a window may close, or a row be removed
     */
    public CsScript(CsWorld world, CsView view, CsNames names, boolean answers) {
        this(world, new CsCalls(world, view), names, answers);
    }

    private CsScript(CsWorld world, CsCalls calls, CsNames names, boolean answers) {
        this.world = world;
        this.calls = calls;
        this.names = names;
        this.answers = answers;
    }

    /** The body, without its braces. */
    public Lines write(Block block) {
        block.acts().forEach(this::write);
        return out;
    }

    private Lines inside(Block block) {
        return new CsScript(world, calls, names, answers).write(block);
    }

    private void write(Act act) {
        switch (act) {
            case Act.SetOfApplication(String variable, Say value, Type type) ->
                out.add(calls.view().app() + world.ofApplication(variable) + " = " + calls.write(value, type) + ";");
            case Act.SetOfWindow(var whom, String window, var what, Say value, Type type) ->
                out.add(set(calls.base(whom, window), what, calls.write(value, type)));
            case Act.SetOfEvery every -> setOfEvery(every);
            case Act.Let(String local, Say value) ->
                out.add(world.types().of(value.type()) + " " + local + " = "
                        + calls.expressions().write(value) + ";");
            case Act.AddRow(var list, var row) ->
                out.add(field(list) + ".Add(new " + row(list) + "(" + String.join(", ", calls.handed(row)) + "));");
            case Act.ChangeRow change -> changeRow(change);
            case Act.RemoveRows(var list, boolean asked) ->
                out.add(field(list) + ".RemoveSelected(" + may(list, asked) + ");");
            case Act.Choose choose -> choose(choose.flat());
            case Act.Repeat(String label, Block block) -> repeat(block);
            case Act.Again a -> out.add("continue;");
            case Act.Over o -> out.add(answers ? "return true;" : "return;");
            case Act.Refuse r -> out.add("return false;");
            case Act.RefuseFurtherUp r -> out.add("throw Desk.StayOpen();");
            case Act.DoScript script -> doScript(script);
            case Act.Return back -> out.add("return " + calls.returned(back) + ";");
            case Act.Finish f -> out.add("then();");
            case Act.Ask(var asked) -> out.add(calls.asked(asked) + ";");
            case Act.AskForOne one -> one(one);
            case Act.AskForAll(var asked, var branches) -> all(asked, branches);
            case Act.Open open -> ended(kept(open) + calls.opened(open), open.ended());
            case Act.OpenInPlace open ->
                out.add("Desk.InPlace(this, " + calls.ending(open.ending()) + ", () => " + calls.openedInPlace(open)
                        + ");");
            case Act.TryInPlace tried -> tryInPlace(tried);
            case Act.CloseMe(var ending) ->
                out.add("Close(" + ending.map(calls::ending).orElse("") + ");");
            case Act.Close close -> {
                String with = close.ending().map(e -> ", " + calls.ending(e)).orElse("");
                doing("Desk.Close(" + calls.foundOrNone(close.whom()) + with + ")", "!", close.refused());
            }
            case Act.CloseEvery(String window, var refused) ->
                doing("Desk.CloseEvery<" + world.classOf(window) + ">()", "!", refused);
            case Act.Reach(var how, var whom) -> out.add("Desk." + method(how) + "(" + calls.foundOrNone(whom) + ");");
            case Act.ReachEvery(var how, String window, String each) -> {
                out.add("foreach (var " + each + " in Desk.Every<" + world.classOf(window) + ">()) {");
                out.add("Desk." + method(how) + "(" + each + ");").add("}");
            }
            case Act.Focus(var part) -> out.add(field(part) + ".RequestFocus();");
            case Act.Try(var trial, String reason) -> {
                out.add("if (" + calls.attempted(trial) + " is Tried.CouldNot " + reason + ") {");
                out.add("throw Desk.Failed(" + Spelling.literal(trial.what()) + ", " + reason + ".Reason);")
                        .add("}");
            }
            case Act.TryOr tryOr -> tryOr(tryOr);
            case Act.Background run -> ended(calls.background(run), Optional.of(run.ended()));
            case Act.CancelTask(String task) -> out.add("Desk.CancelTask(" + Spelling.literal(task) + ");");
            case Act.StopTask(String task) -> out.add("Desk.StopTask(" + Spelling.literal(task + " ") + ");");
            case Act.Holding(String holding, boolean take) -> out.add(calls.holding(holding, take) + ";");
            case Act.Turn turn -> out.add(calls.timer(turn) + ";");
            case Act.Note(var words) -> out.add("Desk.Note(" + calls.words(words) + ");");
            case Act.KeptValues(var how) ->
                out.add(calls.view().app() + (how == Step.KeptValues.How.SAVE ? "SaveKeptNow();" : "LoadKept();"));
            case Act.End(var code, var saying, var calledOff) ->
                doing(
                        "Desk.End(" + code.map(this::code).orElse("null") + ", " + calls.words(saying) + ")",
                        "",
                        calledOff);
        }
    }

    private void doScript(Act.DoScript script) {
        String call = calls.script(script);
        Optional<Act.Later> later = script.later();
        if (script.waited()) {
            out.add("Desk.WaitingForAll(() => " + call + ", () => { }));");
        } else if (later.isEmpty()) {
            out.add(call + ");");
        } else if (later.get().isFinish()) {
            out.add(call + ", then);");
        } else if (later.get().block().isEmpty()) {
            out.add(call + ", () => { });");
        } else {
            out.add(call + ", () => {").all(later(later.get().block())).add("});");
        }
    }

    /** What is done later on answers nobody. */
    private Lines later(Block block) {
        return new CsScript(world, calls, names, false).write(block);
    }

    private static String method(Step.Reach.How how) {
        return switch (how) {
            case BRING_TO_FRONT -> "BringToFront";
            case HIDE -> "Hide";
            case SHOW -> "Show";
        };
    }

    private String code(Say code) {
        String written = calls.expressions().write(code);
        return code instanceof Say.Literal(Value.Whole(long n), Type t) && n == (int) n
                ? written
                : "(int)(" + written + ")";
    }

    /** A call, and what is done where its answer, after the sign, is yes. */
    private void doing(String call, String sign, Optional<Block> then) {
        if (then.isEmpty()) {
            out.add(call + ";");
        } else {
            out.add("if (" + sign + call + ") {").all(inside(then.get())).add("}");
        }
    }

    private void choose(Act.Choose choose) {
        String begins = "if (";
        for (Act.Case one : choose.cases()) {
            out.add(begins + calls.write(one.condition(), Type.YESNO) + ") {").all(inside(one.block()));
            begins = "} else if (";
        }
        choose.otherwise().ifPresent(o -> out.add("} else {").all(inside(o)));
        out.add("}");
    }

    private void repeat(Block block) {
        out.add("while (true) {").all(inside(block));
        if (block.goesOn()) {
            out.add("break;");
        }
        out.add("}");
    }

    // Values and rows

    private String set(String base, Say.What what, String value) {
        return switch (what) {
            case Say.What.Title t -> base + "Title = " + value + ";";
            case Say.What.Variable(String name) -> base + world.member(name) + " = " + value + ";";
            case Say.What.OfPart(var part, String member) -> {
                String field = base + world.member(part.name().expression());
                yield member.equals(".selected")
                        ? field + ".Change(ignored => " + value + ");"
                        : field + CsWorld.memberOf(part, member) + " = " + value + ";";
            }
        };
    }

    private void setOfEvery(Act.SetOfEvery every) {
        out.add(world.types().of(every.value().type()) + " " + every.held() + " = "
                + calls.expressions().write(every.value()) + ";");
        out.add("foreach (var " + every.each() + " in Desk.Every<" + world.classOf(every.window()) + ">()) {");
        out.add(set(every.each() + ".", every.what(), every.held())).add("}");
    }

    private String field(Act.PartOf part) {
        return calls.base(part.whom(), part.window())
                + world.member(part.part().name().expression());
    }

    private static Type.RowOf rowOf(Act.PartOf list) {
        return ((Part.ListOfRows) list.part()).row();
    }

    private String row(Act.PartOf list) {
        return world.types().of(rowOf(list));
    }

    private void changeRow(Act.ChangeRow change) {
        Map<String, String> columns = world.types().columns(rowOf(change.list()));
        String made = change.row().stream()
                .map(c -> column(change.before(), columns, c))
                .collect(Collectors.joining(", "));
        out.add(field(change.list()) + ".Change(" + change.before() + " => new " + row(change.list()) + "(" + made
                + "));");
    }

    private String column(String before, Map<String, String> columns, Handed column) {
        return column.value()
                .map(v -> calls.write(v, column.type()))
                .orElseGet(() -> before + "." + columns.get(column.name()));
    }

    private String may(Act.PartOf list, boolean asked) {
        return asked
                ? calls.base(list.whom(), list.window())
                        + world.mayRemove(list.part()).orElseThrow()
                : "ignored => true";
    }

    // Answers

    private String kept(Act.Open open) {
        return switch (open.keep()) {
            case Act.Keep.Nowhere n -> "";
            case Act.Keep.InVariable(String window, String variable) -> world.member(variable) + " = ";
            case Act.Keep.InLocal(String local) -> "var " + local + " = ";
        };
    }

    /** A call that is not closed yet, and what is done with how it ends later on. */
    private void ended(String call, Optional<Act.Ended> ended) {
        ended.ifPresentOrElse(
                e -> out.add(call + ", " + e.result() + " => {")
                        .all(later(e.block()))
                        .add("});"),
                () -> out.add(call + ");"));
    }

    private void one(Act.AskForOne one) {
        String call = calls.asked(one.asked());
        String type = calls.reached(one.branch().outcome());
        if (world.isConstant(one.branch().outcome())) {
            out.add("if (" + call + " == " + type + ") {");
            out.all(inside(one.branch().block()));
        } else {
            is(call, one.branch(), "if (");
        }
        out.add("}");
    }

    private void all(Asked asked, List<Asked.Branch> branches) {
        String call = calls.asked(asked);
        boolean ends =
                !asked.mayBeNone() && branches.stream().noneMatch(b -> b.block().goesOn());
        List<Asked.Branch> does =
                branches.stream().filter(b -> !b.block().isEmpty()).toList();
        if (does.isEmpty()) {
            out.add(call + ";");
            return;
        }
        if (world.isConstant(branches.getFirst().outcome())) {
            select(call, does, ends);
            return;
        }
        if (ends && does.size() == 1) {
            only(call, does.getFirst());
            return;
        }
        String ended = call;
        if (does.size() > 1 && !call.matches("\\w+")) {
            ended = names.local("ended");
            out.add("var " + ended + " = " + call + ";");
        }
        for (int i = 0; i < does.size(); i++) {
            if (ends && i > 0 && i == does.size() - 1) {
                otherwise(ended, does.get(i));
            } else {
                is(ended, does.get(i), i == 0 ? "if (" : "} else if (");
            }
        }
        out.add("}");
    }

    /** What can end in one way only, and nothing follows. */
    private void only(String call, Asked.Branch branch) {
        if (branch.bound().isEmpty()) {
            out.add(call + ";");
        } else {
            as("(" + calls.reached(branch.outcome()) + ")" + call, branch);
        }
        out.all(inside(branch.block()));
    }

    private void as(String ended, Asked.Branch branch) {
        String as = names.local(Spelling.camel(branch.outcome().ending()));
        out.add("var " + as + " = " + ended + ";").all(bound(as, branch));
    }

    /** @param ends whether nothing follows, so that the compiler has to be told that there is no other answer */
    private void select(String call, List<Asked.Branch> branches, boolean ends) {
        out.add("switch (" + call + ") {");
        for (int i = 0; i < branches.size(); i++) {
            Asked.Branch branch = branches.get(i);
            boolean last = ends && i == branches.size() - 1;
            out.add(last ? "default:" : "case " + calls.reached(branch.outcome()) + ":");
            var body = new Lines().all(inside(branch.block()));
            if (branch.block().goesOn()) {
                body.add("break;");
            }
            out.further(body);
        }
        out.add("}");
    }

    private void is(String ended, Asked.Branch branch, String begins) {
        String type = calls.reached(branch.outcome());
        String as = branch.bound().isEmpty()
                ? ""
                : names.local(Spelling.camel(branch.outcome().ending()));
        out.add(begins + ended + " is " + type + (as.isEmpty() ? "" : " " + as) + ") {");
        out.all(bound(as, branch)).all(inside(branch.block()));
    }

    private void otherwise(String ended, Asked.Branch branch) {
        out.add("} else {");
        if (!branch.bound().isEmpty()) {
            as("(" + calls.reached(branch.outcome()) + ")" + ended, branch);
        }
        out.all(inside(branch.block()));
    }

    private Lines bound(String as, Asked.Branch branch) {
        var lines = new Lines();
        Map<String, String> gives = world.gives(branch.outcome());
        for (Outcome.Given give : branch.outcome().gives()) {
            if (branch.bound().containsKey(give.name())) {
                lines.add("var " + branch.bound().get(give.name()) + " = " + as + "." + gives.get(give.name()) + ";");
            }
        }
        return lines;
    }

    // What may fail

    private void couldNot(String attempted, Optional<String> reason) {
        String as = reason.map(r -> " " + names.local("failed")).orElse("");
        out.add("if (" + attempted + " is Tried.CouldNot" + as + ") {");
        reason.ifPresent(r -> out.add("var " + r + " =" + as + ".Reason;"));
    }

    private void tryInPlace(Act.TryInPlace tried) {
        couldNot(calls.triedInPlace(tried), tried.reason());
        tried.couldNot()
                .ifPresentOrElse(
                        block -> out.all(inside(block)),
                        () -> out.add("throw Desk.Failed("
                                + Spelling.literal(tried.trial().what()) + ", "
                                + tried.reason().orElseThrow() + ");"));
        out.add("}");
    }

    private void tryOr(Act.TryOr tryOr) {
        couldNot(calls.attempted(tryOr.trial()), tryOr.reason());
        out.all(inside(tryOr.couldNot()));
        if (!tryOr.then().isEmpty()) {
            out.add("} else {").all(inside(tryOr.then()));
        }
        out.add("}");
    }
}

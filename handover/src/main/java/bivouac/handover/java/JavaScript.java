package bivouac.handover.java;

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

/** Spells the acts of a script as the body of a method in Java. */
public final class JavaScript {

    private final JavaWorld world;
    private final JavaCalls calls;
    private final Ends ends;
    private Lines out = new Lines();

    /** @param self the window whose script it is, as it is called there; {@code null} in a script of the application */
    public JavaScript(JavaWorld world, String self, Ends ends) {
        this.world = world;
        this.calls = new JavaCalls(world, self);
        this.ends = ends;
    }

    /** The body, without its braces. */
    public Lines write(Block block) {
        block.acts().forEach(this::write);
        return out;
    }

    private Lines inside(Block block) {
        return inside(block, ends);
    }

    private Lines inside(Block block, Ends ends) {
        return new JavaScript(world, calls.self(), ends).write(block);
    }

    private void write(Act act) {
        switch (act) {
            case Act.SetOfApplication(String variable, Say value, Type type) ->
                out.add(world.ofApplication(variable) + " = " + calls.write(value, type) + ";");
            case Act.SetOfWindow(var whom, String window, var what, Say value, Type type) ->
                out.add(set(calls.base(whom, window), window, what, held(what, value, type), type));
            case Act.SetOfEvery every -> setOfEvery(every);
            case Act.Let(String local, Say value) ->
                out.add(world.types().of(value.type()) + " " + local + " = "
                        + calls.expressions().write(value) + ";");
            case Act.AddRow(var list, var row) ->
                out.add(field(list) + ".add(new " + row(list) + "(" + String.join(", ", calls.handed(row)) + "));");
            case Act.ChangeRow change -> changeRow(change);
            case Act.RemoveRows(var list, boolean asked) ->
                out.add(field(list) + ".removeSelected(" + may(list, asked) + ");");
            case Act.Choose choose -> choose(choose.flat());
            case Act.Repeat(String label, Block block) -> {
                out.add(label + ":").add("while (true) {").all(inside(block));
                if (block.goesOn()) {
                    out.add("break;");
                }
                out.add("}");
            }
            case Act.Again(String label) -> out.add("continue " + label + ";");
            case Act.Over o -> out.add(ends.line());
            case Act.Refuse r -> out.add("return false;");
            case Act.RefuseFurtherUp r -> out.add("throw " + world.desk() + ".stayOpen();");
            case Act.DoScript script -> doScript(script);
            case Act.Return back -> out.add("return " + calls.returned(back) + ";");
            case Act.Finish f -> out.add("then.run();");
            case Act.Ask(var asked) -> out.add(calls.asked(asked) + ";");
            case Act.AskForOne one -> one(one);
            case Act.AskForAll(var asked, var branches) -> all(asked, branches);
            case Act.Open open -> ended(kept(open) + calls.opened(open), open.ended());
            case Act.OpenInPlace open ->
                out.add(world.desk() + ".inPlace(this, " + calls.ending(open.ending()) + ", () -> "
                        + calls.openedInPlace(open) + ");");
            case Act.TryInPlace tried -> tryInPlace(tried);
            case Act.CloseMe(var ending) -> out.add("close(" + calls.ending(ending) + ");");
            case Act.Close close -> {
                String with = close.ending().map(e -> ", " + calls.ending(e)).orElse("");
                doing(world.desk() + ".close(" + calls.foundOrNone(close.whom()) + with + ")", "!", close.refused());
            }
            case Act.CloseEvery(String window, var refused) ->
                doing(world.desk() + ".closeEvery(" + world.classOf(window) + ".class)", "!", refused);
            case Act.Reach(var how, var whom) ->
                out.add(world.desk() + "." + method(how) + "(" + calls.foundOrNone(whom) + ");");
            case Act.ReachEvery(var how, String window, String each) ->
                out.add(world.desk() + ".every(" + world.classOf(window) + ".class).forEach(" + world.desk() + "::"
                        + method(how) + ");");
            case Act.Focus(var part) -> out.add(field(part) + ".requestFocus();");
            case Act.Try(var trial, String reason) -> {
                out.add("if (" + calls.attempted(trial) + " instanceof Tried.CouldNot(String " + reason + ")) {");
                out.add("throw " + world.desk() + ".failed(" + Spelling.literal(trial.what()) + ", " + reason + ");")
                        .add("}");
            }
            case Act.TryOr tryOr -> tryOr(tryOr);
            case Act.Background run -> ended(calls.background(run), Optional.of(run.ended()));
            case Act.CancelTask(String task) -> out.add(world.desk() + ".cancelTask(" + Spelling.literal(task) + ");");
            case Act.StopTask(String task) ->
                out.add(world.desk() + ".stopTask(" + Spelling.literal(task + " ") + ");");
            case Act.Holding(String holding, boolean take) -> out.add(calls.holding(holding, take) + ";");
            case Act.Turn turn -> out.add(calls.timer(turn) + ";");
            case Act.Note(var words) -> out.add(world.desk() + ".note(" + calls.words(words) + ");");
            case Act.KeptValues(var how) ->
                out.add(world.app() + (how == Step.KeptValues.How.SAVE ? "saveKeptNow();" : "loadKept();"));
            case Act.End(var code, var saying, var calledOff) ->
                doing(
                        world.desk() + ".end(" + code.map(this::code).orElse("null") + ", " + calls.words(saying) + ")",
                        "",
                        calledOff);
        }
    }

    private void doScript(Act.DoScript script) {
        String call = calls.script(script);
        Optional<Act.Later> later = script.later();
        if (script.waited()) {
            out.add(world.desk() + ".waitingForAll(() -> " + call + ", () -> {}));");
        } else if (later.isEmpty()) {
            out.add(call + ");");
        } else if (later.get().isFinish()) {
            out.add(call + ", then);");
        } else if (later.get().block().isEmpty()) {
            out.add(call + ", () -> {});");
        } else {
            out.add(call + ", () -> {")
                    .all(inside(later.get().block(), Ends.PLAIN))
                    .add("});");
        }
    }

    private static String method(Step.Reach.How how) {
        return switch (how) {
            case BRING_TO_FRONT -> "bringToFront";
            case HIDE -> "hide";
            case SHOW -> "show";
        };
    }

    private String code(Say code) {
        String written = calls.expressions().write(code);
        return code instanceof Say.Literal(Value.Whole(long n), Type t) && n == (int) n
                ? written
                : "Math.toIntExact(" + written + ")";
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

    // Values and rows

    private String set(String base, String window, Say.What what, String value, Type type) {
        return switch (what) {
            case Say.What.Title t -> world.setTitle(base, value);
            case Say.What.Variable(String name) -> base + world.variable(window, name) + " = " + value + ";";
            case Say.What.OfPart(var part, String member) -> world.set(base, window, part, member, value, type);
        };
    }

    /** What a field for numbers holds is an object, which a number as it is written is not. */
    private String held(Say.What what, Say value, Type type) {
        return what instanceof Say.What.OfPart(Part.ValueField field, String member) && member.isEmpty()
                ? calls.expressions().boxed(value, type)
                : calls.write(value, type);
    }

    private void setOfEvery(Act.SetOfEvery every) {
        Type type = every.value().type();
        String name = world.classOf(every.window());
        out.add(world.types().of(type) + " " + every.held() + " = "
                + calls.expressions().write(every.value()) + ";");
        out.add("for (" + name + " " + every.each() + " : " + world.desk() + ".every(" + name + ".class)) {");
        out.add(set(every.each() + ".", every.window(), every.what(), every.held(), type))
                .add("}");
    }

    private String field(Act.PartOf part) {
        return calls.base(part.whom(), part.window())
                + world.part(part.part().name().expression());
    }

    private String row(Act.PartOf list) {
        return world.types().of(((Part.ListOfRows) list.part()).row());
    }

    private void changeRow(Act.ChangeRow change) {
        String made = change.row().stream().map(c -> column(change.before(), c)).collect(Collectors.joining(", "));
        out.add(field(change.list()) + ".change(" + change.before() + " -> new " + row(change.list()) + "(" + made
                + "));");
    }

    private String column(String before, Handed column) {
        return column.value()
                .map(v -> calls.write(v, column.type()))
                .orElseGet(() -> before + "." + JavaNames.safe(column.name()) + "()");
    }

    private String may(Act.PartOf list, boolean asked) {
        String base = calls.base(list.whom(), list.window());
        String of = base.isEmpty() ? "this" : base.substring(0, base.length() - 1);
        return asked
                ? world.mayRemove(list.window(), list.part())
                        .map(m -> (base.isEmpty() ? "desk" : base + "desk()") + ".asking(" + of + ", " + of + "::" + m
                                + ")")
                        .orElseThrow()
                : "ignored -> true";
    }

    // Answers

    private String kept(Act.Open open) {
        return switch (open.keep()) {
            case Act.Keep.Nowhere n -> "";
            case Act.Keep.InVariable(String window, String variable) -> world.variable(window, variable) + " = ";
            case Act.Keep.InLocal(String local) -> world.classOf(open.window()) + " " + local + " = ";
        };
    }

    /** A call that is not closed yet, and what is done with how it ends later on. */
    private void ended(String call, Optional<Act.Ended> ended) {
        ended.ifPresentOrElse(
                e -> out.add(call + ", " + e.result() + " -> {")
                        .all(inside(e.block(), Ends.PLAIN))
                        .add("});"),
                () -> out.add(call + ");"));
    }

    private JavaWorld.Form form(Outcome outcome) {
        return calls.form(outcome);
    }

    private void one(Act.AskForOne one) {
        JavaWorld.Form form = form(one.branch().outcome());
        out.add("if (" + calls.asked(one.asked())
                + (form.constant() ? " == " + form.type() : " instanceof " + pattern(form, one.branch())) + ") {");
        out.all(inside(one.branch().block())).add("}");
    }

    private void all(Asked asked, List<Asked.Branch> branches) {
        out.add("switch (" + calls.asked(asked) + ") {");
        for (Asked.Branch branch : branches) {
            JavaWorld.Form form = form(branch.outcome());
            String pattern = form.constant() ? simple(form.type()) : pattern(form, branch);
            Lines lines = inside(branch.block());
            if (lines.isEmpty()) {
                out.add("case " + pattern + " -> {}");
            } else if (lines.size() == 1 && isExpression(lines.only())) {
                out.add("case " + pattern + " -> " + lines.only());
            } else {
                out.add("case " + pattern + " -> {").all(lines).add("}");
            }
        }
        if (asked.mayBeNone()) {
            out.add("case null -> {}");
        }
        out.add("}");
    }

    /** Whether a line is a call or an assignment, and no declaration, return or comment. */
    private static boolean isExpression(String line) {
        return line.endsWith(";") && line.matches("(?!return|continue|throw|new )[\\w.]+( = |\\().*");
    }

    private static String simple(String constant) {
        return constant.substring(constant.lastIndexOf('.') + 1);
    }

    /** A record pattern: what is not read has no name. */
    private String pattern(JavaWorld.Form form, Asked.Branch branch) {
        return pattern(form.type(), branch.outcome().gives(), branch.bound());
    }

    private String pattern(String type, List<Outcome.Given> gives, Map<String, String> bound) {
        return type
                + gives.stream()
                        .map(g -> bound.containsKey(g.name())
                                ? world.types().of(g.type()) + " " + bound.get(g.name())
                                : "_")
                        .collect(Collectors.joining(", ", "(", ")"));
    }

    private void tryInPlace(Act.TryInPlace tried) {
        String reason = tried.reason().map(r -> "String " + r).orElse("_");
        out.add("if (" + calls.triedInPlace(tried) + " instanceof Tried.CouldNot(" + reason + ")) {");
        tried.couldNot()
                .ifPresentOrElse(
                        block -> out.all(inside(block)),
                        () -> out.add("throw " + world.desk() + ".failed("
                                + Spelling.literal(tried.trial().what()) + ", "
                                + tried.reason().orElseThrow() + ");"));
        out.add("}");
    }

    private void tryOr(Act.TryOr tryOr) {
        String reason = tryOr.reason().map(r -> "String " + r).orElse("_");
        out.add("if (" + calls.attempted(tryOr.trial()) + " instanceof Tried.CouldNot(" + reason + ")) {");
        out.all(inside(tryOr.couldNot()));
        if (!tryOr.then().isEmpty()) {
            out.add("} else {").all(inside(tryOr.then()));
        }
        out.add("}");
    }
}

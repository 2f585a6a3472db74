package bivouac.format;

import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Steps and scripts in files: each step an object whose member {@code step} says its kind. */
final class StepFormat {

    private static final Map<String, Fields.Reader<Step>> KINDS = kinds();

    private StepFormat() {}

    private static Map<String, Fields.Reader<Step>> kinds() {
        var kinds = new LinkedHashMap<String, Fields.Reader<Step>>();
        kinds.put("open", StepFormat::open);
        kinds.put("close", StepFormat::close);
        kinds.put("stay open", json -> read(json, f -> new Step.StayOpen()));
        kinds.put("set", json -> read(json, StepFormat::set));
        kinds.put("if", StepFormat::branches);
        kinds.put(
                "end the application",
                json -> read(
                        json,
                        f -> new Step.EndApplication(
                                f.expression("code"), f.optionalText("saying"), script(f, "when refused"))));
        kinds.put("run", StepFormat::run);
        kinds.put("take", json -> read(json, f -> new Step.TakeHolding(f.text("holding"), whens(f))));
        kinds.put("give back", json -> read(json, f -> new Step.GiveBack(f.text("holding"), whens(f))));
        kinds.put("cancel task", json -> read(json, f -> new Step.CancelTask(f.text("task"))));
        kinds.put("stop task", json -> read(json, f -> new Step.StopTask(f.text("task"))));
        kinds.put("do", StepFormat::done);
        kinds.put("return", json -> read(json, f -> new Step.Return(f.text("ending"), givens(f, "gives"))));
        for (Step.TurnTimer.How how : Step.TurnTimer.How.values()) {
            kinds.put(how.words(), json -> read(json, f -> new Step.TurnTimer(how, f.text("timer"))));
        }
        kinds.put("focus", json -> read(json, f -> new Step.Focus(f.text("part"))));
        kinds.put("add row", json -> read(json, f -> new Step.AddRow(f.text("to"), givens(f, "with"))));
        kinds.put("change row", json -> read(json, f -> new Step.ChangeRow(f.text("of"), givens(f, "with"))));
        kinds.put("remove row", json -> read(json, f -> new Step.RemoveRow(f.text("of"), f.yes("unasked", false))));
        kinds.put("keep the row", json -> read(json, f -> new Step.KeepRow()));
        kinds.put("let", json -> read(json, f -> new Step.Let(f.text("name"), new Expression(f.text("be")))));
        kinds.put("repeat", json -> read(json, f -> new Step.Repeat(script(f, "do"))));
        kinds.put("again", json -> read(json, f -> new Step.Again()));
        for (Step.KeptValues.How how : Step.KeptValues.How.values()) {
            kinds.put(how.words(), json -> read(json, f -> new Step.KeptValues(how)));
        }
        kinds.put("not there yet", json -> read(json, f -> new Step.NotThereYet()));
        for (Step.Reach.How how : Step.Reach.How.values()) {
            kinds.put(how.words(), json -> read(json, f -> new Step.Reach(how, target(f.must("what")))));
        }
        kinds.put("note", json -> read(json, f -> new Step.Note(f.text("text"))));
        return kinds;
    }

    static Script script(Fields fields, String name) throws Unreadable {
        return new Script(fields.list(name, StepFormat::step));
    }

    static Script script(Json json) throws Unreadable {
        return new Script(Fields.asList(json, StepFormat::step));
    }

    static List<Object> write(Script script) {
        return script.steps().stream().map(s -> (Object) write(s)).toList();
    }

    private static Step step(Json json) throws Unreadable {
        return Fields.oneOf(Fields.of(json).must("step"), KINDS).read(json);
    }

    private static Step read(Json json, FieldsReader reader) throws Unreadable {
        Fields fields = Fields.of(json);
        fields.find("step");
        boolean off = fields.yes("off", false);
        Step step = reader.read(fields);
        fields.done();
        return off ? new Step.Off(step) : step;
    }

    private interface FieldsReader {
        Step read(Fields fields) throws Unreadable;
    }

    private static Step open(Json json) throws Unreadable {
        return read(json, f -> {
            Manner manner = manner(f);
            Optional<Json> owner = f.find("owned by");
            return new Step.Open(
                    f.text("window"),
                    manner,
                    owner.isPresent() ? Optional.of(target(owner.get())) : Optional.empty(),
                    givens(f, "hand over"),
                    f.optionalText("as"),
                    whens(f));
        });
    }

    private static Step run(Json json) throws Unreadable {
        return read(
                json,
                f -> new Step.RunTask(
                        f.text("task"),
                        f.yes("background", false),
                        f.yes("mayBeStopped", false),
                        givens(f, "hand over"),
                        f.optionalText("as"),
                        whens(f)));
    }

    private static Step done(Json json) throws Unreadable {
        return read(json, f -> {
            Optional<Json> in = f.find("in");
            return new Step.Do(
                    f.text("script"),
                    in.isPresent() ? Optional.of(target(in.get())) : Optional.empty(),
                    f.list("until", Fields::asText),
                    givens(f, "hand over"),
                    f.optionalText("as"),
                    whens(f));
        });
    }

    private static Manner manner(Fields f) throws Unreadable {
        Json word = f.must("manner");
        var words = new LinkedHashMap<String, Manner>();
        words.put("waits for its owner", new Manner.WaitsForOwner());
        words.put("waits for the application", new Manner.WaitsForApplication());
        words.put("alongside", new Manner.Alongside());
        words.put("in place", new Manner.InPlace("", List.of()));
        Manner manner = Fields.oneOf(word, words);
        return manner instanceof Manner.InPlace ? new Manner.InPlace(f.text("ending", ""), givens(f, "gives")) : manner;
    }

    private static Step close(Json json) throws Unreadable {
        return read(
                json,
                f -> new Step.Close(
                        f.value("what", new Target.Me(), StepFormat::target),
                        f.optionalText("ending"),
                        givens(f, "gives"),
                        script(f, "when refused")));
    }

    private static Step branches(Json json) throws Unreadable {
        return read(json, f -> {
            var cases = new ArrayList<Step.If.Case>();
            cases.add(new Step.If.Case(new Expression(f.text("condition")), script(f, "then")));
            cases.addAll(f.list("else if", c -> {
                Fields one = Fields.of(c);
                var read = new Step.If.Case(new Expression(one.text("condition")), script(one, "then"));
                one.done();
                return read;
            }));
            Optional<Json> otherwise = f.find("else");
            return new Step.If(cases, otherwise.isPresent() ? Optional.of(script(otherwise.get())) : Optional.empty());
        });
    }

    private static List<Step.Branch> whens(Fields f) throws Unreadable {
        Optional<Json> when = f.find("when");
        var branches = new ArrayList<Step.Branch>();
        if (when.isPresent()) {
            if (!(when.get() instanceof Json.Members members)) {
                throw Unreadable.at(
                        when.get().at(),
                        "expected an object from endings to steps, found "
                                + when.get().kind() + ".");
            }
            for (var branch : members.values().entrySet()) {
                branches.add(new Step.Branch(branch.getKey(), script(branch.getValue())));
            }
        }
        return branches;
    }

    static List<Given> givens(Fields f, String name) throws Unreadable {
        Optional<Json> found = f.find(name);
        var givens = new ArrayList<Given>();
        if (found.isPresent()) {
            if (!(found.get() instanceof Json.Members members)) {
                throw Unreadable.at(
                        found.get().at(),
                        "expected an object from names to expressions, found "
                                + found.get().kind() + ".");
            }
            for (var given : members.values().entrySet()) {
                givens.add(new Given(given.getKey(), new Expression(Fields.asText(given.getValue()))));
            }
        }
        return givens;
    }

    private static Target target(Json json) throws Unreadable {
        if (json instanceof Json.Members) {
            Fields f = Fields.of(json);
            Optional<String> every = f.optionalText("every");
            Target target = every.isPresent()
                    ? new Target.Every(every.get())
                    : new Target.Keyed(f.text("window"), new Expression(f.text("for")));
            f.done();
            return target;
        }
        String word = Fields.asText(json);
        return switch (word) {
            case "me" -> new Target.Me();
            case "owner" -> new Target.Owner();
            case "opener" -> new Target.Opener();
            default -> {
                if (word.startsWith("window ")) {
                    yield new Target.Single(word.substring("window ".length()));
                }
                if (word.startsWith("kept ")) {
                    yield new Target.Kept(word.substring("kept ".length()));
                }
                throw Unreadable.at(
                        json.at(),
                        "“" + word + "” names no window; expected me, owner, opener, window NAME or kept NAME.");
            }
        };
    }

    private static Step set(Fields f) throws Unreadable {
        String what = f.text("what");
        var to = new Expression(f.text("to"));
        Optional<Json> of = f.find("of");
        return of.isPresent() ? new Step.SetIn(what, target(of.get()), to) : new Step.SetValue(what, to);
    }

    private static JsonOut.Members write(Step step) {
        var out = new JsonOut.Members();
        return switch (step) {
            case Step.Off(Step inner) -> write(inner).put("off", true);
            case Step.Open o -> {
                out.put("step", "open").put("window", o.window());
                write(out, o.manner());
                o.ownedBy().ifPresent(t -> out.put("owned by", write(t)));
                write(out, "hand over", o.handOver());
                out.put("as", o.as());
                yield whens(out, o.branches());
            }
            case Step.RunTask r -> {
                out.put("step", "run").put("task", r.task());
                out.putUnless(!r.background(), "background", true).putUnless(!r.mayBeStopped(), "mayBeStopped", true);
                write(out, "hand over", r.handOver());
                out.put("as", r.as());
                yield whens(out, r.branches());
            }
            case Step.TakeHolding(String holding, var branches) ->
                whens(out.put("step", "take").put("holding", holding), branches);
            case Step.GiveBack(String holding, var branches) ->
                whens(out.put("step", "give back").put("holding", holding), branches);
            case Step.Do d -> {
                out.put("step", "do").put("script", d.script());
                d.in().ifPresent(t -> out.put("in", write(t)));
                out.putUnless(d.until().isEmpty(), "until", List.copyOf(d.until()));
                write(out, "hand over", d.handOver());
                out.put("as", d.as());
                yield whens(out, d.branches());
            }
            case Step.Return r -> {
                out.put("step", "return").put("ending", r.ending());
                write(out, "gives", r.gives());
                yield out;
            }
            case Step.TurnTimer t -> out.put("step", t.how().words()).put("timer", t.timer());
            case Step.Focus(String part) -> out.put("step", "focus").put("part", part);
            case Step.CancelTask(String task) -> out.put("step", "cancel task").put("task", task);
            case Step.StopTask(String task) -> out.put("step", "stop task").put("task", task);
            case Step.Close c -> {
                out.put("step", "close")
                        .putUnless(c.target() instanceof Target.Me, "what", write(c.target()))
                        .put("ending", c.ending());
                write(out, "gives", c.gives());
                yield refused(out, c.refused());
            }
            case Step.StayOpen s -> out.put("step", "stay open");
            case Step.SetValue(String path, Expression value) ->
                out.put("step", "set").put("what", path).put("to", value.source());
            case Step.SetIn(String member, Target in, Expression value) ->
                out.put("step", "set").put("what", member).put("of", write(in)).put("to", value.source());
            case Step.If i -> write(out, i);
            case Step.EndApplication e ->
                refused(
                        out.put("step", "end the application")
                                .put("code", e.code())
                                .put("saying", e.saying()),
                        e.refused());
            case Step.AddRow a -> {
                out.put("step", "add row").put("to", a.list());
                write(out, "with", a.values());
                yield out;
            }
            case Step.ChangeRow c -> {
                out.put("step", "change row").put("of", c.list());
                write(out, "with", c.values());
                yield out;
            }
            case Step.RemoveRow(String list, boolean unasked) ->
                out.put("step", "remove row").put("of", list).putUnless(!unasked, "unasked", true);
            case Step.KeepRow k -> out.put("step", "keep the row");
            case Step.Let(String name, Expression value) ->
                out.put("step", "let").put("name", name).put("be", value.source());
            case Step.Repeat(Script script) ->
                out.put("step", "repeat").putUnless(script.isEmpty(), "do", write(script));
            case Step.Again a -> out.put("step", "again");
            case Step.KeptValues k -> out.put("step", k.how().words());
            case Step.NotThereYet n -> out.put("step", "not there yet");
            case Step.Reach r -> out.put("step", r.how().words()).put("what", write(r.target()));
            case Step.Note(String text) -> out.put("step", "note").put("text", text);
        };
    }

    private static JsonOut.Members whens(JsonOut.Members out, List<Step.Branch> branches) {
        var when = new JsonOut.Members();
        branches.forEach(b -> when.put(b.ending(), write(b.script())));
        return out.putUnless(branches.isEmpty(), "when", when);
    }

    private static JsonOut.Members refused(JsonOut.Members out, Script refused) {
        return out.putUnless(refused.isEmpty(), "when refused", write(refused));
    }

    private static JsonOut.Members write(JsonOut.Members out, Step.If i) {
        Step.If.Case first = i.cases().getFirst();
        out.put("step", "if").put("condition", first.condition().source()).put("then", write(first.script()));
        out.list("else if", i.cases().subList(1, i.cases().size()), c -> new JsonOut.Members()
                .put("condition", c.condition().source())
                .put("then", write(c.script())));
        i.otherwise().ifPresent(s -> out.put("else", write(s)));
        return out;
    }

    private static void write(JsonOut.Members out, Manner manner) {
        switch (manner) {
            case Manner.WaitsForOwner w -> out.put("manner", "waits for its owner");
            case Manner.WaitsForApplication w -> out.put("manner", "waits for the application");
            case Manner.Alongside a -> out.put("manner", "alongside");
            case Manner.InPlace(String ending, List<Given> gives) -> {
                out.put("manner", "in place").putUnlessEmpty("ending", ending);
                write(out, "gives", gives);
            }
        }
    }

    static void write(JsonOut.Members out, String name, List<Given> givens) {
        var members = new JsonOut.Members();
        givens.forEach(g -> members.put(g.name(), g.value().source()));
        out.putUnless(givens.isEmpty(), name, members);
    }

    private static Object write(Target target) {
        return switch (target) {
            case Target.Me m -> "me";
            case Target.Owner o -> "owner";
            case Target.Opener o -> "opener";
            case Target.Single(String window) -> "window " + window;
            case Target.Kept(String name) -> "kept " + name;
            case Target.Keyed(String window, Expression key) ->
                new JsonOut.Members().put("window", window).put("for", key.source());
            case Target.Every(String window) -> new JsonOut.Members().put("every", window);
        };
    }
}

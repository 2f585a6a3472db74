package bivouac.handover.java;

import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Manner;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Window;
import bivouac.expression.Value;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Say;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes a script as the body of a method: it reads as the sentences do, and waits where they wait. */
public final class JavaSteps {

    /** How a body ends before its last line: with nothing, or with the answer of a method that is asked. */
    public enum Ends {
        PLAIN("return;"),
        AGREES("return true;");

        private final String line;

        Ends(String line) {
            this.line = line;
        }
    }

    private static final String NO_WINDOW = "null";

    private final Meanings meanings;
    private final JavaWorld world;
    private final ScriptPlace place;
    private final String self;
    private final Ends ends;
    private final JavaNames names;
    private final Set<String> used = new HashSet<>();
    private Lines out = new Lines();
    private Here here;
    private int repeats;
    private String repeat = "";
    /** What follows the list of steps that is written, from the inside out. */
    private List<Rest> rests = List.of();

    private record Rest(StepPath from, Script script, Here here) {}

    /**
     * @param self the window whose script it is, as it is called there; {@code null} in a script of the application
     * @param taken names that are there already: of takes and parameters
     * @param locals what the script can read from the beginning, by their names there
     */
    public JavaSteps(
            Meanings meanings,
            JavaWorld world,
            ScriptPlace place,
            String self,
            Ends ends,
            Set<String> taken,
            Map<String, String> locals) {
        this.meanings = meanings;
        this.world = world;
        this.place = place;
        this.self = self;
        this.ends = ends;
        this.names = new JavaNames(taken);
        this.here = new Here(place, Optional.empty(), locals, Map.of());
    }

    /** The body, without its braces. */
    public Lines write(Script script) {
        boolean goesOn = steps(script, StepPath.of(0), script);
        if (goesOn && ends == Ends.AGREES) {
            out.add(ends.line);
        }
        return out;
    }

    /** The body of one step of the script at a place. */
    public Lines write(Step step, StepPath path) {
        here = here.at(path);
        step(step, path, Script.EMPTY);
        return out;
    }

    /** Writes the steps of one list; answers whether what comes after it is reached. */
    private boolean steps(Script list, StepPath first, Script whole) {
        for (int i = 0; i < list.steps().size(); i++) {
            StepPath path = first.next(i);
            here = here.at(path);
            var outer = rests;
            if (i + 1 < list.steps().size()) {
                var longer = new ArrayList<Rest>();
                longer.add(new Rest(
                        first.next(i + 1),
                        new Script(list.steps().subList(i + 1, list.steps().size())),
                        here));
                longer.addAll(rests);
                rests = longer;
            }
            boolean goesOn = step(list.steps().get(i), path, whole);
            rests = outer;
            if (!goesOn) {
                return false;
            }
        }
        return true;
    }

    /** The steps of a list inside a step, with what they make known only there. */
    private boolean inner(Script list, StepPath first, Script whole) {
        Here before = here;
        boolean goesOn = steps(list, first, whole);
        here = before;
        return goesOn;
    }

    private boolean step(Step step, StepPath path, Script whole) {
        return switch (step) {
            case Step.Open open -> open(open, path, whole);
            case Step.RunTask run -> run(run, path, whole);
            case Step.TakeHolding take -> holding(take.holding(), take.branches(), true, path, whole);
            case Step.GiveBack give -> holding(give.holding(), give.branches(), false, path, whole);
            case Step.Do(String script, var handOver) -> doScript(script, handOver);
            case Step.TurnTimer(var how, String timer) -> timer(how, timer);
            case Step.Focus(String part) -> line(list(part, false) + ".requestFocus();");
            case Step.StopTask(String task) -> line(world.desk() + ".stopTask(" + JavaNames.literal(task + " ") + ");");
            case Step.Close close -> close(close, path, whole);
            case Step.StayOpen s -> stayOpen();
            case Step.SetValue(String target, var value) -> set(target, value);
            case Step.SetIn(String member, Target in, var value) -> setIn(member, in, value);
            case Step.If choice -> choice(choice, path, whole);
            case Step.EndApplication end -> end(end, path, whole);
            case Step.Note(String text) -> line(world.desk() + ".note(" + text("note", text) + ");");
            case Step.AddRow(String target, var values) -> addRow(target, values);
            case Step.ChangeRow(String target, var values) -> changeRow(target, values);
            case Step.RemoveRow(String target, boolean unasked) -> removeRow(target, unasked);
            case Step.KeepRow k -> stop("return false;");
            case Step.Let(String name, var value) -> let(name, value);
            case Step.Repeat(Script script) -> repeat(script, path, whole);
            case Step.Again a -> again();
            case Step.KeptValues(var how) ->
                line(world.app() + (how == Step.KeptValues.How.SAVE ? "saveKeptNow();" : "loadKept();"));
            case Step.NotThereYet n -> line("// Not there yet.");
            case Step.Reach(var how, Target target) -> reach(how, target);
            case Step.Off off -> true;
        };
    }

    private boolean line(String line) {
        out.add(line);
        return true;
    }

    private boolean stop(String line) {
        out.add(line);
        return false;
    }

    // Values

    private JavaExpressions expressions() {
        return new JavaExpressions(world, here, used);
    }

    private Say say(bivouac.design.Expression expression) {
        return meanings.of(expression, here)
                .orElseThrow(() -> new NotHandedOver(where() + ": “" + expression.source()
                        + "” means nothing here. Put it right first; the findings say how."));
    }

    private String where() {
        return place.words()
                + here.path()
                        .map(p ->
                                ", step " + p.number(place.in(meanings.program().design())))
                        .orElse("");
    }

    private String value(bivouac.design.Expression expression, Type wanted) {
        return expressions().write(say(expression), wanted);
    }

    private String text(String what, String text) {
        return world.text(what, text, here, used);
    }

    /** What is handed over, in the order of the takes; a take that gets nothing gets its default. */
    private List<String> handed(List<Take> takes, List<Given> values) {
        return takes.stream().map(take -> handed(take, values)).toList();
    }

    private String handed(Take take, List<Given> values) {
        return values.stream()
                .filter(v -> v.name().equals(take.name().expression()))
                .findFirst()
                .map(v -> value(v.value(), take.type()))
                .or(() -> meanings.byDefault(take).map(s -> expressions().write(s, take.type())))
                .orElseGet(() -> world.types().start(take.type()));
    }

    // Windows

    private boolean open(Step.Open open, StepPath path, Script whole) {
        Window window = meanings.find(open.window())
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no window “" + open.window() + "”."));
        WindowPlan plan = meanings.program().window(open.window()).orElseThrow();
        if (open.manner() instanceof Manner.InPlace inPlace) {
            return inPlace(open, inPlace, window, plan);
        }
        if (plan.mayFail()) {
            return mayFail(open, window, path, whole);
        }
        return opened(open, window, path, whole);
    }

    private static boolean isCouldNot(Step.Branch branch) {
        return branch.ending().equals(bivouac.design.Ending.COULD_NOT.name());
    }

    private String owner(Step.Open open, Window window) {
        WindowPlan plan = meanings.program().window(window.name().shown()).orElseThrow();
        if (!plan.canBeOwned()) {
            return NO_WINDOW;
        }
        return open.ownedBy().map(this::found).orElse(self);
    }

    private String arguments(Step.Open open, Window window, String... before) {
        var all = new ArrayList<>(List.of(before));
        all.addAll(handed(window.takes(), open.handOver()));
        return String.join(", ", all);
    }

    private String app() {
        return world.app().isEmpty() ? "this" : "app";
    }

    private boolean opened(Step.Open open, Window window, StepPath path, Script whole) {
        if (open.manner() instanceof Manner.Alongside && !(window instanceof ReadyMade)) {
            return alongside(open, window, path, whole);
        }
        boolean forOwner = open.manner() instanceof Manner.WaitsForOwner;
        String manner = forOwner ? "Manner.WAITS_FOR_OWNER" : "Manner.WAITS_FOR_APPLICATION";
        String asked = world.classOf(open.window()) + ".ask("
                + arguments(open, window, app(), self, owner(open, window), manner) + ")";
        var branches = new ArrayList<Answer>();
        for (int i = 0; i < open.branches().size(); i++) {
            Step.Branch b = open.branches().get(i);
            if (!isCouldNot(b)) {
                branches.add(new Answer(world.ending(open.window(), b.ending()), b, path.into(i, 0)));
            }
        }
        List<JavaWorld.Form> all = world.endings(open.window()).stream()
                .map(e -> world.ending(open.window(), e))
                .toList();
        return answers(asked, branches, all, open.as(), whole);
    }

    /** A branch, and how its ending is written. */
    private record Answer(JavaWorld.Form form, Step.Branch branch, StepPath at) {}

    /** A call whose result is looked at, as far as there are branches for it. */
    private boolean answers(
            String call, List<Answer> branches, List<JavaWorld.Form> all, Optional<String> as, Script whole) {
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

    private void writeCase(String pattern, Body body) {
        if (body.lines().isEmpty()) {
            out.add("case " + pattern + " -> {}");
        } else if (body.lines().size() == 1 && isExpression(body.lines().only())) {
            out.add("case " + pattern + " -> " + body.lines().only());
        } else {
            out.add("case " + pattern + " -> {").all(body.lines()).add("}");
        }
    }

    /** Whether a line is a call or an assignment, and no declaration, return or comment. */
    private static boolean isExpression(String line) {
        return line.endsWith(";") && line.matches("(?!return|continue|throw|new )[\\w.]+( = |\\().*");
    }

    private static String simple(String constant) {
        return constant.substring(constant.lastIndexOf('.') + 1);
    }

    /** @param reads whether something of what the ending gives is read */
    private record Body(String pattern, Lines lines, boolean goesOn, boolean reads) {}

    /** What is done at an ending, with its values under names of their own. */
    private Body body(Answer answer, Optional<String> as, Script whole) {
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
    private String pattern(JavaWorld.Form form, Map<String, String> bound) {
        return form.type()
                + form.components().stream()
                        .map(c -> bound.containsKey(c.name())
                                ? world.types().of(c.type()) + " " + bound.get(c.name())
                                : "_")
                        .collect(Collectors.joining(", ", "(", ")"));
    }

    private boolean alongside(Step.Open open, Window window, StepPath path, Script whole) {
        var arguments = new ArrayList<>(List.of(app(), self, owner(open, window)));
        arguments.addAll(handed(window.takes(), open.handOver()));
        boolean branches = open.branches().stream()
                .anyMatch(b -> !isCouldNot(b) && !b.script().doesNothing());
        String call = world.classOf(open.window()) + ".open(" + String.join(", ", arguments);
        String kept = open.as().map(name -> keep(name, open.window())).orElse("");
        if (!branches) {
            return line(kept + call + ");");
        }
        var answers = new ArrayList<Answer>();
        for (int i = 0; i < open.branches().size(); i++) {
            Step.Branch b = open.branches().get(i);
            if (!isCouldNot(b)) {
                answers.add(new Answer(world.ending(open.window(), b.ending()), b, path.into(i, 0)));
            }
        }
        List<JavaWorld.Form> all = world.endings(open.window()).stream()
                .map(e -> world.ending(open.window(), e))
                .toList();
        String result = names.member("ended");
        out.add(kept + call + ", " + result + " -> {");
        Lines outside = out;
        out = new Lines();
        answers(result, answers, all, Optional.empty(), whole);
        outside.all(out).add("});");
        out = outside;
        return true;
    }

    private String keep(String name, String window) {
        boolean ofWindow = place
                .ofWindow()
                .flatMap(w -> meanings.program().design().faced(w))
                .stream()
                .flatMap(f -> f.variables().stream())
                .anyMatch(v -> v.name().expression().equals(name) && v.type() instanceof Type.WindowOf);
        if (ofWindow) {
            return world.variable(place.ofWindow().orElseThrow(), name) + " = ";
        }
        String local = names.member(name);
        var kept = new HashMap<>(here.kept());
        kept.put(name, window);
        var locals = new HashMap<>(here.locals());
        locals.put(name, local);
        here = new Here(place, here.path(), locals, kept);
        return world.classOf(window) + " " + local + " = ";
    }

    private boolean inPlace(Step.Open open, Manner.InPlace manner, Window window, WindowPlan plan) {
        FacedWindow me = place.ofWindow()
                .flatMap(w -> meanings.program().design().faced(w))
                .orElseThrow(() -> new NotHandedOver(where() + ": only a window makes room for another one."));
        String owner = plan.canBeOwned() ? "owner()" : NO_WINDOW;
        String opens = window instanceof ReadyMade
                ? world.classOf(open.window()) + ".ask("
                        + arguments(open, window, app(), NO_WINDOW, owner, "Manner.WAITS_FOR_APPLICATION") + ")"
                : world.classOf(open.window()) + ".open(" + arguments(open, window, app(), NO_WINDOW, owner) + ")";
        String ending = manner.ending().isEmpty()
                ? "() -> endingFor(Way.CLOSE_STEP)"
                : ending(me, manner.ending(), manner.gives());
        if (plan.mayFail()) {
            throw new NotHandedOver(where() + ": “" + open.window()
                    + "” may fail to open and is opened in place; that is not written yet. Open it alongside and close this"
                    + " window when it is there.");
        }
        return line(world.desk() + ".inPlace(this, " + ending + ", () -> " + opens + ");");
    }

    /** O7: the system is asked first, unless the window is there already. */
    private boolean mayFail(Step.Open open, Window window, StepPath path, Script whole) {
        String what = JavaNames.literal("opening " + open.window());
        Optional<Integer> couldNot = Optional.empty();
        for (int i = 0; i < open.branches().size(); i++) {
            if (isCouldNot(open.branches().get(i))) {
                couldNot = Optional.of(i);
            }
        }
        String attempt = world.desk() + ".attempt(" + self + ", " + what + ", Tried.Done::new)";
        String there = isThere(open, window);
        return tried(
                attempt, there, what, couldNot, open.branches(), path, whole, () -> opened(open, window, path, whole));
    }

    private String isThere(Step.Open open, Window window) {
        return window instanceof FacedWindow face && !(face.instancesOrUsual() instanceof bivouac.design.Instances.Many)
                ? world.classOf(open.window()) + ".find(" + arguments(open, window, app()) + ").isEmpty() && "
                : "";
    }

    private interface Writes {
        boolean write();
    }

    private boolean tried(
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

    private boolean close(Step.Close close, StepPath path, Script whole) {
        boolean mine = close.target() instanceof Target.Me;
        if (mine && self.equals("this")) {
            FacedWindow me = meanings.program()
                    .design()
                    .faced(place.ofWindow().orElseThrow())
                    .orElseThrow();
            String ending =
                    close.ending().map(e -> ending(me, e, close.gives())).orElse("() -> endingFor(Way.CLOSE_STEP)");
            out.add("close(" + ending + ");");
            // it comes back from there only if it was refused (W6)
            return inner(close.refused(), path.into(0, 0), whole);
        }
        String call =
                switch (close.target()) {
                    case Target.Every(String window) ->
                        world.desk() + ".closeEvery(" + world.classOf(window) + ".class)";
                    case Target other -> {
                        String found = foundOrNone(other);
                        Optional<FacedWindow> window = windowOf(other)
                                .flatMap(w -> meanings.program().design().faced(w));
                        String ending = close.ending().isPresent() && window.isPresent()
                                ? ", " + ending(window.get(), close.ending().get(), close.gives())
                                : "";
                        yield world.desk() + ".close(" + found + ending + ")";
                    }
                };
        if (close.refused().doesNothing()) {
            return line(call + ";");
        }
        out.add("if (!" + call + ") {");
        inBlock(close.refused(), path.into(0, 0), whole);
        out.add("}");
        return true;
    }

    private boolean inBlock(Script script, StepPath at, Script whole) {
        Lines outside = out;
        out = new Lines();
        boolean goesOn = inner(script, at, whole);
        outside.all(out);
        out = outside;
        return goesOn;
    }

    /** What makes an ending, when its values are wanted. */
    private String ending(FacedWindow window, String ending, List<Given> gives) {
        JavaWorld.Form form = world.ending(window.name().shown(), ending);
        if (form.components().isEmpty()) {
            return form.type() + "::new";
        }
        return "() -> new " + form.type() + "("
                + form.components().stream()
                        .map(c -> gives.stream()
                                .filter(g -> g.name().equals(c.name()))
                                .findFirst()
                                .map(g -> value(g.value(), c.type()))
                                .orElseGet(() -> world.types().start(c.type())))
                        .collect(Collectors.joining(", "))
                + ")";
    }

    /** The one window that a target can be, by its shown name; empty where it can be several. */
    private Optional<String> windowOf(Target target) {
        Optional<WindowPlan> me = place.ofWindow().flatMap(meanings.program()::window);
        List<WindowPlan> all =
                switch (target) {
                    case Target.Kept(String name) ->
                        meanings.keptWindow(name, here).stream().toList();
                    case Target.Owner o -> me.map(meanings.program()::ownersOf).orElse(List.of());
                    case Target.Opener o ->
                        me.map(meanings.program()::openersOf).orElse(List.of());
                    default ->
                        target.windowFrom(place).flatMap(meanings.program()::window).stream()
                                .toList();
                };
        return all.size() == 1 ? Optional.of(all.getFirst().window().name().shown()) : Optional.empty();
    }

    /** The window that is meant; fault X3 where it is not open. */
    private String found(Target target) {
        return switch (target) {
            case Target.Me m -> self;
            case Target.Owner o -> "owner()";
            case Target.Opener o -> "opener()";
            case Target.Single(String window) -> world.desk() + ".the(" + world.classOf(window) + ".class)";
            case Target.Keyed(String window, var key) ->
                world.desk() + ".the(" + world.classOf(window) + ".class, " + key(window, key) + ")";
            case Target.Kept(String name) -> kept(name);
            case Target.Every e -> throw new NotHandedOver(where() + ": every window cannot be one.");
        };
    }

    private String key(String window, bivouac.design.Expression key) {
        Say say = say(key);
        return say.type() == Type.WHOLE
                ? "(long) " + expressions().write(say)
                : expressions().write(say);
    }

    private String kept(String name) {
        String local = here.locals().get(name);
        if (local != null) {
            used.add(local);
            return local;
        }
        return world.variable(place.ofWindow().orElseThrow(), name);
    }

    /** The window that is meant, or null where it is not open. */
    private String foundOrNone(Target target) {
        return switch (target) {
            case Target.Single(String window) ->
                world.desk() + ".find(" + world.classOf(window) + ".class, null).orElse(null)";
            case Target.Keyed(String window, var key) ->
                world.desk() + ".find(" + world.classOf(window) + ".class, " + key(window, key) + ").orElse(null)";
            default -> found(target);
        };
    }

    private boolean reach(Step.Reach.How how, Target target) {
        String method =
                switch (how) {
                    case BRING_TO_FRONT -> "bringToFront";
                    case HIDE -> "hide";
                    case SHOW -> "show";
                };
        if (target instanceof Target.Every(String window)) {
            return line(world.desk() + ".every(" + world.classOf(window) + ".class).forEach(" + world.desk() + "::"
                    + method + ");");
        }
        return line(world.desk() + "." + method + "(" + foundOrNone(target) + ");");
    }

    private boolean stayOpen() {
        boolean asked = place instanceof ScriptPlace.AtMoment && ends == Ends.AGREES;
        return stop(asked ? "return false;" : "throw " + world.desk() + ".stayOpen();");
    }

    // Values set

    private Say target(String dotted) {
        var expression = new bivouac.design.Expression(dotted);
        return meanings.of(expression, here)
                .orElseThrow(() -> new NotHandedOver(where() + ": “" + dotted + "” means nothing here."));
    }

    private boolean set(String dotted, bivouac.design.Expression value) {
        return assign(target(dotted), value);
    }

    private boolean assign(Say target, bivouac.design.Expression value) {
        String written = value(value, target.type());
        return switch (target) {
            case Say.OfApplication(String name, Type type) -> line(world.ofApplication(name) + " = " + written + ";");
            case Say.Member m -> {
                if (m.windows().size() > 1) {
                    throw new NotHandedOver(where() + ": what is set can be of several windows; name the window.");
                }
                String window = m.windows().getFirst();
                yield line(set(base(m), window, m.what(), written, m.type()));
            }
            case Say.Column(Say row, String column, Type type)
            when row instanceof Say.Member m
                    && m.what() instanceof Say.What.OfPart(var part, String member)
                    && member.equals(".selected") ->
                changeColumns(base(m) + field(m), (Part.ListOfRows) part, Map.of(column, written));
            default -> throw new NotHandedOver(where() + ": this cannot be set.");
        };
    }

    private String base(Say.Member m) {
        return m.whose() instanceof Say.Whose.KeptByScript(String name)
                ? world.desk() + ".there(" + kept(name) + ")."
                : world.base(m.whose(), m.windows().getFirst());
    }

    private String field(Say.Member m) {
        return world.part(((Say.What.OfPart) m.what()).part().name().expression());
    }

    private String set(String base, String window, Say.What what, String value, Type type) {
        return switch (what) {
            case Say.What.Title t -> world.setTitle(base, value);
            case Say.What.Variable(String name) -> base + world.variable(window, name) + " = " + value + ";";
            case Say.What.OfPart(var part, String member) -> {
                if (member.startsWith(".selected.")) {
                    throw new NotHandedOver(
                            where() + ": a column of another window's row cannot be set; change the row.");
                }
                yield world.set(base, window, part, member, value, type);
            }
        };
    }

    private boolean setIn(String member, Target in, bivouac.design.Expression value) {
        String window = windowOf(in)
                .orElseThrow(
                        () -> new NotHandedOver(where() + ": what is set can be of several windows; name the window."));
        FacedWindow face = meanings.program().design().faced(window).orElseThrow();
        Say.What what = what(face, member);
        Say say = say(value);
        String written = expressions().write(say);
        if (in instanceof Target.Every) {
            String each = names.member("each");
            String held = names.member("value");
            out.add(world.types().of(say.type()) + " " + held + " = " + written + ";");
            out.add("for (" + world.classOf(window) + " " + each + " : " + world.desk() + ".every("
                    + world.classOf(window) + ".class)) {");
            out.add(set(each + ".", window, what, held, say.type())).add("}");
            return true;
        }
        return line(set(member(in, window), window, what, written, say.type()));
    }

    /** What finds a window whose members are set, with its point. */
    private String member(Target in, String window) {
        return switch (in) {
            case Target.Me m -> "";
            case Target.Owner o -> "owner(" + world.classOf(window) + ".class).";
            case Target.Opener o -> "opener(" + world.classOf(window) + ".class).";
            case Target.Kept(String name) -> world.desk() + ".there(" + kept(name) + ").";
            default -> found(in) + ".";
        };
    }

    private static Say.What what(FacedWindow face, String member) {
        if (member.equals("title")) {
            return new Say.What.Title();
        }
        if (face.variables().stream().anyMatch(v -> v.name().expression().equals(member))) {
            return new Say.What.Variable(member);
        }
        int dot = member.indexOf('.');
        return new Say.What.OfPart(
                face.part(dot < 0 ? member : member.substring(0, dot)).orElseThrow(),
                dot < 0 ? "" : member.substring(dot));
    }

    private boolean let(String name, bivouac.design.Expression value) {
        Say say = say(value);
        String written = expressions().write(say);
        String local = names.member(name);
        out.add(world.types().of(say.type()) + " " + local + " = " + written + ";");
        var locals = new HashMap<>(here.locals());
        locals.put(name, local);
        here = new Here(place, here.path(), locals, here.kept());
        return true;
    }

    // Rows

    /** The list, or the part, that a dotted name means. */
    private String list(String dotted, boolean rows) {
        if (dotted.startsWith("me.")) {
            return world.part(dotted.substring(3));
        }
        Say say = target(dotted + (rows ? ".rows" : ".enabled"));
        if (say instanceof Say.Member m && m.windows().size() == 1) {
            return base(m) + field(m);
        }
        throw new NotHandedOver(where() + ": “" + dotted + "” can be of several windows; name the window.");
    }

    private Part.ListOfRows part(String dotted) {
        Say say = target(dotted + ".rows");
        return (Part.ListOfRows) ((Say.What.OfPart) ((Say.Member) say).what()).part();
    }

    private Map<String, String> columns(Part.ListOfRows list, List<Given> values) {
        var all = new HashMap<String, String>();
        for (Type.Column column : list.columns()) {
            values.stream()
                    .filter(v -> v.name().equals(column.name()))
                    .findFirst()
                    .ifPresent(v -> all.put(column.name(), value(v.value(), column.type())));
        }
        return all;
    }

    private boolean addRow(String dotted, List<Given> values) {
        Part.ListOfRows list = part(dotted);
        Map<String, String> columns = columns(list, values);
        String row = list.columns().stream()
                .map(c -> columns.getOrDefault(c.name(), world.types().start(c.type())))
                .collect(Collectors.joining(", "));
        return line(list(dotted, true) + ".add(new " + world.types().of(new Type.RowOf(list.columns())) + "(" + row
                + "));");
    }

    private boolean changeRow(String dotted, List<Given> values) {
        Part.ListOfRows list = part(dotted);
        return changeColumns(list(dotted, true), list, columns(list, values));
    }

    private boolean changeColumns(String field, Part.ListOfRows list, Map<String, String> columns) {
        String row = names.inside().member("r");
        String made = list.columns().stream()
                .map(c -> columns.getOrDefault(c.name(), row + "." + JavaNames.safe(c.name()) + "()"))
                .collect(Collectors.joining(", "));
        return line(field + ".change(" + row + " -> new " + world.types().of(new Type.RowOf(list.columns())) + "("
                + made + "));");
    }

    private boolean removeRow(String dotted, boolean unasked) {
        Part.ListOfRows list = part(dotted);
        String window = ((Say.Member) target(dotted + ".rows")).windows().getFirst();
        String base = dotted.startsWith("me.") ? "this::" : list(dotted, true).replaceAll("\\.[^.]*$", "") + "::";
        String may = unasked
                ? "row -> true"
                : world.mayRemove(window, list).map(m -> base + m).orElse("row -> true");
        return line(list(dotted, true) + ".removeSelected(" + may + ");");
    }

    // Course

    private boolean choice(Step.If choice, StepPath path, Script whole) {
        return choice(choice, path, whole, "if (");
    }

    /** An <i>if</i> that is all of an <i>else</i> goes on as <i>else if</i>. */
    private boolean choice(Step.If choice, StepPath path, Script whole, String begins) {
        boolean goesOn = false;
        for (int i = 0; i < choice.cases().size(); i++) {
            String condition = value(choice.cases().get(i).condition(), Type.YESNO);
            out.add((i == 0 ? begins : "} else if (") + condition + ") {");
            goesOn |= inBlock(choice.cases().get(i).script(), path.into(i, 0), whole);
        }
        Script otherwise = choice.otherwise().orElse(Script.EMPTY);
        StepPath at = path.into(choice.cases().size(), 0);
        if (otherwise.steps().size() == 1 && otherwise.steps().getFirst() instanceof Step.If inner) {
            return goesOn | choice(inner, at, whole, "} else if (");
        }
        if (otherwise.doesNothing()) {
            out.add("}");
            return true;
        }
        out.add("} else {");
        goesOn |= inBlock(otherwise, at, whole);
        out.add("}");
        return goesOn;
    }

    private boolean repeat(Script script, StepPath path, Script whole) {
        String before = repeat;
        repeat = repeats++ == 0 ? "again" : "again" + repeats;
        Lines outside = out;
        out = new Lines();
        boolean goesOn = inner(script, path.into(0, 0), whole);
        Lines body = out;
        out = outside;
        boolean labelled = body.toString().contains("continue " + repeat + ";");
        if (!labelled) {
            // nothing goes back: it is done once
            out.all(body);
            repeat = before;
            return goesOn;
        }
        out.add(repeat + ":").add("while (true) {").all(body);
        if (goesOn) {
            out.add("break;");
        }
        out.add("}");
        repeat = before;
        return goesOn || body.toString().contains("break;");
    }

    private boolean again() {
        if (repeat.isEmpty()) {
            throw new NotHandedOver(
                    where() + ": “again” stands outside a “repeat”, or in what a background task leads to.");
        }
        return stop("continue " + repeat + ";");
    }

    private boolean doScript(String script, List<Given> handOver) {
        Optional<NamedScript> own = place.ofWindow()
                .flatMap(w -> meanings.program().design().faced(w))
                .flatMap(f -> f.routines().script(script));
        NamedScript named = own.or(() ->
                        meanings.program().design().application().routines().script(script))
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no script “" + script + "”."));
        var arguments = new ArrayList<String>();
        if (own.isEmpty()) {
            arguments.add(self);
        }
        arguments.addAll(handed(named.takes(), handOver));
        String method = own.isPresent()
                ? world.methodOfScript(place.ofWindow(), script)
                : world.app() + world.methodOfScript(Optional.empty(), script);
        return line(method + "(" + String.join(", ", arguments) + ");");
    }

    // Work

    private Task task(String name) {
        return meanings.program()
                .design()
                .application()
                .task(name)
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no task “" + name + "”."));
    }

    private boolean run(Step.RunTask run, StepPath path, Script whole) {
        Task task = task(run.task());
        var arguments = new ArrayList<>(List.of(self));
        boolean closing = place.isAt(FacedWindow.Moment.BEFORE_CLOSING)
                || place.isAt(FacedWindow.Moment.AFTER_CLOSING)
                || place instanceof ScriptPlace.Plan;
        boolean background = run.background() && !closing;
        String method = world.app() + world.methodOfTask(run.task());
        if (background) {
            arguments.add(JavaNames.literal(run.task() + " in " + where()));
        }
        arguments.addAll(handed(task.takes(), run.handOver()));
        var answers = new ArrayList<Answer>();
        for (int i = 0; i < run.branches().size(); i++) {
            Step.Branch b = run.branches().get(i);
            answers.add(new Answer(world.taskEnding(run.task(), b.ending()), b, path.into(i, 0)));
        }
        List<JavaWorld.Form> all = task.endings().stream()
                .map(e -> world.taskEnding(run.task(), e.name()))
                .toList();
        if (!background) {
            return answers(method + "(" + String.join(", ", arguments) + ")", answers, all, run.as(), whole);
        }
        return background(run, method, arguments, answers, all, whole);
    }

    /** W5: the script goes on in its branch, and after the step, when the task has ended. */
    private boolean background(
            Step.RunTask run,
            String method,
            List<String> arguments,
            List<Answer> answers,
            List<JavaWorld.Form> all,
            Script whole) {
        String result = names.member("result");
        out.add(method + "InBackground(" + String.join(", ", arguments) + ", " + result + " -> {");
        Lines outside = out;
        out = new Lines();
        String loop = repeat;
        repeat = "";
        Here before = here;
        boolean written = answers.stream().anyMatch(a -> !a.branch().script().doesNothing());
        boolean goesOn = !written || answers(result, answers, all, run.as(), whole);
        List<Rest> after = rests;
        for (int i = 0; i < after.size() && goesOn; i++) {
            here = before;
            rests = after.subList(i + 1, after.size());
            goesOn = steps(after.get(i).script(), after.get(i).from(), whole);
        }
        here = before;
        rests = after;
        repeat = loop;
        outside.all(out).add("});");
        out = outside;
        if (after.isEmpty()) {
            return true;
        }
        boolean isLast = here.path().filter(at -> at.depth() == 0).isPresent() && ends == Ends.PLAIN;
        return isLast ? false : stop(ends.line);
    }

    private boolean holding(String name, List<Step.Branch> branches, boolean take, StepPath path, Script whole) {
        Holding holding = meanings.program()
                .design()
                .application()
                .holding(name)
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no holding “" + name + "”."));
        String call = world.app() + world.methodOfHolding(name, take) + "("
                + (holding.ofApplication() ? NO_WINDOW : self) + ")";
        boolean may = take ? holding.mayFail() : holding.mayStay();
        if (!may) {
            return line(call + ";");
        }
        String what = JavaNames.literal((take ? "taking " : "giving back ") + name);
        Optional<Integer> couldNot = branches.isEmpty() ? Optional.empty() : Optional.of(0);
        return tried(call, "", what, couldNot, branches, path, whole, () -> true);
    }

    private boolean timer(Step.TurnTimer.How how, String name) {
        Optional<bivouac.design.Timer> own = place.ofWindow()
                .flatMap(w -> meanings.program().design().faced(w))
                .flatMap(f -> f.routines().timer(name));
        String of = own.isPresent() ? "" : world.app();
        Optional<String> window = own.isPresent() ? place.ofWindow() : Optional.empty();
        String method = world.methodOfTimer(window, name);
        return line(of + (how == Step.TurnTimer.How.START ? "start" : "stop") + JavaNames.upper(method) + "();");
    }

    private boolean end(Step.EndApplication end, StepPath path, Script whole) {
        String code = end.code()
                .map(c -> {
                    Say say = say(c);
                    String written = expressions().write(say);
                    return say instanceof Say.Literal(Value.Whole(long n), Type t) && n == (int) n
                            ? written
                            : "Math.toIntExact(" + written + ")";
                })
                .orElse("null");
        String saying =
                end.saying().filter(s -> !s.isEmpty()).map(s -> text("end", s)).orElse("\"\"");
        String call = world.desk() + ".end(" + code + ", " + saying + ")";
        if (end.refused().doesNothing()) {
            return line(call + ";");
        }
        out.add("if (" + call + ") {");
        inBlock(end.refused(), path.into(0, 0), whole);
        out.add("}");
        return true;
    }
}

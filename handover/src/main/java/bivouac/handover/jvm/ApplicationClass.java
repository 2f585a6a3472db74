package bivouac.handover.jvm;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Holding;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.WorkBreaking;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.java.Ends;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.JavaScript;
import bivouac.handover.meaning.CalledWith;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.PlainTypes;
import bivouac.handover.meaning.Uses;
import bivouac.handover.script.Block;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The class of the application: its values, its start, its named scripts, its tasks and holdings, and its end. */
final class ApplicationClass {

    /** Names that the class has itself. */
    static final Set<String> TAKEN = Set.of(
            "desk",
            "kept",
            "tasks",
            "holdings",
            "progress",
            "today",
            "traces",
            "app",
            "me",
            "browser",
            "start",
            "plan",
            "windows",
            "askedFirst",
            "departsWith",
            "departsWithLast",
            "saveKept",
            "saysWhenWorkBreaks",
            "whenWorkBreaks",
            "saveKeptNow",
            "loadKept",
            "follow",
            "dayPasses",
            "main",
            "step",
            "then");

    private final Meanings meanings;
    private final JvmWorld world;
    private final Design design;
    private final Application application;
    private final Uses uses;
    private final String name;
    private final Here here = Here.on(new ScriptPlace.Start());
    private final Lines out = new Lines();

    ApplicationClass(Meanings meanings, JvmWorld all, Uses uses) {
        this.meanings = meanings;
        this.world = all.in("");
        this.design = meanings.program().design();
        this.application = design.application();
        this.uses = uses;
        this.name = world.application();
    }

    String write() {
        out.add("/** " + JavaNames.comment(application.name()) + ": its values, its start and its end. */");
        out.add("public final class " + name + " implements Desk.Design {").blank();
        fields();
        constructor();
        running();
        work();
        told();
        whenWorkBreaks();
        outside();
        holdings();
        routines();
        leaving();
        kept();
        out.add("}");
        return out.toString();
    }

    private String field(Variable v) {
        return JavaNames.safe(v.name().expression(), TAKEN);
    }

    private void fields() {
        out.add("private final Desk desk;");
        out.add("private final Tasks tasks;");
        out.add("private final Holdings holdings;");
        out.add("private final Kept kept;");
        out.add("private final List<String> traces;");
        if (uses.links()) {
            out.add("private Consumer<String> browser = address -> {};");
        }
        out.add("private LocalDate today;");
        application.variables().forEach(v -> out.add(world.types().of(v.type()) + " " + field(v) + ";"));
        out.blank();
    }

    private void constructor() {
        out.add("/** @param ended hears the exit code */");
        out.add("public " + name
                + "(Loop loop, Worker worker, Tasks tasks, Holdings holdings, Kept kept, LocalDate today,"
                + " IntConsumer ended) {");
        out.add("this.desk = new Desk(loop, worker, this, ended);");
        out.add("this.tasks = tasks;");
        out.add("this.holdings = holdings;");
        out.add("this.kept = kept;");
        out.add("this.today = today;");
        out.add("this.traces = kept.traces(List.of("
                + quoted(application.holdings().stream()
                        .filter(Holding::leavesTrace)
                        .map(h -> h.name().shown())) + "));");
        for (Variable v : application.variables()) {
            String start = v.starts()
                    .flatMap(e -> meanings.of(e, here))
                    .map(s -> new JavaExpressions(world).write(s, v.type()))
                    .orElseGet(() -> world.types().start(v.type()).replace("app.", ""));
            out.add(field(v) + " = " + start + ";");
        }
        if (application.variables().stream().anyMatch(Variable::kept)) {
            out.add("loadKept();");
        }
        out.add("}").blank();
    }

    private static String quoted(Stream<String> texts) {
        return texts.map(Spelling::literal).collect(Collectors.joining(", "));
    }

    private void links() {
        out.add("public void browser(Consumer<String> other) {")
                .add("browser = other;")
                .add("}")
                .blank();
        out.add("/** A link is followed outside the application. */");
        out.add("void follow(String address) {");
        out.add("desk.linkFollowed(address);");
        out.add("browser.accept(address);").add("}").blank();
    }

    private void running() {
        out.add("public static void main(String[] arguments) {");
        var begin = new Lines();
        if (uses.links()) {
            begin.add("app.browser(new Browser());");
        }
        begin.add("SessionEnd.tell(" + world.toolkit().loop() + ", app.desk()::sessionEnds);");
        begin.add("new NewDays(Clock.systemDefaultZone(), app::dayPasses).begin();")
                .add("app.start();");
        if (!Outside.heard(design, Optional.empty()).isEmpty()) {
            begin.add("app.desk().filesOpened(Arguments.files(arguments));");
        }
        if (meanings.watchesFiles()) {
            begin.add("app.desk().watchFiles();");
        }
        out.all(world.toolkit()
                .main(
                        name,
                        (loop, worker) -> "new " + name + "(" + loop + ", " + worker
                                + ", new OwnTasks(), new OwnHoldings(), Kept.of("
                                + Spelling.literal(world.packageName()) + "), LocalDate.now(), System::exit)",
                        begin));
        out.add("}").blank();
        out.add("public Desk desk() {").add("return desk;").add("}").blank();
        out.add("LocalDate today() {").add("return today;").add("}").blank();
        out.add("List<String> traces() {").add("return traces;").add("}").blank();
        out.add("/** Another day begins. */");
        out.add("public void dayPasses(LocalDate now) {");
        out.add("desk.between(() -> today = now);").add("}").blank();
        if (uses.links()) {
            links();
        }
        out.add("public void start() {");
        out.add("desk.start(this::begin);").add("}").blank();
        out.add("private void begin() {");
        out.all(spelled(scripts(new ScriptPlace.Start(), Map.of()).of(application.start()), "null"))
                .add("}")
                .blank();
    }

    /** A script of the application as the body of a method. */
    Lines steps(ScriptPlace place, Script script) {
        String self = place instanceof ScriptPlace.Named ? "me" : "null";
        return spelled(scripts(place, takes(place)).of(script), self);
    }

    /** What a named script takes, by the parameters of its method. */
    private Map<String, String> takes(ScriptPlace place) {
        Map<String, String> locals = new HashMap<>();
        if (place instanceof ScriptPlace.Named(Optional<String> none, String name)) {
            application.routines().script(name).ifPresent(s -> s.takes()
                    .forEach(t -> locals.put("takes." + t.name().expression(), local(t))));
        }
        return locals;
    }

    /** What a named script takes, as a parameter of its method. */
    private static String local(Take take) {
        return JavaNames.safe(take.name().expression(), TAKEN);
    }

    private Scripts scripts(ScriptPlace place, Map<String, String> locals) {
        var taken = new HashSet<>(TAKEN);
        application.variables().forEach(v -> taken.add(field(v)));
        return new Scripts(new ScriptOf(meanings, world.texts(), place, new JavaNames(taken), locals));
    }

    private Lines spelled(Block block, String self) {
        return new JavaScript(world, self, Ends.PLAIN).write(block);
    }

    // Tasks

    private static String names(List<Take> takes) {
        return takes.stream()
                .map(t -> JavaNames.safe(t.name().expression(), TAKEN))
                .collect(Collectors.joining(", "));
    }

    private void work() {
        for (Task task : application.tasks()) {
            String shown = task.name().shown();
            String type = world.taskClass(shown);
            String more = task.takes().isEmpty() ? "" : ", " + WorkClasses.parameters(world, task);
            String names = names(task.takes());
            String handed = CalledWith.of(task, "progress", names);
            String call = Spelling.literal(shown) + ", List.of(" + names + "), "
                    + (task.told().isEmpty() ? "()" : "progress") + " -> tasks." + world.methodOfTask(shown) + "("
                    + handed + ")";
            for (boolean mayBreak : new boolean[] {false, true}) {
                String method = world.methodRunning(shown, mayBreak);
                if (uses.waitFor(shown, mayBreak)) {
                    out.add("/** Runs it and waits for how it ends"
                            + (mayBreak ? " or that it broke (W5, W8). */" : " (W5). */"));
                    out.add(type + " " + method + "(DeskWindow of" + more + ") {");
                    out.add("return desk.run(of, " + call + broke(shown, mayBreak) + ");")
                            .add("}")
                            .blank();
                }
                if (uses.runInBackground(shown, mayBreak)) {
                    out.add("/** Runs it while other events go on (W5). */");
                    out.add("void " + method + "InBackground(DeskWindow of, String step" + more + ", Consumer<" + type
                            + "> then) {");
                    out.add("desk.background(of, step, " + call + broke(shown, mayBreak) + ", then);")
                            .add("}")
                            .blank();
                }
            }
        }
    }

    /** What makes the ending that says the work broke, where a step answers it. */
    private String broke(String task, boolean mayBreak) {
        return mayBreak ? ", " + world.taskEnding(task, Ending.BROKE.name()).type() + "::new" : "";
    }

    /** Which tasks tell how far they are, and which can be cancelled (W9, W10). */
    private void told() {
        told("showsProgress", Task::showsProgress);
        told("mayBeCancelled", Task::mayBeCancelled);
    }

    private void told(String method, Predicate<Task> told) {
        List<String> names = application.tasks().stream()
                .filter(told)
                .map(t -> Spelling.literal(t.name().shown()))
                .toList();
        if (!names.isEmpty()) {
            out.add("@Override");
            out.add("public boolean " + method + "(String task) {");
            out.add("return List.of(" + String.join(", ", names) + ").contains(task);")
                    .add("}")
                    .blank();
        }
    }

    /** What is said for all tasks whose work breaks, where the design says it (W8). */
    private void whenWorkBreaks() {
        out.add("@Override");
        out.add("public boolean saysWhenWorkBreaks() {");
        Optional<NamedScript> answer = WorkBreaking.answer(design);
        out.add("return " + answer.isPresent() + ";").add("}").blank();
        out.add("@Override");
        out.add("public void whenWorkBreaks(DeskWindow me, String task, String reason) {");
        answer.ifPresent(s -> out.all(spelled(
                scripts(WorkBreaking.PLACE, takes(WorkBreaking.PLACE)).outside().of(Outcomes.whenWorkBreaks(s)),
                "me")));
        out.add("}").blank();
    }

    /** What comes from outside to the application (F1). */
    private void outside() {
        Map<Outside, NamedScript> heard = Outside.heard(design, Optional.empty());
        HearMethods.write(
                out,
                "public ",
                heard,
                what -> spelled(
                        scripts(what.in(Optional.empty()), Outcomes.handed(what, HearMethods.FILES, HearMethods.FILE))
                                .outside()
                                .of(Outcomes.fromOutside(what, heard.get(what))),
                        "null"));
    }

    // Holdings

    private void holdings() {
        for (Holding holding : application.holdings()) {
            String shown = holding.name().shown();
            if (uses.taken().contains(shown)) {
                take(holding);
            }
            if (uses.givenBack().contains(shown)) {
                giveBack(holding);
            }
        }
    }

    private void take(Holding holding) {
        String shown = Spelling.literal(holding.name().shown());
        String take = world.methodOfHolding(holding.name().shown(), true);
        String back = world.methodOfHolding(holding.name().shown(), false);
        String gives = "holdings::" + back;
        if (holding.mayStay()) {
            gives = "() -> holdings." + back + "()";
        }
        if (holding.leavesTrace()) {
            gives = "() -> { holdings." + back + "(); kept.held(" + shown + ", false); }";
        }
        String trace = holding.leavesTrace() ? "kept.held(" + shown + ", true);" : "";
        if (holding.mayFail()) {
            out.add("/** Taking it may fail (O7). */");
            out.add("Tried " + take + "(DeskWindow of) {");
            out.add("Tried tried = desk.attempt(of, "
                    + Spelling.literal("taking " + holding.name().shown()) + ", holdings::" + take + ");");
            out.add("if (tried instanceof Tried.Done) {");
            out.add("desk.take(of, " + shown + ", " + gives + ");");
            if (!trace.isEmpty()) {
                out.add(trace);
            }
            out.add("}").add("return tried;").add("}").blank();
        } else {
            out.add("void " + take + "(DeskWindow of) {");
            out.add("holdings." + take + "();");
            out.add("desk.take(of, " + shown + ", " + gives + ");");
            if (!trace.isEmpty()) {
                out.add(trace);
            }
            out.add("}").blank();
        }
    }

    private void giveBack(Holding holding) {
        String shown = Spelling.literal(holding.name().shown());
        String back = world.methodOfHolding(holding.name().shown(), false);
        if (!holding.mayStay()) {
            out.add("void " + back + "(DeskWindow of) {");
            out.add("desk.giveBack(of, " + shown + ");").add("}").blank();
            return;
        }
        out.add("/** Giving it back may fail (H2). */");
        out.add("Tried " + back + "(DeskWindow of) {");
        out.add("Tried tried = desk.attempt(of, "
                + Spelling.literal("giving back " + holding.name().shown()) + ", holdings::" + back + ");");
        out.add("if (tried instanceof Tried.Done) {");
        out.add("desk.givenBack(of, " + shown + ");");
        out.add("} else {");
        out.add("desk.lose(of, " + shown + ");").add("}");
        if (holding.leavesTrace()) {
            out.add("kept.held(" + shown + ", false);");
        }
        out.add("return tried;").add("}").blank();
    }

    // Named scripts and timers

    private void routines() {
        for (NamedScript script : application.routines().scripts()) {
            var parameters = new ArrayList<String>(List.of("DeskWindow me"));
            script.takes().forEach(t -> parameters.add(world.types().of(t.type()) + " " + local(t)));
            var place = new ScriptPlace.Named(Optional.empty(), script.name().shown());
            if (meanings.late().isLate(place)) {
                parameters.addAll(WindowWriting.LATER);
            }
            if (script.answers()) {
                out.all(WorkClasses.answers(world, place)).blank();
            }
            out.add((script.answers() ? world.answersOf(place) : "void") + " "
                    + world.methodOfScript(Optional.empty(), script.name().shown()) + "("
                    + String.join(", ", parameters) + ") {");
            out.all(steps(place, script.script()));
            out.add("}").blank();
        }
        application.routines().timers().forEach(this::timer);
    }

    private void timer(Timer timer) {
        var place = new ScriptPlace.OfTimer(Optional.empty(), timer.name().shown());
        new TimerMethods(meanings, world, uses, here)
                .write(out, timer, place, spelled(scripts(place, Map.of()).of(timer.fires()), "null"));
    }

    // The end

    private void leaving() {
        String with = application.departure() instanceof DepartureRule.WithWindow(String window) ? window : "";
        overriding(
                "List<String> windows()",
                "List.of(" + quoted(design.windows().stream().map(w -> w.name().shown())) + ")");
        overriding("List<String> askedFirst()", "List.of(" + quoted(application.leaving().asked().stream()) + ")");
        overriding("String departsWith()", Spelling.literal(with));
        overriding("boolean departsWithLast()", "" + (application.departure() instanceof DepartureRule.LastWindow));
        out.add("/** The departure plan (D4): a fault in a step prevents none after it. */");
        out.add("@Override");
        out.add("public void plan() {");
        Script plan = application.leaving().plan();
        for (int i = 0; i < plan.steps().size(); i++) {
            Lines lines = planned(plan, i);
            if (!lines.isEmpty()) {
                out.add("desk.step(() -> {").all(lines).add("});");
            }
        }
        out.add("}").blank();
    }

    /** One step of the plan: what is made known by a step with <i>let</i> is known after it, so such ones go together. */
    private Lines planned(Script plan, int step) {
        if (plan.steps().stream().anyMatch(Step.Let.class::isInstance)) {
            return step == 0 ? spelled(scripts(new ScriptPlace.Plan(), Map.of()).of(plan), "null") : new Lines();
        }
        return spelled(scripts(new ScriptPlace.Plan(), Map.of()).of(plan.steps().get(step), StepPath.of(step)), "null");
    }

    private void overriding(String signature, String value) {
        out.add("@Override");
        out.add("public " + signature + " {")
                .add("return " + value + ";")
                .add("}")
                .blank();
    }

    private void kept() {
        List<Variable> all =
                application.variables().stream().filter(Variable::kept).toList();
        out.add("@Override");
        out.add("public boolean saveKept() {");
        for (Variable v : all) {
            out.add("kept.put(" + Spelling.literal(v.name().expression()) + ", " + field(v) + ");");
        }
        out.add("kept.save();");
        out.add("return " + !all.isEmpty() + ";").add("}").blank();
        if (uses.kept().contains(Step.KeptValues.How.SAVE)) {
            out.add("void saveKeptNow() {");
            out.add("if (saveKept()) {")
                    .add("desk.keptSaved();")
                    .add("}")
                    .add("}")
                    .blank();
        }
        if (!all.isEmpty() || uses.kept().contains(Step.KeptValues.How.LOAD)) {
            out.add("void loadKept() {");
            all.forEach(v -> out.add(field(v) + " = " + loaded(v) + ";"));
            out.add("}").blank();
        }
    }

    private String loaded(Variable v) {
        return loaded(v.type(), Spelling.literal(v.name().expression()), field(v), 1);
    }

    /**
     * Reads what is kept.
     *
     * @param name how its name is written
     * @param deep in how many lists and rows it stands, and one
     */
    private String loaded(Type type, String name, String usual, int deep) {
        String at = deep == 1 ? "at" : "at" + deep;
        Function<Type, String> start = t -> world.types().start(t).replace("app.", "");
        String arguments = "(" + name + ", " + usual;
        return switch (PlainTypes.of(type)) {
            case Type.ListOf(Type of) ->
                "kept.list" + arguments + ", " + at + " -> " + loaded(of, at, start.apply(of), deep + 1) + ")";
            case Type.RowOf row -> {
                var columns = new ArrayList<String>();
                for (int i = 0; i < row.columns().size(); i++) {
                    Type of = row.columns().get(i).type();
                    columns.add(loaded(of, at + " + \"." + i + "\"", start.apply(of), deep + 1));
                }
                yield "kept.row" + arguments + ", " + at + " -> new "
                        + world.types().of(row) + "(" + String.join(", ", columns) + "))";
            }
            case Type plain ->
                "kept."
                        + switch (world.types().of(plain)) {
                            case "long" -> "whole";
                            case "double" -> "number";
                            case "boolean" -> "yes";
                            case "LocalDate" -> "date";
                            default -> "get";
                        }
                        + arguments + ")";
        };
    }
}

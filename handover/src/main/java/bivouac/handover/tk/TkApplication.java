package bivouac.handover.tk;

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
import bivouac.handover.meaning.CalledWith;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.PlainTypes;
import bivouac.handover.meaning.Uses;
import bivouac.handover.python.PyLines;
import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyScript;
import bivouac.handover.python.PyView;
import bivouac.handover.python.PyWorld;
import bivouac.handover.script.Block;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The class of the application: its values, its start, its named scripts, its tasks and holdings, and its end. */
final class TkApplication {

    private final PyWorld world;
    private final Uses uses;
    private final Design design;
    private final Application application;
    private final TkWriting says;
    private final PyLines out = new PyLines();

    TkApplication(PyWorld world, Uses uses) {
        this.world = world;
        this.uses = uses;
        this.design = world.meanings().program().design();
        this.application = design.application();
        this.says = new TkWriting(world, PyView.ofApplication("None"), Here.on(new ScriptPlace.Start()), "application");
    }

    String write() {
        out.add("\"\"\"" + PyNames.comment(application.name()) + ": its values, its start and its end.\"\"\"")
                .blank();
        facts();
        application.routines().scripts().stream()
                .filter(NamedScript::answers)
                .forEach(s -> out.all(TkWork.answers(
                        world, new ScriptPlace.Named(Optional.empty(), s.name().shown()))));
        constructor();
        running();
        application.tasks().forEach(this::task);
        whenWorkBreaks();
        outside();
        holdings();
        application.routines().scripts().forEach(this::named);
        application.routines().timers().forEach(this::timer);
        plan();
        kept();
        return new PyLines()
                .add("class " + world.application() + ":")
                .inside(out)
                .toString();
    }

    private void method(String head, PyLines body) {
        out.add("def " + head + ":").inside(body).blank();
    }

    private void method(String head, String line) {
        method(head, new PyLines().add(line));
    }

    private static String list(Stream<String> texts) {
        return texts.map(PyNames::literal).collect(Collectors.joining(", ", "[", "]"));
    }

    /** What the desk asks of a design. */
    private void facts() {
        String with = application.departure() instanceof DepartureRule.WithWindow(String window) ? window : "";
        boolean last = application.departure() instanceof DepartureRule.LastWindow;
        out.add("window_names = "
                + list(design.windows().stream().map(w -> w.name().shown())));
        out.add("asked_first = " + list(application.leaving().asked().stream()));
        out.add("departs_with = " + PyNames.literal(with));
        out.add("departs_with_last = " + (last ? "True" : "False"));
        out.add("says_when_work_breaks = " + (WorkBreaking.answer(design).isPresent() ? "True" : "False"));
        out.add("shows_progress = " + told(Task::showsProgress));
        out.add("may_be_cancelled = " + told(Task::mayBeCancelled)).blank();
    }

    /** The tasks that tell how far they are, or that can be cancelled (W9, W10). */
    private String told(Predicate<Task> told) {
        return list(application.tasks().stream().filter(told).map(t -> t.name().shown()));
    }

    private String field(Variable v) {
        return "self." + world.ofApplication(v.name().expression());
    }

    private void constructor() {
        var lines = new PyLines().add("\"\"\"ended hears the exit code.\"\"\"");
        lines.add("self.desk = Desk(loop, work, self, ended)");
        lines.add("self.tasks = tasks").add("self.holdings = holdings").add("self.kept = kept");
        lines.add("self.today = today");
        lines.add("self.traces = kept.traces("
                + list(application.holdings().stream()
                        .filter(Holding::leavesTrace)
                        .map(h -> h.name().shown()))
                + ")");
        if (uses.links()) {
            lines.add("self.browser = lambda address: None");
        }
        for (Variable v : application.variables()) {
            String start = v.starts()
                    .flatMap(says::say)
                    .map(s -> says.write(s, v.type()))
                    .orElseGet(() -> world.types().start(v.type(), "self.today"));
            lines.add(field(v) + " = " + start);
        }
        if (application.variables().stream().anyMatch(Variable::kept)) {
            lines.add("self.load_kept()");
        }
        method("__init__(self, loop, work, tasks, holdings, kept, today, ended)", lines);
    }

    private void running() {
        method("start(self)", "self.desk.start(self._begin)");
        method(
                "_begin(self)",
                spelled(scripts(new ScriptPlace.Start(), Map.of()).of(application.start()), "None"));
        method(
                "day_passes(self, now)",
                new PyLines()
                        .add("\"\"\"Another day begins.\"\"\"")
                        .add("self.desk.between(lambda: setattr(self, \"today\", now))"));
        if (uses.links()) {
            method(
                    "follow(self, address)",
                    new PyLines()
                            .add("\"\"\"A link is followed outside the application.\"\"\"")
                            .add("self.desk.link_followed(address)")
                            .add("self.browser(address)"));
        }
    }

    private Scripts scripts(ScriptPlace place, Map<String, String> locals) {
        var names = world.names().locals(new HashSet<>(locals.values()));
        return new Scripts(new ScriptOf(world.meanings(), world.texts(), place, names, locals));
    }

    private PyLines spelled(Block block, String self) {
        return new PyScript(world, PyView.ofApplication(self), false).write(block);
    }

    // Tasks

    private void task(Task task) {
        String shown = task.name().shown();
        String names = TkWork.names(world, task);
        String parameters = TkWork.parameters(world, task);
        String handed = CalledWith.of(task, "progress", names);
        String call = PyNames.literal(shown) + ", [" + names + "], lambda progress: self.tasks."
                + world.methodOfTask(shown) + "(" + handed + ")";
        for (boolean mayBreak : new boolean[] {false, true}) {
            String method = world.methodRunning(shown, mayBreak);
            if (uses.waitFor(shown, mayBreak)) {
                method(
                        method + "(self, of" + parameters + ")",
                        new PyLines()
                                .add("\"\"\"Runs it and waits for how it ends"
                                        + (mayBreak ? " or that it broke (W5, W8).\"\"\"" : " (W5).\"\"\""))
                                .add("return self.desk.run(of, " + call + broke(shown, mayBreak) + ")"));
            }
            if (uses.runInBackground(shown, mayBreak)) {
                method(
                        method + "_in_background(self, of, step" + parameters + ", then)",
                        new PyLines()
                                .add("\"\"\"Runs it while other events go on (W5).\"\"\"")
                                .add("self.desk.background(of, step, " + call + ", then" + broke(shown, mayBreak)
                                        + ")"));
            }
        }
    }

    /** What makes the ending that says the work broke, where a step answers it. */
    private String broke(String task, boolean mayBreak) {
        return mayBreak
                ? ", tasks." + world.taskClass(task) + "."
                        + world.endingOf(world.outcomes().ofTask(task, Ending.BROKE.name()))
                : "";
    }

    /** What is said for all tasks whose work breaks, where the design says it (W8). */
    private void whenWorkBreaks() {
        WorkBreaking.answer(design).ifPresent(s -> {
            var locals = new HashMap<String, String>();
            for (String take : List.of(WorkBreaking.TASK, WorkBreaking.REASON)) {
                locals.put("takes." + take, world.names().parameter(take));
            }
            method(
                    "when_work_breaks(self, me, " + world.names().parameter(WorkBreaking.TASK) + ", "
                            + world.names().parameter(WorkBreaking.REASON) + ")",
                    spelled(scripts(WorkBreaking.PLACE, locals).outside().of(Outcomes.whenWorkBreaks(s)), "me"));
        });
    }

    /** What comes from outside to the application (F1). */
    private void outside() {
        Map<Outside, NamedScript> heard = Outside.heard(design, Optional.empty());
        if (heard.isEmpty()) {
            return;
        }
        method("hears(self, what)", TkHear.hears(heard));
        method(
                "hear(self, what, files)",
                TkHear.hear(
                        heard,
                        what -> spelled(
                                scripts(what.in(Optional.empty()), Outcomes.handed(what, TkHear.FILES, TkHear.FILE))
                                        .outside()
                                        .of(Outcomes.fromOutside(what, heard.get(what))),
                                "None")));
    }

    // Holdings

    private void holdings() {
        for (Holding holding : application.holdings()) {
            String shown = holding.name().shown();
            if (uses.taken().contains(shown)) {
                take(holding, PyNames.literal(shown));
            }
            if (uses.givenBack().contains(shown)) {
                giveBack(holding, PyNames.literal(shown));
            }
        }
    }

    private void take(Holding holding, String shown) {
        String take = world.methodOfHolding(holding.name().shown(), true);
        String back = world.methodOfHolding(holding.name().shown(), false);
        String gives = holding.leavesTrace() ? "gives" : "self.holdings." + back;
        var lines = new PyLines();
        if (holding.leavesTrace()) {
            lines.add("")
                    .add("def gives():")
                    .inside(new PyLines()
                            .add("self.holdings." + back + "()")
                            .add("self.kept.held(" + shown + ", False)"))
                    .add("");
        }
        var taken = new PyLines().add("self.desk.take(of, " + shown + ", " + gives + ")");
        if (holding.leavesTrace()) {
            taken.add("self.kept.held(" + shown + ", True)");
        }
        if (holding.mayFail()) {
            lines.add("tried = self.desk.attempt(of, "
                    + PyNames.literal("taking " + holding.name().shown()) + ", self.holdings." + take + ")");
            lines.add("if why_not(tried) is None:").inside(taken).add("return tried");
        } else {
            lines.add("self.holdings." + take + "()").all(taken);
        }
        method(take + "(self, of)", lines);
    }

    private void giveBack(Holding holding, String shown) {
        String back = world.methodOfHolding(holding.name().shown(), false);
        var lines = new PyLines();
        if (holding.mayStay()) {
            lines.add("tried = self.desk.attempt(of, "
                    + PyNames.literal("giving back " + holding.name().shown()) + ", self.holdings." + back + ")");
            lines.add("if why_not(tried) is None:").inside("self.desk.given_back(of, " + shown + ")");
            lines.add("else:").inside("self.desk.lose(of, " + shown + ")");
            if (holding.leavesTrace()) {
                lines.add("self.kept.held(" + shown + ", False)");
            }
            lines.add("return tried");
        } else {
            lines.add("self.desk.give_back(of, " + shown + ")");
        }
        method(back + "(self, of)", lines);
    }

    // Named scripts and timers

    private void named(NamedScript script) {
        var locals = new HashMap<String, String>();
        var parameters = new ArrayList<String>(List.of("self", "me"));
        for (Take take : script.takes()) {
            String local = world.names().parameter(take.name().expression());
            locals.put("takes." + take.name().expression(), local);
            parameters.add(local + ": " + world.types().of(take.type()));
        }
        String name = script.name().shown();
        if (world.meanings().late().isLate(new ScriptPlace.Named(Optional.empty(), name))) {
            parameters.addAll(PyWorld.LATER);
        }
        method(
                world.methodOfScript(Optional.empty(), name) + "(" + String.join(", ", parameters) + ")",
                spelled(
                        scripts(new ScriptPlace.Named(Optional.empty(), name), locals)
                                .of(script.script()),
                        "me"));
    }

    private void timer(Timer timer) {
        var place = new ScriptPlace.OfTimer(Optional.empty(), timer.name().shown());
        new TkTimer(world, says, uses)
                .write(out, timer, place, spelled(scripts(place, Map.of()).of(timer.fires()), "None"));
    }

    // The end

    private void plan() {
        var lines = new PyLines().add("\"\"\"The departure plan (D4): a fault in a step prevents none after it.\"\"\"");
        Script plan = application.leaving().plan();
        boolean lets = plan.steps().stream().anyMatch(Step.Let.class::isInstance);
        for (int i = 0; i < plan.steps().size(); i++) {
            // what a step with let makes known is known after it, so such ones go together
            Block block = !lets
                    ? scripts(new ScriptPlace.Plan(), Map.of()).of(plan.steps().get(i), StepPath.of(i))
                    : i == 0 ? scripts(new ScriptPlace.Plan(), Map.of()).of(plan) : new Block(List.of(), true);
            if (!block.isEmpty()) {
                String name = "step_" + (i + 1);
                lines.add("")
                        .add("def " + name + "():")
                        .inside(spelled(block, "None"))
                        .add("")
                        .add("self.desk.step(" + name + ")");
            }
        }
        method("plan(self)", lines);
    }

    private void kept() {
        List<Variable> all =
                application.variables().stream().filter(Variable::kept).toList();
        var lines = new PyLines();
        all.forEach(v -> lines.add("self.kept.put(" + PyNames.literal(v.name().expression()) + ", " + field(v) + ")"));
        lines.add("self.kept.save()").add("return " + (all.isEmpty() ? "False" : "True"));
        method("save_kept(self)", lines);
        if (uses.kept().contains(Step.KeptValues.How.SAVE)) {
            method(
                    "save_kept_now(self)",
                    new PyLines().add("if self.save_kept():").inside("self.desk.kept_saved()"));
        }
        if (!all.isEmpty() || uses.kept().contains(Step.KeptValues.How.LOAD)) {
            var loads = new PyLines();
            all.forEach(v -> loads.add(field(v) + " = " + loaded(v)));
            method("load_kept(self)", loads);
        }
    }

    private String loaded(Variable v) {
        return "self.kept.read(" + PyNames.literal(v.name().expression()) + ", " + field(v) + ", " + reads(v.type())
                + ")";
    }

    /** What reads a value of a type from what is kept. */
    private String reads(Type type) {
        return switch (PlainTypes.of(type)) {
            case Type.ListOf(Type of) -> "list_of(" + reads(of) + ")";
            case Type.RowOf row ->
                row.columns().stream()
                        .map(c -> ", " + reads(c.type()))
                        .collect(
                                Collectors.joining("", "row_of(" + world.types().of(row), ")"));
            case Type plain ->
                switch (world.types().of(plain)) {
                    case "int" -> "whole_of";
                    case "float" -> "number_of";
                    case "bool" -> "yes_of";
                    case "datetime.date" -> "date_of";
                    default -> "text_of";
                };
        };
    }
}

package bivouac.handover.forms;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
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
import bivouac.handover.csharp.CsCalls;
import bivouac.handover.csharp.CsExpressions;
import bivouac.handover.csharp.CsHear;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsScript;
import bivouac.handover.csharp.CsView;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.Here;
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
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The class of the application: its values, its start, its named scripts and timers, and its end. */
final class FormsApplication {

    private static final String NOBODY = "null";

    private final CsWorld world;
    private final Design design;
    private final Application application;
    private final Uses uses;
    private final String name;
    private final Here here = Here.on(new ScriptPlace.Start());
    private final CsView view = CsView.ofApplication(NOBODY);
    private final Lines out = new Lines();

    FormsApplication(CsWorld world, Uses uses) {
        this.world = world;
        this.design = world.meanings().program().design();
        this.application = design.application();
        this.uses = uses;
        this.name = world.application();
    }

    Lines write() {
        out.add("/// <summary>" + CsNames.comment(application.name())
                + ": its values, its start and its end.</summary>");
        out.add("public sealed class " + name + " : IDesign"
                + (Outside.heard(design, Optional.empty()).isEmpty() ? "" : ", IHears") + " {");
        fields();
        constructor();
        running();
        new FormsWork(world).called(out, uses);
        routines();
        leaving();
        kept();
        return out.add("}");
    }

    private String field(Variable v) {
        return world.ofApplication(v.name().expression());
    }

    private void fields() {
        if (uses.runsTasks()) {
            out.add("private readonly ITasks tasks;");
        }
        if (holds()) {
            out.add("private readonly IHoldings holdings;");
        }
        out.add("private readonly Kept kept;");
        application.variables().forEach(v -> out.add("internal " + world.types().of(v.type()) + " " + field(v) + ";"));
        out.blank();
    }

    private boolean holds() {
        return application.holdings().stream()
                .anyMatch(h -> uses.taken().contains(h.name().shown())
                        || h.mayStay() && uses.givenBack().contains(h.name().shown()));
    }

    private void constructor() {
        out.add("/// <param name=\"ended\">hears the exit code</param>");
        out.add("public " + name
                + "(ILoop loop, IWorker worker, ITasks tasks, IHoldings holdings, Kept kept, DateTime today,"
                + " Action<int> ended) {");
        out.add("Desk = new Desk(loop, worker, this, ended);");
        if (uses.runsTasks()) {
            out.add("this.tasks = tasks;");
        }
        if (holds()) {
            out.add("this.holdings = holdings;");
        }
        out.add("this.kept = kept;");
        out.add("Today = today;");
        out.add("Traces = kept.Traces("
                + quoted(application.holdings().stream()
                        .filter(h -> h.leavesTrace())
                        .map(h -> h.name().shown()))
                + ");");
        for (Variable v : application.variables()) {
            String start = v.starts()
                    .flatMap(e -> world.meanings().of(e, here))
                    .map(s -> new CsExpressions(world, view).write(s, v.type()))
                    .orElseGet(() -> world.types().start(v.type(), view.today()));
            out.add(field(v) + " = " + start + ";");
        }
        if (application.variables().stream().anyMatch(Variable::kept)) {
            out.add("LoadKept();");
        }
        out.add("}").blank();
    }

    private static String quoted(Stream<String> texts) {
        return texts.map(Spelling::literal).collect(Collectors.joining(", "));
    }

    private void running() {
        out.add("public Desk Desk { get; }").blank();
        out.add("internal DateTime Today { get; private set; }").blank();
        out.add("/// <summary>What a killed run left behind (D7).</summary>");
        out.add("internal IReadOnlyList<string> Traces { get; }").blank();
        if (uses.links()) {
            out.add("/// <summary>How the address of a link is opened.</summary>");
            out.add("internal Action<string> Opens = address => { };").blank();
        }
        out.add("/// <summary>Another day begins.</summary>");
        out.add("public void DayPasses(DateTime now) {");
        out.add("Desk.Between(() => Today = now);").add("}").blank();
        if (uses.links()) {
            out.add("/// <summary>A link is followed outside the application.</summary>");
            out.add("internal void Follow(string address) {");
            out.add("Desk.LinkFollowed(address);");
            out.add("Opens(address);").add("}").blank();
        }
        out.add("public void Start() {");
        out.add("Desk.Start(Begin);").add("}").blank();
        out.add("private void Begin() {");
        out.all(steps(new ScriptPlace.Start(), application.start())).add("}").blank();
    }

    private CsNames names(Map<String, String> locals) {
        var taken = new HashSet<>(CsWorld.IN_APPLICATION);
        application.variables().forEach(v -> taken.add(field(v)));
        taken.addAll(locals.values());
        return new CsNames(taken);
    }

    private Lines written(
            ScriptPlace place, Map<String, String> locals, CsView seen, Function<Scripts, Block> described) {
        CsNames names = names(locals);
        var scripts = new Scripts(new ScriptOf(world.meanings(), world.texts(), place, names, locals));
        return new CsScript(world, seen, names, false).write(described.apply(scripts));
    }

    // Named scripts and timers

    private void routines() {
        application.routines().scripts().forEach(this::named);
        application.routines().timers().forEach(this::timer);
    }

    /** What a named script takes, as its parameters are called. */
    private Map<String, String> takes(NamedScript script) {
        var locals = new HashMap<String, String>();
        script.takes()
                .forEach(t -> locals.put(
                        "takes." + t.name().expression(),
                        world.ofApplication(t.name().expression())));
        return locals;
    }

    /** The body of the method of one script. */
    Lines steps(ScriptPlace place, Script script) {
        return place instanceof ScriptPlace.Named named
                ? written(
                        place,
                        application
                                .routines()
                                .script(named.name())
                                .map(this::takes)
                                .orElse(Map.of()),
                        CsView.ofApplication("me"),
                        scripts -> scripts.of(script))
                : written(place, Map.of(), view, scripts -> scripts.of(script));
    }

    private void named(NamedScript script) {
        var parameters = new ArrayList<String>(List.of("DeskWindow me"));
        for (Take take : script.takes()) {
            parameters.add(world.types().of(take.type()) + " "
                    + world.ofApplication(take.name().expression()));
        }
        String shown = script.name().shown();
        var place = new ScriptPlace.Named(Optional.empty(), shown);
        if (world.meanings().late().isLate(place)) {
            parameters.addAll(CsWorld.LATER);
        }
        if (script.answers()) {
            FormsEnding.answers(out, world, place);
        }
        String type = script.answers() ? world.answersOf(place, "") : "void";
        out.add("internal " + type + " " + world.methodOfScript(Optional.empty(), shown) + "("
                + String.join(", ", parameters) + ") {");
        out.all(steps(place, script.script()));
        out.add("}").blank();
    }

    private void timer(Timer timer) {
        var place = new ScriptPlace.OfTimer(Optional.empty(), timer.name().shown());
        new FormsTimer(world, uses, new CsCalls(world, view)).write(out, timer, place, steps(place, timer.fires()));
    }

    // The end

    private void leaving() {
        String with = application.departure() instanceof DepartureRule.WithWindow(String window) ? window : "";
        said("string[] Windows", strings(design.windows().stream().map(w -> w.name()
                .shown())));
        said("string[] AskedFirst", strings(application.leaving().asked().stream()));
        said("string DepartsWith", Spelling.literal(with));
        said("bool DepartsWithLast", "" + (application.departure() instanceof DepartureRule.LastWindow));
        said("string[] ShowsProgress", told(Task::showsProgress));
        said("string[] MayBeCancelled", told(Task::mayBeCancelled));
        whenWorkBreaks();
        outside();
        out.add("/// <summary>The departure plan (D4): a fault in a step prevents none after it.</summary>");
        out.add("public void Plan() {");
        Script plan = application.leaving().plan();
        for (int i = 0; i < plan.steps().size(); i++) {
            Lines lines = planned(plan, i);
            if (!lines.isEmpty()) {
                out.add("Desk.Step(() => {").all(lines).add("});");
            }
        }
        out.add("}").blank();
    }

    /** The tasks that tell how far they are, or that can be cancelled (W9, W10). */
    private String told(Predicate<Task> told) {
        return strings(
                application.tasks().stream().filter(told).map(t -> t.name().shown()));
    }

    private static String strings(Stream<String> texts) {
        return "new string[] { " + quoted(texts) + " }";
    }

    /** What is said for all tasks whose work breaks, where the design says it (W8). */
    private void whenWorkBreaks() {
        Optional<NamedScript> answer = WorkBreaking.answer(design);
        said("bool SaysWhenWorkBreaks", "" + answer.isPresent());
        out.add("public void WhenWorkBreaks(DeskWindow me, string task, string reason) {");
        answer.ifPresent(s ->
                out.all(written(WorkBreaking.PLACE, takes(s), CsView.ofApplication("me"), scripts -> scripts.outside()
                        .of(Outcomes.whenWorkBreaks(s)))));
        out.add("}").blank();
    }

    /** What comes from outside to the application (F1). */
    private void outside() {
        Map<Outside, NamedScript> heard = Outside.heard(design, Optional.empty());
        out.all(CsHear.write(
                "public ",
                heard,
                what -> written(
                        what.in(Optional.empty()),
                        Outcomes.handed(what, CsHear.FILES, CsHear.FILE),
                        view,
                        scripts -> scripts.outside().of(Outcomes.fromOutside(what, heard.get(what))))));
    }

    private void said(String signature, String value) {
        FormsEnding.property(out, "public " + signature, value);
        out.blank();
    }

    /** One step of the plan: what is made known by a step with <i>let</i> is known after it, so such ones go together. */
    private Lines planned(Script plan, int step) {
        var place = new ScriptPlace.Plan();
        if (plan.steps().stream().anyMatch(Step.Let.class::isInstance)) {
            return step == 0 ? steps(place, plan) : new Lines();
        }
        return written(place, Map.of(), view, scripts -> scripts.of(plan.steps().get(step), StepPath.of(step)));
    }

    private void kept() {
        List<Variable> all =
                application.variables().stream().filter(Variable::kept).toList();
        out.add("public bool SaveKept() {");
        for (Variable v : all) {
            out.add("kept.Put(" + Spelling.literal(v.name().expression()) + ", " + field(v) + ");");
        }
        out.add("kept.Save();");
        out.add("return " + !all.isEmpty() + ";").add("}").blank();
        if (uses.kept().contains(Step.KeptValues.How.SAVE)) {
            out.add("internal void SaveKeptNow() {");
            out.add("if (SaveKept()) {")
                    .add("Desk.KeptSaved();")
                    .add("}")
                    .add("}")
                    .blank();
        }
        if (!all.isEmpty() || uses.kept().contains(Step.KeptValues.How.LOAD)) {
            out.add("internal void LoadKept() {");
            all.forEach(v -> out.add(field(v) + " = "
                    + loaded(v.type(), Spelling.literal(v.name().expression()), field(v), 1) + ";"));
            out.add("}").blank();
        }
    }

    /**
     * Reads what is kept.
     *
     * @param called how its name is written
     * @param deep in how many lists and rows it stands, and one
     */
    private String loaded(Type type, String called, String usual, int deep) {
        String at = deep == 1 ? "at" : "at" + deep;
        String arguments = "(" + called + ", " + usual;
        return switch (PlainTypes.of(type)) {
            case Type.ListOf(Type of) ->
                "kept.List<" + world.types().of(of) + ">" + arguments + ", " + at + " => "
                        + loaded(of, at, start(of), deep + 1) + ")";
            case Type.RowOf row -> {
                var columns = new ArrayList<String>();
                for (int i = 0; i < row.columns().size(); i++) {
                    Type of = row.columns().get(i).type();
                    columns.add(loaded(of, at + " + \"." + i + "\"", start(of), deep + 1));
                }
                yield "kept.Row" + arguments + ", " + at + " => new "
                        + world.types().of(row) + "(" + String.join(", ", columns) + "))";
            }
            case Type plain ->
                "kept."
                        + switch (world.types().of(plain)) {
                            case "long" -> "Whole";
                            case "double" -> "Number";
                            case "bool" -> "Yes";
                            case "DateTime" -> "Date";
                            default -> "Get";
                        }
                        + arguments + ")";
        };
    }

    private String start(Type type) {
        return world.types().start(type, view.today());
    }
}

package bivouac.handover.forms;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Holding;
import bivouac.design.Task;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.csharp.CsExpressions;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsView;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.CalledWith;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import bivouac.handover.meaning.Uses;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What the developer fills in: tasks and holdings as interfaces, how tasks end, and what is there to begin with. */
final class FormsWork {

    private final CsWorld world;
    private final Design design;

    FormsWork(CsWorld world) {
        this.world = world;
        this.design = world.meanings().program().design();
    }

    private String parameters(Task task) {
        return task.takes().stream()
                .map(t -> world.types().of(t.type()) + " "
                        + world.ofApplication(t.name().expression()))
                .collect(Collectors.joining(", "));
    }

    private String takes(Task task) {
        return task.takes().stream()
                .map(t -> world.ofApplication(t.name().expression()))
                .collect(Collectors.joining(", "));
    }

    private String signature(Task task) {
        String shown = task.name().shown();
        String handed = CalledWith.of(task, "Progress progress", parameters(task));
        return world.taskClass(shown) + " " + world.methodOfTask(shown) + "(" + handed + ")";
    }

    Lines tasks() {
        var out = new Lines();
        out.add("/// <summary>")
                .add("/// The work of the application: each task says how it ended; one that throws has broken (W8).")
                .add("/// Called off the interface's thread.")
                .add("/// </summary>");
        out.add("public interface ITasks {");
        design.application().tasks().forEach(t -> out.add(signature(t) + ";").blank());
        return out.add("}");
    }

    Lines endings(Task task) {
        var out = new Lines();
        String shown = task.name().shown();
        String type = world.taskClass(shown);
        out.add("/// <summary>How “" + CsNames.comment(shown) + "” ends.</summary>");
        out.add("public abstract class " + type + " : Ending {");
        world.outcomes().ofTask(shown).stream()
                .collect(Collectors.toMap(Outcome::ending, o -> o, (a, b) -> a, java.util.LinkedHashMap::new))
                .values()
                .forEach(o -> FormsEnding.write(out, world, o, "public", type));
        return out.add("}");
    }

    /**
     * What a task gives in a rehearsal, with the values of its takes where a sample reads them.
     *
     * @param app how the application is reached, with a point; empty where there is none
     */
    String sample(Task task, String ending, String app) {
        String shown = task.name().shown();
        CsView view = app.isEmpty() ? CsView.ofNothing() : CsView.ofSamples(app);
        Map<String, Say> samples = world.meanings().samples(shown, ending);
        List<String> gives = task.endings().stream()
                .filter(e -> e.name().equals(ending))
                .limit(1)
                .flatMap(e -> e.gives().stream())
                .map(g -> Optional.ofNullable(samples.get(g.name().shown()))
                        .filter(s -> !app.isEmpty() || !Says.readsApplication(s))
                        .map(s -> new CsExpressions(world, view).write(s, g.type()))
                        .orElseGet(() -> world.types().start(g.type(), "DateTime.Today")))
                .toList();
        return "new " + world.reached(world.outcomes().ofTask(shown, ending), "") + "(" + String.join(", ", gives)
                + ")";
    }

    Lines ownTasks() {
        var out = new Lines();
        out.add("/// <summary>Yours: it was written once, with the samples of the design, and is not written"
                + " over.</summary>");
        out.add("public sealed class OwnTasks : ITasks {");
        for (Task task : design.application().tasks()) {
            String ending = task.usually()
                    .orElse(
                            task.endings().isEmpty()
                                    ? ""
                                    : task.endings().getFirst().name());
            out.add("public " + signature(task) + " {");
            out.add("return " + sample(task, ending, "") + ";").add("}").blank();
        }
        return out.add("}");
    }

    /** Tasks that end as they are told to, for those who drive it; the application is {@code app} there. */
    void told(Lines out) {
        for (Task task : design.application().tasks()) {
            out.add("public " + signature(task) + " {");
            out.add("switch (driven.ending) {");
            Outcomes.sampled(task)
                    .forEach(e -> out.all(new Lines()
                            .add("case " + Spelling.literal(e) + ":")
                            .further(new Lines().add("return " + sample(task, e, "driven.app.") + ";"))));
            out.all(new Lines()
                    .add("default:")
                    .further(new Lines().add("throw new ArgumentException(driven.ending);")));
            out.add("}").add("}").blank();
        }
    }

    // Holdings

    Lines holdings() {
        var out = new Lines();
        out.add("/// <summary>What the application takes and gives back.</summary>");
        out.add("public interface IHoldings {");
        for (Holding h : design.application().holdings()) {
            out.add(holding(h, true) + ";").blank();
            out.add(holding(h, false) + ";").blank();
        }
        return out.add("}");
    }

    private String holding(Holding holding, boolean take) {
        boolean may = take ? holding.mayFail() : holding.mayStay();
        return (may ? "Tried " : "void ") + world.methodOfHolding(holding.name().shown(), take) + "()";
    }

    Lines ownHoldings() {
        var out = new Lines();
        out.add("/// <summary>Yours: it was written once, takes nothing yet, and is not written over.</summary>");
        out.add("public sealed class OwnHoldings : IHoldings {");
        alwaysThere(out);
        return out.add("}");
    }

    /** Methods of holdings that are always taken and given back. */
    void alwaysThere(Lines out) {
        for (Holding h : design.application().holdings()) {
            for (boolean take : new boolean[] {true, false}) {
                out.add("public " + holding(h, take) + " {");
                if (take ? h.mayFail() : h.mayStay()) {
                    out.add("return new Tried.Done();");
                }
                out.add("}").blank();
            }
        }
    }

    // What scripts call

    /** The methods of the application that run tasks, and take and give back holdings. */
    void called(Lines out, Uses uses) {
        design.application().tasks().forEach(t -> task(out, uses, t));
        for (Holding holding : design.application().holdings()) {
            if (uses.taken().contains(holding.name().shown())) {
                take(out, holding);
            }
            if (uses.givenBack().contains(holding.name().shown())) {
                giveBack(out, holding);
            }
        }
    }

    private void task(Lines out, Uses uses, Task task) {
        String shown = task.name().shown();
        String type = world.taskClass(shown);
        String more = task.takes().isEmpty() ? "" : ", " + parameters(task);
        String told = task.takes().isEmpty() ? "new object[0]" : "new object[] { " + takes(task) + " }";
        String handed = CalledWith.of(task, "progress", takes(task));
        String call = Spelling.literal(shown) + ", " + told + ", progress => tasks." + world.methodOfTask(shown) + "("
                + handed + ")";
        for (boolean mayBreak : new boolean[] {false, true}) {
            String name = world.methodRunning(shown, mayBreak);
            String of = mayBreak ? "<" + type + ">(of, " : "(of, ";
            if (uses.waitFor(shown, mayBreak)) {
                out.add("/// <summary>Runs it and waits for how it ends"
                        + (mayBreak ? " or that it broke (W5, W8)" : " (W5)") + ".</summary>");
                out.add("internal " + type + " " + name + "(DeskWindow of" + more + ") {");
                out.add("return Desk.Run" + of + call + broke(shown, mayBreak) + ");")
                        .add("}")
                        .blank();
            }
            if (uses.runInBackground(shown, mayBreak)) {
                out.add("/// <summary>Runs it while other events go on (W5).</summary>");
                out.add("internal void " + name + "InBackground(DeskWindow of, string step" + more + ", Action<" + type
                        + "> then) {");
                out.add("Desk.Background" + of + "step, " + call + ", then" + broke(shown, mayBreak) + ");")
                        .add("}")
                        .blank();
            }
        }
    }

    /** What makes the ending that says the work broke, where a step answers it. */
    private String broke(String task, boolean mayBreak) {
        return mayBreak
                ? ", reason => new " + world.reached(world.outcomes().ofTask(task, Ending.BROKE.name()), "")
                        + "(reason)"
                : "";
    }

    private void take(Lines out, Holding holding) {
        String shown = Spelling.literal(holding.name().shown());
        String take = world.methodOfHolding(holding.name().shown(), true);
        String gives = givingBack(holding);
        String trace = holding.leavesTrace() ? "kept.Held(" + shown + ", true);" : "";
        if (!holding.mayFail()) {
            out.add("internal void " + take + "(DeskWindow of) {");
            out.add("holdings." + take + "();");
            taken(out, shown, gives, trace);
            out.add("}").blank();
            return;
        }
        out.add("/// <summary>Taking it may fail (O7).</summary>");
        out.add("internal Tried " + take + "(DeskWindow of) {");
        out.add("var tried = Desk.Attempt(of, "
                + Spelling.literal("taking " + holding.name().shown()) + ", holdings." + take + ");");
        out.add("if (tried is Tried.Done) {");
        taken(out, shown, gives, trace);
        out.add("}").add("return tried;").add("}").blank();
    }

    private static void taken(Lines out, String shown, String gives, String trace) {
        out.add("Desk.Take(of, " + shown + ", " + gives + ");");
        if (!trace.isEmpty()) {
            out.add(trace);
        }
    }

    private String givingBack(Holding holding) {
        String shown = Spelling.literal(holding.name().shown());
        String back = world.methodOfHolding(holding.name().shown(), false);
        if (holding.leavesTrace()) {
            return "() => { holdings." + back + "(); kept.Held(" + shown + ", false); }";
        }
        return holding.mayStay() ? "() => holdings." + back + "()" : "holdings." + back;
    }

    private void giveBack(Lines out, Holding holding) {
        String shown = Spelling.literal(holding.name().shown());
        String back = world.methodOfHolding(holding.name().shown(), false);
        if (!holding.mayStay()) {
            out.add("internal void " + back + "(DeskWindow of) {");
            out.add("Desk.GiveBack(of, " + shown + ");").add("}").blank();
            return;
        }
        out.add("/// <summary>Giving it back may fail (H2).</summary>");
        out.add("internal Tried " + back + "(DeskWindow of) {");
        out.add("var tried = Desk.Attempt(of, "
                + Spelling.literal("giving back " + holding.name().shown()) + ", holdings." + back + ");");
        out.add("if (tried is Tried.Done) {");
        out.add("Desk.GivenBack(of, " + shown + ");");
        out.add("} else {");
        out.add("Desk.Lose(of, " + shown + ");").add("}");
        if (holding.leavesTrace()) {
            out.add("kept.Held(" + shown + ", false);");
        }
        out.add("return tried;").add("}").blank();
    }
}

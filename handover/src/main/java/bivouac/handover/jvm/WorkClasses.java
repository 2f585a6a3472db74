package bivouac.handover.jvm;

import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.ScriptPlace;
import bivouac.design.Task;
import bivouac.handover.braces.Lines;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.java.JavaNames;
import bivouac.handover.meaning.CalledWith;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What the developer fills in: tasks and holdings as interfaces, how tasks end, and what is there to begin with. */
final class WorkClasses {

    private WorkClasses() {}

    static String parameters(JvmWorld world, Task task) {
        return task.takes().stream()
                .map(t -> world.types().of(t.type()) + " "
                        + JavaNames.safe(t.name().expression(), ApplicationClass.TAKEN))
                .collect(Collectors.joining(", "));
    }

    /** What the work is called with: what it takes, behind what it tells and is told by, where it does or is (W9, W10). */
    static String called(JvmWorld world, Task task) {
        return CalledWith.of(task, "Progress progress", parameters(world, task));
    }

    /** The interface of the tasks, and its implementation that is the developer's own. */
    static String tasks(JvmWorld world, Design design) {
        var out = new Lines();
        out.add("/**")
                .add(
                        " * The work of the application: each task says how it ended; one that throws has broken (W8). Called off the")
                .add(" * interface's thread.")
                .add(" */");
        out.add("public interface Tasks {").blank();
        for (Task task : design.application().tasks()) {
            out.add(world.taskClass(task.name().shown()) + " "
                            + world.methodOfTask(task.name().shown()) + "(" + called(world, task)
                            + ") throws Exception;")
                    .blank();
        }
        return out.add("}").toString();
    }

    static String endings(JvmWorld world, Task task) {
        String shown = task.name().shown();
        return sealed(
                        world,
                        "public ",
                        "/** How “" + JavaNames.comment(shown) + "” ends. */",
                        world.taskClass(shown),
                        world.outcomes().ofTask(shown),
                        o -> world.taskEndingName(shown, o.ending()))
                .toString();
    }

    /** What a named script answers who does it (W11). */
    static Lines answers(JvmWorld world, ScriptPlace.Named script) {
        return sealed(
                world,
                "",
                "/** How “" + JavaNames.comment(script.name()) + "” ends; null where it reaches its end. */",
                world.ownAnswers(script),
                world.outcomes().ofScript(script),
                world::answerName);
    }

    private static Lines sealed(
            JvmWorld world,
            String access,
            String comment,
            String type,
            List<Outcome> outcomes,
            Function<Outcome, String> name) {
        var out = new Lines();
        out.add(comment)
                .add(access + "sealed interface " + type + " extends Ending {")
                .blank();
        var written = new HashSet<String>();
        for (Outcome outcome : outcomes) {
            if (written.add(outcome.ending())) {
                String components = outcome.gives().stream()
                        .map(c -> world.types().of(c.type()) + " " + JavaNames.safe(c.name()))
                        .collect(Collectors.joining(", "));
                out.add("record " + name.apply(outcome) + "(" + components + ") implements " + type + " {}")
                        .blank();
            }
        }
        return out.add("}");
    }

    /** What a task gives in a rehearsal, with the values of its takes where a sample reads them. */
    static String sample(JvmWorld world, Meanings meanings, Task task, String ending, String app) {
        Map<String, Say> samples = meanings.samples(task.name().shown(), ending);
        return "new " + world.taskEnding(task.name().shown(), ending).type() + "("
                + task.endings().stream()
                        .filter(e -> e.name().equals(ending))
                        .limit(1)
                        .flatMap(e -> e.gives().stream())
                        .map(g -> Optional.ofNullable(samples.get(g.name().shown()))
                                .filter(s -> !app.isEmpty() || !Says.readsApplication(s))
                                .map(s -> new JavaExpressions(world.forSamples()).write(s, g.type()))
                                .orElseGet(
                                        () -> world.types().start(g.type()).replace("app.today()", "LocalDate.now()")))
                        .collect(Collectors.joining(", "))
                + ")";
    }

    static String ownTasks(JvmWorld world, Meanings meanings) {
        var out = new Lines();
        out.add("/** Yours: it was written once, with the samples of the design, and is not written over. */");
        out.add("public final class OwnTasks implements Tasks {").blank();
        for (Task task : meanings.program().design().application().tasks()) {
            String ending = task.usually()
                    .orElse(
                            task.endings().isEmpty()
                                    ? ""
                                    : task.endings().getFirst().name());
            out.add("@Override");
            out.add("public " + world.taskClass(task.name().shown()) + " "
                    + world.methodOfTask(task.name().shown()) + "(" + called(world, task) + ") {");
            out.add("return " + sample(world, meanings, task, ending, "") + ";")
                    .add("}")
                    .blank();
        }
        return out.add("}").toString();
    }

    static String holdings(JvmWorld world, Design design) {
        var out = new Lines();
        out.add("/** What the application takes and gives back. */");
        out.add("public interface Holdings {").blank();
        for (Holding h : design.application().holdings()) {
            out.add((h.mayFail() ? "Tried " : "void ")
                            + world.methodOfHolding(h.name().shown(), true) + "();")
                    .blank();
            out.add((h.mayStay() ? "Tried " : "void ")
                            + world.methodOfHolding(h.name().shown(), false) + "();")
                    .blank();
        }
        return out.add("}").toString();
    }

    static String ownHoldings(JvmWorld world, Design design) {
        var out = new Lines();
        out.add("/** Yours: it was written once, takes nothing yet, and is not written over. */");
        out.add("public final class OwnHoldings implements Holdings {").blank();
        alwaysThere(out, world, design);
        return out.add("}").toString();
    }

    /** Methods of holdings that are always taken and given back. */
    static void alwaysThere(Lines out, JvmWorld world, Design design) {
        for (Holding h : design.application().holdings()) {
            for (boolean take : new boolean[] {true, false}) {
                boolean may = take ? h.mayFail() : h.mayStay();
                out.add("@Override");
                out.add("public " + (may ? "Tried " : "void ")
                        + world.methodOfHolding(h.name().shown(), take) + "() " + (may ? "{" : "{}"));
                if (may) {
                    out.add("return new Tried.Done();").add("}");
                }
                out.blank();
            }
        }
    }
}

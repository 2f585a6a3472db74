package bivouac.handover.java;

import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Task;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Tasks, holdings and timers (W5, H1, H2, V4). */
abstract class ScriptWork extends ScriptWindows {

    ScriptWork(ScriptOf of) {
        super(of);
    }

    Task task(String name) {
        return meanings.program()
                .design()
                .application()
                .task(name)
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no task “" + name + "”."));
    }

    boolean run(Step.RunTask run, StepPath path, Script whole) {
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
    boolean background(
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
        return isLast ? false : stop(ends.line());
    }

    boolean holding(String name, List<Step.Branch> branches, boolean take, StepPath path, Script whole) {
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

    boolean timer(Step.TurnTimer.How how, String name) {
        Optional<bivouac.design.Timer> own = place.ofWindow()
                .flatMap(w -> meanings.program().design().faced(w))
                .flatMap(f -> f.routines().timer(name));
        String of = own.isPresent() ? "" : world.app();
        Optional<String> window = own.isPresent() ? place.ofWindow() : Optional.empty();
        String method = world.methodOfTimer(window, name);
        return line(of + (how == Step.TurnTimer.How.START ? "start" : "stop") + JavaNames.upper(method) + "();");
    }
}

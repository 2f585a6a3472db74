package bivouac.handover.script;

import bivouac.design.Ending;
import bivouac.design.Holding;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Task;
import bivouac.design.WorkBreaking;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Outcome;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Tasks, holdings and timers (W5, H1, H2, V4). */
abstract class ScriptWork extends ScriptWindows {

    /** W10: where no branch says what happens when the work was cancelled; before closing that refuses, as a fault does. */
    private static final Step.Branch GOES_NO_FURTHER =
            new Step.Branch(Ending.CANCELLED.name(), Script.of(new Step.StayOpen()));

    ScriptWork(ScriptOf of) {
        super(of);
    }

    boolean run(Step.RunTask run, StepPath path) {
        Task task = meanings.program()
                .design()
                .application()
                .task(run.task())
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no task “" + run.task() + "”."));
        List<Handed> handed = handed(task.takes(), run.handOver());
        List<Outcome> all = outcomes.ofTask(run.task());
        var answers = new ArrayList<Answer>();
        for (int i = 0; i < run.branches().size(); i++) {
            Step.Branch b = run.branches().get(i);
            StepPath at = path.into(i, 0);
            outcomes.whereOfTask(run.task(), b.ending()).ifPresent(o -> answers.add(new Answer(o, b, at)));
        }
        if (task.isCancelledUnwritten() && !run.answers(Ending.CANCELLED.name())) {
            answers.add(
                    new Answer(outcomes.ofTask(run.task(), Ending.CANCELLED.name()), GOES_NO_FURTHER, path.into(0, 0)));
        }
        if (run.background() && !isWaitedFor()) {
            return background(run, handed, answers, all);
        }
        return answers(new Asked.Task(run.task(), mayBreak(run), handed), answers, all, run.as());
    }

    private boolean mayBreak(Step.RunTask run) {
        return WorkBreaking.isAnswered(meanings.program().design(), run);
    }

    /** W5: the script goes on in its branch, and after the step, when the task has ended. */
    private boolean background(Step.RunTask run, List<Handed> handed, List<Answer> answers, List<Outcome> all) {
        Act.StepName step = stepName(run.task());
        String result = names.local("result");
        Block block = thenRest(() -> {
            boolean written =
                    answers.stream().anyMatch(a -> !a.branch().script().doesNothing());
            return !written || answers(new Asked.Came(result), answers, all, run.as());
        });
        act(new Act.Background(run.task(), mayBreak(run), step, handed, new Act.Ended(result, block)));
        return goesOnLater();
    }

    boolean holding(String name, List<Step.Branch> branches, boolean take, StepPath path) {
        Holding holding = meanings.program()
                .design()
                .application()
                .holding(name)
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no holding “" + name + "”."));
        if (!(take ? holding.mayFail() : holding.mayStay())) {
            return act(new Act.Holding(name, take));
        }
        int couldNot = branches.stream().map(Step.Branch::ending).toList().indexOf(Ending.COULD_NOT.name());
        return tried(new Act.Trial.Holding(name, take), couldNot(branches, couldNot, path), () -> true);
    }

    boolean timer(Step.TurnTimer.How how, String name) {
        boolean own = me().flatMap(f -> f.routines().timer(name)).isPresent();
        return act(new Act.Turn(own ? place.ofWindow() : Optional.empty(), name, how == Step.TurnTimer.How.START));
    }
}

package bivouac.machine;

import bivouac.design.Part;
import bivouac.plan.Op;
import bivouac.plan.PartPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What passes between work that runs and those who wait for it: how far it is (W9), and that it is to end (W10). */
final class Progressing {

    private final Run run;
    private final Tasks tasks;
    private final Entries entries;
    /** Whether any window can show the work of any task: nothing of this is looked at where none can. */
    private final boolean anywhere;

    /** @param entries what is told where events are listed */
    Progressing(Run run, Tasks tasks, Entries entries) {
        this.run = run;
        this.tasks = tasks;
        this.entries = entries;
        this.anywhere = run.program.windows().stream()
                .flatMap(w -> w.parts().stream())
                .anyMatch(p -> p.part instanceof Part.Progress);
    }

    /** A part that shows how far work is, in an open window. */
    private record Shown(Inst inst, PartPlan part) {}

    /** Whether what runs at a place may tell how far it is. */
    boolean mayTell(int place) {
        return tasks.frame(place)
                .flatMap(Progressing::task)
                .filter(Op.RunTask::tells)
                .isPresent();
    }

    /** What is told there where events are listed; nothing where nobody would see it. */
    List<Entries.Told> told(int place) {
        return anywhere && mayTell(place)
                ? tasks.frame(place)
                        .filter(f -> !shown(f).isEmpty())
                        .flatMap(Progressing::task)
                        .map(t -> entries.told(t.name()))
                        .orElse(List.of())
                : List.of();
    }

    /** W9: it stands where the work is shown. */
    void tell(int place, int done, String line) {
        tell(tasks.frame(place).orElseThrow(), done, line);
    }

    private void tell(Frame.OfScript frame, int done, String line) {
        shown(frame).forEach(s -> s.part().tell(s.inst(), done, line));
    }

    /** W9: work that begins has done nothing yet. */
    void begun(Frame.OfScript frame) {
        if (anywhere && task(frame).filter(Op.RunTask::tells).isPresent()) {
            tell(frame, 0, "");
        }
    }

    /** Whether the work that a part shows can be asked to end; not whether the window gets events. */
    boolean canCancel(Inst inst, PartPlan part) {
        return anywhere
                && part.part instanceof Part.Progress
                && !cancellable(inst, part).isEmpty();
    }

    Scene.Asking asking(Inst inst, PartPlan part) {
        boolean ever = part.part instanceof Part.Progress shows
                && run.program.design().application().mayBeCancelled(shows);
        return !ever ? Scene.Asking.NEVER : canCancel(inst, part) ? Scene.Asking.NOW : Scene.Asking.NOT_NOW;
    }

    void cancel(Inst inst, int part) {
        run.raise(inst);
        cancellable(inst, inst.plan.parts().get(part)).forEach(f -> f.cancelled = true);
    }

    /** W10: while work is waited for, leaving a window that shows it is asking it to end. */
    boolean isCancelledByLeaving(Inst inst) {
        return anywhere && tasks.isForeground() && inst.plan.parts().stream().anyMatch(p -> canCancel(inst, p));
    }

    void cancelWaitedFor() {
        tasks.foreground().cancelled = true;
    }

    /** A step asks all runs of a task to end. */
    void cancel(String task) {
        run.background.stream()
                .filter(f -> mayBeCancelled(f) && Tasks.task(f).name().equals(task))
                .forEach(f -> f.cancelled = true);
    }

    private List<Frame.OfScript> cancellable(Inst inst, PartPlan part) {
        return working().stream()
                .filter(f -> mayBeCancelled(f) && !f.cancelled)
                .filter(f -> shown(f).contains(new Shown(inst, part)))
                .toList();
    }

    private List<Frame.OfScript> working() {
        return tasks.isForeground() ? List.of(tasks.foreground()) : run.background;
    }

    /** W9: the parts of the window whose work it is; where that has none, those of every window. */
    private List<Shown> shown(Frame.OfScript frame) {
        String task = Tasks.task(frame).name();
        var own = new ArrayList<Shown>();
        var all = new ArrayList<Shown>();
        for (Inst inst : run.instances) {
            for (PartPlan part : inst.plan.parts()) {
                if (part.part instanceof Part.Progress p && p.task().equals(task)) {
                    (inst == frame.me ? own : all).add(new Shown(inst, part));
                }
            }
        }
        return own.isEmpty() ? all : own;
    }

    private static boolean mayBeCancelled(Frame.OfScript frame) {
        return task(frame).filter(Op.RunTask::mayBeCancelled).isPresent();
    }

    /** The task that a script waits for; none where it waits for the system. */
    private static Optional<Op.RunTask> task(Frame.OfScript frame) {
        return frame.script.ops().get(frame.pc) instanceof Op.RunTask task ? Optional.of(task) : Optional.empty();
    }
}

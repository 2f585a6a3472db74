package bivouac.check.steps;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.WorkBreaking;
import java.util.ArrayList;
import java.util.List;

/** Work that breaks where nothing says what then (W8): one finding for all of it, since one answer puts all right. */
public final class WorkBreaksFindings {

    private WorkBreaksFindings() {}

    public static void into(List<Finding> found, Design design) {
        design.application().tasks().stream()
                .filter(t -> !t.canBreak())
                .forEach(t -> found.add(calledSo(t.name().shown())));
        unanswered(found, design);
    }

    /** It cannot be typed, but an older file may hold it. */
    private static Finding calledSo(String task) {
        return new Finding(
                Weight.RISKY,
                Kind.WORK_BREAKS,
                "“" + task + "” has an ending called “" + Ending.BROKE.name() + "”.",
                "Every task has that one by itself: the work threw (W8). Give the ending another name, so that a program"
                        + " can tell the two apart.",
                Place.APPLICATION,
                List.of());
    }

    private static void unanswered(List<Finding> found, Design design) {
        List<WorkBreaking.At> all = WorkBreaking.unanswered(design);
        if (all.isEmpty()) {
            return;
        }
        var repairs = new ArrayList<Repair>();
        if (WorkBreaking.answer(design).isEmpty()) {
            repairs.add(new DesignRepair.SayWhenWorkBreaks());
        }
        WorkBreaking.At first = all.getFirst();
        if (all.size() == 1) {
            repairs.add(new StepRepair.AddBranch(first.place(), first.path(), Ending.BROKE.name()));
        }
        found.add(new Finding(
                Weight.RISKY,
                Kind.WORK_BREAKS,
                "Nothing says what happens when the work of a task breaks.",
                "Work can throw, whatever its endings are; the script that waits for it ends then as by a fault, and nobody"
                        + " is told (W8). So it is where " + runs(all)
                        + "; write when broke there, or the application's script “" + WorkBreaking.ANSWER + "”.",
                Place.step(first.place(), first.path()),
                repairs));
    }

    private static String runs(List<WorkBreaking.At> all) {
        WorkBreaking.At first = all.getFirst();
        String one = first.place().words() + " runs “" + first.task() + "”";
        return all.size() == 1 ? one : one + ", and at " + (all.size() - 1) + " more steps";
    }
}

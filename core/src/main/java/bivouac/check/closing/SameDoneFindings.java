package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.StepRepair;
import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Ways that part and come to the same: an Escape that does what another answer does, a task that failed and closes the window as
 * if it had not. That is told from what is done, not from words.
 */
public final class SameDoneFindings {

    private final List<Finding> found;
    private final Design design;
    private final ScriptPlace place;

    private SameDoneFindings(List<Finding> found, Design design, ScriptPlace place) {
        this.found = found;
        this.design = design;
        this.place = place;
    }

    public static void into(List<Finding> found, Design design) {
        design.scripts().forEach((place, script) -> {
            var findings = new SameDoneFindings(found, design, place);
            Steps.walk(script, findings::step);
        });
    }

    private void step(StepPath path, Step step) {
        boolean decidesByItself =
                place.isAt(FacedWindow.Moment.BEFORE_CLOSING) || place.isAt(Part.RowMoment.BEFORE_REMOVING);
        if (step instanceof Step.Open open
                && !decidesByItself
                && design.window(open.window()).orElse(null) instanceof MessageBox box) {
            box.escapeEnding().ifPresent(escape -> escapeDoesTheSame(path, open, box, escape));
        }
        if (step instanceof Step.RunTask run) {
            theSameHoweverItEnds(path, run);
            run.branches().stream()
                    .filter(b -> Said.FAILED.by(b.ending()))
                    .forEach(failed -> failedLeavesTheSame(path, run, failed));
        }
    }

    private void escapeDoesTheSame(StepPath path, Step.Open open, MessageBox box, String escape) {
        Set<Object> atEscape = done(open, escape);
        Optional<MessageBox.Answer> same = box.answers().stream()
                .filter(a -> !a.ending().equals(escape))
                .filter(a -> !atEscape.isEmpty() && done(open, a.ending()).containsAll(atEscape))
                .findFirst();
        // where the very same is done at all answers, that is told of the question as a whole
        boolean isAll =
                open.branches().stream().map(Step.Branch::script).distinct().count() == 1
                        && open.branches().size() == box.answers().size();
        if (same.isEmpty() || isAll) {
            return;
        }
        found.add(new Finding(
                Weight.RISKY,
                Kind.ESCAPE_DESTROYS,
                Place.step(place, path).words(design) + ": “" + box.said(escape) + "” in “" + box.name()
                        + "”, which Escape means, does what “"
                        + AccessKey.without(same.get().text()) + "” does.",
                "Who presses Escape wants nothing to happen (C7); write nothing there.",
                Place.step(place, path),
                List.of(new StepRepair.EmptyBranch(place, path, escape))));
    }

    /** What is done at an ending, without what comes of it; leaving, and what only the eye sees, is no doing. */
    private static Set<Object> done(Step.Open open, String ending) {
        return open.branches().stream()
                .filter(b -> b.ending().equals(ending))
                .flatMap(b -> b.script().steps().stream())
                .flatMap(s -> done(s).stream())
                .collect(Collectors.toSet());
    }

    private static Optional<Object> done(Step step) {
        return switch (step) {
            case Step.Open o -> Optional.of(List.of(o.window(), o.handOver()));
            case Step.RunTask r -> Optional.of(List.of(r.task(), r.handOver()));
            case Step.TakeHolding t -> Optional.of(t.holding());
            case Step.GiveBack g -> Optional.of(g.holding());
            case Step.Close c when !(c.target() instanceof bivouac.design.Target.Me) -> Optional.of(c.target());
            case Step.SetValue set when !set.path().endsWith(".enabled") -> Optional.of(set);
            case Step.SetIn set -> Optional.of(set);
            case Step.AddRow a -> Optional.of(a);
            case Step.ChangeRow c -> Optional.of(c);
            case Step.RemoveRow r -> Optional.of(r);
            case Step.Do d -> Optional.of(d);
            case Step.KeptValues k -> Optional.of(k);
            case Step.Close _, Step.If _, Step.EndApplication _, Step.Repeat _, Step.Off _, Step.Plain _ ->
                Optional.empty();
        };
    }

    /** Nobody can tell its endings apart then, and why it is asked how it ended. */
    private void theSameHoweverItEnds(StepPath path, Step.RunTask run) {
        List<Script> done =
                run.branches().stream().map(Step.Branch::script).distinct().toList();
        boolean all = run.branches().size() > 1
                && done.size() == 1
                && !done.getFirst().doesNothing();
        boolean closes = all && leavesWith(done.getFirst()).isPresent();
        if (all && (closes || !isTidying(done.getFirst()))) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.MISSING_BRANCH,
                    Place.step(place, path).words(design) + ": the same is done however “" + run.task() + "” ends.",
                    "One of its endings is not what the others are; write what is done there, or let the steps stand behind"
                            + " the task.",
                    Place.step(place, path),
                    List.of(new StepRepair.NotThereYet(
                            place, Optional.of(path), run.branches().getLast().ending()))));
        }
    }

    /** Only what can be used and what is shown is put back. */
    private static boolean isTidying(Script script) {
        return script.steps().stream()
                .allMatch(s -> s instanceof Step.SetValue || s instanceof Step.Focus || s instanceof Step.Off);
    }

    private void failedLeavesTheSame(StepPath path, Step.RunTask run, Step.Branch failed) {
        boolean several = place.ofWindow()
                .flatMap(design::faced)
                .filter(f -> f.endings().size() > 1)
                .isPresent();
        Optional<String> ending = several ? leavesWith(failed.script()) : Optional.empty();
        ending.filter(e -> run.branches().stream()
                        .anyMatch(b -> b != failed
                                && !Said.FAILED.by(b.ending())
                                && leavesWith(b.script()).equals(ending)))
                .ifPresent(e -> found.add(new Finding(
                        Weight.RISKY,
                        Kind.CLOSES_ALL_THE_SAME,
                        Place.step(place, path).words(design) + ": when “" + run.task() + "” ends " + failed.ending()
                                + ", " + place.ofWindow().orElseThrow() + " closes with “" + e
                                + "” as when it does not.",
                        "Whoever opened it takes that for success; say what went wrong, and let it be tried again.",
                        Place.step(place, path),
                        List.of(new StepRepair.NotThereYet(place, Optional.of(path), failed.ending())))));
    }

    private static Optional<String> leavesWith(Script script) {
        return script.steps().stream()
                .filter(Step.Close.class::isInstance)
                .flatMap(s -> ((Step.Close) s).ending().stream())
                .findFirst();
    }
}

package bivouac.handover.meaning;

import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.WorkBreaking;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How windows, tasks, timers and holdings are used by a design, so that nothing is written that nobody calls.
 *
 * @param opened alongside or in place
 * @param answered opened alongside with branches
 * @param asked opened and waited for
 * @param background tasks that run in the background
 * @param foreground tasks that are waited for, by steps that do not say what happens when the work breaks
 * @param brokenInBackground those of the background by steps that say it (W8)
 * @param broken those that are waited for by steps that say it
 * @param started timers that are started by some script
 * @param stopped timers that are stopped by some script
 * @param taken holdings that some script takes
 * @param givenBack holdings that some script gives back
 * @param kept what scripts do with the values that are kept
 * @param links whether there is a link to follow
 */
public record Uses(
        Set<String> opened,
        Set<String> answered,
        Set<String> asked,
        Set<String> background,
        Set<String> foreground,
        Set<String> brokenInBackground,
        Set<String> broken,
        Set<String> started,
        Set<String> stopped,
        Set<String> taken,
        Set<String> givenBack,
        Set<Step.KeptValues.How> kept,
        boolean links) {

    private Set<String> tasks(boolean apart, boolean mayBreak) {
        if (apart) {
            return mayBreak ? brokenInBackground : background;
        }
        return mayBreak ? broken : foreground;
    }

    /** Whether a task is waited for by steps that say, or do not say, what happens when the work breaks (W8). */
    public boolean waitFor(String task, boolean mayBreak) {
        return tasks(false, mayBreak).contains(task);
    }

    /** The same of steps that run it in the background. */
    public boolean runInBackground(String task, boolean mayBreak) {
        return tasks(true, mayBreak).contains(task);
    }

    /** Whether the application runs any task. */
    public boolean runsTasks() {
        return Stream.of(background, foreground, brokenInBackground, broken).anyMatch(s -> !s.isEmpty());
    }

    public static Uses of(Design design) {
        var uses = new Uses(
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                EnumSet.noneOf(Step.KeptValues.How.class),
                hasLinks(design));
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    switch (step) {
                        case Step.Open open ->
                            uses.add(open, design.window(open.window()).orElse(null) instanceof ReadyMade);
                        case Step.RunTask run ->
                            uses.tasks(
                                            run.background() && !isWaitedFor(design, place),
                                            WorkBreaking.isAnswered(design, run))
                                    .add(run.task());
                        case Step.TurnTimer(var how, String timer) ->
                            (how == Step.TurnTimer.How.START ? uses.started : uses.stopped).add(timer);
                        case Step.TakeHolding take -> uses.taken.add(take.holding());
                        case Step.GiveBack give -> uses.givenBack.add(give.holding());
                        case Step.KeptValues(var how) -> uses.kept.add(how);
                        case Step.Do _,
                                Step.Close _,
                                Step.If _,
                                Step.EndApplication _,
                                Step.Repeat _,
                                Step.Off _,
                                Step.Plain _ -> {
                            // uses none of these
                        }
                    }
                }));
        return uses;
    }

    /** W5, W11: whatever its steps say. */
    private static boolean isWaitedFor(Design design, ScriptPlace place) {
        return place.isOfClosing()
                || place instanceof ScriptPlace.Named named
                        && Done.of(design, named).filter(NamedScript::answers).isPresent();
    }

    private static boolean hasLinks(Design design) {
        return design.windows().stream()
                .anyMatch(w ->
                        w instanceof FacedWindow face && face.parts().stream().anyMatch(Part.Link.class::isInstance));
    }

    private void add(Step.Open open, boolean readyMade) {
        if (readyMade || open.manner().isWaiting()) {
            asked.add(open.window());
            return;
        }
        opened.add(open.window());
        if (open.manner() instanceof Manner.Alongside
                && open.branches().stream()
                        .anyMatch(b -> !b.ending().equals(bivouac.design.Ending.COULD_NOT.name())
                                && !b.script().doesNothing())) {
            answered.add(open.window());
        }
    }
}

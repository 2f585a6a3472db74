package bivouac.handover.meaning;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.ReadyMade;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import java.util.HashSet;
import java.util.Set;

/**
 * How windows and tasks are used by the scripts of a design, so that nothing is written that nobody calls.
 *
 * @param opened alongside or in place
 * @param answered opened alongside with branches
 * @param asked opened and waited for
 * @param background tasks that run in the background
 * @param foreground tasks that are waited for
 * @param started timers that are started by some script
 * @param stopped timers that are stopped by some script
 */
public record Uses(
        Set<String> opened,
        Set<String> answered,
        Set<String> asked,
        Set<String> background,
        Set<String> foreground,
        Set<String> started,
        Set<String> stopped) {

    public static Uses of(Design design) {
        var uses = new Uses(
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>(),
                new HashSet<>());
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    switch (step) {
                        case Step.Open open ->
                            uses.add(open, design.window(open.window()).orElse(null) instanceof ReadyMade);
                        case Step.RunTask run -> {
                            // closing runs all of them in the foreground (W5)
                            boolean closing = place.isAt(FacedWindow.Moment.BEFORE_CLOSING)
                                    || place.isAt(FacedWindow.Moment.AFTER_CLOSING)
                                    || place instanceof ScriptPlace.Plan;
                            (run.background() && !closing ? uses.background : uses.foreground).add(run.task());
                        }
                        case Step.TurnTimer(var how, String timer) ->
                            (how == Step.TurnTimer.How.START ? uses.started : uses.stopped).add(timer);
                        default -> {
                            // uses no window and no task
                        }
                    }
                }));
        return uses;
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

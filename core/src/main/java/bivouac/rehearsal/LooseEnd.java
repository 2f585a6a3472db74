package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Unanswered;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Something met in a rehearsal that nothing stands behind: a trigger without a script, or an ending, a task's end or a
 * failure without a branch. It is wired where it is met.
 *
 * @param place the script that would go on
 * @param at where the next step stands: the beginning of an empty script, or right after the step that opened or ran
 * @param ending the ending that wants a branch; empty for a trigger
 * @param question what is asked, in words
 */
public record LooseEnd(ScriptPlace place, StepPath at, Optional<String> ending, String question) {

    /** The loose end that the present moment of a rehearsal met, if any. */
    public static Optional<LooseEnd> of(Rehearsal rehearsal) {
        Design design = rehearsal.machine().program().design();
        Moment present = rehearsal.present();
        return present.event().flatMap(e -> trigger(design, e, present.seen()).or(() -> ending(design, present)));
    }

    private static Optional<LooseEnd> trigger(Design design, NamedEvent event, List<Sighting> seen) {
        if (!seen.isEmpty()) {
            return Optional.empty();
        }
        return switch (event) {
            case NamedEvent.Pressed(var w, String part) -> pressed(design, w.window(), part);
            case NamedEvent.RowPressed(var w, String part, int row) -> pressed(design, w.window(), part);
            case NamedEvent.RowActivated(var w, String part) ->
                empty(
                        design,
                        new ScriptPlace.AtRow(w.window(), part, Part.RowMoment.ACTIVATED),
                        "a row of " + part + " on " + w.window() + " is activated");
            default -> Optional.empty();
        };
    }

    private static Optional<LooseEnd> pressed(Design design, String window, String part) {
        return design.faced(window).flatMap(f -> f.part(part)).flatMap(p -> p.trigger()
                .flatMap(t -> empty(
                        design,
                        new ScriptPlace.AtPart(window, part),
                        p.displayName() + " on " + window + " is " + t.word())));
    }

    private static Optional<LooseEnd> empty(Design design, ScriptPlace place, String when) {
        return place.in(design).isEmpty()
                ? Optional.of(new LooseEnd(place, StepPath.of(0), Optional.empty(), "What happens when " + when + "?"))
                : Optional.empty();
    }

    /** An ending that nobody answered: no step that opened the window, or ran the task, has a branch for it. */
    private static Optional<LooseEnd> ending(Design design, Moment present) {
        for (Sighting s : present.seen()) {
            Optional<LooseEnd> loose =
                    switch (s) {
                        case Sighting.Closed(var w, String ending, var gives) ->
                            unanswered(design, w.window(), ending, true);
                        case Sighting.TaskEnded(String task, String ending, var gives) ->
                            unanswered(design, task, ending, false);
                        default -> Optional.empty();
                    };
            if (loose.isPresent()) {
                return loose;
            }
        }
        return present.event()
                .filter(NamedEvent.TaskEnded.class::isInstance)
                .map(NamedEvent.TaskEnded.class::cast)
                .flatMap(e -> e.couldNotOpen().flatMap(w -> unanswered(design, w, e.ending(), true)));
    }

    private static Optional<LooseEnd> unanswered(Design design, String what, String ending, boolean isWindow) {
        var found = new ArrayList<LooseEnd>();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.Branching branching && leadsTo(branching, what, isWindow)) {
                        boolean wants = Unanswered.of(design, place, branching).stream()
                                .anyMatch(u -> u.ending().name().equals(ending));
                        if (wants) {
                            String where = place.ofWindow().map(w -> " in " + w).orElse("");
                            found.add(new LooseEnd(
                                    place,
                                    path.next(1),
                                    Optional.of(ending),
                                    "What happens" + where + " when " + what + " ends " + ending + "?"));
                        }
                    }
                }));
        return found.size() == 1 || !isUsedElsewhere(design, what)
                ? found.stream().findFirst()
                : Optional.empty();
    }

    /** With several openers it is not known which one is asked about, unless only one of them lacks the branch. */
    private static boolean isUsedElsewhere(Design design, String window) {
        return design.window(window).filter(FacedWindow.class::isInstance).isPresent();
    }

    private static boolean leadsTo(Step.Branching step, String what, boolean isWindow) {
        return switch (step) {
            case Step.Open open -> isWindow && open.window().equals(what);
            case Step.RunTask run -> !isWindow && run.task().equals(what);
            // a script answers within its event, so that nobody has seen it end
            case Step.Do done -> false;
            case Step.GiveBack back -> !isWindow && what.equals(new Scene.Work.GivingBack(back.holding()).words());
            case Step.TakeHolding take -> !isWindow && what.equals(new Scene.Work.Taking(take.holding()).words());
        };
    }
}

package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What a window's script <em>before closing</em> does (C2), whatever the way out.
 *
 * @param things what it asks, checks, runs and saves, each once, in its order
 * @param decisions its steps that wait for an ending, with what follows from each
 */
public record BeforeClosing(List<OnTheWay> things, List<Decision> decisions) {

    public BeforeClosing {
        things = List.copyOf(things);
        decisions = List.copyOf(decisions);
    }

    static BeforeClosing of(Design design, FacedWindow face) {
        Script script = face.moment(FacedWindow.Moment.BEFORE_CLOSING);
        var place = new ScriptPlace.AtMoment(face.name().shown(), FacedWindow.Moment.BEFORE_CLOSING);
        var things = new LinkedHashSet<OnTheWay>();
        things(design, script, things, new Doing(design, place));
        return new BeforeClosing(List.copyOf(things), new Outcomes(design, place).of(script));
    }

    private static boolean things(Design design, Script script, Set<OnTheWay> things, Doing doing) {
        for (Step step : script.steps()) {
            switch (step) {
                case Step.Off off -> {
                    continue;
                }
                case Step.RunTask run -> things.add(new OnTheWay.Runs(run.task()));
                case Step.KeptValues k -> things.add(new OnTheWay.Saves());
                case Step.Open open ->
                    Questions.asked(design, open)
                            .ifPresent(
                                    w -> things.add(new OnTheWay.Asks(w.name().shown())));
                case Step.If choice ->
                    choice.cases().stream()
                            .filter(c -> staysUnasked(c.script()))
                            .forEach(c ->
                                    things.add(new OnTheWay.Checks(c.condition().source())));
                case Step.Do call -> doing.into(call, named -> things(design, named.script(), things, doing), false);
                case Step.Close _, Step.EndApplication _, Step.Repeat _, Step.Plain _, Step.Branching _ -> {
                    // it holds nothing up
                }
            }
            step.inner().forEach(i -> things(design, i.script(), things, doing));
        }
        return true;
    }

    /** Whether it says <em>stay open</em> by itself, without a question that decides. */
    private static boolean staysUnasked(Script script) {
        return script.steps().stream().anyMatch(Step.StayOpen.class::isInstance);
    }

    /** Whether it asks anybody anything. */
    public boolean asks() {
        return things.stream().anyMatch(t -> t.asks().isPresent());
    }
}

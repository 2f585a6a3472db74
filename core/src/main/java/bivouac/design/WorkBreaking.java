package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a design says of work that breaks (W8): where nothing does, and one answer for all of it. */
public final class WorkBreaking {

    private WorkBreaking() {}

    /** A step that runs a task, and does not say what happens when that breaks. */
    public record At(ScriptPlace place, StepPath path, String task) {}

    /**
     * The steps behind which nothing says it; none where the application has one answer for all. A task that has an ending
     * of that name means something of its own by it.
     */
    public static List<At> unanswered(Design design) {
        boolean forAll = design.application().whenWorkBreaks().isPresent();
        var found = new ArrayList<At>();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    boolean ownAnswer = forAll && !isTheAnswer(place);
                    if (!ownAnswer
                            && step instanceof Step.RunTask run
                            && design.branchesOf(run).contains(Ending.BROKE)
                            && !run.answers(Ending.BROKE.name())) {
                        found.add(new At(place, path, run.task()));
                    }
                }));
        return List.copyOf(found);
    }

    /** Work of the answer itself is not answered by it: it would never end. */
    private static boolean isTheAnswer(ScriptPlace place) {
        return place instanceof ScriptPlace.Named(var window, String name)
                && window.isEmpty()
                && name.equals(NamedScript.WHEN_WORK_BREAKS);
    }

    /** The design with one message box for all, which says which task broke and why; as it is where there is an answer. */
    public static Design answered(Design design) {
        Application app = design.application();
        if (app.whenWorkBreaks().isPresent()) {
            return design;
        }
        Name name = design.freeName("Work broke off");
        List<Take> takes = List.of(Take.of(NamedScript.TASK, Type.TEXT), Take.of(NamedScript.REASON, Type.TEXT));
        MessageBox.Answer close = MessageBox.Answer.of("OK");
        var box = new MessageBox(
                name,
                app.name(),
                MessageBox.Severity.ERROR,
                "“{takes.task}” broke off: {takes.reason}",
                takes,
                List.of(close),
                Optional.of(close.ending()),
                Optional.of(close.ending()));
        Step says = Step.Open.of(name.shown(), new Manner.WaitsForApplication())
                .handing(handing(NamedScript.TASK), handing(NamedScript.REASON));
        var scripts = new ArrayList<>(app.routines().scripts());
        scripts.add(NamedScript.of(NamedScript.WHEN_WORK_BREAKS, says).taking(takes));
        return design.adding(box).with(app.with(app.routines().withScripts(scripts)));
    }

    private static Given handing(String take) {
        return new Given(take, new Expression("takes." + take));
    }
}

package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a design says of work that breaks (W8): a step may answer it, or leave it to the application, which has one answer for
 * all or none. A task that has an ending of that name means something of its own by it.
 */
public final class WorkBreaking {

    /** The script of the application by this name is done where work breaks and its step does not answer it. */
    public static final String ANSWER = "when work breaks";

    /** Where that script stands. */
    public static final ScriptPlace.Named PLACE = new ScriptPlace.Named(Optional.empty(), ANSWER);

    /** What it may take, by expression name: which task broke, and why, each a text. */
    public static final String TASK = "task";

    public static final String REASON = "reason";

    private WorkBreaking() {}

    /** What the application does where a step leaves it to that. */
    public static Optional<NamedScript> answer(Design design) {
        return design.application().routines().script(ANSWER);
    }

    /** Whether a step says itself what happens when its work breaks. */
    public static boolean isAnswered(Design design, Step.RunTask run) {
        return canBreak(design, run) && run.answers(Ending.BROKE.name());
    }

    /** Whether a step leaves it to the application. */
    public static boolean isLeft(Design design, Step.RunTask run) {
        return canBreak(design, run) && !run.answers(Ending.BROKE.name());
    }

    private static boolean canBreak(Design design, Step.RunTask run) {
        return design.application().task(run.task()).filter(Task::canBreak).isPresent();
    }

    /** What the application's script is handed: which task, and why, where it takes them as texts. */
    public static List<Given> handed(NamedScript answer, Expression task, Expression reason) {
        return answer.takes().stream()
                .filter(t -> t.type() == Type.TEXT)
                .map(t -> t.name().expression())
                .filter(t -> t.equals(TASK) || t.equals(REASON))
                .map(t -> new Given(t, t.equals(TASK) ? task : reason))
                .toList();
    }

    /** A step that runs a task, and behind which nothing says what happens when that breaks. */
    public record At(ScriptPlace place, StepPath path, String task) {}

    /** All such steps. Work of the application's answer itself is not answered by it: it would never end. */
    public static List<At> unanswered(Design design) {
        boolean forAll = answer(design).isPresent();
        var found = new ArrayList<At>();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    boolean nobody = !forAll || place.equals(PLACE);
                    if (nobody && step instanceof Step.RunTask run && isLeft(design, run)) {
                        found.add(new At(place, path, run.task()));
                    }
                }));
        return List.copyOf(found);
    }

    /** The design with one message box for all, which says which task broke and why; as it is where there is an answer. */
    public static Design answered(Design design) {
        if (answer(design).isPresent()) {
            return design;
        }
        Application app = design.application();
        Name name = design.freeName("Work broke off");
        List<Take> takes = List.of(Take.of(TASK, Type.TEXT), Take.of(REASON, Type.TEXT));
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
        Step says =
                Step.Open.of(name.shown(), new Manner.WaitsForApplication()).handing(handing(TASK), handing(REASON));
        var scripts = new ArrayList<>(app.routines().scripts());
        scripts.add(NamedScript.of(ANSWER, says).taking(takes));
        return design.adding(box).with(app.with(app.routines().withScripts(scripts)));
    }

    private static Given handing(String take) {
        return new Given(take, new Expression("takes." + take));
    }
}

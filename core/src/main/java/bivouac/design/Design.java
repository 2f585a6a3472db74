package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A whole design: the application and its windows, in the developer's order.
 *
 * @param accepted findings that are taken as they are
 * @param promises what the developer states of every situation
 */
public record Design(
        Application application,
        List<Window> windows,
        List<Walkthrough> walkthroughs,
        List<Accepted> accepted,
        List<Promise> promises) {

    public Design {
        windows = Windows.of(windows);
        walkthroughs = List.copyOf(walkthroughs);
        accepted = List.copyOf(accepted);
        promises = List.copyOf(promises);
    }

    /** One that promises nothing. */
    public Design(
            Application application, List<Window> windows, List<Walkthrough> walkthroughs, List<Accepted> accepted) {
        this(application, windows, walkthroughs, accepted, List.of());
    }

    /** One in which no finding is accepted. */
    public Design(Application application, List<Window> windows, List<Walkthrough> walkthroughs) {
        this(application, windows, walkthroughs, List.of());
    }

    /** One that nothing was rehearsed on. */
    public Design(Application application, List<Window> windows) {
        this(application, windows, List.of());
    }

    /**
     * What <em>New</em> makes of one title: a main window, a start that opens it, its ending {@code closed}, and the
     * departure when the last window has closed. It runs at once.
     */
    public static Design startingWith(String title) {
        var main = FacedWindow.of(FacedWindow.Kind.MAIN, title);
        var start = Script.of(Step.Open.of(main.name().shown(), new Manner.Alongside()));
        var application =
                new Application(title, Application.About.NOTHING, List.of(), start, new DepartureRule.LastWindow());
        return new Design(application, List.of(main));
    }

    public Optional<Window> window(String shownName) {
        return ((Windows) windows).find(shownName);
    }

    public Optional<FacedWindow> faced(String shownName) {
        return window(shownName).filter(FacedWindow.class::isInstance).map(FacedWindow.class::cast);
    }

    /** The name that is wanted for another window, or one like it that no window has. */
    public Name freeName(String wanted) {
        return Names.freeName(wanted, windows.stream().map(Window::name).toList());
    }

    public Design with(Application other) {
        return new Design(other, windows, walkthroughs, accepted, promises);
    }

    /** With other walkthroughs. */
    public Design walked(List<Walkthrough> others) {
        return new Design(application, windows, others, accepted, promises);
    }

    /** With other findings accepted. */
    public Design accepting(List<Accepted> others) {
        return new Design(application, windows, walkthroughs, others, promises);
    }

    /** With other promises. */
    public Design promising(List<Promise> others) {
        return new Design(application, windows, walkthroughs, accepted, others);
    }

    /** With a finding accepted; what was said of it before is forgotten. */
    public Design accepting(Accepted finding) {
        var all = new ArrayList<>(without(finding));
        all.add(finding);
        return accepting(all);
    }

    /** With a finding not accepted any more. */
    public Design notAccepting(Accepted finding) {
        return accepting(without(finding));
    }

    private List<Accepted> without(Accepted finding) {
        return accepted.stream().filter(a -> !a.isLike(finding)).toList();
    }

    public Optional<Walkthrough> walkthrough(String name) {
        return walkthroughs.stream().filter(w -> w.name().equals(name)).findFirst();
    }

    public Design adding(Window window) {
        var more = new ArrayList<>(windows);
        more.add(window);
        return new Design(application, more, walkthroughs, accepted, promises);
    }

    /** This design with the first window of that name replaced by what {@code edit} makes of it. */
    public Design changing(String shownName, UnaryOperator<Window> edit) {
        var changed = new ArrayList<>(windows);
        for (int i = 0; i < changed.size(); i++) {
            if (changed.get(i).name().shown().equals(shownName)) {
                changed.set(i, edit.apply(changed.get(i)));
                break;
            }
        }
        return new Design(application, changed, walkthroughs, accepted, promises);
    }

    /** As {@link #changing}, where the window has a face; else this design. */
    public Design changingFace(String shownName, UnaryOperator<FacedWindow> edit) {
        return changing(shownName, w -> w instanceof FacedWindow face ? edit.apply(face) : w);
    }

    /** Every script of the design with the place where it stands, in the order of the design. */
    public Map<ScriptPlace, Script> scripts() {
        return ScriptPlace.all(this);
    }

    /** W3, C7: what is opened alongside is not waited for, unless it is ready-made. */
    public boolean goesOnBeside(Step.Open open) {
        return open.manner() instanceof Manner.Alongside
                && window(open.window()).filter(ReadyMade.class::isInstance).isEmpty();
    }

    /**
     * The endings that a step can branch on: those of the window that it opens, of the task that it runs, of the script that
     * it does, or that a holding could not be taken.
     *
     * @param place where the step stands, which says whose script it does
     */
    public List<Ending> endingsOf(ScriptPlace place, Step.Branching step) {
        return switch (step) {
            case Step.Do done -> answersOf(place, done);
            case Step.Open open -> window(open.window()).map(Design::endingsOf).orElse(List.of());
            case Step.RunTask run ->
                application.task(run.task()).map(Task::endings).orElse(List.of());
            case Step.GiveBack back ->
                application
                        .holding(back.holding())
                        .filter(Holding::mayStay)
                        .map(h -> List.of(Ending.COULD_NOT))
                        .orElse(List.of());
            case Step.TakeHolding take ->
                application
                        .holding(take.holding())
                        .filter(Holding::mayFail)
                        .map(h -> List.of(Ending.COULD_NOT))
                        .orElse(List.of());
        };
    }

    /** The endings for which a step can have a branch: those, and of a task those that nobody wrote (W8, W10). */
    public List<Ending> branchesOf(ScriptPlace place, Step.Branching step) {
        return Stream.concat(endingsOf(place, step).stream(), unwritten(step).stream())
                .toList();
    }

    /** The endings that a script can get to behind a step: one that nobody wrote only where a branch answers it (W8, W10). */
    public List<Ending> endingsMet(ScriptPlace place, Step.Branching step) {
        return Stream.concat(
                        endingsOf(place, step).stream(),
                        unwritten(step).stream().filter(e -> ((Step.RunTask) step).answers(e.name())))
                .toList();
    }

    /** W11; of every window of a name only those at which the others are not asked any more (W12). */
    private List<Ending> answersOf(ScriptPlace place, Step.Do done) {
        return Done.script(this, place, done).map(NamedScript::endings).orElse(List.of()).stream()
                .filter(e -> !done.isEvery() || done.until().contains(e.name()))
                .toList();
    }

    private List<Ending> unwritten(Step.Branching step) {
        return step instanceof Step.RunTask run
                ? application.task(run.task()).map(Task::unwritten).orElse(List.of())
                : List.of();
    }

    /** The endings of a window, and where the system may fail to create it, that it could not open (O7). */
    private static List<Ending> endingsOf(Window window) {
        if (window instanceof FacedWindow face && face.mayFail()) {
            var all = new java.util.ArrayList<>(window.endings());
            all.add(Ending.COULD_NOT);
            return List.copyOf(all);
        }
        return window.endings();
    }
}

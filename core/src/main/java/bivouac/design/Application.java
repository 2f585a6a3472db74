package bivouac.design;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What belongs to the application as a whole and to no window.
 *
 * @param files what file dialogs show in a rehearsal
 * @param tasks its own work, which the design only names
 * @param holdings what it takes and gives back
 * @param names how its parts are named
 * @param leaving how it departs
 * @param routines its named scripts and timers
 */
public record Application(
        String name,
        About about,
        List<Variable> variables,
        Script start,
        DepartureRule departure,
        PretendFiles files,
        List<Task> tasks,
        List<Holding> holdings,
        NamingHabit names,
        Leaving leaving,
        Routines routines) {

    /** Facts for an about box; each may be empty. */
    public record About(String version, String rights, String comments, String link) {
        public static final About NOTHING = new About("", "", "", "");
    }

    public Application {
        variables = List.copyOf(variables);
        tasks = List.copyOf(tasks);
        holdings = List.copyOf(holdings);
    }

    /** One without pretend files of its own. */
    public Application(String name, About about, List<Variable> variables, Script start, DepartureRule departure) {
        this(
                name,
                about,
                variables,
                start,
                departure,
                PretendFiles.NONE,
                List.of(),
                List.of(),
                NamingHabit.SUFFIX,
                Leaving.USUAL,
                Routines.NONE);
    }

    public Application named(String other) {
        return new Application(
                other, about, variables, start, departure, files, tasks, holdings, names, leaving, routines);
    }

    public Application about(About other) {
        return new Application(
                name, other, variables, start, departure, files, tasks, holdings, names, leaving, routines);
    }

    public Application holding(List<Variable> other) {
        return new Application(name, about, other, start, departure, files, tasks, holdings, names, leaving, routines);
    }

    public Application starting(Script other) {
        return new Application(
                name, about, variables, other, departure, files, tasks, holdings, names, leaving, routines);
    }

    public Application departing(DepartureRule other) {
        return new Application(name, about, variables, start, other, files, tasks, holdings, names, leaving, routines);
    }

    public Application pretending(PretendFiles other) {
        return new Application(
                name, about, variables, start, departure, other, tasks, holdings, names, leaving, routines);
    }

    public Application working(List<Task> other) {
        return new Application(
                name, about, variables, start, departure, files, other, holdings, names, leaving, routines);
    }

    public Application withHoldings(List<Holding> other) {
        return new Application(name, about, variables, start, departure, files, tasks, other, names, leaving, routines);
    }

    public Application naming(NamingHabit other) {
        return new Application(
                name, about, variables, start, departure, files, tasks, holdings, other, leaving, routines);
    }

    public Application leaving(Leaving other) {
        return new Application(
                name, about, variables, start, departure, files, tasks, holdings, names, other, routines);
    }

    public Application with(Routines other) {
        return new Application(name, about, variables, start, departure, files, tasks, holdings, names, leaving, other);
    }

    /** This application with one task changed, by its shown name. */
    public Application changingTask(String shownName, UnaryOperator<Task> edit) {
        return working(tasks.stream()
                .map(t -> t.name().shown().equals(shownName) ? edit.apply(t) : t)
                .toList());
    }

    /** Whether the work that a part shows may be cancelled, so that it has a button for that (W10). */
    public boolean mayBeCancelled(Part.Progress shown) {
        return task(shown.task()).filter(Task::mayBeCancelled).isPresent();
    }

    public java.util.Optional<Task> task(String shownName) {
        return tasks.stream().filter(t -> t.name().shown().equals(shownName)).findFirst();
    }

    public java.util.Optional<Holding> holding(String shownName) {
        return holdings.stream().filter(h -> h.name().shown().equals(shownName)).findFirst();
    }
}

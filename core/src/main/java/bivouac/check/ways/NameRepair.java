package bivouac.check.ways;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Holding;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Names;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * What has a name that another has already, or that expressions cannot use, gets a free one. Nothing has to be carried
 * along: whoever names it means the first, or can name nothing so.
 *
 * @param of what it is that has the name
 * @param in the window or task that it belongs to, as it is shown; empty for those of the application
 * @param part the list that it is a column of, as expressions name it; else empty
 * @param name the name as it is shown, or as expressions say it, as those of its kind are told apart
 * @param number which of those that have the name, counted from 0
 */
public record NameRepair(Of of, String in, String part, String name, int number) implements Repair {

    /** What can have a name that it should not have. */
    public enum Of {
        WINDOW,
        TASK,
        HOLDING,
        VALUE,
        MEMBER,
        TAKE,
        TAKE_OF_TASK,
        ENDING,
        ENDING_OF_TASK,
        SCRIPT,
        TIMER,
        FILTER,
        COLUMN
    }

    /** The second of two that have a name. */
    public static NameRepair second(Of of, String in, String name) {
        return new NameRepair(of, in, "", name, 1);
    }

    /** The first of those that have the name. */
    public NameRepair ofTheFirst() {
        return new NameRepair(of, in, part, name, 0);
    }

    @Override
    public String words() {
        return number == 0 ? "Give it a name that can be used" : "Give the second another name";
    }

    @Override
    public String about() {
        return number == 0
                ? "“" + name + "” is written with letters, digits and _ only."
                : "The second “" + name + "” gets a number behind its name.";
    }

    @Override
    public Design in(Design design) {
        Application app = design.application();
        return switch (of) {
            case WINDOW -> windows(design);
            case TASK -> design.with(app.working(named(app.tasks(), Task::name, Task::named)));
            case HOLDING -> design.with(app.withHoldings(named(app.holdings(), Holding::name, NameRepair::called)));
            case VALUE -> design.with(app.holding(named(app.variables(), Variable::name, NameRepair::called)));
            case MEMBER -> design.changingFace(in, this::member);
            case TAKE -> design.changing(in, w -> w.taking(named(w.takes(), Take::name, NameRepair::called)));
            case TAKE_OF_TASK -> task(design, t -> t.taking(named(t.takes(), Take::name, NameRepair::called)));
            case ENDING -> design.changing(in, this::ending);
            case ENDING_OF_TASK -> task(design, this::outcome);
            case SCRIPT ->
                routines(
                        design,
                        r -> r.withScripts(named(
                                r.scripts(),
                                NamedScript::name,
                                (s, n) -> new NamedScript(n, s.takes(), s.endings(), s.script()))));
            case TIMER ->
                routines(
                        design,
                        r -> r.withTimers(named(
                                r.timers(), Timer::name, (t, n) -> new Timer(n, t.every(), t.once(), t.fires()))));
            case FILTER -> design.changing(in, this::filter);
            case COLUMN ->
                design.changingFace(in, f -> f.part(part)
                        .map(p -> f.changingPart(part, column(p)))
                        .orElse(f));
        };
    }

    private Design windows(Design design) {
        List<Window> windows = named(design.windows(), Window::name, Window::named);
        return new Design(design.application(), windows, design.walkthroughs(), design.accepted(), design.promises());
    }

    private Design routines(Design design, UnaryOperator<Routines> edit) {
        Application app = design.application();
        return in.isEmpty()
                ? design.with(app.with(edit.apply(app.routines())))
                : design.changingFace(in, f -> f.with(edit.apply(f.routines())));
    }

    private Design task(Design design, UnaryOperator<Task> edit) {
        return design.with(design.application().changingTask(in, edit));
    }

    /** Values come before parts, as expressions look for them. */
    private FacedWindow member(FacedWindow face) {
        List<Name> names = face.memberNames();
        List<Name> free = named(names, n -> n, (n, other) -> other);
        List<Variable> variables = new ArrayList<>();
        for (int i = 0; i < face.variables().size(); i++) {
            variables.add(called(face.variables().get(i), free.get(i)));
        }
        int[] at = {variables.size()};
        return face.holding(variables).mapParts(p -> Optional.of(p.named(free.get(at[0]++))));
    }

    private Window ending(Window window) {
        return switch (window) {
            case FacedWindow face ->
                face.ending(texts(face.endings(), Ending::name, (e, n) -> new Ending(n, e.gives())));
            case MessageBox box ->
                box.answering(
                        texts(box.answers(), MessageBox.Answer::ending, (a, n) -> new MessageBox.Answer(a.text(), n)),
                        box.byDefault(),
                        box.escape());
            default -> window;
        };
    }

    private Task outcome(Task task) {
        return task.ending(
                texts(
                        task.outcomes(),
                        o -> o.ending().name(),
                        (o, n) -> new Task.Outcome(new Ending(n, o.ending().gives()), o.samples(), o.writes())),
                task.usually());
    }

    private Window filter(Window window) {
        return window instanceof FileDialog d
                ? d.filtering(
                        texts(d.filters(), FileDialog.Filter::label, (f, n) -> new FileDialog.Filter(n, f.patterns())),
                        d.allFiles())
                : window;
    }

    private Part column(Part changed) {
        return changed instanceof Part.ListOfRows list
                ? list.with(texts(list.columns(), Type.Column::name, (c, n) -> new Type.Column(n, c.type())))
                : changed;
    }

    /** The one gets a name that none of the others has, in either of its forms. */
    private <T> List<T> named(List<T> all, Function<T, Name> of, BiFunction<T, Name, T> renamed) {
        List<Name> taken = all.stream().map(of).toList();
        int at = at(taken.stream()
                .map(n -> n.shown().equals(name) || n.expression().equals(name))
                .toList());
        if (at < 0) {
            return all;
        }
        String shown = taken.get(at).shown();
        List<Name> others = new ArrayList<>(taken);
        others.remove(at);
        boolean isFree = others.stream().noneMatch(n -> n.shown().equals(shown));
        Name free = Names.freeName(shown.isBlank() ? "unnamed" : shown, others);
        Name kept = isFree ? new Name(shown, Names.free(Names.propose(shown), "", expressions(others))) : free;
        return with(all, at, renamed.apply(all.get(at), kept));
    }

    private static List<String> expressions(List<Name> names) {
        return names.stream().map(Name::expression).toList();
    }

    private <T> List<T> texts(List<T> all, Function<T, String> of, BiFunction<T, String, T> renamed) {
        List<String> taken = all.stream().map(of).toList();
        int at = at(taken.stream().map(name::equals).toList());
        return at < 0 ? all : with(all, at, renamed.apply(all.get(at), Names.free(name, taken)));
    }

    /** Where the one stands that is meant; -1 if it has gone. */
    private int at(List<Boolean> isCalledSo) {
        int seen = 0;
        for (int i = 0; i < isCalledSo.size(); i++) {
            if (isCalledSo.get(i) && seen++ == number) {
                return i;
            }
        }
        return -1;
    }

    private static <T> List<T> with(List<T> all, int at, T one) {
        var changed = new ArrayList<>(all);
        changed.set(at, one);
        return List.copyOf(changed);
    }

    private static Holding called(Holding h, Name name) {
        return new Holding(name, h.ofApplication(), h.mayFail(), h.leavesTrace(), h.mayStay());
    }

    private static Variable called(Variable v, Name name) {
        return new Variable(name, v.type(), v.starts(), v.kept());
    }

    private static Take called(Take take, Name name) {
        return new Take(name, take.type(), take.byDefault());
    }
}

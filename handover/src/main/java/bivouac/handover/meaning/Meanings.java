package bivouac.handover.meaning;

import bivouac.design.Each;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Setting;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Window;
import bivouac.expression.Compiled;
import bivouac.expression.Surroundings;
import bivouac.expression.Term;
import bivouac.handover.NotHandedOver;
import bivouac.plan.Op;
import bivouac.plan.PartPlan;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Says what expressions mean where they stand. One that is wrong means a fault, as in the rehearsal. */
public final class Meanings {

    /** A path where no step is: what is compiled there sees what its window sees. */
    private static final StepPath NOWHERE = StepPath.of(Integer.MAX_VALUE);

    private final Program program;
    private final LateScripts late;
    private final Outcomes outcomes;

    public Meanings(Program program) {
        this.program = program;
        this.late = new LateScripts(program.design());
        this.outcomes = new Outcomes(program.design());
    }

    /** Whether something asks if a person has changed a part (P1). */
    public boolean asksForChanges(String window, Part part) {
        return program.window(window)
                .flatMap(w -> w.part(part.name().expression()))
                .filter(p -> program.cells().matters(p.changed()))
                .isPresent();
    }

    /** Whether a window asks what becomes of the files that it has open (F3). */
    public boolean watchesFiles() {
        return program.windows().stream().anyMatch(w -> !w.fileSlots().isEmpty());
    }

    /**
     * The files that a window has open, where it asks what becomes of them (F3), each as it is read.
     *
     * @param take how what it was handed is read, by its expression name
     * @param variable how a value of its own is read, by its expression name
     */
    public List<String> openFiles(FacedWindow face, UnaryOperator<String> take, UnaryOperator<String> variable) {
        boolean asks = program.window(face.name().shown())
                .filter(w -> !w.fileSlots().isEmpty())
                .isPresent();
        if (!asks) {
            return List.of();
        }
        return Stream.concat(
                        face.fileTakes().stream().map(t -> take.apply(t.name().expression())),
                        face.fileVariables().stream()
                                .map(v -> variable.apply(v.name().expression())))
                .toList();
    }

    /** Whether something asks what is selected in a text field (P7). */
    public boolean asksForSelection(String window, Part field) {
        return program.window(window)
                .flatMap(w -> w.part(field.name().expression()))
                .flatMap(PartPlan::askedSelection)
                .isPresent();
    }

    /** The named scripts after which one goes on later. */
    public LateScripts late() {
        return late;
    }

    /** The endings of its windows and tasks. */
    public Outcomes outcomes() {
        return outcomes;
    }

    public Program program() {
        return program;
    }

    /** What an expression says; empty where it is wrong. */
    public Optional<Say> of(Expression expression, Here here) {
        Compiled<?> compiled = program.compileAt(here.place(), here.path().orElse(NOWHERE), expression);
        return compiled.term().map(t -> say(t, here));
    }

    /** What the rows are for each of which there is a part, and their type (P5); empty where it is there once, or for windows. */
    public Optional<Say> rowsOf(String window, Part part) {
        return part.each() instanceof Each.OfRows(Expression rows, var ticked)
                ? Optional.of(must(rows, Here.on(new ScriptPlace.AtMoment(window, FacedWindow.Moment.OPENED))))
                : Optional.empty();
    }

    /** What the list is that a choice follows (P5); empty where it has items of its own. */
    public Optional<Say> itemsOf(String window, Part.Choice choice) {
        return choice.follows().map(e -> must(e, Here.on(new ScriptPlace.AtMoment(window, FacedWindow.Moment.OPENED))));
    }

    /** Which of the rows carry a tick (P5). */
    public Optional<Say> tickedOf(String window, Part part) {
        return part.each() instanceof Each.OfRows(Expression rows, var ticked)
                ? ticked.map(t -> must(t, Here.ofEach(window, part)))
                : Optional.empty();
    }

    private Say must(Expression expression, Here here) {
        return of(expression, here)
                .orElseThrow(() -> new NotHandedOver(here.place().ofWindow().orElseThrow() + ": “" + expression.source()
                        + "” means nothing here. Put it right first."));
    }

    /** The condition that a setting of a window follows; empty where it follows none. */
    public Optional<Say> followed(Setting setting, Here here) {
        return setting instanceof Setting.Follows(var condition)
                ? Optional.of(must(condition, here))
                : Optional.empty();
    }

    /** What a task gives in a rehearsal: what its takes are is in {@code takes.x}. */
    public Map<String, Say> samples(String task, String ending) {
        for (int i = 0; i < program.scriptCount(); i++) {
            for (Op op : program.script(i).ops()) {
                if (op instanceof Op.RunTask run && run.name().equals(task)) {
                    return samples(run, ending);
                }
            }
        }
        return Map.of();
    }

    private Map<String, Say> samples(Op.RunTask run, String ending) {
        var all = new java.util.LinkedHashMap<String, Say>();
        Here here = Here.on(new ScriptPlace.Start());
        run.outcomes().stream()
                .filter(o -> o.ending().equals(ending))
                .findFirst()
                .ifPresent(
                        o -> o.gives().forEach(g -> g.value().term().ifPresent(t -> all.put(g.name(), say(t, here)))));
        return all;
    }

    private <E extends Surroundings> Say say(Term<E> term, Here here) {
        return switch (term) {
            case Term.Constant<E> c -> new Say.Literal(c.value(), c.type());
            case Term.Name<E> n -> name(n.dotted(), n.type(), here);
            case Term.Local<E> l -> new Say.Item(here.items().getOrDefault(l.name(), l.name()), l.type());
            case Term.Column<E> c -> new Say.Column(say(c.row(), here), c.name(), c.type());
            case Term.IsOpen<E> o -> isOpen(o.window(), here);
            case Term.Call<E> c -> new Say.Call(c.function(), all(c.arguments(), here), c.type());
            case Term.Decides<E> d ->
                new Say.Decides(
                        d.on(),
                        say(d.left(), here),
                        say(d.right(), here),
                        d.left().mayFault());
            case Term.Choice<E> c ->
                new Say.Choice(say(c.condition(), here), say(c.yes(), here), say(c.no(), here), c.type());
            case Term.Items<E> i -> new Say.Items(all(i.items(), here), i.type());
            case Term.Row<E> r -> row(r, here);
            case Term.Each<E> e -> {
                Here inside = here.with(e.variable());
                yield new Say.Each(
                        e.how(),
                        say(e.range(), here),
                        inside.items().get(e.variable()),
                        all(e.bodies(), inside),
                        e.type());
            }
        };
    }

    private <E extends Surroundings> List<Say> all(List<Term<E>> terms, Here here) {
        return terms.stream().map(t -> say(t, here)).toList();
    }

    /** The values in the order of the columns, so that a row is the same however it was written. */
    private <E extends Surroundings> Say row(Term.Row<E> row, Here here) {
        var values = new ArrayList<Say>();
        for (Type.Column column : ((Type.RowOf) row.type()).columns()) {
            values.add(say(row.values().get(row.names().indexOf(column.name())), here));
        }
        return new Say.RowOf(values, row.type());
    }

    private Say isOpen(String name, Here here) {
        return kept(name, here)
                .<Say>map(Say.IsKept::new)
                .orElseGet(() -> new Say.IsOpen(
                        window(name).map(w -> w.window().name().shown()).orElse(name)));
    }

    /** The window that is kept under a name. */
    public Optional<Say.Whose> kept(String name, Here here) {
        if (here.kept().containsKey(name)) {
            return Optional.of(new Say.Whose.KeptByScript(here.locals().get(name)));
        }
        return me(here).flatMap(WindowPlan::face)
                .flatMap(f -> f.variables().stream()
                        .filter(v -> v.name().expression().equals(name) && v.type() instanceof Type.WindowOf)
                        .findFirst())
                .map(v -> new Say.Whose.KeptByWindow(here.place().ofWindow().orElseThrow(), name));
    }

    private Optional<WindowPlan> me(Here here) {
        return here.place().ofWindow().flatMap(program::window);
    }

    private Optional<WindowPlan> window(String expressionName) {
        return program.windows().stream()
                .filter(w -> w.window().name().expression().equals(expressionName))
                .findFirst();
    }

    /** What a name stands for; the order in which it is looked for is that of the scopes. */
    public Say name(String dotted, Type type, Here here) {
        if (here.locals().containsKey(dotted)) {
            return new Say.Local(here.locals().get(dotted), type);
        }
        int dot = dotted.indexOf('.');
        String first = dot < 0 ? dotted : dotted.substring(0, dot);
        String rest = dot < 0 ? "" : dotted.substring(dot + 1);
        if (here.kept().containsKey(first)) {
            return ofOther(first, rest, type, here); // also of a window that is called row (P5)
        }
        return switch (first) {
            case "app" ->
                switch (rest) {
                    case "today" -> new Say.Today();
                    case "traces" -> new Say.Traces();
                    default -> new Say.OfApplication(rest, type);
                };
            case "takes" -> new Say.Take(here.place().ofWindow().orElse(""), rest, type);
            case "way" -> new Say.OfClosing(true);
            case "ending" -> new Say.OfClosing(false);
            case "row" -> rest.isEmpty() ? new Say.TheRow(type) : new Say.Column(theRow(here), rest, type);
            case "me" -> member(new Say.Whose.Me(), me(here).stream().toList(), rest, type);
            case "owner" ->
                member(new Say.Whose.Owner(), me(here).map(program::ownersOf).orElse(List.of()), rest, type);
            case "opener" ->
                member(new Say.Whose.Opener(), me(here).map(program::openersOf).orElse(List.of()), rest, type);
            default -> ofOther(first, rest, type, here);
        };
    }

    private Say theRow(Here here) {
        Type type = here.place()
                .ofPart()
                .flatMap(p -> me(here).flatMap(WindowPlan::face).flatMap(f -> f.part(p)))
                .map(p -> (Type) ((bivouac.design.Part.ListOfRows) p).row())
                .orElseThrow();
        return new Say.TheRow(type);
    }

    private Say ofOther(String first, String rest, Type type, Here here) {
        Optional<Say.Whose> kept = kept(first, here);
        if (kept.isPresent()) {
            return member(kept.get(), keptWindow(first, here).stream().toList(), rest, type);
        }
        return member(new Say.Whose.TheOnly(), window(first).stream().toList(), rest, type);
    }

    /** Which window is kept under a name. */
    public Optional<WindowPlan> keptWindow(String name, Here here) {
        if (here.kept().containsKey(name)) {
            return program.window(here.kept().get(name));
        }
        return me(here).flatMap(WindowPlan::face).stream()
                .flatMap(f -> f.variables().stream())
                .filter(v -> v.name().expression().equals(name))
                .map(v -> ((Type.WindowOf) v.type()).window())
                .findFirst()
                .flatMap(program::window);
    }

    private static Say member(Say.Whose whose, List<WindowPlan> windows, String rest, Type type) {
        FacedWindow face = windows.getFirst().face().orElseThrow();
        return new Say.Member(
                whose, windows.stream().map(w -> w.window().name().shown()).toList(), what(face, rest), type);
    }

    private static Say.What what(FacedWindow face, String rest) {
        if (rest.equals("title")) {
            return new Say.What.Title();
        }
        if (face.variables().stream().anyMatch(v -> v.name().expression().equals(rest))) {
            return new Say.What.Variable(rest);
        }
        int dot = rest.indexOf('.');
        return new Say.What.OfPart(
                face.part(dot < 0 ? rest : rest.substring(0, dot)).orElseThrow(), dot < 0 ? "" : rest.substring(dot));
    }

    /** The default of a take, which the application's values may be in. */
    public Optional<Say> byDefault(Take take) {
        return take.byDefault().flatMap(e -> of(e, Here.on(new ScriptPlace.Start())));
    }

    /** The window of that shown name. */
    public Optional<Window> find(String shown) {
        return program.window(shown).map(WindowPlan::window);
    }
}

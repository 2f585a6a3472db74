package bivouac.design;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Rebuilds a design with each expression, text with braces and window name passed through a hook. What a rename has
 * to carry is said once, here; a new record with a reference in it is added here and nowhere else.
 */
abstract class DesignMapper {

    /** The design that is mapped. */
    private Design design;

    /** The window whose scope the expression stands in; none in scripts of the application. */
    private Optional<Window> scope = Optional.empty();

    /** What an expression becomes. */
    String expression(String source, Optional<Window> scope) {
        return source;
    }

    /** What a reference to a window by its shown name becomes. */
    String window(String shownName) {
        return shownName;
    }

    /** What a reference to a part of the window in scope, by its expression name, becomes. */
    String part(String expressionName, Optional<Window> in) {
        return expressionName;
    }

    /** What a name under which a script of the window in scope keeps an open window becomes (O9). */
    String kept(String name, Optional<Window> in) {
        return name;
    }

    /** What the name of a value handed over to, or given by, a window becomes. */
    String given(String name, String window) {
        return name;
    }

    /** What steps name beside windows and values. */
    enum Named {
        TASK,
        HOLDING,
        SCRIPT,
        TIMER
    }

    /** What such a name becomes in a step of the window in scope. */
    String named(Named kind, String shownName) {
        return shownName;
    }

    /**
     * What a text that people read becomes, after what its braces say has been mapped.
     *
     * @param of which of the texts of the window in scope it is: {@code title}, or {@code guest.label}
     * @param what the same in words
     */
    String wording(String of, String what, String text, Optional<Window> in) {
        return text;
    }

    /** What a walkthrough becomes. */
    Walkthrough walkthrough(Walkthrough walkthrough) {
        return walkthrough;
    }

    /** What an accepted finding becomes. */
    Accepted accepted(Accepted accepted) {
        return accepted;
    }

    /** A script of a design, whatever window it is of. */
    Script map(Design of, Script script) {
        design = of;
        return script(script);
    }

    /** A step of a design, whatever window it is of. */
    Step map(Design of, Step step) {
        design = of;
        return step(step);
    }

    Design map(Design before) {
        design = before;
        var app = design.application();
        scope = Optional.empty();
        var changed = new Application(
                app.name(),
                app.about(),
                variables(app.variables()),
                script(app.start()),
                departure(app.departure()),
                app.files(),
                app.tasks().stream().map(this::task).toList(),
                app.holdings(),
                app.names(),
                new Leaving(
                        app.leaving().asked().stream().map(this::window).toList(),
                        script(app.leaving().plan())),
                routines(app.routines()));
        return new Design(
                changed,
                design.windows().stream().map(this::map).toList(),
                design.walkthroughs().stream().map(this::walkthrough).toList(),
                design.accepted().stream().map(this::accepted).toList(),
                design.promises().stream().map(this::promise).toList());
    }

    /** A promise stands in the scope of the application. */
    private Promise promise(Promise promise) {
        scope = Optional.empty();
        return promise.mapping(this::expression);
    }

    /** What a task gives is reckoned in the scope of the application. */
    private Task task(Task task) {
        return new Task(
                task.name(),
                takes(task.takes()),
                task.outcomes().stream()
                        .map(o -> new Task.Outcome(
                                ending(o.ending()),
                                gives(o.samples()),
                                o.writes().map(this::expression)))
                        .toList(),
                task.usually(),
                task.told());
    }

    private DepartureRule departure(DepartureRule rule) {
        return rule instanceof DepartureRule.WithWindow(String name)
                ? new DepartureRule.WithWindow(window(name))
                : rule;
    }

    private Window map(Window window) {
        return switch (window) {
            case FacedWindow face -> face(face);
            case MessageBox box -> {
                scope = Optional.of(box);
                yield new MessageBox(
                        box.name(),
                        worded("title", "title", box.title()),
                        box.severity(),
                        worded("text", "message", box.text()),
                        takes(box.takes()),
                        box.answers().stream()
                                .map(a -> new MessageBox.Answer(said("button", "button", a.text()), a.ending()))
                                .toList(),
                        box.byDefault(),
                        box.escape(),
                        box.place());
            }
            case FileDialog dialog -> {
                scope = Optional.of(dialog);
                yield dialog.taking(takes(dialog.takes()))
                        .titled(worded("title", "title", dialog.title()))
                        .startingIn(text(dialog.startsIn()));
            }
            case Picker picker -> {
                scope = Optional.of(picker);
                yield picker.taking(takes(picker.takes()))
                        .titled(worded("title", "title", picker.title()))
                        .startingWith(picker.starts().map(this::expression));
            }
        };
    }

    private FacedWindow face(FacedWindow face) {
        scope = Optional.of(face);
        Map<Way, WayOut> out = new EnumMap<>(Way.class);
        face.waysOut().forEach((way, leads) -> out.put(way, wayOut(leads)));
        Map<FacedWindow.Moment, Script> moments = new EnumMap<>(FacedWindow.Moment.class);
        face.moments().forEach((moment, script) -> moments.put(moment, script(script)));
        var changed = new FacedWindow(
                face.of(),
                face.name(),
                worded("title", "title", face.title()),
                face.size(),
                face.resizable(),
                face.instances(),
                face.owned(),
                takes(face.takes()),
                variables(face.variables()),
                face.menus().stream()
                        .map(m -> new Menu(said("menu", "menu", m.text()), m.commands()))
                        .toList(),
                groups(face.rows()),
                face.said().map(all -> all.stream().map(this::ending).toList()),
                out,
                moments,
                face.frame(),
                face.mayFail(),
                routines(face.routines()));
        return changed.mapParts(p -> Optional.of(part(p)));
    }

    /** Rows beside each other that name one group name the same one afterwards. */
    private List<Row> groups(List<Row> rows) {
        return Row.runs(rows).stream()
                .flatMap(run -> {
                    String group = said("group", "group", run.getFirst().group());
                    return run.stream().map(row -> row.in(group).on(row.page().map(this::page)));
                })
                .toList();
    }

    private Row.Page page(Row.Page page) {
        return new Row.Page(part(page.pages(), scope), page.item());
    }

    private Routines routines(Routines routines) {
        return new Routines(
                routines.scripts().stream()
                        .map(s -> new NamedScript(
                                s.name(),
                                takes(s.takes()),
                                s.endings().stream().map(this::ending).toList(),
                                script(s.script())))
                        .toList(),
                routines.timers().stream()
                        .map(t -> new Timer(t.name(), expression(t.every()), t.once(), script(t.fires())))
                        .toList());
    }

    private WayOut wayOut(WayOut out) {
        return switch (out) {
            case WayOut.Absent absent -> absent;
            case WayOut.AsPressing(String part) -> new WayOut.AsPressing(part(part, scope));
            case WayOut.LeadsTo(String ending, List<Given> gives, boolean unasked) ->
                new WayOut.LeadsTo(ending, gives(gives), unasked);
        };
    }

    private Part part(Part part) {
        Traits traits = traits(part.traits());
        return switch (part) {
            case Part.Caption c -> new Part.Caption(c.name(), worded(c, "text", c.text()), c.size(), traits);
            case Part.Picture p -> new Part.Picture(p.name(), text(p.file()), traits);
            case Part.Progress p ->
                new Part.Progress(p.name(), worded(p, "label", p.label()), named(Named.TASK, p.task()), traits);
            case Part.Link l ->
                new Part.Link(l.name(), worded(l, "text", l.text()), text(l.address()), script(l.followed()), traits);
            case Part.TextField f ->
                new Part.TextField(
                        f.name(),
                        worded(f, "label", f.label()),
                        text(f.starts()),
                        f.longest(),
                        f.entry(),
                        script(f.changed()),
                        traits);
            case Part.ValueField f ->
                new Part.ValueField(
                        f.name(),
                        worded(f, "label", f.label()),
                        f.holds(),
                        text(f.starts()),
                        script(f.changed()),
                        traits);
            case Part.Choice c ->
                new Part.Choice(
                        c.name(),
                        worded(c, "label", c.label()),
                        c.items(),
                        c.follows().map(this::expression),
                        c.starts(),
                        c.drawn(),
                        script(c.changed()),
                        traits);
            case Part.ListOfRows l -> list(l, traits);
            case Part.TickBox b ->
                new Part.TickBox(b.name(), worded(b, "text", b.text()), b.ticked(), script(b.changed()), traits);
            case Part.Button b ->
                new Part.Button(
                        b.name(),
                        worded(b, "text", b.text()),
                        b.isDefault(),
                        each(b.each()),
                        script(b.pressed()),
                        traits);
            case Part.MenuCommand m ->
                new Part.MenuCommand(
                        m.name(),
                        worded(m, "text", m.text()),
                        m.shortcut(),
                        m.ticking(),
                        m.separated(),
                        m.tool(),
                        each(m.each()),
                        m.does(),
                        script(m.chosen()),
                        traits);
        };
    }

    private Each each(Each each) {
        return switch (each) {
            case Each.Once once -> once;
            case Each.OfRows(Expression rows, var ticked) ->
                new Each.OfRows(expression(rows), ticked.map(this::expression));
            case Each.OfWindows(String name) -> new Each.OfWindows(window(name));
        };
    }

    private Part list(Part.ListOfRows l, Traits traits) {
        Map<Part.RowMoment, Script> moments = new EnumMap<>(Part.RowMoment.class);
        l.moments().forEach((moment, script) -> moments.put(moment, script(script)));
        return new Part.ListOfRows(
                l.name(),
                worded(l, "label", l.label()),
                l.columns(),
                l.first(),
                l.several(),
                l.byHand(),
                script(l.selected()),
                moments,
                traits);
    }

    private Traits traits(Traits traits) {
        return new Traits(
                setting(traits.enabled()),
                setting(traits.visible()),
                setting(traits.readOnly()),
                text(traits.font()),
                text(traits.colour()));
    }

    private Setting setting(Setting setting) {
        return setting instanceof Setting.Follows(Expression condition)
                ? new Setting.Follows(expression(condition))
                : setting;
    }

    /** What a script becomes, with all in it. */
    Script script(Script script) {
        return new Script(script.steps().stream().map(this::step).toList());
    }

    private Step step(Step step) {
        return switch (step) {
            case Step.Open o ->
                new Step.Open(
                        window(o.window()),
                        manner(o.manner()),
                        o.ownedBy().map(this::target),
                        o.handOver().stream().map(g -> given(g, o.window())).toList(),
                        o.as().map(name -> kept(name, scope)),
                        branches(o.branches()));
            case Step.Close c -> new Step.Close(target(c.target()), c.ending(), gives(c.gives()), script(c.refused()));
            case Step.StayOpen s -> s;
            case Step.SetValue(String path, Expression value) ->
                new Step.SetValue(expression(path, scope), expression(value));
            case Step.SetIn(String member, Target in, Expression value) ->
                new Step.SetIn(member(member, in), target(in), expression(value));
            case Step.If i ->
                new Step.If(
                        i.cases().stream()
                                .map(c -> new Step.If.Case(expression(c.condition()), script(c.script())))
                                .toList(),
                        i.otherwise().map(this::script));
            case Step.EndApplication e ->
                new Step.EndApplication(
                        e.code().map(this::expression),
                        e.saying().map(s -> worded("saying", "what is said at the end", s)),
                        script(e.refused()));
            case Step.Note(String text) -> new Step.Note(text(text));
            case Step.NotThereYet n -> n;
            case Step.AddRow a -> new Step.AddRow(expression(a.list(), scope), gives(a.values()));
            case Step.ChangeRow c -> new Step.ChangeRow(expression(c.list(), scope), gives(c.values()));
            case Step.RemoveRow r -> new Step.RemoveRow(expression(r.list(), scope), r.unasked());
            case Step.KeepRow k -> k;
            case Step.Let l -> new Step.Let(l.name(), expression(l.value()));
            case Step.Repeat r -> new Step.Repeat(script(r.script()));
            case Step.Again a -> a;
            case Step.KeptValues k -> k;
            case Step.CancelTask(String task) -> new Step.CancelTask(named(Named.TASK, task));
            case Step.StopTask(String task) -> new Step.StopTask(named(Named.TASK, task));
            case Step.TurnTimer t -> new Step.TurnTimer(t.how(), named(Named.TIMER, t.timer()));
            case Step.Focus(String part) -> new Step.Focus(expression(part, scope));
            case Step.Do d ->
                new Step.Do(
                        named(Named.SCRIPT, d.script()),
                        d.in().map(this::target),
                        d.until(),
                        values(d.handOver()),
                        d.as(),
                        branches(d.branches()));
            case Step.Return r -> new Step.Return(r.ending(), values(r.gives()));
            case Step.GiveBack g -> new Step.GiveBack(named(Named.HOLDING, g.holding()), branches(g.branches()));
            case Step.TakeHolding t -> new Step.TakeHolding(named(Named.HOLDING, t.holding()), branches(t.branches()));
            case Step.RunTask r ->
                new Step.RunTask(
                        named(Named.TASK, r.task()),
                        r.background(),
                        r.mayBeStopped(),
                        gives(r.handOver()),
                        r.as(),
                        branches(r.branches()));
            case Step.Reach r -> new Step.Reach(r.how(), target(r.target()));
            case Step.Off(Step inner) -> new Step.Off(step(inner));
        };
    }

    private List<Step.Branch> branches(List<Step.Branch> branches) {
        return branches.stream()
                .map(b -> new Step.Branch(b.ending(), script(b.script())))
                .toList();
    }

    private Manner manner(Manner manner) {
        return manner instanceof Manner.InPlace(String ending, List<Given> gives)
                ? new Manner.InPlace(ending, gives(gives))
                : manner;
    }

    /** What is set in another window is what an expression would name behind that window's name. */
    private String member(String member, Target in) {
        String window = in.windowFrom(new ScriptPlace.Start())
                .flatMap(design::window)
                .map(w -> w.name().expression())
                .orElse("");
        return window.isEmpty()
                ? member
                : expression(window + "." + member, scope).replaceFirst("^[^.]*\\.", "");
    }

    private Target target(Target target) {
        return switch (target) {
            case Target.Single(String name) -> new Target.Single(window(name));
            case Target.Keyed(String name, Expression key) -> new Target.Keyed(window(name), expression(key));
            case Target.Every(String name) -> new Target.Every(window(name));
            case Target.Me m -> m;
            case Target.Owner o -> o;
            case Target.Opener o -> o;
            case Target.Kept(String name) -> new Target.Kept(kept(name, scope));
        };
    }

    private List<Take> takes(List<Take> takes) {
        return takes.stream()
                .map(t -> new Take(t.name(), type(t.type()), t.byDefault().map(this::expression)))
                .toList();
    }

    private Ending ending(Ending ending) {
        return new Ending(
                ending.name(),
                ending.gives().stream()
                        .map(g -> new Ending.Give(g.name(), type(g.type())))
                        .toList());
    }

    /** What the type of a value becomes. */
    Type type(Type type) {
        return type instanceof Type.WindowOf(String name) ? new Type.WindowOf(window(name)) : type;
    }

    private List<Variable> variables(List<Variable> variables) {
        return variables.stream()
                .map(v -> new Variable(v.name(), type(v.type()), v.starts().map(this::expression), v.kept()))
                .toList();
    }

    private List<Given> gives(List<Given> gives) {
        String own = scope.map(s -> s.name().shown()).orElse("");
        return gives.stream().map(g -> given(g, own)).toList();
    }

    /** What a named script takes, and answers, is named by itself alone. */
    private List<Given> values(List<Given> givens) {
        return givens.stream()
                .map(g -> new Given(g.name(), expression(g.value())))
                .toList();
    }

    private Given given(Given given, String window) {
        return new Given(given(given.name(), window), expression(given.value()));
    }

    private Expression expression(Expression e) {
        return new Expression(expression(e.source(), scope));
    }

    private String text(String template) {
        return Braces.mapExpressions(template, source -> expression(source, scope));
    }

    private String worded(Part part, String member, String template) {
        return worded(
                part.name().expression() + "." + member,
                part.kind() + " “" + part.name().shown() + "”",
                template);
    }

    private String worded(String of, String what, String template) {
        return said(of, what, text(template));
    }

    private String said(String of, String what, String text) {
        return text.isEmpty() ? text : wording(of, what, text, scope);
    }
}

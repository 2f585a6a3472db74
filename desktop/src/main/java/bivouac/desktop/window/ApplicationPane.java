package bivouac.desktop.window;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.NamedScript;
import bivouac.design.NamingHabit;
import bivouac.design.PretendFiles;
import bivouac.design.Renames;
import bivouac.design.RowTypes;
import bivouac.design.ScriptPlace;
import bivouac.design.Task;
import bivouac.design.Timer;
import bivouac.design.Variable;
import bivouac.desktop.widget.DrawnList;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import bivouac.sentence.HoldingLine;
import bivouac.sentence.RoutineLine;
import bivouac.sentence.TaskLine;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What the application has, in rows that are changed where they stand; beside it the departure in short. */
final class ApplicationPane {

    private static final double GAP = 12;

    /** From this width on, in pixels, the cards stand in two columns. */
    private static final double BESIDE = 500;

    private final Work work;
    private final FlowPane cards = Ui.styled(new FlowPane(GAP, GAP), "application-cards");
    private final DrawnList data = column();
    private final DrawnList does = column();

    ApplicationPane(Work work) {
        this.work = work;
    }

    private DrawnList column() {
        var column = Ui.column(12);
        // beside each other where there is room, else one under the other
        cards.widthProperty()
                .map(w -> w.doubleValue() < BESIDE ? w.doubleValue() : Math.floor((w.doubleValue() - GAP) / 2))
                .subscribe(column::setPrefWidth);
        cards.getChildren().add(column);
        return new DrawnList(column.getChildren());
    }

    /** The middle: data at the left, work at the right. */
    Node node() {
        return cards;
    }

    void show(Situation s) {
        Application app = s.design().application();
        // what their lines call the rows of a list by
        RowTypes rows = s.rowTypes();
        data.show(List.of(
                new DrawnList.Item(List.of(app.variables(), rows), () -> values(app)),
                new DrawnList.Item(app.files(), () -> files(app)),
                new DrawnList.Item(List.of(app.name(), app.about(), app.names()), () -> about(app))));
        does.show(List.of(
                new DrawnList.Item(List.of(app.tasks(), rows), () -> tasks(app)),
                new DrawnList.Item(app.holdings(), () -> holdings(app)),
                new DrawnList.Item(List.of("scripts", app.routines(), rows), () -> scripts(app)),
                new DrawnList.Item(List.of("timers", app.routines()), () -> timers(app))));
    }

    // What it has

    private Node values(Application app) {
        var kind = new RowsCard.Kind<Variable>(
                        "app-values",
                        "Values",
                        "kept",
                        "guests: whole = 3",
                        v -> work.now().rowTypes().named(Declarations.variables(List.of(unkept(v)))),
                        line -> Declarations.readOfApplication(
                                        work.now().rowTypes().whole(line), app.variables())
                                .getFirst())
                .showing(v -> Optional.of(tick(
                        "kept-" + v.name().expression(),
                        "",
                        v.kept(),
                        kept -> change(
                                a -> a.holding(RowsCard.changed(
                                        a.variables(),
                                        Optional.of(v),
                                        Optional.of(new Variable(v.name(), v.type(), v.starts(), kept)))),
                                v.name() + (kept ? " kept" : " not kept")))));
        return new RowsCard<>(work, kind, app.variables(), (before, after) -> {
            Optional<Variable> same = before.flatMap(
                            b -> after.map(a -> new Variable(a.name(), a.type(), a.starts(), b.kept())))
                    .or(() -> after);
            Design renamed = renamed(
                    before.map(Variable::name),
                    after.map(Variable::name),
                    (from, to) -> Renames.variable(work.now().design(), from.expression(), to));
            Optional<Variable> there =
                    before.map(b -> same.map(a -> new Variable(a.name(), b.type(), b.starts(), b.kept()))
                            .orElse(b));
            take(
                    renamed,
                    a -> a.holding(RowsCard.changed(a.variables(), there, same)),
                    "values of the application changed");
        });
    }

    private static Variable unkept(Variable v) {
        return new Variable(v.name(), v.type(), v.starts(), false);
    }

    private interface Carries {
        Design carry(bivouac.design.Name from, bivouac.design.Name to);
    }

    /** The design with everything that names it carried along, where it is only called otherwise. */
    private Design renamed(Optional<bivouac.design.Name> before, Optional<bivouac.design.Name> after, Carries carries) {
        boolean other = before.isPresent() && after.isPresent() && !before.equals(after);
        return other ? carries.carry(before.get(), after.get()) : work.now().design();
    }

    private void take(Design design, UnaryOperator<Application> edit, String did) {
        work.change(design.with(edit.apply(design.application())), did);
    }

    private Node tasks(Application app) {
        var kind = new RowsCard.Kind<Task>(
                        "app-tasks",
                        "Tasks",
                        "what they take, how they end, samples",
                        "send list taking at: file ends sent; failed",
                        t -> work.now().rowTypes().named(TaskLine.write(t)),
                        line -> TaskLine.read(work.now().rowTypes().whole(line)))
                .telling(t -> Optional.of(endings(t)));
        return new RowsCard<>(work, kind, app.tasks(), (before, after) -> {
            Design design = renamed(
                    before.map(Task::name),
                    after.map(Task::name),
                    (from, to) -> Renames.task(work.now().design(), from.shown(), to));
            Optional<Task> there =
                    before.map(b -> after.map(a -> b.named(a.name())).orElse(b));
            take(design, a -> a.working(RowsCard.changed(a.tasks(), there, after)), "tasks of the application changed");
        });
    }

    /** How it can end, with what each gives, and what it takes by itself in a rehearsal. */
    private static Node endings(Task task) {
        var flow = new FlowPane(6, 3);
        for (Task.Outcome outcome : task.outcomes()) {
            flow.getChildren().add(Ui.label(outcome.ending().name(), "ending"));
            String gives =
                    outcome.ending().gives().stream().map(g -> g.name().shown()).collect(Collectors.joining(", "));
            if (!gives.isEmpty()) {
                flow.getChildren().add(Ui.label("gives " + gives, "small"));
            }
        }
        task.usually().ifPresent(u -> flow.getChildren().add(Ui.label("usually " + u, "small")));
        flow.setPadding(new Insets(0, 4, 4, 8));
        return flow;
    }

    private Node holdings(Application app) {
        var kind = new RowsCard.Kind<Holding>(
                "app-holdings",
                "Holdings",
                "taken, and to be given back",
                "label printer: may fail",
                HoldingLine::write,
                HoldingLine::read);
        return new RowsCard<>(work, kind, app.holdings(), (before, after) -> {
            Design design = renamed(
                    before.map(Holding::name),
                    after.map(Holding::name),
                    (from, to) -> Renames.holding(work.now().design(), from.shown(), to));
            Optional<Holding> there = before.map(b -> after.map(
                            a -> new Holding(a.name(), b.ofApplication(), b.mayFail(), b.leavesTrace(), b.mayStay()))
                    .orElse(b));
            take(
                    design,
                    a -> a.withHoldings(RowsCard.changed(a.holdings(), there, after)),
                    "holdings of the application changed");
        });
    }

    private Node scripts(Application app) {
        var kind = new RowsCard.Kind<NamedScript>(
                        "app-scripts",
                        "Named scripts",
                        app.routines().scripts().isEmpty() ? "none yet: steps used in several places" : "",
                        "save all ends saved; given up",
                        s -> work.now().rowTypes().named(RoutineLine.write(s)),
                        line -> RoutineLine.script(work.now().rowTypes().whole(line), app.routines()))
                .showing(s -> Optional.of(
                        show(new ScriptPlace.Named(Optional.empty(), s.name().shown()))));
        return new RowsCard<>(
                work,
                kind,
                app.routines().scripts(),
                (before, after) -> change(
                        a -> a.with(a.routines()
                                .withScripts(RowsCard.changed(a.routines().scripts(), before, after))),
                        "scripts of the application changed"));
    }

    private Node timers(Application app) {
        var kind = new RowsCard.Kind<Timer>(
                        "app-timers",
                        "Timers",
                        app.routines().timers().isEmpty() ? "none yet: steps run every so often" : "",
                        "weather clock every 600",
                        RoutineLine::write,
                        line -> RoutineLine.timer(line, app.routines()))
                .showing(t -> Optional.of(
                        show(new ScriptPlace.OfTimer(Optional.empty(), t.name().shown()))));
        return new RowsCard<>(
                work,
                kind,
                app.routines().timers(),
                (before, after) -> change(
                        a -> a.with(a.routines()
                                .withTimers(RowsCard.changed(a.routines().timers(), before, after))),
                        "timers of the application changed"));
    }

    private Node show(ScriptPlace place) {
        return Ui.link("Steps", "script-" + place.words().replace(' ', '-'), () -> work.goTo(Chosen.script(place)));
    }

    /** The pretend files of the rehearsal. */
    private Node files(Application app) {
        var kind = new RowsCard.Kind<String>(
                        "app-files",
                        "Pretend files of the rehearsal",
                        "can be read",
                        "/Hut/Lists/june.txt",
                        path -> path,
                        ApplicationPane::aPath)
                .showing(path -> Optional.of(tick(
                        "readable-" + path,
                        "",
                        !app.files().unreadable().contains(path),
                        readable -> change(
                                a -> a.pretending(new PretendFiles(
                                        a.files().paths(),
                                        RowsCard.changed(
                                                a.files().unreadable(),
                                                readable ? Optional.of(path) : Optional.empty(),
                                                readable ? Optional.empty() : Optional.of(path)),
                                        a.files().full())),
                                path + (readable ? " can be read" : " cannot be read")))));
        var card = new RowsCard<>(
                work,
                kind,
                app.files().paths(),
                (before, after) -> change(
                        a -> a.pretending(new PretendFiles(
                                RowsCard.changed(a.files().paths(), before, after),
                                a.files().unreadable().stream()
                                        .filter(u -> !before.equals(Optional.of(u)))
                                        .toList(),
                                a.files().full())),
                        "pretend files changed"));
        card.getChildren()
                .add(Ui.styled(
                        Ui.row(
                                0,
                                tick(
                                        "disk-full",
                                        "the disk is full",
                                        app.files().full(),
                                        full -> change(
                                                a -> a.pretending(new PretendFiles(
                                                        a.files().paths(),
                                                        a.files().unreadable(),
                                                        full)),
                                                full ? "the disk is full" : "the disk has room"))),
                        "rows-card-row"));
        return card;
    }

    private static String aPath(String path) throws Declarations.Wrong {
        if (!path.startsWith("/") || path.contains("//")) {
            throw new Declarations.Wrong("“" + path + "” is no path; a path begins with a slash: /Home/list.csv.");
        }
        return path;
    }

    private interface Ticked {
        void take(boolean yes);
    }

    private static CheckBox tick(String id, String words, boolean yes, Ticked taken) {
        var box = new CheckBox(words);
        box.setId(id);
        box.setAccessibleText(id.replace('-', ' '));
        box.setSelected(yes);
        box.setMinWidth(VBox.USE_PREF_SIZE);
        box.setOnAction(e -> taken.take(box.isSelected()));
        return box;
    }

    private Node about(Application app) {
        var about = app.about();
        var card = Ui.styled(new VBox(), "card", "rows-card");
        card.getChildren()
                .addAll(
                        Ui.styled(
                                Ui.row(
                                        6,
                                        Ui.label("About", "strong"),
                                        Ui.spring(),
                                        Ui.shortened("for about boxes and packages", "small")),
                                "rows-card-head"),
                        line("name", text("app-name", app.name(), (a, t) -> a.named(t))),
                        line(
                                "version",
                                text(
                                        "about-version",
                                        about.version(),
                                        (a, t) -> a.about(new Application.About(
                                                t,
                                                a.about().rights(),
                                                a.about().comments(),
                                                a.about().link())))),
                        line(
                                "rights",
                                text(
                                        "about-rights",
                                        about.rights(),
                                        (a, t) -> a.about(new Application.About(
                                                a.about().version(),
                                                t,
                                                a.about().comments(),
                                                a.about().link())))),
                        line(
                                "comments",
                                text(
                                        "about-comments",
                                        about.comments(),
                                        (a, t) -> a.about(new Application.About(
                                                a.about().version(),
                                                a.about().rights(),
                                                t,
                                                a.about().link())))),
                        line(
                                "link",
                                text(
                                        "about-link",
                                        about.link(),
                                        (a, t) -> a.about(new Application.About(
                                                a.about().version(),
                                                a.about().rights(),
                                                a.about().comments(),
                                                t)))),
                        line("parts", naming(app)));
        return card;
    }

    private static Node line(String words, Node place) {
        return Ui.styled(Ui.sentence(words, 72, place), "rows-card-row");
    }

    private interface Edit {
        Application with(Application app, String text);
    }

    private Node text(String id, String value, Edit edit) {
        return new TextLine(id, id, value, t -> {
            change(a -> edit.with(a, t), "application changed");
            return "";
        });
    }

    /** How parts are named. */
    private Node naming(Application app) {
        var choice = new ChoiceBox<String>();
        choice.setId("app-names");
        choice.setAccessibleText("How parts are named");
        for (NamingHabit habit : NamingHabit.values()) {
            choice.getItems().add("are named with " + habit.words());
        }
        choice.getSelectionModel().select(app.names().ordinal());
        choice.setOnAction(e -> change(
                a -> a.naming(NamingHabit.values()[choice.getSelectionModel().getSelectedIndex()]),
                "naming of parts changed"));
        return choice;
    }

    private void change(UnaryOperator<Application> edit, String did) {
        take(work.now().design(), edit, did);
    }
}

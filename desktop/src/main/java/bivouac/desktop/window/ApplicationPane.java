package bivouac.desktop.window;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.NamingHabit;
import bivouac.design.PretendFiles;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.DepartureChoice;
import bivouac.desktop.widget.TextBlock;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import bivouac.sentence.HoldingLine;
import bivouac.sentence.TaskLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;

/** What belongs to the application as a whole: its name, values, about facts, and when it ends. */
final class ApplicationPane {

    private final Work work;

    ApplicationPane(Work work) {
        this.work = work;
    }

    Node draw(Situation s) {
        Application app = s.design().application();
        var about = app.about();
        return Ui.styled(
                Ui.column(
                        6,
                        line("It is called", text("app-name", app.name(), (a, t) -> a.named(t))),
                        line("Its values", variables(app)),
                        line("Its tasks", tasks(app)),
                        line("It holds", holdings(app)),
                        line("Its files", files(app)),
                        line(
                                "It ends",
                                new DepartureChoice(
                                        s.design(),
                                        "departure-rule",
                                        (rule, words) ->
                                                change(a -> a.departing(rule), "the application ends " + words))),
                        line("Asked first", askedFirst(app)),
                        line("Its scripts", routines(app).scripts("app-scripts")),
                        line("Its timers", routines(app).timers("app-timers")),
                        line("Its parts", naming(app)),
                        Ui.label("About", "card-head-small"),
                        line(
                                "Version",
                                text(
                                        "about-version",
                                        about.version(),
                                        (a, t) -> a.about(new Application.About(
                                                t,
                                                a.about().rights(),
                                                a.about().comments(),
                                                a.about().link())))),
                        line(
                                "Rights",
                                text(
                                        "about-rights",
                                        about.rights(),
                                        (a, t) -> a.about(new Application.About(
                                                a.about().version(),
                                                t,
                                                a.about().comments(),
                                                a.about().link())))),
                        line(
                                "Comments",
                                text(
                                        "about-comments",
                                        about.comments(),
                                        (a, t) -> a.about(new Application.About(
                                                a.about().version(),
                                                a.about().rights(),
                                                t,
                                                a.about().link())))),
                        line(
                                "Link",
                                text(
                                        "about-link",
                                        about.link(),
                                        (a, t) -> a.about(new Application.About(
                                                a.about().version(),
                                                a.about().rights(),
                                                a.about().comments(),
                                                t))))),
                "part-pane",
                "application-pane");
    }

    private RoutinesPane routines(Application app) {
        return new RoutinesPane(
                work, app.routines(), r -> change(a -> a.with(r), "scripts and timers of the application changed"));
    }

    /** What the application does by itself: its start, what follows its last window, and what is done or fires. */
    Node scripts(Situation s) {
        Application app = s.design().application();
        return Ui.styled(RoutinesPane.links(work, s, places(app)), "card");
    }

    private static List<ScriptPlace> places(Application app) {
        var places = new ArrayList<ScriptPlace>(List.of(new ScriptPlace.Start(), new ScriptPlace.Plan()));
        places.addAll(ScriptPlace.routines(Optional.empty(), app.routines()));
        return places;
    }

    /** The windows that are asked before all others when the application departs (D2), one a line. */
    private Node askedFirst(Application app) {
        var block = LineBlock.of(
                work,
                "app-asked-first",
                "Windows that are asked first, one a line",
                app.leaving().asked(),
                this::aWindow,
                names -> change(a -> a.leaving(a.leaving().asking(names)), "asking order changed"));
        block.setPromptText("the window that departs, then from the last to the first");
        return block;
    }

    private String aWindow(String name) throws Declarations.Wrong {
        if (work.now().design().window(name).isEmpty()) {
            throw new Declarations.Wrong("There is no window “" + name + "”.");
        }
        return name;
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

    private interface Edit {
        Application with(Application app, String text);
    }

    private Node text(String id, String value, Edit edit) {
        return new TextLine(id, id, value, t -> change(a -> edit.with(a, t), "application changed"));
    }

    private Node variables(Application app) {
        String now = Declarations.variables(app.variables()).replace(", ", ",\n");
        var block = new TextBlock("app-variables", "Values of the application", now, t -> {
            try {
                var variables = Declarations.readOfApplication(t.replace("\n", " "), app.variables());
                return change(a -> a.holding(variables), "values of the application changed");
            } catch (Declarations.Wrong e) {
                work.say(e.getMessage());
                return e.getMessage();
            }
        });
        block.setPromptText("count: whole = 0, kept name: text = \"\"");
        return block;
    }

    private Node holdings(Application app) {
        var block = LineBlock.of(
                work,
                "app-holdings",
                "What the application takes and gives back, one a line",
                app.holdings().stream().map(HoldingLine::write).toList(),
                HoldingLine::read,
                all -> change(a -> a.withHoldings(all), "holdings of the application changed"));
        block.setPromptText("register lock: leaves a trace");
        return block;
    }

    private Node tasks(Application app) {
        var block = LineBlock.of(
                work,
                "app-tasks",
                "Tasks of the application, one a line",
                app.tasks().stream().map(TaskLine::write).toList(),
                TaskLine::read,
                all -> change(a -> a.working(all), "tasks of the application changed"));
        block.setPromptText(
                "write list taking at: file ends done writing takes.at; failed giving reason: text = \"disk full\"");
        return block;
    }

    /** The pretend files of the rehearsal, one path a line. */
    private Node files(Application app) {
        var block = LineBlock.of(
                work,
                "app-files",
                "Pretend files, one path a line",
                app.files().paths(),
                ApplicationPane::aPath,
                paths -> change(
                        a -> a.pretending(new PretendFiles(
                                paths, a.files().unreadable(), a.files().full())),
                        "pretend files changed"));
        block.setPromptText("a small tree with a file for each filter; or /Home/list.csv");
        return block;
    }

    private static String aPath(String path) throws Declarations.Wrong {
        if (!path.startsWith("/") || path.contains("//")) {
            throw new Declarations.Wrong("“" + path + "” is no path; a path begins with a slash: /Home/list.csv.");
        }
        return path;
    }

    private String change(UnaryOperator<Application> edit, String did) {
        Design design = work.now().design();
        work.change(design.with(edit.apply(design.application())), did);
        return "";
    }

    private static Node line(String words, Node place) {
        return Ui.sentence(words, 76, place);
    }
}

package bivouac.desktop.overview;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Expression;
import bivouac.design.Variable;
import bivouac.desktop.widget.TokenFlow;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.ScriptLines;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The two walls of the Overview: what is there before the first window, and what happens after the last. */
final class Walls {

    private static final double VALUE = 116;

    private final Work work;
    private final VBox start = Ui.styled(Ui.column(4), "wall", "start-wall");
    private final VBox departure = Ui.styled(Ui.column(4), "wall", "departure-wall");

    Walls(Work work) {
        this.work = work;
    }

    Node start() {
        return start;
    }

    Node departure() {
        return departure;
    }

    void show(Situation s) {
        Application app = s.design().application();
        start.getChildren()
                .setAll(
                        Ui.link("Start", "start-wall", () -> work.goTo(Chosen.APPLICATION)),
                        Ui.label("First values", "wall-head"));
        for (Variable v : app.variables()) {
            String first =
                    v.kept() ? "kept" : v.starts().map(Expression::source).orElse("empty");
            var value = Ui.shortened(first, "value-text");
            value.setMaxWidth(VALUE);
            start.getChildren()
                    .add(Ui.styled(new FlowPane(5, 0, Ui.label(v.name().shown(), "plain"), value), "wall-line"));
        }
        if (app.variables().isEmpty()) {
            start.getChildren().add(Ui.label("none", "quiet"));
        }
        if (!app.tasks().isEmpty()) {
            start.getChildren().add(Ui.label("Tasks", "wall-head"));
            app.tasks()
                    .forEach(t -> start.getChildren().add(Ui.shortened(t.name().shown(), "plain")));
        }
        start.getChildren().add(Ui.label("Start script", "wall-head"));
        ScriptLines.of(app.start(), s.design())
                .forEach(l -> start.getChildren().add(new TokenFlow(l.tokens(), w -> null)));
        if (app.start().isEmpty()) {
            start.getChildren().add(Ui.wrapped("empty: nothing will be seen", "quiet"));
        }
        departure
                .getChildren()
                .setAll(
                        Ui.link("Departure", "departure-wall", () -> work.goTo(Chosen.APPLICATION)),
                        Ui.label("Asked for", "wall-head"),
                        Ui.wrapped(rule(app.departure()), "plain"),
                        Ui.wrapped("session ending", "plain"),
                        Ui.label("Who is asked", "wall-head"),
                        Ui.wrapped("all, from the last window of the design to the first", "plain"),
                        Ui.wrapped("one refusal stops it", "quiet"),
                        Ui.label("Kept for next time", "wall-head"),
                        Ui.label(kept(app), "plain"),
                        Ui.label("Exit code", "wall-head"),
                        Ui.label("0 as planned", "plain"),
                        Ui.label("1 after a fault", "plain"));
    }

    private static String rule(DepartureRule rule) {
        return switch (rule) {
            case DepartureRule.LastWindow l -> "when the last window has closed";
            case DepartureRule.WithWindow(String window) -> "with " + window;
            case DepartureRule.OnlyWhenTold o -> "only when told";
        };
    }

    private static String kept(Application app) {
        long n = app.variables().stream().filter(Variable::kept).count();
        return n == 0 ? "nothing" : n == 1 ? "1 value" : n + " values";
    }
}

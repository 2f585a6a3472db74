package bivouac.desktop.overview;

import bivouac.closing.Departing;
import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.ScriptPlace;
import bivouac.design.Variable;
import bivouac.desktop.widget.DepartureChoice;
import bivouac.desktop.widget.Drawn;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.TokenFlow;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.plan.Program;
import bivouac.sentence.ScriptLines;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The two walls of the Overview: what is there before the first window, and what happens after the last. */
final class Walls {

    private static final double VALUE = 116;

    /** How many windows the wall names before it counts the rest. */
    private static final int ASKED = 8;

    private final Work work;
    private final VBox start = Ui.styled(Ui.column(4), "wall");
    private final VBox departure = Ui.styled(Ui.column(4), "wall");
    private final Node startWall = scrolling(start, "start-wall");
    private final Node departureWall = scrolling(departure, "departure-wall");
    private final Drawn startDrawn = new Drawn();
    private final Drawn departureDrawn = new Drawn();
    private Program departingOf;
    private Optional<Departing> departing = Optional.empty();

    Walls(Work work) {
        this.work = work;
    }

    /** What a wall says may be more than fits beside the tiers. */
    private static Node scrolling(VBox wall, String style) {
        var scroll = Scrolling.down(wall);
        scroll.setFitToHeight(true);
        scroll.setMinHeight(0);
        return Ui.styled(scroll, "wall-scroll", style);
    }

    Node start() {
        return startWall;
    }

    Node departure() {
        return departureWall;
    }

    void show(Situation s) {
        Application app = s.design().application();
        List<ScriptLines.Line> lines = ScriptLines.of(s.design(), new ScriptPlace.Start());
        startDrawn.ifOther(List.of(app.variables(), app.tasks(), lines), () -> showStart(app, lines));
        showDeparture(s);
    }

    private void showStart(Application app, List<ScriptLines.Line> lines) {
        start.getChildren()
                .setAll(
                        Ui.link("Start", "start-wall", () -> work.goTo(Chosen.APPLICATION)),
                        Ui.label("First values", "wall-head"));
        for (Variable v : app.variables()) {
            start.getChildren().add(Ui.styled(new VBox(Ui.label(v.name().shown(), "plain"), first(v)), "wall-line"));
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
        lines.forEach(l -> start.getChildren().add(new TokenFlow(l.tokens())));
        if (app.start().isEmpty()) {
            start.getChildren().add(Ui.wrapped("empty: nothing will be seen", "quiet"));
        }
    }

    private void showDeparture(Situation s) {
        Departing departing = departing(s.program());
        List<Object> says = List.of(
                DepartureChoice.choices(s.design()),
                s.design().application().departure(),
                departing.asked().stream().map(Departing::named).toList(),
                departing.planInShort(),
                departing.givenBackInShort(),
                departing.keptInShort(),
                departing.codesInShort());
        departureDrawn.ifOther(says, () -> showDeparture(departing));
    }

    /** It is the same until the design is compiled again. */
    private Departing departing(Program program) {
        if (departing.isEmpty() || program != departingOf) {
            departingOf = program;
            departing = Optional.of(Departing.of(program));
        }
        return departing.get();
    }

    private void showDeparture(Departing departing) {
        var nodes = departure.getChildren();
        nodes.setAll(
                Ui.link("Departure", "departure-wall", () -> work.show(Screen.DEPARTURE)),
                Ui.label("Asked for", "wall-head"),
                new DepartureChoice(() -> work.now().design(), "wall-departure-rule", work::change),
                Ui.wrapped("session ending", "plain"),
                Ui.label("Who is asked", "wall-head"));
        departing.asked().stream().limit(ASKED).forEach(a -> nodes.add(Ui.shortened(Departing.named(a), "plain")));
        if (departing.asked().size() > ASKED) {
            nodes.add(Ui.label("and " + (departing.asked().size() - ASKED) + " more", "quiet"));
        }
        nodes.addAll(
                Ui.wrapped("one refusal stops it", "quiet"),
                Ui.label("The plan", "wall-head"),
                Ui.label(departing.planInShort(), "plain"),
                Ui.label("Given back", "wall-head"),
                Ui.wrapped(departing.givenBackInShort(), "plain"),
                Ui.label("Kept for next time", "wall-head"),
                Ui.wrapped(departing.keptInShort(), "plain"),
                Ui.label("Exit code", "wall-head"));
        departing.codesInShort().forEach(c -> nodes.add(Ui.shortened(c, "plain")));
    }

    /** The value that a variable starts with, typed where it stands. */
    private Node first(Variable v) {
        String now = v.starts().map(Expression::source).orElse("");
        var line = new TextLine("wall-value-" + v.name().expression(), v.name() + " starts with", now, typed -> {
            Optional<Expression> starts =
                    typed.isBlank() ? Optional.empty() : Optional.of(new Expression(typed.strip()));
            Design design = work.now().design();
            var changed = design.application().variables().stream()
                    .map(o -> o.name().equals(v.name()) ? new Variable(o.name(), o.type(), starts, o.kept()) : o)
                    .toList();
            work.change(design.with(design.application().holding(changed)), v.name() + " starts with " + typed);
            return "";
        });
        line.setPromptText(v.kept() ? "kept" : "empty");
        line.setMaxWidth(VALUE);
        return line;
    }
}

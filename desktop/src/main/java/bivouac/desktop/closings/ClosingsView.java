package bivouac.desktop.closings;

import bivouac.closing.Closings;
import bivouac.closing.Closings.Column;
import bivouac.design.FacedWindow;
import bivouac.design.ScriptPlace;
import bivouac.design.Window;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Closings screen: a row for each window, a column for each way of closing it. */
public final class ClosingsView implements ScreenView {

    private final Work work;
    private final BorderPane root = new BorderPane();
    private final Label count = Ui.label("", "quiet");
    private final Label nothing = Ui.wrapped("");
    private final ClosingsTable table;
    private final ClosingPanel panel;
    private final Node empty;
    private ClosingsState.Filter filter = ClosingsState.Filter.ALL;
    private Column column = Column.CLOSE_BOX;
    /** The window for which the column was chosen by hand; of another one the first marked square is shown. */
    private String columnOf = "";

    private Situation shown;
    private Closings closings = new Closings(java.util.List.of(), java.util.List.of());

    public ClosingsView(Work work) {
        this.work = work;
        table = new ClosingsTable(this::choose, this::open);
        panel = new ClosingPanel(work);
        var filters = new Segments(
                "closings-filter",
                n -> {
                    filter = ClosingsState.Filter.values()[n];
                    draw();
                },
                Stream.of(ClosingsState.Filter.values())
                        .map(ClosingsState.Filter::words)
                        .toArray(String[]::new));
        root.setTop(Ui.styled(
                Ui.row(
                        10,
                        Ui.label("Every window against every way of closing it", "strong"),
                        count,
                        Ui.spring(),
                        filters),
                "screen-bar"));
        var scroll = Scrolling.down(table);
        Scrolling.follow(scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        empty = Ui.styled(new VBox(nothing), "empty");
        root.setCenter(new VBox(ClosingsTable.heads(), empty, scroll, legend()));
        var side = new ScrollPane(panel);
        side.setFitToWidth(true);
        side.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        side.getStyleClass().add("closing-side");
        root.setRight(side);
    }

    private static Node legend() {
        var row = Ui.styled(Ui.row(14), "closings-legend");
        var words = java.util.List.of("asks", "checks", "runs", "saves", "gives back");
        for (int i = 0; i < words.size(); i++) {
            row.getChildren()
                    .add(Ui.row(
                            5, ClosingsTable.sign(ClosingsState.Sign.values()[i]), Ui.label(words.get(i), "small")));
        }
        row.getChildren().add(Ui.row(5, Ui.label("ending", "ending"), Ui.label("leads to", "small")));
        row.getChildren().addAll(Ui.spring(), Ui.label("Arrow keys move, Enter chooses and opens the script", "small"));
        return row;
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        boolean same = shown != null && shown.looksLike(s) && shown.program() == s.program();
        boolean compiled = shown != null && shown.program() == s.program();
        shown = s;
        if (!compiled) {
            closings = Closings.of(s.program());
        }
        if (!same) {
            draw();
        }
    }

    private void draw() {
        Refocus focus = Refocus.of(root);
        ClosingsState state =
                ClosingsState.of(closings, filter, shown.rehearsed().covered().missing());
        count.setText(state.cells() + " cells, "
                + (state.unlike() == 0 ? "none unlike its row" : state.unlike() + " unlike their row"));
        Optional<Closings.Row> row = chosen();
        row.filter(r -> !columnOf.equals(r.window().name().shown())).ifPresent(this::firstMarked);
        table.show(state, row.map(r -> r.window().name().shown()), column);
        nothing.setText(ClosingsState.nothing(filter));
        Ui.show(empty, state.lines().isEmpty());
        panel.setVisible(row.isPresent());
        row.ifPresent(r -> panel.show(shown, r, column));
        focus.restore(root, false);
    }

    private void firstMarked(Closings.Row row) {
        Stream.of(Column.values())
                .filter(c -> !row.missing(c).isEmpty())
                .findFirst()
                .ifPresent(c -> column = c);
    }

    private Optional<Closings.Row> chosen() {
        return shown.chosen().window().flatMap(closings::row).or(() -> closings.rows().stream()
                .findFirst());
    }

    private void choose(Window window, Column other) {
        column = other;
        columnOf = window.name().shown();
        Chosen chosen = Chosen.window(window.name().shown());
        if (chosen.equals(shown.chosen())) {
            draw();
        } else {
            work.choose(chosen);
        }
    }

    /** The script that decides: before closing of a window with a face. */
    private void open() {
        chosen().map(Closings.Row::window)
                .filter(FacedWindow.class::isInstance)
                .ifPresent(w -> work.goTo(
                        Chosen.script(new ScriptPlace.AtMoment(w.name().shown(), FacedWindow.Moment.BEFORE_CLOSING))));
    }

    @Override
    public void focus() {
        chosen().map(r -> Refocus.find(root, ClosingsTable.id(r.window(), column)))
                .ifPresent(Node::requestFocus);
    }
}

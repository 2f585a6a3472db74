package bivouac.desktop.frame;

import bivouac.design.Design;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Window;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.ShareBar;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.NewWindow;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The roster: all windows by kind. Typing filters it; a name that is not there can be made with Enter. */
final class Roster extends VBox {

    private static final PseudoClass HEADING = PseudoClass.getPseudoClass("heading");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private static final double LINE = 25;

    private static final RosterState.About NOTHING_ABOUT = new RosterState.About(false, List.of(), Optional.empty());

    private final Work work;
    private final TextField filter = new TextField();
    private final ListView<RosterState.Line> list = new ListView<>();
    private Situation shown;
    private RosterState state = new RosterState(List.of(), List.of());

    Roster(Work work) {
        this.work = work;
        getStyleClass().add("roster");
        filter.setId("roster-filter");
        filter.setPromptText("Filter, or name a new one");
        filter.setAccessibleText("Filter windows, or name a new one");
        filter.textProperty().subscribe(t -> {
            if (shown != null) {
                draw();
            }
        });
        filter.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER && !filter.getText().isBlank()) {
                take();
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE) {
                filter.clear();
            }
        });
        list.setId("roster-list");
        list.setAccessibleText("Windows");
        list.getStyleClass().add("roster-list");
        // one height for all, so that a design of 500 windows is not measured line by line
        list.setFixedCellSize(LINE);
        list.setCellFactory(l -> new Cell());
        list.setOnKeyPressed(e -> {
            if ((e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE)
                    && list.getSelectionModel().getSelectedItem() != null) {
                does(list.getSelectionModel().getSelectedItem());
                e.consume();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(Ui.styled(Ui.column(0, filter), "roster-head"), list);
    }

    void focusFilter() {
        filter.requestFocus();
        filter.selectAll();
    }

    /** Enter goes to the one window that is left, or makes a dialog of that name. */
    private void take() {
        List<Window> left = state.left();
        if (left.isEmpty()) {
            add(NewWindow.all().getFirst());
        } else {
            choose(left.getFirst().name().shown());
        }
    }

    private void choose(String window) {
        filter.clear();
        if (work.now().screen() == Screen.OVERVIEW) {
            work.choose(Chosen.window(window));
        } else {
            work.goTo(Chosen.window(window));
        }
    }

    private void add(NewWindow kind) {
        Design design = work.now().design();
        Name name = Names.freeName(
                filter.getText().strip(),
                design.windows().stream().map(Window::name).toList());
        filter.clear();
        work.change(design.adding(kind.named(name)), kind.words() + " " + name + " added", Chosen.window(name.shown()));
        work.show(Screen.WINDOW);
    }

    /** Another design comes: what was looked for was looked for in the one before. */
    void forget() {
        filter.clear();
    }

    void show(Situation s) {
        boolean same = shown != null
                && shown.design() == s.design()
                && shown.findings() == s.findings()
                && shown.rehearsed().covered() == s.rehearsed().covered()
                && shown.chosen().window().equals(s.chosen().window());
        shown = s;
        if (!same) {
            draw();
        }
    }

    private void draw() {
        state = RosterState.of(shown, filter.getText());
        var items = list.getItems();
        if (items.size() != state.lines().size()) {
            items.setAll(state.lines());
            return;
        }
        // a line that says the same is not drawn again
        for (int i = 0; i < items.size(); i++) {
            if (!items.get(i).equals(state.lines().get(i))) {
                items.set(i, state.lines().get(i));
            }
        }
    }

    private void does(RosterState.Line line) {
        switch (line) {
            case RosterState.Line.Heading h -> {
                // a heading leads nowhere
            }
            case RosterState.Line.OfApplication a -> work.goTo(Chosen.APPLICATION);
            case RosterState.Line.OfWindow w -> choose(w.window().name().shown());
            case RosterState.Line.Makes m -> add(m.kind());
        }
    }

    private final class Cell extends ListCell<RosterState.Line> {
        Cell() {
            setPrefWidth(0);
            setOnMouseClicked(e -> {
                if (getItem() != null) {
                    does(getItem());
                }
            });
        }

        @Override
        protected void updateItem(RosterState.Line line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            setGraphic(null);
            setId(null);
            boolean chosen = false;
            boolean heading = false;
            switch (empty ? null : line) {
                case null -> {
                    // an empty line
                }
                case RosterState.Line.Heading(String text, var count) -> {
                    heading = true;
                    setGraphic(Ui.row(
                            4,
                            Ui.label(text, "group-name"),
                            Ui.spring(),
                            Ui.label(count.map(n -> Integer.toString(n)).orElse(""), "quiet")));
                }
                case RosterState.Line.OfApplication(var about) -> {
                    chosen = about.chosen();
                    named("roster-application", Mark.ofApplication(), "Application", about);
                }
                case RosterState.Line.OfWindow(var window, var about) -> {
                    chosen = about.chosen();
                    String name = window.name().shown();
                    named("roster-" + name, new Mark(window), name, about);
                }
                case RosterState.Line.Makes(var kind, var like) ->
                    named("add-" + kind.words(), new Mark(like), kind.words(), NOTHING_ABOUT);
            }
            pseudoClassStateChanged(CHOSEN, chosen);
            pseudoClassStateChanged(HEADING, heading);
        }

        private void named(String id, Node mark, String text, RosterState.About about) {
            setId(id);
            var content = Ui.row(8, mark, Ui.shortened(text, about.chosen() ? "strong" : "plain"), Ui.spring());
            content.getChildren().addAll(Weights.heaviest(about.weights()));
            about.rehearsed().ifPresent(share -> content.getChildren().add(new ShareBar(share)));
            content.setPrefWidth(0);
            setGraphic(content);
        }
    }
}

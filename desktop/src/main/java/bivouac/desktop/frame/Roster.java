package bivouac.desktop.frame;

import bivouac.check.Finding;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Picker;
import bivouac.design.Window;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.ShareBar;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.rehearsal.Covered;
import bivouac.sentence.NewWindow;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

    private final Work work;
    private final TextField filter = new TextField();
    private final ListView<Line> list = new ListView<>();
    private Situation shown;
    private Map<String, Covered.Share> shares = Map.of();

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
                list.getSelectionModel().getSelectedItem().action().run();
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
        List<Window> left = filtered();
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

    private List<Window> filtered() {
        String wanted = filter.getText().strip().toLowerCase(Locale.ROOT);
        return shown.design().windows().stream()
                .filter(w -> w.name().shown().toLowerCase(Locale.ROOT).contains(wanted))
                .toList();
    }

    private void draw() {
        shares = shown.rehearsed().covered().shares();
        var lines = new ArrayList<Line>();
        if (filter.getText().isBlank()) {
            lines.add(application());
        }
        Map<String, List<Window>> kinds = new LinkedHashMap<>();
        for (String kind :
                List.of("Main window", "Child windows", "Dialogs", "Message boxes", "File dialogs", "Pickers")) {
            kinds.put(kind, new ArrayList<>());
        }
        List<Window> left = filtered();
        left.forEach(w -> kinds.get(heading(w)).add(w));
        Map<String, List<Finding.Weight>> weights = weights();
        kinds.forEach((kind, windows) -> {
            if (!windows.isEmpty()) {
                lines.add(new Line(
                        "",
                        kind,
                        Integer.toString(windows.size()),
                        Optional.empty(),
                        List.of(),
                        false,
                        Optional.empty(),
                        () -> {}));
                windows.forEach(w -> lines.add(row(w, weights)));
            }
        });
        if (left.isEmpty()) {
            addNew(lines);
        }
        list.getItems().setAll(lines);
    }

    /**
     * A line of the roster.
     *
     * @param id for tests and help; empty for a heading
     * @param about what stands at the right of a heading
     */
    private record Line(
            String id,
            String text,
            String about,
            Optional<Window> window,
            List<Finding.Weight> weights,
            boolean chosen,
            Optional<Covered.Share> rehearsed,
            Runnable action) {
        boolean isHeading() {
            return id.isEmpty();
        }
    }

    private Map<String, List<Finding.Weight>> weights() {
        Map<String, List<Finding.Weight>> weights = new HashMap<>();
        shown.findings().forEach(f -> weights.computeIfAbsent(f.place().window().orElse(""), w -> new ArrayList<>())
                .add(f.weight()));
        return weights;
    }

    private static String heading(Window window) {
        return switch (window) {
            case FacedWindow face ->
                switch (face.of()) {
                    case MAIN -> "Main window";
                    case CHILD -> "Child windows";
                    case DIALOG -> "Dialogs";
                };
            case MessageBox box -> "Message boxes";
            case FileDialog dialog -> "File dialogs";
            case Picker picker -> "Pickers";
        };
    }

    private void addNew(List<Line> lines) {
        String name = filter.getText().strip();
        lines.add(new Line(
                "", "Make “" + name + "” as a", "", Optional.empty(), List.of(), false, Optional.empty(), () -> {}));
        for (NewWindow kind : NewWindow.all()) {
            String id = "add-" + kind.words();
            var like = Optional.of(kind.named(Name.of(name)));
            lines.add(new Line(id, kind.words(), "", like, List.of(), false, Optional.empty(), () -> add(kind)));
        }
    }

    private Line application() {
        return new Line(
                "roster-application",
                "Application",
                "",
                Optional.empty(),
                weights().getOrDefault("", List.of()),
                shown.chosen().window().isEmpty(),
                share(""),
                () -> work.goTo(Chosen.APPLICATION));
    }

    private Line row(Window window, Map<String, List<Finding.Weight>> weights) {
        String name = window.name().shown();
        return new Line(
                "roster-" + name,
                name,
                "",
                Optional.of(window),
                weights.getOrDefault(name, List.of()),
                shown.chosen().window().equals(Optional.of(name)),
                share(name),
                () -> choose(name));
    }

    /** Nothing is said of what was not begun. */
    private Optional<Covered.Share> share(String window) {
        return Optional.ofNullable(shares.get(window)).filter(s -> s.met() > 0);
    }

    private static final class Cell extends ListCell<Line> {
        Cell() {
            setPrefWidth(0);
            setOnMouseClicked(e -> {
                if (getItem() != null) {
                    getItem().action().run();
                }
            });
        }

        @Override
        protected void updateItem(Line line, boolean empty) {
            super.updateItem(line, empty);
            boolean nothing = empty || line == null;
            setText(null);
            setGraphic(nothing ? null : graphic(line));
            setId(nothing || line.isHeading() ? null : line.id());
            pseudoClassStateChanged(CHOSEN, !nothing && line.chosen());
            pseudoClassStateChanged(HEADING, !nothing && line.isHeading());
        }

        private static Node graphic(Line line) {
            if (line.isHeading()) {
                return Ui.row(4, Ui.label(line.text(), "group-name"), Ui.spring(), Ui.label(line.about(), "quiet"));
            }
            Node mark = line.window().<Node>map(Mark::new).orElseGet(Mark::ofApplication);
            var content = Ui.row(8, mark, Ui.shortened(line.text(), line.chosen() ? "strong" : "plain"), Ui.spring());
            line.weights().stream().min(Finding.Weight::compareTo).ifPresent(heaviest -> {
                content.getChildren().add(Weights.shape(heaviest));
                long count = line.weights().stream().filter(heaviest::equals).count();
                content.getChildren().add(Ui.label(Long.toString(count), "weight-count", heaviest.word()));
            });
            line.rehearsed().ifPresent(share -> content.getChildren().add(new ShareBar(share)));
            content.setPrefWidth(0);
            return content;
        }
    }
}

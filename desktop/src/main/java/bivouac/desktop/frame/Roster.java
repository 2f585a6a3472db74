package bivouac.desktop.frame;

import bivouac.check.Finding;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Window;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The roster: all windows by kind. Typing filters it; a name that is not there can be made with Enter. */
final class Roster extends VBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Work work;
    private final TextField filter = new TextField();
    private final VBox list = Ui.styled(Ui.column(0), "roster-list");
    private Situation shown;

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
        var scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(Ui.styled(Ui.column(0, filter), "roster-head"), scroll);
    }

    void focusFilter() {
        filter.requestFocus();
        filter.selectAll();
    }

    /** Enter goes to the one window that is left, or makes a dialog of that name. */
    private void take() {
        List<Window> left = filtered();
        if (left.isEmpty()) {
            add(FacedWindow.Kind.DIALOG);
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

    private void add(FacedWindow.Kind kind) {
        Design design = work.now().design();
        Name name = Names.freeName(
                filter.getText().strip(),
                design.windows().stream().map(Window::name).toList());
        filter.clear();
        work.change(
                design.adding(FacedWindow.of(kind, name.shown())),
                kind.words() + " " + name + " added",
                Chosen.window(name.shown()));
        work.show(Screen.WINDOW);
    }

    void show(Situation s) {
        boolean same = shown != null
                && shown.design() == s.design()
                && shown.findings() == s.findings()
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
        list.getChildren().clear();
        if (filter.getText().isBlank()) {
            list.getChildren().add(application());
        }
        Map<String, List<Window>> kinds = new LinkedHashMap<>();
        for (String kind : List.of("Main window", "Child windows", "Dialogs", "Message boxes")) {
            kinds.put(kind, new ArrayList<>());
        }
        filtered().forEach(w -> kinds.get(heading(w)).add(w));
        kinds.forEach((kind, windows) -> {
            if (!windows.isEmpty()) {
                list.getChildren()
                        .add(Ui.styled(
                                Ui.row(
                                        4,
                                        Ui.label(kind, "group-name"),
                                        Ui.spring(),
                                        Ui.label(Integer.toString(windows.size()), "quiet")),
                                "roster-group"));
                windows.forEach(w -> list.getChildren().add(row(w)));
            }
        });
        if (filtered().isEmpty()) {
            addNew();
        }
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
        };
    }

    private void addNew() {
        String name = filter.getText().strip();
        list.getChildren().add(Ui.styled(Ui.wrapped("No window is called that. Make it:"), "quiet", "roster-note"));
        for (FacedWindow.Kind kind : List.of(FacedWindow.Kind.DIALOG, FacedWindow.Kind.CHILD, FacedWindow.Kind.MAIN)) {
            list.getChildren()
                    .add(Ui.button(
                            kind.words() + " “" + name + "”",
                            "add-" + kind.name().toLowerCase(Locale.ROOT),
                            () -> add(kind),
                            "roster-row"));
        }
    }

    private Node application() {
        return button(
                Mark.ofApplication(),
                "Application",
                "roster-application",
                shown.findings().stream()
                        .filter(f -> f.place().window().isEmpty())
                        .map(Finding::weight)
                        .toList(),
                shown.chosen().window().isEmpty(),
                () -> work.goTo(Chosen.APPLICATION));
    }

    private Node row(Window window) {
        String name = window.name().shown();
        var weights = shown.findings().stream()
                .filter(f -> f.place().window().equals(Optional.of(name)))
                .map(Finding::weight)
                .toList();
        boolean chosen = shown.chosen().window().equals(Optional.of(name));
        return button(new Mark(window), name, "roster-" + name, weights, chosen, () -> choose(name));
    }

    private static Button button(
            Node mark, String name, String id, List<Finding.Weight> weights, boolean chosen, Runnable action) {
        var content = Ui.row(8, mark, Ui.shortened(name, chosen ? "strong" : "plain"), Ui.spring());
        weights.stream().min(Finding.Weight::compareTo).ifPresent(heaviest -> {
            content.getChildren().add(Weights.shape(heaviest));
            content.getChildren()
                    .add(Ui.label(
                            Long.toString(
                                    weights.stream().filter(heaviest::equals).count()),
                            "weight-count",
                            heaviest.word()));
        });
        var button = new Button();
        button.setId(id);
        button.setGraphic(content);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAccessibleText(name);
        button.getStyleClass().add("roster-row");
        button.pseudoClassStateChanged(CHOSEN, chosen);
        content.prefWidthProperty().bind(button.widthProperty().subtract(24));
        button.setOnAction(e -> action.run());
        return button;
    }
}

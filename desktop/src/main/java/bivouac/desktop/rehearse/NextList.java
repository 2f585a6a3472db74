package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.rehearsal.TrailWords;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What can happen now as a list; Enter or a click does it. Only the lines in sight are made. */
final class NextList extends ListView<NextList.Line> {

    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private static final PseudoClass HEADING = PseudoClass.getPseudoClass("heading");

    private final Consumer<Event> choose;
    private Function<Event, List<String>> ahead = e -> List.of();
    private Function<Event, TrailWords.Preview> causes = e -> new TrailWords.Preview("", false);

    /** A line of the list. */
    sealed interface Line {
        record Heading(String text) implements Line {}

        record Doing(NextEvents.Row row) implements Line {}

        record NotNow(String text) implements Line {}
    }

    NextList(Consumer<Event> choose) {
        this.choose = choose;
        setId("next-events");
        setAccessibleText("What can happen now");
        getStyleClass().add("next-events");
        setCellFactory(list -> new Cell());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                take(getSelectionModel().getSelectedItem());
                e.consume();
            }
        });
    }

    private void take(Line line) {
        if (line instanceof Line.Doing(NextEvents.Row row)) {
            choose.accept(row.event());
        }
    }

    /**
     * @param causes what an event would cause; asked only for what is in sight
     * @param words what is known of what lies ahead of it
     */
    void show(NextEvents events, Function<Event, TrailWords.Preview> causes, Function<Event, List<String>> words) {
        this.causes = causes;
        ahead = words;
        List<Line> lines = new ArrayList<>();
        for (NextEvents.Group group : events.groups()) {
            lines.add(new Line.Heading(group.title()));
            group.rows().forEach(r -> lines.add(new Line.Doing(r)));
        }
        if (!events.notNow().isEmpty()) {
            lines.add(new Line.Heading("Not now"));
            events.notNow().forEach(n -> lines.add(new Line.NotNow(n)));
        }
        // also where the lines are the same: what they would cause may be another thing now
        getItems().setAll(lines);
    }

    /** What is known of what lies ahead; it comes later than the lines. */
    void marks(Function<Event, List<String>> words) {
        ahead = words;
        refresh();
    }

    /** Its nodes stay, and are filled anew: what is possible changes with every event. */
    private final class Cell extends ListCell<Line> {
        private final Label heading = Ui.label("", "group");
        private final Label notNow = Ui.shortened("", "not-now");
        private final Doing doing = new Doing();
        /** All that a line can be stays in it, and one is seen: what comes anew needs its styles found anew. */
        private final StackPane all = new StackPane(heading, notNow, doing);

        Cell() {
            setPrefWidth(0);
            all.setAlignment(Pos.BOTTOM_LEFT);
            StackPane.setAlignment(doing, Pos.CENTER_LEFT);
            all.setMinWidth(0);
            setOnMouseClicked(e -> take(getItem()));
        }

        @Override
        protected void updateItem(Line line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            setId(!empty && line instanceof Line.Doing(NextEvents.Row row) ? "next-" + row.what() : null);
            pseudoClassStateChanged(HEADING, !empty && !(line instanceof Line.Doing));
            if (empty || line == null) {
                Ui.graphic(this, null);
                return;
            }
            Ui.graphic(this, all);
            switch (line) {
                case Line.Heading(String text) -> words(heading, text);
                case Line.NotNow(String text) -> words(notNow, text);
                case Line.Doing(NextEvents.Row row) -> {
                    doing.show(row, causes.apply(row.event()), ahead.apply(row.event()));
                    only(doing);
                }
            }
        }

        private void words(Label label, String text) {
            label.setText(text);
            only(label);
        }

        private void only(Node one) {
            all.getChildren().forEach(n -> Ui.show(n, n == one));
        }
    }

    /** An event that can be done, with its keys and whether it is new. */
    private static final class Doing extends VBox {
        private final Label what = Ui.shortened("", "strong");
        private final Label keys = Ui.label("", "key");
        private final Label isNew = Ui.label("new", "new-mark");
        private final Label done = Ui.label("next in the trail", "quiet");
        private final Label marks = Ui.label("", "ahead-mark");
        private final Label follows = Ui.shortened("", "caused");

        Doing() {
            super(1);
            setAlignment(Pos.CENTER_LEFT);
            isNew.setMinWidth(USE_PREF_SIZE);
            marks.setMinWidth(USE_PREF_SIZE);
            // every row is as high as any other: what is said of it stands before what it causes
            getChildren().addAll(Ui.row(6, what, keys, Ui.spring(), isNew, done), Ui.row(6, marks, follows));
            setPrefWidth(0);
        }

        void show(NextEvents.Row row, TrailWords.Preview causes, List<String> ahead) {
            marks.setText(String.join("; ", ahead));
            Ui.show(marks, !ahead.isEmpty());
            what.setText(row.what());
            keys.setText(row.keys());
            Ui.show(keys, !row.keys().isEmpty());
            Ui.show(isNew, row.isNew());
            Ui.show(done, row.done());
            follows.setText(causes.words());
            follows.pseudoClassStateChanged(FAULT, causes.isFault());
            Ui.show(follows, !causes.words().isEmpty());
        }
    }
}

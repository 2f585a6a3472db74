package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;

/** What can happen now as a list; Enter or a click does it. Only the lines in sight are made. */
final class NextList extends ListView<NextList.Line> {

    private static final PseudoClass HEADING = PseudoClass.getPseudoClass("heading");

    private final Consumer<Event> choose;

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

    void show(NextEvents events) {
        List<Line> lines = new ArrayList<>();
        for (NextEvents.Group group : events.groups()) {
            lines.add(new Line.Heading(group.title()));
            group.rows().forEach(r -> lines.add(new Line.Doing(r)));
        }
        if (!events.notNow().isEmpty()) {
            lines.add(new Line.Heading("Not now"));
            events.notNow().forEach(n -> lines.add(new Line.NotNow(n)));
        }
        if (!lines.equals(List.copyOf(getItems()))) {
            getItems().setAll(lines);
        }
    }

    private final class Cell extends ListCell<Line> {
        Cell() {
            setPrefWidth(0);
            setOnMouseClicked(e -> take(getItem()));
        }

        @Override
        protected void updateItem(Line line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            setGraphic(empty || line == null ? null : graphic(line));
            setId(!empty && line instanceof Line.Doing(NextEvents.Row row) ? "next-" + row.what() : null);
            pseudoClassStateChanged(HEADING, !empty && !(line instanceof Line.Doing));
        }

        private static Node graphic(Line line) {
            return switch (line) {
                case Line.Heading(String text) -> Ui.label(text, "group");
                case Line.NotNow(String text) -> Ui.styled(Ui.shortened(text), "not-now");
                case Line.Doing(NextEvents.Row row) -> {
                    var content = Ui.row(6, Ui.shortened(row.what(), "strong"));
                    if (!row.keys().isEmpty()) {
                        content.getChildren().add(Ui.label(row.keys(), "key"));
                    }
                    content.getChildren().add(Ui.spring());
                    if (row.isNew()) {
                        Label mark = Ui.label("new", "new-mark");
                        mark.setMinWidth(USE_PREF_SIZE);
                        content.getChildren().add(mark);
                    }
                    if (row.done()) {
                        content.getChildren().add(Ui.label("next in the trail", "quiet"));
                    }
                    content.setPrefWidth(0);
                    yield content;
                }
            };
        }
    }
}

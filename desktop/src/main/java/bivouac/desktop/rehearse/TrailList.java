package bivouac.desktop.rehearse;

import bivouac.design.Design;
import bivouac.desktop.widget.Ui;
import bivouac.rehearsal.Moment;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailWords;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;

/** The trail so far, a line for each event; choosing one goes back there. Only the lines in sight are made. */
final class TrailList extends ListView<Integer> {

    private static final PseudoClass PRESENT = PseudoClass.getPseudoClass("present");
    private static final PseudoClass LATER = PseudoClass.getPseudoClass("later");

    private static final double LINE = 42;

    private final IntConsumer otherWay;
    private Design design;
    private Rehearsal rehearsal;

    /** @param otherWay changes to another way that was gone from a moment */
    TrailList(IntConsumer goTo, IntConsumer otherWay) {
        this.otherWay = otherWay;
        setId("trail");
        setAccessibleText("Trail");
        getStyleClass().add("trail");
        // lines of one height, so that scrolling to one is exact
        setFixedCellSize(LINE);
        heightProperty().subscribe(() -> Platform.runLater(this::keepInSight));
        setCellFactory(list -> new Line(goTo));
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN) {
                goTo.accept(getSelectionModel().getSelectedIndex());
            }
        });
    }

    void show(Design of, Rehearsal other) {
        int known = rehearsal != null && design == of ? common(rehearsal.moments(), other.moments()) : 0;
        boolean onlyGrows = known > 0
                && known == getItems().size()
                && isAtEnd(rehearsal)
                && isAtEnd(other)
                && rehearsal.otherWays().size() == other.otherWays().size();
        design = of;
        rehearsal = other;
        if (known < getItems().size()) {
            getItems().remove(known, getItems().size());
        }
        getItems().addAll(IntStream.range(known, other.moments().size()).boxed().toList());
        if (!onlyGrows) {
            refresh();
        }
        getSelectionModel().select(other.now());
        keepInSight();
    }

    private void keepInSight() {
        if (rehearsal != null) {
            scrollTo(Math.max(0, rehearsal.now() - 6));
        }
    }

    private static boolean isAtEnd(Rehearsal rehearsal) {
        return rehearsal.now() == rehearsal.moments().size() - 1;
    }

    /** How many moments at the beginning are the very same; a long trail mostly grows by one. */
    private static int common(List<Moment> before, List<Moment> after) {
        int most = Math.min(before.size(), after.size());
        if (most > 0 && before.get(most - 1) == after.get(most - 1)) {
            return most;
        }
        int common = 0;
        while (common < most && before.get(common) == after.get(common)) {
            common++;
        }
        return common;
    }

    private final class Line extends ListCell<Integer> {
        Line(IntConsumer goTo) {
            // the present moment is the one that is chosen
            selectedProperty().subscribe(chosen -> pseudoClassStateChanged(PRESENT, chosen && !isEmpty()));
            setOnMouseClicked(e -> {
                if (!isEmpty()) {
                    goTo.accept(getItem());
                }
            });
        }

        @Override
        protected void updateItem(Integer moment, boolean empty) {
            super.updateItem(moment, empty);
            setText(null);
            setGraphic(empty || moment == null || moment >= rehearsal.moments().size() ? null : line(moment));
            pseudoClassStateChanged(PRESENT, !empty && isSelected());
            pseudoClassStateChanged(LATER, !empty && moment > rehearsal.now());
        }

        private javafx.scene.Node line(int number) {
            Moment moment = rehearsal.moments().get(number);
            var line = moment.event().map(e -> TrailWords.line(design, e)).orElse(new TrailWords.Line("", "Start", ""));
            var head = Ui.row(4);
            if (!line.who().isEmpty()) {
                head.getChildren().add(Ui.label(line.who() + ":", "plain"));
            }
            head.getChildren().add(Ui.label(line.what(), "strong"));
            var first = Ui.row(6, head);
            int ways = rehearsal.waysFrom(number);
            if (ways > 1) {
                first.getChildren()
                        .addAll(
                                Ui.spring(),
                                Ui.button(
                                        ways + " ways",
                                        "ways-" + number,
                                        () -> otherWay.accept(number),
                                        "ways-button"));
            }
            List<String> faults = TrailWords.faults(moment.seen());
            String caused = line.detail().isEmpty() ? TrailWords.caused(moment.seen()) : line.detail();
            var second =
                    Ui.shortened(faults.isEmpty() ? caused : faults.getFirst(), faults.isEmpty() ? "caused" : "fault");
            var column = Ui.column(1, first, second);
            column.setPrefWidth(0);
            column.setMinWidth(0);
            javafx.scene.layout.HBox.setHgrow(column, javafx.scene.layout.Priority.ALWAYS);
            var row = Ui.row(8, Ui.styled(Ui.label(Integer.toString(number)), "trail-number"), column);
            row.setId("trail-" + number);
            row.setPrefWidth(0);
            return row;
        }
    }
}

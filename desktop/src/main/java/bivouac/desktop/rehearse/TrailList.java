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
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

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
        private final Content content = new Content();

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
            boolean isThere =
                    !empty && moment != null && moment < rehearsal.moments().size();
            if (isThere) {
                content.show(moment);
            }
            Ui.graphic(this, isThere ? content : null);
            pseudoClassStateChanged(PRESENT, !empty && isSelected());
            pseudoClassStateChanged(LATER, !empty && moment > rehearsal.now());
        }
    }

    /** What a line shows; its nodes stay, and are filled anew when another moment is shown. */
    private final class Content extends HBox {
        private final Label number = Ui.styled(Ui.label(""), "trail-number");
        private final Label who = Ui.label("", "plain");
        private final Label what = Ui.label("", "strong");
        private final Label caused = Ui.shortened("", "caused");
        private final HBox first = Ui.row(6, Ui.row(4, who, what));
        private final Button ways = Ui.button("", "", this::goOtherWay, "ways-button");
        private int at;
        private Moment shown;
        private Design shownIn;

        Content() {
            super(8);
            setAlignment(Pos.CENTER_LEFT);
            var column = Ui.column(1, first, caused);
            column.setPrefWidth(0);
            column.setMinWidth(0);
            HBox.setHgrow(column, Priority.ALWAYS);
            getChildren().addAll(number, column);
            setPrefWidth(0);
        }

        private void goOtherWay() {
            otherWay.accept(at);
        }

        void show(int moment) {
            at = moment;
            setId("trail-" + moment);
            Moment now = rehearsal.moments().get(moment);
            if (now != shown || design != shownIn) {
                shown = now;
                shownIn = design;
                fill(now);
            }
            number.setText(Integer.toString(moment));
            int others = rehearsal.waysFrom(moment);
            if (others > 1) {
                ways.setText(others + " ways");
                ways.setId("ways-" + moment);
                if (ways.getParent() == null) {
                    first.getChildren().addAll(Ui.spring(), ways);
                }
            }
            Ui.show(ways, others > 1);
        }

        private void fill(Moment moment) {
            var line = moment.event().map(e -> TrailWords.line(design, e)).orElse(new TrailWords.Line("", "Start", ""));
            who.setText(line.who() + ":");
            Ui.show(who, !line.who().isEmpty());
            what.setText(line.what());
            List<String> faults = TrailWords.faults(moment.seen());
            String words = line.detail().isEmpty() ? TrailWords.caused(moment.seen()) : line.detail();
            caused.setText(faults.isEmpty() ? words : faults.getFirst());
            caused.getStyleClass().setAll("label", faults.isEmpty() ? "caused" : "fault");
        }
    }
}

package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Walkthroughs;
import bivouac.desktop.work.Work;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What was: the trail so far, the walkthroughs that are kept, and a place to keep this trail as one. */
final class TrailColumn extends VBox {

    private final TrailList trail;
    private final TrailWhole whole = new TrailWhole();
    private final VBox trailBox;
    private final WalkList walks;
    private final TourBox tour;
    private final Label replayed = Ui.wrapped("", "problem");
    private final TextField name = new TextField();
    private final Segments segments;
    private Situation shown;

    TrailColumn(Work work) {
        var walkthroughs = new Walkthroughs(work);
        trail = new TrailList(work::goToMoment, work::otherWay);
        walks = new WalkList(walkthroughs);
        tour = new TourBox(walkthroughs);
        segments = new Segments("left", this::choose, "Trail", "Walkthroughs");
        name.setId("walk-name");
        name.setPromptText("name to keep it by");
        name.setAccessibleText("Name of the walkthrough to keep");
        HBox.setHgrow(name, Priority.ALWAYS);
        Runnable keep = () -> {
            walkthroughs.keep(name.getText());
            if (!name.getText().isBlank()) {
                name.clear();
                segments.choose(1);
            }
        };
        name.setOnAction(e -> keep.run());
        var keepButton = Ui.button("Keep", "walk-keep", keep, "secondary");
        keepButton.setMinWidth(USE_PREF_SIZE);
        VBox.setVgrow(trail, Priority.ALWAYS);
        trailBox = new VBox(trail, whole);
        var lists = new StackPane(trailBox, walks);
        VBox.setVgrow(lists, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Ui.styled(Ui.row(6, segments), "column-head"),
                        replayed,
                        lists,
                        tour,
                        Ui.styled(Ui.row(6, name, keepButton), "column-foot"));
        getStyleClass().add("trail-column");
        choose(0);
    }

    private void choose(int segment) {
        Ui.show(trailBox, segment == 0);
        Ui.show(walks, segment == 1);
        Ui.show(tour, segment == 1);
        if (segment == 1 && shown != null) {
            walks.show(shown);
            tour.show(shown);
        }
    }

    void show(Situation s) {
        replayed.setText(s.replayed().orElse(""));
        Ui.show(replayed, s.replayed().isPresent());
        trail.show(s.program().design(), s.rehearsal());
        whole.show(s.program().design(), s.rehearsal().present());
        shown = s;
        if (walks.isVisible()) {
            walks.show(s);
            tour.show(s);
        }
        int broken = s.rehearsed().broken().size();
        int all = s.rehearsed().walks().size();
        segments.name(
                1, "Walkthroughs" + (all == 0 ? "" : broken == 0 ? " " + all : " " + broken + " of " + all + " ✗"));
    }
}

package bivouac.desktop.rehearse;

import bivouac.design.Walkthrough;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Walkthroughs;
import bivouac.rehearsal.Coverable;
import bivouac.rehearsal.Covered;
import bivouac.rehearsal.Tour;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How much was rehearsed, and a tour of what was not: proposed, played, kept. */
final class TourBox extends VBox {

    private final Walkthroughs walkthroughs;
    private AtomicBoolean stop = new AtomicBoolean();
    private boolean searching;
    private Situation shown;

    TourBox(Walkthroughs walkthroughs) {
        super(6);
        this.walkthroughs = walkthroughs;
        setId("tour");
        getStyleClass().add("tour-box");
    }

    void show(Situation s) {
        shown = s;
        getChildren().setAll(share(s.rehearsed().covered()));
        if (searching) {
            getChildren()
                    .add(Ui.row(
                            8,
                            Ui.label("Searching…", "quiet"),
                            Ui.button("Stop", "tour-stop", () -> stop.set(true), "secondary")));
        } else if (s.rehearsed().tour().isPresent()) {
            proposal(s.rehearsed().tour().get());
        } else if (!s.rehearsed().covered().missing().isEmpty()) {
            getChildren().add(Ui.link("Propose a tour of the rest", "tour-propose", this::search));
        }
    }

    private static Node share(Covered covered) {
        Label words = Ui.label(covered.words() + " rehearsed", "strong");
        String missing = covered.missing().stream()
                .limit(24)
                .map(c -> "not yet: " + c.words())
                .collect(Collectors.joining("\n"));
        words.setTooltip(new Tooltip(missing.isEmpty() ? "All of it was rehearsed." : missing));
        return words;
    }

    private void search() {
        stop = new AtomicBoolean();
        searching = true;
        show(shown);
        walkthroughs.proposeTour(stop::get, () -> searching = false);
    }

    private void proposal(Tour.Proposal tour) {
        if (tour.walkthroughs().isEmpty()) {
            getChildren()
                    .add(Ui.wrapped(
                            tour.isAll()
                                    ? "Nothing that can be done meets the rest."
                                    : "No search found a way to the rest.",
                            "quiet"));
        }
        for (Walkthrough proposed : tour.walkthroughs()) {
            Label name = Ui.label(proposed.name() + ", " + proposed.events() + " events", "plain");
            HBox.setHgrow(name, Priority.ALWAYS);
            name.setMaxWidth(Double.MAX_VALUE);
            getChildren()
                    .add(Ui.row(
                            6,
                            name,
                            Ui.link("Play", "play-" + proposed.name(), () -> walkthroughs.playProposed(proposed))));
        }
        if (tour.isShortest() && !tour.walkthroughs().isEmpty()) {
            getChildren().add(Ui.label("No fewer events meet as much.", "quiet"));
        }
        if (!tour.left().isEmpty()) {
            String words = tour.isAll() ? " cannot be met" : " not found";
            Label left = Ui.label(tour.left().size() + words, "quiet");
            String why = tour.isAll() ? "Met only by a fault, a kill or the end of the session, if at all:\n" : "";
            left.setTooltip(
                    new Tooltip(why + tour.left().stream().map(Coverable::words).collect(Collectors.joining("\n"))));
            getChildren().add(left);
        }
        if (!tour.walkthroughs().isEmpty()) {
            getChildren().add(Ui.button("Keep the tour", "tour-keep", walkthroughs::keepTour, "secondary"));
        }
    }
}

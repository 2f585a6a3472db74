package bivouac.desktop.findings;

import bivouac.check.finding.Finding;
import bivouac.design.Walkthrough;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.VBox;

/** How what is found comes about: the shortest trail, to be played or kept. */
final class TrailSteps extends VBox {

    TrailSteps(Work work, Finding finding, List<String> trail) {
        super(4);
        setId("finding-trail");
        getChildren().add(Ui.row(8, Ui.label("How it came about", "head"), Ui.spring(), Ui.label("before", "quiet")));
        if (trail.isEmpty()) {
            getChildren().add(Ui.label("It happens at the start.", "plain"));
        }
        for (int i = 0; i < trail.size(); i++) {
            var number = Ui.styled(Ui.label(Integer.toString(i + 1)), "step-number");
            var line = Ui.wrapped(trail.get(i), i + 1 == trail.size() ? "strong" : "plain");
            var row = Ui.row(0, number, line);
            row.setAlignment(javafx.geometry.Pos.TOP_LEFT);
            getChildren().add(row);
        }
        getChildren().add(Ui.label("No shorter trail leads there.", "quiet"));
        getChildren()
                .add(Ui.row(
                        8,
                        Ui.button(
                                "Play it",
                                "finding-play",
                                () -> work.playTrail(trail, "Played up to there: " + finding.what()),
                                "secondary"),
                        Ui.button(
                                "Make a walkthrough of it",
                                "finding-walkthrough",
                                () -> keep(work, finding, trail),
                                "secondary")));
    }

    /** Its events are kept; what should be seen instead is for the developer to say. */
    private static void keep(Work work, Finding finding, List<String> trail) {
        var design = work.now().design();
        String name = finding.what().replaceAll("[.:]+$", "");
        int number = 2;
        String free = name;
        while (design.walkthrough(free).isPresent()) {
            free = name + " " + number++;
        }
        var all = new ArrayList<>(design.walkthroughs());
        LocalDate today = work.now().rehearsal().today();
        all.add(new Walkthrough(free, today, trail));
        work.change(design.walked(all), "walkthrough “" + free + "” made of a trail");
    }
}

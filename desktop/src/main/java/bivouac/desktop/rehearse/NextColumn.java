package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Walkthroughs;
import bivouac.desktop.work.Work;
import bivouac.machine.Event;
import bivouac.machine.Samples;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailWords;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What can be: every event possible now, and what has to be seen now. */
final class NextColumn extends VBox {

    private final NextList next;
    private final SeenList seen;
    private boolean showsSeen;
    private Situation shown;
    private Program of;
    private Optional<Samples> worth = Optional.empty();

    NextColumn(Work work, Consumer<Event> choose) {
        next = new NextList(choose);
        seen = new SeenList(new Walkthroughs(work));
        var lists = new StackPane(next, seen);
        VBox.setVgrow(lists, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Ui.styled(
                                Ui.row(6, new Segments("right", this::choose, "What can happen now", "Must be seen")),
                                "column-head"),
                        lists);
        getStyleClass().add("next-column");
        choose(0);
    }

    private void choose(int segment) {
        showsSeen = segment == 1;
        Ui.show(next, !showsSeen);
        Ui.show(seen, showsSeen);
        if (shown != null) {
            show(shown);
        }
    }

    void show(Situation s) {
        shown = s;
        if (showsSeen) {
            seen.show(s);
        } else {
            if (worth.isEmpty() || of != s.program()) {
                of = s.program();
                worth = Optional.of(Samples.of(of, s.rehearsal().today()));
            }
            Rehearsal rehearsal = s.rehearsal();
            next.show(
                    NextEvents.of(rehearsal, s.rehearsed().covered(), worth.get()),
                    e -> TrailWords.preview(rehearsal, e));
        }
    }
}

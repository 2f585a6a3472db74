package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Walkthroughs;
import bivouac.desktop.work.Work;
import bivouac.explore.Ahead;
import bivouac.explore.Explored;
import bivouac.machine.Event;
import bivouac.machine.Samples;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailWords;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Consumer;
import javafx.scene.control.Label;
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
    private final Work work;
    private final Label end = Ui.wrapped("", "ahead-end");
    private Rehearsal lookedFrom;
    private Optional<Explored> lookedAmong = Optional.empty();
    private Optional<Ahead> ahead = Optional.empty();

    NextColumn(Work work, Consumer<Event> choose) {
        this.work = work;
        next = new NextList(choose);
        seen = new SeenList(new Walkthroughs(work));
        var lists = new StackPane(next, seen);
        VBox.setVgrow(lists, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Ui.styled(
                                Ui.row(6, new Segments("right", this::choose, "What can happen now", "Must be seen")),
                                "column-head"),
                        end,
                        lists);
        end.setId("ahead-end");
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
            lookAhead(s);
        }
        showAhead();
    }

    /** Among all situations, once they are known; off the interface thread, since there are many. */
    private void lookAhead(Situation s) {
        Optional<Explored> among = s.looked()
                .explored()
                .filter(e -> s.looked().isOf(s.program())
                        && e.question().today().equals(s.rehearsal().today()));
        if (lookedFrom == s.rehearsal() && lookedAmong.equals(among)) {
            return;
        }
        Rehearsal from = s.rehearsal();
        lookedFrom = from;
        lookedAmong = among;
        ahead = Optional.empty();
        among.ifPresent(explored -> work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "looking ahead",
                        () -> Ahead.of(explored, from.events(), from.possible()),
                        found -> {
                            if (lookedFrom == from) {
                                ahead = found;
                                showAhead();
                            }
                        }));
    }

    private void showAhead() {
        String words = AheadWords.end(ahead);
        end.setText(words);
        Ui.show(end, !showsSeen && !words.isEmpty());
        next.marks(e -> AheadWords.of(ahead, e));
    }
}

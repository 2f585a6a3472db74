package bivouac.desktop.rehearse;

import bivouac.desktop.widget.NextFrames;
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
import bivouac.rehearsal.Covered;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailWords;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
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
    private Optional<Worth> worth = Optional.empty();
    private final Work work;
    private final NextFrames frames;
    private CompletableFuture<Void> listing = CompletableFuture.completedFuture(null);
    private final Label end = Ui.wrapped("", "ahead-end");
    private Rehearsal lookedFrom;
    private Optional<Explored> lookedAmong = Optional.empty();
    private Optional<Ahead> ahead = Optional.empty();

    /** So many of what can happen are told with what they would cause; of others it is found when they come in sight. */
    private static final int TOLD = 400;

    /** A thread for each list, since those that are shared may be at work for long. */
    private static final Executor ELSEWHERE =
            task -> Thread.ofPlatform().daemon().name("listing what can happen").start(task);

    /** What is worth typing in a program. */
    private record Worth(Program of, Samples samples) {
        static Worth of(Program program, Rehearsal rehearsal) {
            return new Worth(program, Samples.of(program, rehearsal.today()));
        }
    }

    /** What can happen now, with what it would cause. */
    private record Listed(Worth worth, NextEvents events, Map<Event, TrailWords.Preview> causes) {
        static Listed of(Worth worth, Rehearsal rehearsal, Covered covered) {
            NextEvents events = NextEvents.of(rehearsal, covered, worth.samples());
            var causes = new HashMap<Event, TrailWords.Preview>();
            events.groups().stream()
                    .flatMap(g -> g.rows().stream())
                    .limit(TOLD)
                    .forEach(r -> causes.put(r.event(), TrailWords.preview(rehearsal, r.event())));
            return new Listed(worth, events, causes);
        }
    }

    /** @param frames in which what can happen is drawn, once it is known */
    NextColumn(Work work, Consumer<Event> choose, NextFrames frames) {
        this.work = work;
        this.frames = frames;
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
            showEnd();
        } else {
            list(s);
            lookAhead(s);
        }
    }

    /** Off the interface thread, since each line tells what an event would do; drawn when the painter has come so far. */
    private void list(Situation s) {
        Rehearsal rehearsal = s.rehearsal();
        Covered covered = s.rehearsed().covered();
        Optional<Worth> known = worth.filter(w -> w.of() == s.program());
        listing = work.background()
                .run(
                        ELSEWHERE,
                        "listing what can happen",
                        () -> Listed.of(known.orElseGet(() -> Worth.of(s.program(), rehearsal)), rehearsal, covered),
                        listed -> frames.also(() -> show(s, listed)));
    }

    private void show(Situation s, Listed listed) {
        worth = Optional.of(listed.worth());
        if (shown == s && !showsSeen) {
            Map<Event, TrailWords.Preview> causes = listed.causes();
            Optional<Ahead> known = ahead;
            next.show(
                    listed.events(),
                    e -> Optional.ofNullable(causes.get(e)).orElseGet(() -> TrailWords.preview(s.rehearsal(), e)),
                    e -> AheadWords.of(known, e));
            showEnd();
        }
    }

    /** Done when what can happen is listed. */
    CompletableFuture<Void> drawn() {
        return listing.thenCompose(v -> frames.done());
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
        showEnd();
        next.marks(e -> AheadWords.of(ahead, e));
    }

    private void showEnd() {
        String words = AheadWords.end(ahead);
        end.setText(words);
        Ui.show(end, !showsSeen && !words.isEmpty());
    }
}

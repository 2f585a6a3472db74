package bivouac.bench;

import bivouac.design.Design;
import bivouac.design.Walkthrough;
import bivouac.desktop.work.Examples;
import bivouac.format.DesignFile;
import bivouac.machine.Event;
import bivouac.plan.Program;
import bivouac.rehearsal.Covered;
import bivouac.rehearsal.Lifelines;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Tour;
import bivouac.rehearsal.Walk;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;

/** How long walkthroughs, long trails, lifelines and tours take, each three times after a first one that warms up. */
public final class RehearsalSpeeds {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final int TIMES = 3;

    private RehearsalSpeeds() {}

    public static void main(String[] args) throws Exception {
        Program large = Program.of(LargeDesigns.of(100));
        List<Walkthrough> walks = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            walks.add(new Walkthrough(
                    "w" + i, TODAY, Walk.lines(wander(large, 50, i).trail(), Map.of())));
        }
        time("200 walkthroughs of 50 events, 100 windows", () -> walks.stream()
                .map(w -> Walk.play(large, w))
                .filter(w -> w.broken().isEmpty())
                .count());
        time("what 200 walkthroughs rehearsed", () -> Covered.of(
                        large,
                        walks.stream().map(w -> Walk.play(large, w).moments()).toList())
                .share());
        Rehearsal longTrail = wander(large, 10_000, 1);
        time(
                "a trail of 10,000 events replayed",
                () -> longTrail.on(large).stopped().isEmpty());
        time("lifelines of 10,000 events", () -> Lifelines.of(longTrail.machine(), longTrail.moments())
                .bars()
                .size());
        time(
                "an event at the end of 10,000",
                () -> longTrail.act(longTrail.possible().getFirst()).now());
        Design hut = DesignFile.read(Examples.usual());
        Program program = Program.of(hut);
        time("a tour of all of Ridge Hut", () -> Tour.of(program, TODAY, Covered.of(program, List.of()), () -> false)
                .walkthroughs()
                .size());
    }

    /** Any events but those that end it all. */
    private static Rehearsal wander(Program program, int events, long seed) {
        var random = new Random(seed);
        Rehearsal at = Rehearsal.start(program, TODAY);
        while (at.now() < events) {
            List<Event> possible = at.possible().stream()
                    .filter(e -> !(e instanceof Event.Killed || e instanceof Event.SessionEnds))
                    .toList();
            at = possible.isEmpty() ? at : at.act(possible.get(random.nextInt(possible.size())));
            if (at.scene().ended().isPresent()) {
                List<NamedEvent> trail = at.trail();
                at = Rehearsal.replay(program, TODAY, trail.subList(0, trail.size() - 1))
                        .rehearsal();
            }
        }
        return at;
    }

    private static void time(String what, Callable<?> task) throws Exception {
        Object answer = task.call();
        var took = new StringBuilder();
        for (int i = 0; i < TIMES; i++) {
            long from = System.nanoTime();
            answer = task.call();
            took.append(' ').append((System.nanoTime() - from) / 1_000 / 1000.0);
        }
        System.out.println(what + " (" + answer + "):" + took + " ms");
    }
}

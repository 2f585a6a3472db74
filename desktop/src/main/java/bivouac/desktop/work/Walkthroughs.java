package bivouac.desktop.work;

import bivouac.design.Design;
import bivouac.design.Walkthrough;
import bivouac.rehearsal.Expectation;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Tour;
import bivouac.rehearsal.Walk;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/** Keeps the trail of the rehearsal as a walkthrough, and plays and removes those that are kept. */
public final class Walkthroughs {

    private final Work work;

    public Walkthroughs(Work work) {
        this.work = work;
    }

    /** Keeps the whole trail, with what was ticked along it, under a name; one of that name is replaced. */
    public void keep(String name) {
        Situation now = work.now();
        List<NamedEvent> events = now.rehearsal().trailToItsEnd();
        if (name.isBlank()) {
            work.say("Give the walkthrough a name, such as “a guest arrives”.");
        } else if (events.isEmpty()) {
            work.say("Nothing was acted out yet; press something on the desk first.");
        } else {
            var kept = new Walkthrough(name.strip(), now.rehearsal().today(), Walk.lines(events, ticked(now, events)));
            boolean replaced = now.design().walkthrough(kept.name()).isPresent();
            work.change(
                    put(now.design(), kept),
                    "walkthrough “" + kept.name() + "” " + (replaced ? "kept anew" : "kept") + ", " + events.size()
                            + (events.size() == 1 ? " event" : " events"));
        }
    }

    private static Map<Integer, Set<Expectation>> ticked(Situation now, List<NamedEvent> events) {
        var ticked = new HashMap<Integer, Set<Expectation>>();
        for (int i = 0; i <= events.size(); i++) {
            ticked.put(i, now.rehearsed().tickedAt(events.subList(0, i)));
        }
        return ticked;
    }

    private static Design put(Design design, Walkthrough kept) {
        var all = new ArrayList<>(design.walkthroughs());
        all.replaceAll(w -> w.name().equals(kept.name()) ? kept : w);
        if (!all.contains(kept)) {
            all.add(kept);
        }
        return design.walked(all);
    }

    public void remove(String name) {
        Design design = work.now().design();
        work.change(
                design.walked(design.walkthroughs().stream()
                        .filter(w -> !w.name().equals(name))
                        .toList()),
                "walkthrough “" + name + "” removed");
    }

    /** Acts a walkthrough out on the desk, as far as it goes, with what has to be seen ticked along it. */
    public void play(String name) {
        Situation now = work.now();
        Optional<Walk> walk = now.rehearsed().walks().stream()
                .filter(w -> w.walkthrough().name().equals(name))
                .findFirst();
        if (walk.isEmpty() || !now.isCompiled()) {
            return;
        }
        Walkthrough kept = walk.get().walkthrough();
        List<NamedEvent> events = Walk.events(kept);
        LocalDate today = kept.today();
        Rehearsal.Replay replay = Rehearsal.replay(now.program(), today, events);
        var ticked = new HashMap<>(now.rehearsed().ticked());
        Walk.expectations(kept).forEach((event, expectations) -> {
            if (event <= events.size()) {
                ticked.put(events.subList(0, event), new LinkedHashSet<>(expectations));
            }
        });
        work.tick(ticked);
        work.rehearse(replay.rehearsal());
        work.say(walk.get()
                .broken()
                .map(b -> "“" + name + "” does not hold. " + b.sentence())
                .orElse("“" + name + "” played; all that has to be seen was seen."));
    }

    /** Searches for walkthroughs that meet what was not rehearsed yet; {@code done} is told when it is over. */
    public void proposeTour(BooleanSupplier stopped, Runnable done) {
        Situation now = work.now();
        work.touring(Optional.empty());
        work.beside(
                "searching for a tour",
                () -> Tour.of(
                        now.program(), now.rehearsal().today(), now.rehearsed().covered(), stopped),
                tour -> {
                    done.run();
                    if (work.now().program() == now.program()) {
                        work.touring(Optional.of(tour));
                        work.say(
                                tour.walkthroughs().isEmpty()
                                        ? "The tour found nothing more to meet."
                                        : "The tour meets " + tour.met().size() + " of "
                                                + (tour.met().size()
                                                        + tour.left().size()) + " that were missing.");
                    } else {
                        work.say("The design was changed meanwhile; propose the tour again.");
                    }
                });
    }

    /** Acts a proposed walkthrough out on the desk. */
    public void playProposed(Walkthrough proposed) {
        Situation now = work.now();
        work.rehearse(Rehearsal.replay(now.program(), proposed.today(), Walk.events(proposed))
                .rehearsal());
        work.say("“" + proposed.name() + "” played; keep it if it is as it should be.");
    }

    /** Keeps all walkthroughs of the tour. */
    public void keepTour() {
        Situation now = work.now();
        now.rehearsed().tour().ifPresent(tour -> {
            Design design = now.design();
            for (Walkthrough proposed : tour.walkthroughs()) {
                design = put(design, proposed);
            }
            int n = tour.walkthroughs().size();
            work.change(design, n == 1 ? "the tour kept as a walkthrough" : "the tour kept as " + n + " walkthroughs");
        });
    }

    /** Marks something at the present moment as what has to be seen, or takes the mark away. */
    public void tick(Expectation expectation, boolean yes) {
        work.tick(work.now()
                .rehearsed()
                .ticking(work.now().rehearsal().trail(), expectation, yes)
                .ticked());
    }
}

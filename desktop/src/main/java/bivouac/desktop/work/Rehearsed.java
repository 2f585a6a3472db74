package bivouac.desktop.work;

import bivouac.plan.Program;
import bivouac.rehearsal.Covered;
import bivouac.rehearsal.Expectation;
import bivouac.rehearsal.Moment;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Tour;
import bivouac.rehearsal.Walk;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What goes with the rehearsal.
 *
 * @param walks the walkthroughs of the design as they were played last
 * @param walked what the walkthroughs met
 * @param covered what was rehearsed: by walkthroughs, and on the desk since the design was opened
 * @param tour the walkthroughs that were proposed last; empty for none, or while it is searched for
 * @param ticked what has to be seen, by the events up to there; so it is kept on every way
 */
public record Rehearsed(
        List<Walk> walks,
        Covered walked,
        Covered covered,
        Map<List<NamedEvent>, Set<Expectation>> ticked,
        Optional<Tour.Proposal> tour) {

    private static final Covered NOTHING_COVERED = new Covered(Set.of(), Set.of());
    public static final Rehearsed NOTHING =
            new Rehearsed(List.of(), NOTHING_COVERED, NOTHING_COVERED, Map.of(), Optional.empty());

    public Rehearsed {
        walks = List.copyOf(walks);
        ticked = Map.copyOf(ticked);
    }

    /** All walkthroughs of a program played, beside what is acted out. */
    static Rehearsed played(Program program, Rehearsal rehearsal, Map<List<NamedEvent>, Set<Expectation>> ticked) {
        List<Walk> walks = program.design().walkthroughs().stream()
                .map(w -> Walk.play(program, w))
                .toList();
        Covered walked = Covered.of(program, walks.stream().map(Walk::moments).toList());
        return new Rehearsed(
                walks, walked, walked.plus(program.design(), rehearsal.moments()), ticked, Optional.empty());
    }

    /** With what a longer trail met. */
    Rehearsed acted(Program program, List<Moment> trail) {
        return new Rehearsed(walks, walked, covered.plus(program.design(), trail), ticked, tour);
    }

    /** With a coverage that is known already, if it is equal. */
    Rehearsed coveredAs(Covered known) {
        return covered.equals(known) ? new Rehearsed(walks, walked, known, ticked, tour) : this;
    }

    Rehearsed ticking(Map<List<NamedEvent>, Set<Expectation>> other) {
        return new Rehearsed(walks, walked, covered, other, tour);
    }

    /** With something to be seen at a moment, or without it. */
    Rehearsed ticking(List<NamedEvent> moment, Expectation expectation, boolean yes) {
        var changed = new HashMap<>(ticked);
        var there = new LinkedHashSet<>(ticked.getOrDefault(moment, Set.of()));
        if (yes) {
            there.add(expectation);
        } else {
            there.remove(expectation);
        }
        changed.put(List.copyOf(moment), java.util.Collections.unmodifiableSet(there));
        return ticking(changed);
    }

    /** With walkthroughs that were proposed. */
    Rehearsed touring(Optional<Tour.Proposal> other) {
        return new Rehearsed(walks, walked, covered, ticked, other);
    }

    public Set<Expectation> tickedAt(List<NamedEvent> moment) {
        return ticked.getOrDefault(moment, Set.of());
    }

    /** The walkthroughs that do not hold any more. */
    public List<Walk> broken() {
        return walks.stream().filter(w -> w.broken().isPresent()).toList();
    }
}

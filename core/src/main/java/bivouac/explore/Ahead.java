package bivouac.explore;

import bivouac.machine.Event;
import bivouac.machine.Retraced;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What lies before a rehearsal, from the situations that were met: how far the end is, which events leave no way back to the
 * windows that are open now, and which lie on a shortest way to something that goes wrong.
 *
 * @param toEnd in how many events the application can end by itself; none where no way is known
 * @param isSure whether no shorter way there can be, since every situation was met
 * @param marks what is to be said of an event, where there is something
 */
public record Ahead(OptionalInt toEnd, boolean isSure, Map<Event, Mark> marks) {

    public Ahead {
        marks = Map.copyOf(marks);
    }

    /**
     * What is to be said of an event.
     *
     * @param isNoWayBack whether no way leads from there to a situation in which the same windows are open
     * @param toWrong after how many events from now something can go wrong on this way, this one included, and 0 where it does
     *     so at this one; none where this is no nearest way there
     */
    public record Mark(boolean isNoWayBack, OptionalInt toWrong) {
        private boolean saysNothing() {
            return !isNoWayBack && toWrong.isEmpty();
        }
    }

    /**
     * Looks ahead from the end of a trail.
     *
     * @param trail events that are possible one after the other, from the start
     * @param events those to look at
     * @return empty where the trail leads to a situation that was not met
     */
    public static Optional<Ahead> of(Explored explored, List<Event> trail, List<Event> events) {
        Retraced retraced = explored.question().retraced();
        for (Event event : trail) {
            if (!retraced.isPossible(event)) {
                return Optional.empty();
            }
            retraced.take(event);
        }
        retraced.pack();
        int here = explored.find(retraced.words(), retraced.length());
        if (here < 0 || here >= explored.lookedAt()) {
            return Optional.empty();
        }
        return Optional.of(new Looking(explored, retraced, here).at(events));
    }

    /** One look from one situation. */
    private record Looking(Explored explored, Retraced retraced, int here) {

        Ahead at(List<Event> events) {
            BitSet back = explored.reach().mayReach(s -> explored.isRunning(s) && explored.hasSameOpen(s, here));
            int[] toWrong = explored.toWrong();
            Map<Event, Mark> marks = new HashMap<>();
            for (Event event : events) {
                mark(event, back, toWrong).ifPresent(m -> marks.put(event, m));
            }
            int end = explored.toEnd()[here];
            return new Ahead(
                    end == Reach.FAR ? OptionalInt.empty() : OptionalInt.of(end), explored.isComplete(), marks);
        }

        private Optional<Mark> mark(Event event, BitSet back, int[] toWrong) {
            if (!retraced.isPossible(event)) {
                return Optional.empty();
            }
            retraced.packAfter(event);
            boolean wrong = retraced.wentWrong();
            int to = explored.find(retraced.words(), retraced.length());
            if (to < 0 || to >= explored.lookedAt() || !explored.isRunning(to)) {
                return Optional.of(new Mark(false, OptionalInt.of(0))).filter(m -> wrong);
            }
            boolean nearer = toWrong[to] != Reach.FAR && toWrong[to] < toWrong[here];
            OptionalInt after = nearer ? OptionalInt.of(toWrong[to] + 1) : OptionalInt.empty();
            var mark = new Mark(!back.get(to), wrong ? OptionalInt.of(0) : after);
            return Optional.of(mark).filter(m -> !m.saysNothing());
        }
    }
}

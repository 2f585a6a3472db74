package bivouac.compare;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where two versions of a design part: the same events, one after the other, and then something else in each.
 *
 * @param trail the events that both let happen, as lines of a walkthrough, the one that parts them as the last
 * @param before what the older version shows then; empty where the last event cannot happen in it
 * @param now what the newer version shows then; empty where the last event cannot happen in it
 * @param noLonger what the older version asks there, and the newer does not
 * @param also other events that lead to the very same in place of the last: the command, the close box, the session
 */
public record Parting(
        List<String> trail,
        Optional<List<String>> before,
        Optional<List<String>> now,
        List<String> noLonger,
        List<String> also) {

    public Parting {
        trail = List.copyOf(trail);
        also = List.copyOf(also);
        before = before.map(List::copyOf);
        now = now.map(List::copyOf);
        noLonger = List.copyOf(noLonger);
    }

    Parting(List<String> trail, Optional<List<String>> before, Optional<List<String>> now, List<String> noLonger) {
        this(trail, before, now, noLonger, List.of());
    }

    /** Whether it is the same difference, after the same events but the last. */
    boolean isLike(Parting other) {
        return !trail.isEmpty()
                && trail.size() == other.trail.size()
                && trail.subList(0, trail.size() - 1).equals(other.trail.subList(0, trail.size() - 1))
                && noLonger.equals(other.noLonger)
                // what is not asked any more is the difference; what comes of it may be more by one event than by
                // another
                && (!noLonger.isEmpty() || before.equals(other.before) && now.equals(other.now));
    }

    /** The same, which another event leads to as well. */
    Parting alsoBy(String event) {
        return new Parting(
                trail,
                before,
                now,
                noLonger,
                Stream.concat(also.stream(), Stream.of(event)).toList());
    }

    /** What differs, in one sentence. */
    public String sentence() {
        String event = trail.isEmpty() ? "the start" : events();
        if (before.isEmpty()) {
            return "New: " + event + " can be done.";
        }
        if (now.isEmpty()) {
            return "Gone: " + event + " can be done no longer.";
        }
        return noLonger.isEmpty()
                ? "Otherwise: " + event + "."
                : "No longer asked: " + event + (also.isEmpty() ? " does" : " do") + " not ask "
                        + String.join(" and ", noLonger) + " any more.";
    }

    private String events() {
        List<String> all =
                Stream.concat(Stream.of(trail.getLast()), also.stream()).toList();
        return all.size() == 1
                ? all.getFirst()
                : String.join(", ", all.subList(0, all.size() - 1)) + " and " + all.getLast();
    }
}

package bivouac.compare;

import java.util.List;
import java.util.Optional;

/**
 * Where two versions of a design part: the same events, one after the other, and then something else in each.
 *
 * @param trail the events that both let happen, as lines of a walkthrough, the one that parts them as the last
 * @param before what the older version shows then; empty where the last event cannot happen in it
 * @param now what the newer version shows then; empty where the last event cannot happen in it
 * @param noLonger what the older version asks there, and the newer does not
 */
public record Parting(
        List<String> trail, Optional<List<String>> before, Optional<List<String>> now, List<String> noLonger) {

    public Parting {
        trail = List.copyOf(trail);
        before = before.map(List::copyOf);
        now = now.map(List::copyOf);
        noLonger = List.copyOf(noLonger);
    }

    /** What differs, in one sentence. */
    public String sentence() {
        String event = trail.isEmpty() ? "the start" : trail.getLast();
        if (before.isEmpty()) {
            return "New: " + event + " can be done.";
        }
        if (now.isEmpty()) {
            return "Gone: " + event + " can be done no longer.";
        }
        return noLonger.isEmpty()
                ? "Otherwise: " + event + "."
                : "No longer asked: " + event + " does not ask " + String.join(" and ", noLonger) + " any more.";
    }
}

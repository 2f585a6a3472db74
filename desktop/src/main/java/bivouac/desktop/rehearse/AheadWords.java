package bivouac.desktop.rehearse;

import bivouac.explore.Ahead;
import bivouac.machine.Event;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is known of all situations, as the Rehearsal screen says it beside what can happen now. */
final class AheadWords {

    private AheadWords() {}

    /** How far the end is; empty where nothing is known of it. */
    static String end(Optional<Ahead> ahead) {
        return ahead.map(a -> {
                    if (a.toEnd().isEmpty()) {
                        return a.isSure() ? "Nothing leads to the end from here." : "";
                    }
                    int events = a.toEnd().getAsInt();
                    String far = events == 1 ? "1 event" : events + " events";
                    return events == 0 ? "" : "The end is " + far + (a.isSure() ? " away." : " away at the most.");
                })
                .orElse("");
    }

    /** What is said of an event: that there is no way back, that something goes wrong on this way. */
    static List<String> of(Optional<Ahead> ahead, Event event) {
        var words = new ArrayList<String>();
        ahead.map(a -> a.marks().get(event)).ifPresent(mark -> {
            if (mark.toWrong().isPresent()) {
                int far = mark.toWrong().getAsInt();
                words.add(
                        switch (far) {
                            case 0 -> "a fault";
                            case 1 -> "a fault can come next";
                            case 2 -> "to a fault, 1 event on";
                            default -> "to a fault, " + (far - 1) + " events on";
                        });
            }
            if (mark.isNoWayBack()) {
                words.add("no way back");
            }
        });
        return List.copyOf(words);
    }
}

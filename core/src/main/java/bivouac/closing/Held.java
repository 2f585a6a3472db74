package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.Step;
import bivouac.design.Steps;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What each window may hold when it closes: what its scripts take and the application does not own (H1, H2). */
final class Held {

    private final Map<String, Set<OnTheWay>> byWindow = new HashMap<>();

    Held(Design design) {
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.TakeHolding take) {
                        boolean ofWindow = design.application()
                                .holding(take.holding())
                                .filter(h -> !h.ofApplication())
                                .map(Holding::name)
                                .isPresent();
                        place.ofWindow().filter(w -> ofWindow).ifPresent(w -> byWindow.computeIfAbsent(
                                        w, k -> new LinkedHashSet<>())
                                .add(new OnTheWay.GivesBack(take.holding())));
                    }
                }));
    }

    /** Given back when it closes, the last taken first. */
    List<OnTheWay> by(String window) {
        return List.copyOf(byWindow.getOrDefault(window, Set.of())).reversed();
    }
}

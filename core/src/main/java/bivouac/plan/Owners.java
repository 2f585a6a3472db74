package bivouac.plan;

import bivouac.design.Design;
import bivouac.design.Manner;
import bivouac.design.Target;
import bivouac.design.WaysIn;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Which windows can own a window, and which can open it (O5, O8): decided here once, for the names in expressions
 * ({@code owner.…}, {@code opener.…}), for targets of steps, and for what a state has to tell apart.
 */
final class Owners {

    private final Map<String, Integer> numbers = new HashMap<>();
    private final List<Set<Integer>> owners = new ArrayList<>();
    private final List<Set<Integer>> openers = new ArrayList<>();
    private final List<WindowPlan> windows;
    /** The windows that a script keeps under a name, by the window whose script it is and the name (O9). */
    private final Map<String, Set<Integer>> kept = new HashMap<>();

    Owners(Design design, List<WindowPlan> windows) {
        this.windows = windows;
        for (WindowPlan plan : windows) {
            numbers.putIfAbsent(plan.window().name().shown(), plan.number);
            owners.add(new TreeSet<>());
            openers.add(new TreeSet<>());
        }
        List<WaysIn.WayIn> ways = WaysIn.of(design);
        for (WaysIn.WayIn way : ways) {
            Optional<Integer> opened = number(way.open().window());
            Optional<Integer> by = way.place().ofWindow().flatMap(this::number);
            opened.ifPresent(o -> {
                by.ifPresent(openers.get(o)::add);
                way.open().as().ifPresent(name -> kept(way, name).add(o));
            });
        }
        follow(ways);
    }

    /** Owners of owners, and those that a window in place of another one takes over, are followed until none is new. */
    private void follow(List<WaysIn.WayIn> ways) {
        Map<Integer, List<WaysIn.WayIn>> by = new HashMap<>();
        for (WaysIn.WayIn way : ways) {
            way.place().ofWindow().flatMap(this::number).ifPresent(w -> by.computeIfAbsent(w, k -> new ArrayList<>())
                    .add(way));
        }
        var waiting = new ArrayDeque<>(ways);
        while (!waiting.isEmpty()) {
            WaysIn.WayIn way = waiting.poll();
            if (follow(way)) {
                number(way.open().window()).ifPresent(o -> waiting.addAll(by.getOrDefault(o, List.of())));
            }
        }
    }

    private Optional<Integer> number(String window) {
        return Optional.ofNullable(numbers.get(window));
    }

    private Set<Integer> kept(WaysIn.WayIn way, String name) {
        return kept.computeIfAbsent(way.place().ofWindow().orElse("") + "\n" + name, k -> new TreeSet<>());
    }

    private boolean follow(WaysIn.WayIn way) {
        Optional<Integer> opened = number(way.open().window());
        if (opened.isEmpty() || !windows.get(opened.get()).canBeOwned()) {
            return false;
        }
        return owners.get(opened.get()).addAll(candidates(way));
    }

    private Set<Integer> candidates(WaysIn.WayIn way) {
        Optional<Integer> by = way.place().ofWindow().flatMap(this::number);
        if (way.open().manner() instanceof Manner.InPlace) {
            return by.map(owners::get).orElseGet(TreeSet::new);
        }
        return way.open().ownedBy().map(target -> of(target, by, way)).orElseGet(() -> by.map(Owners::only)
                .orElseGet(TreeSet::new));
    }

    private Set<Integer> of(Target target, Optional<Integer> by, WaysIn.WayIn way) {
        return switch (target) {
            case Target.Me m -> by.map(Owners::only).orElseGet(TreeSet::new);
            case Target.Owner o -> by.map(owners::get).orElseGet(TreeSet::new);
            case Target.Opener o -> by.map(openers::get).orElseGet(TreeSet::new);
            case Target.Single(String name) -> number(name).map(Owners::only).orElseGet(TreeSet::new);
            case Target.Keyed(String name, var key) ->
                number(name).map(Owners::only).orElseGet(TreeSet::new);
            case Target.Every(String name) -> new TreeSet<>();
            case Target.Kept(String name) -> kept(way, name);
        };
    }

    private static Set<Integer> only(int window) {
        return Set.of(window);
    }

    /** The windows that can own a window, in the order of the design. */
    List<WindowPlan> owners(WindowPlan plan) {
        return owners.get(plan.number).stream().map(windows::get).toList();
    }

    /** The windows whose scripts open a window, in the order of the design. */
    List<WindowPlan> openers(WindowPlan plan) {
        return openers.get(plan.number).stream().map(windows::get).toList();
    }
}

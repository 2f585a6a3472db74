package bivouac.plan;

import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.Each;
import bivouac.design.Manner;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Target;
import bivouac.design.WaysIn;
import bivouac.design.WorkBreaking;
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
    private final Design design;
    /** The windows that a script keeps under a name, by the window whose script it is and the name (O9). */
    private final Map<String, Set<Integer>> kept = new HashMap<>();
    /** The windows that do a script of the application, by its shown name: it opens what it opens for them (W7). */
    private final Map<String, Set<Integer>> doing = new HashMap<>();

    Owners(Design design, List<WindowPlan> windows) {
        this.windows = windows;
        this.design = design;
        for (WindowPlan plan : windows) {
            numbers.putIfAbsent(plan.window().name().shown(), plan.number);
            owners.add(new TreeSet<>());
            openers.add(new TreeSet<>());
        }
        findDoing(design);
        List<WaysIn.WayIn> ways = WaysIn.of(design);
        for (WaysIn.WayIn way : ways) {
            Optional<Integer> opened = number(way.open().window());
            opened.ifPresent(o -> {
                openers.get(o).addAll(by(way.place()));
                way.open().as().ifPresent(name -> kept(way, name).add(o));
            });
        }
        follow(ways);
    }

    /** Who does which script of the application, by whatever way round. */
    private void findDoing(Design design) {
        boolean forAll = WorkBreaking.answer(design).isPresent();
        boolean more = true;
        while (more) {
            boolean[] found = {false};
            design.scripts()
                    .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                        if (step instanceof Step.Do done && isOfApplication(design, place, done)) {
                            found[0] |= does(done.script(), place);
                        }
                        if (forAll && step instanceof Step.RunTask run && WorkBreaking.isLeft(design, run)) {
                            found[0] |= does(WorkBreaking.ANSWER, place);
                        }
                    }));
            more = found[0];
        }
    }

    /** Whether that was not known yet. */
    private boolean does(String script, ScriptPlace place) {
        return doing.computeIfAbsent(script, k -> new TreeSet<>()).addAll(by(place));
    }

    private static boolean isOfApplication(Design design, ScriptPlace place, Step.Do done) {
        return Done.place(design, place, done).filter(p -> p.window().isEmpty()).isPresent();
    }

    /** The windows for which a script runs: its own, or those that do it (W7). */
    private Set<Integer> by(ScriptPlace place) {
        if (place instanceof ScriptPlace.Named(var window, String name) && window.isEmpty()) {
            return doing.getOrDefault(name, Set.of());
        }
        return place.ofWindow().flatMap(this::number).map(Owners::only).orElse(Set.of());
    }

    /** Owners of owners, and those that a window in place of another one takes over, are followed until none is new. */
    private void follow(List<WaysIn.WayIn> ways) {
        Map<Integer, List<WaysIn.WayIn>> by = new HashMap<>();
        for (WaysIn.WayIn way : ways) {
            by(way.place())
                    .forEach(w -> by.computeIfAbsent(w, k -> new ArrayList<>()).add(way));
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
        Optional<Integer> row =
                name.equals(Each.ROW) ? Each.windowAt(design, way.place()).flatMap(this::number) : Optional.empty();
        if (row.isPresent()) {
            return only(row.get());
        }
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
        Set<Integer> by = by(way.place());
        if (way.open().manner() instanceof Manner.InPlace) {
            return all(by, owners);
        }
        return way.open().ownedBy().map(target -> of(target, by, way)).orElse(by);
    }

    private Set<Integer> of(Target target, Set<Integer> by, WaysIn.WayIn way) {
        return switch (target) {
            case Target.Me m -> by;
            case Target.Owner o -> all(by, owners);
            case Target.Opener o -> all(by, openers);
            case Target.Single(String name) -> number(name).map(Owners::only).orElse(Set.of());
            case Target.Keyed(String name, var key) ->
                number(name).map(Owners::only).orElse(Set.of());
            case Target.Every(String name) -> Set.of();
            case Target.Kept(String name) -> kept(way, name);
        };
    }

    private static Set<Integer> all(Set<Integer> windows, List<Set<Integer>> of) {
        var all = new TreeSet<Integer>();
        windows.forEach(w -> all.addAll(of.get(w)));
        return all;
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

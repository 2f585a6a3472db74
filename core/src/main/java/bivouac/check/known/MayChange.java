package bivouac.check.known;

import bivouac.check.known.Facts.Values;
import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** Which values a step of one script may change: itself, by the named scripts that it does, and while it waits by others. */
public final class MayChange {

    private final Design design;
    private final ScriptPlace place;
    private final Elsewhere elsewhere;

    public MayChange(Design design, ScriptPlace place, Elsewhere elsewhere) {
        this.design = design;
        this.place = place;
        this.elsewhere = elsewhere;
    }

    /** What a step may change before anything inside it is done. */
    public Predicate<String> before(Step step) {
        Set<String> own = own(step);
        boolean waits = waits(step) || step instanceof Step.Do call && waits(call, new HashSet<>());
        return value -> own.contains(value) || waits && changesMeanwhile(value);
    }

    /** What a script may change as a whole: it is done again and again, or by another that does it. */
    public Predicate<String> in(Script script) {
        var own = new HashSet<String>();
        Steps.walk(script, (path, step) -> own.addAll(own(step)));
        boolean waits = Steps.any(script, this::waits);
        return value -> own.contains(value) || waits && changesMeanwhile(value);
    }

    /** What is not its own anybody can change while it waits; its own only by who names it. */
    private boolean changesMeanwhile(String value) {
        return switch (Values.whose(value)) {
            case "app", "me" -> isSetByOthers(value);
            case "takes", "result", "" -> value.equals("isOpen");
            default -> true;
        };
    }

    private Set<String> own(Step step) {
        return own(step, new HashSet<>());
    }

    private Set<String> own(Step step, Set<String> around) {
        return switch (step) {
            case Step.SetValue set -> Set.of(Values.of(set.path()));
            case Step.SetIn set -> Set.of("me." + Values.member(Values.of("me." + set.member())));
            case Step.AddRow add -> Set.of(Values.of(add.list()));
            case Step.ChangeRow change -> Set.of(Values.of(change.list()));
            case Step.RemoveRow remove -> Set.of(Values.of(remove.list()));
            case Step.Do call -> done(call, around);
            case Step.KeptValues kept -> kept.how() == Step.KeptValues.How.LOAD ? keptValues() : Set.of();
            case Step.Open open -> Set.of("isOpen");
            case Step.Close close -> Set.of("isOpen");
            case Step.RunTask r -> Set.of();
            case Step.TakeHolding t -> Set.of();
            case Step.GiveBack g -> Set.of();
            case Step.If i -> Set.of();
            case Step.Repeat r -> Set.of();
            case Step.EndApplication e -> Set.of();
            case Step.Off o -> Set.of();
            case Step.Plain p -> Set.of();
        };
    }

    private Set<String> keptValues() {
        var all = new HashSet<String>();
        design.application().variables().stream()
                .filter(v -> v.kept())
                .forEach(v -> all.add("app." + v.name().expression()));
        return all;
    }

    /** W7: as if its steps stood there. */
    private Set<String> done(Step.Do call, Set<String> around) {
        var all = new HashSet<String>();
        if (around.add(call.script())) {
            Done.script(design, place, call)
                    .ifPresent(s -> Steps.walk(s.script(), (path, step) -> all.addAll(own(step, around))));
        }
        return all;
    }

    /** Whether a named script waits, itself or by another that it does. */
    private boolean waits(Step.Do call, Set<String> around) {
        return around.add(call.script())
                && Done.script(design, place, call)
                        .filter(s -> Steps.any(
                                s.script(),
                                step -> waits(step) || step instanceof Step.Do inner && waits(inner, around)))
                        .isPresent();
    }

    private boolean waits(Step step) {
        return switch (step) {
            case Step.Open open -> !design.goesOnBeside(open);
            case Step.RunTask run -> !run.background();
            case Step.Close c -> true;
            case Step.EndApplication e -> true;
            case Step.RemoveRow r -> !r.unasked();
            case Step.TakeHolding t -> true;
            case Step.GiveBack g -> true;
            case Step.Do d -> d.in().isPresent();
            case Step.If i -> false;
            case Step.Repeat r -> false;
            case Step.Off o -> false;
            case Step.Plain p -> false;
        };
    }

    private boolean isOneOfMany() {
        return place.ofWindow()
                .flatMap(design::faced)
                .filter(f -> !(f.instancesOrUsual() instanceof Instances.Single))
                .isPresent();
    }

    /** Whether a value of its own, or of the application, is set by anybody else while this script waits. */
    private boolean isSetByOthers(String value) {
        return Values.whose(value).equals("app")
                ? elsewhere.application().getOrDefault(value, Set.of()).stream()
                        .anyMatch(p -> !p.equals(place) || isOneOfMany())
                : elsewhere.reached().contains(value)
                        || elsewhere
                                .later()
                                .getOrDefault(place.ofWindow().orElse(""), Set.of())
                                .contains(value);
    }

    /**
     * Who sets what in a design, read once for all its scripts.
     *
     * @param application the scripts that set each of the application's values
     * @param reached members of windows that other windows set, as {@code me.NAME}
     * @param later by window, its members that its own scripts set while another of them waits: timers, what is brought back,
     *     and what stands behind something that goes on
     */
    public record Elsewhere(
            Map<String, Set<ScriptPlace>> application, Set<String> reached, Map<String, Set<String>> later) {

        public static Elsewhere in(Design design) {
            var all = new Elsewhere(new HashMap<>(), new HashSet<>(), new HashMap<>());
            design.scripts().forEach((of, script) -> all.read(design, of, script));
            return all;
        }

        private void read(Design design, ScriptPlace of, Script script) {
            var one = new MayChange(design, of, this);
            // a window whose script waits is blocked (B5): of its own scripts only these run meanwhile
            boolean runs = of instanceof ScriptPlace.OfTimer
                    || of.isAt(FacedWindow.Moment.BROUGHT_BACK)
                    || one.isLater(script);
            Steps.walk(script, (path, step) -> {
                if (step instanceof Step.Do) {
                    return; // what a named script does is met where that stands
                }
                one.own(step).forEach(value -> {
                    switch (Values.whose(value)) {
                        case "app" ->
                            application
                                    .computeIfAbsent(value, v -> new HashSet<>())
                                    .add(of);
                        case "me" -> {
                            if (step instanceof Step.SetIn) {
                                reached.add(value);
                            } else if (runs) {
                                later.computeIfAbsent(of.ofWindow().orElse(""), w -> new HashSet<>())
                                        .add(value);
                            }
                        }
                        case "" -> {
                            // which windows are open changes with every wait
                        }
                        // the owner's, the opener's, another window's: it may be this one
                        default -> reached.add("me." + Values.member(value));
                    }
                });
            });
        }
    }

    /** Whether something in a script is done after it went on: behind what goes on in the background, or alongside. */
    private boolean isLater(Script script) {
        return Steps.any(
                script,
                s -> s instanceof Step.RunTask run && run.background()
                        || s instanceof Step.Open open
                                && design.goesOnBeside(open)
                                && !open.branches().isEmpty());
    }
}

package bivouac.closing;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.WaysOut;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Finds the scripts that close a window, end the application or remove rows, and what they do on the way there. */
public final class Triggers {

    private final Design design;
    private final Map<Goal, List<Trigger>> found = new LinkedHashMap<>();

    /** What a script can come to that cannot be taken back. */
    public sealed interface Goal {

        /** A window closes, by its shown name. */
        record Closing(String window) implements Goal {}

        /** The application ends. */
        record Ending() implements Goal {}

        /** A row of a list is removed; the window by its shown name, the list by its expression name. */
        record Removing(String window, String list) implements Goal {}
    }

    public Triggers(Design design) {
        this.design = design;
        design.scripts().forEach((place, script) -> {
            boolean isDone = place instanceof ScriptPlace.Named;
            boolean isAsked = place.isAt(FacedWindow.Moment.BEFORE_CLOSING)
                    || place.isAt(FacedWindow.Moment.AFTER_CLOSING)
                    || place instanceof ScriptPlace.Plan;
            if (!isDone && !isAsked && !script.isEmpty()) {
                var walk = new Walk(place);
                walk.steps(script.steps(), Optional.empty(), 0, List.of());
                walk.closing.forEach((window, way) ->
                        found.computeIfAbsent(window, w -> new ArrayList<>()).add(way.trigger(place)));
            }
        });
    }

    /** The scripts that come to something, in the order of the design. */
    public List<Trigger> to(Goal goal) {
        return found.getOrDefault(goal, List.of());
    }

    /** What leads to one goal in one script. */
    private static final class Way {
        private final List<StepPath> closes = new ArrayList<>();
        private final Set<String> endings = new LinkedHashSet<>();
        private final Set<OnTheWay> before = new LinkedHashSet<>();

        Trigger trigger(ScriptPlace place) {
            return new Trigger(place, closes, List.copyOf(endings), List.copyOf(before));
        }
    }

    /** One walk through a script, with the named ones that it does. */
    private final class Walk {
        private final ScriptPlace place;
        private final Map<Goal, Way> closing = new LinkedHashMap<>();
        private final Doing doing;
        /** Which scripts are known to lead to the end, or not to, by the named ones being done. */
        private final Map<Set<String>, Map<Script, Boolean>> known;
        /** The step of the script itself, while a named script that it does is looked through. */
        private Optional<StepPath> done = Optional.empty();

        Walk(ScriptPlace place) {
            this(place, new Doing(design, place), new HashMap<>());
        }

        private Walk(ScriptPlace place, Doing doing, Map<Set<String>, Map<Script, Boolean>> known) {
            this.place = place;
            this.doing = doing;
            this.known = known;
        }

        /** Answers what has happened when these steps are over. */
        List<OnTheWay> steps(List<Step> steps, Optional<StepPath> outer, int inner, List<OnTheWay> before) {
            List<OnTheWay> now = before;
            for (int i = 0; i < steps.size(); i++) {
                StepPath path = StepPath.in(outer, inner, i);
                now = step(steps.get(i), path, now);
            }
            return now;
        }

        private List<OnTheWay> step(Step step, StepPath path, List<OnTheWay> before) {
            return switch (step) {
                case Step.Off off -> before;
                case Step.Close close -> {
                    window(close)
                            .ifPresent(w -> add(
                                    new Goal.Closing(w.name().shown()),
                                    path,
                                    close.ending().or(() -> Optional.of(WaysOut.usualEnding(w))),
                                    before));
                    yield before;
                }
                case Step.EndApplication end -> {
                    add(new Goal.Ending(), path, Optional.empty(), before);
                    yield before;
                }
                case Step.RemoveRow(String list, boolean unasked)
                when list.startsWith("me.") && place.ofWindow().isPresent() -> {
                    add(new Goal.Removing(place.ofWindow().get(), list.substring(3)), path, Optional.empty(), before);
                    yield before;
                }
                case Step.Do call when call.in().isEmpty() -> done(call, path, before);
                case Step.KeptValues k -> with(before, new OnTheWay.Saves());
                case Step.If choice -> choice(choice, path, before);
                case Step.Repeat _, Step.Plain _, Step.Branching _ -> inside(step, path, own(step, before));
            };
        }

        private Optional<FacedWindow> window(Step.Close close) {
            return close.target().windowFrom(place).flatMap(design::faced);
        }

        private void add(Goal goal, StepPath path, Optional<String> ending, List<OnTheWay> before) {
            Way way = closing.computeIfAbsent(goal, g -> new Way());
            way.closes.add(done.orElse(path));
            ending.ifPresent(way.endings::add);
            way.before.addAll(before);
        }

        private List<OnTheWay> own(Step step, List<OnTheWay> before) {
            if (step instanceof Step.RunTask run && !run.background()) {
                return with(before, new OnTheWay.Runs(run.task()));
            }
            return Questions.asked(design, step)
                    .map(w -> with(before, new OnTheWay.Asks(w.name().shown())))
                    .orElse(before);
        }

        /** Whatever branch was taken, what follows may have it behind it. */
        private List<OnTheWay> inside(Step step, StepPath path, List<OnTheWay> before) {
            var after = new LinkedHashSet<>(before);
            for (int i = 0; i < step.inner().size(); i++) {
                after.addAll(steps(step.inner().get(i).script().steps(), Optional.of(path), i, before));
            }
            return List.copyOf(after);
        }

        /** A condition is a check where one of its sides leads to the end and another does not. */
        private List<OnTheWay> choice(Step.If choice, StepPath path, List<OnTheWay> before) {
            var after = new LinkedHashSet<>(before);
            for (int i = 0; i < choice.inner().size(); i++) {
                Script script = choice.inner().get(i).script();
                List<OnTheWay> entered = closesIn(script) && !alsoActs(script) ? checked(choice, i, before) : before;
                after.addAll(steps(script.steps(), Optional.of(path), i, entered));
            }
            return List.copyOf(after);
        }

        /** What is checked belongs to what is done there beside leaving, and need not hold where nothing is done. */
        private static boolean alsoActs(Script script) {
            return Steps.any(
                    script,
                    s -> s instanceof Step.SetValue set && !set.path().startsWith("me.")
                            || s instanceof Step.SetIn
                            || s instanceof Step.OfRows);
        }

        /** With the conditions that had to hold, or not to hold, for coming here, where another side stops. */
        private List<OnTheWay> checked(Step.If choice, int here, List<OnTheWay> before) {
            List<OnTheWay> all = before;
            for (int i = 0; i < Math.min(here, choice.cases().size()); i++) {
                if (!closesIn(choice.cases().get(i).script())) {
                    all = with(all, new OnTheWay.Checks(condition(choice, i)));
                }
            }
            boolean ownDecides = here < choice.cases().size()
                    && (choice.otherwise().isEmpty()
                            || !closesIn(choice.otherwise().get()));
            return ownDecides ? with(all, new OnTheWay.Checks(condition(choice, here))) : all;
        }

        private static String condition(Step.If choice, int number) {
            return choice.cases().get(number).condition().source();
        }

        /** Looked up once for each script: asked at every condition, it would be looked at again at every depth. */
        private boolean closesIn(Script script) {
            Map<Script, Boolean> here = known.computeIfAbsent(doing.around(), a -> new IdentityHashMap<>());
            if (!here.containsKey(script)) {
                var probe = new Walk(place, doing, known);
                probe.steps(script.steps(), Optional.empty(), 0, List.of());
                here.put(script, probe.closing.keySet().stream().anyMatch(g -> !(g instanceof Goal.Removing)));
            }
            return here.get(script);
        }

        /** W7: as if its steps stood there. */
        private List<OnTheWay> done(Step.Do call, StepPath path, List<OnTheWay> before) {
            Optional<StepPath> outside = done;
            done = Optional.of(done.orElse(path));
            List<OnTheWay> after =
                    doing.into(call, named -> steps(named.script().steps(), Optional.empty(), 0, before), before);
            done = outside;
            return inside(call, path, after);
        }
    }

    private static List<OnTheWay> with(List<OnTheWay> before, OnTheWay thing) {
        var all = new LinkedHashSet<>(before);
        all.add(thing);
        return List.copyOf(all);
    }
}

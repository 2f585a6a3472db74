package bivouac.check.ending;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Holdings taken twice, given back twice or while they are not held (X4): told by following each script, where what it
 * begins with is not known, and what every way through it comes to is.
 */
public final class HoldingFindings {

    private final List<Finding> found;
    private final Design design;

    private HoldingFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design) {
        if (design.application().holdings().isEmpty()) {
            return;
        }
        var findings = new HoldingFindings(found, design);
        design.scripts().forEach((place, script) -> {
            new Following(findings, place).all(script.steps(), Optional.empty(), 0, new HashMap<>());
        });
        design.application().holdings().forEach(findings::holding);
    }

    /** What can be known of a holding at a step: either, or both. */
    private enum Known {
        HELD,
        FREE
    }

    /** One script, followed from its beginning. */
    private static final class Following {
        private final HoldingFindings to;
        private final ScriptPlace place;

        Following(HoldingFindings to, ScriptPlace place) {
            this.to = to;
            this.place = place;
        }

        /** @param now by holding what it can be; one that is not there can be either */
        void all(List<Step> steps, Optional<StepPath> outer, int inner, Map<String, Set<Known>> now) {
            for (int i = 0; i < steps.size(); i++) {
                step(steps.get(i), StepPath.in(outer, inner, i), now);
            }
        }

        private void step(Step step, StepPath path, Map<String, Set<Known>> now) {
            switch (step) {
                case Step.Off off -> {
                    // it does nothing
                }
                case Step.TakeHolding take -> {
                    if (is(now, take.holding(), Known.HELD)) {
                        to.twice(place, path, take.holding(), true);
                    }
                    inside(step, path, Map.of(take.holding(), Known.FREE), now);
                    now.put(
                            take.holding(),
                            take.branches().isEmpty() ? EnumSet.of(Known.HELD) : EnumSet.allOf(Known.class));
                }
                case Step.GiveBack back -> {
                    if (is(now, back.holding(), Known.FREE)) {
                        to.twice(place, path, back.holding(), false);
                    }
                    inside(step, path, Map.of(back.holding(), Known.FREE), now);
                    now.put(back.holding(), EnumSet.of(Known.FREE));
                }
                // what happens meanwhile, or in another script, is not known here
                case Step.Do call -> now.clear();
                case Step.Close c -> now.clear();
                case Step.If _, Step.EndApplication _, Step.Repeat _, Step.Plain _, Step.Branching _ ->
                    inside(step, path, Map.of(), now);
            }
        }

        private static boolean is(Map<String, Set<Known>> now, String holding, Known known) {
            return Set.of(known).equals(now.get(holding));
        }

        /** Whichever script inside was gone through, what follows knows only what all come to. */
        private void inside(Step step, StepPath path, Map<String, Known> begins, Map<String, Set<Known>> now) {
            var after = new ArrayList<Map<String, Set<Known>>>();
            for (int i = 0; i < step.inner().size(); i++) {
                var there = new HashMap<>(now);
                begins.forEach((holding, known) -> there.put(holding, EnumSet.of(known)));
                all(step.inner().get(i).script().steps(), Optional.of(path), i, there);
                after.add(there);
            }
            boolean oneIsGone =
                    step instanceof Step.If choice && choice.otherwise().isPresent();
            if (oneIsGone) {
                now.clear();
                now.putAll(after.getFirst());
            }
            for (Map<String, Set<Known>> one : after) {
                now.keySet().removeIf(holding -> !now.get(holding).equals(one.get(holding)));
            }
        }
    }

    private void twice(ScriptPlace place, StepPath path, String holding, boolean takes) {
        found.add(new Finding(
                Weight.WRONG,
                Kind.HOLDING,
                Place.step(place, path).words(design) + ": " + holding
                        + (takes ? " is taken while it is held already." : " is given back while it is not held."),
                "That is fault X4, and the script ends there; " + (takes ? "take" : "give back") + " it once.",
                Place.step(place, path),
                List.of(new StepRepair.RemoveStep(place, path))));
    }

    private void holding(Holding holding) {
        String name = holding.name().shown();
        var taken = new ArrayList<Map.Entry<ScriptPlace, StepPath>>();
        boolean[] given = new boolean[1];
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.TakeHolding t && t.holding().equals(name)) {
                        taken.add(Map.entry(place, path));
                    }
                    given[0] |= step instanceof Step.GiveBack g && g.holding().equals(name);
                }));
        if (taken.isEmpty()) {
            found.add(new Finding(
                    Weight.HINT,
                    Kind.UNUSED,
                    "Nothing takes the holding “" + name + "”.",
                    "It is never held, and never given back (H1); take it where it is needed, or remove it.",
                    Place.APPLICATION,
                    List.of(new RemovalRepair.RemoveHolding(name))));
        } else if (!given[0]) {
            taken.stream()
                    .filter(t -> canComeAgain(t.getKey(), t.getValue(), holding))
                    .findFirst()
                    .ifPresent(t -> again(t.getKey(), t.getValue(), name));
        }
    }

    private void again(ScriptPlace place, StepPath path, String holding) {
        found.add(new Finding(
                Weight.RISKY,
                Kind.HOLDING,
                Place.step(place, path).words(design) + ": done a second time, it takes " + holding
                        + " while it is held already.",
                "Nothing gives it back before (X4); give it back, or take it where it can happen only once.",
                Place.step(place, path),
                List.of(new StepRepair.Write(
                        place,
                        StepPath.of(place.in(design).steps().size()),
                        new Step.GiveBack(holding, List.of()),
                        "Give it back at the end",
                        holding + " is given back when the script is done."))));
    }

    /** Whether a script can run again before what it took is given back by itself, with nothing that asks first. */
    private boolean canComeAgain(ScriptPlace place, StepPath path, Holding holding) {
        boolean asked = path.depth() > 0;
        return switch (place) {
            case ScriptPlace.AtPart at ->
                !asked
                        && !closesItself(place.in(design))
                        && design.faced(at.window())
                                .flatMap(f -> f.part(at.part()))
                                .map(Part::traits)
                                .filter(t -> t.enabled() instanceof Setting.Follows)
                                .isEmpty();
            case ScriptPlace.AtMoment m ->
                !asked
                        && (m.moment() == FacedWindow.Moment.BROUGHT_BACK
                                || m.moment() == FacedWindow.Moment.OPENED && holding.ofApplication());
            default -> false;
        };
    }

    private static boolean closesItself(Script script) {
        return script.steps().stream().anyMatch(s -> s instanceof Step.Close || s instanceof Step.EndApplication);
    }
}

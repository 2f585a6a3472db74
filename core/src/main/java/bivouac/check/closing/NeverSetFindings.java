package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.NamedValue;
import bivouac.check.known.Place;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Variable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A question before closing that is never asked: what it asks about is never so. */
public final class NeverSetFindings {

    private final List<Finding> found;
    private final Design design;
    private final String window;
    private final ScriptPlace beforeClosing;

    private NeverSetFindings(List<Finding> found, Design design, String window) {
        this.found = found;
        this.design = design;
        this.window = window;
        this.beforeClosing = new ScriptPlace.AtMoment(window, FacedWindow.Moment.BEFORE_CLOSING);
    }

    public static void into(List<Finding> found, Design design) {
        for (var w : design.windows()) {
            if (w instanceof FacedWindow face) {
                var findings = new NeverSetFindings(found, design, face.name().shown());
                Steps.walk(findings.beforeClosing.in(design), findings::step);
            }
        }
    }

    private void step(StepPath path, Step step) {
        if (step instanceof Step.If choice) {
            String asked = choice.cases().getFirst().condition().source().strip();
            if (startsAsNo(asked) && isNeverYes(asked)) {
                found.add(finding(path, asked));
            }
        }
    }

    /** Whether it is a value that says that something is unsaved, and nothing else, and does not say so at first. */
    private boolean startsAsNo(String asked) {
        return NamedValue.in(design, Optional.of(window))
                .filter(v -> v.path().equals(asked))
                .map(NamedValue::variable)
                .filter(Variable::saysUnsaved)
                .findFirst()
                .filter(v -> v.starts().filter(e -> !e.isNo()).isEmpty())
                .isPresent();
    }

    private boolean isNeverYes(String asked) {
        boolean isOwn = asked.startsWith("me.");
        String member = asked.substring(asked.indexOf('.') + 1);
        return design.scripts().values().stream()
                .noneMatch(script -> Steps.any(
                        script,
                        s -> s instanceof Step.SetValue(String to, var value)
                                        && !value.isNo()
                                        && (isOwn ? to.endsWith("." + member) : to.equals(asked))
                                || s instanceof Step.SetIn in && in.member().equals(member)
                                || s instanceof Step.KeptValues));
    }

    private Finding finding(StepPath path, String asked) {
        Place at = Place.step(beforeClosing, path);
        return new Finding(
                Weight.RISKY,
                Kind.UNSAVED_LOST,
                at.words(design) + ": “" + asked + "” is asked, and nothing ever sets it to yes.",
                "So nobody is asked, and what was changed is lost; set it where something changes.",
                at,
                List.of(saysIt(asked).orElseGet(() -> new StepRepair.RemoveStep(beforeClosing, path))));
    }

    /** It can be said where something is changed in the window, the first time. */
    private Optional<Repair> saysIt(String asked) {
        var says = new ArrayList<Repair>();
        design.scripts()
                .forEach((in, script) -> Steps.walk(script, (p, step) -> {
                    if (step instanceof Step.OfRows && in.ofWindow().equals(Optional.of(window))) {
                        says.add(new StepRepair.Write(
                                in,
                                p.next(1),
                                new Step.SetValue(asked, new Expression("true")),
                                "Set it where rows change",
                                "“set " + asked + " ← true” is written behind " + in.words() + ", step "
                                        + p.number(script) + "; write it wherever else something changes."));
                    }
                }));
        return says.stream().findFirst();
    }
}

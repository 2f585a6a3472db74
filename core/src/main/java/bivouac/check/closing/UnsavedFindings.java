package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.ClosingRepair;
import bivouac.closing.Closings;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Sources;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Variable;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Windows that say of themselves that something in them is unsaved, and close without a question: by their close box, and with
 * their owner. A dialog is left by its answers, of which one means that nothing is kept.
 */
public final class UnsavedFindings {

    private UnsavedFindings() {}

    public static void into(List<Finding> found, Design design, Closings closings) {
        for (Closings.Row row : closings.rows()) {
            if (row.window() instanceof FacedWindow face
                    && face.of() != FacedWindow.Kind.DIALOG
                    && !row.before().asks()) {
                face.variables().stream()
                        .filter(Variable::saysUnsaved)
                        .filter(v -> isSet(design, face, v) && !isLookedAt(design, face, v))
                        .forEach(v -> found.add(finding(face, v)));
            }
        }
    }

    /** Whether some script of the window may make it yes. */
    private static boolean isSet(Design design, FacedWindow face, Variable variable) {
        String path = "me." + variable.name().expression();
        return design.scripts().entrySet().stream()
                .filter(e ->
                        e.getKey().ofWindow().equals(Optional.of(face.name().shown())))
                .anyMatch(e -> Steps.any(
                        e.getValue(),
                        step -> step instanceof Step.SetValue(String what, var to)
                                && what.strip().equals(path)
                                && !to.isNo()));
    }

    /** Whether what is done before closing goes by it, or does something named that may. */
    private static boolean isLookedAt(Design design, FacedWindow face, Variable variable) {
        Script before = face.moment(FacedWindow.Moment.BEFORE_CLOSING);
        var read = Pattern.compile("\\b" + Pattern.quote(variable.name().expression()) + "\\b");
        return Steps.any(before, Step.Do.class::isInstance)
                || Sources.of(design, before).stream()
                        .anyMatch(s -> read.matcher(s).find());
    }

    private static Finding finding(FacedWindow face, Variable variable) {
        String window = face.name().shown();
        return new Finding(
                Weight.RISKY,
                Kind.UNSAVED_LOST,
                window + " closes while me." + variable.name().expression() + " is yes, and asks nothing"
                        + (face.owned() ? "; with its owner too." : "."),
                "What it says is not saved is gone then; ask before closing, where every way meets the question (C2).",
                Place.script(new ScriptPlace.AtMoment(window, FacedWindow.Moment.BEFORE_CLOSING)),
                List.of(new ClosingRepair.AskBeforeLosing(
                        Optional.of(window), variable.name().expression())));
    }
}

package bivouac.plan;

import bivouac.design.Design;
import bivouac.design.Name;
import bivouac.design.Promise;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.expression.Compiled;
import bivouac.expression.Problem;
import java.util.ArrayList;
import java.util.List;

/**
 * A promise, compiled.
 *
 * @param conditions those of the promise, in order; none where it cannot be understood
 */
public record PromisePlan(Promise promise, List<Compiled<Reading>> conditions) {

    public PromisePlan {
        conditions = List.copyOf(conditions);
    }

    /**
     * A value of the application that says that something is unsaved, with the condition that nothing is.
     *
     * @param name of the value
     */
    public record Unsaved(Name name, Compiled<Reading> isNone) {}

    /** What says so, and is not promised to be otherwise at the end. */
    static List<Unsaved> unsaved(Design design, Linker linker) {
        var unsaved = new ArrayList<Unsaved>();
        for (Variable variable : design.application().variables()) {
            Promise promised = Promise.nothingUnsaved(variable);
            if (variable.saysUnsaved() && !design.promises().contains(promised)) {
                var spot = new Linker.Spot(new Trouble.Where.InPromise(), promised.sentence());
                unsaved.add(new Unsaved(
                        variable.name(),
                        linker.expression(spot, promised.expressions().getFirst(), Type.Plain.YESNO)));
            }
        }
        return List.copyOf(unsaved);
    }

    static PromisePlan of(Promise promise, Linker linker) {
        var spot = new Linker.Spot(new Trouble.Where.InPromise(), "promise “" + promise.sentence() + "”");
        if (promise instanceof Promise.Unclear(String sentence)) {
            linker.report(
                    spot,
                    sentence,
                    List.of(new Problem("a promise is written " + Promise.FORMS, 0, Math.max(1, sentence.length()))));
        }
        return new PromisePlan(
                promise,
                promise.expressions().stream()
                        .map(e -> linker.expression(spot, e, Type.Plain.YESNO))
                        .toList());
    }

    /** Whether it can be checked: nothing in it is wrong. */
    public boolean isRight() {
        return !(promise instanceof Promise.Unclear) && conditions.stream().allMatch(Compiled::isRight);
    }
}

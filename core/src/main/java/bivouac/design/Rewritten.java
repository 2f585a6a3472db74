package bivouac.design;

import java.util.Optional;
import java.util.function.UnaryOperator;

/** Edits of the expressions that stand at one place of a design, those in the braces of its texts included. */
public final class Rewritten {

    private Rewritten() {}

    /** The expressions of one step; those of the steps inside it stay. */
    public static Design step(Design design, ScriptPlace place, StepPath path, UnaryOperator<String> edit) {
        Script script = place.in(design);
        return path.in(script)
                .map(step -> place.put(design, path.replace(script, new Here(edit).map(design, step))))
                .orElse(design);
    }

    /** The expressions of one part, those of its scripts not. */
    public static Design part(Design design, String window, String part, UnaryOperator<String> edit) {
        Optional<Part> changed = new Here(edit).map(design).faced(window).flatMap(f -> f.part(part));
        return changed.map(p -> design.changingFace(window, f -> f.changingPart(part, p)))
                .orElse(design);
    }

    /** The expressions of a window and of all on it, those of its scripts not. */
    public static Design window(Design design, String window, UnaryOperator<String> edit) {
        return new Here(edit)
                .map(design)
                .window(window)
                .map(changed -> design.changing(window, w -> changed))
                .orElse(design);
    }

    /** The expressions of the application and its promises, those of its scripts not. */
    public static Design application(Design design, UnaryOperator<String> edit) {
        Design changed = new Here(edit).map(design);
        return design.with(changed.application()).promising(changed.promises());
    }

    private static final class Here extends DesignMapper {
        private final UnaryOperator<String> edit;

        Here(UnaryOperator<String> edit) {
            this.edit = edit;
        }

        @Override
        String expression(String source, Optional<Window> scope) {
            return edit.apply(source);
        }

        @Override
        Script script(Script script) {
            return script;
        }
    }
}

package bivouac.handover;

import bivouac.design.Design;
import bivouac.design.ScriptPlace;
import bivouac.handover.javafx.FxProject;
import bivouac.handover.javafx.FxScriptLook;
import bivouac.plan.Program;
import java.util.List;

/** A design as the source of a program for a toolkit. */
public final class Handover {

    private Handover() {}

    /** One script as it will read; where it cannot be written, a remark that says why. */
    public static String script(Program program, ScriptPlace place, Toolkit toolkit) {
        try {
            return switch (toolkit) {
                case JAVAFX -> new FxScriptLook(program).at(place);
            };
        } catch (NotHandedOver e) {
            return "// " + e.getMessage();
        }
    }

    /** All files of the program, in order of their paths; {@link NotHandedOver} where the design does not allow it. */
    public static List<WrittenFile> write(Design design, Toolkit toolkit) {
        return switch (toolkit) {
            case JAVAFX -> new FxProject(Program.of(design)).files();
        };
    }
}

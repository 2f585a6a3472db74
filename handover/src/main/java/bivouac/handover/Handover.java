package bivouac.handover;

import bivouac.design.Design;
import bivouac.design.ScriptPlace;
import bivouac.handover.forms.FormsProject;
import bivouac.handover.forms.FormsScriptLook;
import bivouac.handover.javafx.FxToolkit;
import bivouac.handover.jvm.JvmProject;
import bivouac.handover.jvm.JvmScriptLook;
import bivouac.handover.swing.SwingToolkit;
import bivouac.handover.tk.TkProject;
import bivouac.handover.tk.TkScriptLook;
import bivouac.plan.Program;
import java.util.List;

/** A design as the source of a program for a toolkit. */
public final class Handover {

    private Handover() {}

    /** One script as it will read; where there is nothing to read, a remark that says why. */
    public static String script(Program program, ScriptPlace place, Toolkit toolkit) {
        try {
            String written =
                    switch (toolkit) {
                        case JAVAFX -> new JvmScriptLook(program, new FxToolkit()).at(place);
                        case TK -> new TkScriptLook(program).at(place);
                        case SWING -> new JvmScriptLook(program, new SwingToolkit()).at(place);
                        case FORMS -> new FormsScriptLook(program).at(place);
                    };
            return written.isEmpty() ? toolkit.remark("Nothing happens here.") : written;
        } catch (NotHandedOver e) {
            return toolkit.remark(e.getMessage());
        }
    }

    /** All files of the program, in order of their paths; {@link NotHandedOver} where the design does not allow it. */
    public static List<WrittenFile> write(Design design, Toolkit toolkit) {
        Program program = Program.of(design);
        return switch (toolkit) {
            case JAVAFX -> new JvmProject(program, new FxToolkit()).files();
            case TK -> new TkProject(program).files();
            case SWING -> new JvmProject(program, new SwingToolkit()).files();
            case FORMS -> new FormsProject(program).files();
        };
    }

    /** The folder of a program in which the files of its pictures are. */
    public static String pictures(Design design, Toolkit toolkit) {
        return switch (toolkit) {
            case JAVAFX, SWING -> "src/main/resources";
            case TK -> TkProject.pictures(design);
            case FORMS -> FormsProject.PICTURES;
        };
    }
}

package bivouac.handover;

import bivouac.design.Design;
import bivouac.handover.javafx.FxProject;
import bivouac.plan.Program;
import java.util.List;

/** A design as the source of a program for a toolkit. */
public final class Handover {

    private Handover() {}

    /** All files of the program, in order of their paths; {@link NotHandedOver} where the design does not allow it. */
    public static List<WrittenFile> write(Design design, Toolkit toolkit) {
        return switch (toolkit) {
            case JAVAFX -> new FxProject(Program.of(design)).files();
        };
    }
}
